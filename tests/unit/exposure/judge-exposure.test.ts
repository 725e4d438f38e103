import { describe, expect, it } from 'vitest'
import type { Breathed, BreathedBySubstance } from '#core/exposure/hall-shift'
import { IDLH_MG_PER_M3, overIdlh } from '#core/exposure/idlh'
import { breathedSubstances, judgeExposure } from '#core/exposure/judge-exposure'
import type { MeasuredAverages } from '#core/exposure/judge-exposure'
import { briefScalaDaily, longShiftFactor } from '#core/exposure/long-shift'
import { largestMixture } from '#core/exposure/mixture'
import { respiratorNeed } from '#core/respirator/judge-respirator'
import { exposureRuleSetsInForce, withInherited } from '#core/exposure/rule-sets'
import type { ExposureRuleSetId, SubstanceId } from '#core/ids/vocabulary'
import { EXPOSURE_RULE_SETS } from '#core/ids/vocabulary'
import { MIXTURE_GROUPS } from '#core/ids/exposure-ids'

// What is breathed against every limit, one number after another. Limits as shipped: 29 CFR 1910.1000 and the others, from memory.

const exactly = (mg: number) => ({ low: mg, mid: mg, high: mg })
const air = (twa: number, shortTerm = twa, peak = shortTerm): Breathed => ({
  twa: { low: 0, mid: twa / 2, high: twa },
  shortTerm: exactly(shortTerm),
  peak: exactly(peak),
  nearField: exactly(twa),
  farField: exactly(0),
  twaFromOthers: exactly(0),
  twaBesides: exactly(0),
})
const judge = (
  breathed: BreathedBySubstance,
  ruleSets: readonly ExposureRuleSetId[] = ['us-legal'],
  { action = 0.5, hours = 8, days = 5, measured }: { action?: number, hours?: number, days?: number, measured?: MeasuredAverages } = {},
) => judgeExposure({ breathed }, ruleSets, action, { hoursADay: hours, daysAWeek: days }, measured)
const aDayOf = (hoursADay: number, daysAWeek = 5) => ({ hoursADay, daysAWeek })
const all = (judged: ReturnType<typeof judge>) => judged.findings.map(({ severity, code }) => `${severity} ${code.slice(9)}`)
/** US law prints nothing for fume as a whole, which is said each time: looked at on its own. */
const codes = (judged: ReturnType<typeof judge>) => all(judged).filter(code => code !== 'note no-limit-for-fume')
const over = (judged: ReturnType<typeof judge>) =>
  judged.findings.filter(({ code }) => code === 'exposure.over').map(({ values }) => values)

