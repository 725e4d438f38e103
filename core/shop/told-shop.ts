import { airOf, hallIdOf } from '../air/air-facts'
import { surveyPlace } from '../air/survey-place'
import { bayAirOf } from '../clearance/air-gate'
import { readStreamId } from '../command/commands'
import type { CommandOf } from '../command/commands'
import type { Decision } from '../command/decision'
import { isRefused } from '../command/decision'
import type { CylinderState } from '../cylinder/cylinder'
import { evolveCylinder } from '../cylinder/cylinder'
import { decideCylinder } from '../cylinder/decide-cylinder'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { FumeDataSheets } from '../fume/data-sheets'
import { decideSheets, evolveSheets, NO_SHEETS } from '../fume/data-sheets'
import type { HallState } from '../hall/hall-state'
import { decideHall, evolveHall, NO_HALL } from '../hall/hall-state'
import type { Helper, PermitContext } from '../hotwork/decide-permit'
import { decidePermit } from '../hotwork/decide-permit'
import { evolvePermit } from '../hotwork/evolve-permit'
import { nearPermits } from '../hotwork/near-permits'
import type { Permit, PermitCommand, PermitPlan } from '../hotwork/permit'
import { permitDeadlines } from '../hotwork/permit-deadlines'
import { hasEnded } from '../hotwork/permit-end'
import { planPermit, planWithoutPermit } from '../hotwork/permit-plan'
import type { HouseRules } from '../houserules/house-rules'
import { shopDayEndsAtMs, shopDayOf } from '../time/shop-day'
import type { CheckListsState } from '../inspection/check-lists'
import { checkList, decideCheckLists, evolveCheckLists, listsInForce, NO_OWN_LISTS } from '../inspection/check-lists'
import { decideItem } from '../inspection/decide-item'
import type { ItemState } from '../inspection/item'
import { evolveItem } from '../inspection/item'
import { itemFact } from '../inspection/item-fact'
import type { Person } from '../person/person'
import { decidePerson, evolvePerson, NOBODY } from '../person/person'
import type { Place } from '../place/place'
import { decidePlace, evolvePlace } from '../place/place'
import { respiratorOf } from '../respirator/respirators'
import type { Wearer, WearerRecord } from '../respirator/wearer'
import { readyForTheDay, readyUntil } from '../respirator/wearer'
import type { SamplesState } from '../samples/survey'
import { decideSamples, evolveSamples, NO_SAMPLES } from '../samples/survey'
import type { Site } from '../site/site'
import { decideSite, evolveSite, NO_SITE } from '../site/site'
import type { Station } from '../station/station'
import { EMPTY_STATION, evolveStation } from '../station/station'
import type { StationCommand } from '../station/decide-station'
import { decideAtStation } from '../station/decide-station'
import { shownTag } from '../tag'
import type { Instant } from '../time/instant'
import { earlierOf, isAfter, msOf, stands } from '../time/instant'
import type { CompetenceId } from '../ids/vocabulary'
import type { ShopFacts } from './judge-shop'

/** Something that was said, seen or done in a shop: what a device would send, when it was so, and by whom. */
export type Told = CommandOf & { readonly at: Instant, readonly by: string, readonly stream: string, readonly isSigned?: boolean }

/** A shop in words of its own commands: nothing stands in it but what was told. */
export interface ShopAsTold {
  readonly now: Instant
  readonly site: { readonly name: string, readonly timeZone: string }
  readonly rules: HouseRules
  /** In the order in which it was heard. */
  readonly told: readonly Told[]
  /** Health records: they are in no command. */
  readonly wearers: readonly (WearerRecord & { readonly personId: string })[]
  /** Screens heard within the last minute. */
  readonly screens: number
}

/** What was not accepted, by its place among what was told. It changed nothing. */
export interface Unaccepted {
  readonly index: number
  readonly findings: readonly Finding[]
}

