import type { Readings } from '#shared/contract/answers'
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
  const site = await readSite(pool, who.siteId)
  return {
    person: { personId, name, roles, areaId, bayId, competences },
    site: { siteId: who.siteId, name: site?.value.name ?? '' },
    firstRun: false,
    knownDevice: true,
    now: serverNow(),
  }
})
