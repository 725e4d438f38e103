import type { FloorReading } from '#shared/readings'
import { NEW_SITE_RULES } from '#core/houserules/house-rules'
import { shopDayEndsAtMs, shopDayOf } from '#core/time/shop-day'
import { fireStanding } from '#core/clearance/join-fire'
import { judgeKit } from '#core/clearance/judge-kit'
import { mayDo } from '#core/person/rights'
import { NO_SITE } from '#core/site/site'
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
    const inForce = rules?.value ?? NEW_SITE_RULES
    const [nowMs, zone] = [clock.nowMs(), site?.value.timeZone ?? 'UTC']
    const dayEndsMs = shopDayEndsAtMs(nowMs, zone, inForce.shopDayHour)
    const { stations: _known, kit, fire, ...air } = await readSurroundings(db, siteId, { rules: inForce, timeZone: zone, now: nowIso(clock) }, null)
    const [today, dayEnds] = [shopDayOf(nowMs, zone, inForce.shopDayHour), new Date(dayEndsMs).toISOString()]
    return {
      position,
      site: site?.value ?? NO_SITE,
      rules: inForce,
      versions: { site: site?.version ?? 0, rules: rules?.version ?? 0 },
      stations: await readStations(db, siteId),
      people: await readNames(db, siteId),
      kit: judgeKit(kit, inForce, today, dayEnds),
      fire: fireStanding(fire, kit, today, dayEnds),
      unseen: await readUnseen(db, siteId, person.personId),
      uncovered: await readUncovered(db, siteId, nowIso(clock)),
      trouble: mayDo(holder, 'set-up-site') ? (await readTrouble(db, siteId)).map(({ streamId, kind, dueAt, tries, because }) => ({ streamId, kind, dueAt, tries, because })) : [],
      air,
    }
  })
})
