import type { MaskId, SubstanceId } from '../ids/vocabulary'
import type { ExtractionFault } from '../ids/air-ids'

/** Codes of the Air gate. */
export interface AirFindings {
  'air.job-first': Record<string, never>
  'air.hall-unknown': Record<string, never>
  /** What its exhaust would make of the hall, at the high end; null where the current is not known, and where it never gets so far. */
  'air.engine-under-roof': { monoxideMgPerMin: number | null, dangerInMin: number | null }
  'air.hood-unknown': Record<string, never>
  'air.position-unknown': Record<string, never>
  'air.times-unknown': Record<string, never>
  'air.arc-time-unknown': Record<string, never>
  'air.flow-not-measured': Record<string, never>
  /** Its hood shares a fan: with these dampers open it draws less than it was found to. */
  'air.starved': { drawsM3PerS: number, foundM3PerS: number, openCount: number, idle: readonly string[], idleCount: number }
  /** The ducts it hangs on have no balance with the dampers that may stand open. */
  'air.ducts-unknown': { openCount: number, idle: readonly string[], idleCount: number }
  'air.extraction-not-checked': Record<string, never>
  'air.extraction-fault': { fault: ExtractionFault }
  'air.no-limit': Record<string, never>
  'air.day-of-person': { bays: readonly string[], count: number }
  'air.helper-over': { name: string, fraction: number, substance: SubstanceId | null }
  'air.helper-unknown': { name: string }
  /** Null where nobody can say how much, and their own air does for it; a mask where it takes one. */
  'air.helper-under': { name: string, fraction: number | null, mask: MaskId | null }
  'air.elsewhere-unknown': { bays: readonly string[], count: number }
  'air.neighbour-unknown': { bays: readonly string[], count: number }
  'air.neighbours-held': { bays: readonly string[], count: number }
  'air.measured': { substances: readonly SubstanceId[], takenOn: string }
  'air.rests-on-pencil': Record<string, never>
}
