import type { Readings } from '#shared/contract/answers'
import { getQuery } from 'h3'
import { z } from 'zod'
import { NO_SITE } from '#core/streams/site/site'
import { readLog } from '../../tables/log'
import { readSite } from '../../tables/site'
import { api, parse, requireRight } from '../../http'
import { isReadable, readableStreams } from '../../readable'
import { useRunning } from '../../running'

const querySchema = z.strictObject({
  before: z.coerce.number().int().min(1).optional(),
  limit: z.coerce.number().int().min(1).max(200).default(60),
  streamId: z.string().regex(/^[a-z0-9/-]{1,100}$/, 'the id of a stream').optional(),
})

/** The record, newest first, page by page: pass `next` as `before`. */
export default api(async (event): Promise<Readings['log']> => {
  const { siteId, holder } = await requireRight(event, 'read-records')
  const { pool } = useRunning()
  const { before, limit, streamId } = parse(querySchema, getQuery(event))
  const readable = readableStreams((await readSite(pool, siteId))?.value ?? NO_SITE, holder)
  const asked = streamId === undefined ? readable : isReadable(readable, streamId) ? [streamId] : []
  const entries = await readLog(pool, siteId, { before: before ?? null, limit, streamIds: asked })
  return { entries, next: entries.length === limit ? entries.at(-1)!.position : null }
})
