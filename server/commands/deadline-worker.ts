import type { CommandOf } from '#core/command/commands'
import { SEAL_STREAM } from '#core/command/commands'
import { PERMIT_DEADLINES } from '#core/hotwork/permit'
import { shopDayOf } from '#core/houserules/shop-day'
import { nowIso } from '../clock'
import { dueDeadlines, forgetSettled, isStillDue, forgetTrouble, readTrouble, setAside } from '../database/deadline'
import { readSealState, sitesToSeal } from '../database/seal'
import { handleCommand } from './door'
import type { Answer, Door } from './door'
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
  return fired + await sealDaysThatEnded(door)
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

const SEAL_KIND = 'seal-day'

/** Seals the shop day before today, once, over every stream as it stood at the last position. A site that cannot be sealed keeps no other from it. */
async function sealDaysThatEnded(door: Door): Promise<number> {
  let sealed = 0
  const nowMs = door.clock.nowMs()
  const trouble = new Map((await readTrouble(door.pool, null, 1000)).filter(({ kind }) => kind === SEAL_KIND).map(one => [one.siteId, one]))
  for (const { siteId, timeZone, shopDayHour, lastSealedDay } of await sitesToSeal(door.pool)) {
    const before = trouble.get(siteId)
    if (before && Date.parse(before.retryAt) > nowMs) continue
    const because = await failureOf(async () => {
      const yesterday = shopDayOf(nowMs - 24 * 3600_000, timeZone, shopDayHour)
      if (lastSealedDay !== null && lastSealedDay >= yesterday) return NOTHING_TO_DO
      const state = await readSealState(door.pool, siteId)
      const id = uuidFor(siteId, SEAL_STREAM, yesterday, String(before?.tries ?? 0))
      const command = systemCommand(door.clock, [SEAL_STREAM], { type: 'seal.day', payload: { day: yesterday, ...state } }, { id })
      const answer = await handleCommand(door, clockCaller(siteId), command)
      if (answer.status === 200) sealed++
      return answer
    })
    if (because !== null) await setAside(door.pool, { siteId, streamId: SEAL_STREAM, kind: SEAL_KIND, dueAt: before?.dueAt ?? nowIso(door.clock) }, because, nowIso(door.clock))
    else if (before) await forgetTrouble(door.pool, siteId, SEAL_STREAM, SEAL_KIND)
  }
  return sealed
}

const NOTHING_TO_DO: Answer = { status: 200, body: { commandId: '', position: 0, streams: [], findings: [] } }

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
