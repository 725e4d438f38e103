import { gunzipSync } from 'node:zlib'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { FloorReading, NoticeReading } from '#shared/contract/readings'
import { Boards } from '#server/boards'
import type { OwnPart, PackedBoard } from '#server/boards'
import { readPosition } from '#server/tables/site'
import { BAY_1, JOB, openShop } from './shop'
import type { Shop } from './shop'

let shop: Shop
beforeAll(async () => {
  shop = await openShop()
})
afterAll(() => shop.close())

const EMPTY: OwnPart = { unseen: [], trouble: [] }
const NOTHING = () => Promise.resolve(EMPTY)
const read = ({ json }: PackedBoard) => JSON.parse(json.toString()) as FloorReading
const now = () => readPosition(shop.pool, shop.siteId)
const change = async (currentA: number) => {
  const { status } = await shop.send(shop.as(['instructor'], 'maren'), [BAY_1], {
    type: 'station.set-job',
    payload: { job: { ...JOB, currentA } },
  })
  expect(status).toBe(200)
}

describe('the board that screens share', () => {
  it('is worked out once for all who ask at a position, and compressed once', async () => {
    const boards = new Boards(shop.pool, shop.clock)
    const position = await now()
    const all = await Promise.all(Array.from({ length: 20 }, () => boards.at(shop.siteId, position, NOTHING)))
    expect(all.every(one => one === all[0])).toBe(true)
    expect(gunzipSync(all[0]!.gzip).equals(all[0]!.json)).toBe(true)
    expect(read(all[0]!)).toMatchObject({ position, unseen: [], trouble: [], site: { name: expect.any(String) as string } })
  })
  it('nobody is told what another was told alone', async () => {
    const boards = new Boards(shop.pool, shop.clock)
    const own = { noticeId: 'n-1', about: 'item/m-1' } as NoticeReading
    const [mine, theirs] = await Promise.all([
      boards.at(shop.siteId, 0, () => Promise.resolve({ ...EMPTY, unseen: [own] })),
      boards.at(shop.siteId, 0, NOTHING),
    ])
    expect([read(mine).unseen, read(theirs).unseen]).toEqual([[own], []])
    expect(mine.etag).not.toBe(theirs.etag)
  })
  it('is never older than what whoever asks had heard of', async () => {
    const boards = new Boards(shop.pool, shop.clock)
    for (let i = 0; i < 5; i++) {
      const before = await boards.at(shop.siteId, await now(), NOTHING)
      await change(100 + i)
      const position = await now()
      expect(read(before).position).toBeLessThan(position)
      const after = read(await boards.at(shop.siteId, position, NOTHING))
      expect(after.position).toBe(position)
      expect(after.stations.find(({ bayId }) => bayId === 'bay-1')!.facts.job!.currentA).toBe(100 + i)
    }
  })
  // Told at a position with an own part from before it, what somebody was told in between would never be asked for again.
  it('what is theirs alone is never older than the board it is told with', async () => {
    const boards = new Boards(shop.pool, shop.clock)
    const asked = await now()
    await change(150)
    let readAt = -1
    const told = read(await boards.at(shop.siteId, asked, async () => {
      readAt = await now()
      return EMPTY
    }))
    expect(told.position).toBeGreaterThan(asked)
    expect(readAt).toBeGreaterThanOrEqual(told.position)
    const order: string[] = []
    const slow = new Proxy(shop.pool, {
      get: (own, key) =>
        key === 'connect'
          ? async () => {
            await change(160)
            order.push('board')
            return own.connect()
          }
          : (Reflect.get(own, key) as unknown),
    })
    await new Boards(slow, shop.clock).at(shop.siteId, told.position, () => {
      order.push('own')
      return Promise.resolve(EMPTY)
    })
    expect(order).toEqual(['board', 'own'])
  })
  it('asked while the record grows, each gets at least what they had heard', async () => {
    const boards = new Boards(shop.pool, shop.clock)
    const asked: Promise<void>[] = []
    for (let i = 0; i < 8; i++) {
      await change(200 + i)
      const position = await now()
      for (let k = 0; k < 5; k++)
        asked.push(boards.at(shop.siteId, position, NOTHING).then(board => expect(read(board).position).toBeGreaterThanOrEqual(position)))
    }
    await Promise.all(asked)
  })
  it('what hangs on the clock alone is told for a second, whichever way the clock was set', async () => {
    const boards = new Boards(shop.pool, shop.clock)
    const [position, startMs] = [await now(), shop.clock.nowMs()]
    const at = (ms: number) => {
      shop.clock.set(new Date(startMs + ms).toISOString())
      return boards.at(shop.siteId, position, NOTHING)
    }
    const first = await at(0)
    expect(await at(999)).toBe(first)
    expect(await at(1000)).not.toBe(first)
    expect(await at(-5000)).not.toBe(first)
    shop.clock.set(new Date(startMs).toISOString())
  })
  it('one that could not be read is not told, and not kept', async () => {
    let isAway = true
    const pool = new Proxy(shop.pool, {
      get: (own, key) => (key === 'connect' && isAway ? () => Promise.reject(new Error('away')) : (Reflect.get(own, key) as unknown)),
    })
    const boards = new Boards(pool, shop.clock)
    await expect(boards.at(shop.siteId, 0, NOTHING)).rejects.toThrow('away')
    isAway = false
    expect(read(await boards.at(shop.siteId, 0, NOTHING)).position).toBe(await now())
  })
})
