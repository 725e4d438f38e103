import { describe, expect, it } from 'vitest'
import { requalification } from '#core/cylinder/requalification'
import type { RequalificationQuestion } from '#core/cylinder/requalification'
import type { GasContent } from '#core/cylinder/gas'

const ask = (stamps: string, gas: GasContent, more: Partial<RequalificationQuestion> = {}) =>
  requalification({ stamps, gas, waterVolumeL: 43.8, filledInPlace: false, today: '2025-11-10', ...more })
const codes = (answer: ReturnType<typeof requalification>) => answer.findings.map(({ code }) => code)

/** 49 CFR 180.209 Table 1 and (b), (e), (i), text of about 2021 to 2024, from memory; worked by hand from it. */
describe('49 CFR 180.209, by specification and marks', () => {
  it.each([
    ['seamless steel without a star: 5 years', 'DOT-3AA2015 / 4-58 / 6 [A123] 19', 'oxygen', '2024-06-30'],
    ['with a star: 10', 'DOT-3AA2400 / 3-06 / 3-16+*', 'oxygen', '2026-03-31'],
    ['★ is the same star', 'DOT-3AA2400 / 3-06 / 3 [B456] 16 + ★', 'argon', '2026-03-31'],
    ['made in the first month after 1945: 10', 'ICC-3A2015 / 1-46 / 5 C789 19 *', 'argon', '2029-05-31'],
    ['made before 1946: 5', 'ICC-3A2015 / 12-45 / 5 C789 19 *', 'argon', '2024-05-31'],
    ['aluminium: 5, whatever its star', 'DOT-3AL1800 / 6-20 *', 'carbon-dioxide', '2025-06-30'],
    ['tubes: 5', 'DOT-3AAX2400 / 2-24', 'hydrogen', '2029-02-28'],
    ['3HT: 3', 'DOT-3HT1850 / 2-21', 'oxygen', '2024-02-29'],
    ['low pressure with fuel, new: 12', 'DOT-4BW240 / 6-14', 'propane', '2026-06-30'],
    ['after a visual: 5', 'DOT-4BA240 / 9-08 / 9 [D012] 20 E', 'propane', '2025-09-30'],
    ['after a proof test: 7, the strictest of the editions', 'DOT-4BA240 / 9-08 / 9 [D012] 20 S', 'propane', '2027-09-30'],
    ['low pressure with another gas: 5', 'DOT-4BA240 / 9-22', 'nitrogen', '2027-09-30'],
    ['ADR P200: 10', 'ISO 9809-1 / PW200 / 2016/05', 'oxygen', '2026-05-31'],
    [
      'years before months on a European stamp: 07/08 is August 2007',
      'UN / ISO 9809-1 / PW200 / PH300BAR / 50.0 L / 07/08',
      'oxygen',
      '2017-08-31',
    ],
    ['months before years on a US stamp: 07/08 is July 2008', 'DOT-3AA2400 / 07/08', 'oxygen', '2013-07-31'],
    ['European composites: 5', 'EN ISO 11119-2 / PW300 / 2021/03', 'air', '2026-03-31'],
  ] as const)('%s', (_name, stamps, gas, due) => expect(ask(stamps, gas).nextDue).toBe(due))

  it('stars: water over 125 lb, gases off the list, more than 30 % carbon dioxide', () => {
    expect(ask('DOT-3AA2400 / 3-06 / 3-16+*', 'oxygen', { waterVolumeL: 57.5 }).nextDue).toBe('2021-03-31')
    expect(ask('DOT-3AA2400 / 3-06 / 3-16+*', 'oxygen', { waterVolumeL: 56.7 }).nextDue).toBe('2026-03-31')
    const star = 'DOT-3AA2015 / 5 [A1/32] 17 ★'
    expect(ask(star, 'carbon-dioxide').nextDue).toBe('2022-05-31')
    expect(ask(star, { 'argon': 75, 'carbon-dioxide': 25 }).nextDue).toBe('2027-05-31')
    expect(ask(star, { 'argon': 70, 'carbon-dioxide': 30 }).nextDue).toBe('2027-05-31')
    expect(ask(star, { 'argon': 60, 'carbon-dioxide': 40 }).nextDue).toBe('2022-05-31')
  })
  it('unknown size or filling history takes the short interval', () => {
    const base = { stamps: 'DOT-3AA2400 / 3-06 / 3-16*', gas: 'oxygen', today: '2025-11-10' } as const
    expect(requalification({ ...base, filledInPlace: false }).nextDue).toBe('2021-03-31')
    expect(requalification({ ...base, waterVolumeL: 43.8 }).nextDue).toBe('2021-03-31')
    expect(requalification({ ...base, waterVolumeL: 43.8, filledInPlace: true }).nextDue).toBe('2021-03-31')
  })
  it('acetylene: shell every ten years, filler every twenty, the earlier binds (CGA C-13)', () => {
    expect(ask('DOT-8AL / 4-16', 'acetylene')).toMatchObject({ nextDue: '2026-04-30', shellDue: '2026-04-30', fillerDue: '2036-04-30' })
    expect(ask('DOT-8AL / 5-88 / 3-11 FS', 'acetylene')).toMatchObject({ shellDue: '2021-03-31', fillerDue: '2031-03-31', overdue: true })
    expect(ask('DOT-8AL / 5-88 / 3-11 FS / 2-21 S', 'acetylene')).toMatchObject({
      nextDue: '2031-02-28',
      shellDue: '2031-02-28',
      fillerDue: '2031-03-31',
    })
    expect(ask('DOT-8 / 6-70', 'acetylene')).toMatchObject({ shellDue: '2000-12-31', fillerDue: '2010-12-31' })
    expect(ask('DOT-8 / 6-12 / 7-15 FS', 'acetylene')).toMatchObject({ shellDue: '2025-07-31', fillerDue: '2032-06-30' })
    expect(ask('DOT-8 / 6-12 / 7-22', 'acetylene').nextDue).toBeNull()
  })
  it('two-digit years run forward on the shoulder', () => {
    const { tests, nextDue } = ask('DOT-3AA2015 / 11 48, 10 58, 9 68, 8 78, 7 88, 6 98★, 5 08★, 4 18★', 'nitrogen')
    expect(tests.map(({ on }) => on)).toEqual(['1948-11', '1958-10', '1968-09', '1978-08', '1988-07', '1998-06', '2008-05', '2018-04'])
    expect(nextDue).toBe('2028-04-30')
  })
  it('the requalifier\'s number is read clockwise round its square', () =>
    expect(ask('DOT-3AA2015 / 5 [A1/32] 17', 'argon').tests[0]!.requalifier).toBe('A123'))
  it('a + counts for the newest test only', () => {
    expect(ask('3AA2400\n3 14 + ★\n4 24 ★', 'oxygen')).toMatchObject({ nextDue: '2034-04-30' })
    expect(ask('3AA2400\n3 14 + ★\n4 24 ★', 'oxygen').fillPressureKPa! / 6.894757).toBeCloseTo(2400, 1)
    expect(ask('3AA2400\n3 14 ★\n4 24 + ★', 'oxygen').fillPressureKPa! / 6.894757).toBeCloseTo(2640, 1)
  })
  it('past due: used up, not refilled; filled after its date: neither (180.205(c))', () => {
    const past = 'DOT-3AA2015 / 4-09 / 4-19'
    expect(ask(past, 'oxygen', { filledOn: '2024-04-28' })).toMatchObject({
      nextDue: '2024-04-30',
      overdue: true,
      mayFill: false,
      mayUseUp: true,
    })
    expect(ask(past, 'oxygen', { filledOn: '2024-05-02' })).toMatchObject({ mayFill: false, mayUseUp: false })
    expect(ask(past, 'oxygen')).toMatchObject({ mayFill: false, mayUseUp: false })
    expect(ask(past, 'oxygen').findings[0]).toMatchObject({ code: 'cylinder.filled-when-unknown', severity: 'hold' })
    expect(ask(past, 'oxygen', { today: '2024-04-30' })).toMatchObject({ overdue: false, mayFill: true })
    expect(ask(past, 'oxygen', { today: '2024-05-01' })).toMatchObject({ overdue: true, mayFill: false })
  })
  it('shows both schools', () =>
    expect(ask('DOT-3AA2015 / 4-09 / 4-19', 'oxygen').ruleSets.map(({ ruleSet, nextDue, binds }) => [ruleSet, nextDue, binds])).toEqual([
      ['by-specification', '2024-04-30', true],
      ['flat-ten', '2029-04-30', false],
    ]))
})

