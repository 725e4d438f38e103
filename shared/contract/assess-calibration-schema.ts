import { z } from 'zod'
import { CALIBRATION_LIMITS } from '#core/exposure/calibration'
import { findingSchema } from './finding-schema'
import { between } from './job-schema'

const { gsd, samples } = CALIBRATION_LIMITS
const spreadGsd = between(gsd, 'as a geometric standard deviation')
const concentration = between({ min: 1e-9, max: 1e5 }, 'mg/m³')

/** `POST /api/v1/assess/calibration`, what is asked. */
export const assessCalibrationRequest = z.strictObject({
  samples: z
    .array(z.strictObject({
      modelledMgPerM3: concentration.describe('The middle of what the model says of that shift'),
      measuredMgPerM3: concentration,
      belowLoq: z.boolean().default(false).describe('The measured value is the limit of quantification'),
    }))
    .min(samples.min, 'at least one result')
    .max(samples.max, 'at most 200 results'),
  emissionGsd: spreadGsd.describe('How far off the emission factor may be'),
  captureGsd: spreadGsd.describe('How far off what gets past the hood may be'),
  shiftGsd: spreadGsd.describe('From shift to shift; welding about 1.8 to 2.5'),
})

const factor = z.strictObject({ p05: z.number(), p50: z.number(), p95: z.number() })
const beforeAndAfter = z.strictObject({ before: factor, after: factor })

/** `POST /api/v1/assess/calibration`, what is answered: times what the model says. */
export const assessCalibrationResponse = z.strictObject({
  whole: beforeAndAfter.describe('At this place and for this work'),
  emission: beforeAndAfter.describe('What goes with consumable and process: carried elsewhere, in pencil'),
  capture: beforeAndAfter.describe('What stays with this hood and this room'),
  findings: z.array(findingSchema),
})
