import { z } from 'zod'
import type { CylinderCommands } from '#core/streams/cylinder/cylinder'
import { BUILT_IN_CHECKS } from '#core/inspection/built-in-lists'
import type { CheckListsCommands } from '#core/streams/check-lists/check-lists'
import type { Check, CheckList } from '#core/inspection/check-list'
import { EXTINGUISHER_TYPES } from '#core/inspection/extinguisher-dates'
import type { KitItemCommands, KitItemMarks } from '#core/streams/kit-item/kit-item'
import type { PlaceCommands } from '#core/streams/place/place'
import { PLACE_LIMITS } from '#core/streams/place/place'
import { readRating } from '#core/inspection/extinguisher-rating'
import { EQUIPMENT_KINDS, MASKS } from '#core/ids/vocabulary'
import { gasContentSchema } from './assess-store-schema'
import { between } from './job-schema'
import { idSchema as id, nameSchema as name } from './text-schema'
import { CONNECTING_STEPS, CYLINDER_OWNERS, DANGERS, JOINTS, SHUTTING_STEPS } from '#core/ids/cylinder-ids'
import { ITEM_EVENTS } from '#core/ids/kit-ids'

const reason = z.string().trim().max(500, 'at most 500 letters')
const said = reason.min(1, 'a few words are needed')
const date = z.iso.date('a date as 2026-11-23')
const metres = between(PLACE_LIMITS.gridM, 'm')
const size = between(PLACE_LIMITS.sizeM, 'm')
const wayM = between({ min: 0, max: 500 }, 'm')
const nothing = z.strictObject({})

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
}) satisfies z.ZodType<KitItemMarks>

const check = z.discriminatedUnion('asks', [
  z.strictObject({ id, text: z.string().trim().min(1).max(160).optional(), source: z.unknown().optional(), asks: z.literal('yes-no') }),
  z
    .strictObject({
      id,
      text: z.string().trim().min(1).max(160).optional(),
      source: z.unknown().optional(),
      asks: z.literal('choice'),
      options: z.array(z.string().trim().min(1).max(60)).min(2).max(12),
      passing: z.array(z.string()).min(1),
    })
    .refine(({ options, passing }) => passing.every(one => options.includes(one)), {
      path: ['passing'],
      error: 'each must be one of the options',
    }),
  z
    .strictObject({
      id,
      text: z.string().trim().min(1).max(160).optional(),
      source: z.unknown().optional(),
      asks: z.literal('measurement'),
      unit: z.string().trim().min(1).max(24),
      atLeast: z.number().optional(),
      atMost: z.number().optional(),
    })
    .refine(({ atLeast, atMost }) => atLeast !== undefined || atMost !== undefined, {
      path: ['atLeast'],
      error: 'a lowest or a highest value',
    })
    .refine(({ atLeast, atMost }) => atLeast === undefined || atMost === undefined || atLeast <= atMost, {
      path: ['atMost'],
      error: 'not below the lowest value',
    }),
])
const interval = z.discriminatedUnion('unit', [
  z.strictObject({ unit: z.literal('use') }),
  z.strictObject({ unit: z.enum(['days', 'months']), count: z.int().min(1).max(600), atMonthEnd: z.boolean().optional() }),
])
const withSource = (one: Check): Check =>
  one.id in BUILT_IN_CHECKS && one.text === undefined
    ? { ...one, source: BUILT_IN_CHECKS[one.id as keyof typeof BUILT_IN_CHECKS].source }
    : one

const listId = z.string().regex(/^[a-z0-9-]{1,40}\.[a-z0-9-]{1,40}$/, 'the kind and a name, as arc-machine.weekly')

/** A list as a site edits it. What a check cites comes from the built-in list by its id; nobody sends sources. */
const list = z
  .strictObject({
    id: listId,
    kind: z.enum(EQUIPMENT_KINDS),
    every: interval,
    triggers: z.array(z.enum(ITEM_EVENTS)).max(ITEM_EVENTS.length),
    examiner: z.enum(['user', 'competent']),
    graceDays: z.int().min(0).max(90),
    checks: z.array(check).min(1, 'at least one check').max(60),
  })
  .refine(({ id: listId, kind }) => listId.startsWith(`${kind}.`), { path: ['id'], error: 'begins with its kind' })
  .refine(({ checks }) => new Set(checks.map(one => one.id)).size === checks.length, {
    path: ['checks'],
    error: 'each check has an id of its own',
  })
  .transform(({ checks, ...rest }): Omit<CheckList, 'version'> => ({
    ...rest,
    checks: checks.map(({ source: _source, ...one }) => withSource(one as Check)),
  }))

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

/** Payloads of everything done to things, cylinders, places and lists. */
export const storePayloads = {
  'item.register': z.strictObject({ kind: z.enum(EQUIPMENT_KINDS), name, marks }),
  'item.correct': z.strictObject({ name, marks }),
  'item.assign': z.strictObject({
    assignment: z
      .discriminatedUnion('to', [
        z.strictObject({ to: z.literal('bay'), id, alsoIds: z.array(id).max(20).optional(), distanceM: wayM.optional() }),
        z.strictObject({ to: z.literal('permit'), id, distanceM: wayM.optional() }),
        z.strictObject({ to: z.enum(['person', 'place']), id }),
      ])
      .nullable(),
  }),
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
  'check-lists.change': z.strictObject({ list }),
  'check-lists.drop': z.strictObject({ listId }),
  'place.describe': z.strictObject({
    name,
    level: z.int().min(PLACE_LIMITS.level.min).max(PLACE_LIMITS.level.max),
    xM: metres,
    yM: metres,
    widthM: size,
    depthM: size,
    room: z
      .strictObject({ volumeM3: between(PLACE_LIMITS.volumeM3, 'm³'), supplyM3PerS: between(PLACE_LIMITS.supplyM3PerS, 'm³/s') })
      .nullable(),
  }),
  'place.lay-out-store': z.strictObject({
    store: z
      .strictObject({
        barriers: z
          .array(
            z.strictObject({
              name,
              x1M: metres,
              y1M: metres,
              x2M: metres,
              y2M: metres,
              heightM: between(PLACE_LIMITS.wallHeightM, 'm'),
              ratingMin: between(PLACE_LIMITS.ratingMin, 'min'),
            }),
          )
          .max(40),
        combustibles: z
          .array(z.strictObject({ id: name, xM: metres, yM: metres, widthM: size, depthM: size, highly: z.boolean().optional() }))
          .max(40),
      })
      .nullable(),
  }),
} satisfies {
  readonly [Type in keyof (KitItemCommands & CylinderCommands & CheckListsCommands & PlaceCommands)]: z.ZodType<
    (KitItemCommands & CylinderCommands & CheckListsCommands & PlaceCommands)[Type]
  >
}
