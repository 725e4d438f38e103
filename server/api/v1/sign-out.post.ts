import { endSession } from '../../tables/session'
import { api } from '../../http'
import { useRunning } from '../../running'

/** Ends this session on the server too: a cookie that somebody kept opens nothing. The device still stops work. */
export default api(async (event) => {
  const { user } = await getUserSession(event)
  if (typeof user?.sessionId === 'string') await endSession(useRunning().pool, user.sessionId)
  await clearUserSession(event)
  return {}
})
