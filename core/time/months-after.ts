import { parseDate } from '@internationalized/date'

/**
 * The same day some calendar months later; the last of the month where that month is shorter.
 *
 * @param date YYYY-MM-DD
 * @throws when the date is none
 * @example monthsAfter('2024-01-31', 1) // 2024-02-29
 */
export const monthsAfter = (date: string, months: number): string => parseDate(date).add({ months }).toString()
