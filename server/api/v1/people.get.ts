import type { Readings } from '#shared/contract/answers'
import { readPeople } from '../../tables/person'
import { api, requireRight } from '../../http'
import { useRunning } from '../../running'

export default api(async (event): Promise<Readings['people']> => {
  const { siteId } = await requireRight(event, 'manage-people')
  return { people: await readPeople(useRunning().pool, siteId) }
})
