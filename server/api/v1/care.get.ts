import type { Readings } from '#shared/contract/answers'
import { mayDo } from '#core/rights/rights'
import { api, requireSignedIn } from '../../http'
import { useRunning } from '../../running'
import { readCare } from '../../tables/care'

/** What is known of eyes and body: everybody's for the safety lead, one's own for everybody else. */
export default api(async (event): Promise<Readings['care']> => {
  const { siteId, person, holder } = await requireSignedIn(event)
  return { care: await readCare(useRunning().pool, siteId, mayDo(holder, 'health-fields') ? null : person.personId) }
})
