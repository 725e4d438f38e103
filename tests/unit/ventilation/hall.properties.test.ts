import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hallShift } from '#core/exposure/hall-shift'
import type { HallBay } from '#core/exposure/drawn-hall'
import { around, exactly } from '#core/range'
import { captureEfficiency, captureShare } from '#core/ventilation/capture'
import { captureWindow } from '#core/ventilation/capture-window'
import type { HallAir } from '#core/ventilation/hall'
import { reachM, rectangleVelocityMPerS, velocityAtMPerS } from '#core/ventilation/hood'
import type { Hood } from '#core/ventilation/hood'
import { massBalance } from '#core/ventilation/mass-balance'
import { roomLevels } from '#core/ventilation/room'
import { made } from '../exposure/made'
import { symmetricEigen } from '#core/ventilation/symmetric-eigen'
import { Zones } from '#core/ventilation/zones'

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const hallArb: fc.Arbitrary<HallAir> = fc.record({
  isOpenAir: fc.constant(false),
  volumeM3: number(60, 8000),
  ceilingM: number(2.5, 12),
  supplyM3PerS: number(0, 12),
  outdoorShare: number(0, 1),
  filterEfficiency: number(0, 1),
  backgroundMgPerM3: number(0, 0.5),
  nearFieldRadiusM: number(0.3, 0.8),
  airSpeedMPerS: number(0.03, 0.6),
})
const hoodArb = fc.option(fc.record({ flowM3PerS: number(0, 1), returnsAir: fc.boolean(), filterEfficiency: number(0, 1) }), { nil: null })
const workArb = fc
  .record({
    from: fc.integer({ min: 0, max: 500 }),
    length: fc.integer({ min: 10, max: 400 }),
    arc: number(1, 60),
    mg: number(0.1, 2000),
  })
  .map(({ from, length, arc, mg }) => ({
    fromMin: from,
    toMin: from + length,
    arcMinPerH: arc,
    emission: { 'total-fume': made(around(mg, 0.4)), 'ozone': made(around(mg / 100, 0.4)) },
  }))
const bayArb: fc.Arbitrary<HallBay> = fc
  .record({
    hood: hoodArb,
    taken: number(0, 1),
    work: fc
      .array(workArb, { minLength: 1, maxLength: 2 })
      .map(work => (work.length === 2 ? [work[0]!, { ...work[1]!, fromMin: work[0]!.toMin, toMin: work[0]!.toMin + 60 }] : work)),
  })
  .map(({ hood, taken, work }) => ({ hood, work, capture: hood ? { low: taken * 0.8, mid: taken * 0.9, high: taken } : exactly(0) }))
const baysArb = fc.array(bayArb, { minLength: 1, maxLength: 5 })
const twaAt = (hall: HallAir, bays: readonly HallBay[], spot = 0) =>
  hallShift(hall, bays, { shiftHours: 8, withBackground: false }).at(spot)['total-fume']!.twa
const near = (value: number) => value * (1 + 1e-9) + 1e-12

