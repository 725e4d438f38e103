import { z } from 'zod'

export const sourceRefSchema = z.strictObject({
  document: z.string(), clause: z.string().optional(), edition: z.string().optional(),
  basis: z.enum(['published', 'practice', 'derived', 'house']), confidence: z.enum(['high', 'medium', 'low']),
})

/** A finding as the API sends it. */
export const findingSchema = z.strictObject({
  severity: z.enum(['stop', 'hold', 'caution', 'note']),
  code: z.string().describe('Stable; the sentence may be reworded, the code is not'),
  values: z.record(z.string(), z.unknown()),
  sources: z.array(sourceRefSchema),
  message: z.string(),
  todo: z.string().nullable(),
})

/** 422: what was sent cannot be read; each field with what is wrong and how to put it right. */
export const inputErrorSchema = z.strictObject({
  error: z.string(),
  fields: z.array(z.strictObject({ path: z.string(), message: z.string() })),
})
