import type { z } from 'zod'
import { judgeStorage } from '#core/cylinder/storage'
import { sourceOf } from '#core/source/book'
import type { assessStorageResponse } from '#shared/contract/assess-cylinder-schema'
import { assessStorageRequest } from '#shared/contract/assess-cylinder-schema'
import { api, assessed, parseBody } from '../../../http'

/** How cylinders stand in store: what is too near to what. Stateless; needs no session. */
export default api(async (event): Promise<z.input<typeof assessStorageResponse>> => {
  const { conflicts, totals, findings } = judgeStorage(await parseBody(event, assessStorageRequest))
  return assessed({
    conflicts: conflicts.map(conflict => ({ ...conflict, between: [...conflict.between], source: sourceOf(conflict.source) })),
    totals: { ...totals },
    findings,
  })
})
