import { NO_FIRE_AROUND } from '#core/clearance/fire-gate'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { UNKNOWN_AIR } from '#core/air/air-facts'
import { assessStation } from '#core/clearance/assess-station'
import { judgeGas } from '#core/clearance/gas-gate'
import { judgeKit } from '#core/clearance/judge-kit'
import { kitAt } from '#core/clearance/kit-around'
import type { KitAround } from '#core/clearance/kit-around'
import { judgeMachine } from '#core/clearance/machine-gate'
import type { CylinderEvent, CylinderState } from '#core/cylinder/cylinder'
import { evolveCylinder } from '#core/cylinder/cylinder'
import { jointsFor } from '#core/cylinder/guided-steps'
import type { HouseRules } from '#core/houserules/house-rules'
import { NEW_SITE_RULES } from '#core/houserules/house-rules'
import { BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import { NO_OWN_LISTS } from '#core/inspection/check-lists'
import type { ItemMarks, ItemState } from '#core/inspection/item'
import type { Job } from '#core/job/job'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { EMPTY_STATION } from '#core/station/station'
import type { Station } from '#core/station/station'
import type { EquipmentKindId } from '#core/vocabulary/vocabulary'
import { EQUIPMENT_KINDS, PROCESSES } from '#core/vocabulary/vocabulary'

const [TODAY, NOW, DAY_ENDS] = ['2026-11-24', '2026-11-24T09:00:00.000Z', '2026-11-25T04:00:00.000Z']
const MIG: Job = {
  process: 'gmaw', currentA: 180, consumable: 'er70s-6', electrodeDiameterMm: 1, plateThicknessMm: 6, baseMetal: 'mild-steel', coating: 'none', shieldingGas: 'argon-co2', gasFlowLPerMin: 15,
  position: 'flat', confinement: 'open', startsAt: '08:00', endsAt: '12:00', arcMinPerH: 20, residue: 'none', container: 'not-a-container',
}
const CUT: Job = { ...MIG, process: 'ofc', currentA: undefined, shieldingGas: undefined, gasFlowLPerMin: undefined, fuelGas: 'acetylene', tip: 'cutting', plateThicknessMm: 12 }

/** A thing of which every list was passed today. */
function thing(kind: EquipmentKindId, tag: string, marks: ItemMarks = {}, over: Partial<ItemState> = {}): ItemState {
  const lists = Object.fromEntries(BUILT_IN_LISTS.filter(list => list.kind === kind).map(({ id }) => [id, { passedOn: TODAY, eventsSince: [], doneAt: NOW }]))
  return { tag, kind, name: tag, marks, assignment: { to: 'bay', id: 'bay-1' }, taggedOut: null, isRetired: false, lastEventAt: null, lists, ...over }
}
const MACHINE: ItemMarks = { ratedCurrentA: 300, ratedDutyPercent: 60, maxCurrentA: 350 }
const MIG_KIT = [thing('arc-machine', 'M-1', MACHINE), thing('welding-leads', 'L-1', { leadLengthM: 10, leadAreaMm2: 50 }), thing('wire-feed-gun', 'G-1'), thing('work-clamp', 'C-1'), thing('regulator', 'R-1')]
const FLAME_KIT = [thing('regulator', 'R-1'), thing('regulator', 'R-2'), thing('flashback-arrestor', 'FA-1'), thing('flashback-arrestor', 'FA-2'), thing('hose', 'H-1'), thing('oxy-fuel-torch', 'T-1')]

/** A cylinder connected at bay 1, leak-tested and read today. */
function connected(tag: string, marks: Partial<CylinderState>, reading: Partial<{ gaugeKPa: number, grossKg: number }>, more: readonly CylinderEvent[] = []): CylinderState {
  const gas = marks.gas!
  const events: CylinderEvent[] = [
    { type: 'cylinder-received', version: 1, payload: { tag, owner: 'rented', stamps: 'DOT-3AA2400 / 6-22', filledInPlace: false, waterVolumeL: 49, ...marks, gas } },
    { type: 'cylinder-connected', version: 1, payload: { bayId: 'bay-1', steps: [], at: NOW } },
    { type: 'joints-tested', version: 1, payload: { joints: Object.fromEntries(jointsFor(gas).map(joint => [joint, true])), at: NOW, validUntil: DAY_ENDS } },
    { type: 'cylinder-read', version: 1, payload: reading.grossKg === undefined ? { by: 'pressure', gaugePressureKPa: reading.gaugeKPa!, temperatureC: 20, at: NOW, validUntil: DAY_ENDS } : { by: 'weight', grossKg: reading.grossKg, at: NOW, validUntil: DAY_ENDS } },
    ...more,
  ]
  return events.reduce<CylinderState | null>(evolveCylinder, null)!
}
const MIX = connected('MX-1', { gas: { 'argon': 75, 'carbon-dioxide': 25 } }, { gaugeKPa: 15_000 })
const OXYGEN = connected('OX-1', { gas: 'oxygen' }, { gaugeKPa: 12_000 })
const ACETYLENE = connected('AC-1', { gas: 'acetylene', stamps: 'DOT-8AL / 6-20', tareKg: 80, fullM3: 9.3 }, { grossKg: 88 })

const around = (items: readonly ItemState[], cylinders: readonly CylinderState[] = [], rules: HouseRules = NEW_SITE_RULES): KitAround => kitAt(judgeKit({ lists: NO_OWN_LISTS, items, cylinders }, rules, TODAY, DAY_ENDS), 'bay-1')
const station = (job: Job | null): Station => ({ ...EMPTY_STATION, job })
const gas = (job: Job | null, items: readonly ItemState[], cylinders: readonly CylinderState[], rules = NEW_SITE_RULES, now = NOW) => judgeGas(station(job), around(items, cylinders, rules), rules, now)
const machine = (job: Job | null, items: readonly ItemState[], now = NOW) => judgeMachine(station(job), around(items), now)
const codes = ({ findings }: { readonly findings: readonly { readonly code: string, readonly severity: string }[] }) => findings.filter(({ severity }) => severity !== 'note').map(({ code }) => code)

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
    const untested = connected('MX-1', { gas: { 'argon': 75, 'carbon-dioxide': 25 } }, { gaugeKPa: 15_000 }, [{ type: 'joints-tested', version: 1, payload: { joints: { 'valve-stem': true }, at: NOW, validUntil: DAY_ENDS } }])
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
    const lay: CylinderEvent = { type: 'cylinder-lay', version: 1, payload: { lyingMin: 20, settlesAt: '2026-11-24T10:00:00.000Z', at: NOW } }
    const retest: CylinderEvent = { type: 'joints-tested', version: 1, payload: ACETYLENE.leakTest! }
    const settling = evolveCylinder(evolveCylinder(ACETYLENE, lay), retest)!
    expect([gas(CUT, FLAME_KIT, [OXYGEN, settling]).state, gas(CUT, FLAME_KIT, [OXYGEN, settling], NEW_SITE_RULES, '2026-11-24T10:00:00.000Z').state]).toEqual(['hold', 'open'])
    expect(codes(gas({ ...CUT, tip: 'heating-large' }, FLAME_KIT, [OXYGEN, ACETYLENE]))).toContain('acetylene.draw-too-fast')
  })
  it('stops for acetylene above its limit and for a cylinder in danger, whatever is welded', () => {
    const high = evolveCylinder(ACETYLENE, { type: 'delivery-set', version: 2, payload: { gaugeKPa: 110, at: NOW } })!
    expect([gas(CUT, FLAME_KIT, [OXYGEN, high]).state, gas(CUT, FLAME_KIT, [OXYGEN, evolveCylinder(high, { type: 'delivery-set', version: 2, payload: { gaugeKPa: 103, at: NOW } })!]).state]).toEqual(['stop', 'open'])
    const leaking = evolveCylinder(MIX, { type: 'danger-found', version: 1, payload: { danger: 'leak', at: NOW } })!
    for (const job of [MIG, null, { ...MIG, process: 'smaw' } as const]) expect(gas(job, MIG_KIT, [leaking]).state).toBe('stop')
  })
  it('an empty one without its regulator beside the full one does not matter; tagged out it does', () => {
    const taken = [{ type: 'cylinder-disconnected', version: 1, payload: { isCapped: true, at: NOW } }, { type: 'cylinder-emptied', version: 2, payload: { at: NOW } }] as const
    const beside = taken.reduce<CylinderState | null>(evolveCylinder, { ...MIX, tag: 'MX-2' })!
    expect(gas(MIG, MIG_KIT, [MIX, beside]).state).toBe('open')
    expect(gas(MIG, MIG_KIT, [MIX, evolveCylinder(beside, { type: 'cylinder-tagged-out', version: 1, payload: { reason: 'dent' } })!]).state).toBe('hold')
  })
  it('past its test a cylinder filled before may be used up with a caution; a site may hold it; filled nobody knows when, or with an unread shoulder, it holds', () => {
    const old = connected('OX-1', { gas: 'oxygen', stamps: 'DOT-3AA2400 / 6-15', filledOn: '2020-05-30' }, { gaugeKPa: 12_000 })
    const filledWhen = connected('OX-1', { gas: 'oxygen', stamps: 'DOT-3AA2400 / 6-15' }, { gaugeKPa: 12_000 })
    expect(gas(CUT, FLAME_KIT, [filledWhen, ACETYLENE])).toMatchObject({ state: 'hold', findings: expect.arrayContaining([expect.objectContaining({ code: 'cylinder.fill-date-unknown' })]) })
    expect(gas(CUT, FLAME_KIT, [old, ACETYLENE])).toMatchObject({ state: 'open', findings: expect.arrayContaining([expect.objectContaining({ severity: 'caution', code: 'cylinder.past-due-here' })]) })
    expect(gas(CUT, FLAME_KIT, [old, ACETYLENE], { ...NEW_SITE_RULES, pastDueHolds: true }).state).toBe('hold')
    expect(codes(gas(CUT, FLAME_KIT, [connected('OX-1', { gas: 'oxygen', stamps: '' }, { gaugeKPa: 12_000 }), ACETYLENE]))).toEqual(['cylinder.test-date-unknown'])
  })
  it('knows nothing of tomorrow: what was judged for a day does not open the next', () => {
    expect(gas(MIG, MIG_KIT, [MIX], NEW_SITE_RULES, DAY_ENDS)).toMatchObject({ state: 'to-do', findings: expect.arrayContaining([expect.objectContaining({ code: 'gate.facts-stale' })]) })
  })
})

