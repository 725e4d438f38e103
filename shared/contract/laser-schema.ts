import { z } from 'zod'
import { BEAM_CONVENTIONS } from '#core/ids/protection-ids'
import { isShownTag } from '#core/ids/tag'
import type { LaserBeam, LaserFilter } from '#core/laser/beam'
import { LASER_LIMITS } from '#core/laser/laser-hazard'
import { between } from './job-schema'

/** A tag as it is shown. */
export const shownTagSchema = z.string().refine(tag => isShownTag(tag), 'a tag as it is shown')

/** A laser's beam, as its maker describes it. */
export const laserBeamSchema = z.strictObject({
  powerW: between(LASER_LIMITS.powerW, 'W'),
  wavelengthNm: between(LASER_LIMITS.wavelengthNm, 'nm'),
  divergenceMrad: between(LASER_LIMITS.divergenceMrad, 'mrad'),
  beamDiameterMm: between(LASER_LIMITS.beamDiameterMm, 'mm'),
  convention: z.enum(BEAM_CONVENTIONS),
}) satisfies z.ZodType<LaserBeam>

/** What is marked on a filter against a laser. */
export const laserFilterSchema = z.strictObject({
  od: between({ min: 0, max: 12 }, 'of optical density'),
  fromNm: between({ min: 100, max: 20_000 }, 'nm'),
  toNm: between({ min: 100, max: 20_000 }, 'nm'),
  damageRating: z.int('whole numbers').min(1, 'at least 1').max(12, 'at most 12').optional(),
}) satisfies z.ZodType<LaserFilter>
