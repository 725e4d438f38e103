import type { z } from 'zod'
import { laserHazard } from '#core/laser/laser-hazard'
import type { assessLaserResponse } from '#shared/contract/assess-protection-schema'
import { assessLaserRequest } from '#shared/contract/assess-protection-schema'
import { api, assessed, parseBody } from '../../../http'

/** How far a laser of the near infrared is dangerous, and whether eyewear answers. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessLaserResponse>> =>
  assessed(laserHazard(await parseBody(event, assessLaserRequest))),
)
