import pg from 'pg'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DERIVED_TABLES, rebuild } from '#server/record/rebuild'
import { fireDueDeadlines } from '#server/clockwork/deadlines'
import { clockCaller } from '#server/door/system-command'
import { verifyChains } from '#server/database/event'
import { readSealEvents, readSealState } from '#server/database/seal'
import { readStations } from '#server/tables/station'
import { BAY_1, BAY_2, count, JOB, openShop } from './shop'
import type { Shop } from './shop'

let shop: Shop
let owner: pg.Client
beforeAll(async () => {
  shop = await openShop()
  owner = new pg.Client({ connectionString: shop.url })
  await owner.connect()
  await shop.send(shop.as(['instructor'], 'maren'), [BAY_1, BAY_2], { type: 'station.set-job', payload: { job: JOB } })
  await shop.send(shop.as(['instructor'], 'maren'), [BAY_1], { type: 'station.check-helmet', payload: { passed: true } })
})
afterAll(async () => {
  await owner.end()
  await shop.close()
})

const derived = async (): Promise<unknown> => {
  const tables: Record<string, unknown> = {}
  for (const table of DERIVED_TABLES.filter(name => name !== 'snapshot'))
    tables[table] = (await owner.query(`select t.* from ${table} t order by t::text`)).rows
  return tables
}

describe('the record', () => {
  it('is append-only by the database itself: the application may not change it, and the owner is refused too', async () => {
    for (const statement of [`update event set type = 'other'`, 'delete from event', 'truncate event']) {
      await expect(shop.pool.query(statement), statement).rejects.toMatchObject({ code: '42501' })
      await expect(owner.query(statement), statement).rejects.toThrow(/append-only/)
    }
  })

  it('rebuilt from its events gives equal read tables', async () => {
    const before = await derived()
    expect(await rebuild(shop.pool)).toBeGreaterThan(4)
    expect(await derived()).toEqual(before)
  })

  it('goes on from a snapshot as from its events', async () => {
    const instructor = shop.as(['instructor'], 'maren')
    for (let i = 0; i < 210; i++) await shop.send(instructor, [BAY_2], { type: 'station.set-helmet', payload: { shade: 8 + i % 6 } })
    expect(await count(shop.pool, 'select count(*) from snapshot where stream_id = $1', [BAY_2])).toBe(1)
    const { rows } = await owner.query<{ state: object }>('select state from snapshot where stream_id = $1', [BAY_2])
    expect(rows[0]!.state).toHaveProperty('helmet')
    const before = await derived()
    await rebuild(shop.pool)
    expect(await derived()).toEqual(before)
  })

  it('stands when verified, and a tampered event is found', async () => {
    expect(await verifyChains(shop.pool, shop.siteId)).toEqual([])
    await owner.query('alter table event disable trigger event_is_append_only')
    await owner.query(
      `update event set body = replace(body, '"currentA":180', '"currentA":90') where stream_id = $1 and type = 'job-set'`,
      [BAY_1],
    )
    expect(await verifyChains(shop.pool, shop.siteId)).toMatchObject([{ streamId: BAY_1, what: 'text' }])
    await owner.query(
      `update event set body = replace(body, '"currentA":90', '"currentA":180') where stream_id = $1 and type = 'job-set'`,
      [BAY_1],
    )
    await owner.query(`delete from event where stream_id = $1 and version = 2`, [BAY_1])
    expect((await verifyChains(shop.pool, shop.siteId)).map(({ what }) => what)).toEqual(['gap', 'link'])
    await owner.query('alter table event enable trigger event_is_append_only')
  })
})

describe('the clock', () => {
  it('lets today\'s checks lapse at the shop-day hour, once, whatever number of processes look', async () => {
    const lapses = () => count(shop.pool, `select count(*) from event where stream_id = $1 and type = 'checks-lapsed'`, [BAY_2])
    await shop.send(shop.as(['instructor'], 'maren'), [BAY_2], { type: 'station.check-helmet', payload: { passed: true } })
    shop.clock.set('2026-11-24T03:59:59.000Z')
    await fireDueDeadlines(shop.door)
    expect(await lapses()).toBe(0)
    shop.clock.set('2026-11-24T04:00:00.000Z')
    await Promise.all(Array.from({ length: 6 }, () => fireDueDeadlines(shop.door)))
    expect(await lapses()).toBe(1)
    // Whoever woke late, under whatever id, finds nothing left to lapse.
    expect((await shop.send(clockCaller(shop.siteId), [BAY_2], { type: 'station.lapse-checks', payload: {} })).status).toBe(200)
    expect(await lapses()).toBe(1)
    const bay = (await readStations(shop.pool, shop.siteId)).find(({ bayId }) => bayId === 'bay-2')!
    expect(bay.facts.helmetCheck).toBeNull()
    expect(await count(shop.pool, 'select count(*) from deadline')).toBe(0)
    expect(
      await count(shop.pool, `select count(*) from event where stream_id = $1 and type = 'checks-lapsed' and actor_kind = 'clock'`, [
        BAY_2,
      ]),
    ).toBe(1)
  })

  it('seals each day once over all streams, and the seal can be checked later', async () => {
    await fireDueDeadlines(shop.door)
    const seals = await readSealEvents(shop.pool, shop.siteId)
    expect(seals.map(({ day }) => day)).toEqual(['2026-11-22', '2026-11-23'])
    await shop.send(shop.as(['instructor'], 'maren'), [BAY_2], { type: 'station.set-helmet', payload: { shade: 9 } })
    const { headsSha256, streams, position } = seals.at(-1)!
    expect(await readSealState(shop.pool, shop.siteId, position)).toEqual({ headsSha256, streams, position })
  })
})
