import { z } from 'zod'
import { CONNECTING_STEPS, CYLINDER_OWNERS, DANGERS, JOINTS, SHUTTING_STEPS } from '#core/ids/cylinder-ids'
import type { CylinderCommands } from '#core/streams/cylinder/cylinder'
import { PLACE_LIMITS } from '#core/streams/place/place'
import { gasContentSchema } from './assess-cylinder-schema'
import { between } from './job-schema'
import { date, nothing, reason, said } from './payloads'
import type { Payloads } from './payloads'
import { idSchema as id } from './text-schema'

const metres = between(PLACE_LIMITS.gridM, 'm')
const cylinderMarks = {
  gas: gasContentSchema,
  owner: z.enum(CYLINDER_OWNERS),
  stamps: z.string().max(2000, 'at most 2000 characters'),
  waterVolumeL: between({ min: 0.1, max: 3000 }, 'L').optional(),
  filledInPlace: z.boolean().optional(),
  filledOn: date.optional(),
  tareKg: between({ min: 0, max: 5000 }, 'kg').optional(),
  fullM3: between({ min: 0.01, max: 1000 }, 'm³').optional(),
  diameterM: between({ min: 0.02, max: 3 }, 'm').optional(),
  heightM: between({ min: 0.1, max: 5 }, 'm').optional(),
}
const stance = { isUpright: z.boolean(), isSecured: z.boolean(), isCapped: z.boolean() }
const spot = { placeId: id, xM: metres, yM: metres, ...stance }
const lyingMin = between({ min: 0, max: 1_000_000 }, 'min').nullable()

/** What may be said of a cylinder. */
export const cylinderPayloads = {
  'cylinder.receive': z.strictObject({ ...cylinderMarks, lay: z.strictObject({ lyingMin }).nullable(), place: z.strictObject(spot) }),
  'cylinder.correct': z.strictObject(cylinderMarks),
  'cylinder.note-lying': z.strictObject({ lyingMin }),
  'cylinder.place': z.strictObject(spot),
  'cylinder.read': z.discriminatedUnion('by', [
    z.strictObject({
      by: z.literal('pressure'),
      gaugePressureKPa: between({ min: 0, max: 40_000 }, 'kPa'),
      temperatureC: between({ min: -30, max: 65 }, '°C'),
    }),
    z.strictObject({ by: z.literal('weight'), grossKg: between({ min: 0, max: 5000 }, 'kg') }),
  ]),
  'cylinder.connect': z.strictObject({ bayId: id, steps: z.array(z.enum(CONNECTING_STEPS)).max(CONNECTING_STEPS.length) }),
  'cylinder.test-joints': z.strictObject({ joints: z.partialRecord(z.enum(JOINTS), z.boolean()) }),
  'cylinder.set-delivery': z.strictObject({ gaugeKPa: between({ min: 0, max: 3000 }, 'kPa') }),
  'cylinder.shut-down': z.strictObject({ steps: z.array(z.enum(SHUTTING_STEPS)).max(SHUTTING_STEPS.length) }),
  'cylinder.disconnect': z.strictObject({ isCapped: z.boolean() }),
  'cylinder.note-empty': nothing,
  'cylinder.report-danger': z.strictObject({ danger: z.enum(DANGERS), remark: reason.optional() }),
  'cylinder.tag-out': z.strictObject({ reason: said }),
  'cylinder.release': z.strictObject({ repair: reason }),
  'cylinder.return': nothing,
  'cylinder.withdraw-tag': z.strictObject({ reason: said }),
  'cylinder.settle': nothing,
} satisfies Payloads<CylinderCommands>
