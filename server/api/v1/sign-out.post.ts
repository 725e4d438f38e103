import { api } from '../../http'

export default api(async (event) => {
  await clearUserSession(event)
  return {}
})
