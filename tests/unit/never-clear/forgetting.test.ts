import { describe, expect, it } from 'vitest'
import type { ShopAsTold, Told } from '#core/shop/told-shop'
import { andThen, CLEAR_SHOP, is, opened, otherwise, readShop, without } from './shops'

const at = (time: string): string => `2026-11-28T${time}:00.000Z`
const told = (what: Omit<Told, 'at' | 'by'> & { readonly payload: unknown }, by = 'maren-holt', time = '08:50'): Told => ({ ...what, at: at(time), by } as Told)
const withJob = (bay: string, change: object): ShopAsTold => otherwise(CLEAR_SHOP, is('station.set-job', `station/${bay}`), one => ({ ...one, payload: { job: { ...(one.payload as { job: object }).job, ...change } } }) as Told)

/** What holds for one reason each: forgetting anything else never opens it. */
const HOLDING: Readonly<Record<string, ShopAsTold>> = {
  'a job over what its air bears': withJob('gate-3', { arcMinPerH: 20 }),
  'a coating nobody named': withJob('bay-1', { coating: 'unknown' }),
  'a shade too light': otherwise(CLEAR_SHOP, is('station.set-helmet', 'station/bay-1'), one => ({ ...one, payload: { shade: 7 } }) as Told),
  'a cylinder of the wrong gas': otherwise(CLEAR_SHOP, is('cylinder.receive'), one => ({ ...one, payload: { ...(one.payload as object), gas: 'oxygen' } }) as Told),
  'a machine too small': otherwise(CLEAR_SHOP, is('item.register', 'item/m-bay-1'), one => ({ ...one, payload: { ...(one.payload as object), marks: { ratedCurrentA: 80, ratedDutyPercent: 10, maxCurrentA: 90 } } }) as Told),
  'an extinguisher too far': otherwise(CLEAR_SHOP, is('item.assign', 'item/ex-1'), one => ({ ...one, payload: { assignment: { to: 'bay', id: 'bay-1', distanceM: 90 } } }) as Told),
  'a round not made': without(CLEAR_SHOP, ...CLEAR_SHOP.told.flatMap((one, index) => one.type === 'permit.round' ? [index] : [])),
  'a permit for other work': otherwise(CLEAR_SHOP, is('permit.request'), one => ({ ...one, payload: { ...(one.payload as object), job: { ...(one.payload as { job: object }).job, process: 'gtaw' } } }) as Told),
  'a flame with nothing of its own': withJob('bay-1', { process: 'ofc', fuelGas: 'acetylene', currentA: undefined, consumable: undefined }),
}

/** Bad news: whoever takes it away says that something is better. Each with why it is so. */
const BAD_NEWS: readonly { readonly because: string, readonly is: (told: Told) => boolean }[] = [
  { because: 'a stop', is: is('station.stop') },
  { because: 'a tag-out', is: is('item.tag-out') },
]
const isBadNews = (one: Told): boolean => BAD_NEWS.some(news => news.is(one))

/** That a neighbour works at all makes the air worse, and a job heard of may ask for what another would not. */
const isWorkItself = ({ type }: Told): boolean => type === 'station.set-job' || type === 'station.place-person'
/** The thing itself: a wrong cylinder or a poor machine that is not there is not wrong; that it is missing holds in its own right. */

const scenarios: readonly (readonly [string, ShopAsTold])[] = [['everything clear', CLEAR_SHOP], ...Object.entries(HOLDING), ['a stop', andThen(CLEAR_SHOP, told({ type: 'station.stop', stream: 'station/bay-1', payload: {} }))], ['a thing tagged out', andThen(CLEAR_SHOP, told({ type: 'item.tag-out', stream: 'item/l-bay-1', payload: { reason: 'frayed' } }))]]

describe.each(scenarios)('%s', (_name, shop) => {
  const before = readShop(shop)
  it('is not opened by forgetting any one thing that was told', () => {
    const openings = shop.told.flatMap((one, index) => isBadNews(one) || isWorkItself(one) ? [] : opened(before, readShop(without(shop, index))).map(opening => `${opening} without ${one.type} ${one.stream}`))
    expect(openings).toEqual([])
  })
})
