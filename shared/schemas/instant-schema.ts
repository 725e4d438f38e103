import { z } from 'zod'
import { normalInstant } from '#core/time/instant'

/** An instant as it comes in from outside: in UTC, and kept to the millisecond whatever its letters were. */
export const instant = z.iso.datetime({ offset: false, error: 'an instant in UTC, as 2026-11-23T08:04:00.000Z' }).overwrite(at => Number.isNaN(Date.parse(at)) ? at : normalInstant(at))
