import { describe, expect, it } from 'vitest'
import { calibratedAt, carriedTo } from '#core/air/calibrated'
import { surveyedAt } from '#core/air/surveyed'
import type { Survey } from '#core/streams/samples/samples'
import type { Station } from '#core/streams/station/station'
import { facts, ready, STICK } from './air-of-a-shop'

// By what samples would the model read better than it should?

const TWO = { one: ready(), two: ready({ personId: 'kit', job: { ...STICK, currentA: 150, startsAt: '13:00', endsAt: '16:00' } }) }
const modelled = (stations: Readonly<Record<string, Station>> = TWO) => {
  const known = facts(stations)
  // What the model says in the middle, over the shift: a survey of exactly that says that the model is right.
  const [said] = calibratedAt({ ...known, surveys: { one: [surveyOf(known, [1])] } }, 'one')
  return said!.before.mid / said!.use.perMgPerM3
}
const surveyOf = (known: ReturnType<typeof facts>, values: readonly number[], over: Partial<Survey> = {}): Survey => ({
  surveyId: 's',
  substance: 'manganese',
  takenOn: '2026-02-20',
  withdrawn: false,
  place: surveyedAt(known, 'one')!,
  results: values.map((mgPerM3, i) => ({ label: `P${i}`, mgPerM3, isBelowLoq: false, minutes: 480 })),
  ...over,
})
const withSamples = (values: readonly number[], over: Partial<Survey> = {}, stations: Readonly<Record<string, Station>> = TWO) => {
  const known = facts(stations)
  return { ...known, surveys: { one: [surveyOf(known, values, over)] } }
}
const here = (...asked: Parameters<typeof withSamples>) => calibratedAt(withSamples(...asked), 'one')

describe('what samples say of the model where they were taken', () => {
  const middle = modelled()
  it('leaves it where it was, and more certain, when they agree with it', () => {
    const [said] = here([middle, middle, middle])
    expect(said!.after.mid / said!.before.mid).toBeCloseTo(1, 1)
    expect(said!.after.high).toBeLessThan(said!.before.high)
    expect(said).toMatchObject({ substance: 'manganese', count: 3, takenOn: '2026-02-20' })
  })
  it('moves it towards them, the further the more there are, and never past them', () => {
    const three = here([middle / 4, middle / 4, middle / 4])[0]!
    const twelve = here(Array.from({ length: 12 }, () => middle / 4))[0]!
    expect(three.after.mid).toBeLessThan(three.before.mid)
    expect(twelve.after.mid).toBeLessThan(three.after.mid)
    expect(twelve.after.mid).toBeGreaterThan(three.before.mid / 4)
    // What was reckoned too low is worse than it was.
    const worse = here([middle * 6, middle * 6, middle * 6])[0]!
    expect(worse.after.mid).toBeGreaterThan(worse.before.mid * 2)
  })
  it('says nothing by what does not speak: too old, withdrawn, of other work', () => {
    expect(here([middle], { takenOn: '2023-02-20' })).toEqual([])
    expect(here([middle], { withdrawn: true })).toEqual([])
    expect(here([middle], {}, { ...TWO, one: ready({ job: { ...STICK, currentA: 90 } }) })).toHaveLength(1)
    const known = withSamples([middle])
    expect(calibratedAt({ ...known, stations: { ...known.stations, one: ready({ job: { ...STICK, currentA: 90 } }) } }, 'one')).toEqual([])
  })
  it('says nothing of a substance that the model knows nothing of, nor without a job', () => {
    expect(here([0.1], { substance: 'cadmium' })).toEqual([])
    expect(calibratedAt(facts({ one: ready({ job: null }) }), 'one')).toEqual([])
  })
  it('an eight-hour figure and a mean over the shift are not taken for one another', () => {
    const long = { one: ready({ job: { ...STICK, startsAt: '06:00', endsAt: '18:00' } }) }
    const known = facts(long)
    const [said] = calibratedAt({ ...known, surveys: { one: [surveyOf(known, [1, 1, 1])] } }, 'one')
    const mean = said!.before.mid / said!.use.perMgPerM3 * 8 / 12
    const [agreed] = calibratedAt({ ...known, surveys: { one: [surveyOf(known, [mean, mean, mean])] } }, 'one')
    expect(agreed!.after.mid / agreed!.before.mid).toBeCloseTo(1, 1)
  })
})

describe('what is carried to the same work elsewhere', () => {
  const middle = modelled()
  it('is the emission alone: it moves less than where it was measured, and stays as doubtful of this hood', () => {
    const known = withSamples([middle / 5, middle / 5, middle / 5])
    const [carried] = carriedTo(known, 'two')
    const [there] = calibratedAt(known, 'one')
    expect(carried).toMatchObject({ fromBayId: 'one', substance: 'manganese', count: 3 })
    expect(carried!.after.mid).toBeLessThan(carried!.before.mid)
    expect(carried!.after.mid / carried!.before.mid).toBeGreaterThan(there!.after.mid / there!.before.mid)
    expect(carried!.after.high / carried!.after.mid).toBeGreaterThan(there!.after.high / there!.after.mid)
  })
  it('of several bays is the one that says most', () => {
    const stations = { ...TWO, three: ready({ personId: 'ada', job: { ...STICK, currentA: 140 } }) }
    const known = facts(stations)
    const of = (bayId: string, values: readonly number[]) => surveyOf(known, values, { place: surveyedAt(known, bayId)! })
    const surveys = { one: [of('one', [middle / 5])], three: [of('three', [middle * 5])] }
    expect(carriedTo({ ...known, surveys }, 'two')).toMatchObject([{ fromBayId: 'three' }])
  })
  it('is nothing for other work, for what was measured here, for a bay without a job', () => {
    const other = { ...TWO, two: ready({ personId: 'kit', job: { ...STICK, consumable: 'e6010' as const } }) }
    expect(carriedTo(withSamples([middle], {}, other), 'two')).toEqual([])
    expect(carriedTo(withSamples([middle]), 'one')).toEqual([])
    const known = withSamples([middle])
    const own = surveyOf(facts(TWO), [middle], { place: surveyedAt(facts(TWO), 'two')! })
    expect(carriedTo({ ...known, surveys: { ...known.surveys, two: [own] } }, 'two')).toEqual([])
    expect(carriedTo(withSamples([middle], {}, { ...TWO, two: ready({ job: null }) }), 'two')).toEqual([])
  })
})
