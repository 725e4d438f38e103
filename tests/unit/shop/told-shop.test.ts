import { expect, it } from 'vitest'
import { judgeShop } from '#core/shop/judge-shop'
import { shopFrom } from '#core/shop/told-shop'
import { TWO_BAY_SHOP, twoBayShop } from '../../../demo/two-bay-shop'

const read = (shop: typeof TWO_BAY_SHOP) => judgeShop(shopFrom(shop).facts).map(({ bay, verdict }) => `${bay.bayId} ${verdict.word} ${verdict.gates.filter(({ state }) => state !== 'open' && state !== 'not-needed').map(({ gate, findings }) => `${gate}: ${findings[0]!.code}`).join(', ')}`.trim())

it('a shop told in full is clear where everything was done, and all of it is accepted', () => {
  expect(shopFrom(TWO_BAY_SHOP).unaccepted).toEqual([])
  expect(read(TWO_BAY_SHOP)).toEqual(['bay-1 clear-to-strike', 'gate-3 hold fire: permit.unheard'])
  expect(read(twoBayShop(true))).toEqual(['bay-1 clear-to-strike', 'gate-3 clear-to-strike'])
})
it('says how old the oldest fact of a bay is', () => {
  expect(judgeShop(shopFrom(TWO_BAY_SHOP).facts).map(({ oldestFactAt }) => oldestFactAt)).toEqual(['2026-11-28T08:00:00.000Z', '2026-11-28T08:00:00.000Z'])
})
it('what is not accepted is said with its reasons and changes nothing', () => {
  const cylinder = TWO_BAY_SHOP.told.findIndex(({ type }) => type === 'cylinder.connect')
  const shop = { ...TWO_BAY_SHOP, told: TWO_BAY_SHOP.told.map((one, i) => i === cylinder ? { ...one, payload: { bayId: 'bay-1', steps: [] } } as typeof one : one) }
  expect(shopFrom(shop).unaccepted).toMatchObject([{ index: cylinder, findings: [{ code: 'cylinder.steps-missing' }] }])
  expect(read(shop)[0]).toBe('bay-1 hold gas: gas.none-connected')
})
it('runs the clocks of its permits: past a round that nobody made, the work stands', () => {
  const later = { ...twoBayShop(true), now: '2026-11-28T10:00:00.000Z' }
  expect(read(later)[1]).toBe('gate-3 stopped fire: permit.suspended')
  expect(shopFrom(later).facts.fire.permits[0]!.permit).toMatchObject({ phase: 'suspended', suspension: { cause: 'round-overdue', by: 'clock' } })
})
it('nothing told of the future counts before it is so', () => {
  const early = { ...twoBayShop(true), now: '2026-11-28T08:05:00.000Z' }
  expect(judgeShop(shopFrom(early).facts).every(({ station }) => station.helmetCheck === null || station.helmetCheck.at <= early.now)).toBe(true)
})
