import type { Queryable } from './connection'

export interface Credential {
  readonly siteId: string
  readonly personId: string
  readonly loginName: string
  readonly passwordHash: string | null
  readonly pinHash: string | null
  readonly isDemo: boolean
  readonly sessionEpoch: number
}

interface CredentialRow {
  site_id: string, person_id: string, login_name: string, password_hash: string | null, pin_hash: string | null, is_demo: boolean, session_epoch: number
}

const COLUMNS = 'site_id, person_id, login_name, password_hash, pin_hash, is_demo, session_epoch'
const toCredential = (row: CredentialRow): Credential => ({
  siteId: row.site_id, personId: row.person_id, loginName: row.login_name, passwordHash: row.password_hash, pinHash: row.pin_hash,
  isDemo: row.is_demo, sessionEpoch: row.session_epoch,
})

/** A login belongs to one site, so its name alone finds it. */
export async function findLogin(db: Queryable, loginName: string): Promise<Credential | null> {
  const { rows } = await db.query<CredentialRow>(`select ${COLUMNS} from credential where lower(login_name) = lower($1)`, [loginName])
  return rows[0] ? toCredential(rows[0]) : null
}

export async function readCredential(db: Queryable, siteId: string, personId: string): Promise<Credential | null> {
  const { rows } = await db.query<CredentialRow>(`select ${COLUMNS} from credential where site_id = $1 and person_id = $2`, [siteId, personId])
  return rows[0] ? toCredential(rows[0]) : null
}

/** Sets a login and its password; a new password ends every session opened with the old one. */
export async function setLogin(db: Queryable, siteId: string, personId: string, loginName: string, passwordHash: string, isDemo = false): Promise<void> {
  await db.query(`insert into credential (site_id, person_id, login_name, password_hash, is_demo) values ($1, $2, $3, $4, $5)
    on conflict (site_id, person_id) do update set login_name = excluded.login_name, password_hash = excluded.password_hash,
      is_demo = excluded.is_demo, session_epoch = credential.session_epoch + 1`, [siteId, personId, loginName, passwordHash, isDemo])
}

export async function setPin(db: Queryable, siteId: string, personId: string, pinHash: string): Promise<boolean> {
  const { rowCount } = await db.query('update credential set pin_hash = $3 where site_id = $1 and person_id = $2', [siteId, personId, pinHash])
  return rowCount === 1
}

/** Ends every session of a person, on every device. */
export async function endSessions(db: Queryable, siteId: string, personId: string): Promise<void> {
  await db.query('update credential set session_epoch = session_epoch + 1 where site_id = $1 and person_id = $2', [siteId, personId])
}

/** Someone who left keeps no way in. */
export async function eraseCredential(db: Queryable, siteId: string, personId: string): Promise<void> {
  await db.query('delete from credential where site_id = $1 and person_id = $2', [siteId, personId])
}
