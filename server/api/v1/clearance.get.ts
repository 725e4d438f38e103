import type { Readings } from '#shared/contract/answers'
import { setHeader } from 'h3'
import { RULES_VERSION } from '#core/clearance/assess-station'
import { judgeSite } from '#core/site-facts/judge-site'
import { earliestOf } from '#core/time/instant'
import { inTransaction } from '../../database/connection'
import { readPosition } from '../../tables/site'
import { nowIso } from '../../clock'
import { api, requireReader } from '../../http'
import { useRunning } from '../../running'
import { readWholeSite } from '../../tables/site-facts'
import { spoken } from '../../spoken'

/** The live verdicts of the site: for a wall, a lamp, or a machine's interlock. Signed in, or with a read-only device key. */
export default api(async (event): Promise<Readings['clearance']> => {
  const siteId = await requireReader(event)
  const { pool, clock } = useRunning()
  setHeader(event, 'cache-control', 'no-store')
  return inTransaction(pool, async (db) => {
    await db.query('set transaction isolation level repeatable read read only')
    const now = nowIso(clock)
    const facts = await readWholeSite(db, siteId, now)
    const judged = judgeSite(facts)
    return {
      site: facts.site.name,
      at: now,
      position: await readPosition(db, siteId),
      rulesVersion: RULES_VERSION,
      oldestFactAt: earliestOf(judged.map(({ oldestFactAt }) => oldestFactAt)),
      bays: judged.map(({ bay, verdict, oldestFactAt }) => ({
        bayId: bay.bayId,
        label: bay.label,
        word: verdict.word,
        isClear: verdict.word === 'clear-to-strike',
        reason: verdict.reason && spoken(verdict.reason).message,
        oldestFactAt,
        gates: {
          job: verdict.byId.job.state,
          eyes: verdict.byId.eyes.state,
          body: verdict.byId.body.state,
          air: verdict.byId.air.state,
          gas: verdict.byId.gas.state,
          machine: verdict.byId.machine.state,
          fire: verdict.byId.fire.state,
        },
      })),
    }
  })
})
