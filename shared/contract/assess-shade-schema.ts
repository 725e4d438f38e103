import { z } from 'zod'
import { JURISDICTIONS, SHADE_BASES, SHADE_RULE_SETS, WORKPLACES } from '#core/ids/vocabulary'
import { findingSchema, sourceRefSchema } from './finding-schema'
import {
  acetyleneFlowSchema,
  baseMetalSchema,
  currentASchema,
  currentRangeASchema,
  electrodeDiameterMmSchema,
  oxygenFlowSchema,
  plateThicknessMmSchema,
  processSchema,
  shieldingGasSchema,
} from './job-schema'

const shade = z.number().min(1, 'a shade of 1 or more').max(20, 'a shade of 20 or less')

const question = {
  process: processSchema,
  currentA: currentASchema.optional(),
  currentRangeA: currentRangeASchema.optional(),
  electrodeDiameterMm: electrodeDiameterMmSchema.optional(),
  plateThicknessMm: plateThicknessMmSchema.optional(),
  acetyleneFlowLPerH: acetyleneFlowSchema.optional(),
  oxygenFlowLPerH: oxygenFlowSchema.optional(),
  baseMetal: baseMetalSchema.optional(),
  shieldingGas: shieldingGasSchema.optional(),
  workplace: z.enum(WORKPLACES).optional(),
}
const isOneCurrent = ({ currentA, currentRangeA }: { readonly currentA?: unknown, readonly currentRangeA?: unknown }): boolean =>
  currentA === undefined || currentRangeA === undefined
const ONE_CURRENT = { path: ['currentRangeA'], error: 'give a current or a range, not both' }

/** What a shade is asked for. */
export const shadeQuestionSchema = z.strictObject(question).refine(isOneCurrent, ONE_CURRENT)
/** The rules that a site puts in force for shade. */
export const shadeHouseSchema = z.strictObject({
  jurisdiction: z.enum(JURISDICTIONS).optional(),
  basis: z.enum(SHADE_BASES).optional(),
  minimum: z.int().min(1).max(16).nullable().optional(),
})

/** `POST /api/v1/assess/shade`, what is asked. */
export const assessShadeRequest = z
  .strictObject({
    ...question,
    wornTransmittance: z.number().gt(0, 'a fraction above 0').max(1, 'a fraction of at most 1').optional(),
    wornShades: z.array(shade).max(8, 'at most 8 filters').optional(),
    house: shadeHouseSchema.optional(),
  })
  .refine(isOneCurrent, ONE_CURRENT)

/** `POST /api/v1/assess/shade`, what is answered. */
export const assessShadeResponse = z.strictObject({
  minimum: z.number().nullable().describe('Lowest shade allowed; null when it cannot be said, and then a hold says why'),
  start: z.number().nullable().describe('The shade to start at: the darker end of the binding suggestion, never under the minimum'),
  bindingRuleSet: z.enum(SHADE_RULE_SETS).nullable(),
  ruleSets: z.array(z.strictObject({
    ruleSet: z.enum(SHADE_RULE_SETS),
    minimum: z.number().nullable(),
    suggested: z.tuple([z.number(), z.number()]).nullable().describe('Lighter end, darker end'),
    source: sourceRefSchema,
    note: z.string().optional(),
  })),
  effectiveShade: z.number().optional().describe('All worn filters together, N = sum of N - (k - 1)'),
  findings: z.array(findingSchema),
})
