import { z } from 'zod'
import { HEAT_LIMITS } from '#core/heat/heat-stress'
import { NOISE_LIMITS } from '#core/hearing/noise-dose'
import {
  BATTERY_STATES,
  BEAM_CONVENTIONS,
  COVER_PLATE_STATES,
  DERATINGS,
  HEAT_CLOTHING,
  HELMET_CHECKS,
  HELMET_FITS,
  HELMET_KINDS,
  NOISE_RULES,
  PROTECTOR_KINDS,
  WORK_RATES,
} from '#core/ids/protection-ids'
import { LASER_LIMITS } from '#core/laser/laser-hazard'
import { BYSTANDER_LIMITS } from '#core/optics/bystander'
import { GARMENT_VERDICTS } from '#core/ids/garment-ids'
import { REQUIREMENTS } from '#core/ids/ppe-ids'
import { COATINGS, POSITIONS, ZONES } from '#core/ids/vocabulary'
import { shadeHouseSchema, shadeQuestionSchema } from './assess-shade-schema'
import { findingSchema } from './finding-schema'
import { answer, garmentSchema } from './garment-schema'
import { baseMetalSchema, between, currentASchema, processSchema } from './job-schema'

const findings = z.array(findingSchema)
const share = z.number('a share between 0 and 1').min(0, 'a share of 0 or more').max(1, 'a share of at most 1')

/** `POST /api/v1/assess/laser`, what is asked. */
export const assessLaserRequest = z.strictObject({
  powerW: between(LASER_LIMITS.powerW, 'W').describe('Continuous'),
  wavelengthNm: between(LASER_LIMITS.wavelengthNm, 'nm'),
  divergenceMrad: between(LASER_LIMITS.divergenceMrad, 'mrad').describe('Full angle, at 1/e unless the convention says 1/e2'),
  beamDiameterMm: between(LASER_LIMITS.beamDiameterMm, 'mm').optional().describe('At the lens, at 1/e unless the convention says 1/e2'),
  convention: z.enum(BEAM_CONVENTIONS).optional(),
  exposureS: between(LASER_LIMITS.exposureS, 's').describe('10 s is the least that counts'),
  reflectance: share.optional().describe('Of a matt surface, for the diffuse distances'),
  eyewear: z
    .strictObject({
      od: between({ min: 0, max: 12 }, 'of optical density'),
      damageRating: z.int('a number').min(1, 'at least 1').max(12, 'at most 12').optional().describe('Scale number of EN 207'),
    })
    .optional(),
})
export const assessLaserResponse = z.strictObject({
  mpeEyeWPerM2: z.number(),
  mpeSkinWPerM2: z.number(),
  eyeHazardDistanceM: z.number(),
  skinHazardDistanceM: z.number(),
  diffuseEyeDistanceM: z.number().optional(),
  diffuseSkinDistanceM: z.number().optional(),
  requiredOd: z.number(),
  findings,
})

/** `POST /api/v1/assess/bystander`, what is asked. */
export const assessBystanderRequest = z.strictObject({
  process: processSchema,
  baseMetal: baseMetalSchema.optional(),
  effectiveIrradianceAt1mWPerM2: between(BYSTANDER_LIMITS.effectiveIrradianceAt1mWPerM2, 'W/m²').optional().describe('Measured, weighted'),
  distanceM: between(BYSTANDER_LIMITS.distanceM, 'm').optional(),
  arcMinutes: between(BYSTANDER_LIMITS.arcMinutes, 'min').optional().describe('In which the arc is seen to burn, in a day'),
  wallReflectance: share.optional(),
})
export const assessBystanderResponse = z.strictObject({
  effectiveIrradianceWPerM2: z.number().optional(),
  safeSeconds: z.number().optional().describe('Of seen arc in a day of eight hours, unprotected'),
  safeDistanceM: z.number().optional(),
  findings,
})

/** `POST /api/v1/assess/noise`, what is asked. */
export const assessNoiseRequest = z.strictObject({
  spans: z
    .array(z.strictObject({ levelDbA: between(NOISE_LIMITS.levelDbA, 'dBA'), hours: between(NOISE_LIMITS.hours, 'h') }))
    .min(1, 'at least 1')
    .max(200, 'at most 200')
    .refine(spans => spans.reduce((sum, { hours }) => sum + hours, 0) <= 24 + 1e-9, 'at most 24 h'),
  rule: z.enum(NOISE_RULES),
  protectors: z
    .array(z.strictObject({ nrrDb: between(NOISE_LIMITS.nrrDb, 'dB'), kind: z.enum(PROTECTOR_KINDS).optional() }))
    .max(2, 'at most 2 items')
    .optional(),
  derate: z.enum(DERATINGS).optional().describe('Left out, half of the label counts'),
})
export const assessNoiseResponse = z.strictObject({
  dosePercent: z.number(),
  twaDbA: z.number().nullable().describe('Null where nothing that the rule counts was heard'),
  protectedDbA: z.number().optional(),
  findings,
})

