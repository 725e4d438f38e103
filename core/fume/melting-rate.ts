import type { Range } from '../range'
import { around, exactly, times } from '../range'
import type { BaseMetalId, ConsumableId, ProcessId } from '../ids/vocabulary'

/** Density of wires, g/cm³. Cored wire is counted with its filling. */
const STEEL_G_PER_CM3 = 7.85
const STAINLESS_G_PER_CM3 = 7.95
const ALUMINIUM_G_PER_CM3 = 2.68
const CORED_G_PER_CM3 = 6.2
/** 8.2 to 8.9: the heavier makes more. */
const NICKEL_G_PER_CM3 = 8.9

const ALUMINIUM: ReadonlySet<ConsumableId> = new Set(['er4043', 'er5356'])
const STAINLESS: ReadonlySet<ConsumableId> = new Set(['er308l', 'er308lsi', 'er316l', 'er2209'])
const NICKEL: ReadonlySet<ConsumableId> = new Set(['ernicrmo-3', 'ernicu-7'])

/** Flux-cored by its process, metal-cored by what it is. */
const isCored = ({ process, consumable }: Pick<MeltingQuestion, 'process' | 'consumable'>): boolean =>
  process === 'fcaw-g' || process === 'fcaw-s' || (process === 'gmaw' && consumable === 'e70c-6m')

const densityOf = (process: ProcessId, consumable: ConsumableId | undefined): number => {
  if (isCored({ process, consumable })) return CORED_G_PER_CM3
  if (consumable && NICKEL.has(consumable)) return NICKEL_G_PER_CM3
  if (consumable && ALUMINIUM.has(consumable)) return ALUMINIUM_G_PER_CM3
  return consumable && STAINLESS.has(consumable) ? STAINLESS_G_PER_CM3 : STEEL_G_PER_CM3
}

/**
 * Mass of wire melted, g/min: the wire's cross-section × its speed × its density. Source: geometry.
 *
 * @example wireMassGPerMin(8, 1.2, 7.85) // 71.025
 */
export const wireMassGPerMin = (wireFeedMPerMin: number, diameterMm: number, densityGPerCm3: number): number =>
  Math.PI / 4 * diameterMm ** 2 * wireFeedMPerMin * densityGPerCm3

/** Melting by current, for 1.2 mm wire: speed mm/s = α·I + β·l·I². Source: `meltingRate`. */
const STEEL_ALPHA_MM_PER_A_S = 0.30
const STEEL_BETA_PER_A2_S = 5.0e-5
const ALUMINIUM_ALPHA_MM_PER_A_S = 0.75
const STICK_OUT_MM = 15
const FITTED_FOR_MM = 1.2

/** Wire speed from current, m/min. α scales with (1.2/d)², β with (1.2/d)⁴. */
export function wireFeedFromCurrentMPerMin(currentA: number, diameterMm: number, isAluminium: boolean): number {
  const thinner = (FITTED_FOR_MM / diameterMm) ** 2
  const mmPerS = isAluminium
    ? ALUMINIUM_ALPHA_MM_PER_A_S * thinner * currentA
    : STEEL_ALPHA_MM_PER_A_S * thinner * currentA + STEEL_BETA_PER_A2_S * thinner ** 2 * STICK_OUT_MM * currentA ** 2
  return mmPerS * 60 / 1000
}

/** Covered electrode consumed for each ampere, g/(A·min), core and covering. Source: `stickConsumption`. */
const STICK_G_PER_A_MIN: Range = { low: 0.17, mid: 0.21, high: 0.25 }
/** How far wire melted by current strays from the fit; cored wire further. */
const WIRE_SPREAD = 0.2
const CORED_SPREAD = 0.25
/** Usual wires, mm, when nobody gave the diameter. By current a thin wire melts more, by wire feed a thick one. */
const THINNEST_WIRE_MM = 0.8
const THICKEST_WIRE_MM = { solid: 1.6, cored: 2.4 } as const

/** What the melting rate is asked from; the surest known value decides. */
export interface MeltingQuestion {
  readonly process: ProcessId
  readonly consumable?: ConsumableId
  readonly baseMetal?: BaseMetalId
  readonly currentA?: number
  readonly currentRangeA?: readonly [number, number]
  readonly electrodeDiameterMm?: number
  readonly wireFeedMPerMin?: number
  readonly consumableKgPerH?: number
}

/** What is missing to say how much melts. */
export type MeltingInput = 'current'

/**
 * Mass of consumable melted while the arc burns, g/min: from its consumption, else from the wire feed, else from the current.
 * An unknown diameter is spread over the usual wires.
 *
 * @returns the range, or the name of what is missing
 */
