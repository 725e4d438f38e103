import { z } from 'zod'
import type { HoodPosition } from '#core/air/bay-air'
import type { FumeCommands } from '#core/streams/fume-sheets/fume-sheets'
import { DATA_SHEET_LIMITS } from '#core/fume/data-sheet'
import type { Extraction, FittedBay, HallCommands, Warmth } from '#core/streams/hall/hall'
import { FLOW_METHODS, SCREENS, WALLS } from '#core/streams/hall/hall'
import { BAYS_AT_ONCE } from '#core/streams/site/site'
import type { SamplesCommands } from '#core/streams/samples/samples'
import type { HallAir } from '#core/ventilation/hall'
import { HALL_LIMITS } from '#core/ventilation/hall'
import { HEAT_LIMITS } from '#core/heat/heat-stress'
import { HOOD_LIMITS } from '#core/ventilation/hood'
import { CONSUMABLES, EXTRACTION_KINDS, PROCESSES, SUBSTANCES } from '#core/ids/vocabulary'
import { hallDuctsSchema } from './ducts-schema'
import { hallPlanSchema } from './hall-plan-schema'
import { between } from './job-schema'
import type { Payloads } from './payloads'
import { idSchema, sentenceSchema } from './text-schema'

export const volumeSchema = between(HALL_LIMITS.volumeM3, 'm³')
export const supplySchema = between(HALL_LIMITS.supplyM3PerS, 'm³/s')
export const nearFieldRadiusSchema = between(HALL_LIMITS.nearFieldRadiusM, 'm')
export const airSpeedSchema = between(HALL_LIMITS.airSpeedMPerS, 'm/s')
const share = z.number('a share between 0 and 1').min(0, 'a share of 0 or more').max(1, 'a share of at most 1')

/** What a hall's air is described by. */
export const hallAirSchema = z.strictObject({
  isOpenAir: z.boolean(),
  volumeM3: volumeSchema,
  ceilingM: between(HALL_LIMITS.ceilingM, 'm'),
  supplyM3PerS: supplySchema,
  outdoorShare: share,
  filterEfficiency: share,
  backgroundMgPerM3: between(HALL_LIMITS.backgroundMgPerM3, 'mg/m³'),
  nearFieldRadiusM: nearFieldRadiusSchema,
  airSpeedMPerS: airSpeedSchema,
}) satisfies z.ZodType<HallAir>

export const mouthSchemas = {
  diameterM: between(HOOD_LIMITS.diameterM, 'm').optional(),
  widthM: between(HOOD_LIMITS.widthM, 'm').optional(),
  heightM: between(HOOD_LIMITS.heightM, 'm').optional(),
}
export const hoodFlowSchema = between(HOOD_LIMITS.flowM3PerS, 'm³/s')
export const distanceSchema = between(HOOD_LIMITS.distanceM, 'm')
export const draughtSchema = between(HOOD_LIMITS.crossDraughtMPerS, 'm/s')

export const extractionSchema = z
  .strictObject({
    kind: z.enum(EXTRACTION_KINDS),
    ...mouthSchemas,
    flanged: z.boolean(),
    flowM3PerS: hoodFlowSchema,
    flowFrom: z.enum(FLOW_METHODS),
    returnsAir: z.boolean(),
    filterEfficiency: share,
  })
  .refine(
    ({ kind, diameterM, widthM, heightM }) =>
      kind === 'gun' || diameterM !== undefined || (widthM !== undefined && heightM !== undefined),
    { path: ['diameterM'], error: 'give a diameter, or a width and a height' },
  ) satisfies z.ZodType<Extraction>

export const fittedBaySchema = z.strictObject({
  xM: z.number().min(-1000).max(1000), yM: z.number().min(-1000).max(1000), extraction: extractionSchema.nullable(),
  walls: z.enum(WALLS).optional(),
  screen: z.enum(SCREENS).optional(),
}) satisfies z.ZodType<FittedBay>

export const hoodPositionSchema = z.strictObject({
  placement: z.enum(['beside', 'above']),
  distanceM: distanceSchema,
}) satisfies z.ZodType<HoodPosition>

