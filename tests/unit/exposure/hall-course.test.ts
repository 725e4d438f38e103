import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ENDS, JUDGED } from '#core/chance/draw-set'
import { drawHall } from '#core/exposure/drawn-hall'
import type { ArcWork, HallBay } from '#core/exposure/drawn-hall'
import { hallCourse } from '#core/exposure/hall-course'
import { CERTAIN, USUAL_DOUBT } from '#core/exposure/hall-doubt'
import { hallShift } from '#core/exposure/hall-shift'
import type { SubstanceId } from '#core/ids/vocabulary'
import { exactly } from '#core/range'
import type { HallAir } from '#core/ventilation/hall'
import { FAR_FIELD, hallNetwork, nearFieldOf } from '#core/ventilation/hall'
import { Zones } from '#core/ventilation/zones'
import { made } from './made'

// The course of a hall against the exact solution of any zones, stretch by stretch: two ways to one answer.

const HALL: HallAir = {
  isOpenAir: false,
  volumeM3: 300,
  ceilingM: 4,
  supplyM3PerS: 0.5,
  outdoorShare: 0.6,
  filterEfficiency: 0.4,
  backgroundMgPerM3: 0,
  nearFieldRadiusM: 0.5,
  airSpeedMPerS: 0.12,
}
const work = (fromMin: number, toMin: number, arcMinPerH: number, mg: number): ArcWork =>
  ({ fromMin, toMin, arcMinPerH, emission: { 'total-fume': made(exactly(mg)), 'ozone': made(exactly(mg / 40)) } })
const BAYS: readonly HallBay[] = [
  {
    hood: { flowM3PerS: 0.2, returnsAir: true, filterEfficiency: 0.6 },
    capture: exactly(0.5),
    work: [work(0, 60, 20, 300), work(90, 150, 30, 200)],
  },
  { hood: { flowM3PerS: 0.15, returnsAir: false, filterEfficiency: 0 }, capture: exactly(0.4), work: [work(30, 120, 40, 100)] },
  { hood: null, capture: exactly(0), work: [] },
]

/** Concentrations of every zone at a minute, followed from one change of the sources to the next. */
function zonesAt(what: SubstanceId, minute: number, burns: (spot: number) => boolean, bays: readonly HallBay[] = BAYS): Float64Array {
  const aerosol = what === 'ozone' ? 'gases' : 'particles'
  const zones = new Zones(hallNetwork(HALL, bays, aerosol))
  const cuts = [...new Set([0, minute, ...bays.flatMap(bay => bay.work.flatMap(({ fromMin, toMin }) => [fromMin, toMin]))])]
    .filter(cut => cut <= minute)
    .sort((a, b) => a - b)
  let at = new Float64Array(bays.length + 1)
  cuts.slice(1).forEach((to, i) => {
    const from = cuts[i]!
    const source = new Float64Array(bays.length + 1)
    bays.forEach(({ hood, capture, work: stretches }, spot) => {
      for (const { fromMin, toMin, arcMinPerH, emission } of burns(spot) ? stretches : []) {
        if (from < fromMin || from >= toMin) continue
        const mgPerS = (emission[what]![0]![0]!.range.mid * arcMinPerH) / 60 / 60
        source[nearFieldOf(spot)]! += mgPerS * (1 - capture.mid)
        if (hood?.returnsAir) source[FAR_FIELD]! += mgPerS * capture.mid * (aerosol === 'gases' ? 1 : 1 - hood.filterEfficiency)
      }
    })
    at = zones.advance(at, source, (to - from) * 60).endMgPerM3 as Float64Array<ArrayBuffer>
  })
  return at
}
const all = () => true
/** Of a hall that is not long: it has one part. */
const courseOf = (what: SubstanceId, atMin: readonly number[], burns: (spot: number) => boolean = all, bays = BAYS, air = HALL) => {
  const { hall: [hall], near } = hallCourse(drawHall(air, bays, ENDS, CERTAIN), bays, what, atMin, burns, values => ENDS.spread(values))
  return { hall: hall!, near }
}

