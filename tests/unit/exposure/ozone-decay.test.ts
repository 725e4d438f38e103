import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ENDS, JUDGED } from '#core/chance/draw-set'
import { drawHall, floatsAs } from '#core/exposure/drawn-hall'
import type { HallBay } from '#core/exposure/drawn-hall'
import { hallCourse } from '#core/exposure/hall-course'
import { CERTAIN, USUAL_DOUBT } from '#core/exposure/hall-doubt'
import type { HallDoubt } from '#core/exposure/hall-doubt'
import { hallShift } from '#core/exposure/hall-shift'
import { mgPerMinFromMl } from '#core/fume/gases'
import type { SubstanceId } from '#core/ids/vocabulary'
import { exactly, NOTHING } from '#core/range'
import type { HallAir } from '#core/ventilation/hall'
import { FAR_FIELD, hallNetwork, nearFieldOf } from '#core/ventilation/hall'
import { longHall } from '#core/ventilation/long-hall'
import { Zones } from '#core/ventilation/zones'
import { made } from './made'

const HALL: HallAir = {
  isOpenAir: false, volumeM3: 200, ceilingM: 4, supplyM3PerS: 800 / 3600, outdoorShare: 1, filterEfficiency: 0, backgroundMgPerM3: 0,
  nearFieldRadiusM: 0.5, airSpeedMPerS: 0.15,
}
const OZONE_MG_PER_MIN = mgPerMinFromMl('ozone', 5)
const PPM = mgPerMinFromMl('ozone', 1)
const arc = (fromMin: number, toMin: number): HallBay => ({
  hood: null,
  capture: exactly(0),
  work: [{
    fromMin, toMin, arcMinPerH: 60,
    emission: { 'ozone': made(exactly(OZONE_MG_PER_MIN)), 'nitrogen-dioxide': made(exactly(OZONE_MG_PER_MIN)) },
  }],
})
const at = (perH: number): HallDoubt => ({ ...CERTAIN, ozoneDecayPerH: exactly(perH) })
const courseOf = (what: SubstanceId, minute: number, doubt: HallDoubt, bays: readonly HallBay[] = [arc(0, 1440)], air = HALL) =>
  hallCourse(drawHall(air, bays, ENDS, doubt), bays, what, [minute], () => true, values => ENDS.spread(values))

describe('ozone that is gone by itself', () => {
  // Worked case C49 (from memory, computed independently): 5 mL/min in 200 m³ at 4 air changes, decay 3 /h.
  it('C49: 5 mL/min settle at 0.214 ppm in the hall and 0.707 more round the arc; without decay at 0.375', () => {
    const ppm = (doubt: HallDoubt) => {
      const { hall, near } = courseOf('ozone', 1440, doubt)
      return { far: hall[0]![0]!.mid / PPM, beyond: (near[0]![0]!.mid - hall[0]![0]!.mid) / PPM }
    }
    expect(ppm(at(3)).far).toBeCloseTo(0.21429, 3)
    expect(ppm(at(3)).beyond).toBeCloseTo(0.70736, 2)
    expect(ppm(CERTAIN).far).toBeCloseTo(0.375, 6)
  })
  it('is what the exact solution of zones says that each lose so much more', () =>
    fc.assert(fc.property(
      fc.integer({ min: 1, max: 400 }), fc.double({ min: 0, max: 8, noNaN: true }), fc.integer({ min: 10, max: 300 }),
      (minute, perH, endMin) => {
        const bays = [arc(0, endMin), arc(30, 200)]
        const { hall, near } = courseOf('ozone', minute, at(perH), bays)
        const network = hallNetwork(HALL, bays, 'gases')
        const zones = new Zones({
          ...network,
          removalM3PerS: network.removalM3PerS.map((flow, zone) => flow + network.volumesM3[zone]! * perH / 3600),
        })
        const cuts = [...new Set([0, 30, 200, endMin, minute])].filter(cut => cut <= minute).sort((a, b) => a - b)
        let mg: Float64Array = new Float64Array(3)
        cuts.slice(1).forEach((to, i) => {
          const burning = (bay: HallBay) => bay.work[0]!.fromMin <= cuts[i]! && cuts[i]! < bay.work[0]!.toMin
          const sources = [0, ...bays.map(bay => burning(bay) ? OZONE_MG_PER_MIN / 60 : 0)]
          mg = zones.advance(mg, sources, (to - cuts[i]!) * 60).endMgPerM3
        })
        expect(hall[0]![0]!.mid).toBeCloseTo(mg[FAR_FIELD]!, 9)
        bays.forEach((_, spot) => expect(near[spot]![0]!.mid).toBeCloseTo(mg[nearFieldOf(spot)]!, 9))
      },
    ), { numRuns: 60 }))
})

describe('by what would it read too little?', () => {
  const twa = (substance: SubstanceId, doubt: HallDoubt, over: Partial<HallBay> = {}) =>
    hallShift(HALL, [{ ...arc(0, 240), ...over }], { shiftHours: 8, draws: JUDGED, doubt }).at(0)[substance]!.twa
  it('by taking any other gas for ozone: none of them is gone', () => {
    expect(floatsAs('nitrogen-dioxide')).toBe('gases')
    expect(twa('nitrogen-dioxide', USUAL_DOUBT)).toEqual(twa('nitrogen-dioxide', { ...USUAL_DOUBT, ozoneDecayPerH: NOTHING }))
  })
  it('by taking what was found for sure: of the draws some count on half the least that was', () => {
    const { high } = twa('ozone', USUAL_DOUBT)
    expect(USUAL_DOUBT.ozoneDecayPerH.low).toBe(1)
    expect(high).toBeGreaterThan(twa('ozone', { ...USUAL_DOUBT, ozoneDecayPerH: exactly(6) }).high)
    expect(high).toBeLessThan(twa('ozone', { ...USUAL_DOUBT, ozoneDecayPerH: NOTHING }).high)
  })
  it('in a hall that nothing leaves and in a long one it is less as well, and never below nothing', () => {
    for (const hall of [{ ...HALL, supplyM3PerS: 0 }, HALL]) {
      const long = longHall({ lengthM: 60, widthM: 10 }, 4)
      const bays = [{ ...arc(0, 240), part: 0 }, { ...arc(60, 300), part: 3 }]
      const of = (perH: number) =>
        hallShift(hall, bays, { shiftHours: 8, draws: JUDGED, doubt: { ...USUAL_DOUBT, ozoneDecayPerH: exactly(perH) }, long })
      for (const spot of [0, 1]) {
        const [gone, stays] = [of(3).at(spot).ozone!, of(0).at(spot).ozone!]
        for (const kind of ['twa', 'shortTerm', 'farField'] as const) {
          expect(gone[kind].high).toBeLessThan(stays[kind].high)
          expect(gone[kind].low).toBeGreaterThanOrEqual(0)
        }
      }
    }
  })
})
