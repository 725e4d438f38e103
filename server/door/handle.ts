import type pg from 'pg'
import type { Finding } from '#core/findings/finding'
import { finding } from '#core/findings/finding'
import { permitStream } from '#core/ids/streams'
import { decideTogether } from '#core/streams/decide-together'
import type { Decided } from '#core/streams/decide-together'
import { HEARD_WITHOUT_CLOCK } from '#core/streams/urgent'
import { isAfter } from '#core/time/instant'
import type { Instant } from '#core/time/instant'
import { nowIso } from '../clock'
import { keepAnswer } from '../database/command-answer'
import { inTransaction } from '../database/connection'
import { readWorkingPermits } from '../tables/permit'
import { lockTargets, refuseAnywhere, refuseRights, refuseStale, refuseStreams, refuseTakenTag, targetsOf } from './admit'
import type { Caller } from './caller'
import { answeredBefore, keyOf, refusal } from './claim'
import type { Command } from './command'
import type { Answer, Beside, Door } from './door'
import { gather, lockNeighbours } from './gather'
import { eraseWith, record } from './record'
import { enterRoom } from './room'
import type { Room } from './room'
import { siteOpenedAt } from './site-opened'
import { uuidFor } from './system-command'

/**
 * The one door for change. In one transaction: has it been seen? lock the streams, fold them, gather what is asked, decide in the
 * core, append the events to their chains, update the read tables, keep the answer; after the commit, announce.
 *
 * @param beside what is written in the same transaction and is not of the record: it stands or falls with the command
 * @returns the answer, the same one again for the same command; a refusal is an answer with its reasons
 */
export async function handleCommand(door: Door, caller: Caller, command: Command, beside: Beside = async () => {}): Promise<Answer> {
  for (let tries = 1; ; tries++) {
    try {
      const answer = await handleOnce(door, caller, command, beside)
      if (command.type === 'station.stop-all' && answer.status === 200) await stopHotWork(door, caller, command)
      return answer
    } catch (error) {
      // Two that met on the way: the second decides again, and now sees the first.
      if (tries >= MEETING_TRIES || !hasMet(error)) throw error
    }
  }
}

/** A stop of all stops hot work too, wherever it is. Sent again with the same stop, it stops nothing twice. */
async function stopHotWork(door: Door, caller: Caller, { id, at, deviceId, deviceSeq }: Command): Promise<void> {
  const stopped = await Promise.allSettled(
    (await readWorkingPermits(door.pool, caller.siteId)).map(permitId =>
      handleCommand(
        door,
        { ...caller, isHouse: true },
        {
          id: uuidFor(id, permitId),
          type: 'permit.stop',
          payload: { cause: 'stopped' },
          streams: [{ id: permitStream(permitId), expectedVersion: null }],
          at,
          deviceId,
          deviceSeq,
        },
      ),
    ),
  )
  // One that fails keeps no other from stopping; whoever sent the stop sends it again until all of it was heard.
  const failed = stopped.flatMap(one => (one.status === 'rejected' ? [one.reason as unknown] : []))
  if (failed.length > 0) throw new AggregateError(failed, 'Some hot work did not hear the stop of all.')
}

const MEETING_TRIES = 5
/** The database's own refusals of two at once: somebody in two places, a deadlock, a write that could not be put in order. */
const hasMet = (error: unknown): boolean =>
  error instanceof Error
  && (('constraint' in error && (error.constraint === 'one_task_at_a_time' || error.constraint === 'one_post'))
    || ('code' in error && (error.code === '40P01' || error.code === '40001')))

async function handleOnce({ pool, clock, announce }: Door, caller: Caller, command: Command, beside: Beside): Promise<Answer> {
  const commits: (() => void)[] = []
  const answer = await inTransaction(pool, async (db) => {
    const now = nowIso(clock)
    const before = await answeredBefore(db, caller, command, now)
    if (before) return before
    const timed = await atItsTime(pool, db, caller, command, now)
    if ('refused' in timed) return keepRefusal(db, caller, command, timed.refused)
    const nowhere = refuseAnywhere(caller, command)
    if (nowhere) return keepRefusal(db, caller, command, [nowhere])
    const room = await enterRoom(db, caller, timed.command, now)
    const decided = await decideIn(room)
    if ('refused' in decided) return keepRefusal(db, caller, command, decided.refused)
    await eraseWith(room)
    return record(room, decided, { commits, beside })
  })
  if (commits.length > 0) {
    for (const commit of commits) commit()
    announce(caller.siteId)
  }
  return answer
}

/** A refusal is an answer too: sent again, the command is refused again for the same reasons. */
async function keepRefusal(db: pg.PoolClient, caller: Caller, command: Command, refused: readonly Finding[]): Promise<Answer> {
  const answer = refusal(command, refused)
  await keepAnswer(db, keyOf(caller, command), answer.status, answer.body)
  return answer
}

type Refused = { readonly refused: readonly Finding[] }
const refuse = (...refused: readonly Finding[]): Refused => ({ refused })

/**
 * Nothing is told of a site from before it was opened. What stops work is heard, though nobody knows when it was pressed: now, at the
 * latest.
 */
async function atItsTime(
  pool: pg.Pool,
  db: pg.PoolClient,
  { siteId }: Caller,
  command: Command,
  now: Instant,
): Promise<{ readonly command: Command } | Refused> {
  const openedAt = await siteOpenedAt(pool, db, siteId)
  if (openedAt === null || !isAfter(openedAt, command.at)) return { command }
  return HEARD_WITHOUT_CLOCK.has(command.type)
    ? { command: { ...command, at: now } }
    : refuse(finding('hold', 'command.before-site', { openedIso: openedAt }))
}

/** Admits a command, gathers all it rests on, and decides: the one call of the core between what was read and what is written. */
async function decideIn(room: Room): Promise<Decided | Refused> {
  const targets = targetsOf(room)
  const misdirected = refuseStreams(room, targets)
  if (misdirected) return refuse(misdirected)
  await lockTargets(room, targets)
  const refused = (await refuseRights(room, targets)) ?? refuseTakenTag(room, targets)
  if (refused) return refuse(refused)
  const neighbours = await lockNeighbours(room, targets)
  const stale = refuseStale(room)
  if (stale.length > 0) return refuse(...stale)
  const known = await gather(room, targets, neighbours)
  return decideTogether(room.command, known.targets, known.bystanders)
}
