import { setImmediate as breathe } from 'node:timers/promises'
import { airOfDay, peopleOfDay } from '#core/air/day-that-ended'
import { RULES_VERSION } from '#core/clearance/assess-station'
import { personStream, SITE_STREAM } from '#core/ids/streams'
import { dayAfter, shopDayOf, shopDaySpan } from '#core/time/shop-day'
import { lookedAtAir, sitesToLookAt } from '../database/air-day'
import type { SiteToLookAt } from '../database/air-day'
import { endedDay } from './ended-day'
import { handleCommand } from '../door/handle'
import { clockCaller, systemCommand, uuidFor } from '../door/system-command'
import type { Door } from '../door/door'
import { attempt, troubleOf } from './attempt'

const KIND = 'air-of-day'
const DAY_MS = 24 * 3600_000
/** Whoever slept for longer than a month finds the days before it gone: what stood then is in the record all the same. */
const DAYS_BACK = 31

/** The shop days of a site that are over and that nobody has looked at, oldest first. */
function daysToLookAt({ timeZone, shopDayHour, lastDay }: SiteToLookAt, nowMs: number): readonly string[] {
  const dayOf = (atMs: number) => shopDayOf(atMs, timeZone, shopDayHour)
  const yesterday = dayOf(nowMs - DAY_MS)
  const earliest = dayOf(nowMs - DAYS_BACK * DAY_MS)
  const days: string[] = []
  for (let day = lastDay === null || lastDay < earliest ? earliest : dayAfter(lastDay); day <= yesterday; day = dayAfter(day))
    days.push(day)
  return days
}

/** Is there a day to look at? A site whose clock cannot be read is tried as well: its reason is then set aside with it. */
function mayHaveDays(site: SiteToLookAt, nowMs: number): boolean {
  try {
    return daysToLookAt(site, nowMs).length > 0
  } catch {
    return true
  }
}

/** Keeps what everybody of a site breathed on a day that is over. @returns how many days of people were kept, or why it could not be */
async function keepDay(door: Door, { siteId, timeZone, shopDayHour }: SiteToLookAt, day: string, tries: number): Promise<number | string> {
  const { sinceMs, endsAtMs } = shopDaySpan(day, timeZone, shopDayHour)
  const facts = await endedDay(door.pool, siteId, sinceMs, endsAtMs)
  if (facts === null) return 0
  const breathedBy = airOfDay(facts, day, RULES_VERSION)
  let kept = 0
  for (const personId of peopleOfDay(facts)) {
    // A hall takes a while to work out: what is asked meanwhile is answered between two people.
    await breathe()
    const air = breathedBy(personId)
    if (air === null) continue
    const stream = personStream(personId)
    const id = uuidFor(siteId, stream, KIND, day, String(tries))
    const command = systemCommand(door.clock, [stream], { type: 'person.keep-air', payload: air }, { id })
    const { status, body } = await handleCommand(door, clockCaller(siteId), command)
    if (status !== 200) return body.findings.map(({ code }) => code).join(', ')
    kept++
  }
  return kept
}

/**
 * Keeps what people breathed on every shop day that is over, once, as the record says that it stood then: whenever this wakes, it finds
 * the same. A site that fails keeps no other from it.
 *
 * @returns how many days of people were kept
 */
export async function keepAirOfDaysThatEnded(door: Door): Promise<number> {
  let kept = 0
  const sites = await sitesToLookAt(door.pool)
  const todo = sites.filter(site => mayHaveDays(site, door.clock.nowMs()))
  if (todo.length === 0) return 0
  const trouble = await troubleOf(door, KIND)
  for (const site of todo) {
    const { siteId } = site
    const before = trouble.get(siteId)
    await attempt(door, { siteId, streamId: SITE_STREAM, kind: KIND, before }, async () => {
      for (const day of daysToLookAt(site, door.clock.nowMs())) {
        const done = await keepDay(door, site, day, before?.tries ?? 0)
        if (typeof done === 'string') return done
        kept += done
        await lookedAtAir(door.pool, siteId, day)
      }
      return null
    })
  }
  return kept
}
