import { noncentralTQuantile } from './noncentral-t'
import { normalQuantile } from './normal'

const known = new Map<string, number>()

/**
 * One-sided tolerance factor: how many standard deviations above the mean covers a share of a normal population with
 * a confidence. k = t'(confidence; n − 1, z(share)·√n)/√n. Source: `tolerance`.
 *
 * @param n sample size, 2 or more
 * @param share of the population, such as 0.95
 * @param confidence such as 0.70
 * @throws RangeError below two samples
 * @example toleranceFactor(6, 0.95, 0.7) // 2.1867
 */
export function toleranceFactor(n: number, share: number, confidence: number): number {
  if (!(n >= 2)) throw new RangeError('a tolerance factor needs two samples or more')
  const key = `${n} ${share} ${confidence}`
  const found = known.get(key)
  if (found !== undefined) return found
  const root = Math.sqrt(n)
  const factor = noncentralTQuantile(confidence, n - 1, normalQuantile(share) * root) / root
  known.set(key, factor)
  return factor
}
