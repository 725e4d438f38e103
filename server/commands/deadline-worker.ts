import type { CommandOf } from '#core/command/commands'
import { PERMIT_DEADLINES } from '#core/hotwork/permit'
import { nowIso } from '../clock'
import { complain } from '../logging'
import { dueDeadlines, forgetSettled, isStillDue, setAside } from '../database/deadline'
import { handleCommand } from './door'
import type { Answer, Door } from './door'
import { anchorSeals, sealDaysThatEnded } from './seal-days'
import { clockCaller, systemCommand, uuidFor } from './system-command'

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
      return handleCommand(door, clockCaller(siteId), systemCommand(door.clock, [streamId], commandFor(kind, dueAt), { id, at: dueAt }))
    })
    // Accepted and due all the same, nothing came of it: it would be tried at every tick and fill the batch for ever.
    const because = refused ?? (await isStillDue(door.pool, deadline) ? 'nothing came of it' : null)
    if (because === null) fired++
    else await setAside(door.pool, deadline, because, nowIso(door.clock))
  }
  const sealed = await sealDaysThatEnded(door)
  if (door.anchors && (sealed > 0 || door.anchors.isDue(door.clock.nowMs()))) await anchorSeals(door, door.anchors)
  return fired + sealed
}

/** Why a command of the clock did not go through; null when it did. */
async function failureOf(send: () => Promise<Answer>): Promise<string | null> {
  try {
    const { status, body } = await send()
    return status === 200 ? null : body.findings.map(({ code }) => code).join(', ')
  }
  catch (error) {
    return error instanceof Error ? error.message : String(error)
  }
}

/** What a deadline comes to when it fires. A kind that is not known here is taken for no other. */
function commandFor(kind: string, dueAt: string): CommandOf {
  const what = PERMIT_DEADLINES.find(one => one === kind)
  if (what) return { type: 'permit.fall-due', payload: { what, dueAt } }
  if (kind === 'settled') return { type: 'cylinder.settle', payload: {} }
  if (kind === 'checks-lapse') return { type: 'station.lapse-checks', payload: {} }
  throw new Error(`no clock is called ${kind}`)
}

/** Runs the worker until stopped. One that fails says so and tries again at the next tick: a deadline is not lost by it. */
export function startDeadlineWorker(door: Door, everyMs = 1000): () => Promise<void> {
  let stopped = false
  let running: Promise<void> = Promise.resolve()
  const tick = async () => {
    try { await fireDueDeadlines(door) }
    catch (error) {
      if (!stopped) complain('Deadlines could not be fired; trying again.', error)
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
