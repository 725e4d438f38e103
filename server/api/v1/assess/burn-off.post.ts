import type { z } from 'zod'
import { assessBurnOff } from '#core/fume/assess-burn-off'
import type { assessBurnOffResponse } from '#shared/contract/assess-air-schema'
import { assessBurnOffRequest } from '#shared/contract/assess-air-schema'
import { api, assessed, parseBody } from '../../../http'

/** How far a coating boils beside a weld, and what of it stays in the air. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessBurnOffResponse>> => {
  const { airborneMgPerMin, ...answer } = assessed(assessBurnOff(await parseBody(event, assessBurnOffRequest)))
  const { low, mid, high } = airborneMgPerMin ?? {}
  return { ...answer, airborneMgPerMin: low === undefined ? null : { p05: low, p50: mid!, p95: high! } }
})
