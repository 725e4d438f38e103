import type { Finding } from '../findings/finding'
import { permitStream, stationStream } from '../ids/streams'
import type { StreamKindName } from '../ids/streams'
import { judgePermitKit } from '../hotwork/permit-readiness'
import { joinFacts } from '../site-facts/join-facts'
import type { SiteFacts } from '../site-facts/site-facts'
import { withChanges } from '../site-facts/site-facts'
import { viewsOf } from '../site-facts/site-standing'
import { whoHears } from '../streams/notice/notice'
import type { Tellable } from '../streams/notice/notice'
import { foldEvents, kindNamed } from '../streams/kinds'
import type { KitItem } from '../streams/kit-item/kit-item'
import type { Permit } from '../streams/permit/permit'
import { permitKitFacts, servesPermit } from '../streams/permit/permit-kit'
import { actorWord } from '../streams/scene'
import type { Scene } from '../streams/scene'
import { placesChanged } from '../streams/site/places-changed'
import type { Site } from '../streams/site/site'
import { evolveStation } from '../streams/station/station'
import type { Station, StationEvent } from '../streams/station/station'
import type { News, StreamEvent } from '../streams/stream-kind'
import { tagIdOf } from '../ids/tag'
import { gateChanges } from './gate-changes'

/** One stream with what is appended to it, its state before and after. */
export interface Change {
  readonly streamId: string
  readonly name: StreamKindName
  readonly id: string
  readonly before: unknown
  readonly events: readonly StreamEvent[]
  readonly after: unknown
}

/** A change of a stream by some events. */
export function changeOf(streamId: string, name: StreamKindName, id: string, before: unknown, events: readonly StreamEvent[]): Change {
  return { streamId, name, id, before, events, after: foldEvents(kindNamed(name), before, events) }
}

/** A permit under which work goes on and whose kit may be touched, with that kit as it was. */
export interface WorkingPermit {
  readonly permitId: string
  readonly permit: Permit | null
  readonly items: readonly KitItem[]
}

/** What a decision may bring with it, beside what it decides. */
export interface Bystanders {
  readonly scene: Scene
  /** What gates rest on, before the decision; null where no bay and no permit at work is concerned. */
  readonly facts: SiteFacts | null
  /** Each gate that changes is recorded; left out where they are judged at the end only. */
  readonly recordsGates: boolean
  /** Other bays whose gates may change, with their stations; those at which anything ever happened, and the rest. */
  readonly followers: readonly { readonly bayId: string, readonly station: Station, readonly isLiving: boolean }[]
  readonly workingPermits: readonly WorkingPermit[]
  readonly people: readonly Tellable[]
  /** The stream of the nth notice that comes of this decision. */
  readonly noticeStreamOf: (index: number) => string
  /** A finding as a sentence, for a stop's reason on record. */
  readonly say: (said: Finding) => string
}

interface Said extends News {
  readonly about: string
}
/** What of these changes people are told. */
const newsOf = (changes: readonly Change[]): readonly Said[] =>
  changes.flatMap(({ streamId, name, id, before, events }) =>
    (kindNamed(name).news?.(before, events, id) ?? []).map(one => ({ ...one, about: streamId })),
  )

/** A permit follows its kit as a bay does: what is tagged out, taken away or found bad stops the work that rested on it. */
function stopWithoutKit(changes: readonly Change[], { scene, facts, workingPermits }: Bystanders): readonly Change[] {
  const items = changes.filter(({ name, events }) => name === 'item' && events.length > 0)
  if (items.length === 0 || workingPermits.length === 0) return []
  if (!facts) throw new Error('the kit of a permit at work is judged by facts that nobody read')
  const after = new Map(items.map(change => [change.id, change.after as KitItem | null]))
  return workingPermits.flatMap(({ permitId, permit, items: before }) => {
    if (permit?.phase !== 'working') return []
    const { bayId } = permit.request.place
    const now = before.flatMap((item) => {
      const changed = after.get(tagIdOf(item.tag))
      return changed === undefined ? [item] : changed !== null && servesPermit(changed, permitId, bayId) ? [changed] : []
    })
    const said = judgePermitKit(permitKitFacts(now, facts.lists, scene, scene.now), permit, scene.now)
    if (said.every(({ severity }) => severity !== 'hold' && severity !== 'stop')) return []
    const payload = { cause: 'kit', note: null, at: scene.at, by: actorWord(scene.actor) }
    return [changeOf(permitStream(permitId), 'permit', permitId, permit, [{ type: 'work-stopped', version: 1, payload }])]
  })
}

