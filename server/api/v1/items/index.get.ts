import type { Readings } from '#shared/contract/answers'
import { getQuery } from 'h3'
import { z } from 'zod'
import { EQUIPMENT_KINDS } from '#core/ids/vocabulary'
import { findKitItems } from '../../../tables/kit-item'
import { api, parse, requireSignedIn } from '../../../http'
import { useRunning } from '../../../running'

const querySchema = z.strictObject({
  begins: z.string().max(24).default(''),
  kind: z.enum(EQUIPMENT_KINDS).optional(),
  limit: z.coerce.number().int().min(1).max(200).default(30),
})

/** Things by the beginning of their tag, or by kind. */
export default api(async (event): Promise<Readings['items']> => {
  const { siteId } = await requireSignedIn(event)
  const { begins, kind, limit } = parse(querySchema, getQuery(event))
  return { items: await findKitItems(useRunning().pool, siteId, { begins, kind: kind ?? null, limit }) }
})
