import { setHeader } from 'h3'
import type { Readings } from '#shared/contract/answers'
import { judgeSite } from '#core/site-facts/judge-site'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { inTransaction } from '../../../database/connection'
import { nowIso } from '../../../clock'
import { api } from '../../../http'
import { knownDevice } from '../../../known-device'
import { useRunning } from '../../../running'
import { readHouseRules } from '../../../tables/house-rules'
import { onlySite, readSite } from '../../../tables/site'
import { readWholeSite } from '../../../tables/site-facts'

/** How the bays of a site stand now: counted, so that nobody is named. */
async function countBays(siteId: string): Promise<NonNullable<Readings['public/shop']['today']>> {
  const { pool, clock } = useRunning()
  return inTransaction(pool, async (db) => {
    await db.query('set transaction isolation level repeatable read read only')
    const at = nowIso(clock)
    const judged = judgeSite(await readWholeSite(db, siteId, at))
    const count = (word: (typeof judged)[number]['verdict']['word']) => judged.filter(({ verdict }) => verdict.word === word).length
    return { clear: count('clear-to-strike'), hold: count('hold'), stopped: count('stopped'), at }
  })
}

/** What stands outside the door: whom to call, for anybody; how the bays stand, for a device on which somebody of the shop signed in. */
export default api(async (event): Promise<Readings['public/shop']> => {
  const { pool } = useRunning()
  setHeader(event, 'cache-control', 'no-store')
  const device = await knownDevice(event)
  const siteId = device?.siteId ?? await onlySite(pool)
  if (siteId === null) return { shop: null, today: null }
  const [site, rules] = await Promise.all([readSite(pool, siteId), readHouseRules(pool, siteId)])
  const { emergencyNumber, firePointNumber, firstAidNumber, gasSupplierNumber } = rules?.value ?? NEW_SITE_RULES
  const { name = '', timeZone = 'UTC' } = site?.value ?? {}
  return {
    shop: { name, timeZone, calls: { emergencyNumber, firePointNumber, firstAidNumber, gasSupplierNumber } },
    today: device ? await countBays(siteId) : null,
  }
})
