import type pg from 'pg'
import { inTransaction } from '../database/connection'
import type { Queryable } from '../database/connection'

/** Wrong tries are forgotten after a quiet hour. */
const FORGET_AFTER_S = 3600
const FIRST_WAIT_S = 15
const LONGEST_WAIT_S = 15 * 60

/** What tries are counted under, and how many cost nothing before each further one makes the wait twice as long. */
export interface Subject {
  readonly id: string
  readonly freeTries: number
}

/** A name or a PIN from one device or address. */
const FREE_OF_ONE = 4
/** All names together from one address that no known device comes from: a class at the door, and no more. */
const FREE_OF_ADDRESS = 40

/**
 * What a try to sign in counts under. Whoever is on a device that the site knows is counted by name and device alone: nobody
 * elsewhere can lock them out. A stranger is counted by name and address, and by address whatever the name.
 */
export function signInSubjects(
  loginName: string,
  from: { readonly deviceId: string | null, readonly address: string },
): readonly Subject[] {
  const name = loginName.toLowerCase()
  if (from.deviceId !== null) return [{ id: `sign-in ${name} device ${from.deviceId}`, freeTries: FREE_OF_ONE }]
  return [
    { id: `sign-in ${name} address ${from.address}`, freeTries: FREE_OF_ONE },
    { id: `address ${from.address}`, freeTries: FREE_OF_ADDRESS },
  ]
}

/** A PIN is counted by whose it is and on whose session it is typed: nobody can lock it where its own person signs. */
export const pinSubject = (siteId: string, personId: string, sessionPersonId: string): Subject => ({
  id: `pin ${siteId} ${personId} by ${sessionPersonId}`,
  freeTries: FREE_OF_ONE,
})

/** Whoever changes their own password or PIN says the old password first; tried on their session alone. */
export const ownPasswordSubject = (siteId: string, personId: string): Subject => ({
  id: `own password ${siteId} ${personId}`,
  freeTries: FREE_OF_ONE,
})

/** How long the next try waits after so many, s. */
export function waitAfterS(tries: number, freeTries: number): number {
  return tries <= freeTries ? 0 : Math.min(LONGEST_WAIT_S, FIRST_WAIT_S * 2 ** (tries - freeTries - 1))
}

/**
 * Takes a try before it is made, so that a hundred at the same moment are a hundred: each is counted under every subject, one
 * after the other, or none is and the answer is how long to wait.
 *
 * @returns the instant until which none may be made, or null: then one was taken, and a right one is given back
 */
export async function takeTry(pool: pg.Pool, subjects: readonly Subject[], nowIso: string): Promise<string | null> {
  return inTransaction(pool, async (db) => {
    // Always in the same order: two that meet wait for each other and do not lock.
    const ordered = subjects.toSorted((a, b) => (a.id < b.id ? -1 : 1))
    for (const { id } of ordered) {
      await db.query('insert into failed_try (subject, tries, last_at) values ($1, 0, $2) on conflict do nothing', [id, nowIso])
      const {
        rows: [row],
      } = await db.query<{ locked_until: Date | null }>('select locked_until from failed_try where subject = $1 for update', [id])
      if (row?.locked_until && row.locked_until.getTime() > Date.parse(nowIso)) return row.locked_until.toISOString()
    }
    for (const subject of ordered) await count(db, subject, nowIso)
    return null
  })
}

async function count(db: Queryable, { id, freeTries }: Subject, nowIso: string): Promise<void> {
  const { rows } = await db.query<{ tries: number }>(
    `
    update failed_try set last_at = $2, tries = case when last_at < $2::timestamptz - make_interval(secs => $3) then 1 else tries + 1 end
    where subject = $1 returning tries`,
    [id, nowIso, FORGET_AFTER_S],
  )
  const wait = waitAfterS(rows[0]!.tries, freeTries)
  if (wait > 0)
    await db.query('update failed_try set locked_until = $2::timestamptz + make_interval(secs => $3) where subject = $1', [
      id,
      nowIso,
      wait,
    ])
}

/** A try that was right: under the first subject all are forgotten, under the others this one. */
export async function giveBack(db: Queryable, [own, ...others]: readonly Subject[]): Promise<void> {
  if (own) await db.query('delete from failed_try where subject = $1', [own.id])
  for (const { id } of others) await db.query('update failed_try set tries = greatest(0, tries - 1) where subject = $1', [id])
}

/** A try that was not looked at after all. */
export async function returnTry(db: Queryable, subjects: readonly Subject[]): Promise<void> {
  for (const { id } of subjects)
    await db.query('update failed_try set tries = greatest(0, tries - 1), locked_until = null where subject = $1', [id])
}

/** Drops what is forgotten anyway. */
export async function cleanFailedTries(db: Queryable, nowIso: string): Promise<number> {
  const { rowCount } = await db.query(
    'delete from failed_try where last_at < $1::timestamptz - make_interval(secs => $2) and (locked_until is null or locked_until < $1)',
    [nowIso, FORGET_AFTER_S],
  )
  return rowCount ?? 0
}
