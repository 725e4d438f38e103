import type { CommandOf } from '#core/command/commands'
import { SEAL_STREAM } from '#core/command/commands'
import { PERMIT_DEADLINES } from '#core/hotwork/permit'
import { shopDayOf } from '#core/houserules/shop-day'
import { nowIso } from '../clock'
import { dueDeadlines } from '../database/deadline'
import { readSealState, sitesToSeal } from '../database/seal'
import { handleCommand } from './door'
import type { Door } from './door'
import { clockCaller, systemCommand, uuidFor } from './system-command'

/**
 * Fires what is due: today's checks lapse, acetylene has stood long enough, a round or a watch
 * is due, the day before is sealed. Any number of processes may run this at the same
 * time: a deadline's command is decided under its stream's lock against what is due there still, so it happens once; its id,
 * made from the deadline and the stream's version, keeps two processes from doing the same work twice.
 *
 * @returns how many commands were sent
 */
export async function fireDueDeadlines(door: Door): Promise<number> {
  const due = await dueDeadlines(door.pool, nowIso(door.clock))
  for (const { siteId, streamId, kind, dueAt, version } of due) {
    const command = systemCommand(door.clock, [streamId], commandFor(kind, dueAt), { id: uuidFor(siteId, streamId, kind, dueAt, String(version)), at: dueAt })
    await handleCommand(door, clockCaller(siteId), command)
  }
  return due.length + await sealDaysThatEnded(door)
}

/** What a deadline comes to when it fires. */
function commandFor(kind: string, dueAt: string): CommandOf {
  const what = PERMIT_DEADLINES.find(one => one === kind)
  if (what) return { type: 'permit.fall-due', payload: { what, dueAt } }
  return kind === 'settled' ? { type: 'cylinder.settle', payload: {} } : { type: 'station.lapse-checks', payload: {} }
}

/** Seals the shop day before today, once, over every stream as it stood at the last position. */
async function sealDaysThatEnded(door: Door): Promise<number> {
  let sealed = 0
  const nowMs = door.clock.nowMs()
  for (const { siteId, timeZone, shopDayHour, lastSealedDay } of await sitesToSeal(door.pool)) {
    const yesterday = shopDayOf(nowMs - 24 * 3600_000, timeZone, shopDayHour)
    if (lastSealedDay !== null && lastSealedDay >= yesterday) continue
    const state = await readSealState(door.pool, siteId)
    const command = systemCommand(door.clock, [SEAL_STREAM], { type: 'seal.day', payload: { day: yesterday, ...state } }, { id: uuidFor(siteId, SEAL_STREAM, yesterday) })
    const { status } = await handleCommand(door, clockCaller(siteId), command)
    if (status === 200) sealed++
  }
  return sealed
}

/** Runs the worker until stopped. One that fails says so and tries again at the next tick: a deadline is not lost by it. */
export function startDeadlineWorker(door: Door, everyMs = 1000): () => Promise<void> {
  let stopped = false
  let running: Promise<void> = Promise.resolve()
  const tick = async () => {
    try { await fireDueDeadlines(door) }
    catch (error) {
      if (!stopped) console.error('Deadlines could not be fired; trying again.', error)
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
