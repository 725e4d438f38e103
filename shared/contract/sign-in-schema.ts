import { z } from 'zod'
import { KEY_PURPOSES } from '#core/ids/monitor-ids'
import { FIT_METHODS } from '#core/respirator/fit-test'
import { SIZED } from '#core/ids/wearable-ids'
import { JURISDICTIONS, MASKS } from '#core/ids/vocabulary'
import { UNIT_SYSTEMS } from '#core/units'
import { LANGUAGES } from '../words/language'
import { payloadSchemas } from './command-schemas'
import { passwordSchema, pinSchema } from './secret-schema'
import { idSchema, nameOf, nameSchema } from './text-schema'

// What the routes beside the one door take: whoever signs in, their secrets, their devices, and what is written of their health.

const ownLoginName = nameOf(80, 'a sign-in name').min(3, 'at least 3 letters')
const saidLoginName = z.string().trim().min(1, 'your sign-in name').max(80)

export const signInRequest = z.strictObject({ loginName: saidLoginName, password: z.string().min(1, 'your password').max(200) })

export const redeemRequest = z.strictObject({
  loginName: saidLoginName,
  code: z.string().trim().min(1, 'the code you were handed').max(40),
  password: passwordSchema,
  pin: pinSchema.nullable(),
})

export const firstRunRequest = z.strictObject({
  code: z.string().min(1, 'the code that the first start printed').max(40),
  site: payloadSchemas['site.open'],
  choice: z
    .strictObject({ jurisdiction: z.enum(JURISDICTIONS), units: z.enum(UNIT_SYSTEMS), language: z.enum(LANGUAGES) })
    .describe('Whose law, which units, which language; what follows may be changed at House rules'),
  personName: nameOf(80, 'your name'),
  loginName: ownLoginName,
  password: passwordSchema,
})

const currentPassword = z.string().min(1, 'your password as it is now').max(200)
export const credentialsRequest = z.union([
  z.strictObject({ currentPassword, password: passwordSchema }),
  z.strictObject({ currentPassword, pin: pinSchema }),
])

export const preferencesRequest = z.strictObject({ language: z.enum(LANGUAGES) })

export const signInCodeRequest = z.strictObject({ personId: idSchema, loginName: ownLoginName })

export const nameDeviceRequest = z.strictObject({ deviceId: idSchema, name: nameOf(60, 'a name for the device') })
export const revokeDeviceRequest = z.strictObject({ deviceId: idSchema })
export const deviceKeyRequest = z.strictObject({ name: nameSchema, purpose: z.enum(KEY_PURPOSES).default('reads') })

const date = z.iso.date('a date as 2026-11-23').nullable()
export const fitTestSchema = z
  .strictObject({
    model: z.string().trim().max(80, 'at most 80 characters'),
    method: z.enum(FIT_METHODS),
    passed: z.boolean(),
    factor: z.number().min(1, 'a fit factor of 1 or more').max(100_000, 'a fit factor of 100 000 or less').nullable(),
    nextOn: date,
  })
  .describe('How the fit test went: without it nobody is ready whose mask needs one')
export const wearerRequest = z.strictObject({
  personId: idSchema,
  wearer: z
    .strictObject({ mask: z.enum(MASKS), fitTestedOn: date, medicallyClearedOn: date, fit: fitTestSchema.optional() })
    .nullable()
    .describe('Null erases the record'),
})

export const careRecord = z.strictObject({
  isLightSensitive: z.boolean(),
  hasSoreEyes: z.boolean(),
  wearsPrescription: z.boolean(),
  symptoms: z.string().trim().max(400, 'at most 400 characters'),
  sizes: z.string().trim().max(200, 'at most 200 characters'),
  sizeOf: z
    .partialRecord(z.enum(SIZED), z.string().trim().min(1, 'a size as it is written in it, or nothing').max(20, 'at most 20 characters'))
    .optional()
    .describe('The sizes they wear, as they are written in clothes: matched with what the shop lends'),
})
export const careRequest = z.strictObject({ personId: idSchema, care: careRecord.nullable().describe('Null erases the record') })
