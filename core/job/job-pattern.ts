import type { Job } from './job'

/** What a job is known by when it is offered again: its times and the answers of the day are not part of it. */
export function jobPattern({ startsAt: _s, endsAt: _e, residue: _r, container: _c, assumed: _a, ...pattern }: Job): string {
  return JSON.stringify(Object.entries(pattern).sort(([a], [b]) => a < b ? -1 : 1))
}

/** The job that a pattern was made of, without its times and answers; null where it is none. */
export function jobOfPattern(pattern: string): Job | null {
  try {
    const job = Object.fromEntries(JSON.parse(pattern) as [string, unknown][]) as Partial<Job>
    return typeof job.process === 'string' ? job as Job : null
  } catch {
    // A key of another make is no pattern: nothing is said of it.
    return null
  }
}
