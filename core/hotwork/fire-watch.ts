import { betweenLooks } from '../streams/permit/permit-deadlines'

/** When somebody looks after the work has ended: a round of the watch, or a visit of the monitoring. */
export interface PlannedRound { readonly atMs: number, readonly kind: 'round' | 'watch-end' | 'visit' | 'monitoring-end' }

export interface FireWatchPlan {
  readonly rounds: readonly PlannedRound[]
  readonly watchEndsAtMs: number
  readonly monitoringEndsAtMs: number
}

const MINUTE_MS = 60_000

function every(
  fromMs: number,
  untilMs: number,
  stepMin: number,
  kind: 'round' | 'visit',
  end: 'watch-end' | 'monitoring-end',
): readonly PlannedRound[] {
  const rounds: PlannedRound[] = []
  for (let atMs = fromMs + stepMin * MINUTE_MS; atMs < untilMs; atMs += stepMin * MINUTE_MS) rounds.push({ atMs, kind })
  return untilMs > fromMs ? [...rounds, { atMs: untilMs, kind: end }] : rounds
}

/**
 * The rounds of a fire watch and the visits of the monitoring after it. Elapsed minutes in UTC: a clock change makes
 * neither shorter nor longer. The last look of each is at its very end, and the shortest watch has a round on the way.
 *
 * @param workEndedAtMs the last arc or flame, milliseconds since 1970
 * @param visitEveryMin between visits of the monitoring; left out, as between rounds
 * @throws RangeError when an interval is not above zero
 * Source: `watchClock`; intervals are house policy, no published number.
 */
export function fireWatchPlan(
  workEndedAtMs: number,
  {
    afterMin,
    monitoringMin,
    roundEveryMin,
    visitEveryMin = roundEveryMin,
  }: { readonly afterMin: number, readonly monitoringMin: number, readonly roundEveryMin: number, readonly visitEveryMin?: number },
): FireWatchPlan {
  if (!(roundEveryMin > 0) || !(visitEveryMin > 0)) throw new RangeError('rounds need minutes between them')
  const watchEndsAtMs = workEndedAtMs + afterMin * MINUTE_MS
  const monitoringEndsAtMs = watchEndsAtMs + monitoringMin * MINUTE_MS
  return {
    rounds: [
      ...every(workEndedAtMs, watchEndsAtMs, betweenLooks(roundEveryMin, afterMin), 'round', 'watch-end'),
      ...every(watchEndsAtMs, monitoringEndsAtMs, visitEveryMin, 'visit', 'monitoring-end'),
    ],
    watchEndsAtMs,
    monitoringEndsAtMs,
  }
}
