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
import type { Finding } from '../finding'
import { finding } from '../finding'
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
import { shopDayEndsAtMs, shopDayOf } from '../houserules/shop-day'
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
import type { WearerRecord } from '../respirator/wearer'
import { readyUntil } from '../respirator/wearer'
import type { SamplesState } from '../samples/survey'
import { decideSamples, evolveSamples, NO_SAMPLES } from '../samples/survey'
import type { Site } from '../site/site'
import { decideSite, evolveSite, NO_SITE } from '../site/site'
import type { Station } from '../station/station'
import { EMPTY_STATION, evolveStation } from '../station/station'
import type { StationCommand } from '../station/decide-station'
import { decideAtStation } from '../station/decide-station'
import type { Instant } from '../time/instant'
import { earlierOf, isAfter, msOf, stands } from '../time/instant'
import { shownTag } from '../tag'
import type { CompetenceId } from '../vocabulary/vocabulary'
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
export interface Unaccepted { readonly index: number, readonly findings: readonly Finding[] }

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

/** Commands that are given by the system, or say nothing about what the gates rest on. */
const UNTOLD: ReadonlySet<string> = new Set(['site.open', 'site.make-key', 'site.revoke-key', 'house-rules.change', 'person.secret-set', 'person.note-health', 'notice.see', 'seal.day', 'station.lapse-checks', 'cylinder.settle', 'permit.fall-due'])

/**
 * A shop from what was told: each report and request is decided and folded by the same rules as at the door, in memory; the
 * permits' clocks run in between. Who may say what is not asked: whoever tells it answers for that.
 */
