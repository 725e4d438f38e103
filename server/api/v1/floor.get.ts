import type { FloorReading } from '#shared/readings'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { joinFacts } from '#core/site-facts/join-facts'
import { mayDo } from '#core/rights/rights'
import { NO_SITE } from '#core/streams/site/site'
import { readSurroundings } from '../../database/surroundings'
import { readNames } from '../../database/person'
import { readHouseRules, readPosition, readSite } from '../../database/site'
import { readTrouble } from '../../database/deadline'
import { readUncovered } from '../../database/permit'
import { readUnseen } from '../../database/store'
import { readStations } from '../../database/station'
import { inTransaction } from '../../database/connection'
import { api, requireSignedIn } from '../../http'
import { nowIso } from '../../clock'
import { useRunning } from '../../running'

/** Everything the board judges from, as of one position: the browser judges with the same core. */
export default api(async (event): Promise<FloorReading> => {
  const { siteId, person, holder } = await requireSignedIn(event)
  const { pool, clock } = useRunning()
  return inTransaction(pool, async (db) => {
    await db.query('set transaction isolation level repeatable read read only')
    const position = await readPosition(db, siteId)
    const site = await readSite(db, siteId)
    const rules = await readHouseRules(db, siteId)
    const [known, inForce, now] = [site?.value ?? NO_SITE, rules?.value ?? NEW_SITE_RULES, nowIso(clock)]
    const { kit, fire, versions, ...air } = await readSurroundings(db, siteId, { rules: inForce, timeZone: known.timeZone, now }, null)
    const standing = joinFacts({ site: known, rules: inForce, now, ...air, ...kit, ...fire })
    const { halls, sheets, surveys, wearers } = standing
    return {
      position,
      site: known,
      rules: inForce,
      versions: { site: site?.version ?? 0, rules: rules?.version ?? 0 },
      stations: await readStations(db, siteId),
      people: await readNames(db, siteId),
      kit: standing.kit,
      fire: standing.fire,
      unseen: await readUnseen(db, siteId, person.personId),
      uncovered: await readUncovered(db, siteId, now),
      trouble: mayDo(holder, 'set-up-site') ? (await readTrouble(db, siteId)).map(({ streamId, kind, dueAt, tries, because }) => ({ streamId, kind, dueAt, tries, because })) : [],
      air: { halls, sheets, surveys, wearers, versions },
    }
  })
})
