import { z } from 'zod'
import { CLASS_RULES } from '#core/ids/class-ids'
import { LIMIT_KINDS } from '#core/ids/exposure-ids'
import { EXPOSURE_RULE_SETS, SUBSTANCES } from '#core/ids/vocabulary'
import { CLASS_LIMITS } from '#core/placing/class-question'
import type { HallClass } from '#core/placing/class-of-hall'
import { findingSchema } from './finding-schema'
import { between, timeOfDaySchema } from './job-schema'
import { idSchema } from './text-schema'

const once = (ids: readonly string[]): boolean => new Set(ids).size === ids.length

/** `POST /api/v1/classes/plan`, what is asked: a class of the shop in one of its halls. */
export const classPlanRequest = z.strictObject({
  hallId: idSchema,
  bayIds: z
    .array(idSchema)
    .min(1, 'at least one bay')
    .max(CLASS_LIMITS.bays, `at most ${CLASS_LIMITS.bays} bays`)
    .refine(once, 'each bay once'),
  personIds: z
    .array(idSchema)
    .min(1, 'at least one person')
    .max(CLASS_LIMITS.people, `at most ${CLASS_LIMITS.people} people`)
    .refine(once, 'each person once'),
  startsAt: timeOfDaySchema,
  endsAt: timeOfDaySchema,
  periods: between({ min: 1, max: CLASS_LIMITS.periods }, 'periods').int('a whole number'),
  wantedArcMin: between({ min: 0.5, max: 600 }, 'min'),
}) satisfies z.ZodType<HallClass>

/** What is answered: a plan that keeps everybody under the fraction at which the site acts, or why there is none. */
export const classPlanResponse = z.strictObject({
  isEnough: z.boolean().describe('Everybody gets the arc time that is wanted'),
  isProven: z.boolean().nullable(),
  leastArcMin: z.number().nullable(),
  periods: z.array(z.strictObject({ startsAt: z.string(), endsAt: z.string() })).describe('By the shop\'s clock'),
  placings: z.array(z.strictObject({ personId: z.string(), bayId: z.string(), period: z.int() })),
  people: z.array(z.strictObject({
    personId: z.string(),
    arcMin: z.number(),
    fraction: z.number(),
    worst: z
      .strictObject({ substance: z.enum(SUBSTANCES), ruleSet: z.enum(EXPOSURE_RULE_SETS), kind: z.enum(LIMIT_KINDS) })
      .nullable(),
  })),
  forbids: z.array(z.enum(CLASS_RULES)),
  findings: z.array(findingSchema),
})
