import type { z } from 'zod'
import { calibrate } from '#core/exposure/calibration'
import type { assessCalibrationResponse } from '#shared/contract/assess-calibration-schema'
import { assessCalibrationRequest } from '#shared/contract/assess-calibration-schema'
import { spoken } from '../../../spoken'
import { api, findingsOut, parseBody } from '../../../http'

/** What samples say of the model: how far off its emission and its capture are, before and after. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessCalibrationResponse>> => {
  const { samples, ...doubt } = await parseBody(event, assessCalibrationRequest)
  const { findings, whole, emission, capture } = calibrate({
    samples: samples.map(({ belowLoq, ...sample }) => ({ ...sample, isBelowLoq: belowLoq })),
    ...doubt,
  })
  const out = ({ before, after }: typeof whole) => ({ before: { ...before }, after: { ...after } })
  return {
    whole: out(whole),
    emission: out(emission),
    capture: out(capture),
    findings: findingsOut(findings.map(one => spoken(one))),
  }
})
