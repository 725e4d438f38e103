import type { z } from 'zod'
import { sparkReach } from '#core/hotwork/spark-reach'
import type { assessSparkReachResponse } from '#shared/contract/permit-schema'
import { assessSparkReachRequest } from '#shared/contract/permit-schema'
import { api, assessed, parseBody } from '../../../http'

/** How far sparks fly, and how large a circle must be clear. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessSparkReachResponse>> =>
  assessed(sparkReach(await parseBody(event, assessSparkReachRequest))),
)
