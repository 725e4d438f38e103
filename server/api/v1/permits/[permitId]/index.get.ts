import { getRouterParam } from 'h3'
import { shopDayEndsAtMs, shopDayOf } from '#core/time/shop-day'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { nearPermits } from '#core/hotwork/near-permits'
import { shownPermit } from '#core/streams/permit/permit-fact'
import { NO_SITE } from '#core/streams/site/site'
import { listsInForce } from '#core/streams/check-lists/check-lists'
import { kitItemFact } from '#core/inspection/kit-item-fact'
import type { PermitPageReading } from '#shared/readings'
import { countScreens, readPermit, readPermitItems, readPermitsNear } from '../../../../tables/permit'
import { readSite } from '../../../../tables/site'
import { nowIso } from '../../../../clock'
import { api, Problem, requireSignedIn } from '../../../../http'
import { readLifeFor } from '../../../../readable'
import { useRunning } from '../../../../running'
import { permitStream } from '#core/ids/streams'
import { readHouseRules } from '../../../../tables/house-rules'
import { readNoticesAbout } from '../../../../tables/notice'
import { readCheckLists } from '../../../../tables/check-lists'

/** A permit with its things, its neighbours in place and time, and its whole life. */
export default api(async (event): Promise<PermitPageReading> => {
  const who = await requireSignedIn(event)
  const { siteId } = who
  const { pool, clock } = useRunning()
  const permitId = getRouterParam(event, 'permitId') ?? ''
  const kept = await readPermit(pool, siteId, permitId)
  if (!kept) throw new Problem(404, { error: 'There is no such permit.' })
  const { place } = kept.permit.request
  const [site, rules, { lists }, items, placed, notices, screens] = await Promise.all([
    readSite(pool, siteId), readHouseRules(pool, siteId), readCheckLists(pool, siteId), readPermitItems(pool, siteId, permitId, place.bayId), readPermitsNear(pool, siteId, { placeId: place.placeId, radiusM: kept.permit.plan.radiusM }),
    readNoticesAbout(pool, siteId, permitStream(permitId)), countScreens(pool, siteId, nowIso(clock)),
  ])
  const [nowMs, zone, hour] = [clock.nowMs(), site?.value.timeZone ?? 'UTC', (rules?.value ?? NEW_SITE_RULES).shopDayHour] as const
  const [today, dayEnds] = [shopDayOf(nowMs, zone, hour), new Date(shopDayEndsAtMs(nowMs, zone, hour)).toISOString()]
  const life = await readLifeFor(pool, who, permitStream(permitId), { site: site?.value ?? NO_SITE, permit: kept.permit })
  const own = placed.find(one => one.permitId === permitId) ?? { permitId, permit: kept.permit, place: null }
  return {
    permitId, version: kept.version, permit: shownPermit(kept.permit), kit: items.map(item => kitItemFact(item, listsInForce(lists), today, dayEnds)),
    near: nearPermits(own, placed).map(({ permitId: id, permit }) => ({ permitId: id, code: permit.code, where: permit.request.place.where, phase: permit.phase })),
    life, notices, screens,
  }
})
