import type { z } from 'zod'
import { withdrawal } from '#core/cylinder/withdrawal'
import type { assessWithdrawalResponse } from '#shared/contract/assess-cylinder-schema'
import { assessWithdrawalRequest } from '#shared/contract/assess-cylinder-schema'
import { api, assessed, parseBody } from '../../../http'

/** How fast acetylene may be drawn, and how many cylinders that makes. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessWithdrawalResponse>> =>
  assessed(withdrawal(await parseBody(event, assessWithdrawalRequest))),
)
