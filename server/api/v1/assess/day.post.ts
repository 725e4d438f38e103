import type { z } from 'zod'
import { assessDay } from '#core/air/assess-day'
import type { ExposureJudgement } from '#core/exposure/judge-exposure'
import { breathedSubstances } from '#core/exposure/judge-exposure'
import type { Range } from '#core/range'
import { sourceOf } from '#core/source/book'
import { spoken } from '../../../spoken'
import type { assessDayResponse } from '#shared/contract/assess-air-schema'
import { assessDayRequest } from '#shared/contract/assess-air-schema'
import { api, findingsOut, parseBody } from '../../../http'

const percentiles = ({ low, mid, high }: Range) => ({ p05: low, p50: mid, p95: high })

const sumOf = ({ fraction, uses, mixture }: ExposureJudgement) => ({
  fraction,
  limits: uses
    .filter(({ binds }) => binds)
    .map(({ limit: { substance, ruleSet, kind, valueMgPerM3, source }, fraction: used }) => ({
      substance, ruleSet, kind, valueMgPerM3, fraction: used, source: sourceOf(source),
    })),
  mixture: mixture && { group: mixture.group, span: mixture.span, ruleSet: mixture.ruleSet, fraction: mixture.fraction },
})

/** The day of one person over every arc they weld at, help at or work near. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessDayResponse>> => {
  const { work, mask, daysPerWeek, ...rest } = await parseBody(event, assessDayRequest)
  const { hours, air, judgement, inside, findings } = assessDay({
    ...rest,
    daysAWeek: daysPerWeek,
    work: work.map(({ job: { strippedMm, ...job }, ...stretch }) => ({ ...stretch, job: { ...job, strippedWidthMm: strippedMm ?? 0 } })),
    ...(mask ? { mask: { apf: mask.apf, isSupplied: mask.supplied, wornShare: mask.wornShare } } : {}),
  })
  return {
    hours,
    substances: air
      ? breathedSubstances(air.breathed).map((id) => {
          const { twa, twaBesides, shortTerm, peak } = air.breathed[id]!
          return {
            id,
            twaMgPerM3: percentiles(twa),
            betweenMgPerM3: percentiles(twaBesides),
            shortTermMgPerM3: percentiles(shortTerm),
            peakMgPerM3: percentiles(peak),
          }
        })
      : [],
    outside: judgement && sumOf(judgement),
    inside: inside && { ...sumOf(inside.judgement), factor: inside.factor },
    findings: findingsOut(findings.map(said => spoken(said))),
  }
})
