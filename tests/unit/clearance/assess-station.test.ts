import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { UNKNOWN_AIR } from '#core/air/air-facts'
import { COOL } from './told-heat'
import { assessStation } from '#core/clearance/assess-station'
import { NOBODY } from '#core/clearance/person-around'
import type { Welder } from '#core/clearance/person-around'
import { NO_KIT } from '#core/clearance/kit-around'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { SignOffRuleId } from '#core/streams/house-rules/house-rules'
import type { Job } from '#core/job/job'
import { neededJobFields } from '#core/job/needed-job-fields'
import { requiredOutfit } from '#core/ppe/required-outfit'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { PROCESSES } from '#core/ids/vocabulary'
import { JOB_FIELDS } from '#core/ids/job-ids'
import { NO_FIRE_AROUND } from '#core/clearance/fire-around'

const NOW = '2026-03-02T09:00:00.000Z'
const LATER = '2026-03-03T04:00:00.000Z'
const around = {
  rules: { ...NEW_SITE_RULES, shadeMinimum: 10 },
  workplace: 'general',
  noiseElsewhere: () => [],
  now: NOW,
  air: { ...UNKNOWN_AIR, heat: COOL },
  kit: NO_KIT,
  forPerson: () => NOBODY,
  fire: NO_FIRE_AROUND,
} as const
const JOB: Job = {
  process: 'gmaw',
  currentA: 180,
  consumable: 'er70s-6',
  electrodeDiameterMm: 1,
  plateThicknessMm: 6,
  baseMetal: 'mild-steel',
  coating: 'none',
  shieldingGas: 'argon-co2',
  position: 'flat',
  confinement: 'open',
  startsAt: '08:00',
  endsAt: '12:00',
  arcMinPerH: 20,
  residue: 'none',
  container: 'not-a-container',
}

function ready(job: Job = JOB, over: Partial<Station> = {}): Station {
  const check = { at: NOW, validUntil: LATER }
  const zones = Object.fromEntries(requiredOutfit(job).map(({ zone, requirement }) => [zone, { passes: true, requirement, ...check }]))
  return {
    ...EMPTY_STATION,
    job,
    zones,
    helmet: { shade: 12, at: NOW },
    helmetCheck: { passed: true, ...check },
    glasses: { kind: 'clear-rated', ...check },
    ...over,
  }
}
const gate = (station: Station, id: string) => assessStation(station, around).gates.find(({ gate }) => gate === id)!
const codes = (station: Station, id: string) => gate(station, id).findings.map(({ code }) => code)

describe('a station', () => {
  it('with job, eyes and body in order still holds: nobody described the hall, and three gates are not judged yet', () => {
    const { gates, word, firstClosed } = assessStation(ready(), around)
    expect(gates.map(({ state }) => state)).toEqual(['open', 'open', 'open', 'to-do', 'to-do', 'to-do', 'to-do'])
    expect([word, firstClosed]).toEqual(['hold', 'air'])
  })
  it('without a job has everything to do', () => {
    const { gates, reason } = assessStation(EMPTY_STATION, around)
    expect(new Set(gates.map(({ state }) => state))).toEqual(new Set(['to-do']))
    expect(reason?.code).toBe('job.not-set')
  })
  it('needs no Gas gate for stick and no Machine gate for a torch', () => {
    expect(gate(ready({ ...JOB, process: 'smaw' }), 'gas').state).toBe('not-needed')
    expect(gate(ready({ ...JOB, process: 'ofc' }), 'machine').state).toBe('not-needed')
    expect(gate(ready({ ...JOB, process: 'ofc' }), 'gas').state).toBe('to-do')
  })
  it('that is stopped reads Stopped whatever its gates say, with the reason given', () => {
    const stopped = ready(JOB, { stop: { at: NOW, by: 'imke', reason: 'Odd smell' } })
    expect(assessStation(stopped, around)).toMatchObject({
      word: 'stopped',
      reason: { code: 'station.stopped', values: { reason: 'Odd smell' } },
    })
  })
})