interface Shop {
  site: Site
  sheets: FumeDataSheets
  lists: CheckListsState
  readonly people: Map<string, Person>
  readonly halls: Map<string, HallState>
  readonly stations: Map<string, Station>
  readonly samples: Map<string, SamplesState>
  readonly items: Map<string, ItemState>
  readonly cylinders: Map<string, CylinderState>
  readonly places: Map<string, Place>
  readonly permits: Map<string, Permit>
}

const emptyShop = (site: ShopAsTold['site']): Shop => ({
  site: { ...NO_SITE, ...site },
  sheets: NO_SHEETS,
  lists: NO_OWN_LISTS,
  people: new Map(),
  halls: new Map(),
  stations: new Map(),
  samples: new Map(),
  items: new Map(),
  cylinders: new Map(),
  places: new Map(),
  permits: new Map(),
})

/**
 * A shop from what was told: each report and request is decided and folded by the same rules as at the door, in memory; the
 * permits' clocks run in between. Who may say what is not asked: whoever tells it answers for that.
 *
 * @returns everything the gates rest on, and what the rules did not accept of what was told
 */
export function shopFrom(asTold: ShopAsTold): { readonly facts: ShopFacts, readonly unaccepted: readonly Unaccepted[] } {
  const shop = emptyShop(asTold.site)
  const unaccepted: Unaccepted[] = []
  let heardAt: Instant | null = null
  for (const [index, one] of asTold.told.entries()) {
    const at = earlierOf(one.at, asTold.now)
    // A late report is heard when the rest had gone on: clocks never run backwards.
    if (heardAt === null || isAfter(at, heardAt)) {
      heardAt = at
      runClocks(shop, asTold.rules, at)
    }
    const refused = tell(shop, asTold, { ...one, at })
    if (refused) unaccepted.push({ index, findings: refused })
  }
  runClocks(shop, asTold.rules, asTold.now)
  return { facts: factsOf(shop, asTold), unaccepted }
}

/** The watch of a place without a permit follows sparks in flight: it is worked out once for a set of rules. */
const withoutPermit = new WeakMap<HouseRules, PermitPlan>()
function planWithout(rules: HouseRules): PermitPlan {
  const plan = withoutPermit.get(rules) ?? planWithoutPermit(rules)
  withoutPermit.set(rules, plan)
  return plan
}

/** More than any permit's clock strikes in a day. */
const MOST_TURNS = 500
const NOTHING_AROUND = {
  isSigned: false,
  codes: { code: '', token: '' },
  asked: null,
  helpers: [],
  near: [],
  secondScreen: false,
  kit: [],
} satisfies Partial<PermitContext>

/** What falls due for the permits up to an instant, in its order. */
function runClocks({ permits }: Shop, rules: HouseRules, now: Instant): void {
  for (const [permitId, permit] of permits) {
    let state = permit
    for (let turns = 0; turns < MOST_TURNS; turns++) {
      const [due] = [...permitDeadlines(state)].sort((a, b) => msOf(a.dueAt) - msOf(b.dueAt))
      if (!due || isAfter(due.dueAt, now)) break
      const context = { ...NOTHING_AROUND, planWithout: planWithout(rules), at: due.dueAt, now, by: 'clock' }
      const decided = decidePermit(state, { type: 'permit.fall-due', payload: { what: due.kind, dueAt: due.dueAt } }, context)
      if (isRefused(decided) || decided.events.length === 0) break
      state = decided.events.reduce<Permit>((before, event) => evolvePermit(before, event) ?? before, state)
    }
    permits.set(permitId, state)
  }
}

/** Commands that are given by the system, or say nothing about what the gates rest on. */
const UNTOLD: ReadonlySet<string> = new Set([
  'site.open',
  'site.make-key',
  'site.revoke-key',
  'house-rules.change',
  'person.secret-set',
  'person.note-health',
  'notice.see',
  'seal.day',
  'station.lapse-checks',
  'cylinder.settle',
  'permit.fall-due',
])

