import type { Readings } from '#shared/contract/answers'
import { cylinderFact, requalificationOf } from '#core/cylinder/cylinder-fact'
import { api, requireSignedIn } from '../../http'
import { useRunning } from '../../running'
import { shopDayNow } from '../../shop-day'
import { readPlaces } from '../../tables/place'
import { readCylinders } from '../../tables/cylinder'

/** Places and the cylinders that are here, each judged for today. */
export default api(async (event): Promise<Readings['gas']> => {
  const { siteId } = await requireSignedIn(event)
  const { pool } = useRunning()
  const { rules, today, dayEnds } = await shopDayNow(pool, siteId)
  const [places, cylinders] = await Promise.all([readPlaces(pool, siteId), readCylinders(pool, siteId)])
  return {
    today,
    places,
    cylinders: cylinders.map(row => ({
      ...row,
      fact: cylinderFact(row.cylinder, rules, today, dayEnds),
      nextDue: requalificationOf(row.cylinder, today).nextDue,
    })),
  }
})
