import { shopDayEndsAtMs, shopDayOf } from '#core/time/shop-day'
import { firstAfter, positionBefore, readSealState, sitesToSeal } from '../database/seal'
import type { SiteToSeal } from '../database/seal'
import type { AnchorKeeper } from '../record/anchors'
import { attempt, troubleOf } from './attempt'
import { handleCommand } from '../door/handle'
import { clockCaller, systemCommand, uuidFor } from '../door/system-command'
import type { Door } from '../door/door'
import { SEAL_STREAM } from '#core/ids/streams'

const SEAL_KIND = 'seal-day'
const ANCHOR_KIND = 'anchor'
const DAY_MS = 24 * 3600_000

/**
 * The days of a site that ended and are not sealed: yesterday, and before it every day in which something happened while nobody was
 * awake to seal it, each as it stood when it ended.
 */
async function unsealedDays(
  door: Door,
  { siteId, timeZone, shopDayHour, lastSealedDay, lastPosition }: SiteToSeal,
): Promise<{ day: string, upTo?: number }[]> {
  const yesterday = shopDayOf(door.clock.nowMs() - DAY_MS, timeZone, shopDayHour)
  if (lastSealedDay !== null && lastSealedDay >= yesterday) return []
  const days: { day: string, upTo?: number }[] = []
  for (let position = lastPosition; ;) {
    const at = await firstAfter(door.pool, siteId, position)
    const day = at === null ? yesterday : shopDayOf(Date.parse(at), timeZone, shopDayHour)
    if (at === null || day >= yesterday) break
    position = await positionBefore(door.pool, siteId, new Date(shopDayEndsAtMs(Date.parse(at), timeZone, shopDayHour)).toISOString())
    if (lastSealedDay === null || day > lastSealedDay) days.push({ day, upTo: position })
  }
  return [...days, { day: yesterday }]
}

/** Seals every shop day that ended, once, over every stream. A site that cannot be sealed keeps no other from it. @returns how many were */
export async function sealDaysThatEnded(door: Door): Promise<number> {
  let sealed = 0
  const trouble = await troubleOf(door, SEAL_KIND)
  for (const site of await sitesToSeal(door.pool)) {
    const { siteId } = site
    const before = trouble.get(siteId)
    await attempt(door, { siteId, streamId: SEAL_STREAM, kind: SEAL_KIND, before }, async () => {
      for (const { day, upTo } of await unsealedDays(door, site)) {
        const state = await readSealState(door.pool, siteId, upTo)
        const id = uuidFor(siteId, SEAL_STREAM, day, String(before?.tries ?? 0))
        const command = systemCommand(door.clock, [SEAL_STREAM], { type: 'seal.day', payload: { day, ...state } }, { id })
        const { status, body } = await handleCommand(door, clockCaller(siteId), command)
        if (status !== 200) return body.findings.map(({ code }) => code).join(', ')
        sealed++
      }
      return null
    })
  }
  return sealed
}

/** Anchors outside the database what was sealed. @returns how many seals were anchored */
export async function anchorSeals(door: Door, keeper: AnchorKeeper): Promise<number> {
  let anchored = 0
  const trouble = await troubleOf(door, ANCHOR_KIND)
  for (const { siteId } of await sitesToSeal(door.pool)) {
    await attempt(door, { siteId, streamId: SEAL_STREAM, kind: ANCHOR_KIND, before: trouble.get(siteId) }, async () => {
      anchored += await keeper.anchor(door.pool, siteId)
      return null
    })
  }
  return anchored
}
