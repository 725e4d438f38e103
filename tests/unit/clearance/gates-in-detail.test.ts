import { describe, expect, it } from 'vitest'
import { UNKNOWN_AIR } from '#core/air/air-facts'
import { assessStation } from '#core/clearance/assess-station'
import { factsSince } from '#core/clearance/fact-age'
import { judgeFire } from '#core/clearance/fire-gate'
import { fireAt } from '#core/site-facts/fire-standing'
import { fireStanding } from '#core/site-facts/join-fire'
import { judgeGas } from '#core/clearance/gas-gate'
import { NOBODY, personIn } from '#core/clearance/person-around'
import { NO_KIT } from '#core/clearance/kit-around'
import type { CylinderEvent, CylinderState } from '#core/streams/cylinder/cylinder'
import { evolveCylinder } from '#core/streams/cylinder/cylinder'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { decidePermit } from '#core/streams/permit/decide-permit'
import { evolvePermit } from '#core/streams/permit/evolve-permit'
import type { Permit, PermitRequest } from '#core/streams/permit/permit'
import { shownPermit } from '#core/streams/permit/permit-fact'
import { planPermit } from '#core/hotwork/permit-plan'
import { NO_OWN_LISTS } from '#core/streams/check-lists/check-lists'
import type { KitItemMarks, KitItem } from '#core/streams/kit-item/kit-item'
import type { DayJob } from '#core/job/day-work'
import type { Job } from '#core/job/job'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { contextAt, EXTINGUISHER, REQUEST } from '../hotwork/permit-world'
import type { PermitPhase } from '#core/ids/hotwork-ids'
import { FIRE_CHECKS } from '#core/ids/station-ids'
import type { FireAround } from '#core/clearance/fire-around'
import { NO_FIRE_AROUND } from '#core/clearance/fire-around'
import {
  ACETYLENE,
  around, aroundWithPeople,
  codes,
  connected,
  CUT,
  DAY_ENDS,
  FLAME_KIT,
  gas,
  machine,
  MACHINE,
  MIG,
  MIG_KIT,
  MIX,
  NOW,
  OXYGEN,
  thing,
  TODAY,
} from './bay-world'

// Each gate at its edges: which of two speaks, what exactly is said, and where a number begins to hold.

const check = { at: NOW, validUntil: DAY_ENDS }
const said = ({ findings }: { readonly findings: readonly { readonly code: string }[] }) => findings.map(({ code }) => code)

describe('the Job gate in detail', () => {
  const job = (over: Partial<Job>) =>
    assessStation(
      { ...EMPTY_STATION, job: { ...MIG, ...over } },
      {
        rules: NEW_SITE_RULES,
        workplace: 'general',
        noiseElsewhere: () => [],
        now: NOW,
        air: UNKNOWN_AIR,
        kit: NO_KIT,
        fire: NO_FIRE_AROUND,
        forPerson: () => NOBODY,
      },
    ).byId.job
  it.each([
    ['a clean job', {}, 'open', []],
    ['a range of current instead of one', { currentA: undefined, currentRangeA: [150, 190] }, 'open', []],
    ['no current at all', { currentA: undefined }, 'to-do', ['job.field-missing']],
    ['another field beside a range of current', { currentRangeA: [150, 190], arcMinPerH: undefined }, 'to-do', ['job.field-missing']],
    ['paint nobody named', { coating: 'paint' }, 'hold', ['job.coating-unnamed']],
    ['primer nobody named', { coating: 'primer' }, 'hold', ['job.coating-unnamed']],
    ['paint stripped', { coating: 'paint', coatingStripped: true }, 'open', []],
    ['zinc stripped', { coating: 'zinc', coatingStripped: true }, 'open', []],
    ['a yellow passivate stripped', { coating: 'yellow-passivate', coatingStripped: true }, 'open', ['job.coating-maybe-cadmium']],
    ['no coating said', { coating: undefined }, 'to-do', ['job.field-missing']],
    ['no hours said', { startsAt: undefined, endsAt: undefined }, 'to-do', ['job.field-missing', 'job.field-missing']],
    ['no end said', { endsAt: undefined }, 'to-do', ['job.field-missing']],
  ] as const)('%s', (_name, over, state, expected) =>
    expect([job(over as Partial<Job>).state, said(job(over as Partial<Job>))]).toEqual([state, expected]),
  )
})

