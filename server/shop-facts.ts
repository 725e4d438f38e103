import { NEW_SITE_RULES } from '#core/houserules/house-rules'
import type { ShopFacts } from '#core/shop/judge-shop'
import { NO_SITE } from '#core/site/site'
import type { Queryable } from './database/connection'
import { readHouseRules, readSite } from './database/site'
import { readStations } from './database/station'
import { readSurroundings } from './database/surroundings'
import type { Instant } from '#core/time/instant'

/** Everything the gates of a site rest on, read at one moment: ask inside a transaction that sees one. */
export async function readShopFacts(db: Queryable, siteId: string, now: Instant): Promise<ShopFacts> {
  const site = (await readSite(db, siteId))?.value ?? NO_SITE
  const rules = (await readHouseRules(db, siteId))?.value ?? NEW_SITE_RULES
  const { stations: _air, kit, fire, versions: _versions, ...air } = await readSurroundings(db, siteId, { rules, timeZone: site.timeZone, now }, null)
  const stations = Object.fromEntries((await readStations(db, siteId)).map(({ bayId, facts }) => [bayId, { ...facts, gates: {} }]))
  return { air: { site, rules, now, ...air }, stations, kit, fire }
}
