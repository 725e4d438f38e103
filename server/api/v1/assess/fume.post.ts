import type { z } from 'zod'
import { assessSingleArc } from '#core/air/assess-fume'
import { breathedSubstances } from '#core/exposure/judge-exposure'
import { spoken } from '../../../spoken'
import type { assessFumeResponse } from '#shared/contract/assess-air-schema'
import { assessFumeRequest } from '#shared/contract/assess-air-schema'
import { api, findingsOut, parseBody } from '../../../http'

/** The fume of one arc in one room: what rises, what is breathed, and how much of each limit it is. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessFumeResponse>> => {
  const { job: { strippedMm, ...job }, ...rest } = await parseBody(event, assessFumeRequest)
  const { emission, breathed, judgement, findings } = assessSingleArc({
    ...rest, job: { ...job, strippedWidthMm: strippedMm ?? 0 },
  })
  const hardest = judgement?.fraction ?? null
  return {
    substances: breathed
      ? breathedSubstances(breathed).map((id) => {
          const { nearField, farField, twa } = breathed[id]!
          return {
            id,
            emissionMgPerMin: { ...emission.substances[id]!.mgPerMin },
            nearFieldMgPerM3: { ...nearField },
            farFieldMgPerM3: { ...farField },
            twaMgPerM3: { ...twa },
            limits: judgement!.uses
              .filter(({ limit, binds }) => binds && limit.substance === id)
              .map(({ limit: { ruleSet, kind, valueMgPerM3, source }, fraction }) => ({
                ruleSet,
                kind,
                valueMgPerM3,
                fraction,
                source: { ...source },
              })),
          }
        })
      : [],
    mixtureFraction: judgement?.mixture?.fraction ?? null,
    requiredApf: hardest === null ? null : Math.max(1, hardest),
    findings: findingsOut(findings.map(said => spoken(said))),
  }
})
