import type { Readings } from '#shared/contract/answers'
import { getQuery } from 'h3'
import { z } from 'zod'
import { LOG_KINDS } from '#core/ids/log-kinds'
import { shopDaySpan } from '#core/time/shop-day'
import { readLog } from '../../tables/log'
import { api, parse, requireRight } from '../../http'
import { isReadable, readableStreams } from '../../readable'
import { useRunning } from '../../running'
import { shopDayNow } from '../../shop-day'

const id = z.string().regex(/^[a-z0-9-]{1,60}$/, 'an id: small letters, digits and hyphens').optional()
const querySchema = z.strictObject({
  before: z.coerce.number().int().min(1).optional(),
  limit: z.coerce.number().int().min(1).max(200).default(60),
  streamId: z.string().regex(/^[a-z0-9/-]{1,100}$/, 'the id of a stream').optional(),
  day: z.iso.date().optional(),
  personId: id,
  bayId: id,
  placeId: id,
  kind: z.enum(LOG_KINDS).optional(),
})

/** The record, newest first, page by page: pass `next` as `before`. What is asked for narrows what may be read, never widens it. */
export default api(async (event): Promise<Readings['log']> => {
  const { siteId, holder } = await requireRight(event, 'read-records')
  const { pool } = useRunning()
  const { before, limit, streamId, day, ...wanted } = parse(querySchema, getQuery(event))
  const { site, rules } = await shopDayNow(pool, siteId)
  const readable = readableStreams(site, holder)
  const streamIds = streamId === undefined ? readable : isReadable(readable, streamId) ? [streamId] : []
  const span = day === undefined ? null : shopDaySpan(day, site.timeZone, rules.shopDayHour)
  const [since, until] = span ? [span.sinceMs, span.endsAtMs].map(at => new Date(at).toISOString()) : []
  const entries = await readLog(pool, siteId, {
    before: before ?? null,
    limit,
    wanted: { ...wanted, streamIds, since, until },
  })
  return { entries, next: entries.length === limit ? entries.at(-1)!.position : null }
})