describe('the course of a hall', () => {
  it('is what the exact solution of its zones says, minute by minute, of particles and of gases', () => {
    fc.assert(fc.property(fc.integer({ min: 1, max: 240 }), fc.constantFrom<SubstanceId>('total-fume', 'ozone'), (minute, what) => {
      const exact = zonesAt(what, minute, all)
      const { hall, near } = courseOf(what, [minute])
      expect(hall[0]!.mid).toBeCloseTo(exact[FAR_FIELD]!, 9)
      BAYS.forEach((_, spot) => expect(near[spot]![0]!.mid).toBeCloseTo(exact[nearFieldOf(spot)]!, 9))
    }), { numRuns: 60 })
  })

  it('has clean air before the first arc, and clears after the last', () => {
    const { hall } = courseOf('total-fume', [0, 150, 200, 2000])
    expect(hall[0]!.high).toBe(0)
    expect(hall[2]!.high).toBeLessThan(hall[1]!.high)
    expect(hall[3]!.high).toBeLessThan(hall[1]!.high / 1000)
  })

  it('an arc that does not burn puts nothing in the hall, and stands in its own near field as if it did', () => {
    const without = zonesAt('total-fume', 100, spot => spot !== 1)
    const { hall, near } = courseOf('total-fume', [100], spot => spot !== 1)
    expect(hall[0]!.mid).toBeCloseTo(without[FAR_FIELD]!, 9)
    expect(near[0]![0]!.mid).toBeCloseTo(without[nearFieldOf(0)]!, 9)
    expect(near[2]![0]!.mid).toBeCloseTo(without[nearFieldOf(2)]!, 9)
    // Its own: what the hall with it would have there.
    expect(near[1]![0]!.mid).toBeCloseTo(zonesAt('total-fume', 100, all)[nearFieldOf(1)]!, 9)
  })

  it('carries what comes in with the air, as fume of the strongest make-up that burns here', () => {
    const dirty = { ...HALL, backgroundMgPerM3: 0.4 }
    const course = (what: SubstanceId) => courseOf(what, [0], all, BAYS, dirty).hall[0]!
    // 0.3 m³/s from outside among 0.3 outdoor, 0.08 by the hall's filter and 0.12 by the hood's.
    expect(course('total-fume').mid).toBeCloseTo((0.4 * 0.3) / (0.3 + 0.08 + 0.12), 9)
    expect(course('total-fume').low).toBe(0)
    // No filter says that a gas comes in with fume.
    expect(course('ozone').high).toBe(0)
  })

  it('its mean while somebody works is the mean that the shift counts, doubts drawn alike', () => {
    const bays = BAYS.slice(0, 2)
    const drawn = drawHall(HALL, bays, JUDGED, USUAL_DOUBT)
    const shift = hallShift(HALL, bays, { shiftHours: 4, draws: JUDGED, doubt: USUAL_DOUBT })
    const mean = (values: Float64Array): number => values.reduce((sum, value) => sum + value, 0) / values.length
    const minutes = Array.from({ length: 90 }, (_, i) => 30.5 + i)
    const means = hallCourse(drawn, bays, 'total-fume', minutes, all, values => exactly(mean(values)))
    const over = (course: readonly { readonly mid: number }[]): number => course.reduce((sum, { mid }) => sum + mid, 0) / course.length
    const { farField, nearField } = shift.drawnAt(1)['total-fume']!
    expect(over(means.hall[0]!)).toBeCloseTo(mean(farField), 3)
    expect(over(means.near[1]!) / mean(nearField)).toBeCloseTo(1, 2)
  })
})

describe('whose fume it is', () => {
  it('shares of all bays together are the mean of the shift\'s sum; a bay that is not counted has none', () => {
    const bays = BAYS.slice(0, 2)
    const shift = hallShift(HALL, bays, { shiftHours: 4, draws: JUDGED, doubt: USUAL_DOUBT })
    for (const what of ['total-fume', 'ozone'] as const) {
      const each = shift.fromEach(1, what)
      const { twa, twaFromOthers } = shift.drawnAt(1)[what]!
      const mean = (values: Float64Array): number => values.reduce((sum, value) => sum + value, 0) / values.length
      expect(each[0]! + each[1]!).toBeCloseTo(mean(twa), 10)
      expect(each[0]).toBeCloseTo(mean(twaFromOthers), 10)
      expect(shift.fromEach(1, what, spot => spot === 1)).toEqual([0, each[1]])
    }
  })

  it('a bay without work has nobody to ask', () => {
    const shift = hallShift(HALL, BAYS, { shiftHours: 4, draws: JUDGED, doubt: USUAL_DOUBT })
    expect(() => shift.fromEach(2, 'total-fume')).toThrow(RangeError)
  })
})
