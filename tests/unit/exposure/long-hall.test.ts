import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ENDS, JUDGED } from '#core/chance/draw-set'
import { drawHall } from '#core/exposure/drawn-hall'
import type { HallBay } from '#core/exposure/drawn-hall'
import { hallCourse } from '#core/exposure/hall-course'
import { CERTAIN, USUAL_DOUBT } from '#core/exposure/hall-doubt'
import { hallShift } from '#core/exposure/hall-shift'
import { exactly } from '#core/range'
import type { HallAir } from '#core/ventilation/hall'
import { hallBalance } from '#core/ventilation/hall'
import type { LongHall } from '#core/ventilation/long-hall'
import { longHall, partAlong, passesM3PerS } from '#core/ventilation/long-hall'
import { Zones } from '#core/ventilation/zones'
import { made } from './made'

// A long hall against the exact solution of any zones (`zones.ts`), which knows nothing of cosines: each part a zone with the near fields
// of its own bays, air passing between neighbours.

const HALL: HallAir = {
  isOpenAir: false, volumeM3: 4500, ceilingM: 5, supplyM3PerS: 2, outdoorShare: 1, filterEfficiency: 0, backgroundMgPerM3: 0,
  nearFieldRadiusM: 0.5, airSpeedMPerS: 0.05,
}
/** 60 x 15 m. */
const LONG: LongHall = { parts: 4, crossM2: 75 }
const burning = (part: number | undefined, mg: number, fromMin = 0, toMin = 240): HallBay => ({
  hood: null,
  capture: exactly(0),
  work: [{ fromMin, toMin, arcMinPerH: 30, emission: { 'total-fume': made(exactly(mg)) } }],
  ...part === undefined ? {} : { part },
})
const BAYS: readonly HallBay[] = [burning(0, 300), burning(0, 200, 60, 120), burning(2, 100, 30, 240)]

/** Every zone at a minute: the parts from the beginning of the hall on, then the near fields. */
function exactAt(minute: number, bays: readonly HallBay[], hall = HALL, long = LONG): Float64Array {
  const { farM3, nearM3, exchangeM3PerS, removalM3PerS } = hallBalance(hall, bays, 'particles')
  const parts = Array.from({ length: long.parts }, (_, part) => part)
  const pass = passesM3PerS(long, hall)
  const zones = new Zones({
    volumesM3: [...parts.map(() => farM3 / long.parts), ...bays.map(() => nearM3)],
    exchanges: [
      ...parts.slice(1).map(part => [part - 1, part, pass] as const),
      ...bays.map(({ part }, spot) => [part!, long.parts + spot, exchangeM3PerS] as const),
    ],
    removalM3PerS: [...parts.map(() => removalM3PerS / long.parts), ...bays.map(() => 0)],
  })
  const cuts = [...new Set([0, minute, ...bays.flatMap(({ work }) => work.flatMap(({ fromMin, toMin }) => [fromMin, toMin]))])]
    .filter(cut => cut <= minute)
    .sort((a, b) => a - b)
  let at = new Float64Array(long.parts + bays.length)
  cuts.slice(1).forEach((to, i) => {
    const source = new Float64Array(at.length)
    bays.forEach(({ work }, spot) => {
      for (const { fromMin, toMin, arcMinPerH, emission } of work)
        if (cuts[i]! >= fromMin && cuts[i]! < toMin)
          source[long.parts + spot]! += emission['total-fume']![0]![0]!.range.mid * arcMinPerH / 60 / 60
    })
    at = zones.advance(at, source, (to - cuts[i]!) * 60).endMgPerM3 as Float64Array<ArrayBuffer>
  })
  return at
}
const courseOf = (atMin: readonly number[], bays = BAYS, long: LongHall | null = LONG, hall = HALL) =>
  hallCourse(drawHall(hall, bays, ENDS, CERTAIN, long), bays, 'total-fume', atMin, () => true, values => ENDS.spread(values))

describe('how a hall is cut', () => {
  it('into parts as long as it is wide, from twice its width on', () => {
    expect(longHall({ lengthM: 60, widthM: 15 }, 5)).toEqual({ parts: 4, crossM2: 75 })
    expect(longHall({ lengthM: 15, widthM: 60 }, 5)).toEqual({ parts: 4, crossM2: 75 })
    expect(longHall({ lengthM: 29, widthM: 15 }, 5)).toBeNull()
    expect(longHall({ lengthM: 500, widthM: 10 }, 5)!.parts).toBe(6)
  })
  it('what is drawn beyond its ends lies in the part next to it', () =>
    expect([-0.1, 0, 0.24, 0.25, 0.99, 1, 1.4].map(along => partAlong(LONG, along))).toEqual([0, 0, 0, 1, 3, 3, 3]))
})

