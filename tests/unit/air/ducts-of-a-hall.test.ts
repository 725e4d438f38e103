import { describe, expect, it } from 'vitest'
import { hallQuestion } from '#core/air/air-facts'
import { predictHall } from '#core/air/hall-prediction'
import { tryOut } from '#core/air/what-if'
import type { Extraction } from '#core/streams/hall/hall'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import type { DuctedHood, HallDucts, HoodOnDucts } from '#core/ventilation/hall-ducts'
import { drawnHoods } from '#core/ventilation/hall-ducts'
import { mayBeOpenAtOnce } from '#core/ventilation/most-open'
import { ARM, CHECKED, facts, gateOf, HALL, ready } from './air-of-a-shop'

// A fan that is asked for more than it has: a hood counted as it was measured alone would read clear with the others open.

const IDS = ['one', 'two', 'three']
const ducts = (over: Partial<HallDucts> = {}, hood: Partial<DuctedHood> = {}): HallDucts => ({
  fan: [{ flowM3PerS: 0, pressurePa: 2000 }, { flowM3PerS: 0.5, pressurePa: 1400 }, { flowM3PerS: 1, pressurePa: 300 }],
  ducts: [
    { id: 'main', into: null, lengthM: 12, diameterM: 0.2, wall: 'galvanised', lossCoefficient: 1 },
    ...IDS.map(id => ({ id: `to ${id}`, into: 'main', lengthM: 6, diameterM: 0.16, wall: 'galvanised' as const, lossCoefficient: 1 })),
  ],
  hoods: IDS.map(bayId => ({ bayId, ductId: `to ${bayId}`, entry: 'flanged-end' as const, foundWith: 'own-open' as const, ...hood })),
  ...over,
})
const known = (over: Partial<HoodOnDucts> = {}): readonly HoodOnDucts[] =>
  IDS.map(bayId => ({ bayId, flowM3PerS: 0.3, isMakers: false, isSeenShut: false, ...over }))
const flowOf = (system: HallDucts, hoods: readonly HoodOnDucts[], bayId = 'one') => drawnHoods(system, hoods).get(bayId)!.flowM3PerS!

describe('how many may be open at once', () => {
  const needing = (m3PerS: number, ids: readonly string[] = IDS) => new Map(ids.map(id => [id, m3PerS]))
  const flowWith = (open: readonly string[]): number =>
    Math.min(...open.map(id => flowOf(ducts(), known().map(one => ({ ...one, isSeenShut: !open.includes(one.bayId) })), id)))

  it('is the largest number of which every set draws what it must, and one more does not', () => {
    const [two, three] = [flowWith(['one', 'two']), flowWith(IDS)]
    expect(mayBeOpenAtOnce(ducts(), known(), needing(three - 1e-6))).toEqual({ most: 3, of: 3 })
    expect(mayBeOpenAtOnce(ducts(), known(), needing(two - 1e-6))).toEqual({ most: 2, of: 3 })
    expect(mayBeOpenAtOnce(ducts(), known(), needing(two + 1e-6))).toEqual({ most: 1, of: 3 })
  })
  it('leaves out what draws too little by itself, and leaves the others as they stand', () => {
    const needed = new Map([['one', 0.31], ['two', 0.1], ['three', 0.1]])
    expect(mayBeOpenAtOnce(ducts(), known(), needed)).toEqual({ most: 2, of: 2 })
    // The third stands open: it takes its share of both.
    const beside = flowWith(IDS)
    expect(mayBeOpenAtOnce(ducts(), known(), needing(beside + 1e-6, ['one', 'two']))).toEqual({ most: 1, of: 2 })
    const thirdShut = known().map(one => ({ ...one, isSeenShut: one.bayId === 'three' }))
    expect(mayBeOpenAtOnce(ducts(), thirdShut, needing(beside + 1e-6, ['one', 'two']))).toEqual({ most: 2, of: 2 })
  })
  it('is not said of fewer than two, nor where the system has no balance', () => {
    expect(mayBeOpenAtOnce(ducts(), known(), needing(0.1, ['one']))).toBeNull()
    const short = ducts({ fan: [{ flowM3PerS: 0, pressurePa: 2000 }, { flowM3PerS: 0.01, pressurePa: 1900 }] })
    expect(mayBeOpenAtOnce(short, known(), needing(0.1))).toBeNull()
  })
})

