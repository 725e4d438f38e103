import { createHash } from 'node:crypto'
import type pg from 'pg'
import type { Finding } from '#core/findings/finding'
import { finding } from '#core/findings/finding'
import type { Instant } from '#core/time/instant'
import { claimCommand, keepAnswer } from '../database/command-answer'
import { canonicalText } from '../database/event'
import { spoken } from '../spoken'
import type { Caller } from './caller'
import type { Command } from './command'
import type { Answer } from './door'

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex')

/** What makes two sendings the same command. When it was sent, and any signature, are not part of it. */
const requestHash = ({ type, streams, at, deviceId, deviceSeq, payload }: Command): string =>
  sha256(canonicalText({ type, streams, at, deviceId, deviceSeq, payload }))

export const refusal = ({ id }: Command, refused: readonly Finding[]): Answer => ({
  status: 409,
  body: { commandId: id, findings: refused.map(said => spoken(said)) },
})

/**
 * Has this command been seen? The first sending is worked on; every other gets the same answer, and one that is not the same is refused.
 *
 * @param work what is done for the first sending, in the same transaction
 */
export async function answerOnce(
  db: pg.PoolClient,
  caller: Caller,
  command: Command,
  now: Instant,
  work: () => Promise<Answer>,
): Promise<Answer> {
  const key = { siteId: caller.siteId, commandId: command.id, isHouse: caller.isHouse ?? false }
  const [requestSha256, personId] = [requestHash(command), caller.actor.kind === 'person' ? caller.actor.personId : null]
  const before = await claimCommand(db, key, { requestSha256, personId, now })
  if (before) {
    // A device may send again what somebody sent on it before they signed out; nobody replays what another person did.
    const isAnothers = personId !== null && before.personId !== null && personId !== before.personId
    return before.requestSha256 === requestSha256 && !isAnothers
      ? ({ status: before.status, body: before.answer } as Answer)
      : refusal(command, [finding('hold', 'command.id-reused', { commandId: command.id })])
  }
  const given = await work()
  await keepAnswer(db, key, given.status, given.body)
  return given
}
