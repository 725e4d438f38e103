import type { PersonReading } from '#shared/contract/readings'
import type { Queryable } from '../database/connection'
import { PERSON_COLUMNS, toPersonReading } from './person'
import type { PersonRow } from './person'

/** A session that stands, with whose it is. */
export interface Session {
  readonly siteId: string
  readonly deviceId: string
  readonly openedAtMs: number
  readonly person: PersonReading
  readonly isDemo: boolean
  /** Is its person on post at a permit now? */
  readonly isOnPost: boolean
}

export async function openSession(
  db: Queryable,
  session: { readonly sessionId: string, readonly siteId: string, readonly personId: string, readonly deviceId: string },
  nowIso: string,
): Promise<void> {
  await db.query('insert into session (session_id, site_id, person_id, device_id, opened_at) values ($1, $2, $3, $4, $5)', [
    session.sessionId,
    session.siteId,
    session.personId,
    session.deviceId,
    nowIso,
  ])
}

/** Null for one that was ended, whose person has left, or who has no way in any more. */
export async function readSession(db: Queryable, sessionId: string): Promise<Session | null> {
  const { rows } = await db.query<
    PersonRow & { site_id: string, device_id: string, opened_at: Date, is_demo: boolean, is_on_post: boolean }
  >({
    name: 'read-session',
    text: `
    select ${PERSON_COLUMNS}, s.site_id, s.device_id, s.opened_at, c.is_demo,
      exists (select 1 from permit_post o where o.site_id = s.site_id and o.person_id = s.person_id) as is_on_post
    from session s join person_reading p on p.site_id = s.site_id and p.person_id = s.person_id and not p.has_left
      join credential c on c.site_id = s.site_id and c.person_id = s.person_id
    where s.session_id = $1`,
    values: [sessionId],
  })
  const [row] = rows
  return row
    ? {
        siteId: row.site_id,
        deviceId: row.device_id,
        openedAtMs: row.opened_at.getTime(),
        person: toPersonReading(row),
        isDemo: row.is_demo,
        isOnPost: row.is_on_post,
      }
    : null
}

export async function endSession(db: Queryable, sessionId: string): Promise<void> {
  await db.query('delete from session where session_id = $1', [sessionId])
}

/** Ends every session of a person, on every device. */
export async function endSessionsOf(db: Queryable, siteId: string, personId: string): Promise<void> {
  await db.query('delete from session where site_id = $1 and person_id = $2', [siteId, personId])
}

/** Drops sessions that ended by their age long ago; who is on post keeps theirs. */
export async function cleanSessions(db: Queryable, openedBeforeIso: string): Promise<number> {
  const { rowCount } = await db.query(
    `delete from session s where s.opened_at < $1
      and not exists (select 1 from permit_post o where o.site_id = s.site_id and o.person_id = s.person_id)`,
    [openedBeforeIso],
  )
  return rowCount ?? 0
}

/** A new password ends every session opened with the old one, but the one it was set in. */
export async function endOtherSessions(db: Queryable, siteId: string, personId: string, sessionId: string): Promise<void> {
  await db.query('delete from session where site_id = $1 and person_id = $2 and session_id <> $3', [siteId, personId, sessionId])
}
