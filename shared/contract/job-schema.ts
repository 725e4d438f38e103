import { z } from 'zod'
import { JOB_LIMITS } from '#core/job/job'
import type { Job } from '#core/job/job'
import {
  BASE_METALS,
  COATINGS,
  CONFINEMENTS,
  CONSUMABLES,
  CONTAINERS,
  FUEL_GASES,
  HEADS,
  POSITIONS,
  PROCESSES,
  RESIDUES,
  SHIELDING_GASES,
  TIPS,
  TRANSFERS,
  WATER_TABLES,
} from '#core/ids/vocabulary'
import { JOB_FIELDS } from '#core/ids/job-ids'

export const between = ({ min, max }: { readonly min: number, readonly max: number }, unit: string) =>
  z.number(`a number in ${unit}`).min(min, `at least ${min} ${unit}`).max(max, `at most ${max} ${unit}`)

export const currentASchema = between(JOB_LIMITS.currentA, 'A')
export const currentRangeASchema = z
  .tuple([currentASchema, currentASchema])
  .refine(([low, high]) => low <= high, 'the lower current comes first')
export const electrodeDiameterMmSchema = between(JOB_LIMITS.electrodeDiameterMm, 'mm')
export const plateThicknessMmSchema = between(JOB_LIMITS.plateThicknessMm, 'mm')
export const wireFeedSchema = between(JOB_LIMITS.wireFeedMPerMin, 'm/min')
export const travelSpeedSchema = between(JOB_LIMITS.travelSpeedMPerMin, 'm/min')
export const kerfWidthSchema = between(JOB_LIMITS.kerfWidthMm, 'mm')
export const strippedWidthSchema = between(JOB_LIMITS.strippedWidthMm, 'mm')
export const acetyleneFlowSchema = between(JOB_LIMITS.acetyleneFlowLPerH, 'L/h')
export const oxygenFlowSchema = between(JOB_LIMITS.oxygenFlowLPerH, 'L/h')
export const processSchema = z.enum(PROCESSES)
export const baseMetalSchema = z.enum(BASE_METALS)
export const shieldingGasSchema = z.enum(SHIELDING_GASES)

export const timeOfDaySchema = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time of day as HH:MM')

/** A job, with the limits its numbers keep. Strict: a misspelt field is an error, not a silent loss. */
export const jobSchema = z
  .strictObject({
    process: processSchema,
    currentA: currentASchema.optional(),
    currentRangeA: currentRangeASchema.optional(),
    consumable: z.enum(CONSUMABLES).optional(),
    electrodeDiameterMm: electrodeDiameterMmSchema.optional(),
    plateThicknessMm: plateThicknessMmSchema.optional(),
    wireFeedMPerMin: wireFeedSchema.optional(),
    travelSpeedMPerMin: travelSpeedSchema.optional(),
    acetyleneFlowLPerH: acetyleneFlowSchema.optional(),
    oxygenFlowLPerH: oxygenFlowSchema.optional(),
    gasFlowLPerMin: between(JOB_LIMITS.gasFlowLPerMin, 'L/min').optional(),
    fuelGas: z.enum(FUEL_GASES).optional(),
    tip: z.enum(TIPS).optional(),
    transfer: z.enum(TRANSFERS).optional(),
    kerfWidthMm: kerfWidthSchema.optional(),
    waterTable: z.enum(WATER_TABLES).optional(),
    baseMetal: baseMetalSchema.optional(),
    coating: z.enum(COATINGS).optional(),
    coatingStripped: z.boolean().optional(),
    strippedWidthMm: strippedWidthSchema.optional(),
    shieldingGas: shieldingGasSchema.optional(),
    position: z.enum(POSITIONS).optional(),
    confinement: z.enum(CONFINEMENTS).optional(),
    head: z.enum(HEADS).optional(),
    startsAt: timeOfDaySchema.optional(),
    endsAt: timeOfDaySchema.optional(),
    arcMinPerH: between(JOB_LIMITS.arcMinPerH, 'min').optional(),
    residue: z.enum(RESIDUES).optional(),
    container: z.enum(CONTAINERS).optional(),
    assumed: z.array(z.enum(JOB_FIELDS)).max(JOB_FIELDS.length).optional(),
  })
  .refine(job => job.currentA === undefined || job.currentRangeA === undefined, {
    path: ['currentRangeA'],
    error: 'give a current or a range, not both',
  }) satisfies z.ZodType<Job>
