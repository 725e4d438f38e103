import { z } from 'zod'
import { normalInstant } from '#core/time/instant'

/** No shop of ours, and no plan of one, lies outside these years; the database knows no year 0. */
const YEARS = { from: 2000, to: 2999 } as const

/** An instant as it comes in from outside: in UTC, of our time, and kept to the millisecond whatever its letters were. */
export const instant = z.iso.datetime({ offset: false, error: 'an instant in UTC, as 2026-11-23T08:04:00.000Z' })
  .overwrite(at => Number.isNaN(Date.parse(at)) ? at : normalInstant(at))
  .refine((at) => {
    const year = new Date(at).getUTCFullYear()
    return year >= YEARS.from && year <= YEARS.to
  }, `an instant of the years ${YEARS.from} to ${YEARS.to}`)
