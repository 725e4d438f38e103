import { describe, expect, it } from 'vitest'
import { briefScalaDaily, briefScalaWeekly, longShiftFactor, loweredTo } from '#core/exposure/long-shift'
import { EXPOSURE_LIMITS } from '#core/exposure/limits'
import { largestMixture } from '#core/exposure/mixture'
import { respiratorsIn } from '#core/respirator/respirators'
import { readyUntil } from '#core/respirator/wearer'
import type { ExposureRuleSetId, MaskId, SubstanceId } from '#core/ids/vocabulary'
import type { LimitKind } from '#core/ids/exposure-ids'

type Printed = readonly [substance: SubstanceId, kind: LimitKind, mgPerM3: number]
const ppm = { 'ozone': 1.9631, 'nitrogen-dioxide': 1.8816, 'nitric-oxide': 1.2272, 'carbon-monoxide': 1.1456 } as const

/** Every limit shipped, as its document prints it (from memory), mg/m³; gases from ppm at 25 °C with 24.45 L/mol. */
const PRINTED: Readonly<Record<ExposureRuleSetId, readonly Printed[]>> = {
  // 29 CFR 1910.1000 Table Z-1; 1910.1024, .1025, .1026, .1027.
  'us-legal': [
    ['iron', 'twa', 10],
    ['manganese', 'ceiling', 5],
    ['chromium', 'twa', 0.5],
    ['chromium-vi', 'twa', 0.005],
    ['nickel', 'twa', 1],
    ['zinc', 'twa', 5],
    ['copper', 'twa', 0.1],
    ['aluminium', 'twa', 5],
    ['cadmium', 'twa', 0.005],
    ['lead', 'twa', 0.05],
    ['beryllium', 'twa', 0.0002],
    ['beryllium', 'short-term', 0.002],
    ['fluorides', 'twa', 2.5],
    ['ozone', 'twa', 0.1 * ppm.ozone],
    ['nitrogen-dioxide', 'ceiling', 5 * ppm['nitrogen-dioxide']],
    ['nitric-oxide', 'twa', 25 * ppm['nitric-oxide']],
    ['carbon-monoxide', 'twa', 50 * ppm['carbon-monoxide']],
  ],
  // ACGIH TLVs and, where stricter or alone, NIOSH recommended limits.
  'us-consensus': [
    ['total-fume', 'twa', 3],
    ['iron', 'twa', 5],
    ['manganese', 'twa', 0.02],
    ['manganese', 'twa', 0.1],
    ['manganese', 'short-term', 3],
    ['chromium', 'twa', 0.5],
    ['chromium-vi', 'twa', 0.0002],
    ['chromium-vi', 'short-term', 0.0005],
    ['nickel', 'twa', 0.2],
    ['nickel', 'twa', 0.015],
    ['zinc', 'twa', 2],
    ['zinc', 'short-term', 10],
    ['copper', 'twa', 0.2],
    ['copper', 'twa', 0.1],
    ['aluminium', 'twa', 1],
    ['cadmium', 'twa', 0.002],
    ['cadmium', 'twa', 0.01],
    ['lead', 'twa', 0.05],
    ['beryllium', 'twa', 0.00005],
    ['beryllium', 'ceiling', 0.0005],
    ['fluorides', 'twa', 2.5],
    ['ozone', 'twa', 0.05 * ppm.ozone],
    ['ozone', 'ceiling', 0.1 * ppm.ozone],
    ['nitrogen-dioxide', 'twa', 0.2 * ppm['nitrogen-dioxide']],
    ['nitrogen-dioxide', 'short-term', ppm['nitrogen-dioxide']],
    ['nitric-oxide', 'twa', 25 * ppm['nitric-oxide']],
    ['carbon-monoxide', 'twa', 25 * ppm['carbon-monoxide']],
    ['carbon-monoxide', 'ceiling', 200 * ppm['carbon-monoxide']],
  ],
  // Title 8 section 5155 Table AC-1; section 5198.
  'us-ca': [
    ['total-fume', 'twa', 5],
    ['iron', 'twa', 5],
    ['manganese', 'twa', 0.2],
    ['chromium', 'twa', 0.5],
    ['chromium-vi', 'twa', 0.005],
    ['nickel', 'twa', 0.1],
    ['zinc', 'twa', 5],
    ['zinc', 'short-term', 10],
    ['copper', 'twa', 0.1],
    ['aluminium', 'twa', 5],
    ['cadmium', 'twa', 0.005],
    ['lead', 'twa', 0.01],
    ['beryllium', 'twa', 0.0002],
    ['beryllium', 'short-term', 0.002],
    ['fluorides', 'twa', 2.5],
    ['ozone', 'twa', 0.1 * ppm.ozone],
    ['ozone', 'short-term', 0.3 * ppm.ozone],
    ['nitrogen-dioxide', 'short-term', ppm['nitrogen-dioxide']],
    ['nitric-oxide', 'twa', 25 * ppm['nitric-oxide']],
    ['carbon-monoxide', 'twa', 25 * ppm['carbon-monoxide']],
    ['carbon-monoxide', 'ceiling', 200 * ppm['carbon-monoxide']],
  ],
  // Directives 2017/164, 2017/2398, 2022/431, 2019/983, 2024/869, 2006/15, 2000/39.
  'eu': [
    ['manganese', 'twa', 0.05], ['manganese', 'twa', 0.2], ['chromium', 'twa', 2], ['chromium-vi', 'twa', 0.005], ['nickel', 'twa', 0.01],
    ['nickel', 'twa', 0.05], ['cadmium', 'twa', 0.001], ['lead', 'twa', 0.03], ['beryllium', 'twa', 0.0002], ['fluorides', 'twa', 2.5],
    ['nitrogen-dioxide', 'twa', 0.96], ['nitrogen-dioxide', 'short-term', 1.91], ['nitric-oxide', 'twa', 2.5],
    ['carbon-monoxide', 'twa', 23], ['carbon-monoxide', 'short-term', 117],
  ],
  // EH40/2005, 4th edition 2020; Control of Lead at Work 2002.
  'uk': [
    ['total-fume', 'twa', 4], ['iron', 'twa', 5], ['iron', 'short-term', 10], ['manganese', 'twa', 0.05], ['manganese', 'twa', 0.2],
    ['chromium', 'twa', 0.5], ['chromium-vi', 'twa', 0.005], ['nickel', 'twa', 0.1], ['copper', 'twa', 0.2], ['aluminium', 'twa', 4],
    ['cadmium', 'twa', 0.025], ['cadmium', 'short-term', 0.05], ['lead', 'twa', 0.15], ['beryllium', 'twa', 0.002],
    ['fluorides', 'twa', 2.5],
    ['ozone', 'short-term', 0.4], ['nitrogen-dioxide', 'twa', 0.96], ['nitrogen-dioxide', 'short-term', 1.91],
    ['nitric-oxide', 'twa', 2.5], ['carbon-monoxide', 'twa', 23], ['carbon-monoxide', 'short-term', 117],
  ],
  // TRGS 900, 910, 561; MAK list for zinc oxide and copper.
  'de': [
    ['total-fume', 'twa', 1.25], ['manganese', 'twa', 0.02], ['manganese', 'twa', 0.2], ['chromium-vi', 'twa', 0.001],
    ['nickel', 'twa', 0.006], ['zinc', 'twa', 0.1], ['copper', 'twa', 0.01], ['lead', 'twa', 0.03], ['fluorides', 'twa', 1],
    ['nitrogen-dioxide', 'twa', 0.95], ['nitric-oxide', 'twa', 2.5], ['carbon-monoxide', 'twa', 23], ['beryllium', 'twa', 0.00006],
    ['beryllium', 'twa', 0.00014],
  ],
}

