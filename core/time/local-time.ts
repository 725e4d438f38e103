import { fromAbsolute, parseTime, toCalendarDate, toCalendarDateTime, toZoned } from '@internationalized/date'

/**
 * The next instant at which the clock on a wall of the zone shows a time, from another instant on, itself included.
 *
 * @param time HH:MM
 * @param fromMs milliseconds since 1970
 * @throws Error when the time cannot be read
 */
export function nextTimeOfDay(time: string, fromMs: number, timeZone: string): string {
  const from = fromAbsolute(fromMs, timeZone)
  const at = toZoned(toCalendarDateTime(toCalendarDate(from), parseTime(time)), timeZone)
  const next
    = at.toDate().getTime() < fromMs ? toZoned(toCalendarDateTime(toCalendarDate(from).add({ days: 1 }), parseTime(time)), timeZone) : at
  return next.toDate().toISOString()
}
