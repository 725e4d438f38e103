import type { Readings } from '#shared/contract/answers'
import { parseDate } from '@internationalized/date'
import { getQuery } from 'h3'
import { z } from 'zod'
import { KIT_ROWS } from '#shared/beside'
import { countKit, readDue, readOut } from '../../../tables/kit-item'
import { api, parse, requireSignedIn } from '../../../http'
import { useRunning } from '../../../running'
import { shopDayNow } from '../../../shop-day'
import { readCheckLists } from '../../../tables/check-lists'

const querySchema = z.strictObject({
  days: z.coerce.number().int().min(0).max(400).default(7),
  limit: z.coerce.number().int().min(1).max(500).default(KIT_ROWS),
  afterDueOn: z.string().regex(/^(now|\d{4}-\d{2}-\d{2})$/, 'a date, or now').optional(), afterTag: z.string().max(24).optional(),
})

/** What is out of service, and what falls due by the calendar in the next days, soonest first, page by page. */
export default api(async (event): Promise<Readings['kit']> => {
  const { siteId } = await requireSignedIn(event)
  const { days, limit, afterDueOn, afterTag } = parse(querySchema, getQuery(event))
  const { pool } = useRunning()
  const { today } = await shopDayNow(pool, siteId)
  const after = afterDueOn !== undefined && afterTag !== undefined ? { dueOn: afterDueOn, tagId: afterTag } : null
  const [counts, out, due, { version, lists }] = await Promise.all([
    countKit(pool, siteId, today),
    after ? [] : readOut(pool, siteId, limit),
    readDue(pool, siteId, parseDate(today).add({ days }).toString(), limit, after),
    readCheckLists(pool, siteId),
  ])
  return { today, counts, out, due, lists, listsVersion: version }
})