describe('the Eyes gate in detail', () => {
  const zones = Object.fromEntries(requiredOutfit(MIG).map(({ zone, requirement }) => [zone, { passes: true, requirement, ...check }]))
  const ready: Station = { ...EMPTY_STATION, personId: 'imke', job: MIG, zones, glasses: { kind: 'clear-rated', ...check } }
  const typed: Partial<Station> = { helmet: { shade: 12, at: NOW }, helmetCheck: { passed: true, ...check } }
  const helmet = (tag: string, shadeBands: KitItemMarks['shadeBands'], over: Partial<KitItem> = {}) =>
    thing('helmet', tag, shadeBands ? { shadeBands } : {}, { assignment: { to: 'person', id: 'imke' }, ...over })
  /** Of a helmet somebody said that it is set to where one starts. */
  const eyes = (worn: readonly KitItem[], over: Partial<Station> = {}) => {
    const first = worn.find(({ kind }) => kind === 'helmet')
    return assessStation(
      { ...ready, ...first ? { helmet: { shade: 12, at: NOW, tag: first.tag.toLowerCase() } } : {}, ...over },
      {
        rules: { ...NEW_SITE_RULES, shadeMinimum: 10 },
        workplace: 'general',
        noiseElsewhere: () => [],
        now: NOW,
        air: UNKNOWN_AIR,
        fire: NO_FIRE_AROUND,
        ...aroundWithPeople(worn),
      },
    ).byId.eyes
  }
  const found = (worn: readonly KitItem[], over: Partial<Station> = {}) => {
    const { state, findings } = eyes(worn, over)
    return [
      state,
      ...findings.map(({ code, values }) =>
        'shade' in values && code === 'eyes.set-helmet-to' ? `set ${'tag' in values ? values.tag : ''} ${values.shade}` : code,
      ),
    ]
  }
  it('a respirator in the register is no helmet: what is typed still counts', () => {
    const mask = thing('respirator', 'RP-1', {}, { assignment: { to: 'person', id: 'imke' } })
    expect(found([mask], typed)).toEqual(['open'])
    expect(found([mask])).toEqual(['to-do', 'eyes.helmet-not-set', 'eyes.helmet-not-checked'])
    expect(found([mask, helmet('H-1', [[9, 13]])])).toEqual(['open', 'set H-1 12'])
  })
  it('a current nobody said is to do, and says no shade', () =>
    expect(eyes([], { job: { ...MIG, currentA: undefined } })).toMatchObject({ state: 'to-do' }))
  it.each([
    [[[12, 12]], ['open', 'set H-1 12']],
    [[[5, 10]], ['open', 'eyes.helmet-below-start', 'set H-1 10']],
    [[[9, 11]], ['open', 'eyes.helmet-below-start', 'set H-1 11']],
    [[[9, 13]], ['open', 'set H-1 12']],
    [[[12.5, 13]], ['open', 'set H-1 12.5']],
    [[], ['hold', 'eyes.helmet-range-unknown']],
  ] as const)('a helmet of %j: %j', (bands, expected) => expect(found([helmet('H-1', bands)])).toEqual(expected))
  it('one that can be set too light is looked at: nobody said, or said it of another before this one was given out', () => {
    const auto = helmet('H-1', [[9, 13]])
    expect(found([auto], { helmet: null })).toEqual(['to-do', 'eyes.helmet-set-unsaid', 'set H-1 12'])
    const given = helmet('H-1', [[9, 13]], { assignedAt: NOW })
    expect(found([given], { helmet: { shade: 12, at: '2020-01-01T00:00:00.000Z', tag: 'h-1' } })[1]).toBe('eyes.helmet-set-unsaid')
    expect(found([given])).toEqual(['open', 'set H-1 12'])
    // However it is set, it is dark enough.
    for (const bands of [[[12, 12]], [[10, 13]], [[10, 10], [12, 13]]] as const)
      expect(found([helmet('H-1', bands)], { helmet: null })[0]).toBe('open')
  })
  it('the darkest of several bands is said where none reaches', () =>
    expect(
      eyes([
        helmet('H-1', [
          [3, 5],
          [7, 8],
        ]),
      ]),
    ).toMatchObject({ findings: [{ code: 'eyes.helmet-range-lighter', values: { darkest: 8 } }] }))
  it('of two helmets the one that is worn counts, and somebody has to say which; a shade said of the other says nothing', () => {
    const [good, light] = [helmet('H-1', [[9, 13]]), helmet('H-2', [[3, 5]])]
    const unseen = helmet('H-3', [[9, 13]], { lists: {} })
    const said = (tag?: string) => ({ helmet: { shade: 12, at: NOW, ...tag === undefined ? {} : { tag } } })
    for (const unsaid of [{ helmet: null }, said()])
      expect(found([light, good], unsaid)).toEqual(['to-do', 'eyes.which-helmet', 'set H-1 12'])
    for (const both of [[light, good], [good, light]]) expect(found(both, said('h-1'))).toEqual(['open', 'set H-1 12'])
    expect(found([good, light], said('h-2'))[0]).toBe('hold')
    expect(found([good, unseen], said('h-3'))[0]).toBe('to-do')
    expect(found([unseen, good], said('h-1'))).toEqual(['open', 'set H-1 12'])
    expect(found([light, unseen], { helmet: null })[0]).toBe('hold')
    // Of one that is gone.
    expect(found([good, light], said('h-9'))[1]).toBe('eyes.which-helmet')
    expect(found([good], said('h-9'))[1]).toBe('eyes.helmet-set-unsaid')
    // Of no helmet in particular: it may have been said of one that went back since.
    expect(found([good], said())[1]).toBe('eyes.helmet-set-unsaid')
    // Whichever of these is put on, and however it is set, it is dark enough.
    expect(found([helmet('H-1', [[12, 12]]), helmet('H-2', [[10, 13]])], { helmet: null })[0]).toBe('open')
    expect(found([unseen])).toEqual(['to-do', 'kit.look-due', 'set H-3 12'])
  })
  it('one that only bears a caution serves; one tagged out must go, though another serves', () => {
    const [dim, out] = [helmet('H-1', [[9, 11]]), helmet('H-2', [[9, 13]], { taggedOut: { reason: 'cracked', checks: [] } })]
    expect(found([dim])).toEqual(['open', 'eyes.helmet-below-start', 'set H-1 11'])
    expect(found([helmet('H-3', [[9, 13]]), out])).toEqual(['hold', 'kit.tagged-out', 'set H-3 12', 'set H-2 12'])
  })
  it('what somebody saw today counts beside the register', () => {
    expect(found([helmet('H-1', [[9, 13]])], { helmet: { shade: 5, at: NOW, tag: 'h-1' } })).toEqual([
      'hold', 'eyes.helmet-lighter', 'set H-1 12',
    ])
    const leak = { helmetCheck: { passed: false, fault: 'light-leak', ...check } } as const
    expect(eyes([helmet('H-1', [[9, 13]])], leak).findings[0]).toMatchObject({
      code: 'eyes.helmet-fault',
      values: { fault: 'light-leak' },
    })
    expect(eyes([], { ...typed, helmetCheck: { passed: false, ...check } }).findings[0]).toMatchObject({
      code: 'eyes.helmet-fault',
      values: { fault: 'unnamed' },
    })
    expect(found([helmet('H-1', [[9, 13]])], { helmetCheck: { passed: false, at: NOW, validUntil: NOW } })[0]).toBe('open')
  })
  it('tinted glasses explain a shade and never count', () => {
    const { findings } = eyes([], { ...typed, helmet: { shade: 9, at: NOW }, glasses: { kind: 'tinted', transmittance: 0.2, ...check } })
    expect(findings.map(({ code }) => code)).toEqual(['eyes.helmet-lighter', 'eyes.glasses-wrong', 'eyes.tint-explains'])
    const explains = findings.find(({ code }) => code === 'eyes.tint-explains')!.values as {
      readonly helmet: number
      readonly added: number
      readonly effective: number
    }
    expect(explains.added).toBeGreaterThan(0)
    expect(explains.effective).toBeCloseTo(9 + explains.added, 12)
    expect(said(eyes([], { ...typed, helmet: { shade: 9, at: NOW }, glasses: { kind: 'tinted', ...check } }))).toEqual([
      'eyes.helmet-lighter',
      'eyes.glasses-wrong',
    ])
    expect(said(eyes([], { ...typed, glasses: { kind: 'tinted', transmittance: 0.2, ...check } }))).toEqual(['eyes.glasses-wrong'])
    expect(said(eyes([], { ...typed, helmet: { shade: 9, at: NOW } }))).toEqual(['eyes.helmet-lighter'])
  })
  it('at the shade to start with nothing is said', () => {
    expect(found([], typed)).toEqual(['open'])
    expect(found([], { ...typed, helmet: { shade: 11.5, at: NOW } })).toEqual(['open', 'eyes.helmet-below-start'])
  })
})

