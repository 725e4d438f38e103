import type { z } from 'zod'
import { decideHotWork } from '#core/hotwork/decide-hot-work'
import { sourceOf } from '#core/source/book'
import type { assessHotWorkResponse } from '#shared/contract/permit-schema'
import { assessHotWorkRequest } from '#shared/contract/permit-schema'
import { api, findingsOut, parseBody } from '../../../http'
import { spoken } from '../../../spoken'
import { wordsHere } from '../../../words/here'

/** Bay, permit or forbidden; with which precautions and how much watch. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessHotWorkResponse>> => {
  const { place, job, conditions, house } = await parseBody(event, assessHotWorkRequest)
  const plan = decideHotWork(place, job, conditions, house)
  return {
    class: plan.class,
    watch: plan.watch,
    precautions: plan.precautions.map(({ id, mustBeDone, sources }) => ({
      id,
      text: wordsHere().hotworkWords.precautions[id],
      mustBeDone,
      sources: sources.map(sourceOf),
    })),
    reach: plan.reach && {
      publishedRadiusM: plan.reach.publishedRadiusM,
      reachM: plan.reach.reachM && { ...plan.reach.reachM },
      radiusM: plan.reach.radiusM,
    },
    findings: findingsOut(plan.findings.map(said => spoken(said))),
  }
})
