import type { ClassRule } from '../ids/class-ids'

/** Codes of what is studied besides: ducts as one system, a class that is planned, and the model against samples. */
export interface StudyFindings {
  'ducts.starved': { hood: string, flowM3PerS: number, neededM3PerS: number }
  'ducts.no-balance': Record<string, never>
  'ducts.slow': { duct: string, mPerS: number, atLeastMPerS: number }
  'ducts.off-the-curve': { flowM3PerS: number, leastM3PerS: number, mostM3PerS: number }
  'ducts.may-be-open': { count: number, of: number }
  /** A plan of a class gives whoever gets least so much arc time; it is whole where all that burns by then could be counted. */
  'class.planned': { leastArcMin: number, isWhole: boolean }
  'class.too-little': { leastArcMin: number, wantedArcMin: number, forbids: readonly ClassRule[] }
  'class.no-plan': { forbids: readonly ClassRule[] }
  'class.bay-unknown': { bay: string }
  /** Bays of the hall whose fume, of others or of before the class, is not in its plan. */
  'class.beside-unknown': { bays: readonly string[], count: number }
  'class.nowhere': { person: string }
  'class.worked-before': { people: readonly string[], count: number }
  'class.over-before': { person: string, fraction: number | null }
  'class.before-unknown': { person: string }
  'class.no-time': Record<string, never>
  'class.nothing-to-plan': Record<string, never>
  'class.not-proven': Record<string, never>
  'class.no-helmet': { bay: string }
  'class.no-helmet-for': { person: string }
  'class.helmets-not-counted': Record<string, never>
  'class.more-helmets': { bays: readonly string[], most: number }
  'class.more-at-once': { what: string, most: number }
  'class.more-air': { supplyM3PerS: number }
  'class.more-bays': { bay: string }
  'class.more-time': Record<string, never>
  'calibration.moved': { n: number, p50: number, p95: number, before95: number }
  'calibration.few': { n: number, atLeast: number }
  'calibration.only-below': { n: number }
  'calibration.disagrees': { p50: number, before05: number, before95: number }
}
