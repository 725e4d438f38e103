import type { FloorReading } from '#shared/readings'
import { NEW_SITE_RULES } from '#core/houserules/house-rules'
import { NO_SITE } from '#core/site/site'
import { readAir } from '../../database/air'
import { readNames } from '../../database/person'
import { readHouseRules, readPosition, readSite } from '../../database/site'
import { readStations } from '../../database/station'
import { inTransaction } from '../../database/connection'
import { api, requireSignedIn } from '../../http'
import { nowIso } from '../../clock'
import { useRunning } from '../../running'

/** Everything the board judges from, as of one position: the browser judges with the same core. */
export default api(async (event): Promise<FloorReading> => {
  const { siteId } = await requireSignedIn(event)
  const { pool, clock } = useRunning()
  return inTransaction(pool, async (db) => {
    await db.query('set transaction isolation level repeatable read read only')
    const position = await readPosition(db, siteId)
    const site = await readSite(db, siteId)
    const rules = await readHouseRules(db, siteId)
    const { stations: _known, ...air } = await readAir(db, siteId, rules?.value ?? NEW_SITE_RULES, nowIso(clock))
    return {
      position,
      site: site?.value ?? NO_SITE,
      rules: rules?.value ?? NEW_SITE_RULES,
      versions: { site: site?.version ?? 0, rules: rules?.version ?? 0 },
      stations: await readStations(db, siteId),
      people: await readNames(db, siteId),
      air,
    }
  })
})
