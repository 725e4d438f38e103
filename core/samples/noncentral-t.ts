import { logGamma, normalCdf } from './normal'

const STEPS = 400

/**
 * Distribution function of Student's t with a noncentrality: P(T ≤ t) = ∫ Φ(t·s − δ)·f(s) ds, where s = √(χ²_ν/ν).
 * Simpson's rule over where f has weight. Source: definition.
 *
 * @param degrees degrees of freedom, 1 or more
 */
export function noncentralTCdf(t: number, degrees: number, noncentrality: number): number {
  const half = degrees / 2
  const logScale = Math.LN2 + half * Math.log(half) - logGamma(half)
  const spread = 1 / Math.sqrt(2 * degrees)
  const from = Math.max(0, 1 - 12 * spread)
  const to = 1 + 12 * spread
  const step = (to - from) / STEPS
  let total = 0
  for (let i = 0; i <= STEPS; i++) {
    const s = from + i * step
    if (s === 0 && degrees > 1) continue
    const density = Math.exp(logScale + (degrees - 1) * Math.log(s === 0 ? 1 : s) - half * s * s)
    total += (i === 0 || i === STEPS ? 1 : i % 2 === 1 ? 4 : 2) * density * normalCdf(t * s - noncentrality)
  }
  return Math.min(1, total * step / 3)
}

/** The zero of a rising function between two ends, by bisection until the ends touch. */
function riseThrough(f: (x: number) => number, wanted: number, low: number, high: number): number {
  for (let i = 0; i < 70 && high - low > 1e-12 * Math.max(1, Math.abs(high)); i++) {
    const middle = (low + high) / 2
    if (f(middle) < wanted) low = middle
    else high = middle
  }
  return (low + high) / 2
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
