import { createHash } from 'node:crypto'
import type { Seal } from '#core/streams/seal/seal'
import type { Queryable } from './connection'
import { SEAL_STREAM } from '#core/ids/streams'

export interface SiteToSeal {
  readonly siteId: string
  readonly timeZone: string
  readonly shopDayHour: number
  readonly lastSealedDay: string | null
  /** The last position that a seal speaks for; 0 before the first. */
  readonly lastPosition: number
}

/** Every site, with the day last sealed. */
export async function sitesToSeal(db: Queryable): Promise<SiteToSeal[]> {
  const { rows } = await db.query<{
    site_id: string
    time_zone: string
    shop_day_hour: number
    day: string | null
    position: number | null
  }>(
    `
    select s.site_id, s.site ->> 'timeZone' as time_zone, coalesce((r.rules ->> 'shopDayHour')::int, 4) as shop_day_hour,
      l.payload ->> 'day' as day, (l.payload ->> 'position')::bigint as position
    from site_reading s left join lateral (
      select e.body_json -> 'payload' as payload from event e where e.site_id = s.site_id and e.stream_id = $1 order by e.version desc limit 1) l on true
      left join house_rules_reading r on r.site_id = s.site_id`,
    [SEAL_STREAM],
  )
  return rows.map(row => ({
    siteId: row.site_id,
    timeZone: row.time_zone,
    shopDayHour: row.shop_day_hour,
    lastSealedDay: row.day,
    lastPosition: row.position ?? 0,
  }))
}

/**
 * What a seal says of a site: a digest over the head of every stream but the seal's own, as of a position.
 *
 * @param upTo the position; the last one when left out
 */
export async function readSealState(db: Queryable, siteId: string, upTo?: number): Promise<Omit<Seal, 'day'>> {
  const { rows } = await db.query<{ stream_id: string, version: number, hash: string, last: number }>(
    `
    select distinct on (stream_id) stream_id, version, hash, max(position) over () as last
    from event where site_id = $1 and stream_id <> $2 and ($3::bigint is null or position <= $3)
    order by stream_id, version desc`,
    [siteId, SEAL_STREAM, upTo ?? null],
  )
  const lines = rows.map(row => `${row.stream_id} ${row.version} ${row.hash}\n`).sort()
  return {
    headsSha256: createHash('sha256').update(lines.join('')).digest('hex'),
    streams: rows.length,
    position: Number(rows[0]?.last ?? 0),
  }
}

/** A seal with its place in the seal's own stream. */
export interface SealEvent extends Seal {
  readonly version: number
  readonly hash: string
}

/** Seals of a site after a version of their stream, oldest first. */
export async function readSealEvents(db: Queryable, siteId: string, afterVersion = 0): Promise<SealEvent[]> {
  const { rows } = await db.query<{ payload: Seal, version: number, hash: string }>(
    `select body_json -> 'payload' as payload, version, hash from event where site_id = $1 and stream_id = $2 and version > $3 order by version`,
    [siteId, SEAL_STREAM, afterVersion],
  )
  return rows.map(({ payload, version, hash }) => ({ ...payload, version, hash }))
}

/** The last position recorded before an instant; 0 when there is none. */
export async function positionBefore(db: Queryable, siteId: string, instant: string): Promise<number> {
  const { rows } = await db.query<{ last: number | null }>(
    'select max(position) as last from event where site_id = $1 and recorded_at < $2',
    [siteId, instant],
  )
  return rows[0]?.last ?? 0
}

/** When the first event after a position was recorded, that is no seal; null when there is none. */
export async function firstAfter(db: Queryable, siteId: string, position: number): Promise<string | null> {
  const { rows } = await db.query<{ at: Date | null }>(
    'select recorded_at as at from event where site_id = $1 and position > $2 and stream_id <> $3 order by position limit 1',
    [siteId, position, SEAL_STREAM],
  )
  return rows[0]?.at?.toISOString() ?? null
}
