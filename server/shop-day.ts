import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { dayEndsAfter, shopDayAt } from '#core/streams/scene'
import type { Site } from '#core/streams/site/site'
import { NO_SITE } from '#core/streams/site/site'
import type { Queryable } from './database/connection'
import { readSite } from './tables/site'
import { nowIso } from './clock'
import { useRunning } from './running'
import type { Instant } from '#core/time/instant'
import { readHouseRules } from './tables/house-rules'

/** The day it is at a site, and what it is judged by. */
export interface ShopDay { readonly site: Site, readonly rules: HouseRules, readonly today: string, readonly dayEnds: Instant }

/** The day that it is at a site now. */
export async function shopDayNow(db: Queryable, siteId: string): Promise<ShopDay> {
  const [site, rules] = [(await readSite(db, siteId))?.value ?? NO_SITE, (await readHouseRules(db, siteId))?.value ?? NEW_SITE_RULES]
  const now = nowIso(useRunning().clock)
  return { site, rules, today: shopDayAt({ site, rules }, now), dayEnds: dayEndsAfter({ site, rules }, now) }
}
