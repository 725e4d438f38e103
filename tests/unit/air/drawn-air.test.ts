import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { airDoubt } from '#core/air/air-doubt'
import type { AirDoubt } from '#core/air/air-doubt'
import type { AirFacts } from '#core/air/air-facts'
import { hallQuestion } from '#core/air/air-facts'
import { predictHall } from '#core/air/hall-prediction'
import { NOWHERE_ELSE } from '#core/air/person-day'
import { USUAL_WORK } from '#core/exposure/long-shift'
import { JUDGED, drawSet } from '#core/chance/draw-set'
import { spreadOf } from '#core/chance/draws'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { judgeExposure } from '#core/exposure/judge-exposure'
import { ANY_POSTURE, BEHIND_A_JET, USUAL_DOUBT } from '#core/exposure/hall-doubt'
import type { HallBay } from '#core/exposure/drawn-hall'
import type { Breathed } from '#core/exposure/hall-shift'
import { hallShift } from '#core/exposure/hall-shift'
import { emissionOf } from '#core/fume/emission'
import type { FumeQuestion } from '#core/fume/emission'
import type { SubstanceId } from '#core/ids/vocabulary'
import { exactly } from '#core/range'
import type { Range } from '#core/range'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { HallAir } from '#core/ventilation/hall'
import { AREAS, BAYS, HALL_AIR, RULES } from '../../../demo/fenmarsh'
import { made } from '../exposure/made'

/** The demo's halls with the jobs of its morning. */
const FACTS: AirFacts = {
  site: {
    timeZone: 'Europe/London',
    areas: AREAS,
    bays: BAYS.map(({ label, areaId }) => ({ bayId: label, areaId, label, kind: 'designated' as const, closed: false })),
  },
  stations: Object.fromEntries(
    BAYS.map(({ label, job, hood }) => [label, { ...EMPTY_STATION, job: job ?? null, hoodPosition: hood ?? null }]),
  ),
  rules: RULES,
  now: '2026-11-23T09:00:00.000Z',
  sheets: {},
  surveys: {},
  monitors: {},
  wearers: {},
  halls: Object.fromEntries(Object.entries(HALL_AIR).map(([id, air]) => [
    id,
    { air, bays: Object.fromEntries(BAYS.map(({ label, extraction }) => [label, { xM: 0, yM: 0, extraction: extraction ?? null }])) },
  ])),
}
const questionOf = (hallId: string) => ({ ...hallQuestion(FACTS, hallId)!, mayStrike: undefined })
const COUNTED = ['twa', 'shortTerm', 'peak'] as const

interface Found { readonly name: string, readonly few: Breathed, readonly many: Breathed }
const ALL: readonly Found[] = Object.keys(HALL_AIR).flatMap((hallId) => {
  const [few, many] = [predictHall(questionOf(hallId), JUDGED), predictHall(questionOf(hallId), drawSet(20_000, 7))]
  return questionOf(hallId).bays.flatMap(({ bayId }) =>
    Object.entries(few.bay(bayId)?.breathed ?? {}).map(([substance, air]) => ({
      name: `${bayId} ${substance}`, few: air, many: many.bay(bayId)!.breathed![substance as SubstanceId]!,
    })),
  )
})

describe('the draws of a judgement against twenty thousand', () => {
  it('read the high end never more than a tenth too low, and a third too high at most; the middle within an eighth', () => {
    expect(ALL.length).toBeGreaterThan(60)
    for (const { name, few, many } of ALL) {
      for (const kind of COUNTED) {
        const [high, mid] = [few[kind].high / many[kind].high, few[kind].mid / many[kind].mid]
        expect(high, `${name} ${kind}`).toBeGreaterThan(0.9)
        expect(high, `${name} ${kind}`).toBeLessThan(1.33)
        expect(Math.abs(mid - 1), `${name} ${kind}`).toBeLessThan(0.125)
      }
    }
  })
  it('more draws narrow what the seed decides: forty times as many', () => {
    const question = questionOf('gate-hall')
    const strays = (count: number): number => {
      const highs = [1, 2, 3, 4, 5].map(seed => predictHall(question, drawSet(count, seed)).bay('3')!.breathed!.manganese!.peak.high)
      return Math.max(...highs) / Math.min(...highs) - 1
    }
    const many = strays(4000)
    expect(many).toBeLessThan(strays(100) * 0.6)
    expect(many).toBeLessThan(0.15)
  })
})

