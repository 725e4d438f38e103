import type { z } from 'zod'
import { weldingCable } from '#core/electrical/cable'
import type { assessCableResponse } from '#shared/contract/assess-cylinder-schema'
import { assessCableRequest } from '#shared/contract/assess-cylinder-schema'
import { api, assessed, parseBody } from '../../../http'

/** What a welding cable loses, and whether it bears the current. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessCableResponse>> =>
  assessed(weldingCable(await parseBody(event, assessCableRequest))),
)
