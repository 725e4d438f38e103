import { z } from 'zod'
import type { PlaceCommands } from '#core/streams/place/place'
import { PLACE_LIMITS } from '#core/streams/place/place'
import { between } from './job-schema'
import type { Payloads } from './payloads'
import { nameSchema as name } from './text-schema'

const metres = between(PLACE_LIMITS.gridM, 'm')
const size = between(PLACE_LIMITS.sizeM, 'm')

/** What may be said of a place where cylinders stand. */
export const placePayloads = {
  'place.describe': z.strictObject({
    name,
    level: z.int().min(PLACE_LIMITS.level.min).max(PLACE_LIMITS.level.max),
    xM: metres,
    yM: metres,
    widthM: size,
    depthM: size,
    room: z
      .strictObject({ volumeM3: between(PLACE_LIMITS.volumeM3, 'm³'), supplyM3PerS: between(PLACE_LIMITS.supplyM3PerS, 'm³/s') })
      .nullable(),
  }),
  'place.lay-out-store': z.strictObject({
    store: z
      .strictObject({
        barriers: z
          .array(
            z.strictObject({
              name,
              x1M: metres,
              y1M: metres,
              x2M: metres,
              y2M: metres,
              heightM: between(PLACE_LIMITS.wallHeightM, 'm'),
              ratingMin: between(PLACE_LIMITS.ratingMin, 'min'),
            }),
          )
          .max(40),
        combustibles: z
          .array(z.strictObject({ id: name, xM: metres, yM: metres, widthM: size, depthM: size, highly: z.boolean().optional() }))
          .max(40),
      })
      .nullable(),
  }),
} satisfies Payloads<PlaceCommands>
