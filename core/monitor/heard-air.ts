import type { MonitorBoundId } from '../ids/monitor-ids'
import type { Instant } from '../time/instant'
import { earlierOf, isAfter, isBefore, laterOf, minutesAfter, msOf } from '../time/instant'
import type { MonitorBound } from './monitor-bounds'
import { isPast } from './monitor-bounds'

/** What an instrument read at an instant: mg/m³, % or m³/s, by what it measures. */
export interface Reading { readonly at: Instant, readonly value: number }

/** What was heard of a monitor last, and over the quarter of an hour before it. */
export interface HeardAir {
  /** Of the newest reading. */
  readonly at: Instant
  readonly value: number
  /** By time, each stretch between two readings counted by the higher of them. */
  readonly mean: number
  /** So much of that quarter of an hour was heard, s: a mean of little says little. */
  readonly coveredS: number
  readonly lowest: number
  readonly highest: number
}

/** A stretch of readings past a bound: the gravest of it, in the unit of what is measured. */
export interface OverRun {
  readonly bound: MonitorBoundId
  readonly since: Instant
  readonly until: Instant
  /** The furthest past it, and the bound itself. */
  readonly value: number
  readonly limit: number
}

/** From when an instrument that is not heard again says nothing any more; null for one that was never heard. */
export const silentAt = ({ heard, silentAfterS }: { readonly heard: HeardAir | null, readonly silentAfterS: number }): Instant | null =>
  heard && new Date(msOf(heard.at) + silentAfterS * 1000).toISOString()

/** Short-term limits are means of so long. */
export const SHORT_TERM_MIN = 15

/** The span in which what is kept bears on some readings: a quarter of an hour before the first until as long after the last. */
export function aroundReadings(readings: readonly Reading[]): { readonly fromAt: Instant, readonly toAt: Instant } | null {
  const [first, ...rest] = readings
  if (!first) return null
  const [from, to] = rest.reduce<[Instant, Instant]>(([a, b], { at }) => [earlierOf(a, at), laterOf(b, at)], [first.at, first.at])
  return { fromAt: minutesAfter(from, -SHORT_TERM_MIN), toAt: minutesAfter(to, SHORT_TERM_MIN) }
}

/** A longer stretch without a reading is nobody's, s. */
interface Listening { readonly silentAfterS: number }

/** Readings in the order of time, by milliseconds: they are looked through many times. */
interface Row { readonly ms: number, readonly value: number }

const SHORT_TERM_MS = SHORT_TERM_MIN * 60_000

/** The air over the quarter of an hour before a reading, that of the row at an index. */
function heardAt(rows: readonly Row[], index: number, { silentAfterS }: Listening): HeardAir {
  const { ms, value } = rows[index]!
  let [weighed, span, lowest, highest] = [0, 0, value, value]
  for (let i = index; i > 0 && rows[i - 1]!.ms > ms - SHORT_TERM_MS; i--) {
    const [earlier, later] = [rows[i - 1]!, rows[i]!]
    const gap = Math.min(later.ms - earlier.ms, silentAfterS * 1000)
    // Between two readings it may have been as high as the higher all along.
    weighed += gap * Math.max(earlier.value, later.value)
    span += gap
    lowest = Math.min(lowest, earlier.value)
    highest = Math.max(highest, earlier.value)
  }
  return { at: new Date(ms).toISOString(), value, mean: span > 0 ? weighed / span : highest, coveredS: span / 1000, lowest, highest }
}

/** The mean of the whole quarter of an hour, had there been nothing where nobody listened: it was that much for certain. */
const leastMean = ({ mean, coveredS }: HeardAir): number => mean * Math.min(1, coveredS * 1000 / SHORT_TERM_MS)

/** What of the heard a bound is compared with. */
export const comparedWith = ({ isOfMean, isLeast }: MonitorBound, heard: HeardAir): number =>
  isOfMean ? leastMean(heard) : isLeast ? heard.lowest : heard.highest

/** Would a bound be passed, were the rest of the quarter of an hour as what was heard of it? */
export const isHeadingPast = (bound: MonitorBound, heard: HeardAir): boolean => bound.isOfMean && isPast(bound, heard.mean)

/** What was made of some readings: the air as it is last known, and the last stretch past a bound among those that are new. */
export interface Hearing { readonly heard: HeardAir, readonly over: OverRun | null }

/**
 * Listens to readings.
 *
 * @param readings known and new ones of at least the quarter of an hour before the first new one, in the order of time, at least one
 * @param newFrom the first instant of which something is new: stretches that ended before it were heard already
 * @param bounds gravest first
 * @param before the last stretch that was heard: one that goes on is the same
 * @returns the stretch that ended last of those that reach into what is new; the one before where none does
 */
export function listenTo(
  readings: readonly Reading[],
  newFrom: Instant,
  bounds: readonly MonitorBound[],
  before: OverRun | null,
  listening: Listening,
): Hearing {
  const rows = readings.map(({ at, value }): Row => ({ ms: msOf(at), value }))
  const newFromMs = msOf(newFrom)
  let run: OverRun | null = null
  let last: OverRun | null = null
  for (const [index, { ms, value }] of rows.entries()) {
    const heard = heardAt(rows, index, listening)
    const passed = bounds.find(bound => isPast(bound, bound.isOfMean ? leastMean(heard) : value))
    if (!passed) {
      run = null
      continue
    }
    const read = passed.isOfMean ? leastMean(heard) : value
    run = joined(run, { bound: passed.bound, since: heard.at, until: heard.at, value: read, limit: passed.value }, bounds)
    if (ms >= newFromMs) last = run
  }
  const heard = heardAt(rows, rows.length - 1, listening)
  if (last === null || (before !== null && isBefore(last.until, before.until))) return { heard, over: before }
  return { heard, over: before !== null && !isAfter(last.since, before.until) ? { ...last, since: before.since } : last }
}

/** A stretch that goes on keeps the gravest of what it passed. */
function joined(run: OverRun | null, next: OverRun, bounds: readonly MonitorBound[]): OverRun {
  if (run === null) return next
  const rank = (one: OverRun): number => bounds.findIndex(({ bound }) => bound === one.bound)
  const isLeast = bounds[rank(next)]?.isLeast === true
  const isFurther = isLeast ? next.value < run.value : next.value > run.value
  const isWorse = rank(run) === rank(next) ? isFurther : rank(next) < rank(run)
  return { ...(isWorse ? next : run), since: run.since, until: next.until }
}
