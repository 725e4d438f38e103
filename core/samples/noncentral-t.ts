import { logGamma, normalCdf } from './normal'

const STEPS = 400

/** Where s = √(χ²_ν/ν) has weight, and how much of it, by Simpson's rule: the same for every t and every noncentrality. */
interface Spread {
  readonly at: readonly number[]
  readonly weight: readonly number[]
}

const spreads = new Map<number, Spread>()

function spreadOf(degrees: number): Spread {
  const known = spreads.get(degrees)
  if (known) return known
  const half = degrees / 2
  const logScale = Math.LN2 + half * Math.log(half) - logGamma(half)
  const reach = 12 / Math.sqrt(2 * degrees)
  const from = Math.max(0, 1 - reach)
  const step = (1 + reach - from) / STEPS
  const at = Array.from({ length: STEPS + 1 }, (_, i) => from + i * step)
  const weight = at.map((s, i) => {
    // With more than one degree of freedom there is no weight at nought.
    if (s === 0 && degrees > 1) return 0
    const density = Math.exp(logScale + (degrees - 1) * Math.log(s === 0 ? 1 : s) - half * s * s)
    return ((i === 0 || i === STEPS ? 1 : i % 2 === 1 ? 4 : 2) * density * step) / 3
  })
  const spread = { at, weight }
  spreads.set(degrees, spread)
  return spread
}

/**
 * Distribution function of Student's t with a noncentrality: P(T ≤ t) = ∫ Φ(t·s − δ)·f(s) ds, where s = √(χ²_ν/ν).
 * Simpson's rule over where f has weight. Source: definition.
 *
 * @param degrees degrees of freedom, 1 or more
 */
export function noncentralTCdf(t: number, degrees: number, noncentrality: number): number {
  const { at, weight } = spreadOf(degrees)
  let total = 0
  for (let i = 0; i <= STEPS; i++) total += weight[i]! * normalCdf(t * at[i]! - noncentrality)
  return Math.min(1, total)
}

/** As near as this in x the zero is found. */
const FOUND_WITHIN = 1e-12

/** Where a rising function reaches a value between two ends, by Ridders' method: it never leaves the ends, and halves them at least. */
function riseThrough(f: (x: number) => number, wanted: number, low: number, high: number): number {
  let below = f(low) - wanted
  let above = f(high) - wanted
  let last = Infinity
  while (below < 0 && above > 0) {
    const middle = (low + high) / 2
    const atMiddle = f(middle) - wanted
    const found = middle - ((middle - low) * atMiddle) / Math.sqrt(atMiddle ** 2 - below * above)
    if (Math.abs(found - last) <= FOUND_WITHIN * Math.max(1, Math.abs(found)) || high - low <= FOUND_WITHIN * Math.max(1, Math.abs(high)))
      return found
    last = found
    for (const [x, value] of [
      [middle, atMiddle],
      [found, f(found) - wanted],
    ] as const) {
      if (x < low || x > high) continue
      if (value < 0) [low, below] = [x, value]
      else [high, above] = [x, value]
    }
  }
  return below >= 0 ? low : high
}

/** Quantile of the noncentral t distribution. @param p above 0 and below 1 */
export function noncentralTQuantile(p: number, degrees: number, noncentrality: number): number {
  let high = Math.max(1, noncentrality * 2)
  while (noncentralTCdf(high, degrees, noncentrality) < p) high *= 2
  return riseThrough(t => noncentralTCdf(t, degrees, noncentrality), p, -high, high)
}

/** The noncentrality at which P(T ≤ t) is p. Falls as t rises. */
export function noncentralityOf(p: number, t: number, degrees: number): number {
  const reach = Math.abs(t) * 3 + 40
  return -riseThrough(minus => noncentralTCdf(t, degrees, -minus), p, -reach, reach)
}