describe('what a hood on shared ducts draws', () => {
  it('falls from what was measured alone by as much as the system says, for each damper that opens', () => {
    const shut = (...ids: string[]) => known().map(one => ({ ...one, isSeenShut: ids.includes(one.bayId) }))
    const [alone, two, all] = [shut('two', 'three'), shut('three'), shut()].map(hoods => flowOf(ducts(), hoods)) as [number, number, number]
    expect(alone).toBeCloseTo(0.3, 9)
    expect(two).toBeLessThan(alone * 0.95)
    expect(all).toBeLessThan(two * 0.95)
    // Equal ways share alike: all three are starved by the same share.
    for (const id of IDS) expect(flowOf(ducts(), known(), id)).toBeCloseTo(all, 9)
  })
  it('counts a damper that nobody saw shut, and one of a bay that nobody knows, as open', () => {
    expect(flowOf(ducts(), known().slice(0, 1))).toBeCloseTo(flowOf(ducts(), known()), 9)
  })
  it('never rises above what was measured', () => {
    const measuredWithAll = ducts({}, { foundWith: 'all-open' })
    expect(flowOf(measuredWithAll, known())).toBeCloseTo(0.3, 9)
    expect(flowOf(measuredWithAll, known().map((one, i) => ({ ...one, isSeenShut: i > 0 })))).toBe(0.3)
  })
  it('is no more than the system gives where it is only the maker\'s', () => {
    const given = flowOf(ducts(), known({ flowM3PerS: 10, isMakers: true }))
    expect(given).toBeLessThan(0.5)
    expect(flowOf(ducts(), known({ flowM3PerS: 0.01, isMakers: true }))).toBe(0.01)
  })
  it('is not known where the fan is asked for more than its curve tells', () => {
    const short = ducts({ fan: [{ flowM3PerS: 0, pressurePa: 2000 }, { flowM3PerS: 0.3, pressurePa: 1900 }] })
    expect(drawnHoods(short, known()).get('one')!.flowM3PerS).toBeNull()
  })
  it('is what it would be once its own damper is opened, where that is shut', () => {
    const shut = known().map(one => ({ ...one, isSeenShut: one.bayId === 'one' }))
    expect(flowOf(ducts(), shut)).toBeCloseTo(flowOf(ducts(), known()), 9)
  })
})

describe('the gate of a bay on shared ducts', () => {
  const arm: Extraction = { ...ARM, flowM3PerS: 0.3 }
  /** Where every bit of flow tells. */
  const FAR = { placement: 'beside', distanceM: 0.25 } as const
  const hallWith = (laid: HallDucts | null, closed: readonly string[] = []) => {
    const stations: Record<string, Station> = { one: ready({ hoodPosition: FAR }), two: EMPTY_STATION, three: EMPTY_STATION }
    const around = facts(stations, { extraction: arm })
    const bays = around.site.bays.map(bay => ({ ...bay, closed: closed.includes(bay.bayId) }))
    return {
      stations,
      around: { ...around, site: { ...around.site, bays }, halls: { hall: { ...around.halls.hall!, air: HALL, ducts: laid } } },
    }
  }
  const judged = (laid: HallDucts | null, over: Record<string, Station> = {}, closed: readonly string[] = []) => {
    const { stations, around } = hallWith(laid, closed)
    return gateOf({ ...stations, ...over }, 'one', { ...around, stations: { ...around.stations, ...over } })
  }
  const breathed = (gate: ReturnType<typeof judged>) => gate.air.exposure!.fraction!
  const shut: Station = { ...EMPTY_STATION, extractionCheck: { ...CHECKED, damperOpen: false } }

  it('breathes more with every damper that stands open or may, and says so', () => {
    const own = judged(null)
    const [starved, one, none] = [judged(ducts()), judged(ducts(), { two: shut }), judged(ducts(), { two: shut, three: shut })]
    expect(starved.codes).toContain('air.starved')
    expect(starved.findings.find(({ code }) => code === 'air.starved')!.values).toMatchObject({ openCount: 3, idle: ['two', 'three'] })
    expect(breathed(starved)).toBeGreaterThan(breathed(one))
    expect(breathed(one)).toBeGreaterThan(breathed(none))
    expect(breathed(none)).toBeCloseTo(breathed(own), 6)
    expect(none.codes).not.toContain('air.starved')
  })
  it('believes a damper seen shut only for the day, and that of a bay that was closed not at all', () => {
    const yesterday: Station = { ...shut, extractionCheck: { ...shut.extractionCheck!, validUntil: '2026-03-02T04:00:00.000Z' } }
    expect(breathed(judged(ducts(), { two: yesterday, three: yesterday }))).toBeCloseTo(breathed(judged(ducts())), 6)
    expect(breathed(judged(ducts(), { two: shut, three: shut }, ['two', 'three']))).toBeCloseTo(breathed(judged(ducts())), 6)
  })
  it('holds where nobody can say what the hood draws, and where others may take all of it', () => {
    const unknown = judged(ducts({ fan: [{ flowM3PerS: 0, pressurePa: 2000 }, { flowM3PerS: 0.2, pressurePa: 1900 }] }))
    expect(unknown).toMatchObject({ state: 'hold' })
    expect(unknown.codes).toContain('air.ducts-unknown')
    const falling = [{ flowM3PerS: 0, pressurePa: 20_000 }, { flowM3PerS: 0.2, pressurePa: 60 }, { flowM3PerS: 2, pressurePa: 5 }]
    const weak = judged(ducts({ fan: falling }))
    expect(weak.state).toBe('hold')
    expect(judged(null).state).toBe('open')
  })
  it('draws what is tried, whatever hangs on its ducts', () => {
    const question = hallQuestion(hallWith(ducts()).around, 'hall')!
    expect(predictHall(question).bay('one')!.hood!.flowM3PerS).toBeLessThan(0.25)
    expect(predictHall(tryOut(question, 'one', { flowM3PerS: 0.4 })).bay('one')!.hood!.flowM3PerS).toBe(0.4)
  })
})
