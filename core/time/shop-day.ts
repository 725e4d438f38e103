import { CalendarDateTime, fromAbsolute, parseDate, toCalendarDateTime, toZoned } from '@internationalized/date'

/** A stretch of one shop day: since the earliest instant that was asked about, until it ends. */
interface ShopDay {
  readonly sinceMs: number
  readonly endsAtMs: number
  readonly date: string
}

/**
 * The shop day last asked about, by zone and hour: every gate of every bay asks for the same one, and a zone's rules are slow to read.
 * Nothing ends a shop day before its end, so an instant between one that was asked about and that end is of the same day.
 */
const lastDays = new Map<string, ShopDay>()
/** More zones and hours than one program ever serves: what is asked by strangers cannot fill the memory. */
const KEPT_DAYS = 64

function shopDayAround(atMs: number, timeZone: string, shopDayHour: number): ShopDay {
  const key = `${timeZone} ${shopDayHour}`
  const last = lastDays.get(key)
  if (last && atMs >= last.sinceMs && atMs < last.endsAtMs) return last
  const day = shopDayFrom(atMs, timeZone, shopDayHour)
  if (lastDays.size >= KEPT_DAYS) lastDays.clear()
  lastDays.set(key, day)
  return day
}

function shopDayFrom(atMs: number, timeZone: string, shopDayHour: number): ShopDay {
  const local = toCalendarDateTime(fromAbsolute(atMs, timeZone))
  let turn = local.set({ hour: shopDayHour, minute: 0, second: 0, millisecond: 0 })
  // Compared as instants: where autumn repeats an hour, or spring skips one, what the local clock reads tells nothing.
  if (turn.toDate(timeZone).getTime() <= atMs) turn = turn.add({ days: 1 })
  const began = turn.subtract({ days: 1 })
  const date = `${String(began.year).padStart(4, '0')}-${String(began.month).padStart(2, '0')}-${String(began.day).padStart(2, '0')}`
  return { sinceMs: atMs, endsAtMs: turn.toDate(timeZone).getTime(), date }
}

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
export const shopDayEndsAtMs = (atMs: number, timeZone: string, shopDayHour: number): number =>
  shopDayAround(atMs, timeZone, shopDayHour).endsAtMs

/** The date that a shop day is called by: the local date on which it began, as YYYY-MM-DD. */
export const shopDayOf = (atMs: number, timeZone: string, shopDayHour: number): string =>
  shopDayAround(atMs, timeZone, shopDayHour).date

/** The date after a date, YYYY-MM-DD. */
export const dayAfter = (date: string): string => parseDate(date).add({ days: 1 }).toString()

/**
 * When the shop day of a date begins and ends.
 *
 * @param date the date it is called by, YYYY-MM-DD
 * @returns milliseconds since 1970: the first of that day, and the first of the next
 * @throws Error when it is no date
 */
export function shopDaySpan(date: string, timeZone: string, shopDayHour: number): { readonly sinceMs: number, readonly endsAtMs: number } {
  const { year, month, day } = parseDate(date)
  const began = new CalendarDateTime(year, month, day, shopDayHour)
  // An hour that autumn repeats begins a day where the other day ended: the rule above tells when that is.
  const sinceMs = shopDayFrom(toZoned(began.subtract({ hours: 12 }), timeZone).toDate().getTime(), timeZone, shopDayHour).endsAtMs
  return { sinceMs, endsAtMs: shopDayFrom(sinceMs, timeZone, shopDayHour).endsAtMs }
}
