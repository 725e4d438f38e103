import type { Bystanders } from '../clearance/consequences'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { StreamKindName } from '../ids/streams'
import {
  HOUSE_RULES_STREAM,
  noticeStream,
  permitStream,
  personStream,
  placeStream,
  readStreamId,
  SITE_STREAM,
  stationStream,
} from '../ids/streams'
import { respiratorOf } from '../respirator/respirators'
import type { Wearer, WearerRecord } from '../respirator/wearer'
import { readyForTheDay, readyUntil } from '../respirator/wearer'
import { answering } from '../streams/asks'
import type { Answers, Asks } from '../streams/asks'
import type { CommandOf, CommandType } from '../streams/commands'
import { decideTogether } from '../streams/decide-together'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { kindNameOf, kindOfStream, ruleOf, unnamedOf } from '../streams/kinds'
import type { StateOf } from '../streams/kinds'
import type { Helper } from '../streams/permit/decide-permit'
import type { Permit } from '../streams/permit/permit'
import { hasEnded } from '../streams/permit/permit-end'
import { servesPermit } from '../streams/permit/permit-kit'
import { dayEndsAfter } from '../streams/scene'
import type { Scene } from '../streams/scene'
import { NO_SITE } from '../streams/site/site'
import type { StillThere } from '../streams/site/still-there'
import type { Station } from '../streams/station/station'
import type { Touched } from '../streams/stream-kind'
import type { Instant } from '../time/instant'
import { earlierOf, isAfter, msOf, stands } from '../time/instant'
import type { SiteFacts } from './site-facts'
import { NO_CARE, welderOf } from './site-facts'

/** Something that was said, seen or done in a shop: what a device would send, when it was so, and by whom. */
export type Told = CommandOf & { readonly at: Instant, readonly by: string, readonly stream: string, readonly isSigned?: boolean }

