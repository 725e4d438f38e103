import { arcVoltageV } from '../electrical/arc-power'
import type { BaseMetalId } from '../ids/vocabulary'
import type { Range } from '../range'

/** No arc that cuts is weaker, A: a lower figure is a slip. House rule. */
const WEAKEST_A = 20
/** Power of a plasma cutting arc, kW, by its conventional load voltage. Source: `loadVoltage`. */
export function plasmaPowerKW(currentA: number): number {
  const amperes = Math.max(WEAKEST_A, currentA)
  return arcVoltageV('pac', amperes)! * amperes / 1000
}

/** Share of the arc's power that melts the kerf, and heat that a gram takes to melt, kJ: steel, and aluminium. Source: `plasmaPower`. */
const MELTS: Range = { low: 0.15, mid: 0.3, high: 0.5 }
const TO_MELT_KJ_PER_G = { steel: 1.3, aluminium: 1.0 } as const
/** Share of the kerf's metal that becomes fume, cut dry; of stainless steel more was found. Source: `plasmaPower`, `cuttingFume`. */
const BECOMES_FUME: Range = { low: 0.03, mid: 0.04, high: 0.05 }
const OF_STAINLESS: Range = { low: 0.03, mid: 0.05, high: 0.067 }

/** Share of the metal that a plasma cut turns out which becomes fume. */
export const smokesOfPlasma = (baseMetal: BaseMetalId | undefined): Range =>
  baseMetal === 'stainless-steel' ? OF_STAINLESS : BECOMES_FUME

/**
 * Fume of a dry plasma cut while the arc burns, g/min: what its power can melt, and the share of that which smokes. Whatever plate it cuts
 * and however fast, no arc melts more.
 *
 * @example plasmaFumeGPerMin(200).mid // 17.7
 * Source: `plasmaPower`, `loadVoltage`.
 */
export function plasmaFumeGPerMin(currentA: number, baseMetal?: BaseMetalId): Range {
  const meltableGPerMin = plasmaPowerKW(currentA) * 60 / TO_MELT_KJ_PER_G[baseMetal === 'aluminium' ? 'aluminium' : 'steel']
  const smokes = smokesOfPlasma(baseMetal)
  return {
    low: meltableGPerMin * MELTS.low * smokes.low,
    mid: meltableGPerMin * MELTS.mid * smokes.mid,
    high: meltableGPerMin * MELTS.high * smokes.high,
  }
}

/** Most oxides of nitrogen that an arc makes of air, mL/min for each kW: 67 g of nitric acid a kilowatt hour. Source: `airArcOxides`. */
const MOST_OXIDES_ML_PER_MIN_KW = 67 / 63 * 24_450 / 60
/** What is published of dry cuts, at its high end, mL/min. Source: `arcGases`. */
const PUBLISHED_ML_PER_MIN = 10_000

/** Share of the published oxides of plasma cutting that an arc has power to make, 1 at most, and where nobody said its current. */
export const shareOfPublishedOxides = (currentA: number | undefined): number =>
  currentA === undefined ? 1 : Math.min(1, plasmaPowerKW(currentA) * MOST_OXIDES_ML_PER_MIN_KW / PUBLISHED_ML_PER_MIN)
