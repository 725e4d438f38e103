import { describe, expect, it } from 'vitest'
import { hallShift } from '#core/exposure/hall-shift'
import type { ArcWork, HallBay } from '#core/exposure/drawn-hall'
import type { Breathed } from '#core/exposure/hall-shift'
import type { Visit } from '#core/exposure/heard'
import type { SubstanceId } from '#core/ids/vocabulary'
import { exactly } from '#core/range'
import type { Range } from '#core/range'
import { made } from './made'
import type { HallAir } from '#core/ventilation/hall'

// The shift of a small hall against a simulation that knows nothing of it: the balance of each zone followed by Runge and Kutta
// in steps of half a second. Source of the model: two zones, published (see `twoZone`); the simulation is our own.

const HALL: HallAir = {
  isOpenAir: false,
  volumeM3: 200,
  ceilingM: 4,
  supplyM3PerS: 0.4,
  outdoorShare: 0.5,
  filterEfficiency: 0.5,
  backgroundMgPerM3: 0,
  nearFieldRadiusM: 0.5,
  airSpeedMPerS: 0.1,
}
const ENDS = ['low', 'mid', 'high'] as const
type End = (typeof ENDS)[number]
const OTHER_END: Readonly<Record<End, End>> = { low: 'high', mid: 'mid', high: 'low' }

const spread = (mid: number): Range => ({ low: mid / 2, mid, high: mid * 2 })
const work = (fromMin: number, toMin: number, arcMinPerH: number, mg: number): ArcWork => ({
  fromMin,
  toMin,
  arcMinPerH,
  emission: { 'total-fume': made(spread(mg)), 'ozone': made(spread(mg / 50)) },
})
/** An arm that blows back through a filter, and a hood that is ducted out; breaks, and work that overlaps in part. */
const BAYS: readonly HallBay[] = [
  {
    hood: { flowM3PerS: 0.2, returnsAir: true, filterEfficiency: 0.6 },
    capture: { low: 0.3, mid: 0.5, high: 0.7 },
    work: [work(10, 60, 20, 300), work(90, 120, 30, 200)],
  },
  {
    hood: { flowM3PerS: 0.15, returnsAir: false, filterEfficiency: 0 },
    capture: { low: 0.2, mid: 0.4, high: 0.6 },
    work: [work(40, 100, 40, 100)],
  },
]

/** mg/min of a stretch of work at one end. */
const mgOf = ({ emission }: ArcWork, what: SubstanceId, end: End): number => emission[what]![0]![0]!.range[end]

const STEP_S = 0.5

/** Concentrations of far field and near fields, followed from clean air; `source` gives mg/s into each zone at a minute. */
function follow(
  what: 'total-fume' | 'ozone',
  toMin: number,
  source: (atMin: number) => readonly number[],
  each: (atMin: number, zones: readonly number[]) => void,
): void {
  const near = (2 / 3) * Math.PI * 0.5 ** 3
  const exchange = Math.PI * 0.5 ** 2 * 0.1
  const volumes = [200 - 2 * near, near, near]
  // Outdoor air, or what is ducted out if that is more; filters hold back particles alone.
  const removed = Math.max(0.2, 0.15) + (what === 'ozone' ? 0 : 0.2 * 0.5 + 0.2 * 0.6)
  const change = (zones: readonly number[], in_: readonly number[]): number[] =>
    zones.map((zone, i) => {
      const passed = i === 0 ? exchange * (zones[1]! + zones[2]! - 2 * zone) - removed * zone : exchange * (zones[0]! - zone)
      return (passed + in_[i]!) / volumes[i]!
    })
  const plus = (zones: readonly number[], by: readonly number[], times: number): number[] => zones.map((zone, i) => zone + by[i]! * times)
  let zones: number[] = [0, 0, 0]
  const steps = Math.round((toMin * 60) / STEP_S)
  for (let i = 0; i < steps; i++) {
    const atMin = ((i + 0.5) * STEP_S) / 60
    const into = source(atMin)
    const a = change(zones, into)
    const b = change(plus(zones, a, STEP_S / 2), into)
    const c = change(plus(zones, b, STEP_S / 2), into)
    const d = change(plus(zones, c, STEP_S), into)
    const next = zones.map((zone, k) => zone + (STEP_S / 6) * (a[k]! + 2 * b[k]! + 2 * c[k]! + d[k]!))
    each(
      atMin,
      next.map((zone, k) => (zone + zones[k]!) / 2),
    )
    zones = next
  }
  each(toMin, zones)
}

/**
 * What the bays put into each zone at a minute, the arc's minutes spread over its hour; what a hood takes comes back through its
 * filter or not at all.
 */
