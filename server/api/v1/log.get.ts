import { getQuery } from 'h3'
import { z } from 'zod'
import type { LogReading } from '#shared/readings'
import { readLog } from '../../database/log'
import { api, parse, requireRight } from '../../http'
import { useRunning } from '../../running'

const querySchema = z.strictObject({
  before: z.coerce.number().int().min(1).optional(),
  limit: z.coerce.number().int().min(1).max(200).default(60),
  streamId: z.string().max(100).optional(),
})

/** The record, newest first, page by page: pass `next` as `before`. */
export default api(async (event): Promise<LogReading> => {
  const { siteId } = await requireRight(event, 'read-records')
  const { before, limit, streamId } = parse(querySchema, getQuery(event))
  const entries = await readLog(useRunning().pool, siteId, { before: before ?? null, limit, streamId: streamId ?? null })
  return { entries, next: entries.length === limit ? entries.at(-1)!.position : null }
})
