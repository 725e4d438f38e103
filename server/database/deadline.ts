import type { Queryable } from './connection'
import type { Statement } from './statement'
import type { Instant } from '#core/time/instant'

export interface Deadline { readonly kind: string, readonly dueAt: Instant }
export interface DueDeadline extends Deadline {
  readonly siteId: string
  readonly streamId: string
  readonly version: number
  readonly tries: number
}

/** What replaces all that falls due for a stream. */
export const setDeadlines = (siteId: string, streamId: string, deadlines: readonly Deadline[]): readonly Statement[] => [
  {
    text: 'delete from deadline where site_id = $1 and stream_id = $2 and kind <> all($3::text[])',
    values: [siteId, streamId, deadlines.map(({ kind }) => kind)],
  },
  ...deadlines.length === 0
    ? []
    : [{
        text: `insert into deadline (site_id, stream_id, kind, due_at)
          select $1, $2, d.kind, d.due_at from unnest($3::text[], $4::timestamptz[]) as d (kind, due_at)
          on conflict (site_id, stream_id, kind) do update set due_at = excluded.due_at`,
        values: [siteId, streamId, deadlines.map(({ kind }) => kind), deadlines.map(({ dueAt }) => dueAt)],
      }],
]

/**
 * What is due at an instant, with its stream's version: what was never tried first, then oldest first; what was set aside waits for
 * its next try. Any process may ask: what fires is decided under the stream's lock.
 */
export async function dueDeadlines(db: Queryable, nowIso: string, limit = 100): Promise<DueDeadline[]> {
  const { rows } = await db.query<{ site_id: string, stream_id: string, kind: string, due_at: Date, version: number, tries: number }>(`
    select d.site_id, d.stream_id, d.kind, d.due_at, s.version, coalesce(t.tries, 0) as tries from deadline d
      join stream s on s.site_id = d.site_id and s.stream_id = d.stream_id
      left join clock_trouble t on t.site_id = d.site_id and t.stream_id = d.stream_id and t.kind = d.kind and t.due_at = d.due_at
    where d.due_at <= $1 and (t.retry_at is null or t.retry_at <= $1)
    order by coalesce(t.tries, 0), d.due_at, d.kind limit $2`, [nowIso, limit])
  return rows.map(row => ({
    siteId: row.site_id,
    streamId: row.stream_id,
    kind: row.kind,
    dueAt: row.due_at.toISOString(),
    version: row.version,
    tries: row.tries,
  }))
}

/** How many clocks rang before an instant and have not done their work. */
export async function countLate(db: Queryable, beforeIso: string): Promise<number> {
  const { rows } = await db.query<{ count: number }>('select count(*)::int as count from deadline where due_at < $1', [beforeIso])
  return rows[0]!.count
}

/** Is it due still, as it was? What a command of the clock was decided for is gone with it. */
export async function isStillDue(
  db: Queryable,
  { siteId, streamId, kind, dueAt }: Omit<DueDeadline, 'version' | 'tries'>,
): Promise<boolean> {
  const { rowCount } = await db.query('select 1 from deadline where site_id = $1 and stream_id = $2 and kind = $3 and due_at = $4', [
    siteId,
    streamId,
    kind,
    dueAt,
  ])
  return rowCount === 1
}

/** Something a clock could not do: what, since when it is due, how often it was tried, and why not. */
export interface ClockTrouble extends Deadline {
  readonly siteId: string
  readonly streamId: string
  readonly tries: number
  readonly retryAt: Instant
  readonly because: string
}

/** Sets one aside until its next try: after 2, 4, 8 ... and at most 300 s. Many processes may do so at once: each try counts. */
export async function setAside(
  db: Queryable,
  deadline: Omit<DueDeadline, 'version' | 'tries'>,
  because: string,
  nowIso: string,
): Promise<void> {
  const { siteId, streamId, kind, dueAt } = deadline
  await db.query(
    `
    insert into clock_trouble as t (site_id, stream_id, kind, due_at, tries, retry_at, because)
    values ($1, $2, $3, $4, 1, $5::timestamptz + interval '2 seconds', $6)
    on conflict (site_id, stream_id, kind) do update set
      due_at = excluded.due_at, because = excluded.because,
      tries = case when t.due_at = excluded.due_at then t.tries + 1 else 1 end,
      retry_at = $5::timestamptz + interval '1 second' * case when t.due_at = excluded.due_at then least(300, power(2, least(t.tries + 1, 9))) else 2 end`,
    [siteId, streamId, kind, dueAt, nowIso, because.slice(0, 500)],
  )
}

/** Forgets trouble with what is not due any more; a seal's ends with its day. */
export async function forgetSettled(db: Queryable): Promise<void> {
  await db.query(`delete from clock_trouble t where kind not in ('seal-day', 'anchor', 'air-of-day')
    and not exists (select 1 from deadline d where d.site_id = t.site_id and d.stream_id = t.stream_id and d.kind = t.kind and d.due_at = t.due_at)`)
}

/** One that went well at last. */
export async function forgetTrouble(db: Queryable, siteId: string, streamId: string, kind: string): Promise<void> {
  await db.query('delete from clock_trouble where site_id = $1 and stream_id = $2 and kind = $3', [siteId, streamId, kind])
}

interface TroubleRow { site_id: string, stream_id: string, kind: string, due_at: Date, tries: number, retry_at: Date, because: string }

/** What clocks could not do, of one site or (null) of all: longest due first. */
export async function readTrouble(db: Queryable, siteId: string | null, limit = 20): Promise<ClockTrouble[]> {
  const { rows } = await db.query<TroubleRow>(`
    select site_id, stream_id, kind, due_at, tries, retry_at, because from clock_trouble
    where $1::text is null or site_id = $1 order by due_at, stream_id limit $2`, [siteId, limit])
  return rows.map(row => ({
    siteId: row.site_id,
    streamId: row.stream_id,
    kind: row.kind,
    dueAt: row.due_at.toISOString(),
    tries: row.tries,
    retryAt: row.retry_at.toISOString(),
    because: row.because,
  }))
}
