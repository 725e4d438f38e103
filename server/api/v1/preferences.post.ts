import { preferencesRequest } from '#shared/contract/sign-in-schema'
import { api, parseBody, requireSignedIn } from '../../http'
import { useRunning } from '../../running'
import { setLanguage } from '../../tables/preference'

/** Sets one's own language, on every device. It is no part of the record: it changes how things are said, not what was done. */
export default api(async (event) => {
  const { siteId, person } = await requireSignedIn(event)
  const { language } = await parseBody(event, preferencesRequest)
  await setLanguage(useRunning().pool, siteId, person.personId, language)
  return {}
})
