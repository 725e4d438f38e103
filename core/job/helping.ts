import type { GlassesKind } from '../ids/station-ids'
import type { Instant } from '../time/instant'
import { isAfter, isBefore, stands } from '../time/instant'
import { newest } from '../time/late-reports'
import type { JobSpan, ShopClock } from './day-work'
import { minutesAt } from './day-work'
import type { Job } from './job'

/** What somebody saw of the eyes of who helps. */
export interface HelperEyes {
  /** The shade of what they hold or wear before the eyes; null for none, left out where nobody asked for one. */
  readonly shade?: number | null
  /** What is under it. */
  readonly glasses: GlassesKind
  readonly at: Instant
}

/** Somebody who helps at a bay on a shop day: they stand at its arc and strike none. */
export interface Helping {
  readonly personId: string
  readonly sinceAt: Instant
  /** Null as long as they help. */
  readonly untilAt: Instant | null
  /** When the shop day ends. */
  readonly validUntil: Instant
  /** As they were last looked at while they helped; null as long as nobody looked. */
  readonly eyes: HelperEyes | null
}

/** Those who helped, with a look at one of them: it is of the time they helped in, and speaks of no other. */
export const withLook = (helpers: readonly Helping[], personId: string, look: HelperEyes): readonly Helping[] =>
  helpers.map((one) => {
    const isOfIt = one.personId === personId && !isBefore(look.at, one.sinceAt) && (one.untilAt === null || !isAfter(look.at, one.untilAt))
    return isOfIt ? { ...one, eyes: newest(one.eyes, look) } : one
  })

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
