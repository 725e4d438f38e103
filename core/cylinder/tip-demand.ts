import { m3FromCubicFt } from '../units'
import type { CylinderGasId, TipId } from '../ids/vocabulary'

/** Gas that a torch takes, m³ an hour each. */
export interface TipDemand { readonly fuelM3PerH: number, readonly oxygenM3PerH: number }

/**
 * Cutting tips for clean mild steel: thickness in mm, and the upper end of the printed ranges in ft³/h. The upper end is the
 * safe one where cylinders are counted. Source: `cuttingTips`.
 */
const CUTTING: readonly (readonly [upToMm: number, oxygenFt3: number, acetyleneFt3: number, propaneFt3: number])[] = [
  [3.2, 45, 9, 10], [6.4, 55, 9, 12], [9.5, 70, 12, 15], [12.7, 85, 12, 15], [19, 150, 14, 18], [25.4, 160, 14, 18], [38.1, 175, 16, 20],
  [50.8, 190, 16, 20], [76.2, 300, 20, 22], [101.6, 360, 20, 24], [152.4, 500, 25, 30], [203.2, 620, 30, 32], [304.8, 850, 40, 45],
]
/** Heating heads by class, ft³/h, upper end. Source: `heatingHeads`. */
const HEATING: Readonly<
  Record<'heating-small' | 'heating-medium' | 'heating-large', readonly [acetyleneFt3: number, oxygenFt3: number]>
> = {
  'heating-small': [25, 28],
  'heating-medium': [80, 90],
  'heating-large': [220, 240],
}
/** Acetylene for each mm of plate welded, m³/h, upper end of 75 to 150 L. Source: `weldingTips`. */
const WELDING_M3_PER_H_PER_MM = 0.15
/** Oxygen for each part of acetylene in a neutral flame. Source: `weldingTips`. */
const OXYGEN_PER_ACETYLENE = 1.1

/**
 * What a tip takes at the most; null where no table speaks for it: another fuel, a plate beyond the table, no thickness.
 * The head's own table is better than this one.
 *
 * @param thicknessMm of the plate; heating heads do not ask
 * @example tipDemand('heating-large', 'acetylene').fuelM3PerH // 6.23
 */
export function tipDemand(tip: TipId, fuel: CylinderGasId, thicknessMm?: number): TipDemand | null {
  if (tip === 'heating-small' || tip === 'heating-medium' || tip === 'heating-large') {
    if (fuel !== 'acetylene') return null
    const [acetylene, oxygen] = HEATING[tip]
    return { fuelM3PerH: m3FromCubicFt(acetylene), oxygenM3PerH: m3FromCubicFt(oxygen) }
  }
  if (thicknessMm === undefined) return null
  if (tip === 'welding') {
    if (fuel !== 'acetylene') return null
    const fuelM3PerH = WELDING_M3_PER_H_PER_MM * thicknessMm
    return { fuelM3PerH, oxygenM3PerH: fuelM3PerH * OXYGEN_PER_ACETYLENE }
  }
  const row = CUTTING.find(([upToMm]) => thicknessMm <= upToMm + 0.5)
  if (!row || (fuel !== 'acetylene' && fuel !== 'propane')) return null
  const [, oxygen, acetylene, propane] = row
  return { fuelM3PerH: m3FromCubicFt(fuel === 'acetylene' ? acetylene : propane), oxygenM3PerH: m3FromCubicFt(oxygen) }
}
