import type { z } from 'zod'
import type { Range } from '#core/range'
import { assessSingleArc } from '#core/air/assess-fume'
import { breathedSubstances } from '#core/exposure/judge-exposure'
import { sourceOf } from '#core/source/book'
import { spoken } from '../../../spoken'
import type { assessFumeResponse } from '#shared/contract/assess-air-schema'
import { assessFumeRequest } from '#shared/contract/assess-air-schema'
import { api, findingsOut, parseBody } from '../../../http'

const percentilesOf = (range: Range | undefined) => range && { p05: range.low, p50: range.mid, p95: range.high }

/** The fume of one arc in one room: what rises, what is breathed, and how much of each limit it is. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessFumeResponse>> => {
  const { job: { strippedMm, ...job }, ...rest } = await parseBody(event, assessFumeRequest)
  const { emission, breathed, judgement, drawn, findings } = assessSingleArc({
    ...rest, job: { ...job, strippedWidthMm: strippedMm ?? 0 },
  })
  const hardest = judgement?.fraction ?? null
  return {
    substances: breathed
      ? breathedSubstances(breathed).map((id) => {
          const { nearField, farField, twa } = breathed[id]!
          const percentiles = drawn?.breathed[id]
          return {
            id,
            emissionMgPerMin: { ...emission.substances[id]!.mgPerMin, ...percentilesOf(drawn?.made[id]) },
            nearFieldMgPerM3: { ...nearField, ...percentilesOf(percentiles?.nearField) },
            farFieldMgPerM3: { ...farField, ...percentilesOf(percentiles?.farField) },
            twaMgPerM3: { ...twa, ...percentilesOf(percentiles?.twa) },
            limits: judgement!.uses
              .filter(({ limit, binds }) => binds && limit.substance === id)
              .map(({ limit: { ruleSet, kind, valueMgPerM3, source }, fraction }) => ({
                ruleSet,
                kind,
                valueMgPerM3,
                fraction,
                source: sourceOf(source),
              })),
          }
        })
      : [],
    mixtureFraction: judgement?.mixture?.fraction ?? null,
    ...(drawn ? { drivers: drawn.drivers.map(driver => ({ ...driver })) } : {}),
    requiredApf: hardest === null ? null : Math.max(1, hardest),
    findings: findingsOut(findings.map(said => spoken(said))),
  }
})
