/**
 * The daily reduction factor of Brief and Scala: RF = (8/h)·((24 − h)/16). Never raises a limit for a short day.
 * Source: `longShift`.
 *
 * @param shiftHours above 0 and below 24
 * @example briefScalaDaily(10) // 0.7
 */
export const briefScalaDaily = (shiftHours: number): number => shiftHours <= 8 ? 1 : 8 / shiftHours * (24 - Math.min(shiftHours, 23)) / 16

/**
 * How much harder an 8-hour limit counts for a longer shift, against the exposure summed and divided by 8 hours: the factor
 * is meant for the shift's own mean, so its hours are taken out again.
 *
 * @returns 1 up to 8 hours, more above
 * @example longShiftFactor(12) // 1.3333
 */
export const longShiftFactor = (shiftHours: number): number => shiftHours <= 8 ? 1 : 8 / (shiftHours * briefScalaDaily(shiftHours))
