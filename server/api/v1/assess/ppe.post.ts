import type { z } from 'zod'
import { judgeGarments } from '#core/ppe/judge-garments'
import type { assessPpeResponse } from '#shared/contract/assess-protection-schema'
import { assessPpeRequest } from '#shared/contract/assess-protection-schema'
import { api, assessed, parseBody } from '../../../http'

/** What somebody has on, judged zone by zone for a job. Stateless; needs no session; house rules apply only if sent. */
export default api(async (event): Promise<z.input<typeof assessPpeResponse>> => {
  const { job: { confined, ...job }, worn = [], house } = await parseBody(event, assessPpeRequest)
  const { zones, verdict } = judgeGarments({ ...job, ...confined ? { confinement: 'confined' } : {} }, worn, house)
  return { zones: zones.map(zone => assessed(zone)), verdict }
})
