import { z } from 'zod'
import { DOUBTS, DRAW_LIMITS } from '#core/chance/draw-set'
import { SEAM_PROCESSES } from '#core/electrical/arc-power'
import { BURN_OFF_LIMITS } from '#core/fume/assess-burn-off'
import { HALL_LIMITS } from '#core/ventilation/hall'
import {
  COATINGS,
  CONFINEMENTS,
  CONSUMABLES,
  EXPOSURE_RULE_SETS,
  HEADS,
  HOOD_KINDS,
  JURISDICTIONS,
  MASKS,
  POSITIONS,
  SUBSTANCES,
  SUBSTITUTIONS,
  TIPS,
  TRANSFERS,
  WATER_TABLES,
} from '#core/ids/vocabulary'
import {
  airSpeedSchema,
  distanceSchema,
  draughtSchema,
  hoodFlowSchema,
  mouthSchemas,
  nearFieldRadiusSchema,
  supplySchema,
  volumeSchema,
} from './air-schema'
import { findingSchema, sourceRefSchema } from './finding-schema'
import type { MixtureGroupId } from '#core/ids/exposure-ids'
import { LIMIT_KINDS, MIXTURE_GROUPS, MIXTURE_SPANS, SAMPLE_VERDICTS } from '#core/ids/exposure-ids'
import { DEEDS } from '#core/ids/air-ids'
import {
  baseMetalSchema,
  between,
  currentASchema,
  electrodeDiameterMmSchema,
  kerfWidthSchema,
  plateThicknessMmSchema,
  processSchema,
  shieldingGasSchema,
  strippedWidthSchema,
  travelSpeedSchema,
  wireFeedSchema,
} from './job-schema'

const hood = {
  kind: z.enum(HOOD_KINDS), ...mouthSchemas, flanged: z.boolean().default(false), flowM3PerS: hoodFlowSchema,
}
const hoodSchema = z.strictObject(hood)
const nearFieldSchema = z.strictObject({ radiusM: nearFieldRadiusSchema, airSpeedMPerS: airSpeedSchema })
const range = { low: z.number(), mid: z.number(), high: z.number() }
const rangeSchema = z.strictObject(range)
const percentilesSchema = z.strictObject({ p05: z.number(), p50: z.number(), p95: z.number() })
/** Ends that are every input's at once; percentiles where `uncertainty` was asked for. */
const drawnRangeSchema = z.strictObject({ ...range, ...percentilesSchema.partial().shape })
export const ruleSets = z.array(z.enum(EXPOSURE_RULE_SETS)).min(1, 'at least one rule set').max(EXPOSURE_RULE_SETS.length).optional()

export const arcOfJob = {
  process: processSchema,
  consumable: z.enum(CONSUMABLES).optional(),
  currentA: currentASchema.optional(),
  wireFeedMPerMin: wireFeedSchema.optional(),
  consumableKgPerH: between({ min: 0.001, max: 200 }, 'kg/h').optional().describe('Melted in an hour of arc'),
  electrodeDiameterMm: electrodeDiameterMmSchema.optional(),
  plateThicknessMm: plateThicknessMmSchema.optional(),
  travelSpeedMPerMin: travelSpeedSchema.optional(),
  shieldingGas: shieldingGasSchema.optional(),
  tip: z.enum(TIPS).optional().describe('At the end of a torch\'s hoses; left out of a braze: as much as a heating head makes'),
  transfer: z.enum(TRANSFERS).optional().describe('How a wire\'s metal crosses the arc; left out: the worst that gas and current allow'),
  kerfWidthMm: kerfWidthSchema.optional().describe('With thickness and travel speed it says how much metal a cut turns out'),
  waterTable: z.enum(WATER_TABLES).optional().describe('Under a plasma cut; left out: dry'),
  baseMetal: baseMetalSchema.optional(),
  coating: z.enum(COATINGS).optional().describe('Left out: taken as bare metal, with a caution'),
  strippedMm: strippedWidthSchema.optional().describe('Taken off on each side of the joint, both faces'),
  arcMinPerH: between({ min: 0.5, max: 60 }, 'min').optional(),
}
export const place = {
  room: z.strictObject({
    volumeM3: volumeSchema,
    supplyM3PerS: supplySchema.describe('Outdoor air'),
    nearField: nearFieldSchema.optional(),
  }),
  capture: z.strictObject({ efficiency: z.number().min(0).max(1) }).optional(),
  hood: z.strictObject({ ...hood, distanceM: distanceSchema.optional(), crossDraughtMPerS: draughtSchema.optional() }).optional(),
}
export const isOneOf = ({ capture, hood: drawing }: { readonly capture?: unknown, readonly hood?: unknown }): boolean =>
  capture === undefined || drawing === undefined