const percent = between(DATA_SHEET_LIMITS.compositionPercent, '%')
export const dataSheetSchema = z
  .strictObject({
    process: z.enum(PROCESSES, 'the process it was measured with'),
    consumable: z.enum(CONSUMABLES),
    title: z.string().trim().min(1, 'the name and date of the sheet').max(120, 'at most 120 letters'),
    fumeGPerKg: between(DATA_SHEET_LIMITS.fumeGPerKg, 'g/kg').optional(),
    fumeMgPerS: between(DATA_SHEET_LIMITS.fumeMgPerS, 'mg/s').optional(),
    meltsGPerMin: between(DATA_SHEET_LIMITS.meltsGPerMin, 'g/min').optional(),
    meltsAtA: between(DATA_SHEET_LIMITS.meltsAtA, 'A').optional(),
    compositionPercent: z.partialRecord(z.enum(SUBSTANCES), percent),
  })
  .refine(({ compositionPercent }) => Object.values(compositionPercent).reduce((total, part) => total + part, 0) <= 100, {
    path: ['compositionPercent'],
    error: 'the parts add up to more than 100 %',
  })
  .refine(({ meltsGPerMin, meltsAtA }) => (meltsGPerMin === undefined) === (meltsAtA === undefined), {
    path: ['meltsAtA'],
    error: 'what it melts and at which current: both, or neither',
  }) satisfies z.ZodType<FumeCommands['fume.enter-sheet']['sheet']>

/** A few results are too few to judge, but never too few to keep. */
export const surveySchema = z.strictObject({
  surveyId: idSchema,
  substance: z.enum(SUBSTANCES),
  takenOn: z.iso.date('a date as 2026-11-23'),
  results: z.array(z.strictObject({
    label: z.string().trim().min(1, 'a label').max(60, 'at most 60 letters'),
    mgPerM3: z.number('a concentration in mg/m³').gt(0, 'above 0 mg/m³').max(1e5, 'at most 100000 mg/m³'),
    isBelowLoq: z.boolean(),
    minutes: z.number().gt(0).max(1440).nullable(),
  })).min(1, 'at least one result').max(200, 'at most 200 results'),
}) satisfies z.ZodType<SamplesCommands['samples.record']>

export const warmthSchema = z.union([
  z.strictObject({ wbgtC: between(HEAT_LIMITS.wbgtC, '°C') }),
  z.strictObject({
    airC: between(HEAT_LIMITS.airC, '°C'),
    humidityPercent: between(HEAT_LIMITS.humidityPercent, '%'),
    isInSun: z.boolean(),
  }),
], 'the index (WBGT) that was measured, or air, humidity and sun') satisfies z.ZodType<Warmth>

export const hallPayloads = {
  'hall.describe': z.strictObject({ air: hallAirSchema }),
  'hall.fit-bay': z.strictObject({ bayId: idSchema, fitted: fittedBaySchema }),
  'hall.fit-bays': z.strictObject({
    bays: z
      .record(idSchema, fittedBaySchema)
      .refine(bays => Object.keys(bays).length > 0 && Object.keys(bays).length <= BAYS_AT_ONCE, `1 to ${BAYS_AT_ONCE} bays`),
  }),
  'hall.lay-ducts': z.strictObject({ ducts: hallDuctsSchema.nullable() }),
  'hall.lay-out': z.strictObject({ plan: hallPlanSchema.nullable() }),
  'hall.tell-heat': z.strictObject({ warmth: warmthSchema, isEverybodyUsed: z.boolean() }),
} satisfies Payloads<HallCommands>

export const fumeSheetsPayloads = {
  'fume.enter-sheet': z.strictObject({ sheet: dataSheetSchema }),
  'fume.drop-sheet': z.strictObject({ process: z.enum(PROCESSES).nullable(), consumable: z.enum(CONSUMABLES) }),
} satisfies Payloads<FumeCommands>

export const samplesPayloads = {
  'samples.record': surveySchema,
  'samples.withdraw': z.strictObject({ surveyId: idSchema, reason: sentenceSchema }),
} satisfies Payloads<SamplesCommands>