describe('the Gas gate in detail', () => {
  const STICK: Job = { ...MIG, process: 'smaw', shieldingGas: undefined }
  const idle = (one: CylinderState): CylinderState =>
    evolveCylinder(one, { type: 'cylinder-disconnected', version: 1, payload: { isCapped: true, at: NOW } })!
  const read = (one: CylinderState, at: string): CylinderState => ({ ...one, reading: { ...one.reading!, at } })

  it('inert gas beside a job that takes none is only said; what burns or feeds a fire holds', () => {
    expect(gas(STICK, [], [MIX])).toMatchObject({
      state: 'not-needed',
      findings: [{ code: 'gas.not-for-this-job', severity: 'caution' }, { code: 'gate.not-needed' }],
    })
    for (const one of [OXYGEN, ACETYLENE])
      expect([gas(STICK, [], [one]).state, said(gas(STICK, [], [one]))]).toEqual(['hold', ['gas.not-for-this-job']])
    expect(said(gas(STICK, [], []))).toEqual(['gate.not-needed'])
    expect(said(gas(STICK, [], [idle(MIX)]))).toEqual(['gate.not-needed'])
    expect(
      said(gas(STICK, [], [evolveCylinder(idle(MIX), { type: 'cylinder-tagged-out', version: 1, payload: { reason: 'dent' } })!])),
    ).toEqual(['gate.not-needed'])
  })
  it('oxygen and fuel left standing together hold, alone or one in use they do not', () => {
    for (const job of [STICK, null]) {
      expect(said(gas(job, [], [idle(OXYGEN), idle(ACETYLENE)]))[0]).toBe('storage.left-at-bay')
      expect(said(gas(job, [], [idle(ACETYLENE)]))).not.toContain('storage.left-at-bay')
      expect(said(gas(job, [], [idle(OXYGEN)]))).not.toContain('storage.left-at-bay')
    }
    expect(gas(CUT, FLAME_KIT, [idle(OXYGEN), { ...idle(ACETYLENE), tag: 'AC-9' }, OXYGEN, ACETYLENE])).toMatchObject({
      state: 'hold',
      findings: [{ code: 'storage.left-at-bay', values: { first: 'OX-1', second: 'AC-9' } }, {}, {}],
    })
    expect(said(gas(CUT, FLAME_KIT, [idle(OXYGEN), OXYGEN, ACETYLENE]))).not.toContain('storage.left-at-bay')
  })
  it('a flame asks for a regulator and an arrestor for each gas, hoses and a torch', () => {
    const lacks = (kit: readonly KitItem[]) =>
      gas(CUT, kit, [OXYGEN, ACETYLENE]).findings.flatMap(({ code, values }) =>
        code === 'gate.item-missing' && 'kind' in values ? [values] : [],
      )
    expect(lacks([])).toEqual([
      { kind: 'regulator', needed: 2, here: 0 },
      { kind: 'flashback-arrestor', needed: 2, here: 0 },
      { kind: 'hose', needed: 1, here: 0 },
      { kind: 'oxy-fuel-torch', needed: 1, here: 0 },
    ])
    expect(lacks(FLAME_KIT.slice(1))).toEqual([{ kind: 'regulator', needed: 2, here: 1 }])
    expect(lacks(FLAME_KIT)).toEqual([])
    expect(gas(MIG, MIG_KIT, [MIX]).findings.some(({ code }) => code === 'gate.item-missing')).toBe(false)
  })
  it('says what is needed where nothing that gives it is connected', () => {
    const none = (job: Job) =>
      gas(job, [...MIG_KIT, ...FLAME_KIT], []).findings.flatMap(({ code, values }) => (code === 'gas.none-connected' ? [values] : []))
    expect(none(MIG)).toEqual([{ need: 'shielding', shieldingGas: 'argon-co2' }])
    expect(none({ ...MIG, shieldingGas: undefined })).toEqual([{ need: 'shielding', shieldingGas: null }])
    expect(none({ ...CUT, shieldingGas: 'argon' })).toEqual([
      { need: 'oxygen', shieldingGas: null },
      { need: 'fuel', shieldingGas: null },
    ])
    expect(gas(MIG, MIG_KIT, [idle(MIX)]).findings.some(({ code }) => code === 'gas.none-connected')).toBe(true)
  })
  it('beside the one in use an idle one matters when it is a danger, is tagged out, or does not stand', () => {
    const beside = (change: CylinderEvent): CylinderState => evolveCylinder({ ...idle(MIX), tag: 'MX-2' }, change)!
    expect(said(gas(MIG, MIG_KIT, [MIX, beside({ type: 'danger-found', version: 1, payload: { danger: 'leak', at: NOW } })]))[0]).toBe(
      'cylinder.danger',
    )
    expect(
      said(gas(MIG, MIG_KIT, [MIX, { ...idle(MIX), tag: 'MX-2', stance: { isUpright: false, isSecured: true, isCapped: true } }]))[0],
    ).toBe('cylinder.not-secured')
    expect(gas(MIG, MIG_KIT, [MIX, { ...idle(MIX), tag: 'MX-2', isEmpty: true }]).state).toBe('open')
  })
  it('a site that holds what is past its test leaves a stop a stop', () => {
    const high = evolveCylinder(ACETYLENE, { type: 'delivery-set', version: 2, payload: { gaugeKPa: 110, at: NOW } })!
    expect(gas(CUT, FLAME_KIT, [OXYGEN, high], { ...NEW_SITE_RULES, pastDueHolds: true }).state).toBe('stop')
  })
  it('knows nothing of a cylinder tomorrow, and names it', () => {
    const stale = gas(MIG, [], [MIX], NEW_SITE_RULES, DAY_ENDS)
    expect(stale.findings.find(({ code }) => code === 'gate.facts-stale')?.values).toEqual({ tag: 'MX-1' })
    expect(said(stale)).not.toContain('gas.not-leak-tested')
  })
  it('a joint nobody tested, a leak test run out and a gauge not read are each to do', () => {
    const untested: CylinderState = { ...MIX, leakTest: { ...MIX.leakTest!, joints: {} } }
    for (const one of [untested, { ...MIX, leakTest: null }, { ...MIX, leakTest: { ...MIX.leakTest!, validUntil: NOW } }])
      expect([gas(MIG, MIG_KIT, [one]).state, codes(gas(MIG, MIG_KIT, [one]))]).toEqual(['to-do', ['gas.not-leak-tested']])
    for (const one of [
      { ...MIX, reading: null },
      { ...MIX, reading: { ...MIX.reading!, validUntil: NOW } },
    ])
      expect([codes(gas(MIG, MIG_KIT, [one])), said(gas(MIG, MIG_KIT, [one]))]).toEqual([['gas.not-read'], ['gas.not-read']])
  })

  describe('how fast acetylene is drawn', () => {
    // 9.3 m³: a tenth an hour is 0.93 m³, a fifteenth 0.62 m³ (CGA G-1 as recalled).
    const FLOW: Job = { ...CUT, tip: undefined, acetyleneFlowLPerH: 800, oxygenFlowLPerH: 900, arcMinPerH: 20 }
    const drawn = (job: Partial<Job>, cylinders: readonly CylinderState[] = [ACETYLENE]) =>
      said(gas({ ...FLOW, ...job }, FLAME_KIT, [OXYGEN, ...cylinders])).filter(
        code => code.startsWith('acetylene.') || code === 'gas.full-unknown',
      )
    it.each([
      [29, []],
      [30, ['acetylene.draw-too-fast']],
      [60, ['acetylene.draw-too-fast']],
      [undefined, ['acetylene.draw-too-fast']],
    ] as const)('%s minutes of flame an hour', (arcMinPerH, expected) => expect(drawn({ arcMinPerH })).toEqual(expected))
    it('a heating head draws all the time it burns', () => {
      expect(drawn({ tip: 'heating-small', arcMinPerH: 5 })).toEqual(['acetylene.draw-too-fast'])
      expect(drawn({ tip: 'cutting', arcMinPerH: 5 })).toEqual([])
    })
    it('two on one head bear twice as much, the smaller counted for both', () => {
      const other = { ...ACETYLENE, tag: 'AC-2' }
      expect(drawn({ arcMinPerH: 60 }, [ACETYLENE, other])).toEqual([])
      expect(drawn({ arcMinPerH: 60 }, [ACETYLENE, { ...other, fullM3: 3 }])).toEqual(['acetylene.draw-too-fast'])
      expect(drawn({ arcMinPerH: 60 }, [{ ...other, fullM3: 3 }, ACETYLENE])).toEqual(['acetylene.draw-too-fast'])
    })
    it('is not known of a cylinder whose content nobody wrote down, and it is named', () => {
      const unknown: CylinderState = { ...ACETYLENE, tag: 'AC-2', fullM3: undefined, waterVolumeL: undefined }
      expect(drawn({}, [ACETYLENE, unknown])).toEqual(['gas.full-unknown'])
      expect(gas(FLOW, FLAME_KIT, [OXYGEN, ACETYLENE, unknown]).findings.find(({ code }) => code === 'gas.full-unknown')?.values).toEqual(
        { tag: 'AC-2' },
      )
    })
    it('says nothing of other fuels', () => {
      const propane = connected('PR-1', { gas: 'propane', stamps: 'DOT-4BW240 / 7-22', tareKg: 18, fullM3: 1 }, { grossKg: 38 })
      expect(
        said(gas({ ...CUT, fuelGas: 'propane', tip: 'heating-large' }, FLAME_KIT, [OXYGEN, propane])).filter(
          code => code.startsWith('acetylene.') || code === 'gas.full-unknown',
        ),
      ).toEqual([])
    })
  })

  describe('enough', () => {
    const SITE: HouseRules = NEW_SITE_RULES
    // The hours of a bay count from the shop day's hour; the reading is of nine in the morning.
    const earlier = (job: Partial<Job>, untilAt: string | null, over: Partial<DayJob> = {}): DayJob => ({
      job: { ...MIG, ...job },
      validUntil: DAY_ENDS,
      personId: 'imke',
      sinceAt: null,
      untilAt,
      ...over,
    })
    const after: Job = { ...MIG, startsAt: '12:00', endsAt: '14:00' }
    interface Left {
      readonly code: string
      readonly leftM3: number
      readonly neededM3: number
    }
    const left = (earlierJobs: readonly DayJob[], cylinders: readonly CylinderState[] = [MIX], job: Job = after): readonly Left[] => {
      const { findings } = judgeGas({ ...EMPTY_STATION, job, earlierJobs }, around(MIG_KIT, cylinders), SITE, NOW)
      return findings.flatMap(({ code, values }): readonly Left[] =>
        code === 'gas.enough' || code === 'gas.not-enough' || code === 'gas.time-unknown'
          ? [{ leftM3: NaN, neededM3: NaN, ...values, code }]
          : [],
      )
    }
    const full = left([])[0]!.leftM3
    it('what the job takes is its flow through its minutes', () =>
      expect(left([])).toEqual([expect.objectContaining({ code: 'gas.enough', neededM3: 0.6 })]))
    it('an earlier job that went on after the reading is taken off; one that had ended, or drew another gas, is not', () => {
      // 15 L/min for two hours at 20 minutes of arc each: 0.6 m³.
      const morning = { startsAt: '09:00', endsAt: '11:00' } as const
      expect(full - left([earlier(morning, null)])[0]!.leftM3).toBeCloseTo(0.6, 9)
      expect(full - left([earlier(morning, '2026-11-24T11:00:00.000Z')])[0]!.leftM3).toBeCloseTo(0.6, 9)
      expect(full - left([earlier(morning, NOW)])[0]!.leftM3).toBe(0)
      expect(full - left([earlier({ ...morning, process: 'smaw', shieldingGas: undefined }, null)])[0]!.leftM3).toBe(0)
      expect(full - left([earlier({ ...morning, shieldingGas: 'argon' }, null)])[0]!.leftM3).toBe(0)
      expect(
        full
        - left([earlier(morning, null), earlier({ ...morning, startsAt: '08:00', endsAt: '09:00', gasFlowLPerMin: 30 }, null)])[0]!
          .leftM3,
      ).toBeCloseTo(1.2, 9)
    })
    it('an earlier job that does not say how much it drew leaves it open', () => {
      expect(left([earlier({ startsAt: '09:00', endsAt: '11:00', arcMinPerH: undefined }, null)])[0]!.code).toBe('gas.time-unknown')
      expect(left([earlier({ startsAt: '09:00', endsAt: '11:00', gasFlowLPerMin: undefined }, null)])[0]!.code).toBe('gas.time-unknown')
      expect(left([], [MIX], { ...after, startsAt: undefined })[0]!.code).toBe('gas.time-unknown')
    })
    it('what was drawn since can leave too little: what is left and what is needed are said, never below nothing', () => {
      const low = connected('MX-1', { gas: { 'argon': 75, 'carbon-dioxide': 25 } }, { gaugeKPa: 3400 })
      const alone = left([], [low])[0]!
      expect(alone.code).toBe('gas.enough')
      const held = left([earlier({ startsAt: '08:00', endsAt: '12:00', arcMinPerH: 60 }, null)], [low])[0]!
      expect(held).toMatchObject({ code: 'gas.not-enough', leftM3: 0, neededM3: 0.6 })
      const some = left([earlier({ startsAt: '10:00', endsAt: '12:00' }, null)], [low])[0]!
      expect(some.leftM3).toBeCloseTo(alone.leftM3 - 0.6, 9)
      expect(some.code).toBe(alone.leftM3 < 1.2 ? 'gas.not-enough' : 'gas.enough')
    })
    it('two on one head are counted together once both are read, from the earlier of their readings', () => {
      const [one, two] = [MIX, { ...MIX, tag: 'MX-2' }]
      expect(left([], [one, two])[0]!.leftM3).toBeCloseTo(2 * full, 9)
      expect(left([], [one, { ...two, reading: null }])).toEqual([])
      const ended = earlier({ startsAt: '07:00', endsAt: '08:00' }, '2026-11-24T08:30:00.000Z')
      expect(2 * full - left([ended], [one, two])[0]!.leftM3).toBe(0)
      expect(2 * full - left([ended], [one, read(two, '2026-11-24T08:00:00.000Z')])[0]!.leftM3).toBeCloseTo(0.3, 9)
    })
    it('a fuel nobody said is no acetylene: how much oxygen its tip takes is not known', () => {
      const findings = said(gas({ ...CUT, fuelGas: undefined }, FLAME_KIT, [OXYGEN, ACETYLENE]))
      expect(findings).toContain('gas.flow-unknown')
      expect(findings).toContain('gas.none-connected')
    })
  })
})

