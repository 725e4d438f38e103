import { describe, expect, it } from 'vitest'
import { sourceOf } from '#core/source/book'
import type { CylinderState } from '#core/streams/cylinder/cylinder'
import { contentsOf, cylinderFact, drawableM3, fullGasM3, requalificationOf } from '#core/cylinder/cylinder-fact'
import type { GasContent } from '#core/cylinder/gas'
import { requalification } from '#core/cylinder/requalification'
import type { RequalificationQuestion, RequalificationRule } from '#core/cylinder/requalification'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { ACETYLENE, MIX, NOW, OXYGEN } from '../clearance/bay-world'

// A shoulder at its edges, with every word that is said of it: 49 CFR 180.209 and ADR P200, from memory, worked by hand from them.

const TODAY = '2026-11-24'
const STEEL = { waterVolumeL: 49, filledInPlace: false } as const
type Row = readonly [
  stamps: string,
  gas: GasContent,
  over: Partial<RequalificationQuestion>,
  nextDue: string | null,
  rule: RequalificationRule | null,
  may: string,
  said: readonly string[],
]
const PAST = ['hold filled-when-unknown', 'caution past-due'] as const
const BOTH = 'fill, use up'

const ROWS: readonly Row[] = [
  // Marks that are never tested again, or never filled again.
  ['DOT-3E1800 / 3-10', 'helium', {}, null, 'never', BOTH, ['note no-requalification']],
  ['DOT-39 / 3-20', 'helium', {}, null, 'not-refillable', 'use up', ['note not-refillable']],
  // The star: its size to the tenth of a litre, its filling, its gas, its maker's date, its specification.
  ['DOT-3AA2400 / 5-09 / 5-19*', 'argon', STEEL, '2029-05-31', 'star', BOTH, []],
  ['DOT-3AA2400 / 5-09 / 5-19*', 'argon', { ...STEEL, waterVolumeL: 56.7 }, '2029-05-31', 'star', BOTH, []],
  [
    'DOT-3AA2400 / 5-09 / 5-19*',
    'argon',
    { ...STEEL, waterVolumeL: 56.8 },
    '2024-05-31',
    'interval',
    '',
    [...PAST, 'caution star-void too-large'],
  ],
  [
    'DOT-3AA2400 / 5-09 / 5-19*',
    'argon',
    { filledInPlace: false },
    '2024-05-31',
    'interval',
    '',
    [...PAST, 'caution star-void size-unknown'],
  ],
  [
    'DOT-3AA2400 / 5-09 / 5-19*',
    'argon',
    { waterVolumeL: 49 },
    '2024-05-31',
    'interval',
    '',
    [...PAST, 'caution star-void filling-unknown'],
  ],
  [
    'DOT-3AA2400 / 5-09 / 5-19*',
    'argon',
    { ...STEEL, filledInPlace: true },
    '2024-05-31',
    'interval',
    '',
    [...PAST, 'caution star-void filled-in-place'],
  ],
  ['DOT-3AA2400 / 5-09 / 5-19*', { 'argon': 70, 'carbon-dioxide': 30 }, STEEL, '2029-05-31', 'star', BOTH, []],
  [
    'DOT-3AA2400 / 5-09 / 5-19*',
    { 'argon': 69, 'carbon-dioxide': 31 },
    STEEL,
    '2024-05-31',
    'interval',
    '',
    [...PAST, 'caution star-void gas'],
  ],
  ['DOT-3AA2400 / 5-09 / 5-19*', 'carbon-dioxide', STEEL, '2024-05-31', 'interval', '', [...PAST, 'caution star-void gas']],
  ['DOT-3AA2400 / 5-09 / 5-19*', { argon: 50, propane: 50 }, STEEL, '2024-05-31', 'interval', '', [...PAST, 'caution star-void gas']],
  ['DOT-3AA2400 / 5-19*', 'argon', STEEL, '2029-05-31', 'star', BOTH, []],
  ['3AA2400 / 5-19*', 'argon', STEEL, '2029-05-31', 'star', BOTH, []],
  ['3AA2400 / 5 [A123] 19*', 'argon', STEEL, '2024-05-31', 'interval', '', [...PAST, 'caution star-void made-unknown']],
  ['3AA2400 / 5-09 / 5 [A123] 19*', 'argon', STEEL, '2029-05-31', 'star', BOTH, []],
  ['DOT-3A2400 / 12-45 / 5-19*', 'argon', STEEL, '2024-05-31', 'interval', '', [...PAST, 'caution star-void made-before-1946']],
  ['DOT-3A2400 / 1-46 / 5-19*', 'argon', STEEL, '2029-05-31', 'star', BOTH, []],
  ['DOT-3AL2400 / 5-23*', 'argon', STEEL, '2028-05-31', 'interval', BOTH, ['note star-void specification']],
  ['DOT-3AA2400 / 5-23', 'argon', STEEL, '2028-05-31', 'interval', BOTH, []],
  // 110 % only with a plus on the newest date of seamless steel with a gas that stays a gas and does not burn.
  ['DOT-3AA2400 / 5-23+', 'argon', STEEL, '2028-05-31', 'interval', `${BOTH}, 110 %`, []],
  ['DOT-3AA2400 / 5-23+', 'hydrogen', STEEL, '2028-05-31', 'interval', BOTH, ['note plus-void flammable']],
  ['DOT-3AA2400 / 5-23+', { argon: 95, hydrogen: 5 }, STEEL, '2028-05-31', 'interval', BOTH, ['note plus-void flammable']],
  ['DOT-3AL2400 / 5-23+', 'argon', STEEL, '2028-05-31', 'interval', BOTH, ['note plus-void specification']],
  ['DOT-3AA2400 / 5-09+ / 5-23', 'argon', STEEL, '2028-05-31', 'interval', BOTH, ['note plus-void lapsed']],
  ['DOT-3AA1800 / 5-23+', 'carbon-dioxide', STEEL, '2028-05-31', 'interval', BOTH, ['note plus-void gas']],
  // Low pressure: the long intervals are for fuels kept as liquid alone.
  ['DOT-4BW240 / 7-17', 'propane', {}, '2029-07-31', 'low-pressure-first', BOTH, ['caution coated-assumed 12']],
  [
    'DOT-4BW240 / 7-07 / 7-20S',
    'propane',
    {},
    '2027-07-31',
    'low-pressure-proof',
    BOTH,
    ['note proof-disputed 7', 'caution coated-assumed 7'],
  ],
  ['DOT-4BW240 / 7-07 / 7-22E', 'propane', {}, '2027-07-31', 'low-pressure-visual', BOTH, []],
  ['DOT-4BW240 / 7-22', 'argon', {}, '2027-07-31', 'low-pressure-other', BOTH, []],
  ['DOT-4BW240 / 7-22', 'carbon-dioxide', {}, '2027-07-31', 'low-pressure-other', BOTH, []],
  ['DOT-4BW240 / 7-22', 'hydrogen', {}, '2027-07-31', 'low-pressure-other', BOTH, []],
  ['DOT-4BW240 / 7-22', { propane: 50, argon: 50 }, {}, '2027-07-31', 'low-pressure-other', BOTH, []],
  // Acetylene: shell and filler, fixed first dates before 1991, a filler looked at too early counts for nothing.
  ['DOT-8AL / 6-20', 'acetylene', {}, '2030-06-30', 'acetylene-shell', BOTH, []],
  ['DOT-8AL / 6-10 / 6-20S', 'acetylene', {}, '2030-06-30', 'acetylene-shell', BOTH, []],
  ['DOT-8AL / 6-10 / 6-20F / 6-20S', 'acetylene', {}, '2030-06-30', 'acetylene-shell', BOTH, []],
  ['DOT-8AL / 6-18 / 6-20F', 'acetylene', {}, '2028-06-30', 'acetylene-shell', BOTH, ['caution filler-too-early 2020-06']],
  ['DOT-8AL / 6-15 / 6-20FS', 'acetylene', {}, '2030-06-30', 'acetylene-shell', BOTH, []],
  ['DOT-8AL / 6-15 / 5-20FS', 'acetylene', {}, '2030-05-31', 'acetylene-shell', BOTH, ['caution filler-too-early 2020-05']],
  ['DOT-8AL / 6-88', 'acetylene', {}, '2000-12-31', 'acetylene-shell', '', PAST],
  ['DOT-8AL / 1-91', 'acetylene', {}, '2001-01-31', 'acetylene-shell', '', PAST],
  ['DOT-8AL / 6-88 / 6-19S', 'acetylene', {}, '2010-12-31', 'acetylene-filler', '', PAST],
  ['DOT-8AL / 6-88 / 6-19FS', 'acetylene', {}, '2029-06-30', 'acetylene-shell', BOTH, []],
  ['DOT-8AL / 6-10 / 6-20', 'acetylene', {}, null, null, '', ['hold letter-missing']],
  ['DOT-8AL / 6-20S', 'acetylene', {}, null, null, '', ['hold maker-date-missing']],
  ['DOT-8AL / 6-20', 'argon', {}, null, null, '', ['hold gas-not-for-specification']],
  ['DOT-3AA2400 / 6-20', 'acetylene', {}, null, null, '', ['hold gas-not-for-specification']],
  // Europe: ten years, five for a composite; an end of life binds where it comes first.
  ['ISO 9809-1 / PW200 / 2019/05', 'argon', STEEL, '2029-05-31', 'eu', BOTH, ['note fifteen-with-approval']],
  ['ISO 9809-1 / PW200 / 2014/05', 'argon', STEEL, '2024-05-31', 'eu', '', [...PAST, 'note fifteen-with-approval']],
  [
    'ISO 9809-1 / PW200 / 2014/05',
    'argon',
    { ...STEEL, filledOn: '2024-05-31' },
    '2024-05-31',
    'eu',
    'use up',
    ['caution past-due', 'note fifteen-with-approval'],
  ],
  [
    'ISO 9809-1 / PW200 / 2014/05',
    'argon',
    { ...STEEL, filledOn: '2024-06-01' },
    '2024-05-31',
    'eu',
    '',
    ['hold filled-past-due', 'note fifteen-with-approval'],
  ],
  ['EN ISO 11119-2 / PW300 / 2022/05', 'argon', STEEL, '2027-05-31', 'eu-composite', BOTH, []],
  ['EN ISO 11119-2 / PW300 / 2022/05 / FIN 2026/11', 'argon', STEEL, '2026-11-30', 'eu-composite', BOTH, ['note life-ends']],
  [
    'EN ISO 11119-2 / PW300 / 2022/05 / FIN 2026/10',
    'argon',
    { ...STEEL, filledOn: '2026-01-01' },
    '2026-10-31',
    'eu-composite',
    '',
    ['hold life-over', 'caution past-due'],
  ],
  ['EN ISO 11119-2 / PW300 / 2022/05 / FIN 2030/10', 'argon', STEEL, '2027-05-31', 'eu-composite', BOTH, ['note life-ends']],
  ['DOT-3AA2400 / 5-19', 'argon', { ...STEEL, filledOn: '2019-04-30' }, '2024-05-31', 'interval', '', PAST],
  ['DOT-3AA2400 / 5-19', 'argon', { ...STEEL, filledOn: '2019-05-01' }, '2024-05-31', 'interval', 'use up', ['caution past-due']],
  ['DOT-3AA2400 / 5-19', 'argon', { ...STEEL, filledOn: '2024-05-31' }, '2024-05-31', 'interval', 'use up', ['caution past-due']],
  ['DOT-3AA2400 / 5-23', 'argon', { ...STEEL, filledOn: '2026-01-01' }, '2028-05-31', 'interval', BOTH, []],
]

