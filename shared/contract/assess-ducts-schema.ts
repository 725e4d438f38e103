import { z } from 'zod'
import { ductName, ductsSchema, entrySchema, fanSchema, filterSchema, refuseFaults } from './ducts-schema'
import { findingSchema } from './finding-schema'
import { between } from './job-schema'

const hood = z
  .strictObject({
    id: ductName,
    duct: ductName.describe('It stands at the end of this duct'),
    entry: entrySchema.optional(),
    entryLoss: between({ min: 0, max: 20 }, 'velocity pressures').optional(),
    openShare: between({ min: 0, max: 1 }, 'of the damper\'s travel').default(1),
    neededM3PerS: between({ min: 0.001, max: 10 }, 'm³/s').optional(),
  })
  .refine(({ entry, entryLoss }) => (entry === undefined) !== (entryLoss === undefined), {
    path: ['entry'],
    error: 'the shape of its mouth, or what it takes',
  })

/** `POST /api/v1/assess/ducts`, what is asked. */
export const assessDuctsRequest = z
  .strictObject({
    fan: fanSchema,
    filter: filterSchema.optional(),
    ducts: ductsSchema,
    hoods: z.array(hood).min(1, 'at least one hood').max(40, 'at most 40 hoods'),
  })
  .superRefine(({ fan, ducts, hoods }, context) => refuseFaults(
    { fan, ducts, hoods: hoods.map(({ id, duct }) => ({ id, ductId: duct })) },
    { id: 'id', ductId: 'duct' },
    context,
  ))

/** `POST /api/v1/assess/ducts`, what is answered. */
export const assessDuctsResponse = z.strictObject({
  fan: z.strictObject({ flowM3PerS: z.number(), pressurePa: z.number() }),
  hoods: z.array(z.strictObject({
    id: z.string(),
    flowM3PerS: z.number(),
    suctionPa: z.number().describe('In its duct behind the mouth'),
    share: z.number().nullable().describe('Of what it is counted on for; below 1 it is starved'),
  })),
  ducts: z.array(z.strictObject({ id: z.string(), flowM3PerS: z.number(), mPerS: z.number(), lossPa: z.number() })),
  isBalanced: z.boolean(),
  mayBeOpen: z.int().nullable().describe('However they are chosen; null with over ten hoods or forty ducts, or where a need is not said'),
  findings: z.array(findingSchema),
})
