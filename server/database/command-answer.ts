import type { Queryable } from './connection'
import type { Instant } from '#core/time/instant'

/** The answer first given to a command. */
export interface StoredAnswer {
  readonly requestSha256: string
  readonly personId: string | null
  readonly status: number
  readonly answer: unknown
}

/** What an answer is kept under. */
export interface AnswerKey {
  readonly siteId: string
  readonly commandId: string
  /** The house's own commands have ids of their own, whatever is sent from outside. */
  readonly isHouse: boolean
}

/**
 * Claims a command id. The same id sent at the same moment by another request waits here until the first one ends.
 *
 * @param personId who sends it; null for a device and for the house
 * @returns null when the id is new and now ours; otherwise the answer given before
 */
export async function claimCommand(
  db: Queryable,
  { siteId, commandId, isHouse }: AnswerKey,
  { requestSha256, personId, now }: { readonly requestSha256: string, readonly personId: string | null, readonly now: Instant },
): Promise<StoredAnswer | null> {
  const { rowCount } = await db.query({
    name: 'claim-command',
    text: 'insert into command_answer (site_id, by_house, command_id, request_sha256, person_id, recorded_at) values ($1, $2, $3, $4, $5, $6) on conflict do nothing',
    values: [siteId, isHouse, commandId, requestSha256, personId, now],
  })
  if (rowCount === 1) return null
  const { rows } = await db.query<{ request_sha256: string, person_id: string | null, status: number, answer: unknown }>(
    'select request_sha256, person_id, status, answer from command_answer where site_id = $1 and by_house = $2 and command_id = $3',
    [siteId, isHouse, commandId],
  )
  const [row] = rows
  if (!row) throw new Error(`command ${commandId} was claimed and is gone`)
  return { requestSha256: row.request_sha256, personId: row.person_id, status: row.status, answer: row.answer }
}

export async function keepAnswer(
  db: Queryable,
  { siteId, commandId, isHouse }: AnswerKey,
  status: number,
  answer: unknown,
): Promise<void> {
  await db.query({
    name: 'keep-answer',
    text: 'update command_answer set status = $4, answer = $5 where site_id = $1 and by_house = $2 and command_id = $3',
    values: [siteId, isHouse, commandId, status, JSON.stringify(answer)],
  })
}
