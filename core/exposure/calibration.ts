import type { Finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import { finding } from '../findings/finding'
import { halved } from '../chance/halved'
import { normalCdf } from '../samples/normal'

/** A shift that was measured and that the model had said: mg/m³ of the same substance at the same place. */
export interface CalibrationSample {
  readonly modelledMgPerM3: number
  readonly measuredMgPerM3: number
  /** The measured value is the limit of quantification: it was less. */
  readonly isBelowLoq: boolean
}

/** What of the model is not known, each as a geometric standard deviation: 1 is certain. */
export interface CalibrationQuestion {
  readonly samples: readonly CalibrationSample[]
  /** How far off the emission factor may be. */
  readonly emissionGsd: number
  /** How far off what gets past the hood and reaches the breath may be. */
  readonly captureGsd: number
  /** From shift to shift, with the same work at the same place. */
  readonly shiftGsd: number
}

/** Limits of what can be asked. */
export const CALIBRATION_LIMITS = { gsd: { min: 1.01, max: 20 }, samples: { min: 1, max: 200 } } as const

/** Times what the model says: one says the model is right. */
export interface FactorSpread { readonly p05: number, readonly p50: number, readonly p95: number }
interface BeforeAndAfter { readonly before: FactorSpread, readonly after: FactorSpread }

export interface Calibration {
  /** Of the whole answer, at this place and for this work. */
  readonly whole: BeforeAndAfter
  /** The part that goes with consumable and process: it is carried to other places, in pencil. */
  readonly emission: BeforeAndAfter
  /** The part that stays with this hood and this room. */
  readonly capture: BeforeAndAfter
  readonly findings: readonly Finding[]
}

const GRID = 801
/** So many standard deviations beyond prior and data are nothing. */
const REACH = 8
const Z95 = 1.644_853_626_951_472_2
/** Fewer samples than this say little of what shifts are like. */
const FEW = 3

const spread = (at: (share: number) => number): FactorSpread => {
  const [p05, p50, p95] = [0.05, 0.5, 0.95].map(share => Math.exp(at(share))) as [number, number, number]
  return { p05, p50, p95 }
}
const prior = (sd: number): FactorSpread => ({ p05: Math.exp(-Z95 * sd), p50: 1, p95: Math.exp(Z95 * sd) })

/**
 * What samples say of the model: the posterior of how far off it is, on a logarithmic scale and on a grid. Emission and capture are off
 * independently of each other, each shift besides for itself; a result below the limit of quantification counts by the chance of that.
 *
 * With results that were all found the answer is the closed form of a normal mean with a normal prior.
 * @throws RangeError for a concentration that is not above 0
 * Source: `bayes`.
 */
export function calibrate({ samples, emissionGsd, captureGsd, shiftGsd }: CalibrationQuestion): Calibration {
  if (samples.some(({ modelledMgPerM3: m, measuredMgPerM3: x }) => !(m > 0) || !(x > 0)))
    throw new RangeError('concentrations above zero are needed')
  const [ofEmission, ofCapture, ofShift] = [Math.log(emissionGsd), Math.log(captureGsd), Math.log(shiftGsd)]
  const sd = Math.hypot(ofEmission, ofCapture)
  const offs = samples.map(({ modelledMgPerM3, measuredMgPerM3, isBelowLoq }) => ({
    off: Math.log(measuredMgPerM3 / modelledMgPerM3), isBelowLoq,
  }))
  // Found results pull as near as the narrower of both; one that was not found only says how much it was not.
  const reach = REACH * (samples.some(({ isBelowLoq }) => isBelowLoq) ? sd : Math.min(sd, ofShift))
  const low = Math.min(0, ...offs.map(({ off }) => off)) - reach
  const high = Math.max(0, ...offs.map(({ off }) => off)) + reach
  const step = (high - low) / (GRID - 1)
  const grid = Array.from({ length: GRID }, (_, i) => low + i * step)
  const logs = grid.map(theta => offs.reduce((sum, { off, isBelowLoq }) => {
    const z = (off - theta) / ofShift
    return sum + (isBelowLoq ? Math.log(Math.max(normalCdf(z), Number.MIN_VALUE)) : -z * z / 2)
  }, -((theta / sd) ** 2) / 2))
  const top = Math.max(...logs)
  const weights = logs.map(one => Math.exp(one - top))
  const sum = weights.reduce((all, weight) => all + weight, 0)
  const chances = weights.map(weight => weight / sum)

  /** Of the whole: by the grid's own sums, between its points by a straight line. */
  let so = 0
  const sums = chances.map(chance => (so += chance))
  const wholeAt = (share: number): number => {
    const place = sums.findIndex(below => below >= share)
    return low + step * (place + 0.5 - (sums[place]! - share) / chances[place]!)
  }
  /** Of a part: given the whole, it is normal about its own share of it. */
  const partBelow = (own: number, other: number) => {
    const [share, rest] = [own ** 2 / sd ** 2, own * other / sd]
    return (x: number): number => chances.reduce((all, chance, i) => all + chance * normalCdf((x - share * grid[i]!) / rest), 0)
  }
  const whole = { before: prior(sd), after: spread(wholeAt) }
  const part = (own: number, other: number, below = partBelow(own, other)): BeforeAndAfter => ({
    before: prior(own),
    after: spread(share => halved(low - reach, high + reach, x => below(x) < share)),
  })
  return {
    whole,
    emission: part(ofEmission, ofCapture),
    capture: part(ofCapture, ofEmission),
    findings: said(samples, whole),
  }
}

function said(samples: readonly CalibrationSample[], { before, after }: BeforeAndAfter): readonly Finding[] {
  const sources: readonly SourceId[] = ['bayes']
  const findings: Finding[] = [
    finding('note', 'calibration.moved', { n: samples.length, p50: after.p50, p95: after.p95, before95: before.p95 }, sources),
  ]
  if (samples.length < FEW) findings.push(finding('caution', 'calibration.few', { n: samples.length, atLeast: FEW }))
  if (samples.every(({ isBelowLoq }) => isBelowLoq)) findings.push(finding('caution', 'calibration.only-below', { n: samples.length }))
  if (after.p50 > before.p95 || after.p50 < before.p05)
    findings.push(finding('hold', 'calibration.disagrees', { p50: after.p50, before05: before.p05, before95: before.p95 }, sources))
  return findings
}
