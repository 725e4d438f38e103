import { z } from 'zod'
import type { DayPlansCommands } from '#core/streams/day-plans/day-plans'
import { jobSchema } from './job-schema'
import type { Payloads } from './payloads'
import { idSchema as id, nameSchema } from './text-schema'

const isOnce = (ids: readonly (string | null)[]): boolean => {
  const named = ids.filter(one => one !== null)
  return new Set(named).size === named.length
}

/** Days that are kept to be opened again. */
export const dayPlansPayloads = {
  'day-plan.keep': z.strictObject({
    planId: z.uuid(),
    name: nameSchema,
    bays: z
      .array(z.strictObject({ bayId: id, personId: id.nullable(), job: jobSchema.nullable() }))
      .min(1, 'at least one bay')
      .max(200, 'at most 200 bays')
      .refine(bays => isOnce(bays.map(({ bayId }) => bayId)), 'each bay once')
      .refine(bays => isOnce(bays.map(({ personId }) => personId)), 'each person at one bay')
      .refine(bays => bays.every(({ personId, job }) => personId !== null || job !== null), 'somebody or a job at each bay'),
  }),
  'day-plan.drop': z.strictObject({ planId: z.uuid() }),
} satisfies Payloads<DayPlansCommands>
