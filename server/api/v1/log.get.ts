import { getQuery } from 'h3'
import { z } from 'zod'
import { samplesStream, stationStream } from '#core/command/commands'
import { reachOf } from '#core/person/rights'
import type { Holder } from '#core/person/rights'
import type { LogReading } from '#shared/readings'
import type { Queryable } from '../../database/connection'
import { readLog } from '../../database/log'
import { readSite } from '../../database/site'
import { api, parse, requireRight } from '../../http'
import { useRunning } from '../../running'

const querySchema = z.strictObject({
  before: z.coerce.number().int().min(1).optional(),
  limit: z.coerce.number().int().min(1).max(200).default(60),
  streamId: z.string().regex(/^[a-z0-9/-]{1,100}$/, 'the id of a stream').optional(),
})

/** Streams of gas and kit, as a store keeper reads them. */
const GAS_AND_KIT = ['item/%', 'cylinder/%', 'place/%', 'check-lists'] as const

/** The streams this person may read: all of them (null), gas and kit, permits, or the bays of their own area with their samples. */
async function readableStreams(db: Queryable, siteId: string, holder: Holder): Promise<readonly string[] | null> {
  const reach = reachOf(holder, 'read-records')
  if (reach === 'all') return null
  if (reach === 'gas-and-kit') return GAS_AND_KIT
  if (reach === 'permits') return ['permit/%']
  const site = await readSite(db, siteId)
  return (site?.value.bays ?? []).filter(({ areaId }) => areaId === holder.areaId).flatMap(({ bayId }) => [stationStream(bayId), samplesStream(bayId)])
}

/** The record, newest first, page by page: pass `next` as `before`. */
export default api(async (event): Promise<LogReading> => {
  const { siteId, holder } = await requireRight(event, 'read-records')
  const { pool } = useRunning()
  const { before, limit, streamId } = parse(querySchema, getQuery(event))
  const readable = await readableStreams(pool, siteId, holder)
  const asked = streamId === undefined ? readable : readable === null || readable.includes(streamId) || readable.some(one => one.endsWith('%') && streamId.startsWith(one.slice(0, -1))) ? [streamId] : []
  const entries = await readLog(pool, siteId, { before: before ?? null, limit, streamIds: asked })
  return { entries, next: entries.length === limit ? entries.at(-1)!.position : null }
})
