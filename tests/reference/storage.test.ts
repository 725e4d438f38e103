import { describe, expect, it } from 'vitest'
import { judgeStorage } from '#core/cylinder/storage'
import type { Barrier, StorageQuestion, StoredItem } from '#core/cylinder/storage'
import { pathRoundM, sightDistanceM } from '#core/cylinder/separation'
import { m3FromCubicFt } from '#core/units'

const OXYGEN: StoredItem = {
  id: 'oxygen',
  gas: 'oxygen',
  state: 'stored',
  xM: 0,
  yM: 0,
  widthM: 1,
  depthM: 0.5,
  heightM: 1.6,
  freeGasM3: 7,
}
const FUEL: StoredItem = { ...OXYGEN, id: 'fuel', gas: 'acetylene', xM: 3 }
const wall = (y1M: number, y2M: number, heightM = 2.1, ratingMin = 60): Barrier => ({ x1M: 2, y1M, x2M: 2, y2M, heightM, ratingMin })
const judge = (more: Partial<StorageQuestion>) =>
  judgeStorage({ items: [OXYGEN, FUEL], barriers: [], combustibles: [], indoor: false, basis: 'us', ...more })
const codes = (more: Partial<StorageQuestion>) => judge(more).findings.map(({ code }) => code)

/** 29 CFR 1910.253(b): 20 ft, or a barrier of 5 ft and half an hour; worked by hand. */
describe('separation', () => {
  it('goes edge to edge: 5.657 m is too near where the centres are 6.94 m apart', () => {
    const items = [{ ...OXYGEN, widthM: 1.2, depthM: 0.6 }, { ...FUEL, xM: 5.2, yM: 4.6, widthM: 1.2, depthM: 0.6 }]
    expect(judge({ items }).conflicts).toMatchObject([{ between: ['oxygen', 'fuel'], requiredM: 6.096 }])
    expect(judge({ items }).conflicts[0]!.distanceM).toBeCloseTo(5.657, 3)
  })
  it('20 ft is 6.096 m; what is less than the printed 6.1 m is said', () => {
    expect(judge({ items: [OXYGEN, { ...FUEL, xM: 7.097 }] }).conflicts).toEqual([])
    expect(codes({ items: [OXYGEN, { ...FUEL, xM: 7.097 }] })).toContain('storage.rounding')
    expect(judge({ items: [OXYGEN, { ...FUEL, xM: 7.095 }] }).conflicts).toHaveLength(1)
  })
  it('a wall must cut every line shorter than 20 ft', () => {
    expect(judge({ barriers: [wall(-0.5, 1)] }).conflicts).toEqual([])
    expect(codes({ barriers: [wall(-0.5, 1)] })).not.toContain('storage.barrier-narrow')
    expect(judge({ barriers: [wall(0.1, 1)] }).conflicts).toHaveLength(1)
    expect(judge({ barriers: [wall(-0.5, 0.2), wall(0.3, 1)] }).conflicts).toHaveLength(1)
    expect(judge({ barriers: [wall(-0.5, 0.3), wall(0.2, 1)] }).conflicts).toEqual([])
  })
  it('the way round: 2.236 m past a short wall, 6.325 m past a long one', () => {
    expect(pathRoundM(OXYGEN, FUEL, [wall(-0.5, 1)])).toBeCloseTo(2.236, 3)
    expect(pathRoundM(OXYGEN, FUEL, [wall(-3, 3.5)])).toBeCloseTo(6.325, 3)
    expect(sightDistanceM(OXYGEN, FUEL, [wall(-0.5, 1)])).toBe(Infinity)
  })
  it('1.50 m is less than 5 ft; a wall of 20 minutes does not count; one as low as the cylinders is narrow', () => {
    expect(judge({ barriers: [wall(-0.5, 1, 1.5)] }).findings.map(({ values }) => values)).toContainEqual(
      expect.objectContaining({ reason: 'low' }),
    )
    expect(judge({ barriers: [wall(-0.5, 1, 1.5)] }).conflicts).toHaveLength(1)
    expect(judge({ barriers: [wall(-0.5, 1, 2.1, 20)] }).findings.map(({ values }) => values)).toContainEqual(
      expect.objectContaining({ reason: 'rating' }),
    )
    expect(codes({ barriers: [wall(-0.5, 1, 1.6)] })).toContain('storage.barrier-narrow')
    expect(codes({ barriers: [wall(-3, 3.5, 1.6)] })).not.toContain('storage.barrier-narrow')
  })
  it('inert gases keep no distance; in Britain it is 3 m', () => {
    expect(
      judge({
        items: [OXYGEN, { ...OXYGEN, id: 'argon', gas: 'argon', xM: 1 }, { ...OXYGEN, id: 'co2', gas: 'carbon-dioxide', yM: 0.5 }],
      }).conflicts,
    ).toEqual([])
    expect(judge({ items: [OXYGEN, { ...FUEL, xM: 4 }], basis: 'uk' }).conflicts).toEqual([])
    expect(judge({ items: [OXYGEN, { ...FUEL, xM: 3.99 }], basis: 'uk' }).conflicts).toHaveLength(1)
  })
  it('no wall helps beside what burns fiercely indoors; what nobody described counts so', () => {
    const oil = { id: 'oil', xM: 3, yM: 0, widthM: 1, depthM: 1 }
    const argon = { ...OXYGEN, id: 'argon', gas: 'argon' } as const
    expect(judge({ items: [argon], combustibles: [oil], barriers: [wall(-3, 3.5)], indoor: true }).conflicts).toHaveLength(1)
    expect(judge({ items: [argon], combustibles: [{ ...oil, highly: false }], indoor: true }).conflicts).toEqual([])
    // British practice names oxygen only, and a wall helps there.
    expect(judge({ items: [argon], combustibles: [oil], indoor: true, basis: 'uk' }).conflicts).toEqual([])
    expect(judge({ items: [OXYGEN], combustibles: [oil], indoor: true, basis: 'uk' }).conflicts).toHaveLength(1)
    expect(
      judge({ items: [OXYGEN], combustibles: [{ ...oil, highly: false }], barriers: [wall(-3, 3.5)], indoor: true }).conflicts,
    ).toEqual([])
  })
  it('2 000 ft³ of fuel indoors, without what is in use', () => {
    const acetylene = (count: number): StoredItem[] =>
      Array.from({ length: count }, (_, index) => ({ ...FUEL, id: `fuel ${index}`, freeGasM3: m3FromCubicFt(330) }))
    expect(codes({ items: [...acetylene(6), { ...FUEL, state: 'in-use', freeGasM3: m3FromCubicFt(330) }], indoor: true })).not.toContain(
      'storage.indoor-fuel',
    )
    expect(codes({ items: acetylene(7), indoor: true })).toContain('storage.indoor-fuel')
    expect(codes({ items: acetylene(7), indoor: false })).not.toContain('storage.indoor-fuel')
    expect(codes({ items: [...acetylene(5), { ...FUEL, id: 'propane', gas: 'propane', freeGasM3: 20 }], indoor: true })).toContain(
      'storage.indoor-fuel',
    )
  })
})

it('two that cross like a plus stand in each other: no corner of either is inside the other', () => {
  expect(sightDistanceM({ xM: 0, yM: -0.3, widthM: 0.1, depthM: 0.3 }, { xM: -0.1, yM: -0.2, widthM: 0.3, depthM: 0.1 }, [])).toBe(0)
})
