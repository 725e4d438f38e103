import { describe, expect, it } from 'vitest'
import { predictHall } from '#core/air/hall-prediction'
import { hallQuestion } from '#core/air/air-facts'
import { judgeHallToBe, MOST_BAYS_TO_BE } from '#core/air/hall-to-be'
import type { BaysToBe } from '#core/air/hall-to-be'
import type { HallAir } from '#core/ventilation/hall'
import { ARM, facts, HALL, NEAR, NOW, ready, RULES, STICK } from './air-of-a-shop'

const around = { rules: RULES, sheets: {}, timeZone: 'Europe/London', now: NOW }
const STICK_BAY: BaysToBe['like'] = { job: STICK, extraction: ARM, position: NEAR }
const SQUARE = { lengthM: 20, widthM: 20 }
const judge = (kinds: readonly BaysToBe[], over: Partial<HallAir> = {}, sides = SQUARE) =>
  judgeHallToBe({ ...HALL, ...over }, sides, kinds, around)
const fractionOf = (count: number, over: Partial<HallAir> = {}, like = STICK_BAY) => judge([{ like, count }], over)[0]!.exposure!.fraction!
const holdsOf = (like: BaysToBe['like']) => {
  const { found, missing } = judge([{ like, count: 1 }])[0]!
  return [...found, ...missing].filter(({ severity }) => severity === 'hold').map(({ code }) => code)
}

describe('a hall that is not there yet', () => {
  it('by what input would it read clear: a long one counts its bays as standing together, for nobody placed them', () => {
    const kinds = [{ like: STICK_BAY, count: 3 }]
    const use = (sides: typeof SQUARE) => judge(kinds, {}, sides)[0]!.exposure!.fraction!
    expect(use({ lengthM: 80, widthM: 5 })).toBeGreaterThan(use(SQUARE))
    expect(use({ lengthM: 5, widthM: 80 })).toBe(use({ lengthM: 80, widthM: 5 }))
  })
  it('breathes as one that is: three bays alike, in the same hall, with the same work', () => {
    const stands = facts({ one: ready({ personId: 'a' }), two: ready({ personId: 'b' }), three: ready({ personId: 'c' }) })
    const there = predictHall({ ...hallQuestion(stands, 'hall')!, mayStrike: () => true })
    const { breathed } = judge([{ like: STICK_BAY, count: 3 }])[0]!.prediction!
    const { high, mid } = breathed!['total-fume']!.twa
    const each = ['one', 'two', 'three'].map(id => there.bay(id)!.breathed!['total-fume']!.twa)
    expect(each.filter(twa => Math.abs(twa.high - high) < 1e-10 && Math.abs(twa.mid - mid) < 1e-10)).toHaveLength(1)
  })
  it('holds more fume with every bay more, and less with more air', () => {
    const [one, six, twenty] = [1, 6, 20].map(count => fractionOf(count))
    expect(six).toBeGreaterThan(one!)
    expect(twenty).toBeGreaterThan(six!)
    expect(fractionOf(6, { supplyM3PerS: 12 })).toBeLessThan(six!)
    expect(fractionOf(6, { outdoorShare: 0.2 })).toBeGreaterThan(six!)
  })
  it('counts all its bays, also those whose own fume would hold them', () => {
    const bare = { ...STICK_BAY, extraction: null, position: null, job: { ...STICK, arcMinPerH: 40 } }
    const alone = judge([{ like: STICK_BAY, count: 1 }])[0]!.exposure!.fraction!
    const [beside, foul] = judge([{ like: STICK_BAY, count: 1 }, { like: bare, count: 8 }])
    expect(foul!.exposure!.fraction!).toBeGreaterThan(1)
    expect(beside!.exposure!.fraction!).toBeGreaterThan(alone)
  })
  it('is no better than the worst of its bays, each drawn by itself', () => {
    const stands = facts(Object.fromEntries(['a', 'b', 'c', 'd', 'e', 'f'].map(id => [id, ready({ personId: id })])))
    const there = predictHall({ ...hallQuestion(stands, 'hall')!, mayStrike: () => true })
    const each = ['a', 'b', 'c', 'd', 'e', 'f'].map(id => there.bay(id)!.breathed!['manganese']!.twa.high)
    expect(new Set(each).size).toBeGreaterThan(1)
    const { exposure, prediction } = judge([{ like: STICK_BAY, count: 6 }])[0]!
    expect(exposure!.worst!.limit.substance).toBe('manganese')
    expect(prediction!.breathed!['manganese']!.twa.high).toBeCloseTo(Math.max(...each), 10)
  })
  it('says nothing of a kind with no bay, and of the others what they are without it', () => {
    const [none, some] = judge([{ like: STICK_BAY, count: 0 }, { like: STICK_BAY, count: 2 }])
    expect(none).toBeNull()
    expect(some!.exposure!.fraction).toBe(fractionOf(2))
  })
  it('holds for what is not known of the bay that it is planned after', () => {
    expect(holdsOf(STICK_BAY)).toEqual([])
    expect(holdsOf({ ...STICK_BAY, job: null })).toEqual(['air.job-first'])
    expect(holdsOf({ ...STICK_BAY, extraction: undefined })).toEqual(['air.hood-unknown'])
    expect(holdsOf({ ...STICK_BAY, position: null })).toContain('air.position-unknown')
    const { startsAt: _startsAt, ...timeless } = STICK
    expect(holdsOf({ ...STICK_BAY, job: timeless })).toContain('air.times-unknown')
    const { arcMinPerH: _arcMinPerH, ...endless } = STICK
    expect(holdsOf({ ...STICK_BAY, job: endless })).toContain('air.arc-time-unknown')
  })
  it('is refused with more bays than are reckoned, and with parts of one', () => {
    expect(() => judge([{ like: STICK_BAY, count: MOST_BAYS_TO_BE + 1 }])).toThrow(RangeError)
    expect(() => judge([{ like: STICK_BAY, count: 1.5 }])).toThrow(RangeError)
    expect(() => judge([{ like: STICK_BAY, count: -1 }, { like: STICK_BAY, count: 2 }])).toThrow(RangeError)
    expect(judge([{ like: STICK_BAY, count: MOST_BAYS_TO_BE }])[0]!.exposure!.fraction).toBeGreaterThan(0)
  })
})
