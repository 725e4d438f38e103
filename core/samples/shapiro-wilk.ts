import { normalCdf, normalQuantile } from './normal'

/** Horner's rule, highest power first. */
const polynomial = (coefficients: readonly number[], x: number): number => coefficients.reduce((sum, c) => sum * x + c, 0)

/** Royston's polynomials in 1/√n for the two outermost weights, highest power first; the constant is added by the score. */
const LAST_WEIGHT = [-2.706056, 4.434685, -2.07119, -0.147981, 0.221157, 0] as const
const SECOND_WEIGHT = [-3.582633, 5.682633, -1.752461, -0.293762, 0.042981, 0] as const

export interface ShapiroWilk {
  readonly w: number
  readonly p: number
}

/** Weights of the order statistics, largest half; the smaller half is their mirror with the sign turned. */
function upperWeights(n: number): readonly number[] {
  if (n === 3) return [Math.SQRT1_2]
  const half = Math.floor(n / 2)
  // Blom's scores, largest first.
  const scores = Array.from({ length: half }, (_, i) => -normalQuantile((i + 1 - 0.375) / (n + 0.25)))
  const sumSquares = 2 * scores.reduce((sum, m) => sum + m * m, 0)
  const u = 1 / Math.sqrt(n)
  const a1 = polynomial(LAST_WEIGHT, u) + scores[0]! / Math.sqrt(sumSquares)
  if (n <= 5) {
    const phi = (sumSquares - 2 * scores[0]! ** 2) / (1 - 2 * a1 ** 2)
    return [a1, ...scores.slice(1).map(m => m / Math.sqrt(phi))]
  }
  const a2 = polynomial(SECOND_WEIGHT, u) + scores[1]! / Math.sqrt(sumSquares)
  const phi = (sumSquares - 2 * scores[0]! ** 2 - 2 * scores[1]! ** 2) / (1 - 2 * a1 ** 2 - 2 * a2 ** 2)
  return [a1, a2, ...scores.slice(2).map(m => m / Math.sqrt(phi))]
}

function pValue(w: number, n: number): number {
  if (n === 3) return Math.max(0, (6 / Math.PI) * (Math.asin(Math.sqrt(w)) - Math.asin(Math.sqrt(0.75))))
  const logN = Math.log(n)
  const y = Math.log(1 - w)
  if (n <= 11) {
    const gamma = -2.273 + 0.459 * n
    if (y >= gamma) return 0
    const mean = polynomial([-0.0006714, 0.025054, -0.39978, 0.544], n)
    const sd = Math.exp(polynomial([-0.0020322, 0.062767, -0.77857, 1.3822], n))
    return 1 - normalCdf((-Math.log(gamma - y) - mean) / sd)
  }
  const mean = polynomial([0.0038915, -0.083751, -0.31082, -1.5861], logN)
  const sd = Math.exp(polynomial([0.0030302, -0.082676, -0.4803], logN))
  return 1 - normalCdf((y - mean) / sd)
}

/**
 * Shapiro and Wilk's test whether a sample may come from a normal distribution, by Royston's approximation (algorithm
 * AS R94): W near 1 may, a small p does not. Equal values all over give W 1, for there is nothing to doubt.
 * Source: `shapiroWilk`.
 *
 * @param values 3 to 5000 of them, in any order
 * @throws RangeError for fewer or more
 * @example shapiroWilk([148, 154, 158, 160, 161, 162, 166, 170, 182, 195, 236]).w // 0.7888
 */
export function shapiroWilk(values: readonly number[]): ShapiroWilk {
  const n = values.length
  if (n < 3 || n > 5000) throw new RangeError('the test takes 3 to 5000 values')
  const sorted = [...values].sort((a, b) => a - b)
  const mean = sorted.reduce((sum, x) => sum + x, 0) / n
  const spread = sorted.reduce((sum, x) => sum + (x - mean) ** 2, 0)
  if (spread <= 1e-24 * Math.max(1, mean * mean) * n) return { w: 1, p: 1 }
  const slope = upperWeights(n).reduce((sum, a, i) => sum + a * (sorted[n - 1 - i]! - sorted[i]!), 0)
  const w = Math.min(1, (slope * slope) / spread)
  return { w, p: w >= 1 ? 1 : pValue(w, n) }
}
