import type { CoatingId, ContainerId, ProcessId } from '../ids/vocabulary'
import type { JobField } from '../ids/job-ids'

/** Codes of the job area, with the values they carry. */
export interface JobFindings {
  'job.not-set': Record<string, never>
  'job.field-missing': { field: JobField, process: ProcessId }
  'job.field-assumed': { field: JobField }
  'job.coating-unknown': Record<string, never>
  'job.coating-unnamed': { coating: CoatingId }
  'job.coating-maybe-cadmium': Record<string, never>
  'job.coating-burns-off': { coating: CoatingId }
  'job.residue-present': Record<string, never>
  'job.residue-unknown': Record<string, never>
  'job.container': { container: ContainerId }
  'job.not-signed-off': { name: string, process: ProcessId }
  'job.training-over': { name: string, process: ProcessId, untilOn: string }
  'job.nobody-signed-off': { process: ProcessId }
  'job.times-reversed': { startsAt: string, endsAt: string }
}
