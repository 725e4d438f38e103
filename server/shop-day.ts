import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { shopDayEndsAtMs, shopDayOf } from '#core/time/shop-day'
import type { Site } from '#core/streams/site/site'
import { NO_SITE } from '#core/streams/site/site'
import type { Queryable } from './database/connection'
import { readSite } from './tables/site'
import { useRunning } from './running'
import type { Instant } from '#core/time/instant'
import { readHouseRules } from './tables/house-rules'

/** The day it is at a site, and what it is judged by. */
export interface ShopDay { readonly site: Site, readonly rules: HouseRules, readonly today: string, readonly dayEnds: Instant }

export async function shopDayAt(db: Queryable, siteId: string): Promise<ShopDay> {
  const [site, rules] = [(await readSite(db, siteId))?.value ?? NO_SITE, (await readHouseRules(db, siteId))?.value ?? NEW_SITE_RULES]
  const nowMs = useRunning().clock.nowMs()
  return { site, rules, today: shopDayOf(nowMs, site.timeZone, rules.shopDayHour), dayEnds: new Date(shopDayEndsAtMs(nowMs, site.timeZone, rules.shopDayHour)).toISOString() }
}
