import type { z } from 'zod'
import { finding } from '#core/findings/finding'
import { fireWatchPlan } from '#core/hotwork/fire-watch'
import { LAW_WATCH_MIN } from '#core/hotwork/watch-plan'
import { zonedInstant } from '#core/time/zoned-instant'
import type { assessFireWatchResponse } from '#shared/contract/permit-schema'
import { assessFireWatchRequest } from '#shared/contract/permit-schema'
import { api, assessed, parseBody } from '../../../http'

/** The rounds of a watch and the visits after it, by the shop's own clock. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessFireWatchResponse>> => {
  const { workEndedAt, timeZone, ...rules } = await parseBody(event, assessFireWatchRequest)
  const plan = fireWatchPlan(Date.parse(workEndedAt), rules)
  const shown = (atMs: number) => zonedInstant(atMs, timeZone)
  const short
    = rules.afterMin < LAW_WATCH_MIN
      ? [finding('caution', 'hotwork.law-watch-shorter', { afterMin: rules.afterMin, lawMin: LAW_WATCH_MIN }, ['usWatch'])]
      : []
  return assessed({
    rounds: plan.rounds.map(({ atMs, kind }) => ({ at: shown(atMs), kind })),
    watchEndsAt: shown(plan.watchEndsAtMs),
    monitoringEndsAt: shown(plan.monitoringEndsAtMs),
    findings: [...short, finding('note', 'hotwork.advises', {}, ['watchClock'])],
  })
})