describe('a shoulder', () => {
  it.each(ROWS)('%s with %j, %j: %s', (stamps, gas, over, nextDue, rule, may, expected) => {
    const read = requalification({ stamps, gas, today: TODAY, ...over })
    const said = read.findings.map(({ severity, code, values }) => {
      const { reason, years, on } = values as { readonly reason?: string, readonly years?: number, readonly on?: string }
      return [severity, code.slice(code.indexOf('.') + 1), reason ?? years ?? on].filter(part => part !== undefined).join(' ')
    })
    const service = /\d{4}/.exec(stamps)?.[0]
    const isPlus = service !== undefined && read.fillPressureKPa !== null && read.fillPressureKPa > Number(service) * 6.894757 * 1.05
    expect([
      read.nextDue,
      read.rule,
      [read.mayFill && 'fill', read.mayUseUp && 'use up', stamps.startsWith('DOT-3AA') && isPlus && '110 %'].filter(Boolean).join(', '),
      said,
    ]).toEqual([nextDue, rule, may, expected])
    expect(read.overdue).toBe(rule === 'never' ? false : nextDue === null ? null : TODAY > nextDue)
  })
  it('cites its own document, and the flat ten years beside it', () => {
    const read = requalification({ stamps: 'DOT-3AA2400 / 5-23', gas: 'argon', today: TODAY, ...STEEL })
    expect(read.ruleSets).toMatchObject([
      {
        ruleSet: 'by-specification',
        nextDue: '2028-05-31',
        years: 5,
        binds: true,
      },
      { ruleSet: 'flat-ten', nextDue: '2033-05-31', years: 10, binds: false },
    ])
    const [own, flat] = read.ruleSets.map(({ sources }) => sources.map(id => sourceOf(id).document))
    expect(own).toEqual([expect.stringContaining('180.209')])
    expect(flat).toHaveLength(1)
    expect(requalification({ stamps: '', gas: 'argon', today: TODAY })).toMatchObject({
      tests: [],
      ruleSets: [],
      shellDue: null,
      fillerDue: null,
      fillPressureKPa: null,
      overdue: null,
    })
  })
})