/** One thing told, with what deciding on it takes from around it. */
interface Hearing {
  readonly shop: Shop
  readonly rules: HouseRules
  readonly now: Instant
  readonly screens: number
  readonly told: Told
  /** The id behind the stream that it is about. */
  readonly id: string
  readonly at: Instant
  readonly dayEnds: () => Instant
  readonly shopDay: () => string
}
type Refused = readonly Finding[] | null
type OfArea<Area extends string> = Extract<CommandOf, { readonly type: `${Area}.${string}` }>
const isOf = <Area extends string>(told: CommandOf, area: Area): told is OfArea<Area> => told.type.startsWith(`${area}.`)

const refuse = (...refused: readonly Finding[]): readonly Finding[] => refused
const unknownStream = (streamId: string): readonly Finding[] => refuse(finding('hold', 'command.unknown-stream', { streamId }))

/** Folds what was decided, or answers with the reasons why not. */
function fold<State, Event>(
  decision: Decision<Event>,
  evolve: (state: State, event: Event) => State,
  before: State,
  keep: (state: State) => void,
): Refused {
  if (isRefused(decision)) return decision.refused
  keep(decision.events.reduce(evolve, before))
  return null
}

/** One thing told. Answers with the reasons where it is not accepted. */
function tell(shop: Shop, { site: { timeZone }, rules, now, screens }: ShopAsTold, told: Told): Refused {
  const stream = readStreamId(told.stream)
  if (!stream || UNTOLD.has(told.type)) return unknownStream(told.stream)
  const atMs = msOf(told.at)
  const hearing: Hearing = {
    shop,
    rules,
    now,
    screens,
    told,
    id: stream.id,
    at: told.at,
    dayEnds: () => new Date(shopDayEndsAtMs(atMs, timeZone, rules.shopDayHour)).toISOString(),
    shopDay: () => shopDayOf(atMs, timeZone, rules.shopDayHour),
  }
  const isAbout = (kind: typeof stream.kind): boolean => stream.kind === kind
  if (isOf(told, 'site') && isAbout('site'))
    return fold(decideSite(shop.site, told), evolveSite, shop.site, site => {
      shop.site = site
    })
  if (isOf(told, 'person') && isAbout('person')) return tellPerson(hearing, told)
  if (isOf(told, 'hall') && isAbout('hall')) return tellHall(hearing, told)
  if (isOf(told, 'fume') && isAbout('fume-sheets'))
    return fold(decideSheets(shop.sheets, told), evolveSheets, shop.sheets, sheets => {
      shop.sheets = sheets
    })
  if (isOf(told, 'check-lists') && isAbout('check-lists'))
    return fold(decideCheckLists(shop.lists, told), evolveCheckLists, shop.lists, lists => {
      shop.lists = lists
    })
  if (isOf(told, 'samples') && isAbout('samples')) return tellSamples(hearing, told)
  if (isOf(told, 'place') && isAbout('place')) return tellPlace(hearing, told)
  if (isOf(told, 'item') && isAbout('item')) return tellItem(hearing, told)
  if (isOf(told, 'cylinder') && isAbout('cylinder')) return tellCylinder(hearing, told)
  if (isOf(told, 'station')) return tellStation(hearing, told, stream.kind)
  if (isOf(told, 'permit') && isAbout('permit')) return tellPermit(hearing, stream.id, told)
  return unknownStream(told.stream)
}

const isOpenBay = ({ site }: Shop, bayId: string): boolean => site.bays.some(bay => bay.bayId === bayId && !bay.closed)

/** Who of these is nobody here: a name that nobody bears watches nothing and stands nowhere. */
const strangersAmong = ({ people }: Shop, personIds: readonly string[]): readonly Finding[] =>
  personIds
    .filter(personId => !people.has(personId) || people.get(personId)!.hasLeft)
    .map(personId => finding('hold', 'command.person-unknown', { personId }))

/** Whoever stands on post has no other task, and does not walk out of it unrelieved. */
function refuseFromPost({ people, permits }: Shop, personId: string): Refused {
  const watched = [...permits.values()].find(({ posts }) => posts.some(post => post.personId === personId))
  return watched
    ? refuse(finding('hold', 'permit.on-post', { name: people.get(personId)?.name ?? personId, where: watched.request.place.where }))
    : null
}

