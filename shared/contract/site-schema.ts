import { z } from 'zod'
import { KEY_PURPOSES } from '#core/ids/monitor-ids'
import { BAY_KINDS } from '#core/ids/vocabulary'
import { BAYS_AT_ONCE, HALL_SIZE_LIMITS } from '#core/streams/site/site'
import type { SiteCommands } from '#core/streams/site/site'
import { between } from './job-schema'
import type { Payloads } from './payloads'
import { idSchema as id, nameOf, nameSchema as name } from './text-schema'

/** A time zone that this machine knows. */
export const timeZone = z.string().refine((zone) => {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: zone }).resolvedOptions().timeZone !== ''
  } catch {
    return false
  }
}, 'a time zone such as Europe/London')
const newBay = { bayId: id, label: nameOf(12, 'a bay needs a number or a name'), kind: z.enum(BAY_KINDS) }
const hallSize = z.strictObject({
  lengthM: between(HALL_SIZE_LIMITS.lengthM, 'm'),
  widthM: between(HALL_SIZE_LIMITS.widthM, 'm'),
  heightM: between(HALL_SIZE_LIMITS.heightM, 'm'),
})
const hall = { hallId: id, name, size: hallSize.optional() }

/** What may be said of a site: its halls, areas, bays and keys. */
export const sitePayloads = {
  'site.open': z.strictObject({ name, timeZone }),
  'site.add-hall': z.strictObject(hall),
  'site.add-area': z.strictObject({ areaId: id, hallId: id, name }),
  'site.add-bay': z.strictObject({ ...newBay, areaId: id }),
  'site.set-out': z.strictObject({
    hall: z.strictObject(hall),
    area: z.strictObject({ areaId: id, name }),
    bays: z.array(z.strictObject(newBay)).min(1, 'at least one bay').max(BAYS_AT_ONCE, `at most ${BAYS_AT_ONCE} bays at once`),
  }),
  'site.change-hall': z.strictObject({ ...hall, closed: z.boolean() }),
  'site.change-area': z.strictObject({ areaId: id, hallId: id, name, closed: z.boolean() }),
  'site.change-bay': z.strictObject({ ...newBay, areaId: id, closed: z.boolean() }),
  'site.make-key': z.strictObject({ keyId: id, name, purpose: z.enum(KEY_PURPOSES) }),
  'site.revoke-key': z.strictObject({ keyId: id }),
} satisfies Payloads<SiteCommands>
