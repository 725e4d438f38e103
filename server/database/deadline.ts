import type { Queryable } from './connection'

export interface Deadline { readonly kind: string, readonly dueAt: string }
export interface DueDeadline extends Deadline { readonly siteId: string, readonly streamId: string, readonly version: number }

/** Replaces what falls due for a stream. */
export async function setDeadlines(db: Queryable, siteId: string, streamId: string, deadlines: readonly Deadline[]): Promise<void> {
  await db.query(`
    with gone as (
      delete from deadline where site_id = $1 and stream_id = $2 and kind <> all($3::text[])
    )
    insert into deadline (site_id, stream_id, kind, due_at)
    select $1, $2, d.kind, d.due_at from unnest($3::text[], $4::timestamptz[]) as d (kind, due_at)
    on conflict (site_id, stream_id, kind) do update set due_at = excluded.due_at`,
  [siteId, streamId, deadlines.map(d => d.kind), deadlines.map(d => d.dueAt)])
}

/** What is due at an instant, oldest first, with its stream's version. Any process may ask: what fires is decided under the stream's lock. */
export async function dueDeadlines(db: Queryable, nowIso: string, limit = 100): Promise<DueDeadline[]> {
  const { rows } = await db.query<{ site_id: string, stream_id: string, kind: string, due_at: Date, version: number }>(
    'select d.site_id, d.stream_id, d.kind, d.due_at, s.version from deadline d join stream s on s.site_id = d.site_id and s.stream_id = d.stream_id where d.due_at <= $1 order by d.due_at, d.kind limit $2', [nowIso, limit])
  return rows.map(row => ({ siteId: row.site_id, streamId: row.stream_id, kind: row.kind, dueAt: row.due_at.toISOString(), version: row.version }))
}