const intoZones
  = (what: 'total-fume' | 'ozone', end: End, counted: readonly number[], only?: ArcWork) =>
    (atMin: number): readonly number[] => {
      const into = [0, 0, 0]
      for (const spot of counted) {
        const { hood, capture, work } = BAYS[spot]!
        const taken = capture[OTHER_END[end]]
        for (const stretch of work) {
          const { fromMin, toMin, arcMinPerH } = stretch
          if (atMin < fromMin || atMin >= toMin || (only !== undefined && only !== stretch)) continue
          const mgPerS = ((mgOf(stretch, what, end) / 60) * arcMinPerH) / 60
          into[spot + 1]! += mgPerS * (1 - taken)
          if (hood!.returnsAir) into[0]! += mgPerS * taken * (what === 'ozone' ? 1 : 1 - hood!.filterEfficiency)
        }
      }
      return into
    }

/** The day of one listener by the simulation: working they breathe their near field, else the hall. */
function simulated(
  what: 'total-fume' | 'ozone',
  end: End,
  spot: number,
  { fromMin, toMin, counted = [0, 1] }: { fromMin: number, toMin: number, counted?: readonly number[] },
): Record<'twa' | 'nearField' | 'farField', number> {
  const own = BAYS[spot]!.work
  const workMin = own.reduce((sum, stretch) => sum + stretch.toMin - stretch.fromMin, 0)
  const sum = { twa: 0, nearField: 0, farField: 0 }
  const stepMin = STEP_S / 60
  follow(what, toMin, intoZones(what, end, counted), (atMin, zones) => {
    const isWorking = own.some(stretch => atMin >= stretch.fromMin && atMin < stretch.toMin)
    if (atMin < fromMin || atMin >= toMin) return
    sum.twa += ((isWorking ? zones[spot + 1]! : zones[0]!) * stepMin) / 480
    if (!isWorking) return
    sum.nearField += (zones[spot + 1]! * stepMin) / workMin
    sum.farField += (zones[0]! * stepMin) / workMin
  })
  return sum
}

/** The hall at its fullest while one works, for each stretch of arc by itself: what each adds at its worst is added up. */
function farAtWorst(what: 'total-fume' | 'ozone', end: End, spot: number): number {
  let total = 0
  BAYS.forEach((bay, from) => {
    for (const stretch of bay.work) {
      let worst = 0
      follow(what, 130, intoZones(what, end, [from], stretch), (atMin, zones) => {
        if (WORST_AT[spot]!.some(cutMin => Math.abs(atMin - cutMin) < STEP_S / 60)) worst = Math.max(worst, zones[0]!)
      })
      total += worst
    }
  })
  return total
}
/** Where somebody's work or stay begins or ends within one's own work. */
const WORST_AT = [
  [40, 60, 100, 120],
  [60, 90, 100],
] as const

const SUBSTANCES = ['total-fume', 'ozone'] as const
const CASES = SUBSTANCES.flatMap(what => ENDS.flatMap(end => [0, 1].map(spot => [what, end, spot] as const)))
const near = (found: number, wanted: number) => expect(Math.abs(found / wanted - 1), `${found} against ${wanted}`).toBeLessThan(2e-3)
/** Works from minute 10 or 40 and stays for the three hours of the shift. */
const STAYS = [
  { fromMin: 10, toMin: 190 },
  { fromMin: 40, toMin: 220 },
] as const

