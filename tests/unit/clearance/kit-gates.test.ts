import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { UNKNOWN_AIR } from '#core/air/air-facts'
import { assessStation } from '#core/clearance/assess-station'
import type { CylinderEvent, CylinderState } from '#core/streams/cylinder/cylinder'
import { evolveCylinder } from '#core/streams/cylinder/cylinder'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { KitItemMarks, KitItem } from '#core/streams/kit-item/kit-item'
import type { Job } from '#core/job/job'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { EQUIPMENT_KINDS, PROCESSES } from '#core/ids/vocabulary'
import {
  ACETYLENE,
  aroundWithPeople,
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
import { NO_FIRE_AROUND } from '#core/clearance/fire-around'

describe('the Gas gate', () => {
  it('opens on the right gas, connected, tight, read, with enough of it and its regulator in date', () => {
    expect(gas(MIG, MIG_KIT, [MIX])).toMatchObject({ state: 'open' })
    expect(gas(CUT, FLAME_KIT, [OXYGEN, ACETYLENE])).toMatchObject({ state: 'open' })
  })
  it('is not needed where the process draws none, or on shop air', () => {
    expect(gas({ ...MIG, process: 'smaw' }, [], []).state).toBe('not-needed')
    expect(gas({ ...MIG, process: 'pac', shieldingGas: 'none' }, [], []).state).toBe('not-needed')
    expect(codes(gas({ ...MIG, process: 'pac', shieldingGas: undefined }, [], []))).toContain('gas.none-connected')
  })
  it('has to do what was not done today: joints, gauge, flow', () => {
    const untested = connected('MX-1', { gas: { 'argon': 75, 'carbon-dioxide': 25 } }, { gaugeKPa: 15_000 }, [
      { type: 'joints-tested', version: 1, payload: { joints: { 'valve-stem': true }, at: NOW, validUntil: DAY_ENDS } },
    ])
    expect([gas(MIG, MIG_KIT, [untested]).state, codes(gas(MIG, MIG_KIT, [untested]))]).toEqual(['to-do', ['gas.not-leak-tested']])
    expect(codes(gas({ ...MIG, gasFlowLPerMin: undefined }, MIG_KIT, [MIX]))).toEqual(['gas.flow-unknown'])
    expect(codes(gas(MIG, [], [MIX]))).toEqual(['gate.item-missing'])
  })
  it('holds for another gas than the job\'s, and for too little of it', () => {
    expect(codes(gas({ ...MIG, shieldingGas: 'argon' }, MIG_KIT, [MIX]))).toEqual(['gas.not-for-this-job', 'gas.none-connected'])
    // 15 L/min, 80 minutes of arc in four hours: 1.2 m³.
    const low = connected('MX-1', { gas: { 'argon': 75, 'carbon-dioxide': 25 } }, { gaugeKPa: 2500 })
    const held = gas(MIG, MIG_KIT, [low])
    expect([held.state, codes(held)]).toEqual(['hold', ['gas.not-enough']])
    expect(held.findings[0]!.values).toMatchObject({ neededM3: 1.2 })
  })
  it('holds while acetylene settles, opens by the clock, and holds when a heating head draws too fast', () => {
    const lay: CylinderEvent = {
      type: 'cylinder-lay',
      version: 1,
      payload: { lyingMin: 20, settlesAt: '2026-11-24T10:00:00.000Z', at: NOW },
    }
    const retest: CylinderEvent = { type: 'joints-tested', version: 1, payload: ACETYLENE.leakTest! }
    const settling = evolveCylinder(evolveCylinder(ACETYLENE, lay), retest)!
    expect([
      gas(CUT, FLAME_KIT, [OXYGEN, settling]).state,
      gas(CUT, FLAME_KIT, [OXYGEN, settling], NEW_SITE_RULES, '2026-11-24T10:00:00.000Z').state,
    ]).toEqual(['hold', 'open'])
    expect(codes(gas({ ...CUT, tip: 'heating-large' }, FLAME_KIT, [OXYGEN, ACETYLENE]))).toContain('acetylene.draw-too-fast')
  })
  it('stops for acetylene above its limit and for a cylinder in danger, whatever is welded', () => {
    const high = evolveCylinder(ACETYLENE, { type: 'delivery-set', version: 2, payload: { gaugeKPa: 110, at: NOW } })!
    expect([
      gas(CUT, FLAME_KIT, [OXYGEN, high]).state,
      gas(CUT, FLAME_KIT, [OXYGEN, evolveCylinder(high, { type: 'delivery-set', version: 2, payload: { gaugeKPa: 103, at: NOW } })!])
        .state,
    ]).toEqual(['stop', 'open'])
    const leaking = evolveCylinder(MIX, { type: 'danger-found', version: 1, payload: { danger: 'leak', at: NOW } })!
    for (const job of [MIG, null, { ...MIG, process: 'smaw' } as const]) expect(gas(job, MIG_KIT, [leaking]).state).toBe('stop')
  })
  it('an empty one without its regulator beside the full one does not matter; tagged out it does', () => {
    const taken = [
      { type: 'cylinder-disconnected', version: 1, payload: { isCapped: true, at: NOW } },
      { type: 'cylinder-emptied', version: 2, payload: { at: NOW } },
    ] as const
    const beside = taken.reduce<CylinderState | null>(evolveCylinder, { ...MIX, tag: 'MX-2' })!
    expect(gas(MIG, MIG_KIT, [MIX, beside]).state).toBe('open')
    expect(
      gas(MIG, MIG_KIT, [MIX, evolveCylinder(beside, { type: 'cylinder-tagged-out', version: 1, payload: { reason: 'dent' } })!]).state,
    ).toBe('hold')
  })
  it('past its test a cylinder filled before may be used up with a caution, unless the site holds it; the unknown holds', () => {
    const old = connected('OX-1', { gas: 'oxygen', stamps: 'DOT-3AA2400 / 6-15', filledOn: '2020-05-30' }, { gaugeKPa: 12_000 })
    const filledWhen = connected('OX-1', { gas: 'oxygen', stamps: 'DOT-3AA2400 / 6-15' }, { gaugeKPa: 12_000 })
    expect(gas(CUT, FLAME_KIT, [filledWhen, ACETYLENE])).toMatchObject({
      state: 'hold',
      findings: expect.arrayContaining([expect.objectContaining({ code: 'cylinder.fill-date-unknown' })]),
    })
    expect(gas(CUT, FLAME_KIT, [old, ACETYLENE])).toMatchObject({
      state: 'open',
      findings: expect.arrayContaining([expect.objectContaining({ severity: 'caution', code: 'cylinder.past-due-here' })]),
    })
    expect(gas(CUT, FLAME_KIT, [old, ACETYLENE], { ...NEW_SITE_RULES, pastDueHolds: true }).state).toBe('hold')
    expect(codes(gas(CUT, FLAME_KIT, [connected('OX-1', { gas: 'oxygen', stamps: '' }, { gaugeKPa: 12_000 }), ACETYLENE]))).toEqual([
      'cylinder.test-date-unknown',
    ])
  })
  it('knows nothing of tomorrow: what was judged for a day does not open the next', () => {
    expect(gas(MIG, MIG_KIT, [MIX], NEW_SITE_RULES, DAY_ENDS)).toMatchObject({
      state: 'to-do',
      findings: expect.arrayContaining([expect.objectContaining({ code: 'gate.facts-stale' })]),
    })
  })
})

describe('the Machine gate', () => {
  it('opens when everything the process needs is here, looked at, and bears the current', () =>
    expect(machine(MIG, MIG_KIT).state).toBe('open'))
  it('has to do a look that is not from today, and holds a test past its day', () => {
    const yesterday = thing('arc-machine', 'M-1', MACHINE, {
      lists: {
        'arc-machine.before-use': { passedOn: '2026-11-23', eventsSince: [], doneAt: NOW },
        'arc-machine.electrical': { passedOn: TODAY, eventsSince: [], doneAt: NOW },
      },
    })
    expect(machine(MIG, [yesterday, ...MIG_KIT.slice(1)])).toMatchObject({
      state: 'to-do',
      findings: [{ code: 'kit.look-due' }, { severity: 'note' }],
    })
    const late = thing('arc-machine', 'M-1', MACHINE, {
      lists: {
        'arc-machine.before-use': { passedOn: TODAY, eventsSince: [], doneAt: NOW },
        'arc-machine.electrical': { passedOn: '2025-11-01', eventsSince: [], doneAt: NOW },
      },
    })
    expect(machine(MIG, [late, ...MIG_KIT.slice(1)])).toMatchObject({
      state: 'hold',
      findings: [{ code: 'kit.late' }, { severity: 'note' }],
    })
  })
  it('holds a machine whose duty is too short for the arc minutes, and a cable too thin', () => {
    // 20 of 60 minutes is 33 %; 140 A at 35 % bears 21 % at 180 A.
    expect(
      codes(machine(MIG, [thing('arc-machine', 'M-1', { ratedCurrentA: 140, ratedDutyPercent: 35 }), ...MIG_KIT.slice(1)])),
    ).toContain('electrical.duty-short')
    expect(
      codes(
        machine({ ...MIG, arcMinPerH: 60, currentA: 300 }, [
          thing('arc-machine', 'M-1', { ratedCurrentA: 400, ratedDutyPercent: 100 }),
          thing('welding-leads', 'L-1', { leadLengthM: 10, leadAreaMm2: 35 }),
          ...MIG_KIT.slice(2),
        ]),
      ),
    ).toContain('electrical.cable-too-small')
    expect(codes(machine(MIG, [thing('arc-machine', 'M-1'), thing('welding-leads', 'L-1'), ...MIG_KIT.slice(2)]))).toEqual([
      'machine.rating-unknown',
      'machine.cable-unknown',
    ])
    expect(codes(machine({ ...MIG, currentA: 360 }, MIG_KIT))).toContain('machine.over-maximum')
  })
  it('is not needed for a flame', () => expect(machine(CUT, []).state).toBe('not-needed'))
})

describe('what is worn', () => {
  const ready = (job: Job): Station => {
    const check = { at: NOW, validUntil: DAY_ENDS }
    return {
      ...EMPTY_STATION,
      personId: 'imke',
      job,
      helmet: { shade: 12, at: NOW, tag: 'h-1' },
      glasses: { kind: 'clear-rated', ...check },
      zones: Object.fromEntries(requiredOutfit(job).map(({ zone, requirement }) => [zone, { passes: true, requirement, ...check }])),
    }
  }
  const eyes = (bands: KitItemMarks['shadeBands'], over: Partial<KitItem> = {}) =>
    assessStation(ready(MIG), {
      rules: { ...NEW_SITE_RULES, shadeMinimum: 10 },
      workplace: 'general',
      noiseElsewhere: () => [],
      now: NOW,
      air: UNKNOWN_AIR,
      fire: NO_FIRE_AROUND,
      ...aroundWithPeople([
        thing('helmet', 'H-1', bands ? { shadeBands: bands } : {}, { assignment: { to: 'person', id: 'imke' }, ...over }),
      ]),
    }).byId.eyes
  it('a helmet\'s range replaces what is typed: it opens where it reaches, and says what to set', () => {
    expect(eyes([[9, 13]])).toMatchObject({ state: 'open', findings: [{ code: 'eyes.set-helmet-to', values: { tag: 'H-1', shade: 12 } }] })
    expect(eyes([[5, 8]])).toMatchObject({
      state: 'hold',
      findings: [{ code: 'eyes.helmet-range-lighter', values: { darkest: 8, minimum: 10 } }],
    })
    expect(eyes(undefined)).toMatchObject({ state: 'hold', findings: [{ code: 'eyes.helmet-range-unknown' }] })
  })
  it('a gap between two bands is no shade', () =>
    expect(
      eyes([
        [5, 8],
        [13, 14],
      ]),
    ).toMatchObject({ state: 'open', findings: [{ values: { shade: 13 } }] }))
  it('not looked at today, or tagged out, it holds', () => {
    expect(eyes([[9, 13]], { lists: {} }).state).toBe('to-do')
    expect(eyes([[9, 13]], { taggedOut: { reason: 'cracked', checks: [] } }).state).toBe('hold')
  })
})

describe('whatever is tagged out', () => {
  it('is in no open gate', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...PROCESSES),
        fc.constantFrom(...EQUIPMENT_KINDS),
        fc.constantFrom('bay', 'person'),
        (process, kind, to) => {
          const out = thing(
            kind,
            'OUT-1',
            {},
            { assignment: { to, id: to === 'bay' ? 'bay-1' : 'imke' }, taggedOut: { reason: '', checks: [] } },
          )
          const { gates } = assessStation(
            { ...EMPTY_STATION, personId: 'imke', job: { ...MIG, process } },
            {
              rules: NEW_SITE_RULES,
              workplace: 'general',
              noiseElsewhere: () => [],
              now: NOW,
              air: UNKNOWN_AIR,
              fire: NO_FIRE_AROUND,
              ...aroundWithPeople([...MIG_KIT, ...FLAME_KIT, out], [MIX, OXYGEN, ACETYLENE]),
            },
          )
          const speaking = gates.filter(({ findings }) => findings.some(({ code }) => code === 'kit.tagged-out'))
          expect(speaking.every(({ state }) => state !== 'open')).toBe(true)
        },
      ),
    )
  })
})
