import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { AirOfDay } from '#core/exposure/air-of-day'
import { hallStream, personStream, stationStream } from '#core/ids/streams'
import { fireDueDeadlines } from '#server/clockwork/deadlines'
import { keepAirOfDaysThatEnded } from '#server/clockwork/air-days'
import { EMPTY_STATION } from '#core/streams/station/station'
import { readTrouble } from '#server/database/deadline'
import { verifyChains } from '#server/database/event'
import { positionBefore } from '#server/database/seal'
import { SNAPSHOT_FORMAT } from '#server/database/snapshot'
import { foldUpTo } from '#server/door/fold'
import { readAirOfDays } from '#server/tables/air-of-days'
import { loadDemo } from '../../demo/load'
import { SITE } from '../../demo/fenmarsh'
import { copiesOf, count, openShop } from './shop'
import type { Shop } from './shop'

// The demo yard works a morning: bay 2 is clear, and Runa welds aluminium there from eight to twelve, New York time.

const { siteId } = SITE
const RUNA = 'runa-okafor'
const lead = (shop: Shop) => ({ ...shop.as(['safety-lead'], 'oskar-fenn'), siteId, isSigned: true })
const kept = (shop: Shop): Promise<readonly AirOfDay[]> => readAirOfDays(shop.pool, siteId, RUNA, null)
/** Days of people that were kept since; those before came with the demo. */
const KEPT_SINCE = `select count(*) from event where type = 'air-of-day-kept' and body_json -> 'payload' ->> 'day' >= '2026-11-23'`
const events = (shop: Shop): Promise<number> => count(shop.pool, KEPT_SINCE)

/** A yard that opened at nine and was stopped at half past ten: one that stays awake, one that sleeps, one with two who are awake. */
let shop: Shop
let late: Shop
let both: Shop
beforeAll(async () => {
  const yard = await openShop('other')
  yard.clock.set('2026-11-23T14:00:00.000Z')
  await loadDemo(yard.door, true)
  yard.clock.set('2026-11-23T15:30:00.000Z')
  const { status } = await yard.send(lead(yard), [stationStream('bay-2')], { type: 'station.stop', payload: {} })
  expect(status).toBe(200);
  [shop, late, both] = await copiesOf(yard, 3) as [Shop, Shop, Shop]
})
afterAll(() => Promise.all([shop, late, both].map(one => one.close())))

describe('what people breathed on a day', () => {
  it('is not kept before the day is over', async () => {
    shop.clock.set('2026-11-24T08:59:59.000Z')
    await fireDueDeadlines(shop.door)
    expect(await events(shop)).toBe(0)
  })
  it('is kept as the shop day ends, of whoever could strike, for as long as they could', async () => {
    shop.clock.set('2026-11-24T09:00:01.000Z')
    await fireDueDeadlines(shop.door)
    const [day, ...before] = await kept(shop)
    expect(before).toEqual([])
    expect(day).toMatchObject({ day: '2026-11-23', work: [{ bayId: 'bay-2', minutes: 90, processes: ['gtaw'] }], unknownBays: [] })
    expect(day!.fraction).toBeGreaterThan(0)
    expect(day!.substances.map(({ substance }) => substance)).toContain('ozone')
    // Bay 8 was stopped, bay 9 and the others on hold: nobody else struck.
    expect(await events(shop)).toBe(1)
  })
  it('is kept once, however often the clock comes by, and stands in an unbroken chain under the seal of its night', async () => {
    for (let i = 0; i < 3; i++) await fireDueDeadlines(shop.door)
    expect(await events(shop)).toBe(1)
    expect(await verifyChains(shop.pool, siteId)).toEqual([])
    expect(
      await count(
        shop.pool,
        `select count(*) from event a join event s on s.site_id = a.site_id and s.type = 'day-sealed' and s.position > a.position
         where a.type = 'air-of-day-kept' and a.stream_id = 'person/runa-okafor'
           and (s.body_json -> 'payload' ->> 'position')::bigint >= a.position`,
      ),
    ).toBe(1)
  })
  it('is asked page by page, newest first, and ends', async () => {
    expect(await readAirOfDays(shop.pool, siteId, RUNA, '2026-11-23')).toEqual([])
    expect(await readAirOfDays(shop.pool, siteId, RUNA, '2026-11-24')).toHaveLength(1)
    expect(await readAirOfDays(shop.pool, siteId, 'oskar-lindt', null)).toEqual([])
  })
})