describe('the shift of a hall', () => {
  const shift = () => hallShift(HALL, BAYS, { shiftHours: 3 })
  it.each(CASES)('%s at its %s end, bay %i: the eight-hour sum, beside the arc and in the hall, as simulated', (what, end, spot) => {
    const { twa, nearField, farField } = shift().at(spot)[what]!
    const wanted = simulated(what, end, spot, STAYS[spot]!)
    near(twa[end], wanted.twa)
    near(nearField[end], wanted.nearField)
    near(farField[end], wanted.farField)
  })
  it.each(CASES)('%s at its %s end, bay %i: the part of the others is what is breathed when they alone burn', (what, end, spot) => {
    near(shift().at(spot)[what]!.twaFromOthers[end], simulated(what, end, spot, { ...STAYS[spot]!, counted: [1 - spot] }).twa)
    // Asked for without the others, there is none.
    const alone = shift().at(spot, bay => bay === spot)[what]!
    expect(alone.twaFromOthers[end]).toBe(0)
    near(alone.twa[end], simulated(what, end, spot, { ...STAYS[spot]!, counted: [spot] }).twa)
  })
  it.each(CASES)(
    '%s at its %s end, bay %i: the quarter of an hour and the peak are one run of the arc on top of the hall at its fullest',
    (what, end, spot) => {
      const { shortTerm, peak } = shift().at(spot)[what]!
      const own = BAYS[spot]!
      let [quarter, atEnd] = [0, 0]
      // All arc minutes of an hour at once; of stretches that lie apart the worse counts.
      for (const stretch of own.work) {
        const runMin = stretch.arcMinPerH
        const mgPerS = (mgOf(stretch, what, end) / 60) * (1 - own.capture[OTHER_END[end]])
        const startMin = Math.max(0, runMin - 15)
        let [sum, steps, last] = [0, 0, 0]
        follow(
          what,
          Math.max(runMin, 15),
          atMin => (atMin < runMin ? [0, spot === 0 ? mgPerS : 0, spot === 1 ? mgPerS : 0] : [0, 0, 0]),
          (atMin, zones) => {
            if (atMin >= startMin && atMin < startMin + 15) [sum, steps] = [sum + zones[spot + 1]!, steps + 1]
            if (atMin <= runMin) last = zones[spot + 1]!
          },
        )
        quarter = Math.max(quarter, sum / steps)
        atEnd = Math.max(atEnd, last)
      }
      const farAtEnd = farAtWorst(what, end, spot)
      expect(Math.abs(shortTerm[end] / (farAtEnd + quarter) - 1)).toBeLessThan(5e-3)
      expect(Math.abs(peak[end] / (farAtEnd + atEnd) - 1)).toBeLessThan(5e-3)
    },
  )
  it('runs within a quarter of an hour of each other add up; what burns there while they are away is no run of theirs', () => {
    const bay = (second: number): HallBay => ({ ...BAYS[1]!, work: [work(0, 60, 5, 100), work(second, second + 60, 5, 100)] })
    const peakOf = (one: HallBay, visit?: Visit): number =>
      hallShift(HALL, [one], { shiftHours: 1 }).at(0, undefined, visit)['total-fume']!.shortTerm.mid
    const alone = peakOf({ ...BAYS[1]!, work: [work(0, 60, 5, 100)] })
    // Behind the second, the hall is fuller; the runs are two.
    expect(peakOf(bay(74))).toBeGreaterThan(alone * 1.8)
    expect(peakOf(bay(75))).toBeLessThan(alone * 1.5)
    const only = (fromMin: number, toMin: number): Visit => ({ work: [{ fromMin, toMin }], besides: [] })
    expect(peakOf(bay(60), only(0, 60))).toBeCloseTo(alone, 12)
    expect(peakOf(bay(60), only(0, 61))).toBeGreaterThan(alone * 1.8)
    expect(peakOf(bay(120), only(70, 110))).toBeLessThan(alone / 2)
  })
  it('a run shorter than a quarter of an hour counts the clean minutes after it', () => {
    const bays: readonly HallBay[] = [
      {
        hood: null,
        capture: { low: 0, mid: 0, high: 0 },
        work: [{ fromMin: 0, toMin: 60, arcMinPerH: 5, emission: { 'total-fume': made(exactly(60)) } }],
      },
    ]
    const { shortTerm, peak } = hallShift({ ...HALL, volumeM3: 1e6, supplyM3PerS: 1000, outdoorShare: 1 }, bays, { shiftHours: 1 }).at(0)[
      'total-fume'
    ]!
    // 1 mg/s through π·0.5²·0.1 m³/s is 12.73 mg/m³ beside the arc in a few seconds, for a third of the quarter.
    near(peak.mid, 12.73)
    near(shortTerm.mid, 12.73 / 3)
  })
  it('who is there for some minutes only is counted for those alone, at their own arc or beside it', () => {
    const stays = [{ fromMin: 20, toMin: 50 }]
    const visit = hallShift(HALL, BAYS, { shiftHours: 3 }).at(0, undefined, { work: stays, besides: [] })['total-fume']!
    let sum = 0
    follow('total-fume', 60, intoZones('total-fume', 'mid', [0, 1]), (atMin, zones) => {
      if (atMin >= 20 && atMin < 50) sum += (zones[1]! * STEP_S) / 60
    })
    near(visit.twa.mid, sum / 480)
    near(visit.nearField.mid, sum / 30)
    // Between two stays nothing counts: that time is somebody else's, or elsewhere.
    const twice = hallShift(HALL, BAYS, { shiftHours: 3 }).at(0, undefined, {
      work: [
        { fromMin: 20, toMin: 30 },
        { fromMin: 40, toMin: 50 },
      ],
      besides: [],
    })['total-fume']!
    let apart = 0
    follow('total-fume', 60, intoZones('total-fume', 'mid', [0, 1]), (atMin, zones) => {
      if ((atMin >= 20 && atMin < 30) || (atMin >= 40 && atMin < 50)) apart += (zones[1]! * STEP_S) / 60
    })
    near(twice.twa.mid, apart / 480)
    near(twice.nearField.mid, apart / 20)
    // In the hall besides, it is the hall that counts, and by itself: no mask is on there.
    const resting = { work: stays, besides: [{ fromMin: 50, toMin: 80 }] }
    const rested = hallShift(HALL, BAYS, { shiftHours: 3 }).at(0, undefined, resting)['total-fume']!
    let idle = 0
    follow('total-fume', 90, intoZones('total-fume', 'mid', [0, 1]), (atMin, zones) => {
      if (atMin >= 50 && atMin < 80) idle += (zones[0]! * STEP_S) / 60
    })
    near(rested.twaBesides.mid, idle / 480)
    near(rested.twa.mid - rested.twaBesides.mid, visit.twa.mid)
    expect(visit.twaBesides).toEqual({ low: 0, mid: 0, high: 0 })
    expect(() => hallShift(HALL, BAYS, { shiftHours: 3 }).at(0, undefined, { work: [], besides: stays })).toThrow(RangeError)
  })
  it('a bay without work has nobody to breathe; an idle one changes nothing for the others', () => {
    const idle: HallBay = { hood: null, capture: { low: 0, mid: 0, high: 0 }, work: [] }
    expect(() => hallShift(HALL, [...BAYS, idle], { shiftHours: 3 }).at(2)).toThrow('nobody to breathe')
    expect(() => hallShift(HALL, BAYS, { shiftHours: 3 }).at(7)).toThrow(RangeError)
  })
})