describe('what a board knows of a cylinder', () => {
  const until = '2026-11-25T04:00:00.000Z'
  const fact = (state: CylinderState) => cylinderFact(state, NEW_SITE_RULES, TODAY, until)
  const codes = (state: CylinderState) => fact(state).findings.map(({ severity, code }) => `${severity} ${code}`)
  it('of one in order nothing stands against it', () => {
    expect(codes(MIX)).toEqual([])
    expect(fact(MIX)).toMatchObject({
      tag: 'MX-1',
      bayId: 'bay-1',
      isConnected: true,
      settlesAt: null,
      validUntil: until,
      leakTest: { leaking: [], missing: [] },
    })
    expect(fact({ ...MIX, standing: { in: 'place', placeId: 'cage', xM: 0, yM: 0 } }).bayId).toBeNull()
    expect(fact({ ...MIX, standing: null }).bayId).toBeNull()
  })
  it('says what is wrong with it, a danger before its tag', () => {
    expect(codes({ ...MIX, isEmpty: true })).toEqual(['hold cylinder.empty'])
    expect(codes({ ...MIX, taggedOut: { reason: 'dent' } })).toEqual(['hold kit.tagged-out'])
    expect(codes({ ...MIX, taggedOut: { reason: 'dent' }, danger: { danger: 'leak', at: NOW } })).toEqual(['stop cylinder.danger'])
    for (const stance of [
      null,
      { isUpright: false, isSecured: true, isCapped: true },
      { isUpright: true, isSecured: false, isCapped: true },
    ])
      expect(codes({ ...MIX, stance })).toEqual(['hold cylinder.not-secured'])
    expect(codes({ ...MIX, stamps: '' })).toEqual(['hold cylinder.test-date-unknown'])
    expect(codes({ ...MIX, stamps: 'DOT-3AA2400 / 5-19', filledOn: '2024-06-01' })).toEqual(['hold cylinder.not-to-be-used'])
    expect(codes({ ...MIX, stamps: 'DOT-3AA2400 / 5-19', filledOn: '2024-05-01' })).toEqual(['caution cylinder.past-due-here'])
    expect(codes({ ...MIX, stamps: 'DOT-3AA2400 / 5-19' })).toEqual(['hold cylinder.fill-date-unknown'])
  })
  it('acetylene alone has a highest pressure', () => {
    expect(codes({ ...ACETYLENE, deliveryKPa: 110 })).toEqual(['stop acetylene.pressure-too-high'])
    expect(codes({ ...ACETYLENE, deliveryKPa: 100 })).toEqual([])
    expect(codes({ ...OXYGEN, deliveryKPa: 800 })).toEqual([])
  })
  it('names the joints that leak, and those nobody tested', () => {
    const joints = { 'valve-stem': true, 'regulator-inlet': false } as const
    const test = fact({ ...MIX, leakTest: { joints, at: NOW, validUntil: until } }).leakTest!
    expect([test.leaking, test.missing.includes('valve-stem'), test.missing.length > 0]).toEqual([['regulator-inlet'], false, true])
    expect(fact({ ...MIX, leakTest: null }).leakTest).toBeNull()
  })
  it('knows what is left by its gauge and volume, or its weight and tare, and nothing otherwise', () => {
    expect(drawableM3(MIX)).toBeGreaterThan(0)
    expect([
      drawableM3({ ...MIX, reading: null }),
      drawableM3({ ...MIX, waterVolumeL: undefined }),
      drawableM3({ ...ACETYLENE, tareKg: undefined }),
    ]).toEqual([null, null, null])
    const weighed = (grossKg: number) => contentsOf({ ...ACETYLENE, reading: { by: 'weight', grossKg, at: NOW, validUntil: until } })
    expect([weighed(79), weighed(80)?.freeGasM3, weighed(88)!.freeGasM3 > 0]).toEqual([null, 0, true])
    expect(contentsOf({ ...ACETYLENE, gas: { acetylene: 50, propane: 50 } })).toBeNull()
    expect(contentsOf({ ...ACETYLENE, gas: 'argon' })).toBeNull()
    expect(
      contentsOf({ ...ACETYLENE, reading: { by: 'pressure', gaugePressureKPa: 1000, temperatureC: 20, at: NOW, validUntil: until } }),
    ).toBeNull()
    expect(contentsOf(MIX)!.minutesLeftLow).toBeNull()
    expect(contentsOf(MIX, 10)!.minutesLeftLow).toBeCloseTo(drawableM3(MIX)! * 100, 6)
    expect(fact({ ...MIX, reading: null }).left).toBeNull()
    expect(fact({ ...MIX, waterVolumeL: undefined }).left).toBeNull()
  })
  it('knows how much it holds when full from its label, or from its volume at the pressure it is filled to', () => {
    expect(fullGasM3({ ...MIX, fullM3: 10.9 }, 16_547)).toBe(10.9)
    expect(fullGasM3(MIX, 16_547)).toBeGreaterThan(7)
    expect([
      fullGasM3(MIX, null),
      fullGasM3({ ...MIX, waterVolumeL: undefined }, 16_547),
      fullGasM3({ ...MIX, gas: 'carbon-dioxide' }, 12_000),
    ]).toEqual([null, null, null])
  })
  it('reads its shoulder with what is known of it', () => {
    expect(
      requalificationOf({ ...OXYGEN, stamps: 'DOT-3AA2400 / 5-09 / 5-19*', waterVolumeL: 49, filledInPlace: false }, TODAY).rule,
    ).toBe('star')
    expect(
      requalificationOf({ ...OXYGEN, stamps: 'DOT-3AA2400 / 5-09 / 5-19*', waterVolumeL: undefined, filledInPlace: false }, TODAY).rule,
    ).toBe('interval')
    expect(
      requalificationOf({ ...OXYGEN, stamps: 'DOT-3AA2400 / 5-09 / 5-19*', waterVolumeL: 49, filledInPlace: undefined }, TODAY).rule,
    ).toBe('interval')
    expect(requalificationOf({ ...OXYGEN, stamps: 'DOT-3AA2400 / 5-19', filledOn: '2024-05-01' }, TODAY).mayUseUp).toBe(true)
  })
})
