import type { z } from 'zod'
import { dutyCycleAt } from '#core/electrical/duty-cycle'
import type { assessDutyCycleResponse } from '#shared/contract/assess-cylinder-schema'
import { assessDutyCycleRequest } from '#shared/contract/assess-cylinder-schema'
import { api, assessed, parseBody } from '../../../http'

/** Duty cycle at another current than the rating. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessDutyCycleResponse>> =>
  assessed(dutyCycleAt(await parseBody(event, assessDutyCycleRequest))),
)
