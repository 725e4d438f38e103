import { z } from 'zod'
import type { HallPlan, PlanThing } from '#core/streams/hall/hall-plan'
import { PLAN_KINDS, PLAN_LIMITS } from '#core/streams/hall/hall-plan'
import { ductName } from './ducts-schema'
import { between } from './job-schema'
import { idSchema } from './text-schema'

const spot = { xM: between(PLAN_LIMITS.gridM, 'm'), yM: between(PLAN_LIMITS.gridM, 'm') }
/** A direction on a plan. */
export const towardsSchema = between(PLAN_LIMITS.towardsDeg, 'degrees')
const thing = z.strictObject({
  kind: z.enum(PLAN_KINDS),
  ...spot,
  towardsDeg: towardsSchema,
  lengthM: between(PLAN_LIMITS.lengthM, 'm'),
}) satisfies z.ZodType<PlanThing>

/** How a hall is drawn. */
export const hallPlanSchema = z.strictObject({
  outline: z.strictObject({ ...spot, lengthM: between(PLAN_LIMITS.outlineM, 'm'), widthM: between(PLAN_LIMITS.outlineM, 'm') }),
  things: z.array(thing).max(PLAN_LIMITS.things, `at most ${PLAN_LIMITS.things} things`),
  ductsAt: z
    .record(ductName, z.strictObject(spot))
    .refine(at => Object.keys(at).length <= PLAN_LIMITS.meetings, `at most ${PLAN_LIMITS.meetings} meeting points`),
  hoodsTowardsDeg: z.record(idSchema, towardsSchema),
}) satisfies z.ZodType<HallPlan>