describe('exposure limits against their documents (from memory)', () => {
  it.each(Object.entries(PRINTED))('%s ships exactly what is printed', (ruleSet, printed) => {
    const shipped = EXPOSURE_LIMITS.filter(limit => limit.ruleSet === ruleSet).map(
      ({ substance, kind, valueMgPerM3 }) => `${substance} ${kind} ${valueMgPerM3.toPrecision(3)}`,
    )
    expect(shipped.sort()).toEqual(printed.map(([substance, kind, value]) => `${substance} ${kind} ${value.toPrecision(3)}`).sort())
  })
  // Element to oxide: atomic masses Fe 55.845, Zn 65.38, O 15.999.
  it('counts iron as Fe₂O₃ and zinc as ZnO where the limit is printed so', () => {
    const iron = EXPOSURE_LIMITS.find(limit => limit.substance === 'iron' && limit.ruleSet === 'us-legal')!
    const zinc = EXPOSURE_LIMITS.find(limit => limit.substance === 'zinc' && limit.ruleSet === 'us-legal')!
    expect(iron.perElement).toBeCloseTo((2 * 55.845 + 3 * 15.999) / (2 * 55.845), 3)
    expect(zinc.perElement).toBeCloseTo((65.38 + 15.999) / 65.38, 3)
    expect(EXPOSURE_LIMITS.find(limit => limit.substance === 'iron' && limit.ruleSet === 'uk')!.perElement).toBe(1)
  })
})

