import type pg from 'pg'
import type { Queryable } from '../database/connection'
import type { Instant } from '#core/time/instant'
import { SITE_STREAM } from '#core/ids/streams'

/** A site is opened once: what was read stays true. By database, for one process may serve several. */
const known = new WeakMap<pg.Pool, Map<string, string>>()

/** When a site was opened, as its first event says; null while it is not. */
export async function siteOpenedAt(pool: pg.Pool, db: Queryable, siteId: string): Promise<string | null> {
  const sites = known.get(pool) ?? new Map<string, string>()
  known.set(pool, sites)
  const before = sites.get(siteId)
  if (before !== undefined) return before
  const { rows } = await db.query<{ at: Instant }>(
    'select body_json ->> \'at\' as at from event where site_id = $1 and stream_id = $2 and version = 1',
    [siteId, SITE_STREAM],
  )
  if (rows[0]) sites.set(siteId, rows[0].at)
  return rows[0]?.at ?? null
}
