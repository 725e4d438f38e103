import { arcVoltageV } from '../electrical/arc-power'
import { IDLH_MG_PER_M3 } from '../exposure/idlh'
import type { ProcessId } from '../ids/vocabulary'
import type { Range } from '../range'

/** Carbon monoxide of a small spark-ignition engine, g for each kWh at its shaft. Source: `engineExhaust`. A diesel makes a hundredth. */
const G_PER_KWH: Range = { low: 100, mid: 300, high: 610 }
/** Share of the shaft's power that reaches the arc: the less, the more exhaust. Common practice, no source. */
const REACHES_THE_ARC: Range = { low: 0.7, mid: 0.6, high: 0.5 }

/**
 * Carbon monoxide that an engine-driven welder gives off while its arc burns, mg/min; null where the current is not known.
 *
 * @example engineMonoxideMgPerMin('smaw', 150)!.mid // 32500
 * Source: `engineExhaust`, `loadVoltage`.
 */
export function engineMonoxideMgPerMin(process: ProcessId, currentA: number | undefined): Range | null {
  const volts = currentA === undefined ? undefined : arcVoltageV(process, currentA)
  if (currentA === undefined || volts === undefined) return null
  const arcKW = volts * currentA / 1000
  const at = (end: keyof Range) => G_PER_KWH[end] * 1000 / 60 * arcKW / REACHES_THE_ARC[end]
  return { low: at('low'), mid: at('mid'), high: at('high') }
}

/** Air that a source is mixed into. */
export interface MixedAir { readonly volumeM3: number, readonly outdoorM3PerS: number }

/**
 * Minutes until clean mixed air holds as much of a gas under a steady source; null where it never does.
 *
 * @param mgPerMin above 0
 * Source: mass balance of one well-mixed room (`twoZone`): t = −V/Q·ln(1 − C·Q/G).
 */
export function minutesUntil(mgPerM3: number, mgPerMin: number, { volumeM3, outdoorM3PerS }: MixedAir): number | null {
  const m3PerMin = outdoorM3PerS * 60
  const share = mgPerM3 * m3PerMin / mgPerMin
  if (share >= 1) return null
  return share === 0 ? mgPerM3 * volumeM3 / mgPerMin : -volumeM3 / m3PerMin * Math.log1p(-share)
}

/** Minutes until an engine's exhaust, let into a hall, makes its air immediately dangerous, at the high end; null where it never does. */
export const minutesToDanger = (monoxideMgPerMin: Range, air: MixedAir): number | null =>
  minutesUntil(IDLH_MG_PER_M3['carbon-monoxide']!, monoxideMgPerMin.high, air)
