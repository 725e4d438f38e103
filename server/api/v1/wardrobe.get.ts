import type { Readings } from '#shared/contract/answers'
import { mayDo } from '#core/rights/rights'
import { readSizes } from '../../tables/care'
import { readWardrobe } from '../../tables/wardrobe'
import { api, requireSignedIn } from '../../http'
import { useRunning } from '../../running'

/** The clothes that the shop lends, and for whoever dresses people the sizes that these wear. */
export default api(async (event): Promise<Readings['wardrobe']> => {
  const { siteId, holder } = await requireSignedIn(event)
  const { pool } = useRunning()
  return { ...await readWardrobe(pool, siteId), sizes: mayDo(holder, 'door-checks') ? await readSizes(pool, siteId) : {} }
})
