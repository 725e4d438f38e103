import { describe, expect, it } from 'vitest'
import type { Cause } from '#core/chance/draw-set'
import { columnOf } from '#core/chance/draws'
import { driversOf, rankCorrelation } from '#core/chance/drivers'

describe('what an answer\'s doubt comes from', () => {
  it('correlates ranks, not sizes: by hand, and of any rising curve', () => {
    // Worked by hand: ranks 1 2 3 4 5 against 2 1 4 3 5, Σd² = 4, 1 − 24/120.
    expect(rankCorrelation(Float64Array.of(1, 2, 3, 4, 5), Float64Array.of(20, 10, 40, 30, 500))).toBeCloseTo(0.8, 12)
    const column = columnOf(200, 1)
    expect(rankCorrelation(column, column.map(value => Math.exp(9 * value)))).toBe(1)
    expect(rankCorrelation(column, column.map(value => -value))).toBe(-1)
  })
  it('shares the doubt out among what was drawn, the most first, and none to what does not matter', () => {
    const [a, b, idle] = [columnOf(4000, 1), columnOf(4000, 2), columnOf(4000, 3)]
    const causes = new Map<Cause, Float64Array>([
      [{ doubt: 'supply', of: 'hall' }, b], [{ doubt: 'capture', of: 'bay 0' }, a], [{ doubt: 'mixing', of: 'hall' }, idle],
    ])
    const drivers = driversOf(a.map((value, n) => 3 * value + b[n]!), causes, ({ doubt }) => doubt)
    expect(drivers.map(({ input }) => input).slice(0, 2)).toEqual(['capture', 'supply'])
    // Variances of 9 to 1.
    expect(drivers[0]!.share).toBeCloseTo(0.9, 1)
    expect(drivers.find(({ input }) => input === 'mixing')?.share ?? 0).toBeLessThan(0.002)
    expect(drivers.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12)
  })
  it('several causes told as one are one; nothing drawn is nothing told', () => {
    const causes = new Map<Cause, Float64Array>([
      [{ doubt: 'melting', of: 'bay 1' }, columnOf(300, 1)], [{ doubt: 'melting', of: 'bay 2' }, columnOf(300, 2)],
    ])
    const values = columnOf(300, 1).map((value, n) => value + columnOf(300, 2)[n]!)
    expect(driversOf(values, causes, () => 'others')).toEqual([{ input: 'others', share: 1 }])
    expect(driversOf(values, new Map(), () => 'others')).toEqual([])
  })
})
