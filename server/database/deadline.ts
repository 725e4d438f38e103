import type { Queryable } from './connection'

export interface Deadline { readonly kind: string, readonly dueAt: string }
export interface DueDeadline extends Deadline { readonly siteId: string, readonly streamId: string }

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

/** What is due at an instant, oldest first. Any process may ask: firing is made once by the command's id. */
export async function dueDeadlines(db: Queryable, nowIso: string, limit = 100): Promise<DueDeadline[]> {
  const { rows } = await db.query<{ site_id: string, stream_id: string, kind: string, due_at: Date }>(
    'select site_id, stream_id, kind, due_at from deadline where due_at <= $1 order by due_at limit $2', [nowIso, limit])
  return rows.map(row => ({ siteId: row.site_id, streamId: row.stream_id, kind: row.kind, dueAt: row.due_at.toISOString() }))
}