export const NOT_BOTH = { path: ['hood'], error: 'give a capture efficiency or a hood, not both' }
const uncertaintySchema = z.strictObject({
  draws: between(DRAW_LIMITS.draws, 'draws').int('a whole number'),
  seed: z.int('a whole number').min(DRAW_LIMITS.seed.min, 'at least 0').max(DRAW_LIMITS.seed.max, `at most ${DRAW_LIMITS.seed.max}`),
})

/** `POST /api/v1/assess/fume`, what is asked. */
export const assessFumeRequest = z
  .strictObject({
    job: z.strictObject({ ...arcOfJob, hours: between({ min: 0.1, max: 16 }, 'h').optional() }),
    ...place,
    ruleSets,
    uncertainty: uncertaintySchema
      .optional()
      .describe('Draw everything that is not known: each quantity gets its percentiles, and `drivers` say what they come from'),
  })
  .refine(isOneOf, NOT_BOTH)

/** `POST /api/v1/assess/fume`, what is answered. Metals are counted as the element, and as the limit counts them in `limits`. */
export const assessFumeResponse = z.strictObject({
  substances: z.array(
    z.strictObject({
      id: z.enum(SUBSTANCES),
      emissionMgPerMin: drawnRangeSchema.describe('While the arc burns'),
      nearFieldMgPerM3: drawnRangeSchema
        .nullable()
        .describe('Mean over the hours of work; null without a near field; its percentiles where it is breathed'),
      farFieldMgPerM3: drawnRangeSchema.describe('Mean over the hours of work'),
      twaMgPerM3: drawnRangeSchema.describe('The hours of work over eight; no other exposure in the shift'),
      limits: z.array(
        z.strictObject({
          ruleSet: z.enum(EXPOSURE_RULE_SETS),
          kind: z.enum(LIMIT_KINDS),
          valueMgPerM3: z.number(),
          fraction: z.number(),
          source: sourceRefSchema,
        }),
      ),
    }),
  ),
  mixtureFraction: z.number().nullable().describe('Largest sum of fractions of substances that act alike; null where nothing is known'),
  requiredApf: z
    .number()
    .nullable()
    .describe('Protection factor that would bring every binding limit to 1; 1 when none is needed; null where nothing is known'),
  drivers: z
    .array(z.strictObject({ input: z.enum(DOUBTS), share: z.number() }))
    .optional()
    .describe('Where the doubt of the hardest limit comes from, the most first; only where `uncertainty` was asked for'),
  findings: z.array(findingSchema),
})

/** Many stretches are each drawn: so many that the answer still comes in a breath. */
const DAY_DRAWS = 1000
const DAY_STRETCHES = 10
export const minuteSchema = between({ min: 0, max: 2880 }, 'min').describe('From the start of the day')
export const maskSchema = z
  .strictObject({
    apf: between({ min: 1, max: 10_000 }, 'times'),
    supplied: z.boolean().default(false).describe('Brings its own air: no gas passes'),
    wornShare: z.number('a share between 0 and 1').min(0, 'a share of at least 0').max(1, 'a share of at most 1'),
  })
  .describe('On for a share of the work; off between jobs')
