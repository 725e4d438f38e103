/**
 * How much lower an 8-hour limit counts for a longer shift, against the exposure summed and divided by 8 hours.
 * Brief and Scala, daily: RF = (8/h)·((24 − h)/16) on the shift's own mean, which is 16/(24 − h) on the 8-hour sum.
 * Never raises a limit for a short day. Source: `longShift`.
 *
 * @param shiftHours above 0 and below 24
 * @returns 1 up to 8 hours, more above
 * @example longShiftFactor(12) // 1.3333
 */
export const longShiftFactor = (shiftHours: number): number => shiftHours <= 8 ? 1 : 16 / (24 - Math.min(shiftHours, 23))

/** The daily reduction factor itself. @example briefScalaDaily(10) // 0.7 */
export const briefScalaDaily = (shiftHours: number): number => shiftHours <= 8 ? 1 : 8 / shiftHours * (24 - shiftHours) / 16
/** The weekly reduction factor. @example briefScalaWeekly(60) // 0.5625 */
export const briefScalaWeekly = (weekHours: number): number => weekHours <= 40 ? 1 : 40 / weekHours * (168 - weekHours) / 128
