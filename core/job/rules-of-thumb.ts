import type { SourceId } from '../source/book'
import type { ProcessId } from '../ids/vocabulary'

/** A guess to start from, always shown in pencil: nobody has confirmed it. */
export interface PencilCurrent {
  readonly currentRangeA: readonly [number, number]
  readonly source: SourceId
}

/** One ampere for each thousandth of an inch, as A per mm. */
const A_PER_MM = 1000 / 25.4
/** Rods and settings scatter about this much either way. */
const SCATTER = 0.25
/** One pass does not melt more than this, mm: a thicker plate says nothing about the current. */
const SINGLE_PASS_MM = 6.4

/** Tungsten, wire: diameter (mm) up to which the range (A) holds. Common practice, from memory, no source. */
const BY_DIAMETER: Partial<Record<ProcessId, readonly (readonly [number, number, number])[]>> = {
  'gtaw': [[0.5, 5, 20], [1.0, 15, 80], [1.6, 70, 150], [2.4, 150, 250], [3.2, 250, 400], [4.0, 400, 500]],
  'gmaw': [[0.6, 30, 90], [0.8, 40, 145], [0.9, 50, 180], [1.0, 60, 220], [1.2, 100, 320], [1.6, 200, 450]],
  'fcaw-g': [[0.9, 80, 200], [1.2, 120, 300], [1.6, 180, 400], [2.4, 300, 500]],
  'fcaw-s': [[0.9, 50, 150], [1.2, 80, 220], [1.6, 120, 300], [2.0, 180, 380], [2.4, 250, 450]],
}

const roundOut = (low: number, high: number): readonly [number, number] => [Math.floor(low / 5) * 5, Math.ceil(high / 5) * 5]

/**
 * A current range from the diameter of what melts, when nobody knows the setting.
 *
 * @param process the process
 * @param diameterMm rod, wire or tungsten diameter, mm, above 0
 * @returns a range in A, rounded outward to 5 A; undefined when no rule of thumb is known
 * Source: common practice. Covered electrodes: 1 A for each 0.001 in of rod, give or take a quarter.
 * @example currentFromDiameter('smaw', 3.2) // 90 to 160 A
 */
export function currentFromDiameter(process: ProcessId, diameterMm: number): PencilCurrent | undefined {
  if (!(diameterMm > 0)) return undefined
  if (process === 'smaw') {
    const middle = A_PER_MM * diameterMm
    return { currentRangeA: roundOut(middle * (1 - SCATTER), middle * (1 + SCATTER)), source: 'rodRuleOfThumb' }
  }
  const row = BY_DIAMETER[process]?.find(([upToMm]) => diameterMm <= upToMm + 0.05)
  return row && { currentRangeA: [row[1], row[2]], source: 'shopPractice' }
}

/**
 * A current range from the thickness of the plate.
 *
 * @param process a process judged by current
 * @param plateThicknessMm thickness, mm, above 0
 * @returns a range in A, rounded outward to 5 A; undefined beyond what one pass melts
 * Source: common practice, about 1 A for each 0.001 in of steel.
 */
export function currentFromPlate(process: ProcessId, plateThicknessMm: number): PencilCurrent | undefined {
  if (!(plateThicknessMm > 0) || plateThicknessMm > SINGLE_PASS_MM) return undefined
  if (process !== 'smaw' && process !== 'gmaw' && process !== 'gtaw' && process !== 'fcaw-g' && process !== 'fcaw-s') return undefined
  const middle = A_PER_MM * plateThicknessMm
  return { currentRangeA: roundOut(middle * (1 - SCATTER), middle * (1 + SCATTER)), source: 'plateRuleOfThumb' }
}