export function meltingRateGPerMin(question: MeltingQuestion): Range | MeltingInput {
  const { process, consumable, wireFeedMPerMin, electrodeDiameterMm, consumableKgPerH } = question
  if (consumableKgPerH !== undefined) return exactly(consumableKgPerH * 1000 / 60)
  const density = densityOf(process, consumable)
  if (process !== 'smaw' && wireFeedMPerMin !== undefined) {
    const fed = (diameterMm: number) => wireMassGPerMin(wireFeedMPerMin, diameterMm, density)
    if (electrodeDiameterMm !== undefined) return exactly(fed(electrodeDiameterMm))
    return {
      low: fed(THINNEST_WIRE_MM),
      mid: fed(FITTED_FOR_MM),
      high: fed(isCored(question) ? THICKEST_WIRE_MM.cored : THICKEST_WIRE_MM.solid),
    }
  }
  const amperes = currentRangeOf(question)
  if (amperes === undefined) return 'current'
  if (process === 'smaw')
    return {
      low: STICK_G_PER_A_MIN.low * amperes.low,
      mid: STICK_G_PER_A_MIN.mid * amperes.mid,
      high: STICK_G_PER_A_MIN.high * amperes.high,
    }
  const isAluminium = consumable !== undefined && ALUMINIUM.has(consumable)
  // Current flows in the sheath alone: by mass, cored wire melts as solid steel wire does.
  const melted = (currentA: number, diameterMm: number) =>
    wireMassGPerMin(
      wireFeedFromCurrentMPerMin(currentA, diameterMm, isAluminium),
      diameterMm,
      isCored(question) ? STEEL_G_PER_CM3 : density,
    )
  const spread = around(1, isCored(question) ? CORED_SPREAD : WIRE_SPREAD)
  const diameter = electrodeDiameterMm ?? FITTED_FOR_MM
  return {
    low: melted(amperes.low, diameter) * spread.low,
    mid: melted(amperes.mid, diameter),
    high: melted(amperes.high, electrodeDiameterMm ?? THINNEST_WIRE_MM) * spread.high,
  }
}

/** However little a sheet says, no wire melts less than this part of what the fit has: a slip of the pen lowers no fume. House rule. */
const LEAST_OF_FIT = 0.5

/**
 * Mass melted as a shop's own sheet has it at one current, carried to the current of a job along the fit. What is told of the job itself,
 * its consumption or its wire feed, is surer and stays.
 *
 * @param sheet what melts, g/min, at which current, A
 * Source: the sheet; `meltingRate`, `stickConsumption` for the shape.
 */
export function meltedBySheetGPerMin(
  question: MeltingQuestion,
  { meltsGPerMin, meltsAtA }: { readonly meltsGPerMin?: number, readonly meltsAtA?: number } = {},
): Range | MeltingInput {
  const byFit = meltingRateGPerMin(question)
  const isTold = question.consumableKgPerH !== undefined || (question.process !== 'smaw' && question.wireFeedMPerMin !== undefined)
  if (typeof byFit === 'string' || isTold || meltsGPerMin === undefined || meltsAtA === undefined) return byFit
  const there = meltingRateGPerMin({ ...question, currentA: meltsAtA, currentRangeA: undefined })
  return typeof there === 'string' ? byFit : times(byFit, Math.max(LEAST_OF_FIT, meltsGPerMin / there.mid))
}

/**
 * Current at which a wire melts as fast as it is fed, A: `wireFeedFromCurrentMPerMin` read backwards.
 *
 * @example currentFromWireFeedA(5.784, 1.2, false) // 250
 * Source: `meltingRate`.
 */
export function currentFromWireFeedA(wireFeedMPerMin: number, diameterMm: number, isAluminium: boolean): number {
  const thinner = (FITTED_FOR_MM / diameterMm) ** 2
  const mmPerS = wireFeedMPerMin * 1000 / 60
  if (isAluminium) return mmPerS / (ALUMINIUM_ALPHA_MM_PER_A_S * thinner)
  const [slope, bend] = [STEEL_ALPHA_MM_PER_A_S * thinner, STEEL_BETA_PER_A2_S * thinner ** 2 * STICK_OUT_MM]
  return (Math.sqrt(slope ** 2 + 4 * bend * mmPerS) - slope) / (2 * bend)
}

/** Processes whose wire carries the current of the arc: a TIG rod that is fed says nothing of it, and for thick wires nothing is fitted. */
const WIRE_CARRIES: ReadonlySet<ProcessId> = new Set(['gmaw', 'fcaw-g', 'fcaw-s'])

/**
 * The most current that an arc may burn with, A, by what is known of it: said, or from what it melts; undefined where nobody can say.
 * Source: `meltingRate`, `stickConsumption`.
 */
export function highestCurrentA(question: MeltingQuestion): number | undefined {
  const { process, consumable, wireFeedMPerMin, electrodeDiameterMm, consumableKgPerH } = question
  const said = currentRangeOf(question)?.high
  if (said !== undefined) return said
  if (process === 'smaw') return consumableKgPerH === undefined ? undefined : consumableKgPerH * 1000 / 60 / STICK_G_PER_A_MIN.low
  if (wireFeedMPerMin === undefined || !WIRE_CARRIES.has(process)) return undefined
  const diameterMm = electrodeDiameterMm ?? (isCored(question) ? THICKEST_WIRE_MM.cored : THICKEST_WIRE_MM.solid)
  return currentFromWireFeedA(wireFeedMPerMin, diameterMm, consumable !== undefined && ALUMINIUM.has(consumable))
}

/** The current as a range, A; undefined when it is not known. */
export function currentRangeOf({ currentA, currentRangeA }: Pick<MeltingQuestion, 'currentA' | 'currentRangeA'>): Range | undefined {
  if (currentRangeA) return { low: currentRangeA[0], mid: (currentRangeA[0] + currentRangeA[1]) / 2, high: currentRangeA[1] }
  return currentA === undefined ? undefined : exactly(currentA)
}
