import { endSessions } from '../../database/credential'
import { api, requireSignedIn } from '../../http'
import { useRunning } from '../../running'

/** Ends every session of the person who asks, on every device. */
export default api(async (event) => {
  const { siteId, person } = await requireSignedIn(event)
  await endSessions(useRunning().pool, siteId, person.personId)
  await clearUserSession(event)
  return {}
})
