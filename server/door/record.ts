import type { Change } from '#core/clearance/consequences'
import type { Decided } from '#core/streams/decide-together'
import type { CommandOf, CommandType } from '#core/streams/commands'
import { kindOfStream } from '#core/streams/kinds'
import { earlierOf } from '#core/time/instant'
import type { Queryable } from '../database/connection'
import { eraseCredential } from '../tables/credential'
import { dropDevicesOf } from '../tables/device'
import { dropDeviceKey } from '../tables/device-key'
import type { ChainedEvent } from '../database/event'
import { append, chain } from '../database/event'
import { endSessionsOf } from '../tables/session'
import { keepAnswer } from '../database/command-answer'
import type { Statement } from '../database/statement'
import { readPosition } from '../tables/site'
import { spoken } from '../spoken'
import { project } from '../tables/projections'
import { keyOf } from './claim'
import type { Answer, Beside } from './door'
import { remember, snapshotIfDue } from './fold'
import { lockMore } from './room'
import type { Room } from './room'
import { erasePreference } from '../tables/preference'
import { eraseCare } from '../tables/care'
import { eraseWearer } from '../tables/wearer'

/** What a command erases beside the record, once it is accepted. */
const ERASES: {
  readonly [Type in CommandType]?: (
    db: Queryable,
    siteId: string,
    streamIds: readonly string[],
    command: Extract<CommandOf, { readonly type: Type }>,
  ) => Promise<void>
} = {
  // What is known of the health of someone who left is nobody's business any more, and they keep no way in.
  async 'person.leave'(db, siteId, streamIds) {
    for (const { id } of streamIds.map(kindOfStream)) {
      await eraseWearer(db, siteId, id)
      await eraseCare(db, siteId, id)
      await eraseCredential(db, siteId, id)
      await erasePreference(db, siteId, id)
      await endSessionsOf(db, siteId, id)
      await dropDevicesOf(db, siteId, id)
    }
  },
  'site.revoke-key': (db, siteId, _streamIds, { payload: { keyId } }) => dropDeviceKey(db, siteId, keyId),
}

export async function eraseWith({ db, caller: { siteId }, command }: Pick<Room, 'db' | 'caller' | 'command'>): Promise<void> {
  const erase = ERASES[command.type] as
    ((db: Queryable, siteId: string, streamIds: readonly string[], command: CommandOf) => Promise<void>) | undefined
  await erase?.(
    db,
    siteId,
    command.streams.map(({ id }) => id),
    command,
  )
}

/** One stream's events in their chain, with what is derived from them. */
interface Recorded {
  readonly chained: readonly ChainedEvent[]
  readonly derived: readonly Statement[]
}

/** Chains one stream's events, and tells what writes its row, its deadlines and its snapshot. */
async function recordStream(room: Room, { streamId, name, events, after }: Change, commits: (() => void)[]): Promise<Recorded> {
  const {
    db,
    caller: { siteId, actor },
    command,
    now,
    heads,
  } = room
  const first = heads.get(streamId)!
  const chained: ChainedEvent[] = []
  let head = first
  for (const { type, version: typeVersion, payload } of events) {
    const next = chain(head, {
      siteId,
      streamId,
      type,
      typeVersion,
      at: earlierOf(command.at, now),
      recordedAt: now,
      actor,
      commandId: command.id,
      payload,
    })
    chained.push(next.event)
    head = next.head
  }
  heads.set(streamId, head)
  const reached = head
  commits.push(() => remember(siteId, streamId, reached, after))
  const derived = [
    ...await project(db, siteId, name, streamId, head.version, after),
    ...snapshotIfDue(siteId, streamId, first, head, after),
  ]
  return { chained, derived }
}

/**
 * Appends what was decided, writes what is derived from it, and answers; the append is the last statement, and writes all of it.
 *
 * @param last what only holds once committed is left in `commits`; `beside` is written before the append
 */
export async function record(
  room: Room,
  { changes, remarks }: Decided,
  { commits, beside }: { readonly commits: (() => void)[], readonly beside: Beside },
): Promise<Answer> {
  const { db, caller, command, now, heads } = room
  const { siteId, actor } = caller
  await lockMore(
    room,
    changes.map(({ streamId }) => streamId),
  )
  const recorded: Recorded[] = []
  for (const change of changes) if (change.events.length > 0) recorded.push(await recordStream(room, change, commits))
  const streams = changes.map(({ streamId }) => ({ id: streamId, version: heads.get(streamId)!.version }))
  const answered = { commandId: command.id, streams, findings: remarks.map(said => spoken(said)) }
  const key = keyOf(caller, command)
  if (recorded.length === 0) {
    const body = { ...answered, position: await readPosition(db, siteId) }
    await beside(db)
    await keepAnswer(db, key, 200, body)
    return { status: 200, body }
  }
  await beside(db)
  const position = await append(
    db,
    recorded.flatMap(({ chained }) => chained),
    recorded.flatMap(({ derived }) => derived),
    {
      recordedAt: now,
      actorKind: actor.kind,
      actorPersonId: actor.kind === 'person' ? actor.personId : null,
      key,
      answer: { status: 200, body: answered },
    },
  )
  return { status: 200, body: { ...answered, position } }
}
