import { z } from 'zod'
import { STAMP_LETTERS } from '#core/cylinder/read-stamps'
import { GASES_BY_WEIGHT } from '#core/cylinder/contents'
import { DUTIES } from '#core/cylinder/withdrawal'
import { CYLINDER_GASES, STORAGE_BASES, WITHDRAWAL_RULE_SETS } from '#core/ids/vocabulary'
import type { CylinderGasId } from '#core/ids/vocabulary'
import { findingSchema, sourceRefSchema } from './finding-schema'
import { between } from './job-schema'
import { ELECTRICAL_TESTS, SHOCK_ENVIRONMENTS } from '#core/ids/electrical-ids'
import type { ElectricalTestId } from '#core/ids/electrical-ids'

const percent = between({ min: 0, max: 100 }, '%')
/** One gas, or the parts of a mix in percent that make 100 together. */
export const gasContentSchema = z.union(
  [
    z.enum(CYLINDER_GASES),
    z
      .strictObject(
        Object.fromEntries(CYLINDER_GASES.map(gas => [gas, percent.optional()])) as Record<CylinderGasId, z.ZodOptional<typeof percent>>,
      )
      .refine(
        mix => Math.abs(Object.values(mix).reduce<number>((sum, part) => sum + (part ?? 0), 0) - 100) < 0.01,
        'the parts must make 100 %',
      ),
  ],
  { error: `one of: ${CYLINDER_GASES.join(', ')}; or the parts of a mix in percent` },
)
const dateSchema = z.iso.date('a date as YYYY-MM-DD')
const flowSchema = between({ min: 0.01, max: 10_000 }, 'L/min')
const waterVolumeSchema = between({ min: 0.1, max: 3000 }, 'L').describe('Water volume')

/** `POST /api/v1/assess/requalification`, what is asked. */
export const assessRequalificationRequest = z.strictObject({
  stamps: z
    .string('the marks as text')
    .min(1, 'at least one mark')
    .max(2000, 'at most 2000 characters')
    .describe('Marks as on the shoulder, oldest first, apart by " / " or new lines'),
  gas: gasContentSchema,
  waterVolumeL: waterVolumeSchema.optional(),
  filledInPlace: z.boolean().optional().describe('In a bank or on a vehicle; left out: not known'),
  filledOn: dateSchema.optional(),
  today: dateSchema,
})
export const assessRequalificationResponse = z.strictObject({
  specification: z.string().nullable(),
  tests: z.array(
    z.strictObject({
      on: z.string().describe('YYYY-MM'),
      overfill: z.boolean(),
      star: z.boolean(),
      letter: z.enum(STAMP_LETTERS).nullable(),
      requalifier: z.string().nullable(),
      text: z.string(),
    }),
  ),
  nextDue: z.string().nullable().describe('Last day of its month; null where it is not known, or never'),
  shellDue: z.string().nullable(),
  fillerDue: z.string().nullable(),
  overdue: z.boolean().nullable(),
  mayFill: z.boolean(),
  mayUseUp: z.boolean(),
  rule: z.string().nullable().describe('In words'),
  fillPressureKPa: z.number().nullable().describe('Gauge, settled at 21 °C'),
  ruleSets: z.array(
    z.strictObject({
      ruleSet: z.enum(['by-specification', 'flat-ten']),
      nextDue: z.string().nullable(),
      years: z.number().nullable(),
      binds: z.boolean(),
      sources: z.array(sourceRefSchema),
    }),
  ),
  findings: z.array(findingSchema),
})

/** `POST /api/v1/assess/contents`, what is asked: pressure and temperature, or weight. */
export const assessContentsRequest = z.union([
  z.strictObject({
    gas: z.enum(GASES_BY_WEIGHT),
    grossKg: between({ min: 0, max: 5000 }, 'kg'),
    tareKg: between({ min: 0, max: 5000 }, 'kg'),
    flowLPerMin: flowSchema.optional(),
  }),
  z.strictObject({
    gas: gasContentSchema,
    waterVolumeL: waterVolumeSchema,
    gaugePressureKPa: between({ min: 0, max: 40_000 }, 'kPa'),
    temperatureC: between({ min: -30, max: 65 }, '°C'),
    flowLPerMin: flowSchema.optional(),
    gaugeFullScaleKPa: between({ min: 100, max: 60_000 }, 'kPa').optional(),
    residualKPa: between({ min: 0, max: 2000 }, 'kPa').optional().describe('Left in the cylinder; 172 kPa (25 psi) unless said'),
  }),
])
/** The half of the question that a body means, so that what is wrong is named in it and not in the other half. */
export const contentsByWeightRequest = assessContentsRequest.options[0]
export const contentsByPressureRequest = assessContentsRequest.options[1]
export const assessContentsResponse = z.strictObject({
  freeGasM3: z.number().describe('At 21.1 °C and 101.325 kPa'),
  massKg: z.number(),
  minutesLeft: z.number().optional(), minutesLeftLow: z.number().optional().describe('By the low end of the band'),
  compressibility: z.number().optional(),
  band: z.strictObject({ lowM3: z.number(), highM3: z.number() }).optional(),
  findings: z.array(findingSchema),
})

