import { arcVoltageV } from '../electrical/arc-power'
import type { Range } from '../range'
import type { ProcessId } from '../ids/vocabulary'

/** The hot air that rises from an arc. */
export interface Plume {
  /** Flow carried up, m³/s. */
  readonly flowM3PerS: number
  /** Half its visible width, m. */
  readonly halfWidthM: number
  /** How far a draught leans it, m. */
  readonly driftM: number
  /** Speed at its middle, m/s. */
  readonly centreMPerS: number
}

const HALF_WIDTH_PER_HEIGHT = 0.25

/**
 * The plume at a height over the arc. Source: `plume`: q = 0.005·Φ^⅓·z^(5/3), w = 0.128·Φ^⅓·z^(−⅓), lean ¾·U·z^(4/3)/(0.128·Φ^⅓).
 *
 * @param convectiveW heat that rises, W
 * @param heightM above the arc, above 0
 * @param draughtMPerS side wind, m/s
 * @example plumeAt(1000, 0.5, 0.25).flowM3PerS // 0.0157
 */
export function plumeAt(convectiveW: number, heightM: number, draughtMPerS: number): Plume {
  const root = Math.cbrt(convectiveW)
  return {
    flowM3PerS: 0.005 * root * heightM ** (5 / 3),
    halfWidthM: HALF_WIDTH_PER_HEIGHT * heightM,
    driftM: 0.75 * draughtMPerS * heightM ** (4 / 3) / (0.128 * root),
    centreMPerS: 0.128 * root * heightM ** (-1 / 3),
  }
}

/** Share of the arc's power that rises as heat. Loosely known. Source: `plume`. */
const PLUME_SHARE: Range = { low: 0.1, mid: 0.2, high: 0.4 }

/** Heat that rises when nobody knows the current, W: a weak plume, since a weak one is the harder to receive. */
export const WEAK_PLUME_W = 150
/** A flame's plume, W, at its weak end. */
const FLAME_PLUME_W = 500

/** Heat that rises from a job's arc, W: its range, or null when it rests on a guess. */
export function plumeHeatW(process: ProcessId, currentA: number | undefined): Range | null {
  if (process === 'ofw' || process === 'ofc' || process === 'tb')
    return { low: FLAME_PLUME_W, mid: 2 * FLAME_PLUME_W, high: 8 * FLAME_PLUME_W }
  const volts = currentA === undefined ? undefined : arcVoltageV(process, currentA)
  if (currentA === undefined || volts === undefined) return null
  const watts = volts * currentA
  return { low: watts * PLUME_SHARE.low, mid: watts * PLUME_SHARE.mid, high: watts * PLUME_SHARE.high }
}
