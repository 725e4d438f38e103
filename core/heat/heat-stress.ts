import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { HeatClothingId, WorkRateId } from '../ids/protection-ids'

export const HEAT_LIMITS = {
  wbgtC: { min: -10, max: 60 },
  /** As far as the formula for the wet bulb goes. */
  airC: { min: -10, max: 50 },
  humidityPercent: { min: 5, max: 100 },
  metabolicW: { min: 60, max: 800 },
  clothingAdjustmentC: { min: 0, max: 15 },
} as const

/** Metabolic rate, W. Source: `heatLimits`. */
const RATE_W: Readonly<Record<WorkRateId, number>> = { 'rest': 115, 'light': 180, 'moderate': 300, 'heavy': 415, 'very-heavy': 520 }

/** °C that clothing adds; where two schools differ, the larger. Source: `heatClothing`, `heatLeathers`. */
const ADDED_C: Readonly<Record<HeatClothingId, number>> = {
  'work-clothes': 0,
  'coverall': 0,
  'sms-coverall': 0.5,
  'polyolefin-coverall': 2,
  'double-layer': 3,
  'welding-leathers': 4,
  'vapour-barrier': 12,
  'vapour-barrier-hood': 13,
}

/** Minutes of an hour that are worked at the upper end of each column of the table of work and rest. */
const WORK_MIN = [60, 45, 30, 15] as const
type Row = readonly (number | null)[]
interface Rates { readonly acclimatised: Row, readonly not: Row }
/** Highest index, °C, for each of those columns; null where nobody works so long. Rates between two rows take the harder one. */
const TABLE: readonly (readonly [rateW: number, rows: Rates])[] = [
  [180, { acclimatised: [31, 31, 32, 32.5], not: [28, 28.5, 29.5, 30] }],
  [300, { acclimatised: [28, 29, 30, 31.5], not: [25, 26, 27, 29] }],
  [415, { acclimatised: [null, 27.5, 29, 30.5], not: [null, 24, 25.5, 28] }],
  [Number.POSITIVE_INFINITY, { acclimatised: [null, null, 28, 30], not: [null, null, 24.5, 27] }],
]

export type HeatQuestion = {
  readonly isAcclimatised: boolean
} & ({ readonly wbgtC: number } | { readonly airC: number, readonly humidityPercent: number, readonly isInSun: boolean })
& ({ readonly metabolicW: number } | { readonly work: WorkRateId })
& ({ readonly clothingAdjustmentC: number } | { readonly clothing: HeatClothingId })

export interface HeatStress {
  /** The index with what clothing adds. */
  readonly effectiveWbgtC: number
  /** For that work without a break. */
  readonly limitC: number
  /** Minutes of each hour; the rest is rest, in the same place. */
  readonly workMinPerH: number
  readonly findings: readonly Finding[]
}

/**
 * Limit of the index, °C, by metabolic rate: 56.7 − 11.5·log₁₀M, or 59.9 − 14.1·log₁₀M for who is not used to heat.
 * Source: `heatLimits`.
 */
export const heatLimitC = (metabolicW: number, isAcclimatised: boolean): number =>
  isAcclimatised ? 56.7 - 11.5 * Math.log10(metabolicW) : 59.9 - 14.1 * Math.log10(metabolicW)

/** Wet-bulb temperature, °C, of air of −20 to 50 °C at 5 to 99 % humidity. Source: `wetBulb`. */
export const wetBulbC = (airC: number, humidityPercent: number): number =>
  airC * Math.atan(0.151977 * Math.sqrt(humidityPercent + 8.313659))
  + Math.atan(airC + humidityPercent)
  - Math.atan(humidityPercent - 1.676331)
  + 0.00391838 * humidityPercent ** 1.5 * Math.atan(0.023101 * humidityPercent)
  - 4.686035

/**
 * The index from air and humidity alone, °C: out of the sun the globe counts as warm as the air (`heatIndex`, `wetBulb`); in the sun a
 * formula for a light wind (`sunnyIndex`), never under the other. A stand-in for a measurement where an arc or a furnace radiates.
 */
export function estimatedWbgtC(airC: number, humidityPercent: number, isInSun: boolean): number {
  const shade = 0.7 * wetBulbC(airC, humidityPercent) + 0.3 * airC
  const vapourHPa = humidityPercent / 100 * 6.105 * Math.exp(17.27 * airC / (237.7 + airC))
  return isInSun ? Math.max(shade, 0.567 * airC + 0.393 * vapourHPa + 3.94) : shade
}

/**
 * Heat at work, and how much of each hour may be worked: index and clothing against the limit for the work, then the largest share of an
 * hour that both the table and the limit at the hour's average rate allow. Source: `heatLimits`, `heatClothing`.
 *
 * @example heatStress({ wbgtC: 29, work: 'moderate', clothing: 'work-clothes', isAcclimatised: true }).workMinPerH // 45
 */
export function heatStress(asked: HeatQuestion): HeatStress {
  const { isAcclimatised } = asked
  const findings: Finding[] = []
  const wbgtC = 'wbgtC' in asked ? asked.wbgtC : estimatedWbgtC(asked.airC, asked.humidityPercent, asked.isInSun)
  if ('airC' in asked) {
    const { isInSun } = asked
    findings.push(finding('caution', 'heat.estimated', { wbgtC, isInSun }, ['heatIndex', isInSun ? 'sunnyIndex' : 'wetBulb']))
  }
  const addedC = 'clothing' in asked ? ADDED_C[asked.clothing] : asked.clothingAdjustmentC
  if ('clothing' in asked && addedC > 0) {
    const source = asked.clothing === 'welding-leathers' ? 'heatLeathers' : 'heatClothing'
    findings.push(finding('note', 'heat.clothing-by-school', { addedC }, [source]))
  }
  const rateW = 'work' in asked ? RATE_W[asked.work] : asked.metabolicW
  const effectiveWbgtC = wbgtC + addedC
  const limitC = heatLimitC(rateW, isAcclimatised)
  const rows = TABLE.find(([highest]) => rateW <= highest)![1]
  const row = isAcclimatised ? rows.acclimatised : rows.not
  const share = WORK_MIN.findIndex((minutes, column) => {
    const highest = row[column]
    const averageW = (rateW * minutes + RATE_W.rest * (60 - minutes)) / 60
    return highest !== null && highest !== undefined && effectiveWbgtC <= highest && effectiveWbgtC <= heatLimitC(averageW, isAcclimatised)
  })
  const workMinPerH = share === -1 ? 0 : WORK_MIN[share]!
  const said = { effectiveC: effectiveWbgtC, limitC }
  findings.push(workMinPerH === 60
    ? finding('note', 'heat.within', said, ['heatLimits'])
    : workMinPerH === 0
      ? finding('hold', 'heat.no-work', said, ['heatLimits'])
      : finding('hold', 'heat.rest-needed', { ...said, workMin: workMinPerH }, ['heatLimits']))
  if (!isAcclimatised) findings.push(finding('note', 'heat.not-acclimatised', {}, ['heatLimits']))
  return { effectiveWbgtC, limitC, workMinPerH, findings }
}
