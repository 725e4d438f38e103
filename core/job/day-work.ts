import { parseAbsolute, toCalendarDateTime } from '@internationalized/date'
import type { Instant } from '../time/instant'
import { stands } from '../time/instant'
import type { Stay } from '../time/stays'
import { without } from '../time/stays'
import type { Job } from './job'

/** A job that stood before the one that stands now. */
export interface DayJob {
  readonly job: Job
  /** When its shop day ends: it counts for the shift it was set on. */
  readonly validUntil: Instant
  /** Who stood here while it did; null when nobody was placed. */
  readonly personId: string | null
  /** From when and until when it stood with that person; null where that was not kept. */
  readonly sinceAt: Instant | null
  readonly untilAt: Instant | null
}

/** A job in minutes from the start of the shop day. */
export interface JobSpan extends Stay { readonly job: Job }

const MINUTES_A_DAY = 1440

/** Minutes from the shop-day hour to a local time of day. */
function minutesIntoDay(time: string, shopDayHour: number): number {
  const [hours, minutes] = time.split(':').map(Number) as [number, number]
  return (hours * 60 + minutes - shopDayHour * 60 + MINUTES_A_DAY) % MINUTES_A_DAY
}

/**
 * The time of day of a minute of the shop day, HH:MM.
 *
 * @example timeOfDay(270, 4) // 08:30
 */
export function timeOfDay(minute: number, shopDayHour: number): string {
  const whole = (minute + shopDayHour * 60) % MINUTES_A_DAY
  return [Math.floor(whole / 60), whole % 60].map(part => String(part).padStart(2, '0')).join(':')
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

/** Of each hour of a job, the minutes in which it burns or sounds, where nobody said: house reading, at its long end. */
const WORKS_MIN_PER_H = 30

/** Hours in which a job burns or sounds: of the times that were said, else of the whole shift. */
export function arcHours(job: Job, { shiftHours, shopDayHour }: { readonly shiftHours: number, readonly shopDayHour: number }): number {
  const span = jobSpan(job, shopDayHour)
  return (span ? (span.toMin - span.fromMin) / 60 : shiftHours) * (job.arcMinPerH ?? WORKS_MIN_PER_H) / 60
}

/**
 * The work of a bay's day: the job that stands, and what is left of the earlier ones. A later job takes the time it needs
 * from the one before: what was planned and then replaced was not done.
 *
 * @param earlier oldest first
 */
export function dayWork(earlier: readonly DayJob[], current: Job | null, shopDayHour: number, now: Instant): readonly JobSpan[] {
  let left: JobSpan[] = []
  const jobs = [...earlier.filter(({ validUntil }) => stands(validUntil, now)).map(({ job }) => job), ...current ? [current] : []]
  for (const job of jobs) {
    const span = jobSpan(job, shopDayHour)
    if (!span) continue
    left = [...left.flatMap(other => without(other, [span])), span]
  }
  return left
}

/** Where a shop's day lies: its zone, and the local hour at which it begins. */
export interface ShopClock { readonly timeZone: string, readonly shopDayHour: number }

/** Minutes from the start of the shop day to an instant of it, by the clock on the wall. */
export function minutesAt(at: Instant, { timeZone, shopDayHour }: ShopClock): number {
  const { hour, minute, second } = toCalendarDateTime(parseAbsolute(at, timeZone))
  return (hour * 60 + minute + second / 60 - shopDayHour * 60 + MINUTES_A_DAY) % MINUTES_A_DAY
}

/**
 * The work of one person at a bay today: the part of each earlier job that stood while they were there, and the whole of
 * the job that stands if it is theirs. When somebody came or went and nobody wrote it down, the whole job counts. What was told late,
 * with times from before it was told, is theirs from its beginning, but for the time in which something else stood here.
 */
export function workOf(
  personId: string,
  earlier: readonly DayJob[],
  current: { readonly job: Job | null, readonly personId: string | null },
  clock: ShopClock,
  now: Instant,
): readonly JobSpan[] {
  const today = earlier.filter(({ validUntil }) => stands(validUntil, now))
  const stood = today.map((one): Stay | null => {
    const { sinceAt, untilAt } = one
    return sinceAt === null || untilAt === null ? null : { fromMin: minutesAt(sinceAt, clock), toMin: minutesAt(untilAt, clock) }
  })
  const past = today.flatMap((one, index) => {
    const span = one.personId === personId ? jobSpan(one.job, clock.shopDayHour) : null
    if (!span) return []
    const fromMin = one.sinceAt === null ? span.fromMin : Math.max(span.fromMin, minutesAt(one.sinceAt, clock))
    const toMin = one.untilAt === null ? span.toMin : Math.min(span.toMin, minutesAt(one.untilAt, clock))
    const others = stood.flatMap((stay, at) => at === index || stay === null ? [] : stay)
    const toldLate = without({ ...span, toMin: Math.min(span.toMin, fromMin) }, others)
    return [...toldLate, { ...span, fromMin, toMin }].filter(part => part.toMin > part.fromMin)
  })
  const standing = current.personId === personId && current.job ? jobSpan(current.job, clock.shopDayHour) : null
  return standing ? [...past.flatMap(other => without(other, [standing])), standing] : past
}
