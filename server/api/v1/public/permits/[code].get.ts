import type { Readings } from '#shared/contract/answers'
import { getRouterParam } from 'h3'
import { monitoringEndsAt, nextRound, watchEndsAt } from '#core/streams/permit/permit-deadlines'
import { readPublicPermit } from '../../../../tables/permit'
import { readNames } from '../../../../tables/person'
import { readSite } from '../../../../tables/site'
import { nowIso } from '../../../../clock'
import { addressOf, api, Problem, refuseTooMany } from '../../../../http'
import { giveCodeBack, waitBeforeCode } from '../../../../limits'
import { useRunning } from '../../../../running'
import { readHouseRules } from '../../../../tables/house-rules'
import { errorsHere } from '../../../../words/here'

/** What anybody may see who holds the paper: place, state, times, numbers to call; of people no more than a first name. */
export default api(async (event): Promise<Readings['public/permits/{code}']> => {
  const { pool, clock } = useRunning()
  const asked = getRouterParam(event, 'code') ?? ''
  const address = addressOf(event)
  refuseTooMany(event, await waitBeforeCode(address))
  const kept = /^[A-Za-z0-9_-]{6,64}$/.test(asked) ? await readPublicPermit(pool, asked) : null
  if (kept) await giveCodeBack(address)
  else throw new Problem(404, { error: errorsHere().noPermitByCode })
  const { siteId, permit } = kept
  const [site, rules, names] = await Promise.all([readSite(pool, siteId), readHouseRules(pool, siteId), readNames(pool, siteId)])
  const firstName = (personId: string): string => names.find(one => one.personId === personId)?.name.split(' ')[0] ?? ''
  return {
    code: permit.code,
    siteName: site?.value.name ?? '',
    timeZone: site?.value.timeZone ?? 'UTC',
    now: nowIso(clock),
    where: permit.request.place.where,
    what: permit.request.job.what,
    phase: permit.phase,
    fromAt: permit.request.fromAt,
    untilAt: permit.untilAt,
    watchEndsAt: watchEndsAt(permit),
    monitoringEndsAt: monitoringEndsAt(permit),
    roundDueAt: nextRound(permit)?.dueAt ?? null,
    suspendedBecause: permit.suspension?.cause ?? null,
    watching: permit.posts.map(({ personId }) => firstName(personId)),
    radiusM: permit.plan.radiusM,
    emergencyNumber: rules?.value.emergencyNumber ?? '',
    firePointNumber: rules?.value.firePointNumber ?? '',
  }
})