describe('one substance', () => {
  it('whose concentration is no number is over every limit, dangerous to life, and no mask is enough for it', () => {
    const failed = judge({ manganese: air(NaN, NaN, NaN) })
    expect(failed.fraction).toBe(Infinity)
    expect(codes(failed)).toContain('hold over')
    expect(failed.overIdlh).toEqual(['manganese'])
    expect(respiratorNeed(failed, 0.5, 'us').masks.filter(({ suits }) => suits)).toEqual([])
  })
  it('is compared at its safe end, unrounded: at the action fraction it is under, a hair more holds', () => {
    // Manganese under US law: ceiling 5 mg/m³ of the peak.
    const at = judge({ manganese: air(0.1, 0.1, 2.5) })
    expect([at.worst!.limit.kind, at.worst!.fraction, at.fraction]).toEqual(['ceiling', 0.5, 0.5])
    expect(codes(at)).toEqual(['note under', 'note carcinogen'])
    const more = judge({ manganese: air(0.1, 0.1, 2.5001) })
    expect(codes(more)).toEqual(['hold over', 'note carcinogen'])
    expect(over(more)).toEqual([
      {
        substance: 'manganese',
        ruleSet: 'us-legal',
        kind: 'ceiling',
        mgPerM3: 2.5001,
        limitMgPerM3: 5,
        fraction: 0.50002,
        actionFraction: 0.5,
      },
    ])
    expect(
      judge({ manganese: air(0.1, 0.1, 2.5001) }, ['us-legal'], { action: 0.6 }).findings.some(({ code }) => code === 'exposure.over'),
    ).toBe(false)
  })
  it('is compared as its limit counts it: an average with an average, a quarter with a quarter, an oxide as an oxide', () => {
    const zinc = judge({ zinc: air(2, 0, 0) })
    expect(zinc.worst).toMatchObject({ mgPerM3: 2 * zinc.worst!.limit.perElement, limit: { kind: 'twa', substance: 'zinc' } })
    const quarter = judge({ zinc: air(0, 6, 0) }, ['us-ca'])
    expect(quarter.worst!.limit).toMatchObject({ kind: 'short-term', valueMgPerM3: 10 })
    expect(quarter.worst!.mgPerM3).toBeCloseTo(6 * quarter.worst!.limit.perElement, 12)
  })
  it('is said once, by the limit that is used most', () => {
    const both = judge({ zinc: air(9, 20, 20) }, ['us-ca'])
    expect(both.findings.filter(({ code }) => code === 'exposure.over')).toHaveLength(1)
    expect(both.uses.map(({ fraction }) => fraction)).toEqual(both.uses.map(({ fraction }) => fraction).toSorted((a, b) => b - a))
  })
  it('every limit of every rule set is told, those in force bind', () => {
    const lead = judge({ lead: air(0.02) })
    expect(lead.uses.filter(({ binds }) => binds).map(({ limit }) => limit.ruleSet)).toEqual(['us-legal'])
    expect(new Set(lead.uses.map(({ limit }) => limit.ruleSet))).toEqual(new Set(['us-legal', 'us-consensus', 'us-ca', 'eu', 'uk', 'de']))
    expect(lead.worst!.fraction).toBeCloseTo(0.4, 12)
    expect(judge({ lead: air(0.02) }, ['us-ca']).worst).toMatchObject({ fraction: 2, limit: { ruleSet: 'us-ca' } })
  })
  it('nothing breathed is nothing used', () => {
    const none = judge({})
    expect([none.uses, none.worst, none.mixture, none.fraction, none.overIdlh]).toEqual([[], null, null, null, []])
    expect(codes(none)).toEqual(['note carcinogen'])
  })
})

describe('a substance that nobody in force limits', () => {
  it('borrows the strictest limit known, and says so; a trace of nothing is not said', () => {
    const ozone = judge({ ozone: air(0.02) }, ['eu'])
    const borrowed = ozone.uses.filter(({ isBorrowed }) => isBorrowed)
    expect(borrowed).toHaveLength(1)
    expect(borrowed[0]).toBe(ozone.uses[0])
    expect(borrowed[0]).toMatchObject({ binds: true, limit: { substance: 'ozone' } })
    expect(codes(ozone)).toContain('note limit-borrowed')
    expect(codes(judge({ ozone: air(0) }, ['eu']))).not.toContain('note limit-borrowed')
    expect(codes(judge({ ozone: air(0.02) }))).not.toContain('note limit-borrowed')
  })
  it('keeps what binds above: cadmium in Germany stands under the union\'s limit, and is not borrowed', () => {
    const cadmium = judge({ cadmium: air(0.037) }, ['de'])
    expect(cadmium.uses.some(({ isBorrowed }) => isBorrowed)).toBe(false)
    expect(over(cadmium)).toMatchObject([{ substance: 'cadmium', ruleSet: 'eu' }])
  })
})

describe('a shift longer than eight hours', () => {
  it('counts averages harder and peaks as they are (Brief and Scala)', () => {
    expect([briefScalaDaily(8), briefScalaDaily(4), briefScalaDaily(12)]).toEqual([1, 1, 0.5])
    expect(briefScalaDaily(10)).toBeCloseTo(0.7, 12)
    expect([longShiftFactor(aDayOf(8)), longShiftFactor(aDayOf(7))]).toEqual([1, 1])
    expect(longShiftFactor(aDayOf(12))).toBeCloseTo(4 / 3, 12)
    expect(briefScalaDaily(24)).toBeCloseTo(8 / 24 / 16, 12)
    const lead = judge({ lead: air(0.02) }, ['us-legal'], { hours: 12 })
    expect(lead.worst!.fraction).toBeCloseTo((0.4 * 4) / 3, 12)
    expect(judge({ manganese: air(0, 0, 2) }, ['us-legal'], { hours: 12 }).worst!.fraction).toBeCloseTo(0.4, 12)
    expect(lead.findings.find(({ code }) => code === 'exposure.long-shift')?.values).toEqual({
      shiftHours: 12,
      weekHours: 60,
      factor: longShiftFactor(aDayOf(12)),
    })
    expect(codes(judge({ lead: air(0.02) }))).not.toContain('note long-shift')
  })
})

