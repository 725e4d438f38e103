import { z } from 'zod'
import type { CommandPayloads, CommandType } from '#core/streams/commands'
import { BAY_KINDS, COMPETENCES, CONSUMABLES, PROCESSES, ROLES, ZONES } from '#core/ids/vocabulary'
import { dataSheetSchema, fittedBaySchema, hallAirSchema, hoodPositionSchema, surveySchema } from './air-schema'
import { houseRulesSchema } from './house-rules-schema'
import { instant } from './instant-schema'
import { jobSchema } from './job-schema'
import { permitPayloads } from './hotwork-schema'
import { pinSchema } from './secret-schema'
import { storePayloads } from './store-schema'
import { deviceIdSchema, idSchema as id, nameOf, nameSchema as name, sentenceSchema as sentence, streamIdSchema } from './text-schema'
import { FIRE_CHECKS, GLASSES, HANDOVER_CHECKS, HELMET_FAULTS } from '#core/ids/station-ids'
import { REQUIREMENTS } from '#core/ids/ppe-ids'

const nothing = z.strictObject({})
/** A time zone that this machine knows. */
export const timeZone = z.string().refine((zone) => {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone !== ''
  } catch {
    return false
  }
}, 'a time zone such as Europe/London')
const profile = z.strictObject({
  name,
  roles: z.array(z.enum(ROLES)).min(1, 'at least one role').max(ROLES.length),
  areaId: id.nullable(),
  bayId: id.nullable(),
})
const bay = { bayId: id, areaId: id, label: nameOf(12, 'a bay needs a number or a name'), kind: z.enum(BAY_KINDS) }

/** The payload of every command that a browser or a program may send. */
export const payloadSchemas = {
  'site.open': z.strictObject({ name, timeZone }),
  'site.add-hall': z.strictObject({ hallId: id, name }),
  'site.add-area': z.strictObject({ areaId: id, hallId: id, name }),
  'site.add-bay': z.strictObject(bay),
  'site.change-bay': z.strictObject({ ...bay, closed: z.boolean() }),
  'site.make-key': z.strictObject({ keyId: id, name }),
  'site.revoke-key': z.strictObject({ keyId: id }),
  'person.add': profile,
  'person.change': profile,
  'person.leave': nothing,
  'person.name-competent': z.strictObject({ competences: z.array(z.enum(COMPETENCES)).max(COMPETENCES.length) }),
  'person.secret-set': z.strictObject({ kind: z.enum(['password', 'pin']) }),
  'person.offer-code': z.strictObject({ isReset: z.boolean() }),
  'person.use-code': z.strictObject({ signsFrom: instant.nullable(), pinSet: z.boolean() }),
  'person.check-shaven': z.strictObject({ isShaven: z.boolean() }),
  'person.note-health': z.strictObject({
    health: z.strictObject({ recordId: z.uuid(), sha256: z.string().regex(/^[0-9a-f]{64}$/) }).nullable(),
  }),
  'hall.describe': z.strictObject({ air: hallAirSchema }),
  'hall.fit-bay': z.strictObject({ bayId: id, fitted: fittedBaySchema }),
  'fume.enter-sheet': z.strictObject({ sheet: dataSheetSchema }),
  'fume.drop-sheet': z.strictObject({ process: z.enum(PROCESSES).nullable(), consumable: z.enum(CONSUMABLES) }),
  'samples.record': surveySchema,
  'samples.withdraw': z.strictObject({ surveyId: id, reason: sentence }),
  'house-rules.change': houseRulesSchema,
  'station.set-job': z.strictObject({ job: jobSchema }),
  'station.clear-job': nothing,
  'station.place-person': z.strictObject({ personId: id.nullable() }),
  'station.set-helmet': z.strictObject({ shade: z.number().min(1.2, 'a shade of 1.2 or more').max(16, 'a shade of 16 or less') }),
  'station.check-helmet': z.strictObject({ passed: z.boolean(), fault: z.enum(HELMET_FAULTS).optional() }),
  'station.check-glasses': z.strictObject({ kind: z.enum(GLASSES), transmittance: z.number().gt(0).max(1).optional() }),
  'station.place-hood': hoodPositionSchema,
  'station.check-extraction': z.strictObject({ on: z.boolean(), damperOpen: z.boolean(), inPosition: z.boolean(), draws: z.boolean() }),
  'station.check-outfit': z.strictObject({
    zones: z
      .array(z.strictObject({ zone: z.enum(ZONES), requirement: z.enum(REQUIREMENTS), passes: z.boolean() }))
      .min(1)
      .max(ZONES.length),
  }),
  'station.hand-over': z.strictObject({ answers: z.partialRecord(z.enum(HANDOVER_CHECKS), z.boolean()), note: sentence.optional() }),
  'station.stop': z.strictObject({ reason: sentence.optional() }),
  'station.stop-all': z.strictObject({ reason: sentence.optional() }),
  'station.give-stop-reason': z.strictObject({ reason: sentence }),
  'station.reopen': z.strictObject({ note: sentence.optional() }),
  'station.lapse-checks': nothing,
  'station.check-fire': z.strictObject({ answers: z.partialRecord(z.enum(FIRE_CHECKS), z.boolean()) }),
  ...storePayloads,
  ...permitPayloads,
  'notice.see': nothing,
  'seal.day': z.strictObject({
    day: z.iso.date(),
    headsSha256: z.string().regex(/^[0-9a-f]{64}$/),
    streams: z.int().min(0),
    position: z.int().min(0),
  }),
} satisfies { readonly [Type in CommandType]: z.ZodType<CommandPayloads[Type]> }

export const commandTypes = Object.keys(payloadSchemas) as [CommandType, ...CommandType[]]

/** Commands that only the system itself gives: the clock, the first run, the sign-in routes. */
export const SYSTEM_COMMANDS: ReadonlySet<CommandType> = new Set([
  'site.open', 'site.make-key', 'station.lapse-checks', 'cylinder.settle', 'permit.fall-due', 'seal.day', 'person.secret-set',
  'person.offer-code', 'person.use-code', 'person.note-health',
])

/** The envelope that every change comes in. */
export const envelopeSchema = z.strictObject({
  id: z.uuid('a UUID made where the action happened'),
  type: z.enum(commandTypes),
  streams: z.array(z.strictObject({ id: streamIdSchema, expectedVersion: z.int().min(0).nullable() })).max(200)
    .refine(streams => new Set(streams.map(one => one.id)).size === streams.length, 'each thing once'),
  at: instant,
  sentAt: instant,
  deviceId: deviceIdSchema,
  deviceSeq: z.int().min(0),
  payload: z.unknown(),
  signature: z.strictObject({ personId: id, pin: pinSchema }).optional(),
})

export type Envelope = z.infer<typeof envelopeSchema>
