import type { CommandOf } from '#core/streams/commands'
import { kindOfStream } from '#core/streams/kinds'
import type { Deadline } from '#core/streams/stream-kind'
import { nowIso } from '../clock'
import { complain } from '../logging'
import { dueDeadlines, forgetSettled, isStillDue, setAside } from '../database/deadline'
import { handleCommand } from '../door/handle'
import { keepAirOfDaysThatEnded } from './air-days'
import { sealDaysThatEnded } from './seals'
import { clockCaller, systemCommand, uuidFor } from '../door/system-command'
import type { Answer, Door } from '../door/door'

/**
 * Fires what is due: today's checks lapse, acetylene has stood long enough, a round or a watch
 * is due, the day before is sealed. Any number of processes may run this at the same
 * time: a deadline's command is decided under its stream's lock against what is due there still, so it happens once; its id,
 * made from the deadline, the stream's version and the try, keeps two processes from doing the same work twice.
 *
 * Each fires on its own. One that fails or is refused is set aside with its reason and tried again later, so it neither keeps
 * another from firing nor fills the batch.
 *
 * @returns how many commands were recorded
 */
export async function fireDueDeadlines(door: Door): Promise<number> {
  await forgetSettled(door.pool)
  let fired = 0
  for (const deadline of await dueDeadlines(door.pool, nowIso(door.clock))) {
    const { siteId, streamId, kind, dueAt, version, tries } = deadline
    const refused = await failureOf(async () => {
      const id = uuidFor(siteId, streamId, kind, dueAt, String(version), String(tries))
      return handleCommand(
        door,
        clockCaller(siteId),
        systemCommand(door.clock, [streamId], commandFor(streamId, { kind, dueAt }), { id, at: dueAt }),
      )
    })
    // Accepted and due all the same, nothing came of it: it would be tried at every tick and fill the batch for ever.
    const because = refused ?? (await isStillDue(door.pool, deadline) ? 'nothing came of it' : null)
    if (because === null) fired++
    else await setAside(door.pool, deadline, because, nowIso(door.clock))
  }
  // What people breathed belongs under the seal of their day's night.
  return fired + await keepAirOfDaysThatEnded(door) + await sealDaysThatEnded(door)
}

/** Why a command of the clock did not go through; null when it did. */
async function failureOf(send: () => Promise<Answer>): Promise<string | null> {
  try {
    const { status, body } = await send()
    return status === 200 ? null : body.findings.map(({ code }) => code).join(', ')
  } catch (error) {
    return error instanceof Error ? error.message : String(error)
  }
}

/** What a deadline comes to when it fires. A kind that is not known here is taken for no other. */
function commandFor(streamId: string, due: Deadline): CommandOf {
  const command = kindOfStream(streamId).kind.clock?.commandFor(due)
  if (!command) throw new Error(`no clock of ${streamId} is called ${due.kind}`)
  return command
}

/**
 * Does something again and again until stopped, one turn after the other. One that fails says so and is tried again at the next turn:
 * nothing is lost by it.
 *
 * @returns how to stop it, which waits for the turn that runs
 */
export function keepDoing(what: string, turn: () => Promise<unknown>, everyMs: number): () => Promise<void> {
  let stopped = false
  let running: Promise<void> = Promise.resolve()
  const tick = async () => {
    try {
      await turn()
    } catch (error) {
      if (!stopped) complain(what, error)
    }
  }
  const timer = setInterval(() => {
    running = running.then(() => stopped ? undefined : tick())
  }, everyMs)
  return async () => {
    stopped = true
    clearInterval(timer)
    await running
  }
}

/** Runs the clocks until stopped. */
export const startDeadlineWorker = (door: Door, everyMs = 1000): () => Promise<void> =>
  keepDoing('Deadlines could not be fired; trying again.', () => fireDueDeadlines(door), everyMs)
