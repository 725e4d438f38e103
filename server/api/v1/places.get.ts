import type { Readings } from '#shared/contract/answers'
import { api, requireSignedIn } from '../../http'
import { useRunning } from '../../running'
import { readPlaces } from '../../tables/place'

/** The places of the site's grid, for choosing one. */
export default api(async (event): Promise<Readings['places']> => {
  const { siteId } = await requireSignedIn(event)
  return { places: await readPlaces(useRunning().pool, siteId) }
})