describe('the Machine gate', () => {
  it('opens when everything the process needs is here, looked at, and bears the current', () => expect(machine(MIG, MIG_KIT).state).toBe('open'))
  it('has to do a look that is not from today, and holds a test past its day', () => {
    const yesterday = thing('arc-machine', 'M-1', MACHINE, { lists: { 'arc-machine.before-use': { passedOn: '2026-11-23', eventsSince: [], doneAt: NOW }, 'arc-machine.electrical': { passedOn: TODAY, eventsSince: [], doneAt: NOW } } })
    expect(machine(MIG, [yesterday, ...MIG_KIT.slice(1)])).toMatchObject({ state: 'to-do', findings: [{ code: 'kit.look-due' }, { severity: 'note' }] })
    const late = thing('arc-machine', 'M-1', MACHINE, { lists: { 'arc-machine.before-use': { passedOn: TODAY, eventsSince: [], doneAt: NOW }, 'arc-machine.electrical': { passedOn: '2025-11-01', eventsSince: [], doneAt: NOW } } })
    expect(machine(MIG, [late, ...MIG_KIT.slice(1)])).toMatchObject({ state: 'hold', findings: [{ code: 'kit.late' }, { severity: 'note' }] })
  })
  it('holds a machine whose duty is too short for the arc minutes, and a cable too thin', () => {
    // 20 of 60 minutes is 33 %; 140 A at 35 % bears 21 % at 180 A.
    expect(codes(machine(MIG, [thing('arc-machine', 'M-1', { ratedCurrentA: 140, ratedDutyPercent: 35 }), ...MIG_KIT.slice(1)]))).toContain('electrical.duty-short')
    expect(codes(machine({ ...MIG, arcMinPerH: 60, currentA: 300 }, [thing('arc-machine', 'M-1', { ratedCurrentA: 400, ratedDutyPercent: 100 }), thing('welding-leads', 'L-1', { leadLengthM: 10, leadAreaMm2: 35 }), ...MIG_KIT.slice(2)]))).toContain('electrical.cable-too-small')
    expect(codes(machine(MIG, [thing('arc-machine', 'M-1'), thing('welding-leads', 'L-1'), ...MIG_KIT.slice(2)]))).toEqual(['machine.rating-unknown', 'machine.cable-unknown'])
    expect(codes(machine({ ...MIG, currentA: 360 }, MIG_KIT))).toContain('machine.over-maximum')
  })
  it('is not needed for a flame', () => expect(machine(CUT, []).state).toBe('not-needed'))
})

