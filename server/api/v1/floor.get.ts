import type { FloorReading } from '#shared/readings'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { joinFacts } from '#core/site-facts/join-facts'
import { mayDo } from '#core/rights/rights'
import { NO_SITE } from '#core/streams/site/site'
import { readSiteFacts } from '../../tables/site-facts'
import { readNames } from '../../tables/person'
import { readPosition, readSite } from '../../tables/site'
import { readTrouble } from '../../database/deadline'
import { readUncovered } from '../../tables/permit'
import { readStations } from '../../tables/station'
import { inTransaction } from '../../database/connection'
import { api, requireSignedIn } from '../../http'
import { nowIso } from '../../clock'
import { useRunning } from '../../running'
import { readHouseRules } from '../../tables/house-rules'
import { readUnseen } from '../../tables/notice'

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
    const { facts, versions } = await readSiteFacts(db, siteId, { site: known, rules: inForce, now }, null)
    const { halls, sheets, surveys, wearers, kit, fire } = joinFacts(facts)
    return {
      position,
      site: known,
      rules: inForce,
      versions: { site: site?.version ?? 0, rules: rules?.version ?? 0 },
      stations: await readStations(db, siteId),
      people: await readNames(db, siteId),
      kit,
      fire,
      unseen: await readUnseen(db, siteId, person.personId),
      uncovered: await readUncovered(db, siteId, now),
      trouble: mayDo(holder, 'set-up-site') ? (await readTrouble(db, siteId)).map(({ streamId, kind, dueAt, tries, because }) => ({ streamId, kind, dueAt, tries, because })) : [],
      air: { halls, sheets, surveys, wearers, versions },
    }
  })
})
