import { USUAL_CHOICES } from '../job/usual-choices'
import type { ConsumableId, ProcessId, SubstanceId } from '../ids/vocabulary'
import { PROCESSES } from '../ids/vocabulary'

/** What the maker's fume data sheet of a consumable says, as the shop typed it in: chalk over the pencil of the tables. */
export interface FumeDataSheet {
  /** The process it was measured with: it speaks for no other. Null on a sheet from before that was asked, which speaks for none. */
  readonly process: ProcessId | null
  readonly consumable: ConsumableId
  /** The sheet as it is called, with its date or issue. */
  readonly title: string
  /** Fume for each mass consumed, g/kg; left out when the sheet gives none. */
  readonly fumeGPerKg?: number
  /** Fume while the arc burns, mg/s; used when no mass factor is given. */
  readonly fumeMgPerS?: number
  /** Consumable that it melts, g/min, at a current, A: both, or neither. */
  readonly meltsGPerMin?: number
  readonly meltsAtA?: number
  /** Share of each substance in the fume, % by mass, as the element. */
  readonly compositionPercent: Readonly<Partial<Record<SubstanceId, number>>>
}

export const DATA_SHEET_LIMITS = {
  fumeGPerKg: { min: 0.001, max: 200 },
  fumeMgPerS: { min: 0.001, max: 500 },
  meltsGPerMin: { min: 0.1, max: 500 },
  meltsAtA: { min: 5, max: 2000 },
  compositionPercent: { min: 0, max: 100 },
} as const

/**
 * A sheet is measured at one current on one machine: what it lists is spread by this much either way, rate and share. House choice, no
 * source.
 */
export const SHEET_SPREAD = { rate: 0.3, share: 0.2 } as const

/** The process that a consumable is ordinarily used with, where there is just one. */
export function onlyProcessOf(consumable: ConsumableId): ProcessId | null {
  const users = PROCESSES.filter(process => USUAL_CHOICES[process].consumables.includes(consumable))
  return users.length === 1 ? users[0]! : null
}
