import { describe, expect, it } from 'vitest'
import { assessDay } from '#core/air/assess-day'
import type { DayAsked, DayWork } from '#core/air/assess-day'
import { leakOf } from '#core/exposure/day-air'

// The day of one person, asked from outside.

const ROOM = { room: { volumeM3: 300, supplyM3PerS: 1, nearField: { radiusM: 0.5, airSpeedMPerS: 0.15 } } }
const JOB: DayWork['job'] = {
  process: 'gmaw', consumable: 'er70s-6', baseMetal: 'mild-steel', coating: 'none', wireFeedMPerMin: 8, electrodeDiameterMm: 1.2,
  shieldingGas: 'argon-co2', arcMinPerH: 20,
}
const from = (fromMin: number, toMin: number, over: Partial<DayWork> = {}): DayWork =>
  ({ place: 'hall', does: 'welds', fromMin, toMin, job: JOB, ...over })
const day = (work: readonly DayWork[], over: Partial<DayAsked> = {}) =>
  assessDay({ places: { hall: ROOM, shed: ROOM }, work, shiftHours: 8, daysAWeek: 5, ruleSets: ['us-ca'], actionFraction: 0.5, ...over })
const fume = (asked: ReturnType<typeof day>) => asked.air!.breathed['total-fume']!

describe('a day asked from outside', () => {
  it('adds up over places, and is less than both at their worst at once', () => {
    const [one, two] = [day([from(0, 120)], { shiftHours: 2 }), day([from(120, 240, { place: 'shed' })], { shiftHours: 2 })]
    const both = day([from(0, 120), from(120, 240, { place: 'shed' })], { shiftHours: 4 })
    expect(fume(both).twa.mid).toBeGreaterThan(fume(one).twa.mid * 1.8)
    expect(fume(both).twa.high).toBeLessThanOrEqual((fume(one).twa.high + fume(two).twa.high) * 1.0001)
    expect(both.hours).toBe(4)
  })
  it('who helps stands in the same fume as who welds unwatched; who works near breathes the hall', () => {
    const [welds, helps, near] = (['welds', 'helps', 'near'] as const).map(does => fume(day([from(0, 120, { does })])))
    expect(helps!.twa.high).toBe(welds!.twa.high)
    expect(near!.twa.high).toBeLessThan(welds!.twa.high / 1.5)
    expect(near!.twa.high).toBeGreaterThan(0)
    // Who was seen to keep out of the plume says nothing of who looks on beside them.
    const seen: DayWork['job'] = { ...JOB, head: 'out-of-plume', position: 'flat', confinement: 'open' }
    expect(fume(day([from(0, 120, { job: seen })])).twa.high).toBeLessThan(welds!.twa.high)
    expect(fume(day([from(0, 120, { job: seen, does: 'helps' })])).twa.high).toBe(welds!.twa.high)
  })
  it('near an arc while at one\'s own, the hall is counted once', () => {
    const beside = day([from(0, 120), from(0, 120, { does: 'near' })])
    const alone = day([from(0, 120)])
    const near = day([from(0, 120, { does: 'near' })])
    expect(fume(beside).twa.mid).toBeGreaterThan(fume(alone).twa.mid)
    expect(fume(beside).twa.mid).toBeLessThanOrEqual((fume(alone).twa.mid + fume(near).twa.mid) * 1.05)
  })
  it('between jobs and after them they stay in the hall where they worked last, once', () => {
    const rest = day([from(0, 60), from(240, 300)])
    expect(fume(rest).twaBesides.mid).toBeGreaterThan(0)
    expect(fume(day([from(0, 60), from(60, 120)], { shiftHours: 2 })).twaBesides).toEqual({ low: 0, mid: 0, high: 0 })
    // Two arcs at once that end together: one gap.
    const two = day([from(0, 60), from(0, 60, { place: 'shed' })])
    const one = day([from(0, 60)])
    expect(fume(two).twaBesides.mid).toBeCloseTo(fume(one).twaBesides.mid, 9)
  })
  it('a mask counts while it is on, and not between jobs', () => {
    const mask = { apf: 50, isSupplied: true, wornShare: 0.9 }
    const { inside, air, judgement } = day([from(0, 120)], { mask })
    expect(inside!.factor).toBeCloseTo(1 / leakOf(mask), 12)
    const { twa, twaBesides } = air!.breathed['total-fume']!
    expect(inside!.air.breathed['total-fume']!.twa.high).toBeGreaterThan(twaBesides.high)
    expect(inside!.air.breathed['total-fume']!.twa.high).toBeLessThan(twa.high)
    expect(inside!.judgement.fraction!).toBeLessThan(judgement!.fraction!)
    expect(day([from(0, 120)]).inside).toBeNull()
  })
  it('limits count lower over a long day or a long week', () => {
    const usual = day([from(0, 240)]).judgement!
    const twa = (judged: typeof usual) => judged.uses.find(({ limit }) => limit.kind === 'twa' && limit.substance === 'manganese')!.fraction
    expect(day([from(0, 60), from(840, 900)]).hours).toBe(15)
    expect(twa(day([from(0, 240)], { daysAWeek: 6 }).judgement!)).toBeCloseTo(twa(usual) / 0.78125, 12)
  })
  it.each([
    ['the arc minutes', { ...JOB, arcMinPerH: undefined }],
    ['the consumable', { ...JOB, consumable: undefined }],
    ['the coating', { ...JOB, coating: undefined }],
    ['a coating with a name', { ...JOB, coating: 'paint' as const }],
  ])('without %s of any of its work it is not said: a hold, and no figures', (_, job) => {
    const mask = { apf: 50, isSupplied: false, wornShare: 1 }
    const { air, judgement, inside, findings } = day([from(0, 60), from(120, 180, { job })], { mask })
    expect([air, judgement, inside]).toEqual([null, null, null])
    expect(findings.some(({ severity }) => severity === 'hold')).toBe(true)
  })
  it('an arm whose place nobody said holds too; rule sets that nobody sent are all', () => {
    const hood = { kind: 'opening', diameterM: 0.2, flanged: true, flowM3PerS: 0.33 } as const
    expect(day([from(0, 60)], { places: { hall: { ...ROOM, hood } } }).air).toBeNull()
    const placed = day([from(0, 60)], { places: { hall: { ...ROOM, hood: { ...hood, distanceM: 0.2 } } } })
    expect(fume(placed).twa.high).toBeLessThan(fume(day([from(0, 60)])).twa.high)
    const codes = day([from(0, 60)], { ruleSets: undefined }).findings.map(({ code }) => code)
    expect(codes).toContain('exposure.strictest-assumed')
    expect(codes.filter(code => code === 'exposure.strictest-assumed')).toHaveLength(1)
  })
  it('a seed repeats, and another is not far from it', () => {
    const drawn = (seed: number) => fume(day([from(0, 240)], { uncertainty: { draws: 2000, seed } })).twa
    expect(drawn(1)).toEqual(drawn(1))
    expect(Math.abs(drawn(2).high / drawn(1).high - 1)).toBeLessThan(0.1)
  })
})
