import type { SiteFacts } from '#core/site-facts/site-facts'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { NO_SITE } from '#core/streams/site/site'
import type { Station } from '#core/streams/station/station'
import type { Instant } from '#core/time/instant'
import type { Queryable } from './database/connection'
import { readHouseRules, readSite } from './database/site'
import { readStations } from './database/station'
import { readSurroundings } from './database/surroundings'

/** Everything the gates of a site rest on, read at one moment: ask inside a transaction that sees one. */
export async function readSiteFacts(db: Queryable, siteId: string, now: Instant): Promise<SiteFacts<Station>> {
  const site = (await readSite(db, siteId))?.value ?? NO_SITE
  const rules = (await readHouseRules(db, siteId))?.value ?? NEW_SITE_RULES
  const { stations: _air, kit, fire, versions: _versions, ...air } = await readSurroundings(db, siteId, { rules, timeZone: site.timeZone, now }, null)
  const stations = Object.fromEntries((await readStations(db, siteId)).map(({ bayId, facts }) => [bayId, { ...facts, gates: {} }]))
  return { site, rules, now, ...air, stations, ...kit, ...fire }
}
