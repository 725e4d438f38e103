import type { Job } from './job'

/** What a job is known by when it is offered again: its times and the answers of the day are not part of it. */
export function jobPattern({ startsAt: _s, endsAt: _e, residue: _r, container: _c, assumed: _a, ...pattern }: Job): string {
  return JSON.stringify(Object.entries(pattern).sort(([a], [b]) => a < b ? -1 : 1))
}