describe('rules round the limits', () => {
  it('C39: ozone and nitrogen dioxide together are just at the limit; manganese alone is 0.4', () => {
    const used: Readonly<Partial<Record<SubstanceId, number>>> = {
      'manganese': 0.04 / 0.1,
      'iron': 2 / 5,
      'ozone': 0.03 / 0.05,
      'nitrogen-dioxide': 0.08 / 0.2,
    }
    expect(largestMixture(substance => used[substance])).toEqual({ group: 'airways', fraction: 1 })
    expect(largestMixture(substance => substance === 'manganese' ? 0.4 : undefined)).toEqual({ group: 'nerves', fraction: 0.4 })
    expect(largestMixture(() => undefined)).toBeNull()
  })
  // Brief and Scala 1975.
  it.each([[8, 1], [10, 0.7], [12, 0.5], [6, 1]])('a day of %d h counts limits at %d', (hours, factor) => {
    expect(briefScalaDaily(hours)).toBeCloseTo(factor, 10)
    expect(longShiftFactor({ hoursADay: hours, daysAWeek: 3 })).toBeCloseTo(hours <= 8 ? 1 : 16 / (24 - hours), 10)
  })
  // The same, weekly: (40/h)·((168 − h)/128).
  it.each([[40, 1], [30, 1], [48, 0.78125], [60, 0.5625], [84, 0.3125]])('a week of %d h counts them at %d', (hours, factor) => {
    expect(briefScalaWeekly(hours)).toBeCloseTo(factor, 10)
  })
  it('the lower of day and week binds', () => {
    // Six days of eight hours: the day is usual, the week is not. Four of ten: the other way round.
    expect(loweredTo({ hoursADay: 8, daysAWeek: 6 })).toBeCloseTo(0.78125, 10)
    expect(loweredTo({ hoursADay: 10, daysAWeek: 4 })).toBeCloseTo(0.7, 10)
    // Of a sum over eight hours: 1 / 0.78125; and 8 / (10 · 0.7).
    expect(longShiftFactor({ hoursADay: 8, daysAWeek: 6 })).toBeCloseTo(1.28, 10)
    expect(longShiftFactor({ hoursADay: 10, daysAWeek: 4 })).toBeCloseTo(8 / 7, 10)
    // A short day of many: 7 h on seven days are 49 h a week.
    expect(loweredTo({ hoursADay: 7, daysAWeek: 7 })).toBeCloseTo((40 / 49) * (119 / 128), 10)
    expect(longShiftFactor({ hoursADay: 7, daysAWeek: 7 })).toBeGreaterThan(1)
  })
})

// 29 CFR 1910.134(d)(3)(i)(A) Table 1; HSG53 (from memory). A hooded blower without the maker's proof has 25 in the United States.
describe('assigned protection factors', () => {
  const factors = (jurisdiction: 'us' | 'uk') => Object.fromEntries(respiratorsIn(jurisdiction).map(({ mask, apf }) => [mask, apf]))
  it('of the United States', () =>
    expect(factors('us')).toEqual({
      'dust-mask': null,
      'n95': 10,
      'ffp2': null,
      'ffp3': null,
      'half-p100': 10,
      'full-p100': 50,
      'papr-loose': 25,
      'papr-helmet': 25,
      'papr-tight-full': 1000,
      'air-line-half': 50,
      'air-line-full': 1000,
      'air-line-positive': 1000,
      'air-line-escape': 1000,
      'scba': 10_000,
    } satisfies Record<MaskId, number | null>))
  it('of Britain', () =>
    expect(factors('uk')).toMatchObject({
      'dust-mask': null,
      'ffp2': 10,
      'ffp3': 20,
      'half-p100': 20,
      'full-p100': 40,
      'papr-loose': 20,
      'papr-helmet': 40,
      'n95': null,
    }))
  it('a fit test and a clearance stand for calendar months, month ends included', () => {
    const months = { fitTest: 12, medical: 24 }
    const fit = { model: '', method: 'qualitative', passed: true, factor: null, nextOn: null } as const
    expect(readyUntil({ mask: 'half-p100', fitTestedOn: '2024-02-29', medicallyClearedOn: '2024-01-31', fit }, true, months)).toBe(
      '2025-02-28T00:00:00.000Z',
    )
    expect(readyUntil({ mask: 'papr-helmet', fitTestedOn: null, medicallyClearedOn: '2024-01-31' }, false, months)).toBe(
      '2026-01-31T00:00:00.000Z',
    )
    expect(readyUntil({ mask: 'half-p100', fitTestedOn: null, medicallyClearedOn: '2024-01-31', fit }, true, months)).toBeNull()
    expect(readyUntil({ mask: 'half-p100', fitTestedOn: '2024-01-31', medicallyClearedOn: null, fit }, true, months)).toBeNull()
  })
})
