import { forAnotherDay } from '../job/job'
import type { Job } from '../job/job'
import type { DayPlan, PlannedBay } from '../streams/day-plans/day-plans'

/** A bay that is in use, as it stands. */
interface BayNow { readonly bayId: string, readonly personId: string | null, readonly job: Job | null }

/** What becomes of whom a day has in mind for a bay. */
export type Comes = 'nobody' | 'stands' | 'comes' | 'somebody-else' | 'elsewhere' | 'may-not'
/** One bay of a day that is opened: who comes, and the job that is set there; null where none is. */
export interface OpenedBay extends PlannedBay {
  readonly comes: Comes
  readonly sets: Job | null
}
/** A day that is opened. */
export interface OpenedDay {
  /** Bays that are in use, in walking order. */
  readonly bays: readonly OpenedBay[]
  /** Bays that the day names and that are not in use. */
  readonly gone: readonly string[]
}

/** What was answered of the workpieces of a day, by whoever opens it; undefined: nobody did, and their bays hold. */
export type OfWorkpieces = Pick<Job, 'residue' | 'container'>
/** Clean plate and open shapes: nothing on them, and nothing shut. */
export const PLAIN_PIECES: OfWorkpieces = { residue: 'none', container: 'not-a-container' }

const isSame = (a: object, b: object): boolean => textOfJob(a) === textOfJob(b)
const textOfJob = (job: object): string => JSON.stringify(Object.entries(job).sort(([a], [b]) => (a < b ? -1 : 1)))

/**
 * A day that was kept, on the bays as they stand: whoever stands somewhere stays, nobody is brought who may not stand there, and a
 * bay where somebody else stands keeps its job. Nothing that was answered of a workpiece is taken from the day that was kept.
 *
 * @param bays in use, in walking order
 * @param mayStand people who may be placed: who has left or is on watch may not
 */
export function openDay(
  plan: DayPlan,
  bays: readonly BayNow[],
  mayStand: (personId: string) => boolean,
  pieces: OfWorkpieces = {},
): OpenedDay {
  const standing = new Map(bays.flatMap(({ bayId, personId }) => personId === null ? [] : [[personId, bayId] as const]))
  const comesTo = ({ bayId, personId }: PlannedBay, now: BayNow): Comes => {
    if (personId === null) return 'nobody'
    if (now.personId === personId) return 'stands'
    if (now.personId !== null) return 'somebody-else'
    if (standing.has(personId) && standing.get(personId) !== bayId) return 'elsewhere'
    return mayStand(personId) ? 'comes' : 'may-not'
  }
  const opened = bays.flatMap((now): OpenedBay[] => {
    const planned = plan.bays.find(({ bayId }) => bayId === now.bayId)
    if (!planned) return []
    const comes = comesTo(planned, now)
    const job = planned.job && forAnotherDay(planned.job)
    // The same work stands there already: what was said of its workpiece stays, and only what nobody said is added. One word for all bays
    // does not undo what somebody found at one of them.
    const stands = job !== null && now.job !== null && isSame(forAnotherDay(now.job), job) ? now.job : null
    const sets = job && { ...job, ...pieces, ...stands }
    const stays = sets === null || comes === 'somebody-else' || (stands !== null && isSame(stands, sets))
    return [{ ...planned, job, comes, sets: stays ? null : sets }]
  })
  const inUse = new Set(bays.map(({ bayId }) => bayId))
  return { bays: opened, gone: plan.bays.map(({ bayId }) => bayId).filter(bayId => !inUse.has(bayId)) }
}

/** The bays as they stand, to be kept as a day; null where nobody stands and nothing is set. */
export function keptDay(bays: readonly BayNow[]): readonly PlannedBay[] | null {
  const kept = bays
    .filter(({ personId, job }) => personId !== null || job !== null)
    .map(({ bayId, personId, job }) => ({ bayId, personId, job: job && forAnotherDay(job) }))
  return kept.length > 0 ? kept : null
}

/** One job for the bays that it is set at: what is set at several is said once. */
export interface JobOfBays { readonly job: Job, readonly bayIds: readonly string[] }

/** The jobs that a day sets, each with its bays, in walking order. */
export function jobsOf({ bays }: OpenedDay): readonly JobOfBays[] {
  const jobs = new Map<string, { readonly job: Job, readonly bayIds: string[] }>()
  for (const { bayId, sets } of bays) {
    if (sets === null) continue
    const known = jobs.get(textOfJob(sets))
    if (known) known.bayIds.push(bayId)
    else jobs.set(textOfJob(sets), { job: sets, bayIds: [bayId] })
  }
  return [...jobs.values()]
}