describe('what samples measured', () => {
  it('answers averages alone, and no longer than it says', () => {
    const measured = new Map<SubstanceId, number | null>([['lead', 0.01]])
    expect(judge({ lead: air(0.2) }, ['us-legal'], { measured }).worst).toBeNull()
    expect(judge({ manganese: air(0, 0, 4) }, ['us-legal'], { measured: new Map([['manganese', 0.001]]) }).worst).toMatchObject({
      fraction: 0.8,
    })
    expect(judge({ lead: air(0.2) }, ['us-legal']).worst!.fraction).toBeCloseTo(4, 12)
  })
  it('in a sum the bound of the samples takes the model\'s place; unmeasured parts stay', () => {
    const both: BreathedBySubstance = { cadmium: air(0.002), lead: air(0.02) }
    // 0.002/0.005 + 0.02/0.05 = 0.8 by the model; 0.02 measured at 0.005/0.05 = 0.1 makes 0.5.
    expect(judge(both).mixture).toMatchObject({ group: 'kidneys', ruleSet: 'us-legal' })
    expect(judge(both).mixture!.fraction).toBeCloseTo(0.8, 12)
    expect(judge(both, ['us-legal'], { measured: new Map([['lead', 0.005]]) }).mixture!.fraction).toBeCloseTo(0.5, 12)
    expect(judge(both, ['us-legal'], { measured: new Map([['lead', null]]) }).mixture!.fraction).toBeCloseTo(0.8, 12)
    expect(judge(both, ['us-legal'], { hours: 12, measured: new Map([['lead', 0.005]]) }).mixture!.fraction).toBeCloseTo(
      (0.4 * 4) / 3 + 0.1 / 0.5,
      12,
    )
    // Alone it is no sum: its own test judges it.
    expect(judge({ lead: air(0.02) }, ['us-legal'], { measured: new Map([['lead', 0.005]]) }).mixture).toBeNull()
  })
})

describe('a sum of what acts alike', () => {
  it('holds where no single one is over, and is not said where one is', () => {
    const sum = judge({ cadmium: air(0.0015), lead: air(0.02) })
    expect(codes(sum)).toEqual(['hold mixture-over', 'note carcinogen'])
    expect(sum.findings[0]!.values).toMatchObject({ group: 'kidneys', ruleSet: 'us-legal', actionFraction: 0.5 })
    expect(sum.fraction).toBeCloseTo(0.7, 12)
    expect(codes(judge({ cadmium: air(0.0015), lead: air(0.03) }))).toEqual(['hold over', 'note carcinogen'])
    expect(codes(judge({ cadmium: air(0.0005), lead: air(0.02) }))).toEqual(['note under', 'note carcinogen'])
  })
  it('sums short time as it sums a shift: two irritants each under their short-term limit hold together', () => {
    // EH40/2005: ozone 0.4 mg/m³ and nitrogen dioxide 1.91 mg/m³ over 15 min, from memory.
    const [ozone, dioxide] = [air(0, 0.15), air(0, 0.6)]
    expect(judge({ ozone }, ['uk']).fraction).toBeLessThan(0.5)
    expect(judge({ 'nitrogen-dioxide': dioxide }, ['uk']).fraction).toBeLessThan(0.5)
    const both = judge({ ozone, 'nitrogen-dioxide': dioxide }, ['uk'])
    const said = { group: 'airways', span: 'short-time' }
    expect(both.findings[0]).toMatchObject({ severity: 'hold', code: 'exposure.mixture-over', values: said })
    const parts = both.uses.filter(({ binds, limit }) => binds && limit.kind !== 'twa' && limit.ruleSet === 'uk')
    const worstOf = (substance: SubstanceId) =>
      Math.max(...parts.filter(({ limit }) => limit.substance === substance).map(use => use.fraction))
    expect(both.mixture!.fraction).toBeCloseTo(worstOf('ozone') + worstOf('nitrogen-dioxide'), 12)
    expect(both.mixture!.gasFraction).toBe(both.mixture!.fraction)
    // A peak is no part of the sum of a shift, and an average none of short time.
    const apart = judge({ 'ozone': air(0, 0.15), 'nitrogen-dioxide': air(0.5, 0) }, ['uk'])
    expect(apart.mixture!.fraction).toBeLessThan(0.6)
  })
  it('adds like with like: averages with averages, under one body of rules with what binds above it', () => {
    expect(judge({ manganese: air(0, 0, 2), lead: air(0.01) }).mixture!.fraction).toBeCloseTo(0.2, 12)
    const gases = judge({ 'ozone': air(0.05), 'nitric-oxide': air(10), 'zinc': air(1) })
    expect(gases.mixture!.group).toBe('airways')
    const parts = gases.uses.filter(({ binds, limit }) => binds && limit.kind === 'twa')
    expect(gases.mixture!.fraction).toBeCloseTo(
      parts.reduce((sum, { fraction }) => sum + fraction, 0),
      12,
    )
    expect(gases.mixture!.gasFraction).toBeCloseTo(
      parts.filter(({ limit }) => limit.substance !== 'zinc').reduce((sum, { fraction }) => sum + fraction, 0),
      12,
    )
  })
  it('is the largest of its groups; of one that nothing is known of there is none', () => {
    const of = (known: Partial<Record<SubstanceId, number>>, isSum?: Parameters<typeof largestMixture>[1]) =>
      largestMixture(substance => known[substance], isSum)
    expect(of({})).toBeNull()
    expect(of({ 'ozone': 0.6, 'nitrogen-dioxide': 0.4, 'manganese': 0.9 })).toEqual({ group: 'airways', fraction: 1 })
    expect(of({ manganese: 0.9, ozone: 0.4 })).toEqual({ group: 'nerves', fraction: 0.9 })
    expect(of({ ozone: 0 })).toEqual({ group: 'airways', fraction: 0 })
    expect(of({ manganese: 0.9, ozone: 0.4 }, there => there.includes('ozone'))).toEqual({ group: 'airways', fraction: 0.4 })
    expect(of({ manganese: 0.9, lead: 0 }, there => there.length > 1)).toBeNull()
    expect(MIXTURE_GROUPS['lung-cancer']).toEqual(['chromium-vi', 'nickel', 'cadmium', 'beryllium'])
  })
})

