const LOG_ROOT_2_PI = 0.918_938_533_204_672_7

/** Density of the standard normal distribution. */
export const normalDensity = (x: number): number => Math.exp(-0.5 * x * x - LOG_ROOT_2_PI)

/**
 * Standard normal distribution function Φ. The series Φ = ½ + φ·(x + x³/3 + x⁵/15 + …) within 4, the continued fraction
 * of the tail beyond.
 *
 * @example normalCdf(1.6448536269514722) // 0.95
 */
export function normalCdf(x: number): number {
  if (Math.abs(x) > 4) {
    const t = Math.abs(x)
    let fraction = t
    for (let k = 100; k >= 1; k--) fraction = t + k / fraction
    const tail = normalDensity(t) / fraction
    return x > 0 ? 1 - tail : tail
  }
  let sum = x
  let before = 0
  let term = x
  for (let i = 3; sum !== before; i += 2) {
    before = sum
    term *= x * x / i
    sum += term
  }
  return 0.5 + sum * normalDensity(x)
}

/**
 * Standard normal quantile, by Newton's method on Φ from a rational first guess.
 *
 * @param p above 0 and below 1
 * @throws RangeError outside
 */
export function normalQuantile(p: number): number {
  if (!(p > 0 && p < 1)) throw new RangeError('a probability between 0 and 1 is needed')
  const tail = Math.min(p, 1 - p)
  const t = Math.sqrt(-2 * Math.log(tail))
  // Abramowitz and Stegun 26.2.23: good to 4.5e-4, then polished.
  let z = t - (2.515517 + 0.802853 * t + 0.010328 * t * t) / (1 + 1.432788 * t + 0.189269 * t * t + 0.001308 * t ** 3)
  for (let i = 0; i < 4; i++) {
    const error = normalCdf(-z) - tail
    z += error / normalDensity(z)
  }
  return p < 0.5 ? -z : z
}

/** Natural logarithm of the gamma function for x > 0 (Lanczos). */
export function logGamma(x: number): number {
  const g = 7
  const c = [
    0.999_999_999_999_809_9, 676.520_368_121_885_1, -1_259.139_216_722_402_8, 771.323_428_777_653_1, -176.615_029_162_140_6,
    12.507_343_278_686_905, -0.138_571_095_265_720_12, 9.984_369_578_019_572e-6, 1.505_632_735_149_311_6e-7,
  ]
  const y = x - 1
  const t = y + g + 0.5
  const series = c.reduce((total, ci, i) => i === 0 ? ci : total + ci / (y + i), 0)
  return LOG_ROOT_2_PI + (y + 0.5) * Math.log(t) - t + Math.log(series)
}
