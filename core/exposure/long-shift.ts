/** How long somebody works: hours of a day, from their first work to their last, and days of a week. */
export interface WorkPattern { readonly hoursADay: number, readonly daysAWeek: number }

/** The day and the week that limits are made for. */
export const USUAL_WORK: WorkPattern = { hoursADay: 8, daysAWeek: 5 }

/**
 * The daily reduction factor of Brief and Scala: RF = (8/h)·((24 − h)/16). Never raises a limit for a short day.
 * Source: `longShift`.
 *
 * @param shiftHours above 0 and below 24
 * @example briefScalaDaily(10) // 0.7
 */
export const briefScalaDaily = (shiftHours: number): number => shiftHours <= 8 ? 1 : 8 / shiftHours * (24 - Math.min(shiftHours, 23)) / 16

/**
 * Their weekly factor: RF = (40/h)·((168 − h)/128). Never raises a limit for a short week.
 * Source: `longShift`.
 *
 * @param weekHours above 0 and below 168
 * @example briefScalaWeekly(48) // 0.78125
 */
export const briefScalaWeekly = (weekHours: number): number =>
  weekHours <= 40 ? 1 : 40 / weekHours * (168 - Math.min(weekHours, 167)) / 128

/** What an eight-hour limit is lowered to for such days and weeks, a share of it: the lower of both factors. */
export const loweredTo = ({ hoursADay, daysAWeek }: WorkPattern): number =>
  Math.min(briefScalaDaily(hoursADay), briefScalaWeekly(hoursADay * daysAWeek))

/**
 * How much harder an 8-hour limit counts for longer days or weeks, against the exposure summed and divided by 8 hours: the factor is
 * meant for the shift's own mean, so its hours are taken out again.
 *
 * @returns 1 for eight hours of five days and less, more above
 * @example longShiftFactor({ hoursADay: 12, daysAWeek: 3 }) // 1.3333
 */
export const longShiftFactor = (work: WorkPattern): number => Math.max(1, 8 / (Math.max(8, work.hoursADay) * loweredTo(work)))
