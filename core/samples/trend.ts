import { parseDate } from '@internationalized/date'
import { halved } from '../chance/halved'
import { noncentralTCdf } from './noncentral-t'
import type { SampleValue } from './substitution'

/** A shift average with the day it was taken on, YYYY-MM-DD. */
export interface DatedSample extends SampleValue { readonly takenOn: string }

/** How results went over time: factors by which they change in a month, 1 is no change. */
export interface Trend {
  readonly perMonth: number
  /** With 90 % confidence. */
  readonly low: number
  readonly high: number
  readonly says: 'rises' | 'falls' | 'none-seen'
  /** The middle of what was found, on the first day and on the last, in the unit of the values. */
  readonly from: number
  readonly to: number
}

/** Why no trend can be told. */
export type NoTrend = 'few-results' | 'few-days' | 'short-time' | 'mostly-below'

/** House readings: fewer results, days or months than these show chance. */
const LEAST = { results: 6, days: 3, spanDays: 60, found: 0.5 } as const
const DAYS_A_MONTH = 365.25 / 12
const CONFIDENCE = 0.9

/** Student's t that a share of its distribution lies under. */
const quantileT = (share: number, degrees: number): number => halved(-200, 200, t => noncentralTCdf(t, degrees, 0) < share)

/**
 * The trend of a sample over time: a straight line through the logarithms by least squares, with the confidence limits of its slope. A
 * result below the limit of quantification counts as that limit divided by √2.
 * Source: ordinary least squares (derived).
 *
 * @returns why there is none, where too little was measured to tell one from chance
 */
export function trendOf(samples: readonly DatedSample[]): Trend | NoTrend {
  const days = [...new Set(samples.map(({ takenOn }) => takenOn))].sort()
  const [first, last] = [days[0], days.at(-1)]
  if (samples.length < LEAST.results || first === undefined || last === undefined) return 'few-results'
  if (days.length < LEAST.days) return 'few-days'
  const daysFrom = (day: string): number => parseDate(day).compare(parseDate(first))
  if (daysFrom(last) < LEAST.spanDays) return 'short-time'
  if (samples.filter(({ isBelowLoq }) => !isBelowLoq).length < LEAST.found * samples.length) return 'mostly-below'

  const points = samples.map(({ takenOn, value, isBelowLoq }) => ({
    x: daysFrom(takenOn) / DAYS_A_MONTH, y: Math.log(isBelowLoq ? value * Math.SQRT1_2 : value),
  }))
  const n = points.length
  const mean = (of: (point: (typeof points)[number]) => number): number => points.reduce((sum, point) => sum + of(point), 0) / n
  const [meanX, meanY] = [mean(({ x }) => x), mean(({ y }) => y)]
  const spreadX = points.reduce((sum, { x }) => sum + (x - meanX) ** 2, 0)
  const slope = points.reduce((sum, { x, y }) => sum + (x - meanX) * (y - meanY), 0) / spreadX
  const rest = points.reduce((sum, { x, y }) => sum + (y - meanY - slope * (x - meanX)) ** 2, 0)
  const reach = quantileT((1 + CONFIDENCE) / 2, n - 2) * Math.sqrt(rest / (n - 2) / spreadX)
  const at = (x: number): number => Math.exp(meanY + slope * (x - meanX))
  return {
    perMonth: Math.exp(slope),
    low: Math.exp(slope - reach),
    high: Math.exp(slope + reach),
    says: slope - reach > 0 ? 'rises' : slope + reach < 0 ? 'falls' : 'none-seen',
    from: at(0),
    to: at(daysFrom(last) / DAYS_A_MONTH),
  }
}