describe('the Machine gate in detail', () => {
  const rated = (marks: KitItemMarks, job: Partial<Job> = {}) =>
    said(machine({ ...MIG, ...job }, [thing('arc-machine', 'M-1', marks), ...MIG_KIT.slice(1)])).filter(
      code => code !== 'electrical.duty' && code !== 'electrical.cable-carries',
    )
  it('a rating half known is not known', () => {
    expect(rated({ ratedCurrentA: 300 })).toEqual(['machine.rating-unknown'])
    expect(rated({ ratedDutyPercent: 60 })).toEqual(['machine.rating-unknown'])
    const leads = (marks: KitItemMarks) => said(machine(MIG, [MIG_KIT[0]!, thing('welding-leads', 'L-1', marks), ...MIG_KIT.slice(2)]))
    expect(leads({ leadLengthM: 10 })).toContain('machine.cable-unknown')
    expect(leads({ leadAreaMm2: 50 })).toContain('machine.cable-unknown')
    expect(leads({ leadAreaMm2: 50, leadLengthM: 10 })).not.toContain('machine.cable-unknown')
  })
  it('bears its highest current and not an ampere more; without one said nothing is', () => {
    expect(rated({ ...MACHINE, maxCurrentA: 180 })).toEqual([])
    expect(rated({ ...MACHINE, maxCurrentA: 179 })).toEqual(['machine.over-maximum'])
    expect(rated({ ratedCurrentA: 300, ratedDutyPercent: 60 })).toEqual([])
  })
  it('bears just the duty it has: heat goes with the square of the current', () => {
    // 180 A at 60 % for an arc of 36 minutes an hour is the plate itself.
    expect(rated({ ratedCurrentA: 180, ratedDutyPercent: 60 }, { arcMinPerH: 36 })).toEqual([])
    expect(rated({ ratedCurrentA: 180, ratedDutyPercent: 60 }, { arcMinPerH: 37 })).toEqual(['electrical.duty-short'])
    expect(rated({ ratedCurrentA: 180, ratedDutyPercent: 60 }, { arcMinPerH: undefined })).toEqual(['electrical.duty-short'])
  })
  it('judges the upper end of a range, and a plasma cutter by its own plate; asks for a current nobody said', () => {
    expect(rated({ ...MACHINE, maxCurrentA: 180 }, { currentA: undefined, currentRangeA: [150, 190] })).toEqual(['machine.over-maximum'])
    expect(rated(MACHINE, { currentA: undefined })).toEqual(['machine.current-unknown'])
    const plasma = (marks: KitItemMarks) =>
      said(
        machine({ ...MIG, process: 'pac', currentA: 60, shieldingGas: 'none' }, [
          thing('plasma-cutter', 'P-1', marks),
          thing('work-clamp', 'C-1'),
        ]),
      )
    expect(plasma({})).toContain('machine.rating-unknown')
    expect(plasma({ ratedCurrentA: 60, ratedDutyPercent: 60, maxCurrentA: 50 })).toContain('machine.over-maximum')
  })
  it('a grinder has no current to judge, and says what it did not need', () => {
    expect(machine({ ...MIG, process: 'grinding', currentA: undefined }, [thing('grinder', 'GR-1')])).toEqual({
      gate: 'machine',
      state: 'open',
      findings: [],
    })
    expect(said(machine(CUT, []))).toEqual(['gate.not-needed'])
    expect(said(machine(null, []))).toEqual(['gate.job-first'])
  })
})

