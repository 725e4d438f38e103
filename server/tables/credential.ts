import type { Queryable } from '../database/connection'

export interface Credential {
  readonly siteId: string
  readonly personId: string
  readonly loginName: string
  readonly passwordHash: string | null
  readonly pinHash: string | null
  readonly isDemo: boolean
  /** After a reset, nobody signs with a PIN before then; null when nothing was reset. */
  readonly signsFrom: string | null
}

interface CredentialRow {
  site_id: string
  person_id: string
  login_name: string
  password_hash: string | null
  pin_hash: string | null
  is_demo: boolean
  signs_from: Date | null
}

const COLUMNS = 'site_id, person_id, login_name, password_hash, pin_hash, is_demo, signs_from'
const toCredential = (row: CredentialRow): Credential => ({
  siteId: row.site_id,
  personId: row.person_id,
  loginName: row.login_name,
  passwordHash: row.password_hash,
  pinHash: row.pin_hash,
  isDemo: row.is_demo,
  signsFrom: row.signs_from?.toISOString() ?? null,
})

/** A login belongs to one site, so its name alone finds it. */
export async function findLogin(db: Queryable, loginName: string): Promise<Credential | null> {
  const { rows } = await db.query<CredentialRow>(`select ${COLUMNS} from credential where lower(login_name) = lower($1)`, [loginName])
  return rows[0] ? toCredential(rows[0]) : null
}

export async function readCredential(db: Queryable, siteId: string, personId: string): Promise<Credential | null> {
  const { rows } = await db.query<CredentialRow>(`select ${COLUMNS} from credential where site_id = $1 and person_id = $2`, [
    siteId,
    personId,
  ])
  return rows[0] ? toCredential(rows[0]) : null
}

/** Holds somebody's way in until the transaction ends: nobody takes it away meanwhile. @returns false where there is none */
export async function holdCredential(db: Queryable, siteId: string, personId: string): Promise<boolean> {
  const { rowCount } = await db.query('select 1 from credential where site_id = $1 and person_id = $2 for share', [siteId, personId])
  return rowCount === 1
}

/** A login with its password, for the first safety lead and the demo: everybody else sets their own. */
export async function setLogin(
  db: Queryable,
  siteId: string,
  personId: string,
  loginName: string,
  passwordHash: string,
  isDemo = false,
): Promise<void> {
  await db.query(
    `insert into credential (site_id, person_id, login_name, password_hash, is_demo) values ($1, $2, $3, $4, $5)
    on conflict (site_id, person_id) do update set login_name = excluded.login_name, password_hash = excluded.password_hash, is_demo = excluded.is_demo`,
    [siteId, personId, loginName, passwordHash, isDemo],
  )
}

export async function setPassword(db: Queryable, siteId: string, personId: string, passwordHash: string): Promise<void> {
  await db.query('update credential set password_hash = $3 where site_id = $1 and person_id = $2', [siteId, personId, passwordHash])
}

export async function setPin(db: Queryable, siteId: string, personId: string, pinHash: string): Promise<boolean> {
  const { rowCount } = await db.query('update credential set pin_hash = $3 where site_id = $1 and person_id = $2', [
    siteId,
    personId,
    pinHash,
  ])
  return rowCount === 1
}

/**
 * Keeps the digest of a one-time code beside a sign-in name; what its owner set before stays until the code is used.
 *
 * @param isReset whether there was a password before, as the record is about to say
 * @returns false where that is not so any more: its owner set one, or left, meanwhile
 */
export async function offerCode(
  db: Queryable,
  { siteId, personId, loginName, codeSha256, untilIso, isReset }: {
    readonly siteId: string
    readonly personId: string
    readonly loginName: string
    readonly codeSha256: string
    readonly untilIso: string
    readonly isReset: boolean
  },
): Promise<boolean> {
  const { rowCount } = await db.query(
    `insert into credential (site_id, person_id, login_name, code_sha256, code_until) values ($1, $2, $3, $4, $5)
    on conflict (site_id, person_id) do update set login_name = excluded.login_name, code_sha256 = excluded.code_sha256,
      code_until = excluded.code_until where (credential.password_hash is not null) = $6`,
    [siteId, personId, loginName, codeSha256, untilIso, isReset],
  )
  return rowCount === 1
}

/**
 * Uses a one-time code up: the password is its owner's from now on, and the PIN has to be set anew.
 *
 * @param signsFromIso from when they may sign, where there was a password before
 * @returns false when the code is wrong, used, or too old
 */
export async function takeCode(
  db: Queryable,
  { siteId, personId, codeSha256, passwordHash, pinHash, signsFromIso, nowIso }: {
    readonly siteId: string
    readonly personId: string
    readonly codeSha256: string
    readonly passwordHash: string
    readonly pinHash: string | null
    readonly signsFromIso: string | null
    readonly nowIso: string
  },
): Promise<boolean> {
  const { rowCount } = await db.query(
    `update credential set password_hash = $4, pin_hash = $5, is_demo = false, signs_from = $6, code_sha256 = null, code_until = null
    where site_id = $1 and person_id = $2 and code_sha256 = $3 and code_until > $7`,
    [siteId, personId, codeSha256, passwordHash, pinHash, signsFromIso, nowIso],
  )
  return rowCount === 1
}

/** Someone who left keeps no way in. */
export async function eraseCredential(db: Queryable, siteId: string, personId: string): Promise<void> {
  await db.query('delete from credential where site_id = $1 and person_id = $2', [siteId, personId])
}