describe('nothing that is drawn exceeds what energy and mass allow', () => {
  const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
  const hallArb: fc.Arbitrary<HallAir> = fc.record({
    isOpenAir: fc.boolean(), volumeM3: number(60, 8000), ceilingM: fc.constant(5), supplyM3PerS: number(0.05, 12),
    outdoorShare: fc.constant(1), filterEfficiency: fc.constant(0), backgroundMgPerM3: fc.constant(0), nearFieldRadiusM: number(0.3, 0.8),
    airSpeedMPerS: number(0.03, 0.6),
  })
  it('no draw breathes more than the most that is made, in the least air that takes it', () => {
    fc.assert(fc.property(hallArb, number(1, 2000), number(1, 60), fc.boolean(), (hall, mgPerMin, arcMinPerH, isJet) => {
      const posture = isJet ? BEHIND_A_JET : ANY_POSTURE
      const range = { low: mgPerMin / 2, mid: mgPerMin, high: mgPerMin * 2 }
      const bay: HallBay = {
        hood: null, capture: { low: 0, mid: 0, high: 0 },
        work: [{ fromMin: 0, toMin: 480, arcMinPerH, posture, emission: { 'total-fume': made(range) } }],
      }
      const { twa, peak } = hallShift(hall, [bay], { shiftHours: 8, draws: drawSet(200, 3), doubt: USUAL_DOUBT }).drawnAt(0)['total-fume']!
      // Beyond its ends a range goes on for another ninth of its half.
      const most = (ends: { readonly mid: number, readonly high: number }): number => ends.mid + (ends.high - ends.mid) / 0.9
      const least = (ends: { readonly low: number, readonly mid: number }): number => ends.mid - (ends.mid - ends.low) / 0.9
      const mgPerS = most(range) / 60
      const { nearField, draught, supply, mixing } = USUAL_DOUBT
      const exchange = Math.PI * (hall.nearFieldRadiusM * least(nearField)) ** 2 * hall.airSpeedMPerS * least(draught)
      const outdoor = hall.isOpenAir ? 1e6 : hall.supplyM3PerS * least(supply)
      // A run stands on top of the hall at its fullest, which holds that run already: counted twice, to the safe side.
      for (const [drawn, share, times] of [[twa, most(posture.shift), 1], [peak, most(posture.run), 2]] as const)
        expect(Math.max(...drawn)).toBeLessThan(mgPerS * (share / exchange + (times * most(mixing)) / outdoor) * (1 + 1e-9))
    }), { numRuns: 100 })
  })
  it('no arc smokes more than it melts', () => {
    const wires: readonly FumeQuestion[] = [
      { process: 'gmaw', consumable: 'er5356', baseMetal: 'aluminium', coating: 'none', currentA: 200 },
      { process: 'fcaw-s', consumable: 'e71t-8', baseMetal: 'mild-steel', coating: 'none', currentA: 250 },
      { process: 'smaw', consumable: 'e7018', baseMetal: 'mild-steel', coating: 'none', currentA: 180 },
    ]
    for (const wire of wires) {
      const [melted, factor] = emissionOf(wire).substances['total-fume']!.parts[0]!
      expect(melted!.doubt).toBe('melting')
      // g/kg: a tenth of what melts is more than any wire was ever found to smoke.
      expect(factor!.range.high).toBeLessThan(100)
    }
  })
})

const answered = (hallId: string, bayId: string, draws = 2000, facts = FACTS, all = false): AirDoubt | null => {
  const hall = hallQuestion(facts, hallId)!
  const day = { hall: all ? { ...hall, mayStrike: undefined } : hall, bayId, personId: null, elsewhere: NOWHERE_ELSE }
  const work = airDoubt(day, RULES, { draws, seed: 1 })
  for (;;) {
    const step = work.next()
    if (step.done) return step.value
    expect(step.value).toBeGreaterThanOrEqual(0)
    expect(step.value).toBeLessThanOrEqual(1)
  }
}

