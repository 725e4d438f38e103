import { createHash } from 'node:crypto'
import type pg from 'pg'
import type { Finding } from '#core/findings/finding'
import { finding } from '#core/findings/finding'
import type { Instant } from '#core/time/instant'
import { claimCommand } from '../database/command-answer'
import type { AnswerKey } from '../database/command-answer'
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

/** What the answer to a command is kept under. */
export const keyOf = ({ siteId, isHouse = false }: Caller, { id }: Command): AnswerKey => ({ siteId, isHouse, commandId: id })

/**
 * Has this command been seen? Null for the first sending, which is ours to work on and to answer; every other gets the same answer,
 * and one that is not the same is refused.
 */
export async function answeredBefore(db: pg.PoolClient, caller: Caller, command: Command, now: Instant): Promise<Answer | null> {
  const [requestSha256, personId] = [requestHash(command), caller.actor.kind === 'person' ? caller.actor.personId : null]
  const before = await claimCommand(db, keyOf(caller, command), { requestSha256, personId, now })
  if (!before) return null
  // A device may send again what somebody sent on it before they signed out; nobody replays what another person did.
  const isAnothers = personId !== null && before.personId !== null && personId !== before.personId
  return before.requestSha256 === requestSha256 && !isAnothers
    ? ({ status: before.status, body: before.answer } as Answer)
    : refusal(command, [finding('hold', 'command.id-reused', { commandId: command.id })])
}
