import { noncentralityOf } from './noncentral-t'
import { normalCdf } from './normal'
import { toleranceFactor } from './tolerance-factor'

/** A sample summed up as lognormal. Units are those of the values. */
export interface LognormalSummary {
  readonly n: number
  readonly mean: number
  readonly gm: number
  readonly gsd: number
  /** Point estimate of the 95th percentile. */
  readonly p95: number
  /** The 95th percentile is below this with 70 % confidence. */
  readonly utl95_70: number
  readonly utl95_95: number
}

/** How a sample stands to a limit. */
export interface Exceedance {
  /** (ln L − mean of ln)/s. */
  readonly uR: number
  /** Share of shifts over the limit: point, and its bounds with 70 % and 95 % confidence. */
  readonly point: number
  readonly upper70: number
  readonly upper95: number
}

/** Mean and standard deviation (n − 1) of the logarithms. */
export function logMoments(values: readonly number[]): { readonly mean: number, readonly sd: number } {
  const logs = values.map(Math.log)
  const mean = logs.reduce((total, y) => total + y, 0) / logs.length
  return { mean, sd: Math.sqrt(logs.reduce((total, y) => total + (y - mean) ** 2, 0) / (logs.length - 1)) }
}

/**
 * Sums up a sample as lognormal. Source: `lognormalTools`.
 *
 * @param values above 0; two or more
 * @throws RangeError for fewer, or for one that is not above 0
 */
export function lognormalSummary(values: readonly number[]): LognormalSummary {
  if (values.length < 2 || values.some(value => !(value > 0))) throw new RangeError('two values above zero are needed')
  const { mean, sd } = logMoments(values)
  const n = values.length
  return {
    n, gm: Math.exp(mean), gsd: Math.exp(sd),
    mean: values.reduce((total, value) => total + value, 0) / n,
    p95: Math.exp(mean + 1.644_853_626_951_472_2 * sd),
    utl95_70: Math.exp(mean + toleranceFactor(n, 0.95, 0.7) * sd),
    utl95_95: Math.exp(mean + toleranceFactor(n, 0.95, 0.95) * sd),
  }
}

/**
 * How many standard deviations of the logarithms a limit lies above their mean: uR = (ln L − mean of ln)/s. Infinite where all
 * values are one; not a number where the limit is that one. Source: `lognormalTools`.
 *
 * @param values above 0, two or more
 * @param limit above 0, in the unit of the values
 */
export function marginToLimit(values: readonly number[], limit: number): number {
  const { mean, sd } = logMoments(values)
  return (Math.log(limit) - mean) / sd
}

/** How a sample stands to a limit, with confidence bounds from the noncentral t distribution. Source: `lognormalTools`. */
export function exceedance(values: readonly number[], limit: number): Exceedance {
  const n = values.length
  const uR = marginToLimit(values, limit)
  if (!Number.isFinite(uR)) {
    const over = uR > 0 ? 0 : 1
    return { uR, point: over, upper70: over, upper95: over }
  }
  // P(T ≤ t) falls as the noncentrality rises; the low noncentrality, where P is the confidence, goes with the large share.
  const upperBound = (confidence: number): number => 1 - normalCdf(noncentralityOf(confidence, uR * Math.sqrt(n), n - 1) / Math.sqrt(n))
  return { uR, point: 1 - normalCdf(uR), upper70: upperBound(0.7), upper95: upperBound(0.95) }
}
