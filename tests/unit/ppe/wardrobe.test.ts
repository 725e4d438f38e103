import { describe, expect, it } from 'vitest'
import { WEARABLES } from '#core/ids/wearable-ids'
import { sizedAs } from '#core/ppe/wearables'
import { decideWardrobe, EMPTY_WARDROBE, evolveWardrobe, fitting, leftOf } from '#core/streams/wardrobe/wardrobe'
import type { StockLine, Wardrobe } from '#core/streams/wardrobe/wardrobe'
import { careRequest } from '#shared/contract/sign-in-schema'

const line = (lineId: string, wearable: StockLine['wearable'], size: string, count = 2): StockLine => ({ lineId, wearable, size, count })
const [MEDIUM, LARGE, SLEEVES] = [
  line('m', 'jacket-treated', 'M'), line('l', 'jacket-leather', 'L'), line('s', 'sleeves-leather', ''),
]
const counted = (...lines: readonly StockLine[]): Wardrobe => lines.reduce(
  (wardrobe, payload) => evolveWardrobe(wardrobe, { type: 'clothes-counted', version: 1, payload }), EMPTY_WARDROBE)

describe('what the shop lends', () => {
  it('is offered in their own size first, in another last, and what has no size between', () => {
    expect(fitting([MEDIUM, SLEEVES, LARGE], { body: 'L' }).map(({ line: { lineId }, fit }) => [lineId, fit]))
      .toEqual([['l', 'theirs'], ['s', 'untold'], ['m', 'another']])
  })
  it('is theirs however the size is written, and of no other part of them', () => {
    expect(fitting([LARGE], { body: ' l ' })[0]!.fit).toBe('theirs')
    expect(fitting([LARGE], { hands: 'L', legs: 'L' })[0]!.fit).toBe('untold')
    expect(fitting([LARGE], { body: 'XL' })[0]!.fit).toBe('another')
  })
  it('stands as it was counted where nobody knows a size', () => {
    expect(fitting([MEDIUM, SLEEVES, LARGE], {}).map(({ line: { lineId }, fit }) => [lineId, fit]))
      .toEqual([['m', 'untold'], ['s', 'untold'], ['l', 'untold']])
  })
  it('has a size wherever clothes are sold by one: a coverall as the jacket that it is, and no mask, glasses or plugs', () => {
    expect((['coverall-treated', 'sleeves-treated', 'cape-leather', 'apron-leather'] as const).map(sizedAs))
      .toEqual(['body', 'body', 'body', 'body'])
    expect((['gloves-thin', 'jeans', 'boots-toe', 'hood-treated'] as const).map(sizedAs)).toEqual(['hands', 'legs', 'feet', 'head'])
    expect(WEARABLES.filter(wearable => sizedAs(wearable) === null)).toEqual([
      'plugs', 'muffs', 'plugs-and-muffs', 'glasses-clear', 'glasses-tinted', 'glasses-own', 'goggles-flame', 'eyewear-laser',
      'helmet', 'face-shield', 'helmet-laser', 'mask', 'air-line', 'pockets-empty', 'pockets-full',
    ])
  })
  it('is there as often as it was counted, less what is lent, and never less than not at all', () => {
    const lent = { wearable: 'jacket-treated', size: 'm' } as const
    expect(leftOf(MEDIUM, [])).toBe(2)
    expect(leftOf(MEDIUM, [lent, { ...lent, size: 'L' }, { ...lent, wearable: 'jacket-leather' }])).toBe(1)
    expect(leftOf(MEDIUM, [lent, lent, lent])).toBe(0)
  })
  it('stands once for a kind and size, and is gone once none is counted', () => {
    const count = (payload: StockLine) => decideWardrobe(counted(MEDIUM), { type: 'wardrobe.count', payload })
    expect(count(line('other', 'jacket-treated', 'm '))).toHaveProperty('refused')
    expect(count(line('other', 'jacket-treated', 'L'))).toHaveProperty('events')
    expect(counted(MEDIUM, { ...MEDIUM, count: 0 }).lines).toEqual([])
    expect(counted(MEDIUM, { ...MEDIUM, count: 5 }).lines).toEqual([{ ...MEDIUM, count: 5 }])
    expect(count({ ...line('other', 'jacket-leather', 'L'), count: 0 })).toEqual({ events: [] })
  })
})

describe('sizes that are written down', () => {
  const care = { isLightSensitive: false, hasSoreEyes: false, wearsPrescription: false, symptoms: '', sizes: '' }
  const asked = (sizeOf?: object) => careRequest.safeParse({ personId: 'noor-hale', care: { ...care, ...sizeOf ? { sizeOf } : {} } })
  it('are none, some or all', () => {
    expect(asked().success).toBe(true)
    expect(asked({ body: ' L ' }).data?.care?.sizeOf).toEqual({ body: 'L' })
  })
  it('are refused where they say nothing, too much, or of what has no size', () => {
    for (const sizeOf of [{ body: ' ' }, { body: 'L'.repeat(21) }, { pockets: 'L' }, { body: 10 }])
      expect(asked(sizeOf).success).toBe(false)
  })
})