const isCompetent = ({ shop: { people }, told: { by } }: Hearing, competence: CompetenceId): boolean => {
  const person = people.get(by)
  return person !== undefined && (person.roles.includes('safety-lead') || person.competences.includes(competence))
}

function tellPerson(hearing: Hearing, told: OfArea<'person'>): Refused {
  const { shop, id, at, dayEnds } = hearing
  const refused = told.type === 'person.leave' ? refuseFromPost(shop, id) : null
  if (refused) return refused
  const before = shop.people.get(id) ?? NOBODY
  const safetyLeads = [...shop.people.values()].filter(({ roles, hasLeft }) => roles.includes('safety-lead') && !hasLeft).length
  return fold(decidePerson(before, told, { safetyLeads, dayEnds: dayEnds(), at }), evolvePerson, before, person => {
    shop.people.set(id, person)
    if (!person.hasLeft) return
    // Whoever leaves the site stands at none of its bays.
    for (const [bayId, { personId }] of shop.stations)
      if (personId === id) foldStation(hearing, bayId, { type: 'station.place-person', payload: { personId: null } })
  })
}

function tellHall({ shop, id, told: { stream } }: Hearing, told: OfArea<'hall'>): Refused {
  if (!shop.site.halls.some(({ hallId }) => hallId === id)) return unknownStream(stream)
  const bayId = told.type === 'hall.fit-bay' ? told.payload.bayId : null
  if (bayId !== null && hallIdOf(shop.site, bayId) !== id) return refuse(finding('hold', 'command.bay-unknown', { bayId }))
  return fold(decideHall(told), evolveHall, shop.halls.get(id) ?? NO_HALL, hall => shop.halls.set(id, hall))
}

function tellSamples({ shop, rules, now, id, shopDay }: Hearing, told: OfArea<'samples'>): Refused {
  if (!isOpenBay(shop, id)) return refuse(finding('hold', 'command.bay-unknown', { bayId: id }))
  const before = shop.samples.get(id) ?? NO_SAMPLES
  return fold(decideSamples(before, told, surveyedAt(shop, rules, now, id), shopDay()), evolveSamples, before, samples =>
    shop.samples.set(id, samples),
  )
}

function tellPlace({ shop, id }: Hearing, told: OfArea<'place'>): Refused {
  const before = shop.places.get(id) ?? null
  return fold(decidePlace(before, id, told), evolvePlace, before, place => {
    if (place) shop.places.set(id, place)
  })
}

function tellItem(hearing: Hearing, told: OfArea<'item'>): Refused {
  const { shop, id, at, shopDay } = hearing
  const before = shop.items.get(id) ?? null
  const decided = decideItem(before, told, {
    tag: shownTag(id),
    at,
    shopDay: told.type === 'item.inspect' ? shopDay() : '',
    list: told.type === 'item.inspect' ? checkList(shop.lists, told.payload.listId) : null,
    isCompetent: before !== null && isCompetent(hearing, before.kind),
  })
  return fold(decided, evolveItem, before, item => {
    if (item) shop.items.set(id, item)
  })
}

function tellCylinder(hearing: Hearing, told: OfArea<'cylinder'>): Refused {
  const { shop, rules, id, at, dayEnds } = hearing
  const placeId =
    told.type === 'cylinder.place' ? told.payload.placeId : told.type === 'cylinder.receive' ? told.payload.place.placeId : null
  const bayId = told.type === 'cylinder.connect' ? told.payload.bayId : null
  if (bayId !== null && !isOpenBay(shop, bayId)) return refuse(finding('hold', 'kit.assigned-nowhere', { id: bayId }))
  if (placeId !== null && !shop.places.has(placeId)) return refuse(finding('hold', 'kit.assigned-nowhere', { id: placeId }))
  const before = shop.cylinders.get(id) ?? null
  const decided = decideCylinder(before, told, {
    tag: shownTag(id),
    at,
    checksValidUntil: dayEnds(),
    rules,
    isCompetent: isCompetent(hearing, 'cylinder'),
    place: placeId === null ? null : (shop.places.get(placeId) ?? null),
    job: bayId === null ? null : (shop.stations.get(bayId)?.job ?? null),
  })
  return fold(decided, evolveCylinder, before, cylinder => {
    if (cylinder) shop.cylinders.set(id, cylinder)
  })
}

