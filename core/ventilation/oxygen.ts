import type { Finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import { finding } from '../findings/finding'

/** Oxygen in ordinary air, % by volume, as the tables use it. */
export const AIR_OXYGEN_PERCENT = 20.9
export const DEFICIENT_BELOW_PERCENT = 19.5
/** General industry 23.5 %; shipyards and some fire codes 22 %: the lower one warns. */
export const ENRICHED_ABOVE_PERCENT = 23.5
export const ENRICHED_WARNING_PERCENT = 22

/** A release of gas into a space. */
export interface OxygenQuestion {
  readonly volumeM3: number
  readonly gas: 'inert' | 'oxygen'
  readonly flowLPerMin: number
  readonly minutes: number
  /** Fresh air blown in or drawn out, m³/s. */
  readonly ventilationM3PerS?: number
  readonly ventilation?: 'supply' | 'extract'
  readonly startPercent?: number
}

export interface OxygenAnswer {
  readonly atEndPercent: number
  readonly settlesAtPercent: number
  /** Minutes until the air is no longer safe; null if it never gets there. */
  readonly minutesToLimit: number | null
  /** Fresh air that would keep it safe, m³/s. */
  readonly neededM3PerS: number
  readonly findings: readonly Finding[]
}

/**
 * Oxygen left after an inert gas leaks or purges into a space, or after oxygen does, well mixed at constant pressure.
 * Inert with supply Q: y∞ = 20.9·Q/(Q + q), time constant V/(Q + q); with extract: y∞ = 20.9·(1 − q/Q), V/Q;
 * without air y = 20.9·e^(−qt/V). Oxygen: y∞ = (20.9·Q + 100·q)/(Q + q).
 * A mixed number never opens a door: heavy gases pool low, light ones high.
 * Source: `oxygenBalance`, `oxygenLimits`.
 *
 * @example oxygenAfter({ volumeM3: 1, gas: 'inert', flowLPerMin: 15, minutes: 60, ventilationM3PerS: 0.1 / 60, ventilation: 'supply'
 * }).settlesAtPercent // 18.174
 */
export function oxygenAfter({
  volumeM3,
  gas,
  flowLPerMin,
  minutes,
  ventilationM3PerS = 0,
  ventilation = 'supply',
  startPercent = AIR_OXYGEN_PERCENT,
}: OxygenQuestion): OxygenAnswer {
  const q = flowLPerMin / 1000
  const air = ventilationM3PerS * 60
  const brings = gas === 'oxygen' ? 100 : 0
  // Extract weaker than the leak draws nothing fresh in: the space then vents by itself.
  const freshIn = ventilation === 'extract' ? Math.max(0, air - q) : air
  const through = freshIn + q
  const settlesAtPercent = through > 0 ? (AIR_OXYGEN_PERCENT * freshIn + brings * q) / through : startPercent
  const at = (t: number): number => settlesAtPercent + (startPercent - settlesAtPercent) * Math.exp((-through * t) / volumeM3)
  const atEndPercent = at(minutes)
  const limit = gas === 'inert' ? DEFICIENT_BELOW_PERCENT : ENRICHED_ABOVE_PERCENT
  const isPast = (y: number): boolean => (gas === 'inert' ? y < limit : y > limit)
  const minutesToLimit = isPast(startPercent)
    ? 0
    : isPast(settlesAtPercent)
      ? (-volumeM3 / through) * Math.log((limit - settlesAtPercent) / (startPercent - settlesAtPercent))
      : null
  const supplyM3PerMin = gas === 'inert' ? (q * limit) / (AIR_OXYGEN_PERCENT - limit) : (q * (100 - limit)) / (limit - AIR_OXYGEN_PERCENT)
  const neededM3PerS = (supplyM3PerMin + (ventilation === 'extract' ? q : 0)) / 60
  const sources: readonly SourceId[] = ['oxygenLimits', 'oxygenBalance']
  const findings: Finding[] = []
  if (atEndPercent < DEFICIENT_BELOW_PERCENT)
    findings.push(finding('stop', 'oxygen.deficient', { percent: atEndPercent, limitPercent: DEFICIENT_BELOW_PERCENT }, sources))
  else if (atEndPercent > ENRICHED_ABOVE_PERCENT)
    findings.push(finding('stop', 'oxygen.enriched', { percent: atEndPercent, limitPercent: ENRICHED_ABOVE_PERCENT }, sources))
  else if (atEndPercent >= ENRICHED_WARNING_PERCENT)
    findings.push(
      finding('hold', 'oxygen.enriched', { percent: atEndPercent, limitPercent: ENRICHED_WARNING_PERCENT }, ['oxygenShipyard']),
    )
  if (minutesToLimit !== null && minutesToLimit > minutes)
    findings.push(finding('caution', 'oxygen.limit-ahead', { minutes: minutesToLimit, limitPercent: limit }, sources))
  findings.push(finding('caution', 'oxygen.mixed-number', {}, ['oxygenBalance']))
  return { atEndPercent, settlesAtPercent, minutesToLimit, neededM3PerS, findings }
}
