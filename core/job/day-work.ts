import type { Job } from './job'

/** A job with when its day ends: it counts for the shift it was set on. */
export interface DayJob { readonly job: Job, readonly validUntil: string }

/** A job in minutes from the start of the shop day. */
export interface JobSpan { readonly job: Job, readonly fromMin: number, readonly toMin: number }

const MINUTES_A_DAY = 1440

/** Minutes from the shop-day hour to a local time of day. */
function minutesIntoDay(time: string, shopDayHour: number): number {
  const [hours, minutes] = time.split(':').map(Number) as [number, number]
  return (hours * 60 + minutes - shopDayHour * 60 + MINUTES_A_DAY) % MINUTES_A_DAY
}

/**
 * When a job runs, in minutes from the start of the shop day; null when its times are not known or the same.
 *
 * @example jobSpan({ process: 'smaw', startsAt: '08:00', endsAt: '12:00' }, 4) // 240 to 480
 */
export function jobSpan(job: Job, shopDayHour: number): JobSpan | null {
  const { startsAt, endsAt } = job
  if (startsAt === undefined || endsAt === undefined || startsAt === endsAt) return null
  const fromMin = minutesIntoDay(startsAt, shopDayHour)
  const toMin = minutesIntoDay(endsAt, shopDayHour)
  return { job, fromMin, toMin: toMin > fromMin ? toMin : toMin + MINUTES_A_DAY }
}

/**
 * The work of a bay's day: the job that stands, and what is left of the earlier ones. A later job takes the time it needs
 * from the one before: what was planned and then replaced was not done.
 *
 * @param earlier oldest first
 */
export function dayWork(earlier: readonly DayJob[], current: Job | null, shopDayHour: number, now: string): readonly JobSpan[] {
  let left: JobSpan[] = []
  const jobs = [...earlier.filter(({ validUntil }) => validUntil > now).map(({ job }) => job), ...current ? [current] : []]
  for (const job of jobs) {
    const span = jobSpan(job, shopDayHour)
    if (!span) continue
    left = [...left.flatMap(other => without(other, span)), span]
  }
  return left
}

function without(span: JobSpan, taken: JobSpan): JobSpan[] {
  const parts: JobSpan[] = [{ ...span, toMin: Math.min(span.toMin, taken.fromMin) }, { ...span, fromMin: Math.max(span.fromMin, taken.toMin) }]
  return parts.filter(({ fromMin, toMin }) => toMin > fromMin)
}