/** `POST /api/v1/assess/day`, what is asked: the arcs that one person burns, helps at or works near, in rooms by name. */
export const assessDayRequest = z
  .strictObject({
    places: z
      .record(z.string().min(1, 'a name').max(40, 'at most 40 letters'), z.strictObject(place).refine(isOneOf, NOT_BOTH))
      .refine(places => Object.keys(places).length <= 8, { error: 'at most 8 places' }),
    work: z
      .array(
        z
          .strictObject({
            place: z.string().describe('One of `places`'),
            does: z.enum(DEEDS).default('welds').describe('`helps`: stands at the arc of another; `near`: in the same room'),
            fromMin: minuteSchema,
            toMin: minuteSchema,
            job: z.strictObject({
              ...arcOfJob,
              head: z.enum(HEADS).optional(),
              position: z.enum(POSITIONS).optional(),
              confinement: z.enum(CONFINEMENTS).optional(),
            }),
          })
          .refine(({ fromMin, toMin }) => toMin > fromMin, { path: ['toMin'], error: 'after its beginning' }),
      )
      .min(1, 'at least one stretch of work')
      .max(DAY_STRETCHES, `at most ${DAY_STRETCHES} stretches`),
    shiftHours: between({ min: 0.1, max: 24 }, 'h').default(8).describe('They stay so long, in the room where they worked last'),
    daysPerWeek: z.int('a whole number').min(1, 'at least 1').max(7, 'at most 7').default(5),
    mask: maskSchema.optional(),
    ruleSets,
    actionFraction: z.number().min(0.05).max(1).default(1),
    uncertainty: uncertaintySchema
      .refine(({ draws }) => draws <= DAY_DRAWS, { path: ['draws'], error: `at most ${DAY_DRAWS} draws` })
      .optional()
      .describe('Left out: as a bay of the shop is judged'),
  })
  .check(({ value: { places, work }, issues }) => {
    work.forEach((stretch, index) => {
      if (!Object.hasOwn(places, stretch.place))
        issues.push({ code: 'custom', input: stretch.place, path: ['work', index, 'place'], message: 'one of the places' })
    })
  })
const sumSchema = z.strictObject({
  fraction: z.number().nullable().describe('Largest that binds, of one limit or of a sum; the high end'),
  limits: z
    .array(
      z.strictObject({
        substance: z.enum(SUBSTANCES),
        ruleSet: z.enum(EXPOSURE_RULE_SETS),
        kind: z.enum(LIMIT_KINDS),
        valueMgPerM3: z.number(),
        fraction: z.number(),
        source: sourceRefSchema,
      }),
    )
    .describe('That bind, the hardest first'),
  mixture: z
    .strictObject({
      group: z.enum(Object.keys(MIXTURE_GROUPS) as [MixtureGroupId, ...MixtureGroupId[]]),
      span: z.enum(MIXTURE_SPANS),
      ruleSet: z.enum(EXPOSURE_RULE_SETS),
      fraction: z.number(),
    })
    .nullable()
    .describe('Of what acts alike, over the shift or in short time, summed draw by draw'),
})
export const assessDayResponse = z.strictObject({
  hours: z.number().describe('From the first work to the last, or to the end of the shift'),
  substances: z
    .array(
      z.strictObject({
        id: z.enum(SUBSTANCES),
        twaMgPerM3: percentilesSchema.describe('The day over eight hours'),
        betweenMgPerM3: percentilesSchema.describe('The part of it that is breathed between jobs and after them'),
        shortTermMgPerM3: percentilesSchema.describe('The worst quarter of an hour'),
        peakMgPerM3: percentilesSchema,
      }),
    )
    .describe('Outside a mask; none where something needed is missing'),
  outside: sumSchema.nullable(),
  inside: z
    .strictObject({ ...sumSchema.shape, factor: z.number().describe('Times less at work, on as long as it is') })
    .nullable()
    .describe('Inside the mask; null where none was sent'),
  findings: z.array(findingSchema),
})