describe('what is worn', () => {
  const ready = (job: Job): Station => {
    const check = { at: NOW, validUntil: DAY_ENDS }
    return { ...EMPTY_STATION, personId: 'imke', job, glasses: { kind: 'clear-rated', ...check }, zones: Object.fromEntries(requiredOutfit(job).map(({ zone, requirement }) => [zone, { passes: true, requirement, ...check }])) }
  }
  const eyes = (bands: ItemMarks['shadeBands'], over: Partial<ItemState> = {}) => assessStation(ready(MIG), {
    rules: { ...NEW_SITE_RULES, shadeMinimum: 10 }, workplace: 'general', now: NOW, air: UNKNOWN_AIR, fire: NO_FIRE_AROUND, kit: around([thing('helmet', 'H-1', bands ? { shadeBands: bands } : {}, { assignment: { to: 'person', id: 'imke' }, ...over })]),
  }).byId.eyes
  it('a helmet\'s range replaces what is typed: it opens where it reaches, and says what to set', () => {
    expect(eyes([[9, 13]])).toMatchObject({ state: 'open', findings: [{ code: 'eyes.set-helmet-to', values: { tag: 'H-1', shade: 12 } }] })
    expect(eyes([[5, 8]])).toMatchObject({ state: 'hold', findings: [{ code: 'eyes.helmet-range-lighter', values: { darkest: 8, minimum: 10 } }] })
    expect(eyes(undefined)).toMatchObject({ state: 'hold', findings: [{ code: 'eyes.helmet-range-unknown' }] })
  })
  it('a gap between two bands is no shade', () => expect(eyes([[5, 8], [13, 14]])).toMatchObject({ state: 'open', findings: [{ values: { shade: 13 } }] }))
  it('not looked at today, or tagged out, it holds', () => {
    expect(eyes([[9, 13]], { lists: {} }).state).toBe('to-do')
    expect(eyes([[9, 13]], { taggedOut: { reason: 'cracked', checks: [] } }).state).toBe('hold')
  })
})

describe('whatever is tagged out', () => {
  it('is in no open gate', () => {
    fc.assert(fc.property(fc.constantFrom(...PROCESSES), fc.constantFrom(...EQUIPMENT_KINDS), fc.constantFrom('bay', 'person'), (process, kind, to) => {
      const out = thing(kind, 'OUT-1', {}, { assignment: { to, id: to === 'bay' ? 'bay-1' : 'imke' }, taggedOut: { reason: '', checks: [] } })
      const { gates } = assessStation({ ...EMPTY_STATION, personId: 'imke', job: { ...MIG, process } }, {
        rules: NEW_SITE_RULES, workplace: 'general', now: NOW, air: UNKNOWN_AIR, fire: NO_FIRE_AROUND, kit: around([...MIG_KIT, ...FLAME_KIT, out], [MIX, OXYGEN, ACETYLENE]),
      })
      const speaking = gates.filter(({ findings }) => findings.some(({ code }) => code === 'kit.tagged-out'))
      expect(speaking.every(({ state }) => state !== 'open')).toBe(true)
    }))
  })
})
