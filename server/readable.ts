import { isNamedIn } from '#core/streams/permit/named-in'
import type { Permit } from '#core/streams/permit/permit'
import { mayDo, reachOf } from '#core/rights/rights'
import type { Holder } from '#core/rights/rights'
import type { Site } from '#core/streams/site/site'
import type { LifeEntry } from '#shared/contract/readings'
import type { Queryable } from './database/connection'
import { readLife } from './tables/log'
import type { Change } from './live'
import type { SignedIn } from './signed-in'
import { CHECK_LISTS_STREAM, readStreamId, samplesStream, stationStream } from '#core/ids/streams'

/** Streams of gas and kit, as a store keeper reads them. */
const GAS_AND_KIT = ['item/%', 'cylinder/%', 'place/%', CHECK_LISTS_STREAM] as const

/**
 * The streams this person may read: all of them (null), gas and kit, permits, or the bays of their own area with their samples.
 * `item/%` stands for all of a kind.
 */
export function readableStreams(site: Pick<Site, 'bays'>, holder: Holder): readonly string[] | null {
  const reach = reachOf(holder, 'read-records')
  if (reach === 'all') return null
  const streams: string[] = []
  for (const role of holder.roles) {
    const own = reachOf({ ...holder, roles: [role] }, 'read-records')
    if (own === 'gas-and-kit') streams.push(...GAS_AND_KIT)
    else if (own === 'permits') streams.push('permit/%')
    else if (own === 'own-area')
      streams.push(
        ...site.bays
          .filter(({ areaId }) => areaId === holder.areaId)
          .flatMap(({ bayId }) => [stationStream(bayId), samplesStream(bayId)]),
      )
  }
  return streams
}

export const isReadable = (readable: readonly string[] | null, streamId: string): boolean =>
  readable === null || readable.some(one => one === streamId || (one.endsWith('%') && streamId.startsWith(one.slice(0, -1))))

/** Where a thing is used, or whose permit it is: who works there reads its life, whatever else they may read. */
export interface Around {
  readonly site: Pick<Site, 'bays'>
  /** Bays at which a thing is used now. */
  readonly bayIds?: readonly string[]
  readonly permit?: Permit
}

/** May this person read the whole life of a stream? Whom the log refuses is not told by a page either. */
export function mayReadLife(
  { person, holder }: Pick<SignedIn, 'person' | 'holder'>,
  streamId: string,
  { site, bayIds = [], permit }: Around,
): boolean {
  if (isReadable(readableStreams(site, holder), streamId)) return true
  if (permit) return isNamedIn(permit, person.personId)
  // An instructor reads of what is used in their own area; so much reaches `read-records` there too.
  return bayIds.some(bayId =>
    mayDo(holder, 'read-records', { bayId, areaId: site.bays.find(bay => bay.bayId === bayId)?.areaId ?? null }),
  )
}

/** The whole life of a stream, newest first; null for somebody who may not read it. */
export async function readLifeFor(db: Queryable, who: SignedIn, streamId: string, around: Around): Promise<readonly LifeEntry[] | null> {
  return mayReadLife(who, streamId, around) ? readLife(db, who.siteId, streamId) : null
}

/**
 * Changes as a screen is told of them: what happened to a person's sign-in, health or standing is told to those who see to it; to
 * others only that something did.
 */
export function shownChanges(changes: readonly Change[], holder: Holder): readonly Change[] {
  const seesPeople = mayDo(holder, 'manage-people') || mayDo(holder, 'health-fields')
  return changes.map((change) => {
    const kind = readStreamId(change.streamId)?.kind
    return kind === 'person' && !seesPeople ? { position: change.position, streamId: 'people', type: 'changed' } : change
  })
}
