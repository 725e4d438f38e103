import type { Queryable } from '../database/connection'

export async function offerFirstRun(db: Queryable, codeSha256: string, nowIso: string): Promise<void> {
  await db.query('delete from first_run where used_at is null')
  await db.query('insert into first_run (code_sha256, created_at) values ($1, $2)', [codeSha256, nowIso])
}

/** Uses the code up. False when it is wrong or used. */
export async function takeFirstRun(db: Queryable, codeSha256: string, nowIso: string): Promise<boolean> {
  const { rowCount } = await db.query('update first_run set used_at = $2 where code_sha256 = $1 and used_at is null', [codeSha256, nowIso])
  return rowCount === 1
}
