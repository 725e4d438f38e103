import type { Range } from '../range'
import { times } from '../range'
import type { BaseMetalId, ConsumableId, ProcessId, ShieldingGasId, SubstanceId, TipId, WaterTableId } from '../ids/vocabulary'
import { oxidesPastWater } from './kerf'
import { shareOfPublishedOxides } from './plasma-cut'

/** Millilitres of gas made in a minute of arc. */
export type GasRates = Readonly<Partial<Record<SubstanceId, Range>>>

const between = (low: number, high: number): Range => ({ low, mid: (low + high) / 2, high })

/** Molar volume that turns ppm into mg/m³ in the United States, L/mol at 25 °C. Source: `ppm`. */
export const MOLAR_VOLUME_L = 24.45
/** Molar masses, g/mol. */
const MOLAR_G: Readonly<Partial<Record<SubstanceId, number>>> = {
  'ozone': 47.998,
  'nitrogen-dioxide': 46.006,
  'nitric-oxide': 30.006,
  'carbon-monoxide': 28.01,
}

export const isGas = (substance: SubstanceId): boolean => MOLAR_G[substance] !== undefined

/**
 * mg/m³ of a gas from ppm at 25 °C and 101.325 kPa.
 *
 * @throws RangeError for what is not one of the gases
 * @example mgPerM3FromPpm('ozone', 1) // 1.963
 */
export function mgPerM3FromPpm(gas: SubstanceId, ppm: number): number {
  const molar = MOLAR_G[gas]
  if (molar === undefined) throw new RangeError(`${gas} is not a gas`)
  return ppm * molar / MOLAR_VOLUME_L
}

/**
 * Gases that are made and that nobody publishes how much of: an arc and a beam make ozone and oxides of nitrogen of the air
 * round them, and a rod of carbon burns. What is modelled is not among them.
 */
const UNPUBLISHED_GASES: Readonly<Partial<Record<ProcessId, readonly SubstanceId[]>>> = {
  'paw': ['ozone', 'nitrogen-dioxide'],
  'cac-a': ['ozone', 'nitrogen-dioxide', 'carbon-monoxide'],
  'caw': ['ozone', 'nitrogen-dioxide', 'carbon-monoxide'],
  'lbw': ['ozone', 'nitrogen-dioxide'],
}

/**
 * Gases of a process that no table says anything of: they are measured, or nobody breathes them.
 *
 * @example gasesNobodyPublishes('lbw') // ['ozone', 'nitrogen-dioxide']
 */
export const gasesNobodyPublishes = (process: ProcessId): readonly SubstanceId[] => UNPUBLISHED_GASES[process] ?? []

/** What the gases at an arc are asked from. */
export interface GasQuestion {
  readonly baseMetal?: BaseMetalId
  readonly consumable?: ConsumableId
  readonly shieldingGas?: ShieldingGasId
  readonly currentA?: number
  /** What burns at the end of a torch's hoses. */
  readonly tip?: TipId
  /** Where the water under a plasma cut stands. */
  readonly waterTable?: WaterTableId
}

const NOTHING_KNOWN: GasRates = {}
/** Oxides of nitrogen at an inert-gas or mixed-gas arc: 1 to 15 mL/min, a tenth to three tenths of it dioxide. */
const MIG_NOX: GasRates = { 'nitrogen-dioxide': between(0.1, 4.5), 'nitric-oxide': between(0.7, 13.5) }

/** Of carbon dioxide alone, of a mix, and where nobody said which: from the least of the one to the most of the other. */
const monoxideOf = (gas: ShieldingGasId | undefined): Range =>
  gas === 'co2' ? between(100, 400) : gas === undefined ? { low: 30, mid: 100, high: 400 } : between(30, 100)

/** Of the flame of a welding tip, and of a long one: heating heads and cutting. Oxides rise with the length of a flame. */
const SHORT_FLAME = { 'nitrogen-dioxide': between(1, 18), 'nitric-oxide': between(7, 54) }
const LONG_FLAME = { 'nitrogen-dioxide': between(10, 300), 'nitric-oxide': between(70, 900) }
/** Nobody said which: from the least of the one to the most of the other. */
const ANY_FLAME: GasRates = {
  'nitrogen-dioxide': { low: 1, mid: 18, high: 300 },
  'nitric-oxide': { low: 7, mid: 54, high: 900 },
}
const flameOf = (tip: TipId): GasRates => tip === 'welding' ? SHORT_FLAME : LONG_FLAME

/** A torch brazes and solders with a welding tip or with a heating head: where nobody said which, either may burn. */
export const mayHeatWithAnyTip = (process: ProcessId, tip: TipId | undefined): boolean =>
  (process === 'tb' || process === 'ts') && tip === undefined

/**
 * Gases made at the arc or by the flame, mL/min. Order of magnitude only, recalled loosely: pencil, used at its safe end.
 * Source: `arcGases`. A gas left out is not modelled; that is not zero.
 */
export function gasesAtArc(
  process: ProcessId,
  {
    baseMetal,
    consumable,
    shieldingGas,
    currentA,
    tip,
    waterTable,
  }: GasQuestion,
): GasRates {
  const isAluminium = baseMetal === 'aluminium'
  switch (process) {
    case 'gmaw':
    case 'fcaw-g': {
      if (process === 'fcaw-g')
        return { 'ozone': between(0, 0.3), ...MIG_NOX, 'carbon-monoxide': monoxideOf(shieldingGas) }
      // Magnesium oxide in the fume screens the light that makes ozone.
      const ozone = isAluminium
        ? consumable === 'er5356'
          ? between(3, 10)
          : between(5, 30)
        : shieldingGas === 'co2'
          ? between(0.3, 2)
          : between(1, 5)
      const isOfCarbon = shieldingGas === undefined || shieldingGas === 'co2' || shieldingGas === 'argon-co2' || shieldingGas === 'tri-mix'
      return { ozone, ...MIG_NOX, ...isOfCarbon ? { 'carbon-monoxide': monoxideOf(shieldingGas) } : {} }
    }
    case 'gtaw':
      return { ozone: isAluminium ? between(0.3, 3) : between(0.3, 2) }
    case 'smaw':
      return {
        ozone: between(0, 0.3),
        ...(consumable === 'e6010' || consumable === 'e6011' ? { 'carbon-monoxide': between(50, 300) } : {}),
      }
    case 'fcaw-s':
    case 'saw':
      return { ozone: between(0, 0.3) }
    // 1 to 10 L/min of oxides, mostly monoxide, leaving a dry cut on air; a small arc has no power for so much.
    case 'pac': {
      const share = shareOfPublishedOxides(currentA)
      return {
        'ozone': between(1, 10),
        'nitrogen-dioxide': oxidesPastWater(times(between(100, 3000), share), waterTable),
        'nitric-oxide': oxidesPastWater(times(between(700, 9000), share), waterTable),
      }
    }
    case 'tb':
    case 'ts':
      return tip === undefined ? ANY_FLAME : flameOf(tip)
    // Who welds with gas welds with a welding tip, unless they say otherwise.
    case 'ofw':
      return flameOf(tip ?? 'welding')
    case 'ofc':
      return LONG_FLAME
    case 'paw':
    case 'cac-a':
    case 'caw':
    case 'grinding':
    case 'lbw':
      return NOTHING_KNOWN
  }
}

/** mg/min of a gas from mL/min. */
export const mgPerMinFromMl = (gas: SubstanceId, mlPerMin: number): number => mgPerM3FromPpm(gas, mlPerMin)