/** A site in words of its own commands: nothing stands in it but what was told. */
export interface SiteAsTold {
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

/** What was told, and how a reason is said. */
type Telling = SiteAsTold & Pick<Bystanders, 'say'>
/** The streams of a site in memory, by kind and id. */
type Streams = Map<StreamKindName, Map<string, unknown>>
type Refused = readonly Finding[] | null

/**
 * A site from what was told: each report and request is decided and folded by the same rules as at the door, in memory; the
 * permits' clocks run in between. Who may say what is not asked: whoever tells it answers for that.
 *
 * @param say a finding as a sentence: the reason of a bay that is stopped by what was told of something there; its code, where nothing is
 * given
 * @returns everything the gates rest on, and what the rules did not accept of what was told
 */
export function factsFromTold(
  told: SiteAsTold,
  say: Bystanders['say'] = ({ code }) => code,
): { readonly facts: SiteFacts<Station>, readonly unaccepted: readonly Unaccepted[] } {
  const asTold: Telling = { ...told, say }
  const streams: Streams = new Map()
  keep(streams, SITE_STREAM, { ...NO_SITE, ...asTold.site })
  keep(streams, HOUSE_RULES_STREAM, asTold.rules)
  const unaccepted: Unaccepted[] = []
  let heardAt: Instant | null = null
  for (const [index, one] of asTold.told.entries()) {
    const at = earlierOf(one.at, asTold.now)
    // A late report is heard when the rest had gone on: clocks never run backwards.
    if (heardAt === null || isAfter(at, heardAt)) {
      heardAt = at
      runPermitClocks(streams, asTold, at)
    }
    const refused = tell(streams, asTold, { ...one, at })
    if (refused) unaccepted.push({ index, findings: refused })
  }
  runPermitClocks(streams, asTold, asTold.now)
  return { facts: factsOf(streams, asTold), unaccepted }
}

const ofKind = (streams: Streams, name: StreamKindName): Map<string, unknown> => {
  const known = streams.get(name) ?? new Map<string, unknown>()
  streams.set(name, known)
  return known
}
/** Keeps a stream as it stands now. */
function keep(streams: Streams, streamId: string, state: unknown): void {
  const { name, id } = kindOfStream(streamId)
  ofKind(streams, name).set(id, state)
}
/** A stream as it stands here. */
function stateOf<Name extends StreamKindName>(streams: Streams, name: Name, streamId: string): StateOf<Name> {
  const [known, { kind, id }] = [ofKind(streams, name), kindOfStream(streamId)]
  return (known.has(id) ? known.get(id) : kind.initial) as StateOf<Name>
}
/** Every stream of a kind that anything is known of, by the id behind it. */
const allOf = <Name extends StreamKindName>(streams: Streams, name: Name): readonly (readonly [string, NonNullable<StateOf<Name>>])[] =>
  [...ofKind(streams, name)].flatMap(([id, state]) => (state === null ? [] : [[id, state as NonNullable<StateOf<Name>>] as const]))

/** Commands that are given by the system, or say nothing about what the gates rest on. */
const UNTOLD: ReadonlySet<CommandType> = new Set<CommandType>([
  'site.open',
  'site.make-key',
  'site.revoke-key',
  'house-rules.change',
  'person.secret-set',
  'person.note-health',
  'person.note-care',
  'person.keep-air',
  'notice.see',
  'monitor.fall-silent',
  'monitor.hear',
  'seal.day',
  'station.lapse-checks',
  'cylinder.settle',
  'permit.fall-due',
])

/** Who tells it, as a decision sees them. */
function sceneOf(
  streams: Streams,
  { rules }: Pick<SiteAsTold, 'rules'>,
  { at, by, isSigned = false }: Pick<Told, 'at' | 'by' | 'isSigned'>,
  id: string,
): Scene {
  const { roles, areaId, bayId } = stateOf(streams, 'person', personStream(by))
  return {
    id,
    site: stateOf(streams, 'site', SITE_STREAM),
    rules,
    now: at,
    at,
    actor: { kind: 'person', personId: by },
    holder: { roles, areaId, bayId },
    isSigned,
  }
}

/** Bays whose gates a command may change besides what it names. */
function baysTouched(streams: Streams, touched: readonly Touched[]): readonly string[] {
  const all = <Key extends keyof Touched>(key: Key): string[] => touched.flatMap(one => one[key] ?? [])
  const stations = allOf(streams, 'station')
  const shared = new Set(all('sharedWorkWith'))
  const people = new Set([
    ...all('personIds'),
    ...stations.flatMap(([bayId, { personId, earlierJobs, helpers }]) =>
      shared.has(bayId) ? [personId, ...[...earlierJobs, ...helpers].map(one => one.personId)] : [],
    ),
  ])
  const standing = stations
    .filter(([, { personId, helpers }]) => [personId, ...helpers.map(one => one.personId)].some(id => id !== null && people.has(id)))
    .map(([bayId]) => bayId)
  const ofPermits = all('permitIds').flatMap(permitId => stateOf(streams, 'permit', permitStream(permitId))?.request.place.bayId ?? [])
  return [...new Set([...all('bayIds'), ...standing, ...ofPermits])]
}

/** What a command may change here besides what it is about, and what that rests on. What the gates come to is asked at the end. */
function bystandersOf(streams: Streams, asTold: Telling, streamIds: readonly string[], command: CommandOf, scene: Scene): Bystanders {
  const { touches } = ruleOf(command.type)
  const known = streamIds.map(streamId => ({ ...kindOfStream(streamId), state: stateOf(streams, kindOfStream(streamId).name, streamId) }))
  // Gates are judged at the end: bays follow where something may stop them, or take who stood there.
  const mayStop = known.some(({ kind }) => kind.news !== undefined)
  const followers
    = touches && mayStop
      ? baysTouched(
          streams,
          known.map(({ id, state }) => touches(state, command, { id, site: scene.site })),
        )
          .filter(bayId => !streamIds.includes(stationStream(bayId)) && scene.site.bays.some(bay => bay.bayId === bayId))
          .map(bayId => ({
            bayId,
            station: stateOf(streams, 'station', stationStream(bayId)),
            isLiving: ofKind(streams, 'station').has(bayId),
          }))
      : []
  const resting = known.flatMap(({ kind, state }) => kind.workRestingOn?.(state) ?? [])
  const workingPermits
    = resting.length === 0
      ? []
      : allOf(streams, 'permit')
          .filter(
            ([
              permitId,
              {
                phase,
                request: { place },
              },
            ]) =>
              phase === 'working'
              && resting.some(
                ({ permitIds, bayIds }) => permitIds.includes(permitId) || (place.bayId !== null && bayIds.includes(place.bayId)),
              ),
          )
          .map(([permitId, permit]) => ({
            permitId,
            permit,
            items: LOOKS.permitKit(streams, { permitId, bayId: permit.request.place.bayId }, scene, asTold),
          }))
  return {
    scene,
    facts: workingPermits.length > 0 ? factsOf(streams, { ...asTold, wearers: [] }) : null,
    recordsGates: false,
    followers,
    workingPermits,
    people: [],
    noticeStreamOf: index => noticeStream(`told-${index}`),
    say: asTold.say,
  }
}

/** Decides a command on the streams it is about, and all that comes with it. Answers with the reasons where it is not accepted. */
function decideOn(streams: Streams, asTold: Telling, streamIds: readonly string[], command: CommandOf, scene: Scene): Refused {
  const targets = streamIds.map((streamId) => {
    const { name, id } = kindOfStream(streamId)
    const state = stateOf(streams, name, streamId)
    const asks = ruleOf(command.type).asks?.(state, command, { ...scene, id }) ?? {}
    return { streamId, state, answer: answering(answersIn(streams, asTold, asks, { ...scene, id })) }
  })
  const decided = decideTogether(command, targets, bystandersOf(streams, asTold, streamIds, command, scene))
  if ('refused' in decided) return decided.refused
  for (const { streamId, events, after } of decided.changes) if (events.length > 0) keep(streams, streamId, after)
  return null
}

/** More than any permit's clock strikes in a day. */
const MOST_TURNS = 500

/** What falls due for the permits up to an instant, in its order. */
function runPermitClocks(streams: Streams, asTold: Telling, now: Instant): void {
  for (const [permitId] of allOf(streams, 'permit')) {
    const streamId = permitStream(permitId)
    const { kind } = kindOfStream(streamId)
    for (let turns = 0; turns < MOST_TURNS; turns++) {
      const before = stateOf(streams, 'permit', streamId)
      const [due] = [...kind.clock!.dueOf(before)].sort((a, b) => msOf(a.dueAt) - msOf(b.dueAt))
      if (!due || isAfter(due.dueAt, now)) break
      const scene: Scene = { ...sceneOf(streams, asTold, { at: due.dueAt, by: 'clock' }, permitId), now, actor: { kind: 'clock' } }
      if (decideOn(streams, asTold, [streamId], kind.clock!.commandFor(due)!, scene) || stateOf(streams, 'permit', streamId) === before)
        break
    }
  }
}

const unknownStream = (streamId: string): readonly Finding[] => [finding('hold', 'command.unknown-stream', { streamId })]

/** One thing told. Answers with the reasons where it is not accepted. */
function tell(streams: Streams, asTold: Telling, told: Told): Refused {
  const { type, payload, stream } = told
  const command = { type, payload } as CommandOf
  const read = readStreamId(stream)
  if (!read || UNTOLD.has(type)) return unknownStream(stream)
  const site = stateOf(streams, 'site', SITE_STREAM)
  const { targets } = ruleOf(type)
  const streamIds = targets?.(site) ?? [stream]
  if (!targets) {
    if (read.kind !== kindNameOf(type))
      return kindNameOf(type) === 'station' ? [finding('hold', 'command.bay-unknown', { bayId: read.id })] : unknownStream(stream)
    const refused = refuseHere(streams, stream, command, told.by)
    if (refused) return refused
    const unnamed = unnamedOf(command, streamIds)
    if (unnamed !== null) return unknownStream(unnamed)
  }
  const scene = sceneOf(streams, asTold, told, '')
  const refused = decideOn(streams, asTold, streamIds, command, scene)
  if (refused === null && type === 'station.stop-all') stopHotWork(streams, asTold, scene)
  return refused
}

/** A stop of all stops hot work too, wherever it is. */
function stopHotWork(streams: Streams, asTold: Telling, scene: Scene): void {
  for (const [permitId, { phase }] of allOf(streams, 'permit')) {
    if (phase === 'authorised' || phase === 'working')
      decideOn(streams, asTold, [permitStream(permitId)], { type: 'permit.stop', payload: { cause: 'stopped' } }, scene)
  }
}

/** Somebody here: they were told of, and have not left. */
const isHere = (streams: Streams, personId: string): boolean => {
  const { name, hasLeft } = stateOf(streams, 'person', personStream(personId))
  return name !== '' && !hasLeft
}

/** Everybody that a command on a permit names, and whoever takes a post by it. */
function namedBy(command: CommandOf, by: string): readonly string[] {
  switch (command.type) {
    case 'permit.request':
      return command.payload.operatorIds
    case 'permit.authorise':
      return command.payload.watcherIds
    case 'permit.take-post':
    case 'permit.relieve':
      return [by]
    default:
      return []
  }
}

/**
 * Why nothing of the kind can be told here; null when it can. What the door asks of a session is asked of the names: one that nobody bears
 * watches nothing.
 */
function refuseHere(streams: Streams, streamId: string, command: CommandOf, by: string): Refused {
  const { kind, id } = kindOfStream(streamId)
  const site = stateOf(streams, 'site', SITE_STREAM)
  const refused = kind.refuseId?.(id, site) ?? null
  if (refused) return [refused]
  const isOfBay = kind.id === 'station' || kind.id === 'samples'
  if (isOfBay && site.bays.some(bay => bay.bayId === id && bay.closed)) return [finding('hold', 'command.bay-unknown', { bayId: id })]
  const strangers = namedBy(command, by).filter(personId => !isHere(streams, personId))
  return strangers.length > 0 ? strangers.map(personId => finding('hold', 'command.person-unknown', { personId })) : null
}

type Looks = {
  readonly [Question in keyof Asks]-?: (
    streams: Streams,
    asked: NonNullable<Asks[Question]>,
    scene: Scene,
    asTold: Telling,
  ) => Answers[Question]
}

/** The states behind some ids that anything is known of. */
const knownOf = <Name extends StreamKindName>(
  streams: Streams,
  name: Name,
  ids: readonly string[],
): Record<string, NonNullable<StateOf<Name>>> => Object.fromEntries(allOf(streams, name).filter(([id]) => ids.includes(id)))

/** How each question is answered from what was told. One that can be asked and has no answer does not compile. */
const LOOKS: Looks = {
  people: (streams, ids) => knownOf(streams, 'person', ids),
  posts(streams, ids) {
    const postOf = (personId: string): Permit | undefined =>
      allOf(streams, 'permit').find(([, { posts }]) => posts.some(post => post.personId === personId))?.[1]
    return Object.fromEntries(
      ids.flatMap((personId) => {
        const watched = postOf(personId)
        return watched
          ? [
              [
                personId,
                { name: stateOf(streams, 'person', personStream(personId)).name || personId, where: watched.request.place.where },
              ],
            ]
          : []
      }),
    )
  },
  places: (streams, ids) => knownOf(streams, 'place', ids),
  permits: (streams, ids) => knownOf(streams, 'permit', ids),
  jobAt: (streams, bayId) => stateOf(streams, 'station', stationStream(bayId)).job,
  standsAt: (streams, bayId) => stateOf(streams, 'station', stationStream(bayId)).personId,
  stillAt: (streams, bayIds) => stillThereIn(streams, new Set(bayIds)),
  lists: streams => stateOf(streams, 'check-lists', 'check-lists'),
  safetyLeads: streams => allOf(streams, 'person').filter(([, { roles, hasLeft }]) => roles.includes('safety-lead') && !hasLeft).length,
  helpers: (streams, _asked, { id }) => helpersIn(streams, id),
  nearPermits: streams =>
    allOf(streams, 'permit')
      .filter(([, { phase }]) => !hasEnded(phase))
      .map(([permitId, permit]) => {
        const { placeId } = permit.request.place
        return { permitId, permit, place: placeId === null ? null : stateOf(streams, 'place', placeStream(placeId)) }
      }),
  screens: (_streams, _asked, _scene, { screens }) => screens,
  permitKit: (streams, { permitId, bayId }) =>
    allOf(streams, 'item')
      .map(([, item]) => item)
      .filter(item => servesPermit(item, permitId, bayId)),
  codes: (_streams, _asked, { id }) => ({ code: id.toUpperCase(), token: '' }),
  keptReadings: () => [],
  air: (streams, _asked, { now }, asTold) => ({ ...factsOf(streams, { ...asTold, wearers: [] }), now }),
}

function answersIn(streams: Streams, asTold: Telling, asks: Asks, scene: Scene): Partial<Answers> {
  const found: Partial<Record<keyof Answers, unknown>> = {}
  for (const question of Object.keys(asks) as (keyof Asks)[]) {
    const look = LOOKS[question] as (streams: Streams, asked: unknown, scene: Scene, asTold: Telling) => unknown
    found[question] = look(streams, asks[question], scene, asTold)
  }
  return found as Partial<Answers>
}

/** Who works at these bays, and what stands at them or is for them. */
function stillThereIn(streams: Streams, bayIds: ReadonlySet<string>): StillThere[] {
  const at = (bayId: string | null | undefined, what: StillThere['what'], name: string): StillThere[] =>
    bayId != null && bayIds.has(bayId) ? [{ bayId, what, name }] : []
  return [
    ...allOf(streams, 'station').flatMap(([bayId, { personId }]) => personId === null
      ? []
      : at(bayId, 'person', stateOf(streams, 'person', personStream(personId)).name || personId)),
    ...allOf(streams, 'permit').flatMap(([, { phase, code, request }]) =>
      hasEnded(phase) ? [] : at(request.place.bayId, 'permit', code)),
    ...allOf(streams, 'cylinder').flatMap(([, { isReturned, standing, tag }]) =>
      isReturned || standing?.in !== 'bay' ? [] : at(standing.bayId, 'cylinder', tag)),
  ]
}

/** Does somebody stand or help there? Whoever watches for fire does neither. */
const isAtWork = ({ personId, helpers }: Station, who: string): boolean =>
  personId === who || helpers.some(one => one.personId === who && one.untilAt === null)

/** Everybody with the other task they have: on post elsewhere, or named in a permit that has not ended, whenever it is for. */
function helpersIn(streams: Streams, permitId: string): Helper[] {
  const others = allOf(streams, 'permit')
    .filter(([id, { phase }]) => id !== permitId && !hasEnded(phase))
    .map(([, permit]) => permit)
  const busyIn = (personId: string): Permit | undefined =>
    others.find(
      ({ watchers, posts, request }) =>
        [...posts, ...watchers].some(one => one.personId === personId) || request.operatorIds.includes(personId),
    )
  const stations = allOf(streams, 'station')
  return allOf(streams, 'person')
    .filter(([, { hasLeft }]) => !hasLeft)
    .map(([personId, { name }]) => ({
      personId,
      name,
      busyAt: busyIn(personId)?.request.place.where ?? null,
      bayId: stations.find(([, station]) => isAtWork(station, personId))?.[0] ?? null,
    }))
}

function wearerFrom(streams: Streams, { rules, now }: SiteAsTold, { personId, ...record }: SiteAsTold['wearers'][number]): Wearer {
  const { shaven } = stateOf(streams, 'person', personStream(personId))
  const { isTight } = respiratorOf(record.mask, rules.jurisdiction)
  return {
    mask: record.mask,
    readyUntil: readyForTheDay(
      readyUntil(record, isTight, { fitTest: rules.fitTestMonths, medical: rules.medicalMonths }),
      dayEndsAfter({ site: stateOf(streams, 'site', SITE_STREAM), rules }, now),
    ),
    isShaven: shaven && stands(shaven.validUntil, now) ? shaven.isShaven : null,
  }
}

function factsOf(streams: Streams, asTold: Telling): SiteFacts<Station> {
  const { rules, now, wearers, screens } = asTold
  return {
    site: stateOf(streams, 'site', SITE_STREAM),
    rules,
    now,
    halls: Object.fromEntries(allOf(streams, 'hall')),
    stations: Object.fromEntries(allOf(streams, 'station')),
    sheets: stateOf(streams, 'fume-sheets', 'fume-sheets'),
    monitors: Object.fromEntries(allOf(streams, 'monitor')),
    surveys: Object.fromEntries(allOf(streams, 'samples').map(([bayId, { surveys }]) => [bayId, surveys])),
    wearers: Object.fromEntries(wearers.map(record => [record.personId, wearerFrom(streams, asTold, record)])),
    // What follows from a record that is kept apart from what is told is not known here.
    welders: Object.fromEntries(
      allOf(streams, 'person')
        .filter(([, { hasLeft }]) => !hasLeft)
        .map(([personId, person]) => [personId, welderOf(person, NO_CARE)]),
    ),
    lists: stateOf(streams, 'check-lists', 'check-lists'),
    items: allOf(streams, 'item')
      .map(([, item]) => item)
      .filter(({ isRetired }) => !isRetired),
    cylinders: allOf(streams, 'cylinder')
      .map(([, cylinder]) => cylinder)
      .filter(({ isReturned }) => !isReturned),
    permits: allOf(streams, 'permit')
      .filter(([, { phase, request }]) => request.place.bayId !== null && !hasEnded(phase))
      .map(([permitId, permit]) => ({ permitId, version: 0, permit })),
    screens,
    names: Object.fromEntries(allOf(streams, 'person').map(([personId, { name }]) => [personId, name])),
  }
}
