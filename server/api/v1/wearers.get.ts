import type { Readings } from '#shared/contract/answers'
import { mayDo } from '#core/rights/rights'
import { api, requireSignedIn } from '../../http'
import { useRunning } from '../../running'
import { readWearers } from '../../tables/wearer'

/** Masks with their fit-test and medical dates: everybody's for the safety lead, one's own for everybody else. */
export default api(async (event): Promise<Readings['wearers']> => {
  const { siteId, person, holder } = await requireSignedIn(event)
  return { wearers: await readWearers(useRunning().pool, siteId, mayDo(holder, 'health-fields') ? null : person.personId) }
})
