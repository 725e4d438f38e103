import type { Place } from '../streams/place/place'
import type { Permit } from '../streams/permit/permit'
import { hasEnded } from '../streams/permit/permit-end'
import type { Instant } from '../time/instant'
import { isAfter, isBefore, laterOf, minutesAfter } from '../time/instant'

/** A permit with its place on the site's grid; null where it has none there. */
export interface PlacedPermit {
  readonly permitId: string
  readonly permit: Pick<Permit, 'code' | 'phase' | 'request' | 'plan' | 'untilAt' | 'watchOverAt' | 'watchFrom'>
  readonly place: Pick<Place, 'xM' | 'yM' | 'widthM' | 'depthM'> | null
}

/**
 * From the start of the work until the monitoring after it: smoulder meets vapour also then. Half open. A watch or a
 * monitoring that runs goes on until somebody closes it, whenever it was meant to be over: its end is not known (null).
 */
export function liveSpan({
  phase,
  request: { fromAt },
  plan,
  untilAt,
  watchFrom,
}: PlacedPermit['permit']): readonly [from: Instant, until: Instant | null] {
  if (phase === 'watch' || phase === 'monitoring') return [fromAt, null]
  return [fromAt, minutesAfter(laterOf(watchFrom, untilAt), plan.afterMin + plan.monitoringMin)]
}

/** Shortest way between two outlines, m; 0 where they touch. */
export function gapBetween(a: NonNullable<PlacedPermit['place']>, b: NonNullable<PlacedPermit['place']>): number {
  const dx = Math.max(0, a.xM - (b.xM + b.widthM), b.xM - (a.xM + a.widthM))
  const dy = Math.max(0, a.yM - (b.yM + b.depthM), b.yM - (a.yM + a.depthM))
  return Math.hypot(dx, dy)
}

/**
 * Other permits whose circle touches this one's while both are live: the way between the places is shorter than the sum
 * of the radii. A place nobody knows counts as near. Storeys are no comfort: sparks fall. Source: `neighbours`.
 */
export function nearPermits(one: PlacedPermit, others: readonly PlacedPermit[]): readonly PlacedPermit[] {
  const [from, until] = liveSpan(one.permit)
  return others.filter((other) => {
    if (other.permitId === one.permitId || hasEnded(other.permit.phase)) return false
    const [otherFrom, otherUntil] = liveSpan(other.permit)
    if ((until !== null && !isBefore(otherFrom, until)) || (otherUntil !== null && !isAfter(otherUntil, from))) return false
    return !one.place || !other.place || gapBetween(one.place, other.place) < one.permit.plan.radiusM + other.permit.plan.radiusM
  })
}
