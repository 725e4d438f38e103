import type { SubstanceId } from '../ids/vocabulary'

/** The metal of a coating, as heat meets it. Source: `boilingMetals`. */
export interface CoatingMetal {
  readonly meltsC: number
  /** Where its vapour presses with a tenth of an atmosphere: below, next to nothing leaves while the heat stays. */
  readonly leavesC: number
  readonly boilsC: number
  /** To warm, melt and boil it from a cold plate, kJ/g. */
  readonly kJPerG: number
  /** Grams of its oxide for each gram. */
  readonly oxidePerMetal: number
}

/** Metals that boil off a coating. */
export const COATING_METALS = {
  zinc: { meltsC: 419.5, leavesC: 730, boilsC: 907, kJPerG: 2.3, oxidePerMetal: 1.2447 },
  cadmium: { meltsC: 321, leavesC: 595, boilsC: 767, kJPerG: 1.1, oxidePerMetal: 1.1423 },
  lead: { meltsC: 327.5, leavesC: 1410, boilsC: 1749, kJPerG: 1.15, oxidePerMetal: 1.0772 },
} as const satisfies Partial<Record<SubstanceId, CoatingMetal>>
export type CoatingMetalId = keyof typeof COATING_METALS

/** The largest share of an arc's power that can go into boiling a coating. Source: `boilingMetals`. */
const MOST_OF_THE_ARC = 0.2

/**
 * The most of a coating's metal that an arc can boil, mg/min, whatever lies there: a fifth of its power over the heat that a gram takes.
 *
 * @example energyBoundMgPerMin('zinc', 24, 165) // 20660
 */
export const energyBoundMgPerMin = (metal: CoatingMetalId, voltageV: number, currentA: number): number =>
  MOST_OF_THE_ARC * voltageV * currentA * 60 / COATING_METALS[metal].kJPerG
