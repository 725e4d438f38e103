import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ENDS, JUDGED, drawSet } from '#core/chance/draw-set'
import type { Cause } from '#core/chance/draw-set'
import { columnOf, percentileOf, spreadOf } from '#core/chance/draws'
import { exactly } from '#core/range'

const RANGE = { low: 1, mid: 2, high: 5 }
const FACTOR: Cause = { doubt: 'factor', of: 'row' }

describe('draws of what is not known', () => {
  it('a range drawn by itself has its own ends and middle, and what protects the same', () => {
    const draws = drawSet(500, 1)
    for (const drawn of [draws.harmful(RANGE, FACTOR), draws.protective(RANGE, FACTOR)]) {
      const { low, mid, high } = draws.spread(drawn)
      expect(low).toBeCloseTo(1, 1)
      expect(mid).toBeCloseTo(2, 1)
      expect(high).toBeCloseTo(5, 1)
    }
  })
  it('what shares a cause goes together, what protects against it; what has another is drawn by itself', () => {
    const draws = drawSet(400, 3)
    const [harm, again, guard] = [draws.harmful(RANGE, FACTOR), draws.harmful(RANGE, { ...FACTOR }), draws.protective(RANGE, FACTOR)]
    expect(again).toEqual(harm)
    const other = draws.harmful(RANGE, { doubt: 'factor', of: 'another row' })
    const correlation = (a: Float64Array, b: Float64Array): number => {
      const mean = (of: Float64Array) => of.reduce((x, y) => x + y) / of.length
      const [ma, mb] = [mean(a), mean(b)]
      const sum = (f: (n: number) => number) => a.reduce((total, _, n) => total + f(n), 0)
      return sum(n => (a[n]! - ma) * (b[n]! - mb)) / Math.sqrt(sum(n => (a[n]! - ma) ** 2) * sum(n => (b[n]! - mb) ** 2))
    }
    expect(Math.abs(correlation(harm, other))).toBeLessThan(0.15)
    expect(correlation(harm, guard)).toBeLessThan(-0.8)
  })
  it('the same seed has the same draws, whatever else was asked before; another seed has others', () => {
    const one = drawSet(50, 7)
    const two = drawSet(50, 7)
    two.harmful(RANGE, { doubt: 'supply', of: 'hall' })
    expect(two.harmful(RANGE, FACTOR)).toEqual(one.harmful(RANGE, FACTOR))
    expect(drawSet(50, 8).harmful(RANGE, FACTOR)).not.toEqual(one.harmful(RANGE, FACTOR))
  })
  it('what is certain has no column; what was drawn is told with its chances', () => {
    const draws = drawSet(30, 1)
    expect(draws.harmful(exactly(4), { doubt: 'melting', of: 'bay 0' })).toEqual(new Float64Array(30).fill(4))
    draws.harmful(RANGE, FACTOR)
    expect([...draws.causes().keys()]).toEqual([FACTOR])
    expect([...draws.causes().values()][0]!.every(chance => chance >= 0 && chance <= 1)).toBe(true)
  })
  it('what is no number in one draw is no number at all: it must not sort itself away', () => {
    const values = new Float64Array(500).fill(1)
    values[3] = NaN
    for (const draws of [JUDGED, drawSet(500, 1)]) expect(draws.spread(values)).toEqual(exactly(NaN))
  })
  it('the high end of a judgement is never read lower than the 95th percentile of the same draws', () => {
    const values = columnOf(500, 4).map(chance => chance ** 3)
    expect(JUDGED.spread(values).high).toBeGreaterThanOrEqual(spreadOf(values).high)
    expect(JUDGED.spread(values).mid).toBe(spreadOf(values).mid)
  })
  it('the ends are the ends: low with low, and what protects the other way round', () => {
    expect([...ENDS.harmful(RANGE, FACTOR)]).toEqual([1, 2, 5])
    expect([...ENDS.protective(RANGE, FACTOR)]).toEqual([5, 2, 1])
    expect(ENDS.spread(Float64Array.of(1, 2, 5))).toEqual(RANGE)
    expect(ENDS.causes().size).toBe(0)
  })
})

it('percentiles are those of sorted values, with repeats and in any order', () => {
  fc.assert(fc.property(fc.array(fc.integer({ min: 0, max: 40 }), { minLength: 1, maxLength: 120 }), (numbers) => {
    const values = Float64Array.from(numbers)
    const sorted = Float64Array.from(numbers).sort()
    const { low, mid, high } = spreadOf(values)
    expect(low).toBeCloseTo(percentileOf(sorted, 0.05), 12)
    expect(mid).toBeCloseTo(percentileOf(sorted, 0.5), 12)
    expect(high).toBeCloseTo(percentileOf(sorted, 0.95), 12)
    expect([...values]).toEqual(numbers)
  }), { numRuns: 300 })
})