/** `POST /api/v1/assess/heat`, what is asked: a measured index or air, a rate or a kind of work, an adjustment or what is worn. */
export const assessHeatRequest = z
  .strictObject({
    wbgtC: between(HEAT_LIMITS.wbgtC, '°C').optional(),
    airC: between(HEAT_LIMITS.airC, '°C').optional(),
    humidityPercent: between(HEAT_LIMITS.humidityPercent, '%').optional(),
    sun: z.boolean().optional(),
    metabolicW: between(HEAT_LIMITS.metabolicW, 'W').optional(),
    work: z.enum(WORK_RATES).optional(),
    clothingAdjustmentC: between(HEAT_LIMITS.clothingAdjustmentC, '°C').optional(),
    clothing: z.enum(HEAT_CLOTHING).optional(),
    acclimatised: z.boolean(),
  })
  .superRefine((asked, context) => {
    const say = (field: keyof typeof asked, message: string) => context.addIssue({ code: 'custom', path: [field], message })
    const air = [asked.airC, asked.humidityPercent, asked.sun]
    if (asked.wbgtC !== undefined && air.some(one => one !== undefined)) say('wbgtC', 'give an index or the air, not both')
    else if (asked.wbgtC === undefined && air.every(one => one === undefined)) say('wbgtC', 'give an index, or air, humidity and sun')
    else if (asked.wbgtC === undefined)
      for (const field of ['airC', 'humidityPercent', 'sun'] as const)
        if (asked[field] === undefined) say(field, 'needed where no index was measured')
    if ((asked.metabolicW === undefined) === (asked.work === undefined)) say('metabolicW', 'give a rate or a kind of work')
    if ((asked.clothingAdjustmentC === undefined) === (asked.clothing === undefined))
      say('clothingAdjustmentC', 'give an adjustment or what is worn')
  })
export const assessHeatResponse = z.strictObject({
  effectiveWbgtC: z.number(),
  limitC: z.number().describe('For that work without a break'),
  workMinPerH: z.number(),
  findings,
})

/** `POST /api/v1/assess/ppe`, what is asked. */
export const assessPpeRequest = z.strictObject({
  job: z.strictObject({
    process: processSchema,
    currentA: currentASchema.optional(),
    position: z.enum(POSITIONS),
    confined: z.boolean('yes or no').optional(),
    coating: z.enum(COATINGS).optional(),
  }),
  worn: z.array(garmentSchema).max(60, 'at most 60 items').optional(),
  house: z
    .strictObject({ safetyToe: answer, leatherLaces: answer, sleevesDo: answer, linedGlovesOnly: answer, lowShoesDo: answer })
    .optional(),
})
export const assessPpeResponse = z.strictObject({
  zones: z.array(z.strictObject({
    zone: z.enum(ZONES),
    requirement: z.enum(REQUIREMENTS),
    verdict: z.enum(GARMENT_VERDICTS),
    findings,
  })),
  verdict: z.enum(GARMENT_VERDICTS),
})

const shade = z.number('a number').min(1, 'a shade of 1 or more').max(16, 'a shade of 16 or less')
const band = z.tuple([shade, shade]).refine(([light, dark]) => light <= dark, 'the lighter shade comes first')
const helmetSchema = z
  .strictObject({
    id: z.string().min(1, 'a name is needed').max(60, 'at most 60 characters'),
    kind: z.enum(HELMET_KINDS),
    shades: z.array(band).min(1, 'at least 1').max(8, 'at most 8 items').describe('Lightest and darkest of each band'),
    setTo: shade.optional(),
    lightState: shade.optional().describe('Before it turns dark'),
    switchingMs: between({ min: 0.001, max: 5000 }, 'ms').optional(),
    battery: z.enum(BATTERY_STATES).optional(),
    coverPlates: z.enum(COVER_PLATE_STATES).optional(),
    checkedToday: z.enum(HELMET_CHECKS).optional(),
  })
  .refine(({ kind, shades }) => kind !== 'fixed' || (shades.length === 1 && shades[0]![0] === shades[0]![1]), {
    path: ['shades'],
    error: 'a fixed lens has one shade',
  })
/** `POST /api/v1/assess/helmet`, what is asked. */
export const assessHelmetRequest = z.strictObject({
  job: shadeQuestionSchema,
  alsoJobs: z.array(shadeQuestionSchema).max(20, 'at most 20 items').optional().describe('Others of the day, for the same helmet'),
  person: z.strictObject({ oneDarker: answer, settledShade: shade.optional() }).optional(),
  helmets: z.array(helmetSchema).max(1000, 'at most 1000 items'),
  house: shadeHouseSchema.optional(),
})
export const assessHelmetResponse = z.strictObject({
  minimum: z.number().nullable(),
  start: z.number().nullable(),
  helmets: z
    .array(z.strictObject({ id: z.string(), fit: z.enum(HELMET_FITS), setTo: z.number().nullable(), findings }))
    .describe('The best first'),
  findings,
})
