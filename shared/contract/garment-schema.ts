import { z } from 'zod'
import type { GarmentFactId, MaterialId } from '#core/ids/garment-ids'
import { GARMENT_CONDITIONS, GARMENT_FACTS, GARMENTS, MATERIALS } from '#core/ids/garment-ids'
import { NOISE_LIMITS } from '#core/hearing/noise-dose'
import { WEARABLES } from '#core/ids/wearable-ids'
import { ZONES } from '#core/ids/vocabulary'
import type { WardrobeCommands } from '#core/streams/wardrobe/wardrobe'
import { between } from './job-schema'
import type { Payloads } from './payloads'
import { idSchema as id } from './text-schema'

const percent = between({ min: 0, max: 100 }, '%')
export const answer = z.boolean('yes or no').optional()
/** What somebody has on at a zone. What is left out is not known, and passes nothing. */
export const garmentSchema = z.strictObject({
  zone: z.enum(ZONES),
  item: z.enum(GARMENTS),
  materials: z
    .strictObject(Object.fromEntries(MATERIALS.map(id => [id, percent.optional()])) as Record<MaterialId, z.ZodOptional<typeof percent>>)
    .refine(
      parts => Object.values(parts).reduce<number>((sum, part) => sum + (part ?? 0), 0) <= 100.01,
      'the parts add up to more than 100 %',
    )
    .optional()
    .describe('What they leave of 100 % is unknown, and fails'),
  condition: z.array(z.enum(GARMENT_CONDITIONS)).max(20, 'at most 20 items').optional().describe('Empty: looked at, and nothing found'),
  facts: z
    .strictObject(Object.fromEntries(GARMENT_FACTS.map(id => [id, answer])) as Record<GarmentFactId, typeof answer>)
    .optional(),
  nrrDb: between(NOISE_LIMITS.nrrDb, 'dB').optional().describe('The rating on the label of a hearing protector'),
})

/** The same as it is told at the door: what it was taken for, and the loan that it came from. */
export const toldGarmentSchema = garmentSchema.extend({ like: z.enum(WEARABLES).optional(), loanId: z.uuid().optional() })

/** As it is written in a garment. */
export const sizeSchema = z.string().trim().max(20, 'at most 20 characters')

/** The shop's clothes. */
export const wardrobePayloads = {
  'wardrobe.count': z.strictObject({
    lineId: id,
    wearable: z.enum(WEARABLES),
    size: sizeSchema,
    nrrDb: between(NOISE_LIMITS.nrrDb, 'dB').optional(),
    count: z.int('whole numbers').min(0, 'at least 0').max(500, 'at most 500'),
  }),
} satisfies Payloads<WardrobeCommands>
