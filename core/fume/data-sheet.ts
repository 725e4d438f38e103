import type { ConsumableId, SubstanceId } from '../vocabulary/vocabulary'

/** What the maker's fume data sheet of a consumable says, as the shop typed it in: chalk over the pencil of the tables. */
export interface FumeDataSheet {
  readonly consumable: ConsumableId
  /** The sheet as it is called, with its date or issue. */
  readonly title: string
  /** Fume for each mass consumed, g/kg; left out when the sheet gives none. */
  readonly fumeGPerKg?: number
  /** Fume while the arc burns, mg/s; used when no mass factor is given. */
  readonly fumeMgPerS?: number
  /** Share of each substance in the fume, % by mass, as the element. */
  readonly compositionPercent: Readonly<Partial<Record<SubstanceId, number>>>
}

export const DATA_SHEET_LIMITS = {
  fumeGPerKg: { min: 0.001, max: 200 },
  fumeMgPerS: { min: 0.001, max: 500 },
  compositionPercent: { min: 0, max: 100 },
} as const