describe('the Fire gate in detail', () => {
  const T = (minutes: number): string => new Date(Date.parse('2026-11-24T08:00:00.000Z') + minutes * 60_000).toISOString()
  const looked: Station = {
    ...EMPTY_STATION,
    fireCheck: { answers: Object.fromEntries(FIRE_CHECKS.map(id => [id, true])), at: T(0), by: 'maren', validUntil: T(1200) },
  }
  const foam = { ...EXTINGUISHER, tag: 'EX-2', marks: { extinguisherType: 'foam', extinguisherRating: '21A 183B' } as KitItemMarks }
  const designated = (job: Job | null, items = [EXTINGUISHER]) =>
    said(judgeFire({ ...looked, job }, 'general', { ...NO_KIT, items }, NO_FIRE_AROUND, T(1)))
  it('what burns is known by the job: voltage, and a metal nobody said', () => {
    expect(designated(MIG)).toEqual([])
    expect(designated({ ...MIG, baseMetal: undefined })).toEqual(['extinguisher.metal-unknown'])
    expect(designated({ ...MIG, baseMetal: 'magnesium' })).toEqual(['extinguisher.not-for-metal'])
    expect(designated(MIG, [foam])).toEqual(['extinguisher.not-for-voltage'])
    expect(designated(CUT, [foam])).toEqual([])
    // Before there is a job, something may be under voltage, and no metal burns yet.
    expect(designated(null)).toEqual([])
    expect(designated(null, [foam])).toEqual(['extinguisher.not-for-voltage'])
  })

  const permitOf = (over: Partial<PermitRequest> = {}, phase: PermitPhase = 'working'): Permit => {
    const request: PermitRequest = { ...REQUEST, ...over }
    const decided = decidePermit(
      null,
      { type: 'permit.request', payload: request },
      { ...contextAt({ at: T(0), by: 'kit' }), asked: planPermit(request, NEW_SITE_RULES) },
    )
    if ('refused' in decided) throw new Error(JSON.stringify(decided.refused))
    const asked = decided.events.reduce(evolvePermit, null as Permit | null)!
    return {
      ...asked,
      phase,
      authorisedBy: 'oskar',
      firstArcAt: T(3),
      lastArcAt: T(3),
      watchers: asked.watchers,
      posts: [{ personId: 'hedda', since: T(2), heardAt: T(3) }],
    }
  }
  const fire = (...permits: readonly (readonly [string, Permit])[]): FireAround => ({
    permits: permits.map(([permitId, permit]) => ({ permitId, version: 1, permit: shownPermit(permit), kit: [EXTINGUISHER] })),
    secondScreen: true,
    nameOf: id => id,
  })
  const AT_GATE: Station = { ...EMPTY_STATION, job: CUT, personId: 'kit' }
  const structure = (around: FireAround, station: Station = AT_GATE) => judgeFire(station, 'construction', NO_KIT, around, T(4))
  const live = permitOf()

  it('a live permit for this work says so and nothing else', () => {
    expect(structure(fire(['a', live]))).toMatchObject({
      state: 'open',
      findings: [{ code: 'permit.live', values: { code: 'HW-TEST', untilIso: REQUEST.untilAt } }],
    })
    expect(said(structure(fire(['a', live])))).toEqual(['permit.live'])
  })
  it.each([
    ['another process', { ...AT_GATE, job: { ...CUT, process: 'ofw' } as Job }, 'permit.other-process'],
    ['nobody placed', { ...AT_GATE, personId: null }, 'permit.nobody-placed'],
    ['somebody it does not name', { ...AT_GATE, personId: 'imke' }, 'permit.other-operator'],
  ])('for %s it holds, and does not call itself live', (_name, station, code) =>
    expect(said(structure(fire(['a', live]), station))).toEqual([code]),
  )
  it('holds over its current, bears just its own, and asks where it was given for none', () => {
    const stick = { ...MIG, process: 'smaw' as const, currentA: 140, shieldingGas: undefined }
    const permit = (currentA?: number): Permit => {
      const { currentA: _none, ...job } = { ...REQUEST.job, process: 'smaw' as const, currentA: undefined }
      const planned = permitOf({ job: { ...job, currentA: 140 } })
      return { ...planned, request: { ...planned.request, job: currentA === undefined ? job : { ...job, currentA } } }
    }
    const at = (currentA: number | undefined, job: Job) => said(structure(fire(['a', permit(currentA)]), { ...AT_GATE, job }))
    expect(at(140, stick)).toEqual(['permit.live'])
    expect(at(139, stick)).toEqual(['permit.current-over'])
    expect(at(undefined, stick)).toEqual(['permit.current-not-said'])
    expect(at(140, { ...stick, currentA: undefined, currentRangeA: [120, 150] })).toEqual(['permit.current-over'])
    expect(at(140, { ...stick, currentA: undefined })).toEqual(['permit.live'])
  })
  it('among several the farthest come speaks, and of those the one for this work', () => {
    const other = permitOf({ job: { ...REQUEST.job, process: 'ofw' } })
    expect(said(structure(fire(['a', other], ['b', live])))).toEqual(['permit.live'])
    expect(said(structure(fire(['b', live], ['a', other])))).toEqual(['permit.live'])
    expect(said(structure(fire(['a', permitOf({}, 'requested')], ['b', live])))).toEqual(['permit.live'])
    expect(said(structure(fire(['b', live], ['a', permitOf({}, 'requested')])))).toEqual(['permit.live'])
    expect(structure(fire(['b', permitOf({}, 'closed')], ['a', permitOf({}, 'requested')])).findings[0]).toMatchObject({
      code: 'permit.not-in-phase',
      values: { phase: 'requested' },
    })
  })
  it.each([
    ['requested', 'to-do'],
    ['precautions', 'to-do'],
    ['authorised', 'to-do'],
    ['suspended', 'hold'],
    ['watch', 'hold'],
    ['monitoring', 'hold'],
  ] as const)('%s: %s', (phase, state) => expect(structure(fire(['a', permitOf({}, phase)])).state).toBe(state))
  it('without a job the permit is not compared, and the job comes first', () =>
    expect(said(structure(fire(['a', live]), { ...AT_GATE, job: null }))).toEqual(['gate.job-first', 'permit.live']))
  it('is joined with what hangs for it, bay by bay; a permit for no bay stands at none', () => {
    const item = (id: string, to: 'permit' | 'bay') => thing('extinguisher', `EX-${id}`, {}, { assignment: { to, id } })
    const kept = (permitId: string, bayId: string | null) => ({
      permitId,
      version: 3,
      permit: { ...live, request: { ...live.request, place: { ...live.request.place, bayId } } },
    })
    const standing = fireStanding(
      { permits: [kept('p', 'bay-12'), kept('q', null), kept('r', 'bay-12')], screens: 2, names: { kit: 'Kit' } },
      { items: [item('p', 'permit'), item('q', 'permit'), item('bay-12', 'bay')], cylinders: [], lists: NO_OWN_LISTS },
      TODAY,
      DAY_ENDS,
    )
    expect(Object.keys(standing.byBay)).toEqual(['bay-12'])
    expect(standing.byBay['bay-12']!.map(({ permitId, version, kit }) => [permitId, version, kit.map(({ tag }) => tag)])).toEqual([
      ['p', 3, ['EX-p']],
      ['r', 3, []],
    ])
    const here = fireAt(standing, 'bay-12')
    expect([here.permits.length, here.secondScreen, here.nameOf('kit'), here.nameOf('nobody')]).toEqual([2, true, 'Kit', 'the watch'])
    expect([fireAt(standing, 'bay-1').permits, fireAt({ ...standing, screens: 1 }, 'bay-12').secondScreen]).toEqual([[], false])
  })
})

