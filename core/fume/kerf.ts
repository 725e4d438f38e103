import type { BaseMetalId, WaterTableId } from '../ids/vocabulary'
import type { Range } from '../range'
import { times } from '../range'
import { plasmaFumeGPerMin, smokesOfPlasma } from './plasma-cut'

/** What the metal of a cut is reckoned from. */
export interface KerfQuestion {
  readonly baseMetal?: BaseMetalId
  readonly plateThicknessMm?: number
  readonly kerfWidthMm?: number
  readonly travelSpeedMPerMin?: number
}

/** Density, g/cm³. Source: handbooks. */
const G_PER_CM3: Readonly<Partial<Record<BaseMetalId, number>>> = {
  'mild-steel': 7.85, 'low-alloy-steel': 7.85, 'stainless-steel': 8, 'aluminium': 2.7,
}

/**
 * Metal that a cut turns out, g/min: its speed × its width × the thickness × density; null where one of them is not known.
 *
 * @example kerfGPerMin({ baseMetal: 'mild-steel', plateThicknessMm: 8, kerfWidthMm: 3, travelSpeedMPerMin: 2.5 }) // 471
 * Source: geometry.
 */
export function kerfGPerMin({ baseMetal, plateThicknessMm, kerfWidthMm, travelSpeedMPerMin }: KerfQuestion): number | null {
  const density = baseMetal && G_PER_CM3[baseMetal]
  if (density === undefined || plateThicknessMm === undefined || kerfWidthMm === undefined || travelSpeedMPerMin === undefined) return null
  return travelSpeedMPerMin * kerfWidthMm * plateThicknessMm * density
}

const clamped = (range: Range, within: Range): Range => {
  const into = (value: number) => Math.min(within.high, Math.max(within.low, value))
  return { low: into(range.low), mid: into(range.mid), high: into(range.high) }
}

/**
 * Fume of a dry plasma cut while the arc burns, g/min; null where neither its current nor its kerf is known. The kerf says how much metal
 * is turned out; the power of the arc bounds it on both sides: no arc melts more, and one that cuts melts some, whatever width was typed.
 *
 * Source: `cuttingFume`, `plasmaPower`.
 */
export function plasmaCutFumeGPerMin(question: KerfQuestion, currentA: number | undefined): Range | null {
  const kerf = kerfGPerMin(question)
  const byKerf = kerf === null ? null : times(smokesOfPlasma(question.baseMetal), kerf)
  if (currentA === undefined) return byKerf
  const byPower = plasmaFumeGPerMin(currentA, question.baseMetal)
  return byKerf ? clamped(byKerf, byPower) : byPower
}

/** Fume of flame cutting that was found for plates of 5 to 25 mm, g/min; share of a kerf that becomes fume. Source: `cuttingFume`. */
const FLAME_CUT: Range = { low: 0.5, mid: 1.2, high: 3 }
const FOUND_UP_TO_MM = 25
const OF_FLAME_KERF: Range = { low: 0.01, mid: 0.02, high: 0.03 }

/**
 * Fume of a flame cut, g/min; null where the thickness is not known. By the metal of its kerf where that is known, and no less than what
 * was found for thin plate at its low end; else what was found, and of thicker plate as much more as it is thicker.
 *
 * Source: `cuttingFume`.
 */
export function flameCutFumeGPerMin(question: KerfQuestion): Range | null {
  const { plateThicknessMm } = question
  if (plateThicknessMm === undefined) return null
  const kerf = kerfGPerMin(question)
  if (kerf === null) return times(FLAME_CUT, Math.max(1, plateThicknessMm / FOUND_UP_TO_MM))
  const least = (value: number) => Math.max(FLAME_CUT.low, value)
  const byKerf = times(OF_FLAME_KERF, kerf)
  return { low: least(byKerf.low), mid: least(byKerf.mid), high: least(byKerf.high) }
}

/**
 * What water leaves of the fume of a dry plasma cut: 2 to 5 g/min where 20 to 30 rise dry, 0.1 to 0.5 under water, 60 to 100 times less.
 * Source: `cuttingFume`.
 */
const LEFT_BY_WATER: Readonly<Record<Exclude<WaterTableId, 'dry'>, Range>> = {
  'touching': { low: 2 / 30, mid: 3.5 / 25, high: 5 / 20 },
  'under-water': { low: 0.1 / 30, mid: 1 / 80, high: 0.5 / 20 },
}
/** What water over the cut leaves of the oxides of nitrogen: 0.05 to 1 L/min of 1 to 10; touching it, all. Source: `arcGases`. */
const OXIDES_UNDER_WATER: Range = { low: 0.05, mid: 0.1, high: 0.1 }

/** Share of the fume of a dry plasma cut that gets past the water; null where it is cut dry, or nobody said. */
export const leftByWater = (waterTable: WaterTableId | undefined): Range | null =>
  waterTable === undefined || waterTable === 'dry' ? null : LEFT_BY_WATER[waterTable]

/** The oxides of nitrogen of a plasma cut that get past the water. */
export const oxidesPastWater = (oxides: Range, waterTable: WaterTableId | undefined): Range =>
  waterTable === 'under-water' ? times(oxides, OXIDES_UNDER_WATER) : oxides

/** Metals that make hydrogen of water when they are cut over it: it gathers under the plate and in the sludge. */
const MAKES_HYDROGEN: ReadonlySet<BaseMetalId> = new Set(['aluminium', 'magnesium'])
/** Does a cut over water make hydrogen? */
export const makesHydrogen = (waterTable: WaterTableId | undefined, baseMetal: BaseMetalId | undefined): boolean =>
  waterTable !== undefined && waterTable !== 'dry' && baseMetal !== undefined && MAKES_HYDROGEN.has(baseMetal)