describe('the Job gate', () => {
  it.each(PROCESSES)('for %s misses each field it needs, one at a time', (process) => {
    for (const field of neededJobFields(process)) {
      const { [field]: _left, ...rest } = { ...JOB, process }
      expect(codes({ ...EMPTY_STATION, job: rest }, 'job')).toContain('job.field-missing')
    }
  })
  it('holds on pencil until somebody confirms it', () => {
    expect(gate(ready({ ...JOB, assumed: ['arcMinPerH'] }), 'job').state).toBe('hold')
  })
  it.each([
    [{ coating: 'unknown' }, 'hold', 'job.coating-unknown'],
    [{ coating: 'yellow-passivate' }, 'hold', 'job.coating-maybe-cadmium'],
    [{ coating: 'zinc' }, 'open', 'job.coating-burns-off'],
    [{ residue: 'present' }, 'hold', 'job.residue-present'],
    [{ residue: 'unknown' }, 'hold', 'job.residue-unknown'],
    [{ container: 'held-something' }, 'hold', 'job.container'],
    [{ container: 'unknown-contents' }, 'hold', 'job.container'],
    [{ endsAt: '08:00' }, 'hold', 'job.times-reversed'],
  ] as const)('%o: %s, %s', (change, state, code) => {
    expect(gate(ready({ ...JOB, ...change }), 'job').state).toBe(state)
    expect(codes(ready({ ...JOB, ...change }), 'job')).toContain(code)
  })
  it('opens on an unknown coating once it is stripped, and still warns of what it may have been', () => {
    expect(gate(ready({ ...JOB, coating: 'unknown', coatingStripped: true }), 'job').state).toBe('open')
    expect(codes(ready({ ...JOB, coating: 'unknown', coatingStripped: true }), 'job')).toEqual(['job.coating-maybe-cadmium'])
  })
})

describe('whoever stands here', () => {
  const KIT: Welder = {
    name: 'Kit', signedOffFor: [], taughtUntil: {}, settled: [], isOneDarker: false, wearsPrescription: false, outfit: null, takenOff: {},
  }
  const judged = (welder: Partial<Welder> | null, rule: SignOffRuleId = 'said', over: Partial<Station> = {}) =>
    assessStation(ready(JOB, { personId: 'kit', ...over }), {
      ...around,
      rules: { ...around.rules, signOffRule: rule },
      air: { ...around.air, shopDay: '2026-03-02' },
      forPerson: () => ({ ...NOBODY, welder: welder && { ...KIT, ...welder } }),
    })
  const said = (gate: 'job' | 'eyes', ...asked: Parameters<typeof judged>) => {
    const { state, findings } = judged(...asked).byId[gate]
    return [state, ...findings.map(({ code }) => code)]
  }
  it.each([
    ['not-asked', {}, ['open']],
    ['said', {}, ['open', 'job.not-signed-off']],
    ['holds', {}, ['hold', 'job.not-signed-off']],
    ['holds', { signedOffFor: ['gtaw'] }, ['hold', 'job.not-signed-off']],
    ['holds', { signedOffFor: ['gmaw'] }, ['open']],
    // What was taught stands through its last day, and then the sign-off speaks no more.
    ['holds', { signedOffFor: ['gmaw'], taughtUntil: { gmaw: '2026-03-02' } }, ['open']],
    ['holds', { signedOffFor: ['gmaw'], taughtUntil: { gmaw: '2026-03-01' } }, ['hold', 'job.training-over']],
    ['said', { signedOffFor: ['gmaw'], taughtUntil: { gmaw: '2026-03-01' } }, ['open', 'job.training-over']],
    ['not-asked', { signedOffFor: ['gmaw'], taughtUntil: { gmaw: '2026-03-01' } }, ['open']],
    ['holds', { signedOffFor: ['gmaw'], taughtUntil: { gtaw: '2026-03-01' } }, ['open']],
    // Nobody who is known is nobody who was taught.
    ['holds', null, ['hold', 'job.nobody-signed-off']],
    ['said', null, ['open']],
  ] as const)('is asked for a sign-off where the house does: %s, %j', (rule, welder, expected) =>
    expect(said('job', welder, rule)).toEqual(expected))
  it('starts at the shade they settled on, for this process and current, and one darker where they need it', () => {
    const at = (welder: Partial<Welder>) => judged(welder).shade?.start
    expect(at({})).toBe(12)
    expect(at({ isOneDarker: true })).toBe(13)
    expect(at({ settled: [{ process: 'gmaw', bandA: [160, 250], shade: 11 }] })).toBe(11)
    expect(at({ settled: [{ process: 'gmaw', bandA: [60, 160], shade: 11 }] })).toBe(12)
    expect(said('eyes', { isOneDarker: true })).toEqual(['open', 'eyes.helmet-below-start', 'eyes.start-darker'])
  })
  it('is never let under the least by what they settled on', () => {
    const settled = [{ process: 'gmaw', bandA: [160, 250], shade: 5 }] as const
    const { shade, byId } = judged({ settled }, 'said', { helmet: { shade: 9, at: NOW } })
    expect([shade?.minimum, shade?.start, byId.eyes.state]).toEqual([10, 10, 'hold'])
  })
  it.each([[undefined, []], ['dull', []], ['pale', ['eyes.walls-throw-back']], ['shiny', ['eyes.walls-throw-back']]] as const)(
    'is cautioned of walls that are %s, and the gate stays as it is',
    (walls, expected) => {
      const { eyes } = assessStation(ready(), { ...around, air: { ...UNKNOWN_AIR, walls } }).byId
      expect([eyes.state, eyes.findings.map(({ code }) => code)]).toEqual(['open', expected])
      const noArc = ready({ ...JOB, process: 'grinding' }, { helmet: null, helmetCheck: null })
      const { eyes: without } = assessStation(noArc, { ...around, air: { ...UNKNOWN_AIR, walls } }).byId
      expect(without.findings.map(({ code }) => code)).toEqual(['shade.clear-glasses-only'])
    },
  )
  it('and sees by lenses of their own is told what glasses they need, until somebody looked', () => {
    expect(said('eyes', { wearsPrescription: true }, 'said', { glasses: null })).toEqual([
      'to-do', 'eyes.glasses-not-checked', 'eyes.prescription',
    ])
    expect(said('eyes', { wearsPrescription: true })).toEqual(['open'])
  })
})

