import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { send, sendInOrder, sendTogether } from '#server/database/statement'
import { lockHeadsAfter } from '#server/database/event'
import { SITE_STREAM } from '#core/ids/streams'
import { BAY_1, BAY_2, openShop } from './shop'
import type { Shop } from './shop'

let shop: Shop
beforeAll(async () => {
  shop = await openShop()
  await shop.pool.query(`insert into site_position (site_id, position) values ('a', 1), ('b', 1)`)
})
afterAll(() => shop.close())

const moveTo = (siteId: string, position: number) => ({
  text: 'update site_position set position = $1 where site_id = $2',
  values: [position, siteId],
})
const positions = async () =>
  (await shop.pool.query<{ position: number }>(`select position from site_position where site_id in ('a', 'b') order by site_id`)).rows.map(
    row => row.position,
  )

describe('statements sent as one', () => {
  it('each get their own values, however many the others have', async () => {
    const eleven = Array.from({ length: 11 }, (_, index) => index + 1)
    const last = {
      text: `with summed as (select ${eleven.map(nth => `$${nth}::int`).join(' + ')} as sum) select sum from summed`,
      values: eleven,
    }
    const { rows } = await sendTogether<{ sum: number }>(shop.pool, [moveTo('a', 20), moveTo('b', 30)], last)
    expect(rows).toEqual([{ sum: 66 }])
    expect(await positions()).toEqual([20, 30])
  })

  it('stand or fall together', async () => {
    await sendInOrder(shop.pool, [moveTo('a', 1), moveTo('b', 1)])
    const broken = { text: `with x as (select 1 / $1::int as one) select one from x`, values: [0] }
    await expect(sendTogether(shop.pool, [moveTo('a', 5)], broken)).rejects.toThrow(/division by zero/)
    expect(await positions()).toEqual([1, 1])
  })

  it('refuse a last one that nothing can stand before', () =>
    expect(() => sendTogether(shop.pool, [], { text: 'select 1', values: [] })).toThrow(/begin with "with"/))

  it('keep no plan where they are many', async () => {
    const client = await shop.pool.connect()
    const plans = async () =>
      (await client.query<{ count: number }>('select count(*)::int as count from pg_prepared_statements')).rows[0]!.count
    try {
      const before = await plans()
      const last = { text: 'with x as (select $1::int as one) select one from x', values: [1] }
      await sendTogether(client, Array.from({ length: 40 }, () => moveTo('a', 3)), last)
      expect(await plans()).toBe(before)
      await send(client, moveTo('b', 4))
      await send(client, moveTo('b', 5))
      expect(await plans()).toBe(before + 1)
    } finally {
      client.release()
    }
  })
})

describe('what every decision looks at, and what a command names', () => {
  it('are locked in one question: one to share, the other to change', async () => {
    const [one, two] = [await shop.pool.connect(), await shop.pool.connect()]
    try {
      await one.query('begin')
      const heads = await lockHeadsAfter(one, shop.siteId, { streamIds: [SITE_STREAM, 'station/none'], mode: 'share' }, [BAY_2, BAY_1])
      expect([...heads.keys()]).toEqual(expect.arrayContaining([BAY_1, BAY_2]))
      expect(heads.has('station/none')).toBe(false)
      const take = (streamId: string, how: string) =>
        two.query(`select 1 from stream where site_id = $1 and stream_id = $2 for ${how} nowait`, [shop.siteId, streamId])
      await expect(take(BAY_1, 'no key update')).rejects.toMatchObject({ code: '55P03' })
      await expect(take(SITE_STREAM, 'no key update')).rejects.toMatchObject({ code: '55P03' })
      expect((await take(SITE_STREAM, 'share')).rowCount).toBe(1)
    } finally {
      await one.query('rollback')
      one.release()
      two.release()
    }
  })
})
