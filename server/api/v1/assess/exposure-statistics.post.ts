import type { z } from 'zod'
import { judgeSamples } from '#core/samples/compliance'
import { exposureCategories } from '#core/samples/exposure-categories'
import { lognormalMean } from '#core/samples/lognormal-mean'
import { countBy } from '#core/samples/substitution'
import { spoken } from '../../../spoken'
import type { assessExposureStatisticsResponse } from '#shared/contract/assess-air-schema'
import { assessExposureStatisticsRequest } from '#shared/contract/assess-air-schema'
import { api, findingsOut, parseBody } from '../../../http'

const finite = (value: number | null | undefined): number | null =>
  value === undefined || value === null || !Number.isFinite(value) ? null : value

/** Personal samples against a limit, by every way of counting results below the limit of quantification. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessExposureStatisticsResponse>> => {
  const { values, belowLoq, limit, unit } = await parseBody(event, assessExposureStatisticsRequest)
  const sample = values.map((value, i) => ({ value, isBelowLoq: belowLoq?.[i] ?? false }))
  const answer = judgeSamples(sample, limit)
  const { summary, exceedance, methods, findings, n, uT, verdict, test, method } = answer
  const ofShifts = lognormalMean(countBy(method, sample)?.values ?? [])
  return {
    n,
    belowLoq: answer.belowLoq,
    unit,
    uT,
    verdict,
    test,
    method,
    mean: finite(summary?.mean),
    gm: finite(summary?.gm),
    gsd: finite(summary?.gsd),
    p95: finite(summary?.p95),
    utl95_70: finite(summary?.utl95_70),
    utl95_95: finite(summary?.utl95_95),
    uR: finite(exceedance?.uR),
    mvueMean: finite(ofShifts?.mvue),
    meanLower95: finite(ofShifts?.lower95),
    meanUpper95: finite(ofShifts?.upper95),
    categories: [...exposureCategories(sample, limit)!],
    exceedanceFraction: finite(exceedance?.point),
    exceedanceUpper70: finite(exceedance?.upper70),
    exceedanceUpper95: finite(exceedance?.upper95),
    methods: methods.map(one => ({ ...one, uR: finite(one.uR) })),
    findings: findingsOut(findings.map(said => spoken(said))),
  }
})
