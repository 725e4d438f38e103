import type { z } from 'zod'
import { bystander } from '#core/optics/bystander'
import type { assessBystanderResponse } from '#shared/contract/assess-protection-schema'
import { assessBystanderRequest } from '#shared/contract/assess-protection-schema'
import { api, assessed, parseBody } from '../../../http'

/** For how long, and from how far, somebody unprotected may see an arc. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessBystanderResponse>> =>
  assessed(bystander(await parseBody(event, assessBystanderRequest))),
)
