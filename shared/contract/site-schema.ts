import { z } from 'zod'
import { BAY_KINDS } from '#core/ids/vocabulary'
import type { SiteCommands } from '#core/streams/site/site'
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
const bay = { bayId: id, areaId: id, label: nameOf(12, 'a bay needs a number or a name'), kind: z.enum(BAY_KINDS) }

/** What may be said of a site: its halls, areas, bays and keys. */
export const sitePayloads = {
  'site.open': z.strictObject({ name, timeZone }),
  'site.add-hall': z.strictObject({ hallId: id, name }),
  'site.add-area': z.strictObject({ areaId: id, hallId: id, name }),
  'site.add-bay': z.strictObject(bay),
  'site.change-bay': z.strictObject({ ...bay, closed: z.boolean() }),
  'site.make-key': z.strictObject({ keyId: id, name }),
  'site.revoke-key': z.strictObject({ keyId: id }),
} satisfies Payloads<SiteCommands>
