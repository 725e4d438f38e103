import type { z } from 'zod'
import { respiratorsFor } from '#core/respirator/judge-respirator'
import { DEFICIENT_BELOW_PERCENT } from '#core/ventilation/oxygen'
import { sourceOf } from '#core/source/book'
import { spoken } from '../../../spoken'
import type { assessRespiratorResponse } from '#shared/contract/assess-air-schema'
import { assessRespiratorRequest } from '#shared/contract/assess-air-schema'
import { api, findingsOut, parseBody } from '../../../http'

/** Which respirators give the protection that is needed, and which do not. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessRespiratorResponse>> => {
  const {
    hazardRatio,
    gases = [],
    oxygenPercent,
    jurisdiction = 'us',
    actionFraction = 1,
  } = await parseBody(event, assessRespiratorRequest)
  const lacks = oxygenPercent !== undefined && oxygenPercent < DEFICIENT_BELOW_PERCENT
  const { neededApf, masks, findings } = respiratorsFor(
    { neededApf: Math.max(1, hazardRatio / actionFraction), gases, oxygenLack: lacks },
    jurisdiction,
  )
  return {
    requiredApf: neededApf,
    masks: masks.map(({ mask, apf, suits, isTight, isSupplied, source }) => ({
      mask,
      apf,
      suits,
      tight: isTight,
      supplied: isSupplied,
      source: sourceOf(source),
    })),
    findings: findingsOut(findings.map(said => spoken(said))),
  }
})