describe('the hall', () => {
  it('loses no milligram: initial + emitted + brought in = captured + filtered + carried out + remaining', () => {
    fc.assert(
      fc.property(
        hallArb,
        fc.array(hoodArb, { minLength: 1, maxLength: 6 }),
        fc.array(fc.record({ seconds: number(1, 20_000), mg: fc.array(number(0, 50), { minLength: 6, maxLength: 6 }) }), {
          minLength: 1,
          maxLength: 5,
        }),
        number(0, 5),
        fc.boolean(),
        (hall, hoods, stretches, initial, gas) => {
          const balance = massBalance(
            hall,
            hoods.map(hood => ({ hood })),
            hoods.map((_, i) => (i % 4) / 3),
            stretches.map(({ seconds, mg }) => ({ seconds, emissionMgPerS: mg })),
            initial,
            gas ? 'gases' : 'particles',
          )
          const put = balance.initialMg + balance.emittedMg + balance.broughtInMg
          const found = balance.capturedMg + balance.filteredMg + balance.carriedOutMg + balance.remainingMg
          expect(Math.abs(found - put)).toBeLessThan(1e-7 * Math.max(1, put))
        },
      ),
      { numRuns: 150 },
    )
  })
  it('never breathes more with more outdoor air', () => {
    fc.assert(fc.property(hallArb, baysArb, number(1, 4), (hall, bays, more) => {
      const airy = { ...hall, supplyM3PerS: hall.supplyM3PerS * more, outdoorShare: hall.outdoorShare }
      expect(twaAt(airy, bays).high).toBeLessThanOrEqual(near(twaAt(hall, bays).high))
    }), { numRuns: 80 })
  })
  it('never breathes more with more exhaust, or with less arc time anywhere', () => {
    fc.assert(fc.property(hallArb, baysArb, number(1, 3), number(0.05, 1), fc.nat(4), (hall, bays, more, less, which) => {
      const drawn = bays.map(bay => bay.hood ? { ...bay, hood: { ...bay.hood, flowM3PerS: bay.hood.flowM3PerS * more } } : bay)
      expect(twaAt(hall, drawn).high).toBeLessThanOrEqual(near(twaAt(hall, bays).high))
      const quieter = bays.map((bay, i) =>
        i === which % bays.length ? { ...bay, work: bay.work.map(work => ({ ...work, arcMinPerH: work.arcMinPerH * less })) } : bay,
      )
      const after = hallShift(hall, quieter, { shiftHours: 8 }).at(0)
      const before = hallShift(hall, bays, { shiftHours: 8 }).at(0)
      for (const kind of ['twa', 'shortTerm', 'peak'] as const)
        expect(after['total-fume']![kind].high).toBeLessThanOrEqual(near(before['total-fume']![kind].high))
    }), { numRuns: 80 })
  })
  it('keeps low, middle and high in order, and its parts within the whole', () => {
    fc.assert(fc.property(hallArb, baysArb, (hall, bays) => {
      for (const { twa, peak, shortTerm, twaFromOthers } of Object.values(hallShift(hall, bays, { shiftHours: 8 }).at(0))) {
        for (const { low, mid, high } of [twa, peak, shortTerm]) {
          expect(low).toBeLessThanOrEqual(near(mid))
          expect(mid).toBeLessThanOrEqual(near(high))
        }
        expect(twaFromOthers.high).toBeLessThanOrEqual(near(twa.high))
        expect(shortTerm.high).toBeLessThanOrEqual(near(peak.high))
      }
    }), { numRuns: 60 })
  })
  it('with one bay is the near and far field of one room', () => {
    const hall: HallAir = {
      isOpenAir: false,
      volumeM3: 300,
      ceilingM: 5,
      supplyM3PerS: 20 / 60,
      outdoorShare: 1,
      filterEfficiency: 0,
      backgroundMgPerM3: 0,
      nearFieldRadiusM: 0.5,
      airSpeedMPerS: 0.15,
    }
    const work = [{ fromMin: 0, toMin: 480, arcMinPerH: 60, emission: { 'total-fume': made(exactly(100)) } }]
    const { nearField, farField, twa, peak } = hallShift(hall, [{ hood: null, capture: exactly(0), work }], { shiftHours: 8 }).at(0)[
      'total-fume'
    ]!
    const room = roomLevels({
      volumeM3: 300,
      supplyM3PerS: 20 / 60,
      emissionMgPerMin: 100,
      minutes: 480,
      nearField: { radiusM: 0.5, airSpeedMPerS: 0.15 },
    })
    expect(nearField.mid).toBeCloseTo(room.nearField!.meanMgPerM3, 9)
    expect(farField.mid).toBeCloseTo(room.meanMgPerM3, 9)
    expect(twa.mid).toBeCloseTo(nearField.mid, 9)
    expect(peak.mid).toBeGreaterThan(nearField.mid)
  })
  it('counts the fume that the incoming air carries, never as nothing', () => {
    const hall: HallAir = {
      isOpenAir: false,
      volumeM3: 300,
      ceilingM: 5,
      supplyM3PerS: 1,
      outdoorShare: 1,
      filterEfficiency: 0,
      backgroundMgPerM3: 0.2,
      nearFieldRadiusM: 0.5,
      airSpeedMPerS: 0.15,
    }
    const bays: HallBay[] = [
      {
        hood: null,
        capture: exactly(0),
        work: [{ fromMin: 0, toMin: 240, arcMinPerH: 20, emission: { 'total-fume': made(exactly(10)), 'manganese': made(exactly(1)) } }],
      },
    ]
    const { 'total-fume': fume, manganese } = hallShift(hall, bays, { shiftHours: 8 }).at(0)
    const without = hallShift({ ...hall, backgroundMgPerM3: 0 }, bays, { shiftHours: 8 }).at(0)
    expect(fume!.twa.high - without['total-fume']!.twa.high).toBeCloseTo(0.2, 9)
    expect(manganese!.twa.high - without.manganese!.twa.high).toBeCloseTo(0.02, 9)
  })
  it('refuses to say what is breathed where nobody works', () => {
    const hall: HallAir = {
      isOpenAir: false,
      volumeM3: 300,
      ceilingM: 5,
      supplyM3PerS: 1,
      outdoorShare: 1,
      filterEfficiency: 0,
      backgroundMgPerM3: 0,
      nearFieldRadiusM: 0.5,
      airSpeedMPerS: 0.15,
    }
    expect(() => hallShift(hall, [{ hood: null, capture: exactly(0), work: [] }], { shiftHours: 8 }).at(0)).toThrow(RangeError)
  })
})

