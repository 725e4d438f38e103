import type { Readings } from '#shared/contract/answers'
import { getRouterParam } from 'h3'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { nearPermits } from '#core/hotwork/near-permits'
import { shownPermit } from '#core/streams/permit/permit-fact'
import { NO_SITE } from '#core/streams/site/site'
import { permitKitFacts } from '#core/streams/permit/permit-kit'
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
import { errorsHere } from '../../../../words/here'

/** A permit with its things, its neighbours in place and time, and its whole life. */
export default api(async (event): Promise<Readings['permits/{permitId}']> => {
  const who = await requireSignedIn(event)
  const { siteId } = who
  const { pool, clock } = useRunning()
  const permitId = getRouterParam(event, 'permitId') ?? ''
  const kept = await readPermit(pool, siteId, permitId)
  if (!kept) throw new Problem(404, { error: errorsHere().noPermit })
  const { place } = kept.permit.request
  const [site, rules, { lists }, items, placed, notices, screens] = await Promise.all([
    readSite(pool, siteId),
    readHouseRules(pool, siteId),
    readCheckLists(pool, siteId),
    readPermitItems(pool, siteId, permitId, place.bayId),
    readPermitsNear(pool, siteId, { placeId: place.placeId, radiusM: kept.permit.plan.radiusM }),
    readNoticesAbout(pool, siteId, permitStream(permitId)),
    countScreens(pool, siteId, nowIso(clock)),
  ])
  const scene = { site: site?.value ?? NO_SITE, rules: rules?.value ?? NEW_SITE_RULES }
  const life = await readLifeFor(pool, who, permitStream(permitId), { site: scene.site, permit: kept.permit })
  const own = placed.find(one => one.permitId === permitId) ?? { permitId, permit: kept.permit, place: null }
  return {
    permitId,
    version: kept.version,
    permit: shownPermit(kept.permit),
    kit: permitKitFacts(items, lists, scene, nowIso(clock)),
    near: nearPermits(own, placed).map(({ permitId: id, permit }) => ({
      permitId: id,
      code: permit.code,
      where: permit.request.place.where,
      phase: permit.phase,
    })),
    life,
    notices,
    screens,
  }
})
