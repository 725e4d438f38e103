import { describe, expect, it } from 'vitest'
import { randomFrom } from '#core/chance/draws'
import type { SiteAsTold, Told } from '#core/site-facts/told-site'
import { payloadSchemas } from '#shared/contract/command-schemas'
import { andThen, CLEAR_SHOP, is, opened, otherwise, readShop, without } from './shops'

const at = (time: string): string => `2026-11-28T${time}:00.000Z`
const told = (what: Omit<Told, 'at' | 'by'> & { readonly payload: unknown }, by = 'maren-holt', time = '08:50'): Told =>
  ({ ...what, at: at(time), by }) as Told
const withJob = (bay: string, change: object): SiteAsTold =>
  otherwise(
    CLEAR_SHOP,
    is('station.set-job', `station/${bay}`),
    one => ({ ...one, payload: { job: { ...(one.payload as { job: object }).job, ...change } } }) as Told,
  )

/** What holds for one reason each: forgetting anything else never opens it. */
const HOLDING: Readonly<Record<string, SiteAsTold>> = {
  'a job over what its air bears': withJob('gate-3', { arcMinPerH: 20 }),
  'a coating nobody named': withJob('bay-1', { coating: 'unknown' }),
  'a shade too light': otherwise(
    CLEAR_SHOP,
    is('station.set-helmet', 'station/bay-1'),
    one => ({ ...one, payload: { shade: 7 } }) as Told,
  ),
  'a cylinder of the wrong gas': otherwise(
    CLEAR_SHOP,
    is('cylinder.receive'),
    one => ({ ...one, payload: { ...(one.payload as object), gas: 'oxygen' } }) as Told,
  ),
  'a machine too small': otherwise(
    CLEAR_SHOP,
    is('item.register', 'item/m-bay-1'),
    one =>
      ({ ...one, payload: { ...(one.payload as object), marks: { ratedCurrentA: 80, ratedDutyPercent: 10, maxCurrentA: 90 } } }) as Told,
  ),
  'an extinguisher too far': otherwise(
    CLEAR_SHOP,
    is('item.assign', 'item/ex-1'),
    one => ({ ...one, payload: { assignment: { to: 'bay', id: 'bay-1', distanceM: 90 } } }) as Told,
  ),
  'a round not made': without(CLEAR_SHOP, ...CLEAR_SHOP.told.flatMap((one, index) => (one.type === 'permit.round' ? [index] : []))),
  'a permit for other work': otherwise(
    CLEAR_SHOP,
    is('permit.request'),
    one =>
      ({ ...one, payload: { ...(one.payload as object), job: { ...(one.payload as { job: object }).job, process: 'gtaw' } } }) as Told,
  ),
  'a flame with nothing of its own': withJob('bay-1', {
    process: 'ofc',
    fuelGas: 'acetylene',
    currentA: undefined,
    consumable: undefined,
  }),
}

/** Bad news: whoever takes it away says that something is better. Each with why it is so. */
const BAD_NEWS: readonly { readonly because: string, readonly is: (told: Told) => boolean }[] = [
  { because: 'a stop', is: is('station.stop') },
  { because: 'a tag-out', is: is('item.tag-out') },
]
const isBadNews = (one: Told): boolean => BAD_NEWS.some(news => news.is(one))

/**
 * Not forgotten here, each with why: that somebody works at all makes the air worse and asks for things; a wrong cylinder or
 * a poor machine that is not there is missing instead, which holds in its own right and is tried as a whole.
 */
const isWorkItself = ({ type }: Told): boolean => type === 'station.set-job' || type === 'station.place-person'

const scenarios: readonly (readonly [string, SiteAsTold])[] = [
  ...Object.entries(HOLDING),
  ['a stop', andThen(CLEAR_SHOP, told({ type: 'station.stop', stream: 'station/bay-1', payload: {} }))],
  ['a thing tagged out', andThen(CLEAR_SHOP, told({ type: 'item.tag-out', stream: 'item/l-bay-1', payload: { reason: 'frayed' } }))],
]

/** What a payload leaves when one field of it, at any depth, is not said. */
function lessOf(value: unknown): readonly unknown[] {
  if (Array.isArray(value))
    return value.flatMap((part: unknown, i) => lessOf(part).map(less => value.map((other: unknown, j) => (i === j ? less : other))))
  if (typeof value !== 'object' || value === null) return []
  const entries = Object.entries(value)
  return entries.flatMap(([key, inner]) => [
    Object.fromEntries(entries.filter(([other]) => other !== key)),
    ...lessOf(inner).map(less => ({ ...value, [key]: less })),
  ])
}

const PAIRS = 15
/** Facts whose fields are left unsaid one by one; what a look answers is forgotten as a whole. */
const FACTS = /^(?:station|cylinder|hall|permit|fume)\.|^item\.(?:register|assign)$/

describe.each(scenarios)('%s', (_name, shop) => {
  const before = readShop(shop)
  it('holds somewhere', () => expect(Object.values(before).some(({ word }) => word !== 'clear-to-strike')).toBe(true))
  it('is not opened by forgetting any one thing that was told', { timeout: 60_000 }, () => {
    const openings = shop.told.flatMap((one, index) =>
      isBadNews(one) || isWorkItself(one)
        ? []
        : opened(before, readShop(without(shop, index))).map(opening => `${opening} without ${one.type} ${one.stream}`),
    )
    expect(openings).toEqual([])
  })
  it('is not opened by forgetting two things', { timeout: 60_000 }, () => {
    const random = randomFrom(11)
    const forgettable = shop.told.flatMap((one, index) => (isBadNews(one) || isWorkItself(one) ? [] : [index]))
    const openings = Array.from({ length: PAIRS }, () =>
      [0, 1].map(() => forgettable[Math.floor(random() * forgettable.length)]!),
    ).flatMap(pair =>
      opened(before, readShop(without(shop, ...pair))).map(
        opening => `${opening} without ${pair.map(index => shop.told[index]!.type).join(' and ')}`,
      ),
    )
    expect(openings).toEqual([])
  })
  it('is not opened by leaving a field of it unsaid', { timeout: 60_000 }, () => {
    const openings = shop.told.flatMap((one, index) =>
      isBadNews(one) || !FACTS.test(one.type)
        ? []
        : lessOf(one.payload)
            .filter(payload => payloadSchemas[one.type].safeParse(payload).success)
            .flatMap(payload =>
              opened(
                before,
                readShop({ ...shop, told: shop.told.map((other, i) => (i === index ? ({ ...other, payload } as Told) : other)) }),
              ).map(opening => `${opening} with ${one.type} ${one.stream} ${JSON.stringify(payload).slice(0, 200)}`),
            ),
    )
    expect(openings).toEqual([])
  })
})