describe('zones', () => {
  it('refuse what is no zone', () => {
    expect(() => new Zones({ volumesM3: [0], exchanges: [], removalM3PerS: [0] })).toThrow('volume')
    expect(() => new Zones({ volumesM3: [1], exchanges: [], removalM3PerS: [-1] })).toThrow('zero or more')
    expect(() => symmetricEigen([[1, 2]])).toThrow('square')
  })
  it('have eigenvectors that put the matrix together again', () => {
    fc.assert(
      fc.property(
        fc
          .integer({ min: 1, max: 9 })
          .chain(n => fc.array(fc.array(number(-5, 5), { minLength: n, maxLength: n }), { minLength: n, maxLength: n })),
        (rows) => {
          const matrix = rows.map((row, i) => row.map((value, j) => (value + rows[j]![i]!) / 2))
          const { values, vectors } = symmetricEigen(matrix)
          matrix.forEach((row, i) =>
            row.forEach((value, j) => {
              let sum = 0
              values.forEach((lambda, k) => {
                sum += lambda * vectors[k]![i]! * vectors[k]![j]!
              })
              expect(Math.abs(sum - value)).toBeLessThan(1e-10)
            }),
          )
        },
      ),
    )
  })
})

const hoods: fc.Arbitrary<Hood> = fc.record({
  kind: fc.constantFrom('opening', 'slot', 'canopy', 'overhead', 'bench', 'downdraft'),
  widthM: number(0.1, 1),
  heightM: number(0.03, 0.5),
  flanged: fc.boolean(),
  flowM3PerS: number(0.01, 2),
})

