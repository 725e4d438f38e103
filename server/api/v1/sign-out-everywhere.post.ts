import { dropDevicesOf } from '../../tables/device'
import { inTransaction } from '../../database/connection'
import { endSessionsOf } from '../../tables/session'
import { api, requireSignedIn } from '../../http'
import { useRunning } from '../../running'

/** Ends every session of the person who asks, and takes back every device that acts for them but the one in hand. */
export default api(async (event) => {
  const { siteId, deviceId, person } = await requireSignedIn(event)
  await inTransaction(useRunning().pool, async (db) => {
    await endSessionsOf(db, siteId, person.personId)
    await dropDevicesOf(db, siteId, person.personId, deviceId)
  })
  await clearUserSession(event)
  return {}
})
