import type { SubstanceId } from '../ids/vocabulary'
import type { ExtractionFault } from '../ids/air-ids'

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