describe('the course of a long hall', () => {
  it('is what the exact solution of its zones says, part by part and bay by bay, to a hundredth', () => {
    fc.assert(fc.property(fc.integer({ min: 20, max: 300 }), (minute) => {
      const exact = exactAt(minute, BAYS)
      const { hall, near } = courseOf([minute])
      // A near field holds its fume back for some seconds: less than a hundredth of what the hall holds.
      const most = Math.max(...exact.slice(0, LONG.parts)) / 100
      hall.forEach((part, index) => expect(Math.abs(part[0]!.mid - exact[index]!)).toBeLessThan(most))
      near.forEach((bay, spot) => expect(Math.abs(bay[0]!.mid - exact[LONG.parts + spot]!)).toBeLessThan(most))
    }), { numRuns: 40 })
  })
  it('settled, it is so to the digit', () => {
    const bays = [burning(0, 300, 0, 20_000), burning(2, 100, 0, 20_000)]
    const exact = exactAt(20_000, bays)
    courseOf([20_000], bays).hall.forEach((part, index) => expect(part[0]!.mid).toBeCloseTo(exact[index]!, 9))
  })
  // Two boxes by hand: C₁ = 1/Q + 1/(Q + 4e), C₂ = 1/Q - 1/(Q + 4e), for 1 mg/s in the first.
  it('of two parts is two boxes', () => {
    const two: LongHall = { parts: 2, crossM2: 60 }
    const hall = courseOf([50_000], [burning(0, 120, 0, 50_000)], two).hall.map(part => part[0]!.mid)
    const [q, e] = [2, 60 * 0.05 / 2]
    expect(hall[0]).toBeCloseTo(1 / q + 1 / (q + 4 * e), 6)
    expect(hall[1]).toBeCloseTo(1 / q - 1 / (q + 4 * e), 6)
  })
  it('holds as much altogether as one that is mixed evenly, more where it burns and less at its end', () => {
    const at = [45, 100, 200, 400]
    const [even] = courseOf(at, BAYS, null).hall
    const { hall } = courseOf(at)
    at.forEach((_, i) => {
      expect(hall.reduce((sum, part) => sum + part[i]!.mid, 0) / LONG.parts).toBeCloseTo(even![i]!.mid, 9)
      expect(hall[0]![i]!.mid).toBeGreaterThan(even![i]!.mid)
      expect(hall[3]![i]!.mid).toBeLessThan(even![i]!.mid)
    })
  })
  it('stirred hard, it is one room', () => {
    const windy = { ...HALL, airSpeedMPerS: 5 }
    const [even] = courseOf([200], BAYS, null, windy).hall
    for (const part of courseOf([200], BAYS, LONG, windy).hall) expect(part[0]!.mid / even![0]!.mid).toBeCloseTo(1, 1)
  })
  it('under the open sky has no length', () =>
    expect(courseOf([100], BAYS, LONG, { ...HALL, isOpenAir: true }).hall).toHaveLength(1))
})

describe('who breathes what in a long hall', () => {
  const twaAt = (spot: number, bays: readonly HallBay[], long: LongHall | null = LONG) =>
    hallShift(HALL, bays, { shiftHours: 8, long }).at(spot)['total-fume']!.twa.mid
  it('the shift counts the mean of the course, doubts drawn alike', () => {
    const mean = (values: Float64Array): number => values.reduce((sum, value) => sum + value, 0) / values.length
    const drawn = drawHall(HALL, BAYS, JUDGED, USUAL_DOUBT, LONG)
    const minutes = Array.from({ length: 42 }, (_, i) => 32.5 + 5 * i)
    const course = hallCourse(drawn, BAYS, 'total-fume', minutes, () => true, values => exactly(mean(values)))
    const { farField } = hallShift(HALL, BAYS, { shiftHours: 8, draws: JUDGED, doubt: USUAL_DOUBT, long: LONG }).drawnAt(2)['total-fume']!
    expect(course.hall[2]!.reduce((sum, { mid }) => sum + mid, 0) / minutes.length / mean(farField)).toBeCloseTo(1, 2)
  })
  it('beside what burns more than in a hall that is mixed evenly, at its other end less', () => {
    const beside = [burning(0, 1), burning(0, 300)]
    const apart = [burning(3, 1), burning(0, 300)]
    expect(twaAt(0, beside)).toBeGreaterThan(twaAt(0, beside, null))
    expect(twaAt(0, apart)).toBeLessThan(twaAt(0, apart, null))
  })
  it('by what input would it read milder: a bay that nobody placed is heard as the worst of all places', () => {
    fc.assert(fc.property(fc.nat(3), fc.nat(3), (one, other) => {
      const placed = twaAt(0, [burning(one, 50), burning(other, 300)])
      expect(twaAt(0, [burning(one, 50), burning(undefined, 300)])).toBeGreaterThanOrEqual(placed - 1e-12)
      expect(twaAt(0, [burning(undefined, 50), burning(undefined, 300)])).toBeGreaterThanOrEqual(placed - 1e-12)
    }))
  })
  it.each([5, 8, 13, 20, 40, 80, 120])('by what input would it read milder: most comes once an arc of %i minutes is out', (burnsMin) => {
    for (const part of [0, 1, 2, 3]) {
      const bays = [burning(part, 1e-9), burning(0, 300, 0, burnsMin)]
      const exact = Array.from({ length: 120 }, (_, twice) => exactAt(2 * (twice + 1), bays)[part]!)
      const { shortTerm } = hallShift(HALL, bays, { shiftHours: 8, long: LONG }).at(0)['total-fume']!
      expect(shortTerm.mid).toBeGreaterThan(Math.max(...exact) * 0.98)
    }
  })
  it('whose fume it is adds up to all of it', () => {
    const shift = hallShift(HALL, BAYS, { shiftHours: 8, draws: JUDGED, doubt: USUAL_DOUBT, long: LONG })
    const { twa } = shift.drawnAt(0)['total-fume']!
    const mean = twa.reduce((sum, value) => sum + value, 0) / twa.length
    expect(shift.fromEach(0, 'total-fume').reduce((sum, one) => sum + one, 0)).toBeCloseTo(mean, 9)
  })
  it('the highest of one run counts the part that it burns in', () => {
    const peak = (long: LongHall | null) => hallShift(HALL, BAYS, { shiftHours: 8, long }).at(0)['total-fume']!
    expect(peak(LONG).peak.mid).toBeGreaterThan(peak(null).peak.mid)
    expect(peak(LONG).shortTerm.mid).toBeGreaterThan(peak(null).shortTerm.mid)
  })
})
