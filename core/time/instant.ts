/**
 * A moment, ISO 8601, as `2026-11-23T08:04:00.000Z`. Compared by the moment it names, never by its letters: `:00Z` and `:00.000Z` are one.
 */
export type Instant = string

/**
 * Milliseconds since 1970.
 *
 * @throws RangeError for a text that names no moment
 * @example msOf('1970-01-01T00:00:01Z') // 1000
 */
export function msOf(at: Instant): number {
  const ms = Date.parse(at)
  if (Number.isNaN(ms)) throw new RangeError(`"${at}" is no instant`)
  return ms
}

/** Is the first later than the second? @example isAfter('2026-11-24T12:00:00Z', '2026-11-24T12:00:00.000Z') // false */
export const isAfter = (a: Instant, b: Instant): boolean => msOf(a) > msOf(b)
/** Is the first earlier than the second? */
export const isBefore = (a: Instant, b: Instant): boolean => msOf(a) < msOf(b)

/** Does something that is good until a moment still stand at another? At the moment itself it no longer does. */
export const stands = (until: Instant, now: Instant): boolean => isAfter(until, now)

/** The later of two instants; null is before all. */
export const laterOf = (a: Instant | null, b: Instant): Instant => a !== null && isAfter(a, b) ? a : b
/** The earlier of two instants. */
export const earlierOf = (a: Instant, b: Instant): Instant => isBefore(a, b) ? a : b
/** The earliest of several; null where there is none. */
export const earliestOf = (instants: readonly (Instant | null | undefined)[]): Instant | null =>
  instants.reduce((first: Instant | null, at) => at == null ? first : first === null ? at : earlierOf(first, at), null)

/** Elapsed minutes in UTC: no clock change makes them fewer or more. */
export const minutesAfter = (at: Instant, minutes: number): Instant => new Date(msOf(at) + minutes * 60_000).toISOString()
/** Minutes from one instant to another; negative when the second is earlier. */
export const minutesBetween = (from: Instant, to: Instant): number => (msOf(to) - msOf(from)) / 60_000

/** The instant as it is kept: in UTC, to the millisecond. */
export const normalInstant = (at: Instant): Instant => new Date(msOf(at)).toISOString()
