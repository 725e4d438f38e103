import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { HallAir } from '#core/ventilation/hall'
import { FAR_FIELD, hallBalance, hallNetwork, nearFieldOf } from '#core/ventilation/hall'
import { hallModes, risen, risenSum } from '#core/ventilation/hall-modes'
import { Zones } from '#core/ventilation/zones'

// Three modes in closed form against the eigenvalues of all zones, which know nothing of the near fields being alike.

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const hallArb: fc.Arbitrary<HallAir> = fc.record({
  isOpenAir: fc.boolean(),
  volumeM3: number(20, 20_000),
  ceilingM: fc.constant(4),
  supplyM3PerS: fc.oneof(fc.constant(0), number(0.01, 20)),
  outdoorShare: number(0, 1),
  filterEfficiency: number(0, 1),
  backgroundMgPerM3: fc.constant(0),
  nearFieldRadiusM: number(0.2, 1.5),
  airSpeedMPerS: number(0.02, 5),
})
const askedArb = fc.record({
  hall: hallArb,
  spots: fc.integer({ min: 1, max: 12 }),
  onS: number(1, 20_000),
  restS: number(0, 20_000),
  isFar: fc.boolean(),
})
const close = (found: number, wanted: number, scale: number) => expect(Math.abs(found - wanted)).toBeLessThan(1e-7 * scale + 1e-12)

describe('the three modes of a hall whose near fields are alike', () => {
  it('are the zones of the hall, while a source runs and after, at every place and on the mean', () => {
    fc.assert(fc.property(askedArb, ({ hall, spots, onS, restS, isFar }) => {
      const bays = Array.from({ length: spots }, () => ({ hood: null }))
      const zones = new Zones(hallNetwork(hall, bays, 'particles'))
      const source = new Float64Array(zones.count)
      source[isFar ? FAR_FIELD : nearFieldOf(0)] = 1
      const on = zones.advance(new Float64Array(zones.count), source, onS)
      const after = zones.advance(on.endMgPerM3, new Float64Array(zones.count), restS)
      const { rates, farOfNear, nearOfNear, farOfFar, own, other } = hallModes(hallBalance(hall, bays, 'particles'), spots)
      const [far, near] = isFar ? [farOfFar, farOfNear] : [farOfNear, nearOfNear]
      const at = (of: (rate: number) => number) => {
        const [slow, fast, apart] = rates.map(of) as [number, number, number]
        return {
          far: far[0] * slow + far[1] * fast,
          own: near[0] * slow + near[1] * fast + (isFar ? 0 : own * apart),
          other: near[0] * slow + near[1] * fast + (isFar ? 0 : other * apart),
        }
      }
      const most = Math.max(...on.endMgPerM3)
      const ends = at(rate => risen(rate, onS, onS))
      close(ends.far, on.endMgPerM3[FAR_FIELD]!, most)
      close(ends.own, on.endMgPerM3[nearFieldOf(0)]!, most)
      if (spots > 1) close(ends.other, on.endMgPerM3[nearFieldOf(1)]!, most)
      const later = at(rate => risen(rate, onS + restS, onS))
      close(later.far, after.endMgPerM3[FAR_FIELD]!, most)
      close(later.own, after.endMgPerM3[nearFieldOf(0)]!, most)
      const mean = at(rate => risenSum(rate, onS, onS) / onS)
      close(mean.far, on.meanMgPerM3[FAR_FIELD]!, most)
      close(mean.own, on.meanMgPerM3[nearFieldOf(0)]!, most)
      const rest = at(rate => risenSum(rate, onS + restS, onS) - risenSum(rate, onS, onS))
      close(rest.far / Math.max(1, restS), (after.meanMgPerM3[FAR_FIELD]! * restS) / Math.max(1, restS), most)
    }), { numRuns: 300 })
  })
  it('before the source begins there is nothing; without any way out it only rises', () => {
    expect(risen(-1, 0, 10)).toBe(0)
    expect(risenSum(-1, -5, 10)).toBe(0)
    const { rates } = hallModes({ farM3: 100, nearM3: 1, exchangeM3PerS: 0.1, removalM3PerS: 0 }, 3)
    expect(rates[0]).toBe(-0)
    expect(rates[1]).toBeLessThan(0)
    expect(hallModes({ farM3: 100, nearM3: 1, exchangeM3PerS: 0, removalM3PerS: 0 }, 3).rates.every(rate => rate === 0)).toBe(true)
  })
})
