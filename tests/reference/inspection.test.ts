import { describe, expect, it } from 'vitest'
import { BUILT_IN_CHECKS, BUILT_IN_LISTS, listsFor } from '#core/inspection/built-in-lists'
import { dueAfter, dueState } from '#core/inspection/due'
import { extinguisherDates } from '#core/inspection/extinguisher-dates'
import { wheelLimitRpm, wheelSuitsTool } from '#core/inspection/grinder'
import { passesCheck } from '#core/inspection/judge-inspection'
import { EQUIPMENT_KINDS } from '#core/ids/vocabulary'

const list = (id: string) => BUILT_IN_LISTS.find(one => one.id === id)!
const due = (id: string, passedOn: string) => dueAfter(passedOn, list(id).every)

describe('intervals', () => {
  it('extraction: 14 months (COSHH regulation 9(2)(a), from memory)', () =>
    expect(due('extraction-arm.examination', '2025-01-10')).toBe('2026-03-10'))
  it('extinguishers: 31 days at most (NFPA 10 7.2.1, from memory)', () =>
    expect(due('extinguisher.monthly', '2026-01-31')).toBe('2026-03-03'))
  it('eyewash: run nine days ago is overdue (ANSI Z358.1, from memory)', () =>
    expect(dueState(list('eyewash.weekly'), { passedOn: '2026-11-14', eventsSince: [] }, '2026-11-23')).toMatchObject({
      state: 'late',
      daysLate: 2,
      mayUse: false,
    }))
  it('arrestors: every year by a competent person (DGUV, BCGA CP7, from memory)', () => {
    expect(due('flashback-arrestor.yearly', '2024-02-29')).toBe('2025-02-28')
    expect(list('flashback-arrestor.yearly').examiner).toBe('competent')
  })
  it('gas detectors: bump test each day of use, calibration within six months (OSHA bulletin of 2013, from memory)', () => {
    expect(list('gas-detector.before-use').every).toEqual({ unit: 'use' })
    expect(due('gas-detector.calibration', '2026-08-31')).toBe('2027-02-28')
  })
  it('every kind of equipment has a list, and every check is in one', () => {
    for (const kind of EQUIPMENT_KINDS) expect(listsFor(kind), kind).not.toEqual([])
    const used = new Set(BUILT_IN_LISTS.flatMap(({ checks }) => checks.map(({ id }) => id)))
    expect([...used].sort()).toEqual(Object.keys(BUILT_IN_CHECKS).sort())
    expect(new Set(BUILT_IN_LISTS.map(({ id }) => id)).size).toBe(BUILT_IN_LISTS.length)
  })
})

describe('extinguishers', () => {
  // NFPA 10 table 8.3.1 and 29 CFR 1910.157(f) table L-1, from memory.
  it('stored-pressure dry chemical made 2014: inside 2020, under pressure 2026, which is the second look inside too', () => {
    expect(extinguisherDates('dry-chemical', { madeOn: '2014-05-01' })).toEqual({ pressureDueOn: '2026-05-01', insideDueOn: '2020-05-01' })
    expect(extinguisherDates('dry-chemical', { madeOn: '2014-05-01', openedOn: '2020-06-10' })).toEqual({
      pressureDueOn: '2026-05-01',
      insideDueOn: '2026-05-01',
    })
    expect(extinguisherDates('dry-chemical', { madeOn: '2014-05-01', openedOn: '2020-04-10', pressureTestedOn: '2026-04-20' })).toEqual({
      pressureDueOn: '2038-04-20',
      insideDueOn: '2032-04-20',
    })
  })
  it.each([
    ['carbon-dioxide', 5], ['water', 5], ['foam', 5], ['wet-chemical', 5], ['dry-chemical-stainless', 5], ['dry-powder', 12],
    ['halogenated', 12],
  ] as const)('%s: %i years', (type, years) =>
    expect(extinguisherDates(type, { madeOn: '2020-03-15' }).pressureDueOn).toBe(`${2020 + years}-03-15`),
  )
})

describe('pass criteria', () => {
  // v = π·D·n; printed for 80, 35 and 100 m/s rounded down to ten turns.
  it.each([
    [80, 100, 15_280], [80, 115, 13_290], [80, 125, 12_220], [80, 230, 6640], [35, 200, 3340], [100, 300, 6370],
  ])('%i m/s on %i mm: %i turns a minute', (speed, diameter, rpm) =>
    expect(Math.abs(wheelLimitRpm(speed, diameter) - rpm)).toBeLessThanOrEqual(6),
  )
  it('a wheel of 6 600 on a tool of 6 500 passes, 12 200 on 13 300 does not (29 CFR 1910.215(d)(1), from memory)', () => {
    expect(wheelSuitsTool(6600, 6500)).toBe(true)
    expect(wheelSuitsTool(12_200, 13_300)).toBe(false)
  })
  // 29 CFR 1910.215(a)(4), (b)(9): 1/8 in and 1/4 in; 29 CFR 1910.252(c)(3): 100 ft/min; IEC 60974-4: 5 and 2.5 MΩ, 0.3 Ω; all from memory.
  it.each([
    ['tool-rest', 3, true],
    ['tool-rest', 3.2, false],
    ['tongue', 6, true],
    ['tongue', 6.5, false],
    ['face-velocity', 0.508, true],
    ['face-velocity', 0.5, false],
    ['insulation-supply-welding', 5, true],
    ['insulation-supply-welding', 4.99, false],
    ['protective-conductor', 0.31, false],
  ] as const)('%s of %f: %s', (id, value, passes) => expect(passesCheck({ id, ...BUILT_IN_CHECKS[id] }, value)).toBe(passes))
})
