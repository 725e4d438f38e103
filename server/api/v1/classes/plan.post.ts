import { assessHallClass } from '#core/placing/assess-class'
import type { ClassHelmet } from '#core/placing/class-helmets'
import { listsInForce } from '#core/streams/check-lists/check-lists'
import { rackHelmetOf } from '#core/shade/rack-of-register'
import { shopDayAt } from '#core/streams/scene'
import { joinFacts } from '#core/site-facts/join-facts'
import { classPlanRequest } from '#shared/contract/class-plan-schema'
import type { Forms } from '#shared/contract/answers'
import { inTransaction } from '../../../database/connection'
import { nowIso } from '../../../clock'
import { api, findingsOut, parseBody, requireRight } from '../../../http'
import { withSolver } from '../../../planning/solver'
import { spoken } from '../../../spoken'
import { findKitItems, HELMETS_AT_MOST } from '../../../tables/kit-item'
import { readWholeSite } from '../../../tables/site-facts'
import { useRunning } from '../../../running'

/** Plans a class of the shop: who welds at which bay in which part of its hours. Nothing is placed by that. */
export default api(async (event): Promise<Forms['classes/plan']['answers']> => {
  const { siteId } = await requireRight(event, 'door-checks')
  const asked = await parseBody(event, classPlanRequest)
  const { pool, clock } = useRunning()
  const { standing, helmets } = await inTransaction(pool, async (db) => {
    await db.query('set transaction isolation level repeatable read read only')
    const facts = await readWholeSite(db, siteId, nowIso(clock))
    const found = await findKitItems(db, siteId, { begins: '', kind: 'helmet', limit: HELMETS_AT_MOST })
    const [today, lists] = [shopDayAt(facts, facts.now), listsInForce(facts.lists)]
    return {
      standing: joinFacts(facts),
      helmets: found.map(({ item }): ClassHelmet => ({
        helmet: rackHelmetOf(item, today, lists),
        holderId: item.assignment?.to === 'person' ? item.assignment.id : null,
      })),
    }
  })
  // The shop goes on while it is planned: no lock and no connection is held for that.
  const { periods, planned, findings } = await withSolver('shop', tools => assessHallClass(standing, asked, tools, helmets))
  const plan = planned?.plan ?? null
  return {
    isEnough: planned?.isEnough ?? false,
    isProven: plan?.isProven ?? null,
    leastArcMin: plan?.leastArcMin ?? null,
    periods: [...periods],
    placings: plan?.placings.map(placing => ({ ...placing })) ?? [],
    people: plan?.people.map(one => ({ ...one })) ?? [],
    forbids: [...planned?.forbids ?? []],
    findings: findingsOut(findings.map(said => spoken(said, standing.rules.units))),
  }
})
