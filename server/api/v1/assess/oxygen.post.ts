import type { z } from 'zod'
import { oxygenAfter } from '#core/ventilation/oxygen'
import { spoken } from '../../../spoken'
import type { assessOxygenResponse } from '#shared/contract/assess-air-schema'
import { assessOxygenRequest } from '#shared/contract/assess-air-schema'
import { api, findingsOut, parseBody } from '../../../http'

/** Oxygen left after a leak or a purge, or oxygen too much. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessOxygenResponse>> => {
  const { findings, ...answer } = oxygenAfter(await parseBody(event, assessOxygenRequest))
  return { ...answer, findings: findingsOut(findings.map(said => spoken(said))) }
})
