import type { SubstanceId } from '../vocabulary/vocabulary'

/** Codes of the Air gate. */
export interface AirFindings {
  'air.job-first': Record<string, never>
  'air.hall-unknown': Record<string, never>
  'air.hood-unknown': Record<string, never>
  'air.position-unknown': Record<string, never>
  'air.times-unknown': Record<string, never>
  'air.arc-time-unknown': Record<string, never>
  'air.flow-not-measured': Record<string, never>
  'air.extraction-not-checked': Record<string, never>
  'air.extraction-fault': { fault: ExtractionFault }
  'air.no-limit': Record<string, never>
  'air.day-of-person': { bays: readonly string[], count: number }
  'air.elsewhere-unknown': { bays: readonly string[], count: number }
  'air.neighbour-unknown': { bays: readonly string[], count: number }
  'air.neighbours-held': { bays: readonly string[], count: number }
  'air.measured': { substances: readonly SubstanceId[], takenOn: string }
  'air.rests-on-pencil': Record<string, never>
}

/** What the daily check of the extraction can find wrong, in the order it is looked for. */
export const EXTRACTION_FAULTS = ['off', 'damper-shut', 'out-of-position', 'no-draw'] as const
export type ExtractionFault = typeof EXTRACTION_FAULTS[number]