/** `POST /api/v1/assess/withdrawal`, what is asked. */
export const assessWithdrawalRequest = z.strictObject({
  contentM3: between({ min: 0.01, max: 100 }, 'm³').describe('Free gas in one full cylinder'),
  demandM3PerH: between({ min: 0, max: 1000 }, 'm³/h'),
  duty: z.enum(DUTIES),
  ruleSet: z.enum(WITHDRAWAL_RULE_SETS).optional().describe('Unless said: a tenth for intermittent, a fifteenth for continuous duty'),
})
export const assessWithdrawalResponse = z.strictObject({
  limitM3PerH: z.number(),
  cylindersNeeded: z.int(),
  ruleSet: z.enum(WITHDRAWAL_RULE_SETS),
  findings: z.array(findingSchema),
})

const place = between({ min: -10_000, max: 10_000 }, 'm')
const size = between({ min: 0, max: 200 }, 'm')
const footprint = { id: z.string().min(1, 'a name').max(60, 'at most 60 characters'), xM: place, yM: place, widthM: size, depthM: size }
/** `POST /api/v1/assess/storage`, what is asked. */
export const assessStorageRequest = z.strictObject({
  items: z
    .array(
      z.strictObject({
        ...footprint,
        gas: gasContentSchema,
        state: z.enum(['stored', 'in-use']),
        heightM: between({ min: 0.1, max: 5 }, 'm').optional(),
        freeGasM3: between({ min: 0, max: 1000 }, 'm³'),
      }),
    )
    .max(60, 'at most 60 items'),
  barriers: z
    .array(
      z.strictObject({
        x1M: place,
        y1M: place,
        x2M: place,
        y2M: place,
        heightM: between({ min: 0, max: 20 }, 'm'),
        ratingMin: between({ min: 0, max: 600 }, 'min'),
      }),
    )
    .max(8, 'at most 8 barriers')
    .default([]),
  combustibles: z
    .array(
      z.strictObject({ ...footprint, highly: z.boolean().optional().describe('Oil, grease, packing wool; left out: counts as such') }),
    )
    .max(30, 'at most 30')
    .default([]),
  indoor: z.boolean(),
  basis: z.enum(STORAGE_BASES),
})
export const assessStorageResponse = z.strictObject({
  conflicts: z.array(
    z.strictObject({ between: z.array(z.string()).length(2), distanceM: z.number(), requiredM: z.number(), source: sourceRefSchema }),
  ),
  totals: z.strictObject({
    fuelM3: z.number(),
    lpgKg: z.number(),
    oxygenM3: z.number(),
    inertM3: z.number(),
    indoorFuelFraction: z.number(),
  }),
  findings: z.array(findingSchema),
})

const ampere = between({ min: 1, max: 3000 }, 'A')
const dutySchema = between({ min: 1, max: 100 }, '%')
/** `POST /api/v1/assess/duty-cycle`, what is asked. */
export const assessDutyCycleRequest = z.strictObject({ ratedCurrentA: ampere, ratedDutyPercent: dutySchema, currentA: ampere })
export const assessDutyCycleResponse = z.strictObject({
  dutyPercent: z.number(),
  minutesInTen: z.number(),
  restMinutesInTen: z.number(),
  findings: z.array(findingSchema),
})

/** `POST /api/v1/assess/cable`, what is asked. */
export const assessCableRequest = z.strictObject({
  currentA: ampere,
  loopLengthM: between({ min: 0.1, max: 1000 }, 'm').describe('Lead and return together'),
  areaMm2: between({ min: 1, max: 1000 }, 'mm²'),
  conductorTemperatureC: between({ min: -40, max: 120 }, '°C').optional(),
  dutyPercent: dutySchema.optional(),
})
export const assessCableResponse = z.strictObject({
  dropV: z.number(),
  powerLossW: z.number(),
  resistanceOhm: z.number(),
  allowedA: z.number().nullable(),
  findings: z.array(findingSchema),
})

const volts = between({ min: 0, max: 1000 }, 'V')
const reading = between({ min: 0, max: 100_000 }, 'as the name says').optional()
/** `POST /api/v1/assess/electrical-test`, what is asked. */
export const assessElectricalTestRequest = z.strictObject({
  ...(Object.fromEntries(ELECTRICAL_TESTS.map(test => [test, reading])) as Record<ElectricalTestId, typeof reading>),
  classII: z.boolean().optional(),
  supplyCordLengthM: between({ min: 0, max: 200 }, 'm').optional(),
  plugCurrentA: between({ min: 0, max: 1000 }, 'A').optional(),
  openCircuit: z
    .strictObject({
      current: z.enum(['ac', 'dc']),
      rmsV: volts.optional(),
      peakV: volts.optional(),
      guided: z.enum(['manual', 'mechanised']).optional(),
    })
    .optional(),
  environment: z.enum(SHOCK_ENVIRONMENTS).optional(),
})
export const assessElectricalTestResponse = z.strictObject({
  passes: z.boolean().nullable().describe('Null while a reading that the test needs is missing'),
  readings: z.array(
    z.strictObject({ test: z.enum(ELECTRICAL_TESTS), value: z.number(), limit: z.number(), isAtLeast: z.boolean(), passes: z.boolean() }),
  ),
  findings: z.array(findingSchema),
})