export function shopFrom(asTold: ShopAsTold): { readonly facts: ShopFacts, readonly unaccepted: readonly Unaccepted[] } {
  const shop: Shop = {
    site: { ...NO_SITE, ...asTold.site }, sheets: NO_SHEETS, lists: NO_OWN_LISTS, people: new Map(), halls: new Map(), stations: new Map(), samples: new Map(), items: new Map(), cylinders: new Map(), places: new Map(), permits: new Map(),
  }
  const unaccepted: Unaccepted[] = []
  const clock = { at: asTold.told[0]?.at ?? asTold.now }
  asTold.told.forEach((one, index) => {
    // A late report is heard when the rest had gone on: clocks never run backwards.
    if (isAfter(one.at, clock.at)) clock.at = earlierOf(one.at, asTold.now)
    runClocks(shop, asTold.rules, clock.at)
    const refused = tell(shop, asTold, { ...one, at: earlierOf(one.at, asTold.now) })
    if (refused) unaccepted.push({ index, findings: refused })
  })
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

/** What falls due for the permits up to an instant, in its order. */
function runClocks(shop: Shop, rules: HouseRules, now: Instant): void {
  for (const [permitId, permit] of shop.permits) {
    let state = permit
    for (let turns = 0; turns < MOST_TURNS; turns++) {
      const [due] = [...permitDeadlines(state)].sort((a, b) => msOf(a.dueAt) - msOf(b.dueAt))
      if (!due || isAfter(due.dueAt, now)) break
      const decided = decidePermit(state, { type: 'permit.fall-due', payload: { what: due.kind, dueAt: due.dueAt } }, { ...NOTHING_AROUND, planWithout: planWithout(rules), at: due.dueAt, now, by: 'clock' })
      const next = isRefused(decided) ? state : decided.events.reduce<Permit>((before, event) => evolvePermit(before, event) ?? before, state)
      if (next === state) break
      state = next
    }
    shop.permits.set(permitId, state)
  }
}
/** More than any permit's clock strikes in a day. */
const MOST_TURNS = 500
const NOTHING_AROUND = { isSigned: false, codes: { code: '', token: '' }, asked: null, helpers: [], near: [], secondScreen: false, kit: [] } satisfies Partial<PermitContext>

/** One thing told. Answers with the reasons where it is not accepted. */
function tell(shop: Shop, { site: { timeZone }, rules, now, screens }: ShopAsTold, told: Told): readonly Finding[] | null {
  const stream = readStreamId(told.stream)
  const unknown = [finding('hold', 'command.unknown-stream', { streamId: told.stream })]
  if (!stream || UNTOLD.has(told.type)) return unknown
  const { kind, id } = stream
  const { at, by, isSigned = false } = told
  const dayEnds = (): Instant => new Date(shopDayEndsAtMs(msOf(at), timeZone, rules.shopDayHour)).toISOString()
  const shopDay = (): string => shopDayOf(msOf(at), timeZone, rules.shopDayHour)
  const isCompetent = (competence: CompetenceId): boolean => shop.people.get(by)?.roles.includes('safety-lead') || (shop.people.get(by)?.competences.includes(competence) ?? false)
  const fold = <State, Event>(decision: Decision<Event>, evolve: (state: State, event: Event) => State, before: State, keep: (state: State) => void): readonly Finding[] | null => {
    if (isRefused(decision)) return decision.refused
    keep(decision.events.reduce(evolve, before))
    return null
  }
  const isBay = shop.site.bays.some(({ bayId, closed }) => bayId === id && !closed)
  switch (told.type) {
    case 'site.add-hall': case 'site.add-area': case 'site.add-bay': case 'site.change-bay':
      return kind === 'site' ? fold(decideSite(shop.site, told), evolveSite, shop.site, (site) => { shop.site = site }) : unknown
    case 'person.add': case 'person.change': case 'person.leave': case 'person.check-shaven': case 'person.name-competent': {
      if (kind !== 'person') return unknown
      const before = shop.people.get(id) ?? NOBODY
      const safetyLeads = [...shop.people.values()].filter(({ roles, hasLeft }) => roles.includes('safety-lead') && !hasLeft).length
      return fold(decidePerson(before, told, { safetyLeads, dayEnds: told.type === 'person.check-shaven' ? dayEnds() : at, at }), evolvePerson, before, person => shop.people.set(id, person))
    }
    case 'hall.describe': case 'hall.fit-bay': {
      if (kind !== 'hall' || !shop.site.halls.some(({ hallId }) => hallId === id)) return unknown
      if (told.type === 'hall.fit-bay' && hallIdOf(shop.site, told.payload.bayId) !== id) return [finding('hold', 'command.bay-unknown', { bayId: told.payload.bayId })]
      return fold(decideHall(told), evolveHall, shop.halls.get(id) ?? NO_HALL, hall => shop.halls.set(id, hall))
    }
    case 'fume.enter-sheet': case 'fume.drop-sheet': return fold(decideSheets(shop.sheets, told), evolveSheets, shop.sheets, (sheets) => { shop.sheets = sheets })
    case 'check-lists.change': case 'check-lists.drop': return fold(decideCheckLists(shop.lists, told), evolveCheckLists, shop.lists, (lists) => { shop.lists = lists })
    case 'samples.record': case 'samples.withdraw': {
      if (kind !== 'samples' || !isBay) return unknown
      return fold(decideSamples(shop.samples.get(id) ?? NO_SAMPLES, told, surveyedAt(shop, rules, now, id)), evolveSamples, shop.samples.get(id) ?? NO_SAMPLES, samples => shop.samples.set(id, samples))
    }
    case 'place.describe': case 'place.lay-out-store':
      return kind === 'place' ? fold(decidePlace(shop.places.get(id) ?? null, id, told), evolvePlace, shop.places.get(id) ?? null, (place) => { if (place) shop.places.set(id, place) }) : unknown
    case 'item.register': case 'item.correct': case 'item.assign': case 'item.inspect': case 'item.tag-out': case 'item.release': case 'item.note-event': case 'item.retire': {
      if (kind !== 'item') return unknown
      const before = shop.items.get(id) ?? null
      const decided = decideItem(before, told, {
        tag: shownTag(id), shopDay: told.type === 'item.inspect' ? shopDay() : '', at, list: told.type === 'item.inspect' ? checkList(shop.lists, told.payload.listId) : null, isCompetent: before !== null && isCompetent(before.kind),
      })
      return fold(decided, evolveItem, before, (item) => { if (item) shop.items.set(id, item) })
    }
    case 'cylinder.receive': case 'cylinder.correct': case 'cylinder.note-lying': case 'cylinder.place': case 'cylinder.read': case 'cylinder.connect': case 'cylinder.test-joints': case 'cylinder.set-delivery':
    case 'cylinder.shut-down': case 'cylinder.disconnect': case 'cylinder.note-empty': case 'cylinder.report-danger': case 'cylinder.tag-out': case 'cylinder.release': case 'cylinder.return': case 'cylinder.withdraw-tag': {
      if (kind !== 'cylinder') return unknown
      const placeId = told.type === 'cylinder.place' ? told.payload.placeId : told.type === 'cylinder.receive' ? told.payload.place.placeId : null
      const job = told.type === 'cylinder.connect' ? shop.stations.get(told.payload.bayId)?.job ?? null : null
      const decided = decideCylinder(shop.cylinders.get(id) ?? null, told, { tag: shownTag(id), at, checksValidUntil: dayEnds(), rules, isCompetent: isCompetent('cylinder'), place: placeId === null ? null : shop.places.get(placeId) ?? null, job })
      return fold(decided, evolveCylinder, shop.cylinders.get(id) ?? null, (cylinder) => { if (cylinder) shop.cylinders.set(id, cylinder) })
    }
    case 'station.set-job': case 'station.clear-job': case 'station.place-person': case 'station.set-helmet': case 'station.check-helmet': case 'station.check-glasses': case 'station.check-outfit': case 'station.place-hood':
    case 'station.check-extraction': case 'station.check-fire': case 'station.hand-over': case 'station.stop': case 'station.give-stop-reason': case 'station.reopen':
      return kind === 'station' && isBay ? station(id) : unknown
    case 'station.stop-all': {
      for (const bay of shop.site.bays.filter(({ closed }) => !closed)) station(bay.bayId)
      for (const [permitId, permit] of shop.permits) if (!hasEnded(permit.phase)) permitTold(permitId, { type: 'permit.stop', payload: { cause: 'stopped' } })
      return null
    }
    case 'permit.request': case 'permit.see-to': case 'permit.read-gas': case 'permit.authorise': case 'permit.refuse': case 'permit.revoke': case 'permit.extend': case 'permit.take-over': case 'permit.take-post': case 'permit.leave-post':
    case 'permit.relieve': case 'permit.start-work': case 'permit.round': case 'permit.stop': case 'permit.resume': case 'permit.end-work': case 'permit.report-arc': case 'permit.call-help': case 'permit.restore': case 'permit.close':
      return kind === 'permit' ? permitTold(id, told) : unknown
    default: return unknown
  }

  function station(bayId: string): readonly Finding[] | null {
    const before = shop.stations.get(bayId) ?? EMPTY_STATION
    // What the gates come to is asked at the end.
    return fold(decideAtStation(before, told as StationCommand, { now: at, at, by, checksValidUntil: dayEnds() }), evolveStation, before, after => shop.stations.set(bayId, after))
  }

  function permitTold(permitId: string, command: PermitCommand): readonly Finding[] | null {
    const before = shop.permits.get(permitId) ?? null
    const decided = decidePermit(before, command, {
      at, now: at, by, isSigned, codes: { code: permitId.toUpperCase(), token: '' }, planWithout: planWithout(rules), secondScreen: screens >= 2,
      asked: command.type === 'permit.request' ? planPermit(command.payload, rules) : null,
      helpers: helpersIn(shop, permitId),
      near: before ? nearIn(shop, permitId, before) : [],
      kit: before && ASKS_KIT.has(command.type) ? kitFor(shop, permitId, before, shopDay(), dayEnds()) : [],
    })
    return fold(decided, evolvePermit, before, (permit) => { if (permit) shop.permits.set(permitId, permit) })
  }
}

/** Commands that ask what stands ready. */
const ASKS_KIT: ReadonlySet<PermitCommand['type']> = new Set(['permit.authorise', 'permit.start-work', 'permit.resume'])

/** Everybody with the other task they have: on post elsewhere, or named in a permit that has not ended. */
const helpersIn = ({ people, permits, stations }: Shop, permitId: string): Helper[] => [...people].filter(([, { hasLeft }]) => !hasLeft).map(([personId, { name }]) => {
  const other = [...permits].find(([id, { phase, watchers, posts, request }]) => id !== permitId && !hasEnded(phase) && (posts.some(post => post.personId === personId) || watchers.some(one => one.personId === personId) || request.operatorIds.includes(personId)))
  return { personId, name, busyAt: other ? other[1].request.place.where : null, bayId: [...stations].find(([, station]) => station.personId === personId)?.[0] ?? null }
})

function nearIn({ permits, places }: Shop, permitId: string, permit: Permit): PermitContext['near'] {
  const placed = (id: string, one: Permit) => ({ permitId: id, permit: one, place: one.request.place.placeId === null ? null : places.get(one.request.place.placeId) ?? null })
  const others = [...permits].filter(([, { phase }]) => !hasEnded(phase)).map(([id, one]) => placed(id, one))
  return nearPermits(placed(permitId, permit), others).map(other => ({ permitId: other.permitId, code: other.permit.code }))
}

function kitFor({ items, lists }: Shop, permitId: string, { request: { place } }: Permit, today: string, dayEnds: Instant): PermitContext['kit'] {
  const isFor = ({ kind, assignment }: ItemState): boolean => assignment?.to === 'permit' ? assignment.id === permitId : assignment?.to === 'bay' && assignment.id === place.bayId && kind === 'extinguisher'
  return [...items.values()].filter(item => !item.isRetired && isFor(item)).map(item => itemFact(item, listsInForce(lists), today, dayEnds))
}

function surveyedAt(shop: Shop, rules: HouseRules, now: Instant, bayId: string): ReturnType<typeof surveyPlace> {
  const station = shop.stations.get(bayId)
  const hallId = hallIdOf(shop.site, bayId)
  const air = hallId === null ? null : shop.halls.get(hallId)?.air ?? null
  return station && air ? surveyPlace(bayAirOf(station, airOf(airFactsOf(shop, rules, now, {}))(bayId)), air) : null
}

const airFactsOf = ({ site, halls, sheets, samples, stations }: Shop, rules: HouseRules, now: Instant, wearers: ShopFacts['air']['wearers']) => ({
  site, rules, now, sheets, wearers, halls: Object.fromEntries(halls), stations: Object.fromEntries(stations), surveys: Object.fromEntries([...samples].map(([bayId, { surveys }]) => [bayId, surveys])),
})

function factsOf(shop: Shop, { rules, now, wearers: records, screens }: ShopAsTold): ShopFacts {
  const wearers = Object.fromEntries(records.map(({ personId, ...record }) => {
    const shaven = shop.people.get(personId)?.shaven
    return [personId, {
      mask: record.mask, readyUntil: readyUntil(record, respiratorOf(record.mask, rules.jurisdiction).isTight, { fitTest: rules.fitTestMonths, medical: rules.medicalMonths }),
      isShaven: shaven && stands(shaven.validUntil, now) ? shaven.isShaven : null,
    }]
  }))
  return {
    air: airFactsOf(shop, rules, now, wearers), stations: Object.fromEntries(shop.stations),
    kit: { lists: shop.lists, items: [...shop.items.values()].filter(({ isRetired }) => !isRetired), cylinders: [...shop.cylinders.values()].filter(({ isReturned }) => !isReturned) },
    fire: {
      permits: [...shop.permits].filter(([, { phase, request }]) => request.place.bayId !== null && !hasEnded(phase)).map(([permitId, permit]) => ({ permitId, version: 0, permit })), screens,
      names: Object.fromEntries([...shop.people].map(([personId, { name }]) => [personId, name])),
    },
  }
}
