import type { z } from 'zod'
import { captureEfficiency } from '#core/ventilation/capture'
import { captureWindow } from '#core/ventilation/capture-window'
import { spoken } from '../../../spoken'
import type { assessCaptureResponse } from '#shared/contract/assess-air-schema'
import { assessCaptureRequest } from '#shared/contract/assess-air-schema'
import { api, findingsOut, parseBody } from '../../../http'

/** Where a hood captures this fume and leaves this shield gas alone. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessCaptureResponse>> => {
  const question = await parseBody(event, assessCaptureRequest)
  const { velocityAtArcMPerS, windowM, stands, findings } = captureWindow(question)
  const share = captureEfficiency(question)
  return {
    velocityAtArcMPerS, windowM: windowM && [windowM[0], windowM[1]], captureEfficiency: share ? { ...share } : null, stands,
    findings: findingsOut(findings.map(said => spoken(said))),
  }
})
