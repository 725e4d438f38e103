import { describe, expect, it } from 'vitest'
import { currentFromDiameter, currentFromPlate } from '#core/job/rules-of-thumb'

describe('rules of thumb (common practice, no source)', () => {
  it('one ampere for each thousandth of an inch of rod lies inside the range', () => {
    for (const thousandths of [63, 94, 125, 156, 188, 250]) {
      const [low, high] = currentFromDiameter('smaw', thousandths * 0.0254)!.currentRangeA
      expect(low).toBeLessThan(thousandths)
      expect(high).toBeGreaterThan(thousandths)
    }
  })
  // Usual ranges printed on rod packets, from memory: 2.5 mm 60-100 A, 3.2 mm 90-140 A, 4 mm 130-190 A.
  it.each([[2.5, 60, 100], [3.2, 90, 140], [4, 130, 190]])('a %f mm rod overlaps %d to %d A by most of it', (diameter, low, high) => {
    const [from, to] = currentFromDiameter('smaw', diameter)!.currentRangeA
    expect((Math.min(to, high) - Math.max(from, low)) / (high - low)).toBeGreaterThan(0.7)
  })
  it('2.4 mm tungsten carries 150 to 250 A (handbook range, from memory)', () =>
    expect(currentFromDiameter('gtaw', 2.4)!.currentRangeA).toEqual([150, 250]))
  it('3 mm plate takes about 120 A', () => {
    const [low, high] = currentFromPlate('gmaw', 3)!.currentRangeA
    expect(low).toBeLessThan(118)
    expect(high).toBeGreaterThan(118)
  })
  it('says nothing where no rule is known', () => {
    expect(currentFromPlate('gmaw', 20)).toBeUndefined()
    expect(currentFromPlate('pac', 3)).toBeUndefined()
    expect(currentFromDiameter('smaw', 0)).toBeUndefined()
    expect(currentFromDiameter('gtaw', 9)).toBeUndefined()
    expect(currentFromDiameter('tb', 2)).toBeUndefined()
  })
})
