import type { Queryable } from './connection'

/** Tries that cost nothing, before each further one makes the wait twice as long. */
const FREE_TRIES = 4
const FIRST_WAIT_S = 15
const LONGEST_WAIT_S = 15 * 60
/** Wrong tries are forgotten after a quiet hour. */
const FORGET_AFTER_S = 3600

/** How long the next try waits after so many wrong ones, s. */
export function waitAfterS(tries: number): number {
  return tries <= FREE_TRIES ? 0 : Math.min(LONGEST_WAIT_S, FIRST_WAIT_S * 2 ** (tries - FREE_TRIES - 1))
}

/** The instant until which a subject may not be tried, or null. */
export async function lockedUntil(db: Queryable, subject: string, nowIso: string): Promise<string | null> {
  const { rows } = await db.query<{ locked_until: Date }>('select locked_until from failed_try where subject = $1 and locked_until > $2', [subject, nowIso])
  return rows[0]?.locked_until.toISOString() ?? null
}

/** Counts a wrong try. Two at the same moment count as two. */
export async function recordFailedTry(db: Queryable, subject: string, nowIso: string): Promise<void> {
  const { rows } = await db.query<{ tries: number }>(`
    insert into failed_try as f (subject, tries, last_at) values ($1, 1, $2)
    on conflict (subject) do update set last_at = $2,
      tries = case when f.last_at < $2::timestamptz - make_interval(secs => $3) then 1 else f.tries + 1 end
    returning tries`, [subject, nowIso, FORGET_AFTER_S])
  const wait = waitAfterS(rows[0]!.tries)
  // Of two at the same moment the longer wait stands, whichever is written last.
  if (wait > 0) await db.query('update failed_try set locked_until = greatest(locked_until, $2::timestamptz + make_interval(secs => $3)) where subject = $1', [subject, nowIso, wait])
}

export async function forgetFailedTries(db: Queryable, subject: string): Promise<void> {
  await db.query('delete from failed_try where subject = $1', [subject])
}
