import type { SubstanceId, SubstitutionId } from '../ids/vocabulary'

/** Codes of the samples area. */
export interface SamplesFindings {
  'samples.too-few': { n: number, needed: number }
  'samples.more-needed': { n: number, needed: number }
  'samples.mostly-below': { belowLoq: number, n: number }
  'samples.turns-on-substitution': { passes: readonly SubstitutionId[], fails: readonly SubstitutionId[], belowLoq: number, n: number }
  'samples.not-lognormal': { n: number, w: number, p: number }
  'samples.day-to-come': { takenOn: string }
  'samples.compliant': { substance: SubstanceId, n: number, takenOn: string }
  'samples.non-compliant': { substance: SubstanceId, n: number, takenOn: string }
  'samples.no-decision': { substance: SubstanceId, n: number, takenOn: string }
  'samples.aged-out': { substance: SubstanceId, takenOn: string, months: number }
  'samples.other-work': { substance: SubstanceId, takenOn: string, changed: 'job' | 'hood' | 'room' }
  'samples.job-first': Record<string, never>
}