const COATED = COATINGS.filter(coating => coating !== 'none')
/** `POST /api/v1/assess/burn-off`, what is asked: an arc that travels a seam on coated steel. */
export const assessBurnOffRequest = z.strictObject({
  process: z.enum(SEAM_PROCESSES, 'an arc that travels a seam'),
  coating: z.enum(COATED, 'what the plate is coated with'),
  coatingGPerM2: between(BURN_OFF_LIMITS.coatingGPerM2, 'g/m²').optional().describe('On one face; left out: what such coatings carry'),
  plateThicknessMm: plateThicknessMmSchema,
  currentA: currentASchema,
  voltageV: between(BURN_OFF_LIMITS.voltageV, 'V').optional(),
  travelMmPerS: between(BURN_OFF_LIMITS.travelMmPerS, 'mm/s').optional(),
  efficiency: z
    .number('a share between 0 and 1')
    .min(BURN_OFF_LIMITS.efficiency.min, 'a share of 0.1 or more')
    .max(BURN_OFF_LIMITS.efficiency.max, 'a share of at most 1')
    .optional()
    .describe('Share of the arc\'s power that reaches the plate'),
  startC: between(BURN_OFF_LIMITS.startC, '°C').optional().describe('Of the plate before the weld; left out: 25 °C'),
})
/** What is answered; null where nobody can say what is in the coating. */
export const assessBurnOffResponse = z.strictObject({
  plate: z.enum(['thin', 'between', 'thick']).nullable(),
  halfBeadMm: z.number().nullable(),
  boiledEachSideMm: z.number().nullable().describe('Beyond the bead'),
  boiledWidthMm: z.number().nullable().describe('On one face, with the bead'),
  faces: z.union([z.literal(1), z.literal(2)]).nullable(),
  boiledMgPerMin: z.number().nullable().describe('As the element, at the middle of what is not known'),
  airborneMgPerMin: percentilesSchema.nullable().describe('As the element, what of it stays in the air'),
  energyBoundMgPerMin: z.number().nullable().describe('The most that the arc has power to boil'),
  findings: z.array(findingSchema),
})

/** `POST /api/v1/assess/room`, what is asked. */
export const assessRoomRequest = z
  .strictObject({
    volumeM3: volumeSchema,
    supplyM3PerS: supplySchema,
    emissionMgPerMin: between({ min: 0, max: 1e7 }, 'mg/min'),
    minutes: between({ min: 0, max: 100_000 }, 'min'),
    initialMgPerM3: between({ min: 0, max: 1e6 }, 'mg/m³').optional(),
    nearField: nearFieldSchema.optional(),
  })
  .refine(({ nearField, volumeM3 }) => nearField === undefined || volumeM3 >= 4.2 * nearField.radiusM ** 3, {
    path: ['nearField', 'radiusM'],
    error: 'the near field must fit twice into the room',
  })
const levels = { steadyMgPerM3: z.number().nullable(), atEndMgPerM3: z.number(), meanMgPerM3: z.number() }
export const assessRoomResponse = z.strictObject({ ...levels, nearField: z.strictObject(levels).optional() })

/** `POST /api/v1/assess/capture`, what is asked. */
export const assessCaptureRequest = z.strictObject({
  hood: hoodSchema,
  distanceM: distanceSchema,
  process: processSchema,
  currentA: currentASchema.optional(),
  crossDraughtMPerS: draughtSchema,
})
export const assessCaptureResponse = z.strictObject({
  velocityAtArcMPerS: z.number().nullable(),
  windowM: z.tuple([z.number(), z.number()]).nullable(),
  captureEfficiency: rangeSchema.nullable(),
  stands: z.enum(['within', 'too-near', 'too-far', 'no-window', 'unknown']),
  findings: z.array(findingSchema),
})

/** `POST /api/v1/assess/exposure-statistics`, what is asked. */
export const assessExposureStatisticsRequest = z
  .strictObject({
    values: z.array(z.number('a number').gt(0, 'above 0')).min(1, 'at least one value').max(1000, 'at most 1000 values'),
    belowLoq: z.array(z.boolean()).optional().describe('One for each value; where true, the value is the limit of quantification'),
    limit: z.number().gt(0, 'above 0'),
    unit: z.enum(['mg/m3', 'ug/m3', 'ppm']).describe('Of the values and of the limit'),
  })
  .refine(({ values, belowLoq }) => belowLoq === undefined || belowLoq.length === values.length, {
    path: ['belowLoq'],
    error: 'one flag for each value',
  })
