import { halved } from '../chance/halved'
import { logMoments } from './lognormal'

/** The mean of a lognormal sample: what an average over many shifts comes to. In the unit of the values. */
export interface LognormalMean {
  /** The unbiased estimate of least variance. */
  readonly mvue: number
  /** The mean is above the one and below the other, with 95 % confidence each. */
  readonly lower95: number
  readonly upper95: number
}

/**
 * Finney's series ψ(t), by which the unbiased estimate is exp(ȳ)·ψ(s²/2).
 * ψ = 1 + (n−1)t/n + (n−1)³t²/(n²(n+1)·2!) + (n−1)⁵t³/(n³(n+1)(n+3)·3!) + …
 */
function finney(n: number, t: number): number {
  let term = (n - 1) * t / n
  let sum = 1 + term
  for (let k = 2; Math.abs(term) > 1e-16 * sum && k < 2000; k++) {
    term *= (n - 1) ** 2 * t / (n * (n + 2 * k - 3) * k)
    sum += term
  }
  return sum
}

const STEPS = 800

/**
 * How likely a sample's logarithms lie as low as they do, were the mean of the shifts `mean`: Land's conditional distribution.
 * Given U = Σ(y − ln mean)², the mean w of y − ln mean is spread as (U − n·w²)^((n−3)/2)·e^(−n·w/2),
 * whatever the spread of shifts.
 */
function chanceBelow(n: number, meanLog: number, sd: number, lnMean: number): number {
  const w = meanLog - lnMean
  const reach = Math.sqrt((n - 1) * sd * sd / n + w * w)
  // w = reach·sin φ turns the ends, where it is steep, into something smooth.
  const at = Math.asin(Math.max(-1, Math.min(1, w / reach)))
  const logOf = (phi: number): number => (n - 2) * Math.log(Math.max(Math.cos(phi), 1e-300)) - n * reach * Math.sin(phi) / 2
  let top = -Infinity
  for (let i = 0; i <= STEPS; i++) top = Math.max(top, logOf(-Math.PI / 2 + Math.PI * i / STEPS))
  const area = (from: number, to: number): number => {
    const step = (to - from) / STEPS
    let sum = 0
    for (let i = 0; i <= STEPS; i++) sum += Math.exp(logOf(from + i * step) - top) * (i === 0 || i === STEPS ? 1 : i % 2 ? 4 : 2)
    return sum * step / 3
  }
  const below = area(-Math.PI / 2, at)
  return below / (below + area(at, Math.PI / 2))
}

/**
 * The mean of shifts whose logarithms are normal, with Land's exact limits.
 *
 * @param values above 0; three or more that are not all alike
 * @returns null for fewer, or where all are alike
 * Source: `landLimits`.
 */
export function lognormalMean(values: readonly number[]): LognormalMean | null {
  const n = values.length
  if (n < 3 || values.some(value => !(value > 0))) return null
  const { mean, sd } = logMoments(values)
  if (!(sd > 1e-9)) return null
  const middle = mean + sd * sd / 2
  // The higher the mean is taken to be, the less likely is a sample as low as this.
  const [low, high] = [middle - 20 * sd - 5 * sd * sd, middle + 20 * sd + 200 * sd * sd]
  const meanAt = (chance: number): number => Math.exp(halved(low, high, tried => chanceBelow(n, mean, sd, tried) > chance))
  return { mvue: Math.exp(mean) * finney(n, sd * sd / 2), lower95: meanAt(0.95), upper95: meanAt(0.05) }
}
