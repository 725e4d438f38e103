import type { Readings } from '#shared/contract/answers'
import { getQuery } from 'h3'
import { z } from 'zod'
import { idSchema } from '#shared/contract/text-schema'
import { walkingOrder } from '#core/inspection/round'
import { readNames } from '../../../tables/person'
import { readStations } from '../../../tables/station'
import { readAssigned } from '../../../tables/kit-item'
import { api, parse, requireSignedIn } from '../../../http'
import { useRunning } from '../../../running'
import { shopDayNow } from '../../../shop-day'
import { readPlaces } from '../../../tables/place'
import { readCheckLists } from '../../../tables/check-lists'

const querySchema = z.strictObject({ bayId: idSchema.optional() })

/** Everything in use, in the order somebody walks by it; or what stands and is worn at one bay. */
export default api(async (event): Promise<Readings['kit/round']> => {
  const { siteId } = await requireSignedIn(event)
  const { bayId } = parse(querySchema, getQuery(event))
  const { pool } = useRunning()
  const { site, today } = await shopDayNow(pool, siteId)
  const [items, stations, places, names, { lists }] = await Promise.all([
    readAssigned(pool, siteId, bayId ?? null),
    readStations(pool, siteId),
    readPlaces(pool, siteId),
    readNames(pool, siteId),
    readCheckLists(pool, siteId),
  ])
  const standsAt = new Map(stations.flatMap(({ bayId, facts: { personId } }) => personId === null ? [] : [[personId, bayId] as const]))
  const stops = walkingOrder(items, {
    site,
    standsAt,
    places: places.map(({ placeId, place }) => ({ placeId, ...place })),
    names: new Map(names.map(({ personId, name }) => [personId, name])),
  })
  return { today, lists, stops: bayId === undefined ? stops : stops.filter(stop => stop.bayId === bayId) }
})
