import type { Instant } from '../time/instant'
import { stands } from '../time/instant'
import type { JobSpan, ShopClock } from './day-work'
import { minutesAt } from './day-work'
import type { Job } from './job'

/** Somebody who helps at a bay on a shop day: they stand at its arc and strike none. */
export interface Helping {
  readonly personId: string
  readonly sinceAt: Instant
  /** Null as long as they help. */
  readonly untilAt: Instant | null
  /** When the shop day ends. */
  readonly validUntil: Instant
}

/** Whoever helps now. */
export const helpingNow = (helpers: readonly Helping[], now: Instant): readonly Helping[] =>
  helpers.filter(({ untilAt, validUntil }) => untilAt === null && stands(validUntil, now))

/** Does somebody help today, or did they? */
export const helpedToday = (helpers: readonly Helping[], personId: string, now: Instant): boolean =>
  helpers.some(one => one.personId === personId && stands(one.validUntil, now))

/**
 * What of a bay's work somebody helped at. Of the job that stands all of it counts up to when they went, whenever it was told: as for who
 * welds. Told late of an earlier one, they may have been there from its beginning; what was over before they came was without them.
 *
 * @param work of the bay's day
 * @param standing the job that stands
 */
export function helpOf(
  personId: string,
  helpers: readonly Helping[],
  { work, standing }: { readonly work: readonly JobSpan[], readonly standing: Job | null },
  clock: ShopClock,
  now: Instant,
): readonly JobSpan[] {
  const theirs = helpers.filter(one => one.personId === personId && stands(one.validUntil, now))
  const until = (span: JobSpan): number => Math.max(span.fromMin, ...theirs.flatMap(({ sinceAt, untilAt }) => {
    if (span.job !== standing && minutesAt(sinceAt, clock) >= span.toMin) return []
    return Math.min(span.toMin, untilAt === null ? Infinity : minutesAt(untilAt, clock))
  }))
  return work.map(span => ({ ...span, toMin: until(span) })).filter(({ fromMin, toMin }) => toMin > fromMin)
}
