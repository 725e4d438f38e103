import type { SubstitutionId } from '../ids/vocabulary'
import { logMoments } from './lognormal'
import { normalCdf, normalDensity, normalQuantile } from './normal'

/** One result. Below the limit of quantification the value is that limit. */
export interface SampleValue { readonly value: number, readonly isBelowLoq: boolean }

/** A sample as a method counts it: values to go on with, or only mean and spread of the logarithms. */
export interface Counted {
  readonly method: SubstitutionId
  /** Every value with a number; null where the method gives only moments. */
  readonly values: readonly number[] | null
  readonly gm: number
  readonly gsd: number
}

/** What each replacement by a number puts in place of a result below the limit of quantification. */
const REPLACED_BY: Readonly<Partial<Record<SubstitutionId, number>>> = { 'loq': 1, 'loq-root-2': Math.SQRT1_2, 'loq-half': 0.5 }

/**
 * Counts a sample by one method; null where the method cannot (too few found, several limits, or none above).
 * Source: `substitution`.
 *
 * @example countBy('loq-half', [{ value: 0.2, isBelowLoq: true }, { value: 0.4, isBelowLoq: false }])?.values // [0.1, 0.4]
 */
export function countBy(method: SubstitutionId, sample: readonly SampleValue[]): Counted | null {
  const factor = REPLACED_BY[method]
  const counted = (values: readonly number[]): Counted => {
    const { mean, sd } = logMoments(values)
    return { method, values, gm: Math.exp(mean), gsd: Math.exp(sd) }
  }
  if (factor !== undefined)
    return sample.length < 2 ? null : counted(sample.map(({ value, isBelowLoq }) => (isBelowLoq ? value * factor : value)))
  const found = sample.filter(({ isBelowLoq }) => !isBelowLoq).map(({ value }) => value)
  const loqs = [...new Set(sample.filter(({ isBelowLoq }) => isBelowLoq).map(({ value }) => value))]
  if (found.length < 3 || loqs.length === 0) return null
  if (method === 'likelihood') return byLikelihood(sample)
  // The other two are written for one limit, with every found value above it.
  if (loqs.length > 1 || found.some(value => value < loqs[0]!)) return null
  return method === 'regression' ? counted(byRegression(found, sample.length)) : byBeta(found, loqs[0]!, sample.length)
}

/** Regression on order statistics: the found values on their normal scores at i/(n + 1) give a line; the rest are read off it. */
function byRegression(found: readonly number[], n: number): readonly number[] {
  const sorted = [...found].sort((a, b) => a - b)
  const below = n - sorted.length
  const score = (rank: number): number => normalQuantile(rank / (n + 1))
  const x = sorted.map((_, i) => score(below + i + 1))
  const y = sorted.map(Math.log)
  const meanX = x.reduce((a, b) => a + b, 0) / x.length
  const meanY = y.reduce((a, b) => a + b, 0) / y.length
  const slope
    = x.reduce((total, xi, i) => total + (xi - meanX) * (y[i]! - meanY), 0) / x.reduce((total, xi) => total + (xi - meanX) ** 2, 0)
  const imputed = Array.from({ length: below }, (_, i) => Math.exp(meanY + slope * (score(i + 1) - meanX)))
  return [...imputed, ...sorted]
}

/** Largest likelihood of a censored normal sample of logarithms, by expectation and maximisation. */
function byLikelihood(sample: readonly SampleValue[]): Counted {
  const logs = sample.map(({ value, isBelowLoq }) => ({ y: Math.log(value), isBelowLoq }))
  const n = logs.length
  let mean = logs.reduce((total, { y }) => total + y, 0) / n
  let variance = Math.max(1e-6, logs.reduce((total, { y }) => total + (y - mean) ** 2, 0) / n)
  for (let round = 0; round < 2000; round++) {
    const sd = Math.sqrt(variance)
    let first = 0
    let second = 0
    for (const { y, isBelowLoq } of logs) {
      if (!isBelowLoq) {
        first += y
        second += y * y
        continue
      }
      const z = (y - mean) / sd
      const hazard = normalDensity(z) / Math.max(normalCdf(z), Number.MIN_VALUE)
      const expected = mean - sd * hazard
      first += expected
      second += variance * (1 - z * hazard - hazard ** 2) + expected ** 2
    }
    const nextMean = first / n
    const nextVariance = Math.max(1e-12, second / n - nextMean ** 2)
    const moved = Math.abs(nextMean - mean) + Math.abs(nextVariance - variance)
    mean = nextMean
    variance = nextVariance
    if (moved < 1e-13) break
  }
  return { method: 'likelihood', values: null, gm: Math.exp(mean), gsd: Math.exp(Math.sqrt(variance)) }
}

/** β-substitution for the geometric mean; its spread follows from the mean that the other β gives. */
function byBeta(found: readonly number[], loq: number, n: number): Counted {
  const k = n - found.length
  const meanFound = found.reduce((total, value) => total + Math.log(value), 0) / found.length
  const z = normalQuantile(k / n)
  const f = normalDensity(z) / (1 - normalCdf(z))
  const sy = (meanFound - Math.log(loq)) / (f - z)
  const fz = (1 - normalCdf(z - sy / n)) / (1 - normalCdf(z))
  const betaMean = n / k * normalCdf(z - sy) * Math.exp(-sy * z + sy ** 2 / 2)
  const betaGm = Math.exp(-(n - k) * n / k * Math.log(fz) - sy * z - (n - k) * sy ** 2 / (2 * k * n))
  const mean = (found.reduce((total, value) => total + value, 0) + k * betaMean * loq) / n
  const gm = Math.exp((found.reduce((total, value) => total + Math.log(value), 0) + k * Math.log(betaGm * loq)) / n)
  return { method: 'beta', values: null, gm, gsd: Math.exp(Math.sqrt(Math.max(0, 2 * n / (n - 1) * Math.log(mean / gm)))) }
}
