import type { Readings } from '#shared/contract/answers'
import { readWardrobe } from '../../tables/wardrobe'
import { api, requireSignedIn } from '../../http'
import { useRunning } from '../../running'

/** The clothes that the shop lends. */
export default api(async (event): Promise<Readings['wardrobe']> => {
  const { siteId } = await requireSignedIn(event)
  return readWardrobe(useRunning().pool, siteId)
})
