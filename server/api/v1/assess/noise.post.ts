import type { z } from 'zod'
import { noiseDay } from '#core/hearing/noise-dose'
import type { assessNoiseResponse } from '#shared/contract/assess-protection-schema'
import { assessNoiseRequest } from '#shared/contract/assess-protection-schema'
import { api, assessed, parseBody } from '../../../http'

/** A day of noise by a rule, and what protectors leave of it. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessNoiseResponse>> =>
  assessed(noiseDay(await parseBody(event, assessNoiseRequest))),
)
