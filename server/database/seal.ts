import { createHash } from 'node:crypto'
import type { Seal } from '#core/seal/seal'
import { SEAL_STREAM } from '#core/command/commands'
import type { Queryable } from './connection'

export interface SiteToSeal { readonly siteId: string, readonly timeZone: string, readonly shopDayHour: number, readonly lastSealedDay: string | null }

/** Every site, with the day last sealed. */
export async function sitesToSeal(db: Queryable): Promise<SiteToSeal[]> {
  const { rows } = await db.query<{ site_id: string, time_zone: string, shop_day_hour: number, day: string | null }>(`
    select s.site_id, s.site ->> 'timeZone' as time_zone, coalesce((r.rules ->> 'shopDayHour')::int, 4) as shop_day_hour,
      (select e.body_json -> 'payload' ->> 'day' from event e where e.site_id = s.site_id and e.stream_id = $1 order by e.version desc limit 1) as day
    from site_reading s left join house_rules_reading r on r.site_id = s.site_id`, [SEAL_STREAM])
  return rows.map(row => ({ siteId: row.site_id, timeZone: row.time_zone, shopDayHour: row.shop_day_hour, lastSealedDay: row.day }))
}

/**
 * What a seal says of a site: a digest over the head of every stream but the seal's own, as of a position.
 *
 * @param upTo the position; the last one when left out
 */
export async function readSealState(db: Queryable, siteId: string, upTo?: number): Promise<Omit<Seal, 'day'>> {
  const { rows } = await db.query<{ stream_id: string, version: number, hash: string, last: number }>(`
    select distinct on (stream_id) stream_id, version, hash, max(position) over () as last
    from event where site_id = $1 and stream_id <> $2 and ($3::bigint is null or position <= $3)
    order by stream_id, version desc`, [siteId, SEAL_STREAM, upTo ?? null])
  const lines = rows.map(row => `${row.stream_id} ${row.version} ${row.hash}\n`).sort()
  return { headsSha256: createHash('sha256').update(lines.join('')).digest('hex'), streams: rows.length, position: Number(rows[0]?.last ?? 0) }
}

/** Every seal of a site, oldest first. */
export async function readSeals(db: Queryable, siteId: string): Promise<Seal[]> {
  const { rows } = await db.query<{ payload: Seal }>(
    `select body_json -> 'payload' as payload from event where site_id = $1 and stream_id = $2 order by version`, [siteId, SEAL_STREAM])
  return rows.map(({ payload }) => payload)
}
