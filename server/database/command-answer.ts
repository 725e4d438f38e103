import type { Queryable } from './connection'

/** The answer first given to a command. */
export interface StoredAnswer { readonly requestSha256: string, readonly status: number, readonly answer: unknown }

/**
 * Claims a command id. The same id sent at the same moment by another request waits here until the first one ends.
 *
 * @returns null when the id is new and now ours; otherwise the answer given before
 */
export async function claimCommand(db: Queryable, siteId: string, commandId: string, requestSha256: string, nowIso: string): Promise<StoredAnswer | null> {
  const { rowCount } = await db.query(
    'insert into command_answer (site_id, command_id, request_sha256, recorded_at) values ($1, $2, $3, $4) on conflict do nothing',
    [siteId, commandId, requestSha256, nowIso])
  if (rowCount === 1) return null
  const { rows } = await db.query<{ request_sha256: string, status: number, answer: unknown }>(
    'select request_sha256, status, answer from command_answer where site_id = $1 and command_id = $2', [siteId, commandId])
  const [row] = rows
  if (!row) throw new Error(`command ${commandId} was claimed and is gone`)
  return { requestSha256: row.request_sha256, status: row.status, answer: row.answer }
}

export async function keepAnswer(db: Queryable, siteId: string, commandId: string, status: number, answer: unknown): Promise<void> {
  await db.query('update command_answer set status = $3, answer = $4 where site_id = $1 and command_id = $2', [siteId, commandId, status, JSON.stringify(answer)])
}