describe('whoever wakes late', () => {
  it('finds the day as it stood, though since then a hood was taken away and its welder went home for good', async () => {
    late.clock.set('2026-11-26T13:00:00.000Z')
    const gone = await late.send(lead(late), [personStream(RUNA)], { type: 'person.leave', payload: {} })
    expect(gone).toMatchObject({ status: 200 })
    const bare = await late.send(lead(late), [hallStream('boat-shed')], {
      type: 'hall.fit-bay', payload: { bayId: 'bay-2', fitted: { xM: 3, yM: 3, extraction: null } },
    })
    expect(bare).toMatchObject({ status: 200 })
    await fireDueDeadlines(late.door)
    expect(await kept(late)).toEqual(await kept(shop))
  })
  it('reads a stream as it stood, from no snapshot that was taken since', async () => {
    const stream = stationStream('bay-2')
    const ends = await positionBefore(late.pool, siteId, '2026-11-24T09:00:00.000Z')
    const stood = await foldUpTo('station', late.pool, siteId, stream, ends)
    expect(stood.stop).not.toBeNull()
    await late.pool.query(
      `insert into snapshot (site_id, stream_id, version, format, state) values ($1, $2, 9999, $3, '{"stop": null}')
       on conflict (site_id, stream_id) do update set version = 9999, state = excluded.state`,
      [siteId, stream, SNAPSHOT_FORMAT],
    )
    const before = await positionBefore(late.pool, siteId, '2026-11-23T15:30:00.000Z')
    expect(await foldUpTo('station', late.pool, siteId, stream, before)).toEqual({ ...stood, stop: null })
    expect(await foldUpTo('station', late.pool, siteId, stream, 0)).toEqual(EMPTY_STATION)
  })
  it('finds nothing of the days in which nobody was there, though nobody wrote down that its looks were over', async () => {
    expect(await events(late)).toBe(1)
    expect(await readTrouble(late.pool, siteId, 10)).toEqual([])
    expect(await count(late.pool, `select count(*) from air_day where site_id = '${siteId}' and day = '2026-11-25'`)).toBe(1)
  })
})

it('two at once keep it once', async () => {
  both.clock.set('2026-11-24T09:00:01.000Z')
  await Promise.all([keepAirOfDaysThatEnded(both.door), keepAirOfDaysThatEnded(both.door)])
  expect(await events(both)).toBe(1)
  expect(await kept(both)).toEqual(await kept(shop))
})
it('what fails is set aside with its reason, keeps no seal from being set, and is tried again', async () => {
  both.clock.set('2026-11-25T09:00:01.000Z')
  const full: Shop['pool'] = Object.create(both.pool)
  full.query = ((text: unknown, ...more: readonly unknown[]) =>
    typeof text === 'string' && text.includes('into air_day')
      ? Promise.reject(new Error('no room on the disk'))
      : both.pool.query(text as string, ...more as [])) as typeof full.query
  const away = { ...both.door, pool: full }
  await fireDueDeadlines(away)
  expect(await readTrouble(both.pool, siteId, 10)).toMatchObject([{ kind: 'air-of-day', because: 'no room on the disk', tries: 1 }])
  const seals = `select count(*) from event where site_id = $1 and type = 'day-sealed' and body_json -> 'payload' ->> 'day' = '2026-11-24'`
  expect(await count(both.pool, seals, [siteId])).toBe(1)
  both.clock.set('2026-11-25T09:01:01.000Z')
  await fireDueDeadlines(both.door)
  expect(await readTrouble(both.pool, siteId, 10)).toEqual([])
})
