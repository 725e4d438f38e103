import type { Readings } from '#shared/contract/answers'
import { findKitItems, HELMETS_AT_MOST } from '../../../tables/kit-item'
import { readCheckLists } from '../../../tables/check-lists'
import { api, requireSignedIn } from '../../../http'
import { useRunning } from '../../../running'
import { shopDayNow } from '../../../shop-day'

/** The helmets of the shop, and the lists they are looked at by: what a rack is solved from. */
export default api(async (event): Promise<Readings['kit/helmets']> => {
  const { siteId } = await requireSignedIn(event)
  const { pool } = useRunning()
  const { today } = await shopDayNow(pool, siteId)
  const [helmets, { lists }] = await Promise.all([
    findKitItems(pool, siteId, { begins: '', kind: 'helmet', limit: HELMETS_AT_MOST }),
    readCheckLists(pool, siteId),
  ])
  return { today, lists, helmets: helmets.filter(({ item }) => !item.isRetired) }
})
