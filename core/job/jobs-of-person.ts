import type { Instant } from '../time/instant'
import { stands } from '../time/instant'
import type { DayJob } from './day-work'
import type { Job } from './job'

/** A bay with its work of the day and who stands there. */
export interface WorkOfBay {
  readonly bayId: string
  readonly job: Job | null
  readonly personId: string | null
  readonly earlierJobs: readonly DayJob[]
}

/**
 * All the work of a day of whoever stands at a bay, wherever it is done: the job of that bay first, then what else they do or did today.
 * Of a bay where nobody stands, its own job alone.
 */
export function jobsOfPerson(
  at: WorkOfBay,
  bays: readonly WorkOfBay[],
  now: Instant,
): readonly { readonly bayId: string, readonly job: Job }[] {
  const { personId } = at
  const own = at.job ? [{ bayId: at.bayId, job: at.job }] : []
  if (personId === null) return own
  const isTheirs = (one: { readonly personId: string | null }): boolean => one.personId === personId
  const elsewhere = bays.filter(bay => bay.bayId !== at.bayId && isTheirs(bay))
  return [
    ...own,
    ...elsewhere.flatMap(({ bayId, job }) => (job ? [{ bayId, job }] : [])),
    ...[at, ...bays.filter(bay => bay.bayId !== at.bayId)].flatMap(({ bayId, earlierJobs }) =>
      earlierJobs.filter(one => isTheirs(one) && stands(one.validUntil, now)).map(({ job }) => ({ bayId, job }))),
  ]
}
