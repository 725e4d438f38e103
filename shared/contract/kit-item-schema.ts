import { z } from 'zod'
import { EXTINGUISHER_TYPES } from '#core/inspection/extinguisher-dates'
import { readRating } from '#core/inspection/extinguisher-rating'
import { HELMET_KINDS } from '#core/ids/protection-ids'
import { ITEM_EVENTS } from '#core/ids/kit-ids'
import { EQUIPMENT_KINDS, MASKS } from '#core/ids/vocabulary'
import type { KitItemCommands, KitItemMarks } from '#core/streams/kit-item/kit-item'
import { listId } from './check-lists-schema'
import { between } from './job-schema'
import { laserBeamSchema, laserFilterSchema } from './laser-schema'
import { date, reason, said } from './payloads'
import type { Payloads } from './payloads'
import { idSchema as id, nameOf, nameSchema as name } from './text-schema'

const wayM = between({ min: 0, max: 500 }, 'm')
const shade = between({ min: 1.2, max: 16 }, 'shade')
const marks = z.strictObject({
  ratedCurrentA: between({ min: 1, max: 3000 }, 'A').optional(),
  ratedDutyPercent: between({ min: 1, max: 100 }, '%').optional(),
  maxCurrentA: between({ min: 1, max: 3000 }, 'A').optional(),
  leadLengthM: between({ min: 0.5, max: 500 }, 'm').describe('Lead and return together').optional(),
  leadAreaMm2: between({ min: 1, max: 500 }, 'mm²').optional(),
  shadeBands: z
    .array(z.tuple([shade, shade]).refine(([lightest, darkest]) => lightest <= darkest, 'the lighter shade comes first'))
    .min(1)
    .max(3)
    .optional(),
  lensKind: z.enum(HELMET_KINDS).optional(),
  lightState: between({ min: 1, max: 6 }, 'shade').optional(),
  switchingMs: between({ min: 0.001, max: 1000 }, 'ms').optional(),
  extinguisherType: z.enum(EXTINGUISHER_TYPES).optional(),
  toolRpm: between({ min: 1, max: 100_000 }, 'turns a minute').optional(),
  madeOn: date.optional(),
  pressureTestedOn: date.optional(),
  openedOn: date.optional(),
  mask: z.enum(MASKS).optional(),
  extinguisherRating: z
    .string()
    .trim()
    .max(40, 'at most 40 letters')
    .refine(printed => readRating(printed) !== null, 'as it is printed: 4-A:60-B:C, or 43A 233B C')
    .optional(),
  laserBeam: laserBeamSchema.optional(),
  laserFilter: laserFilterSchema.optional(),
}) satisfies z.ZodType<KitItemMarks>

const assignment = z
  .discriminatedUnion('to', [
    z.strictObject({ to: z.literal('bay'), id, alsoIds: z.array(id).max(20).optional(), distanceM: wayM.optional() }),
    z.strictObject({ to: z.literal('permit'), id, distanceM: wayM.optional() }),
    z.strictObject({ to: z.enum(['person', 'place']), id }),
  ])
  .nullable()
const newItem = { kind: z.enum(EQUIPMENT_KINDS), name, marks }
const onPaper = { listId, doneOn: date, by: nameOf(80, 'who passed it, as the paper says') }

/** What may be said of a kit item. */
export const kitItemPayloads = {
  'item.register': z.strictObject(newItem),
  'item.register-many': z.strictObject({
    items: z
      .record(id, z.strictObject({ ...newItem, assignment, onPaper: z.array(z.strictObject(onPaper)).max(10) }))
      .refine(items => Object.keys(items).length > 0, 'at least one thing'),
  }),
  'item.tell-paper': z.strictObject(onPaper),
  'item.correct': z.strictObject({ name, marks }),
  'item.assign': z.strictObject({ assignment }),
  'item.inspect': z.strictObject({
    listId,
    listVersion: z.int().min(1),
    answers: z.record(z.string().max(64), z.union([z.boolean(), z.string().max(80), z.number()])),
    remark: reason.optional(),
  }),
  'item.tag-out': z.strictObject({ reason: said }),
  'item.release': z.strictObject({ repair: reason }),
  'item.note-event': z.strictObject({ event: z.enum(ITEM_EVENTS), remark: reason.optional() }),
  'item.retire': z.strictObject({ reason: said }),
} satisfies Payloads<KitItemCommands>