/** Commands that a permit works under: a stop of all stops these too. */
const WORKS = new Set<Permit['phase']>(['authorised', 'working'])

function tellStation(hearing: Hearing, told: StationCommand, kind: string): Refused {
  const { shop, id } = hearing
  if (told.type === 'station.stop-all') {
    for (const { bayId } of shop.site.bays.filter(({ closed }) => !closed)) foldStation(hearing, bayId, told)
    for (const [permitId, { phase }] of shop.permits)
      if (WORKS.has(phase)) tellPermit(hearing, permitId, { type: 'permit.stop', payload: { cause: 'stopped' } })
    return null
  }
  if (kind !== 'station' || !isOpenBay(shop, id)) return refuse(finding('hold', 'command.bay-unknown', { bayId: id }))
  const personId = told.type === 'station.place-person' ? told.payload.personId : null
  if (personId !== null) {
    const strangers = strangersAmong(shop, [personId])
    const refused = strangers.length > 0 ? strangers : refuseFromPost(shop, personId)
    if (refused) return refused
  }
  return foldStation(hearing, id, told)
}

/** What the gates come to is asked at the end. */
function foldStation({ shop, at, told: { by }, dayEnds }: Hearing, bayId: string, told: StationCommand): Refused {
  const before = shop.stations.get(bayId) ?? EMPTY_STATION
  return fold(decideAtStation(before, told, { now: at, at, by, checksValidUntil: dayEnds() }), evolveStation, before, after =>
    shop.stations.set(bayId, after),
  )
}

/** Commands that ask what stands ready. */
const ASKS_KIT: ReadonlySet<PermitCommand['type']> = new Set(['permit.authorise', 'permit.start-work', 'permit.resume'])

/** Everybody that a command on a permit names, and whoever takes a post by it. */
function namedBy(told: PermitCommand, by: string): readonly string[] {
  switch (told.type) {
    case 'permit.request':
      return told.payload.operatorIds
    case 'permit.authorise':
      return told.payload.watcherIds
    case 'permit.take-post':
    case 'permit.relieve':
      return [by]
    default:
      return []
  }
}

function tellPermit(
  { shop, rules, screens, at, told: { by, isSigned = false }, shopDay, dayEnds }: Hearing,
  permitId: string,
  told: PermitCommand,
): Refused {
  const strangers = strangersAmong(shop, namedBy(told, by))
  if (strangers.length > 0) return strangers
  const before = shop.permits.get(permitId) ?? null
  const decided = decidePermit(before, told, {
    at,
    now: at,
    by,
    isSigned,
    codes: { code: permitId.toUpperCase(), token: '' },
    planWithout: planWithout(rules),
    secondScreen: screens >= 2,
    asked: told.type === 'permit.request' ? planPermit(told.payload, rules) : null,
    helpers: helpersIn(shop, permitId),
    near: before ? nearIn(shop, permitId, before) : [],
    kit: before && ASKS_KIT.has(told.type) ? kitFor(shop, permitId, before, shopDay(), dayEnds()) : [],
  })
  return fold(decided, evolvePermit, before, permit => {
    if (permit) shop.permits.set(permitId, permit)
  })
}

/** Everybody with the other task they have: on post elsewhere, or named in a permit that has not ended, whenever it is for. */
function helpersIn({ people, permits, stations }: Shop, permitId: string): Helper[] {
  const others = [...permits].filter(([id, { phase }]) => id !== permitId && !hasEnded(phase)).map(([, permit]) => permit)
  const busyIn = (personId: string): Permit | undefined =>
    others.find(
      ({ watchers, posts, request }) =>
        [...posts, ...watchers].some(one => one.personId === personId) || request.operatorIds.includes(personId),
    )
  return [...people]
    .filter(([, { hasLeft }]) => !hasLeft)
    .map(([personId, { name }]) => ({
      personId,
      name,
      busyAt: busyIn(personId)?.request.place.where ?? null,
      bayId: [...stations].find(([, station]) => station.personId === personId)?.[0] ?? null,
    }))
}