describe('how old what a gate rests on is', () => {
  const at = (hour: number): string => `2026-11-24T0${hour}:00:00.000Z`
  const look = (hour: number) => ({ at: at(hour), validUntil: DAY_ENDS })
  const fact = (kind: KitItem['kind'], seenAt: string | null) => ({ ...EXTINGUISHER, kind, tag: kind, seenAt })
  const station: Station = {
    ...EMPTY_STATION,
    personId: 'imke',
    helmetCheck: { passed: true, ...look(8) },
    glasses: { kind: 'clear-rated', ...look(7) },
    zones: {
      torso: { passes: true, requirement: 'fr-jacket', ...look(6) },
      eyes: { passes: true, requirement: 'clear-rated-glasses', ...look(5) },
    } as Station['zones'],
    extractionCheck: { on: true, damperOpen: true, inPosition: true, draws: true, ...look(4) } as Station['extractionCheck'],
    fireCheck: { answers: {}, by: 'maren', ...look(3) },
  }
  const leaf = around([], [MIX]).cylinders[0]!
  const kit = {
    items: [
      fact('regulator', at(2)),
      fact('arc-machine', at(1)),
      fact('work-clamp', at(2)),
      fact('extinguisher', at(9)),
      fact('extraction-arm', at(9)),
    ],
    cylinders: [leaf],
  }
  const air = UNKNOWN_AIR
  const worn = { imke: [fact('helmet', at(6)), fact('respirator', at(3))] }
  const forPerson = (id: string | null) => personIn({ worn, wearers: {}, welders: {} }, id)
  it('is the oldest of its looks, whatever it rests on', () => {
    expect(factsSince(station, { kit, fire: NO_FIRE_AROUND, forPerson, air, now: NOW })).toEqual({
      job: null,
      eyes: at(6),
      body: at(5),
      air: at(3),
      gas: at(2),
      machine: at(1),
      fire: at(3),
    })
    expect(factsSince(station, { kit: { ...kit, items: [] }, fire: NO_FIRE_AROUND, forPerson: () => NOBODY, air, now: NOW })).toEqual({
      job: null,
      eyes: at(7),
      body: at(5),
      air: at(4),
      gas: NOW,
      machine: null,
      fire: at(3),
    })
    expect(factsSince({ ...EMPTY_STATION }, { kit: NO_KIT, fire: NO_FIRE_AROUND, forPerson, air, now: NOW })).toEqual({
      job: null,
      eyes: null,
      body: null,
      air: null,
      gas: null,
      machine: null,
      fire: null,
    })
  })
  it('under a permit it is the watch that was heard longest ago', () => {
    const permit = {
      posts: [
        { personId: 'a', since: at(1), heardAt: at(5) },
        { personId: 'b', since: at(1), heardAt: at(4) },
      ],
    }
    const fire = { ...NO_FIRE_AROUND, permits: [{ permitId: 'p', version: 1, permit, kit: [] }] as never }
    expect(factsSince(station, { kit, forPerson, fire, air, now: NOW }).fire).toBe(
      at(4),
    )
  })
})