/** Whoever has to hear of it is told, each on record, in the same breath. */
function notices(
  news: readonly Said[],
  { scene: { site, actor, now }, facts, followers, people, noticeStreamOf }: Bystanders,
): readonly Change[] {
  const bayIds = followers.map(({ bayId }) => bayId)
  const atBays = bayIds.flatMap(bayId => facts?.stations[bayId]?.personId ?? [])
  const areaIds = site.bays.filter(({ bayId }) => bayIds.includes(bayId)).map(({ areaId }) => areaId)
  return news.map(({ about, what, personIds, isAbout }, index) => {
    const streamId = noticeStreamOf(index)
    const to = whoHears(
      people,
      { personIds: atBays, namedIds: personIds, areaIds, isAbout },
      actor.kind === 'person' ? actor.personId : null,
    )
    const given = { type: 'notice-given', version: 1, payload: { what, about, bayIds, to, givenAt: now } }
    return changeOf(streamId, 'notice', streamId.split('/')[1]!, null, to.length === 0 ? [] : [given])
  })
}

/** What happens to bays at once, before their gates are asked. */
interface AtOnce {
  /** A danger stops the place: the reason, in words. */
  readonly stop: string | null
  /** Whoever leaves the site stands at none of its bays. */
  readonly leaverIds: readonly (string | null)[]
  /** Bays that are used again, moved or made another kind: what was seen there was seen elsewhere. */
  readonly changedIds: readonly string[]
}
function firstEvents(
  bayId: string,
  station: Station,
  { stop, leaverIds, changedIds }: AtOnce,
  { at, actor }: Scene,
): readonly StationEvent[] {
  const events: StationEvent[] = []
  // A leak or a fire stops the place in the same breath: the gate says why, and re-opening takes who may.
  if (stop !== null && !station.stop) events.push({ type: 'stopped', version: 1, payload: { at, by: actorWord(actor), reason: stop } })
  if (leaverIds.includes(station.personId)) events.push({ type: 'person-placed', version: 2, payload: { personId: null, at } })
  if (changedIds.includes(bayId)) events.push({ type: 'place-changed', version: 1, payload: { at } })
  return events
}

/** Adds to the change of a station each gate that no longer answers as it was last recorded. */
function gatesUnder(facts: SiteFacts): (change: Change) => Change {
  const viewAt = viewsOf(joinFacts(facts))
  const bays = new Map(facts.site.bays.map(bay => [bay.bayId, bay]))
  return (change) => {
    const events = gateChanges(change.after as Station, viewAt(bays.get(change.id)!))
    return events.length === 0 ? change : changeOf(change.streamId, change.name, change.id, change.before, [...change.events, ...events])
  }
}

/**
 * Everything that some decided changes bring with them: permits that stop for want of their kit, who is told, bays that stop or lose
 * whoever stood there, and each gate that no longer answers as it was last recorded. Pure: what it rests on was read before.
 *
 * @param decided what was decided, in its order
 * @throws Error where a bay or a permit at work is concerned and its facts were not read: nothing is taken for unchanged
 * @returns the same changes, those of stations with their gates, and the rest after them, in the order in which they are recorded
 */
export function withConsequences(decided: readonly Change[], bystanders: Bystanders): readonly Change[] {
  const { scene, facts, followers, recordsGates } = bystanders
  const stopped = [...decided, ...stopWithoutKit(decided, bystanders)]
  const news = newsOf(stopped)
  const told = notices(news, bystanders)
  const isOfStations = decided.some(({ name }) => name === 'station')
  const isFollowed = followers.length > 0 && stopped.some(({ events }) => events.length > 0)
  if (!isOfStations && !isFollowed) return [...stopped, ...told]
  if (recordsGates && !facts) throw new Error('gates are recorded by facts that nobody read')

  const withGates = recordsGates && facts ? gatesUnder(withChanges(facts, stopped)) : (change: Change) => change
  const judged = stopped.map(change => (change.name === 'station' ? withGates(change) : change))
  if (!isFollowed) return [...judged, ...told]

  const stopping = news.find(({ isStopping }) => isStopping)
  const stop = stopping ? bystanders.say(stopping.what) : null
  const changedIds = stopped.flatMap(({ name, before, after }) => (name === 'site' ? placesChanged(before as Site, after as Site) : []))
  const leaverIds = stopped.filter(({ events }) => events.some(({ type }) => type === 'person-left')).map(({ id }) => id)
  const followed = followers
    // A bay at which nothing ever happened has no gates on record to differ from.
    .filter(({ isLiving }) => stop !== null || isLiving)
    .map(({ bayId, station }) => {
      const events = firstEvents(bayId, station, { stop, leaverIds, changedIds }, scene)
      return withGates({
        streamId: stationStream(bayId),
        name: 'station',
        id: bayId,
        before: station,
        events,
        after: events.reduce(evolveStation, station),
      })
    })
    .filter(({ events }) => events.length > 0)
  return [...judged, ...told, ...followed]
}