describe('hoods', () => {
  const KINDS = ['opening', 'slot', 'canopy', 'overhead', 'bench', 'downdraft', 'booth'] as const
  it.each(KINDS)('that draw nothing draw nothing at the mouth itself: %s', (kind) => {
    for (const distanceM of [0, 5e-324, 1e-200, 0.1]) {
      const still: Hood = { kind, widthM: 0.02, heightM: 0.005, flanged: true, flowM3PerS: 0 }
      expect(velocityAtMPerS(still, distanceM), `${kind} ${distanceM}`).toBe(0)
      expect(rectangleVelocityMPerS(1, 0.2, 0.1, distanceM)).toBeGreaterThan(0)
    }
  })
  it('draw less the farther away, and no farther than they reach', () => {
    fc.assert(fc.property(hoods, number(0, 1), number(0, 1), number(0.1, 2), (hood, a, b, wanted) => {
      const [close, far] = a < b ? [a, b] : [b, a]
      expect(velocityAtMPerS(hood, far)!).toBeLessThanOrEqual(near(velocityAtMPerS(hood, close)!))
      const reach = reachM(hood, wanted)
      if (reach > 0) expect(velocityAtMPerS(hood, reach)!).toBeGreaterThanOrEqual(wanted * (1 - 1e-6))
    }))
  })
  it('capture no more in a stronger draught, and never more than all', () => {
    fc.assert(fc.property(hoods, number(0.03, 0.8), number(0, 1), number(0, 1), (hood, distanceM, a, b) => {
      const [calm, draughty] = a < b ? [a, b] : [b, a]
      const at = (crossDraughtMPerS: number) => captureEfficiency({ hood, distanceM, process: 'gmaw', currentA: 200, crossDraughtMPerS })!
      for (const end of ['low', 'mid', 'high'] as const) {
        expect(at(draughty)[end]).toBeLessThanOrEqual(near(at(calm)[end]))
        expect(at(calm)[end]).toBeLessThanOrEqual(1)
      }
      expect(captureShare(0.5, a).low).toBeLessThanOrEqual(captureShare(0.5, a).high)
    }))
  })
})

describe('the capture window answers the school\'s question', () => {
  const arm = (kind: 'opening' | 'overhead'): Hood => ({ kind, diameterM: 0.36, flanged: true, flowM3PerS: 1300 / 3600 })
  const at = (kind: 'opening' | 'overhead', distanceM: number, crossDraughtMPerS: number, currentA: number | undefined = 190) =>
    captureWindow({ hood: arm(kind), distanceM, process: 'gmaw', currentA, crossDraughtMPerS })
  it('half a metre over a hot arc in calm air is right; beside it, it is too far', () => {
    expect(at('overhead', 0.48, 0.15).stands).toBe('within')
    expect(at('opening', 0.48, 0.15).stands).toBe('too-far')
    expect(at('opening', 0.22, 0.15).stands).toBe('within')
  })
  it('over the arc it fails in a draught, and over cold fume', () => {
    expect(at('overhead', 0.48, 0.6)).toMatchObject({ stands: 'too-far' })
    expect(at('overhead', 0.48, 0.15, 25).farthestM!).toBeLessThan(at('overhead', 0.48, 0.15).farthestM!)
  })
  it('too near takes the shield gas of MIG and not of stick', () => {
    expect(at('opening', 0.05, 0.15)).toMatchObject({ stands: 'too-near', findings: [{ code: 'capture.too-near' }] })
    expect(captureWindow({ hood: arm('opening'), distanceM: 0.05, process: 'smaw', currentA: 150, crossDraughtMPerS: 0.15 }).stands).toBe(
      'within',
    )
  })
  it('says what is wrong with a weak booth, a weak gun, an unknown mouth, and a hood for which no distance does', () => {
    const say = (hood: Hood, process: 'gtaw' | 'gmaw' = 'gmaw', draught = 0.15) =>
      captureWindow({ hood, distanceM: 0.2, process, currentA: 150, crossDraughtMPerS: draught }).findings[0]?.code
    expect(say({ kind: 'booth', widthM: 1.2, heightM: 1, flanged: false, flowM3PerS: 0.3 })).toBe('capture.face-slow')
    expect(say({ kind: 'gun', flanged: false, flowM3PerS: 0.01 })).toBe('capture.gun-weak')
    expect(say({ kind: 'slot', flanged: false, flowM3PerS: 0.3 })).toBe('capture.size-unknown')
    expect(say({ kind: 'opening', diameterM: 0.3, flanged: false, flowM3PerS: 0.6 }, 'gtaw', 0.6)).toBe('capture.no-window')
  })
})
