import type { Readings } from '#shared/contract/answers'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { readHouseRules } from '../../tables/house-rules'
import { readLanguage } from '../../tables/preference'
import { anySite, readSite } from '../../tables/site'
import { knownDevice } from '../../known-device'
import { api, serverNow, signedIn } from '../../http'
import { useRunning } from '../../running'

/** Who is signed in on this device. Never an error: nobody is an answer. */
export default api(async (event): Promise<Readings['session']> => {
  const { pool } = useRunning()
  const who = await signedIn(event)
  if (!who)
    return {
      person: null,
      site: null,
      firstRun: !(await anySite(pool)),
      knownDevice: (await knownDevice(event)) !== null,
      now: serverNow(),
    }
  const { personId, name, roles, areaId, bayId, competences } = who.person
  const [site, rules, language] = await Promise.all([
    readSite(pool, who.siteId),
    readHouseRules(pool, who.siteId),
    readLanguage(pool, who.siteId, personId),
  ])
  return {
    person: { personId, name, roles, areaId, bayId, competences, language },
    site: { siteId: who.siteId, name: site?.value.name ?? '', language: (rules?.value ?? NEW_SITE_RULES).language },
    firstRun: false,
    knownDevice: true,
    now: serverNow(),
  }
})