describe('the Eyes gate', () => {
  it.each([
    [{ helmet: { shade: 9, at: NOW } }, 'hold', 'eyes.helmet-lighter'],
    [{ helmet: { shade: 9.99, at: NOW } }, 'hold', 'eyes.helmet-lighter'],
    [{ helmet: null }, 'to-do', 'eyes.helmet-not-set'],
    [{ helmet: { shade: 10, at: NOW } }, 'open', 'eyes.helmet-below-start'],
    [{ helmetCheck: null }, 'to-do', 'eyes.helmet-not-checked'],
    [{ helmetCheck: { passed: false, fault: 'battery', at: NOW, validUntil: LATER } }, 'hold', 'eyes.helmet-fault'],
    [{ glasses: null }, 'to-do', 'eyes.glasses-not-checked'],
    [{ glasses: { kind: 'tinted', at: NOW, validUntil: LATER } }, 'hold', 'eyes.glasses-wrong'],
    [{ glasses: { kind: 'none', at: NOW, validUntil: LATER } }, 'hold', 'eyes.glasses-wrong'],
    [{ helmetCheck: { passed: true, at: NOW, validUntil: NOW } }, 'to-do', 'eyes.helmet-not-checked'],
  ] as const)('%o: %s, %s', (over, state, code) => {
    expect(gate(ready(JOB, over), 'eyes').state).toBe(state)
    expect(codes(ready(JOB, over), 'eyes')).toContain(code)
  })
  it('a darker helmet than suggested is fine', () =>
    expect(gate(ready(JOB, { helmet: { shade: 14, at: NOW } }), 'eyes')).toMatchObject({ state: 'open', findings: [] }))
  it('grinding needs only clear rated glasses; no helmet opens a laser, whose cell nobody looked over', () => {
    expect(gate(ready({ ...JOB, process: 'grinding' }, { helmet: null, helmetCheck: null }), 'eyes').state).toBe('open')
    expect(codes(ready({ ...JOB, process: 'lbw' }), 'eyes')).toEqual(['eyes.laser-cell-to-check'])
  })
  it('on a structure reads the construction table', () => {
    const job = { ...JOB, process: 'smaw', currentA: 180, electrodeDiameterMm: 5 } as const
    expect(assessStation(ready(job), { ...around, workplace: 'construction' }).shade?.minimum).toBe(12)
    expect(assessStation(ready(job), around).shade?.minimum).toBe(10)
  })
})

describe('the Body gate', () => {
  it('a zone that failed holds, a zone not looked at is to do', () => {
    const torso = { passes: false, requirement: 'cotton-or-fr-jacket', at: NOW, validUntil: LATER } as const
    expect(gate(ready(JOB, { zones: { ...ready().zones, torso } }), 'body').state).toBe('hold')
    expect(gate(ready(JOB, { zones: {} }), 'body')).toMatchObject({ state: 'to-do', findings: [{ values: { count: 13 } }] })
  })
  it('a job that asks more of a zone wants it looked at again', () => {
    const overhead = { ...ready(), job: { ...JOB, position: 'overhead' } as const }
    expect(codes(overhead, 'body')).toEqual(['body.requirement-changed'])
  })
})

it('unknown never opens a gate, whichever fields of a job are missing', () => {
  fc.assert(fc.property(fc.constantFrom(...PROCESSES), fc.subarray([...JOB_FIELDS]), (process, left) => {
    const job = Object.fromEntries(
      Object.entries({ ...JOB, process }).filter(([field]) => !(left as string[]).includes(field)),
    ) as unknown as Job
    const needed = neededJobFields(process).filter(
      field => field !== 'currentA' || !left.includes('currentA') || job.currentRangeA === undefined,
    )
    if (needed.some(field => left.includes(field))) expect(gate({ ...EMPTY_STATION, job }, 'job').state).not.toBe('open')
  }))
})
