import type { z } from 'zod'
import { judgeElectricalTest } from '#core/electrical/electrical-test'
import type { assessElectricalTestResponse } from '#shared/contract/assess-cylinder-schema'
import { assessElectricalTestRequest } from '#shared/contract/assess-cylinder-schema'
import { api, assessed, parseBody } from '../../../http'

/** Readings of the periodic electrical test, judged. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessElectricalTestResponse>> => {
  const { passes, readings, findings } = judgeElectricalTest(await parseBody(event, assessElectricalTestRequest))
  return assessed({ passes, readings: readings.map(one => ({ ...one })), findings })
})
