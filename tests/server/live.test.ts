import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { Live } from '#server/live'
import type { Change } from '#server/live'
import { handleCommand } from '#server/door/handle'
import { readPosition } from '#server/tables/site'
import { BAY_1, openShop } from './shop'
import type { Shop } from './shop'

/** Two processes against one database, each with its own ear. */
let shop: Shop
let here: Live
let there: Live
beforeEach(async () => {
  shop = await openShop()
  here = new Live(shop.pool, shop.url)
  there = new Live(shop.pool, shop.url)
})
afterEach(async () => {
  await here.close()
  await there.close()
  await shop.close()
})

const setHelmet = (shade: number, announce: (siteId: string) => void) =>
  handleCommand(
    { ...shop.door, announce },
    shop.as(['instructor'], 'maren'),
    shop.command([BAY_1], { type: 'station.set-helmet', payload: { shade } }),
  )

/** Everything heard after a position, until there are so many. */
function listen(live: Live, after: number) {
  const heard: Change[] = []
  const stop = live.subscribe(shop.siteId, after, changes => heard.push(...changes))
  return { heard, stop, until: (count: number) => expect.poll(() => heard.length, { timeout: 5000 }).toBeGreaterThanOrEqual(count) }
}

describe('live updates', () => {
  it('reach a listener of another process, in order, once each', async () => {
    const from = await readPosition(shop.pool, shop.siteId)
    const { heard, until, stop } = listen(there, from)
    for (const shade of [9, 10, 11, 12]) await setHelmet(shade, here.announce)
    const last = await readPosition(shop.pool, shop.siteId)
    await until(last - from)
    expect(heard.map(({ position }) => position)).toEqual(Array.from({ length: last - from }, (_, i) => from + 1 + i))
    stop()
  })
  it('come also when no notification was sent: the poll is the net', async () => {
    const from = await readPosition(shop.pool, shop.siteId)
    const { until } = listen(there, from)
    await setHelmet(9, () => {})
    await until(1)
  })
  it('begin where a listener left off, and each hears only what it has not heard', async () => {
    await setHelmet(9, here.announce)
    const from = await readPosition(shop.pool, shop.siteId)
    const early = listen(here, from - 3)
    await early.until(3)
    const late = listen(here, from)
    await setHelmet(10, here.announce)
    await late.until(1)
    expect(late.heard.every(({ position }) => position > from)).toBe(true)
    expect(early.heard.slice(0, 3).map(({ position }) => position)).toEqual([from - 2, from - 1, from])
  })
  it('tell nobody of another site', async () => {
    const heard: Change[] = []
    here.subscribe('elsewhere', 0, changes => heard.push(...changes))
    await setHelmet(9, here.announce)
    await new Promise(resolve => setTimeout(resolve, 300))
    expect(heard).toEqual([])
  })
})