describe('fume that the incoming air carries', () => {
  const DIRTY: HallAir = { ...HALL, backgroundMgPerM3: 0.3 }
  const bays: readonly HallBay[] = [
    {
      hood: { flowM3PerS: 0.2, returnsAir: true, filterEfficiency: 0.6 },
      capture: { low: 0, mid: 0, high: 0 },
      work: [
        {
          fromMin: 60,
          toMin: 120,
          arcMinPerH: 30,
          emission: {
            'total-fume': made({ low: 5, mid: 10, high: 20 }),
            'manganese': made({ low: 0.5, mid: 1, high: 2 }),
            'ozone': made(exactly(1)),
          },
        },
        {
          fromMin: 120,
          toMin: 180,
          arcMinPerH: 30,
          emission: { 'total-fume': made({ low: 2, mid: 4, high: 8 }), 'manganese': made({ low: 1, mid: 2, high: 4 }) },
        },
      ],
    },
  ]
  const clean = () => hallShift(HALL, bays, { shiftHours: 4 }).at(0)
  const dirty = () => hallShift(DIRTY, bays, { shiftHours: 4 }).at(0)
  // 0.2 m³/s of outdoor air at 0.3 mg/m³; the hall's filter is worth 0.1 m³/s, the hood's 0.12.
  const settled = (0.3 * 0.2) / (0.2 + 0.1 + 0.12)
  const added = (what: 'total-fume' | 'manganese', kind: keyof Breathed) =>
    ENDS.map(end => dirty()[what]![kind][end] - clean()[what]![kind][end])
  it('is added to the middle and the safe end, for as long as somebody is there', () => {
    for (const kind of ['shortTerm', 'peak', 'nearField', 'farField'] as const) {
      const [low, mid, high] = added('total-fume', kind)
      expect(low).toBe(0)
      expect(mid).toBeCloseTo(settled, 12)
      expect(high).toBeCloseTo(settled, 12)
    }
    // Four hours of eight.
    for (const kind of ['twa', 'twaFromOthers'] as const) expect(added('total-fume', kind)[2]).toBeCloseTo(settled / 2, 12)
  })
  it('is like the bay\'s own fume at its strongest; a gas it does not carry', () => {
    expect(added('manganese', 'farField')[2]).toBeCloseTo((settled * 4) / 20, 12)
    expect(dirty().ozone).toEqual(clean().ozone)
  })
  it('is left out where it is counted elsewhere, and stands as it comes in where no air moves', () => {
    expect(hallShift(DIRTY, bays, { shiftHours: 4, withBackground: false }).at(0)).toEqual(clean())
    const still = { ...DIRTY, supplyM3PerS: 0 }
    const idleHood = [{ ...bays[0]!, hood: null }]
    const found = hallShift(still, idleHood, { shiftHours: 4 }).at(0)['total-fume']!.farField.high
    expect(
      found - hallShift({ ...still, backgroundMgPerM3: 0 }, idleHood, { shiftHours: 4 }).at(0)['total-fume']!.farField.high,
    ).toBeCloseTo(0.3, 9)
  })
  it('no fume of one\'s own says nothing of what it is made of', () => {
    const gasOnly = [{ ...bays[0]!, work: [{ ...bays[0]!.work[0]!, emission: { manganese: made(exactly(1)) } }] }]
    expect(hallShift(DIRTY, gasOnly, { shiftHours: 4 }).at(0)).toEqual(hallShift(HALL, gasOnly, { shiftHours: 4 }).at(0))
  })
})
