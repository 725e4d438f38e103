/** No cylinder in welding service is older: high-pressure alloy steel came later, so an earlier year is a misreading. */
const OLDEST_YEAR = 1930

/** A date as stamped: two digits of the year leave the century open. */
export interface StampedMonth { readonly month: number, readonly year: number, readonly digits: 2 | 4 }

const monthsOf = (year: number, month: number): number => year * 12 + month - 1

/**
 * Every way to read the years of dates that follow each other on a shoulder: each is no earlier than the one before,
 * none is before 1930, and none more than a month to come. None: the marks cannot be so. More than one: ask.
 * Source: `stampYears`.
 *
 * @param dates in the order they stand on the shoulder, the maker's first
 * @param today YYYY-MM-DD
 * @example readStampYears([{ month: 11, year: 48, digits: 2 }, { month: 4, year: 18, digits: 2 }], '2026-11-23') // [[1948, 2018]]
 */
export function readStampYears(dates: readonly StampedMonth[], today: string): readonly (readonly number[])[] {
  const latest = monthsOf(Number(today.slice(0, 4)), Number(today.slice(5, 7))) + 1
  const readings: number[][] = []
  const follow = (index: number, from: number, years: readonly number[]): void => {
    const stamped = dates[index]
    if (!stamped) {
      readings.push([...years])
      return
    }
    const candidates = stamped.digits === 4 ? [stamped.year] : [1900 + stamped.year, 2000 + stamped.year]
    for (const year of candidates) {
      const at = monthsOf(year, stamped.month)
      if (at >= from && at <= latest) follow(index + 1, at, [...years, year])
    }
  }
  follow(0, monthsOf(OLDEST_YEAR, 1), [])
  return readings
}
