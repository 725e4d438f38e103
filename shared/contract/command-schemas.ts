import { z } from 'zod'
import type { CommandType, CommandPayloads } from '#core/streams/commands'
import { fumeSheetsPayloads, hallPayloads, samplesPayloads } from './air-schema'
import { checkListsPayloads } from './check-lists-schema'
import { cylinderPayloads } from './cylinder-schema'
import { houseRulesPayloads } from './house-rules-schema'
import { instant } from './instant-schema'
import { dayPlansPayloads } from './day-plans-schema'
import { wardrobePayloads } from './garment-schema'
import { kitItemPayloads } from './kit-item-schema'
import { monitorPayloads } from './monitor-schema'
import { nothing } from './payloads'
import type { Payloads } from './payloads'
import { permitPayloads } from './permit-schema'
import { personPayloads } from './person-schema'
import { placePayloads } from './place-schema'
import { pinSchema } from './secret-schema'
import { sitePayloads } from './site-schema'
import { stationPayloads } from './station-schema'
import { deviceIdSchema, idSchema as id, streamIdSchema } from './text-schema'

/** The payload of every command that a browser or a program may send, and of those of the house itself. */
export const payloadSchemas = {
  ...sitePayloads,
  ...personPayloads,
  ...hallPayloads,
  ...fumeSheetsPayloads,
  ...samplesPayloads,
  ...houseRulesPayloads,
  ...stationPayloads,
  ...kitItemPayloads,
  ...cylinderPayloads,
  ...checkListsPayloads,
  ...placePayloads,
  ...permitPayloads,
  ...monitorPayloads,
  ...wardrobePayloads,
  ...dayPlansPayloads,
  'notice.see': nothing,
  'seal.day': z.strictObject({
    day: z.iso.date(),
    headsSha256: z.string().regex(/^[0-9a-f]{64}$/),
    streams: z.int().min(0),
    position: z.int().min(0),
  }),
} satisfies Payloads<CommandPayloads>

export const commandTypes = Object.keys(payloadSchemas) as [CommandType, ...CommandType[]]

/** Commands that only the system itself gives: the clock, the first run, the sign-in routes. */
export const SYSTEM_COMMANDS: ReadonlySet<CommandType> = new Set([
  'site.open', 'site.make-key', 'station.lapse-checks', 'cylinder.settle', 'permit.fall-due', 'seal.day', 'person.secret-set',
  'person.offer-code', 'person.use-code', 'person.note-health', 'person.note-care', 'person.keep-air',
  'monitor.hear', 'monitor.fall-silent',
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

type Equal<A, B> = (<T>() => T extends A ? 1 : 2) extends <T>() => T extends B ? 1 : 2 ? true : false
type Whole<T> = T extends readonly unknown[] | object ? { readonly [Key in keyof T]: Whole<T[Key]> } : T
type Output<Type extends CommandType> = Whole<z.output<(typeof payloadSchemas)[Type]>>
type Differing = { [Type in CommandType]: Equal<Whole<CommandPayloads[Type]>, Output<Type>> extends true ? never : Type }[CommandType]
type None<_Differing extends never> = true

/**
 * What a schema lets through is what the core decides on, neither less nor more: the compiler names here every command of which that
 * is not so. A field that only one of the two knows is thus found before anybody sends it.
 */
export type SchemasSayWhatTheCoreDecidesOn = None<Differing>