describe('what nobody limits anywhere, and what kills at once', () => {
  it('holds where it is breathed', () => {
    const unknown = judge({ phosgene: air(0.001) } as never)
    expect(codes(unknown)).toEqual(['hold no-limit-known', 'note carcinogen'])
  })
  it('a peak at what is immediately dangerous is named', () => {
    expect(overIdlh({ nickel: air(0, 0, 10) })).toEqual(['nickel'])
    expect(overIdlh({ nickel: air(0, 0, 9.99), cadmium: air(0, 0, 9) })).toEqual(['cadmium'])
    expect(overIdlh({ nickel: air(99, 99, 0) })).toEqual([])
    expect(judge({ nickel: air(0, 0, 10) }).overIdlh).toEqual(['nickel'])
    // NIOSH, from memory: ozone 5 ppm, carbon monoxide 1 200 ppm, at 25 °C.
    expect([IDLH_MG_PER_M3.ozone! / 1.9631, IDLH_MG_PER_M3['carbon-monoxide']! / 1.1456].map(Math.round)).toEqual([5, 1200])
  })
  it('substances stand in the order of the book', () =>
    expect(breathedSubstances({ lead: air(1), manganese: air(1) })).toEqual(['manganese', 'lead']))
})

describe('which rules bind', () => {
  it('a state keeps the federal law, a member the union\'s; the law always, the basis besides; nobody known: all', () => {
    expect([withInherited(['us-ca']), withInherited(['de']), withInherited(['uk', 'us-legal'])]).toEqual([
      ['us-ca', 'us-legal'],
      ['de', 'eu'],
      ['uk', 'us-legal'],
    ])
    expect(withInherited(['us-ca', 'us-legal'])).toEqual(['us-ca', 'us-legal'])
    expect(exposureRuleSetsInForce('us', 'us-ca')).toEqual(['us-legal', 'us-ca'])
    expect(exposureRuleSetsInForce('us', 'strictest')).toBe(EXPOSURE_RULE_SETS)
    expect(exposureRuleSetsInForce(null, 'us-legal')).toBe(EXPOSURE_RULE_SETS)
  })
  it('says which of them print nothing for fume as a whole', () => {
    expect(all(judge({ lead: air(0.001) }, ['eu']))).toContain('note no-limit-for-fume')
    expect(all(judge({ lead: air(0.001) }, EXPOSURE_RULE_SETS))).not.toContain('note no-limit-for-fume')
    expect(all(judge({ lead: air(0.001) }, ['uk']))).not.toContain('note no-limit-for-fume')
  })
})
