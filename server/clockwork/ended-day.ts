import type { EndedDay } from '#core/air/day-that-ended'
import { dayOfBay } from '#core/clearance/stood-clear'
import { FUME_SHEETS_STREAM, hallStream, HOUSE_RULES_STREAM, samplesStream, SITE_STREAM, stationStream } from '#core/ids/streams'
import { kindNamed, readLanded } from '#core/streams/kinds'
import type { StationEvent } from '#core/streams/station/station'
import { positionBefore } from '../database/seal'
import { headUpTo, readBodies } from '../database/event'
import type { Queryable } from '../database/connection'
import { foldUpTo } from '../door/fold'

/** Pairs of ids and what was found of each. */
async function each<Value>(ids: readonly string[], find: (id: string) => Promise<Value>): Promise<readonly (readonly [string, Value])[]> {
  const found: (readonly [string, Value])[] = []
  for (const id of ids) found.push([id, await find(id)])
  return found
}

/**
 * A shop day as the record has it: what its air is worked out from, each station as it was when it last stood clear. It says the same
 * whenever it is asked.
 *
 * @returns null where nothing was recorded on that day: then no bay was opened
 */
export async function endedDay(db: Queryable, siteId: string, sinceMs: number, endsAtMs: number): Promise<EndedDay | null> {
  const [dayEnds, now] = [new Date(endsAtMs).toISOString(), new Date(endsAtMs - 1).toISOString()]
  const began = await positionBefore(db, siteId, new Date(sinceMs).toISOString())
  const ended = await positionBefore(db, siteId, dayEnds)
  if (ended === began) return null
  const site = await foldUpTo('site', db, siteId, SITE_STREAM, ended)
  const rules = await foldUpTo('house-rules', db, siteId, HOUSE_RULES_STREAM, ended)
  const { shopDayHour } = rules
  const bayIds = site.bays.map(({ bayId }) => bayId)
  const hallIds = [...new Set(site.areas.map(({ hallId }) => hallId))]
  const days = await each(bayIds, async (bayId) => {
    const stream = stationStream(bayId)
    const before = await foldUpTo('station', db, siteId, stream, began)
    const from = await headUpTo(db, siteId, stream, began)
    const until = await headUpTo(db, siteId, stream, ended)
    const bodies = until.version === from.version ? [] : await readBodies(db, siteId, stream, from.version, until.version)
    const befell = bodies.map(body => ({
      event: readLanded(kindNamed('station'), body) as StationEvent,
      commandId: body.commandId,
      recordedAt: body.recordedAt,
    }))
    return dayOfBay(before, befell, { timeZone: site.timeZone, shopDayHour }, dayEnds)
  })
  const stoodClear = Object.fromEntries(days.map(([bayId, { clear }]) => [bayId, clear]))
  return {
    // A bay that was shut for good in the evening burnt in the morning.
    site: { ...site, bays: site.bays.map(bay => ({ ...bay, closed: bay.closed && !stoodClear[bay.bayId]?.length })) },
    rules,
    now,
    halls: Object.fromEntries(await each(hallIds, hallId => foldUpTo('hall', db, siteId, hallStream(hallId), ended))),
    stations: Object.fromEntries(days.map(([bayId, { lastClear, atEnd }]) => [bayId, lastClear ?? atEnd])),
    sheets: await foldUpTo('fume-sheets', db, siteId, FUME_SHEETS_STREAM, ended),
    surveys: Object.fromEntries(
      await each(bayIds, async bayId => (await foldUpTo('samples', db, siteId, samplesStream(bayId), ended)).surveys),
    ),
    monitors: {},
    wearers: {},
    stoodClear,
  }
}
