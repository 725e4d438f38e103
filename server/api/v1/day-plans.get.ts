import type { Readings } from '#shared/contract/answers'
import { readDayPlans } from '../../tables/day-plans'
import { api, requireRight } from '../../http'
import { useRunning } from '../../running'

/** The days that are kept to be opened again. */
export default api(async (event): Promise<Readings['day-plans']> => {
  const { siteId } = await requireRight(event, 'set-jobs')
  return readDayPlans(useRunning().pool, siteId)
})
