import type { Instant } from '../station/station'

/** The later of two instants; null is before all. */
export const laterOf = (a: Instant | null, b: Instant): Instant => a !== null && a > b ? a : b
/** Elapsed minutes in UTC: no clock change makes them fewer or more. */
export const minutesAfter = (at: Instant, minutes: number): Instant => new Date(Date.parse(at) + minutes * 60_000).toISOString()
