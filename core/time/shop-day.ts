import { fromAbsolute, toCalendarDateTime } from '@internationalized/date'

/**
 * When the shop day that holds an instant ends: the next shop-day hour in the site's own zone, daylight saving counted.
 * What was checked "today" is good until then.
 *
 * @param atMs the instant, milliseconds since 1970
 * @param timeZone IANA zone of the site
 * @param shopDayHour local hour, 0 to 23, at which the shop day begins
 * @returns milliseconds since 1970, after `atMs`
 * @throws RangeError when the zone is not known
 */
export function shopDayEndsAtMs(atMs: number, timeZone: string, shopDayHour: number): number {
  const local = toCalendarDateTime(fromAbsolute(atMs, timeZone))
  let turn = local.set({ hour: shopDayHour, minute: 0, second: 0, millisecond: 0 })
  if (turn.compare(local) <= 0) turn = turn.add({ days: 1 })
  const endsAtMs = turn.toDate(timeZone).getTime()
  // In the hour that autumn repeats, the local clock can read "before" while the instant is past.
  return endsAtMs > atMs ? endsAtMs : turn.add({ days: 1 }).toDate(timeZone).getTime()
}

/** The date that a shop day is called by: the local date on which it began, as YYYY-MM-DD. */
export function shopDayOf(atMs: number, timeZone: string, shopDayHour: number): string {
  const local = toCalendarDateTime(fromAbsolute(atMs, timeZone))
  const began = local.hour < shopDayHour ? local.subtract({ days: 1 }) : local
  return `${String(began.year).padStart(4, '0')}-${String(began.month).padStart(2, '0')}-${String(began.day).padStart(2, '0')}`
}