describe('what cannot be read is asked, never guessed', () => {
  it.each([
    ['no specification', '07/08', 'stamp.specification-missing'],
    ['a month that does not exist', 'DOT-3AA2400 / 13-08', 'stamp.date-impossible'],
    ['dates that go back', 'DOT-3AA2400 / 3-16 / 3-06', 'stamp.dates-disagree'],
    ['a damaged digit', 'DOT-3AA2400 / 3-?6', 'stamp.unreadable'],
    ['two families', 'DOT-3AA2400 / ISO 9809-1 / 3-16', 'stamp.two-families'],
    ['two specifications', 'DOT-3AA2400 / DOT-3AL1800 / 3-16', 'stamp.two-specifications'],
    ['a special permit', 'DOT-SP 12345 / 6-20', 'cylinder.permit'],
    ['no date', 'DOT-3AA2400 / SN 12345', 'stamp.date-missing'],
    ['a specification nobody knows', 'DOT-9Z200 / 3-16', 'stamp.specification-unknown'],
    ['acetylene in an oxygen cylinder', 'DOT-3AA2400 / 3-16', 'cylinder.gas-not-for-specification'],
    ['a date to come', 'DOT-3AA2400 / 3-2031', 'stamp.dates-disagree'],
    ['European order on a US stamp', 'DOT-3AA2400 / 16/05', 'stamp.date-impossible'],
  ] as const)('%s', (_name, stamps, code) => {
    const answer = ask(stamps, code === 'cylinder.gas-not-for-specification' ? 'acetylene' : 'oxygen')
    expect(answer).toMatchObject({ nextDue: null, mayFill: false, mayUseUp: false })
    expect(answer.findings.find(({ severity }) => severity === 'hold')?.code).toBe(code)
  })
  it.each([
    ['FIN 2030/05', '2030-05-31'],
    ['EXP 05-2030', '2030-05-31'],
    ['final 2024/02', '2024-02-29'],
  ])('an end of life is no test: %s (EU-033, from memory)', (mark, endsOn) => {
    const answer = ask(`EN 12245 / 2020/05 / ${mark}`, 'oxygen', { today: '2024-01-10' })
    expect(answer).toMatchObject({ nextDue: endsOn < '2025-05-31' ? endsOn : '2025-05-31', mayUseUp: true })
    expect(answer.findings[0]).toMatchObject({ code: 'cylinder.life-ends', severity: 'note', values: { endsOn } })
    const over = ask(`EN 12245 / 2020/05 / ${mark}`, 'oxygen', { today: '2030-06-01' })
    expect(over).toMatchObject({ mayFill: false, mayUseUp: false })
    expect(over.findings[0]).toMatchObject({ code: 'cylinder.life-over', severity: 'hold' })
  })
  it.each([
    ['an end of life nobody can read', 'DOT-3AA2400 / 3-16 / FIN 30', 'stamp.end-of-life'],
    ['a date on a ring', 'DOT-3AA2400 / 3-16 / FOOT RING 6-15', 'stamp.ring-asks'],
    ['a date on a ring', 'DOT-3AA2400 / 3-16 / neck ring 6-19', 'stamp.ring-asks'],
  ])('%s asks', (_name, stamps, code) => {
    expect(ask(stamps, 'oxygen')).toMatchObject({
      nextDue: null,
      mayFill: false,
      mayUseUp: false,
      findings: [{ code, severity: 'hold' }],
    })
  })
  it('a life without a limit says nothing', () =>
    expect(ask('EN 12245 / 2020/05 / NLL', 'oxygen', { today: '2024-01-10' })).toMatchObject({ nextDue: '2025-05-31', findings: [] }))
  it('a shoulder typed with nothing but spaces is read', () => {
    expect(ask('3AA 2265 6-15+*', 'oxygen', { waterVolumeL: 40, filledInPlace: false }).tests).toMatchObject([
      { on: '2015-06', overfill: true, star: true },
    ])
    expect(ask('DOT-3AA2400 3-06 3-16+*', 'oxygen').tests.map(({ on }) => on)).toEqual(['2006-03', '2016-03'])
  })
  it('a + never overfills with a gas that burns', () => {
    expect(ask('3AA2400\n3 14 ★\n4 24 + ★', 'hydrogen').findings).toContainEqual(
      expect.objectContaining({ code: 'cylinder.plus-void', values: { reason: 'flammable' } }),
    )
  })
  it('other marks are passed over, and those nobody knows are named', () =>
    expect(codes(ask('DOT-3AA2400 / SN 123456 / TW 133 / 51.2 KG / XYZ / 6 (o) 22 +', 'helium'))).toEqual(['stamp.not-read']))
  it('years in full may be typed in any order', () => expect(ask('DOT-3AA2400 / 3-2021 / 3-2011', 'oxygen').nextDue).toBe('2026-03-31'))
})