describe('how sure the air of a bay is', () => {
  it('says of each limit that binds how likely it is kept, and agrees with the gate about the hardest', () => {
    const { limits, allUnderAction, drivers, draws } = answered('gate-hall', '4')!
    expect(draws).toBe(2000)
    const gate = predictHall(hallQuestion(FACTS, 'gate-hall')!).bay('4')!
    expect(limits[0]!.limit.substance).toBe('zinc')
    expect(limits[0]!.underLimit).toBeGreaterThan(0)
    expect(limits[0]!.underLimit).toBeLessThan(0.5)
    for (const { limit, fraction, underLimit, underAction } of limits) {
      expect(underAction).toBeLessThanOrEqual(underLimit)
      expect(allUnderAction).toBeLessThanOrEqual(underAction)
      expect(underLimit >= 0.95).toBe(fraction.high <= 1)
      expect(gate.breathed![limit.substance]).toBeDefined()
    }
    expect(drivers.map(({ input }) => input)).toContain('burn-off')
    expect(drivers.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9)
  })
  it('what other bays do is told as one; of a bay by itself nothing is', () => {
    const alone = { ...FACTS, stations: { 4: FACTS.stations['4']! } }
    expect(answered('gate-hall', '4', 1000, alone)!.drivers.map(({ input }) => input)).not.toContain('others')
    // Hardly an arc of one's own, beside one that burns all day without a hood.
    const [own, loud] = [FACTS.stations['1']!, FACTS.stations['3']!]
    const beside: AirFacts = {
      ...FACTS,
      stations: {
        1: { ...own, job: { ...own.job!, arcMinPerH: 1 } },
        3: { ...loud, job: { ...loud.job!, arcMinPerH: 40 }, hoodPosition: null },
      },
      halls: {
        'gate-hall': {
          air: { ...HALL_AIR['gate-hall']!, supplyM3PerS: 0.5, volumeM3: 500 },
          bays: { 1: { xM: 0, yM: 0, extraction: null }, 3: { xM: 3, yM: 0, extraction: null } },
        },
      },
    }
    expect(answered('gate-hall', '1', 3000, beside, true)!.drivers.map(({ input }) => input)).toContain('others')
  })
  it('says nothing where nobody can say what is breathed', () => {
    expect(answered('boat-shed', '10')).toBeNull()
    expect(answered('boat-shed', '11')).toBeNull()
  })
})

it('a draught that is certain where all else is doubted leaves the hood what it takes', () => {
  const bay = (captureInCalm: Range): HallBay => ({
    hood: { flowM3PerS: 0.3, returnsAir: false, filterEfficiency: 0 },
    capture: { low: 0.5, mid: 0.6, high: 0.7 }, captureInCalm, captureInDraught: { low: 0, mid: 0, high: 0 },
    work: [{ fromMin: 0, toMin: 480, arcMinPerH: 20, emission: { manganese: made({ low: 1, mid: 2, high: 3 }) } }],
  })
  const at = (captureInCalm: Range, draught: Range) =>
    hallShift(HALL_AIR['gate-hall']!, [bay(captureInCalm)], { shiftHours: 8, draws: JUDGED, doubt: { ...USUAL_DOUBT, draught } })
      .at(0)
      .manganese!.twa
  const none = { low: 0, mid: 0, high: 0 }
  expect(at({ low: 0.9, mid: 0.9, high: 0.9 }, exactly(1))).toEqual(at(none, exactly(1)))
  expect(at(none, exactly(1)).high).toBeGreaterThan(0)
  // Doubted, a hood that takes more in calm air is breathed less behind.
  expect(at({ low: 0.9, mid: 0.9, high: 0.9 }, USUAL_DOUBT.draught).mid).toBeLessThan(at(none, USUAL_DOUBT.draught).mid)
})

it('a draw that is no number holds: it counts as endless, whatever the others say', () => {
  const bay: HallBay = {
    hood: null, capture: { low: 0, mid: 0, high: 0 },
    work: [{ fromMin: 0, toMin: 480, arcMinPerH: 20, emission: { manganese: made({ low: 1, mid: NaN, high: 2 }) } }],
  }
  const breathed = hallShift(HALL_AIR['gate-hall']!, [bay], { shiftHours: 8, draws: JUDGED, doubt: USUAL_DOUBT }).at(0)
  expect(judgeExposure({ breathed }, ['us-legal'], NEW_SITE_RULES.actionFraction, USUAL_WORK).fraction).toBe(Infinity)
  // And the percentiles of the rest are not read as if it were not there.
  expect(spreadOf(Float64Array.of(1, 2, 3)).high).toBeLessThanOrEqual(3)
})