export const assessExposureStatisticsResponse = z.strictObject({
  n: z.int(),
  belowLoq: z.int(),
  unit: z.string(),
  mean: z.number().nullable(),
  gm: z.number().nullable(),
  gsd: z.number().nullable(),
  uR: z.number().nullable().describe('Null under six values, or where all values are alike'),
  uT: z.number().nullable(),
  verdict: z.enum(SAMPLE_VERDICTS),
  test: z.enum(['preliminary', 'statistical', 'none']),
  exceedanceFraction: z.number().nullable(),
  exceedanceUpper70: z.number().nullable(),
  exceedanceUpper95: z.number().nullable(),
  p95: z.number().nullable(),
  utl95_70: z.number().nullable(),
  utl95_95: z.number().nullable(),
  mvueMean: z.number().nullable().describe('Unbiased estimate of the mean of shifts; null under three values, or where all are alike'),
  meanLower95: z.number().nullable().describe('Land\'s exact limits of that mean, 95 % each'),
  meanUpper95: z.number().nullable(),
  categories: z
    .array(z.number())
    .length(5)
    .describe('How likely the 95th percentile lies at most at 1, 10, 50, 100 % of the limit, and above (Bayesian decision analysis)'),
  method: z
    .enum(SUBSTITUTIONS)
    .describe('The least favourable way of counting results below the limit of quantification; the figures rest on it'),
  methods: z.array(
    z.strictObject({
      method: z.enum(SUBSTITUTIONS),
      gm: z.number(),
      gsd: z.number(),
      uR: z.number().nullable(),
      verdict: z.enum(SAMPLE_VERDICTS).nullable(),
    }),
  ),
  findings: z.array(findingSchema),
})

/** `POST /api/v1/assess/oxygen`, what is asked. */
export const assessOxygenRequest = z.strictObject({
  volumeM3: between({ min: 0.01, max: HALL_LIMITS.volumeM3.max }, 'm³'),
  gas: z.enum(['inert', 'oxygen']),
  flowLPerMin: between({ min: 0, max: 100_000 }, 'L/min'),
  minutes: between({ min: 0, max: 100_000 }, 'min'),
  ventilationM3PerS: between(HALL_LIMITS.supplyM3PerS, 'm³/s').optional(),
  ventilation: z.enum(['supply', 'extract']).optional(),
  startPercent: between({ min: 0, max: 100 }, '%').optional(),
})
export const assessOxygenResponse = z.strictObject({
  atEndPercent: z.number(),
  settlesAtPercent: z.number(),
  minutesToLimit: z.number().nullable(),
  neededM3PerS: z.number(),
  findings: z.array(findingSchema),
})

/** `POST /api/v1/assess/respirator`, what is asked. */
export const assessRespiratorRequest = z.strictObject({
  hazardRatio: between({ min: 0, max: 1e6 }, 'times the limit').describe('Concentration outside the mask over its limit'),
  gases: z.array(z.enum(['ozone', 'nitrogen-dioxide', 'nitric-oxide', 'carbon-monoxide'])).optional().describe('Gases over their limit'),
  oxygenPercent: between({ min: 0, max: 100 }, '%').optional(),
  jurisdiction: z.enum(JURISDICTIONS).optional(),
  actionFraction: z.number().min(0.05).max(1).optional(),
})
export const assessRespiratorResponse = z.strictObject({
  requiredApf: z.number(),
  masks: z.array(
    z.strictObject({
      mask: z.enum(MASKS),
      apf: z.number().nullable(),
      suits: z.boolean(),
      tight: z.boolean(),
      supplied: z.boolean(),
      source: sourceRefSchema,
    }),
  ),
  findings: z.array(findingSchema),
})