function nearIn({ permits, places }: Shop, permitId: string, permit: Permit): PermitContext['near'] {
  const placed = (id: string, one: Permit) => {
    const { placeId } = one.request.place
    return { permitId: id, permit: one, place: placeId === null ? null : (places.get(placeId) ?? null) }
  }
  const others = [...permits].filter(([, { phase }]) => !hasEnded(phase)).map(([id, one]) => placed(id, one))
  return nearPermits(placed(permitId, permit), others).map(other => ({ permitId: other.permitId, code: other.permit.code }))
}

function kitFor(
  { items, lists }: Shop,
  permitId: string,
  { request: { place } }: Permit,
  today: string,
  dayEnds: Instant,
): PermitContext['kit'] {
  const isFor = ({ kind, assignment }: ItemState): boolean =>
    assignment?.to === 'permit'
      ? assignment.id === permitId
      : assignment?.to === 'bay' && assignment.id === place.bayId && kind === 'extinguisher'
  return [...items.values()]
    .filter(item => !item.isRetired && isFor(item))
    .map(item => itemFact(item, listsInForce(lists), today, dayEnds))
}

function surveyedAt(shop: Shop, rules: HouseRules, now: Instant, bayId: string): ReturnType<typeof surveyPlace> {
  const station = shop.stations.get(bayId)
  const hallId = hallIdOf(shop.site, bayId)
  const air = hallId === null ? null : (shop.halls.get(hallId)?.air ?? null)
  return station && air ? surveyPlace(bayAirOf(station, airOf(airFactsOf(shop, rules, now, {}))(bayId)), air) : null
}

const airFactsOf = (
  { site, halls, sheets, samples, stations }: Shop,
  rules: HouseRules,
  now: Instant,
  wearers: ShopFacts['air']['wearers'],
) => ({
  site,
  rules,
  now,
  sheets,
  wearers,
  halls: Object.fromEntries(halls),
  stations: Object.fromEntries(stations),
  surveys: Object.fromEntries([...samples].map(([bayId, { surveys }]) => [bayId, surveys])),
})

function wearerFrom({ people, site }: Shop, rules: HouseRules, now: Instant, { personId, ...record }: ShopAsTold['wearers'][number]): Wearer {
  const shaven = people.get(personId)?.shaven
  const { isTight } = respiratorOf(record.mask, rules.jurisdiction)
  const dayEnds = new Date(shopDayEndsAtMs(Date.parse(now), site.timeZone, rules.shopDayHour)).toISOString()
  return {
    mask: record.mask,
    readyUntil: readyForTheDay(readyUntil(record, isTight, { fitTest: rules.fitTestMonths, medical: rules.medicalMonths }), dayEnds),
    isShaven: shaven && stands(shaven.validUntil, now) ? shaven.isShaven : null,
  }
}

function factsOf(shop: Shop, { rules, now, wearers: records, screens }: ShopAsTold): ShopFacts {
  const wearers = Object.fromEntries(records.map(record => [record.personId, wearerFrom(shop, rules, now, record)]))
  const open = [...shop.permits].filter(([, { phase, request }]) => request.place.bayId !== null && !hasEnded(phase))
  return {
    air: airFactsOf(shop, rules, now, wearers),
    stations: Object.fromEntries(shop.stations),
    kit: {
      lists: shop.lists,
      items: [...shop.items.values()].filter(({ isRetired }) => !isRetired),
      cylinders: [...shop.cylinders.values()].filter(({ isReturned }) => !isReturned),
    },
    fire: {
      permits: open.map(([permitId, permit]) => ({ permitId, version: 0, permit })),
      screens,
      names: Object.fromEntries([...shop.people].map(([personId, { name }]) => [personId, name])),
    },
  }
}
