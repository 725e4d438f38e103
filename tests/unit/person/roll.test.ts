import { describe, expect, it } from 'vitest'
import { personKind } from '#core/streams/person/kind'
import { evolvePerson, NOBODY } from '#core/streams/person/person'
import type { Person, PersonCommand, PersonEvent } from '#core/streams/person/person'
import { answering } from '#core/streams/asks'
import type { Answers } from '#core/streams/asks'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { NO_SITE } from '#core/streams/site/site'
import type { SettledShade } from '#core/shade/settled-shade'
import type { Job } from '#core/job/job'
import { readyUntil } from '#core/respirator/wearer'

const AT = '2026-03-02T08:00:00.000Z'
const SITE = {
  ...NO_SITE,
  name: 'Yard',
  bays: [{ bayId: 'bay-1', areaId: 'a', label: '1', kind: 'designated', closed: false }],
  areas: [{ areaId: 'a', hallId: 'h', name: 'Area' }],
} as const
const MIG: Job = { process: 'gmaw', currentA: 180 }

function decide(person: Person, command: PersonCommand, found: Partial<Answers> = {}, id = 'kit') {
  return personKind.decide(person, command, {
    id,
    site: SITE,
    rules: NEW_SITE_RULES,
    now: AT,
    at: AT,
    actor: { kind: 'person', personId: 'maren' },
    holder: 'system',
    isSigned: false,
    answer: answering({ safetyLeads: 1, ...found }),
  })
}
const after = (person: Person, command: PersonCommand, found?: Partial<Answers>): Person => {
  const decided = decide(person, command, found)
  if ('refused' in decided) throw new Error(decided.refused[0]!.code)
  return (decided.events as readonly PersonEvent[]).reduce(evolvePerson, person)
}
const codes = (decided: ReturnType<typeof decide>): readonly string[] =>
  'refused' in decided ? decided.refused.map(({ code }) => code) : decided.events.map(({ type }) => type)

const KIT: Person = { ...NOBODY, name: 'Kit', roles: ['learner'] }
const profile = { name: 'Kit Amari', roles: ['learner'] as const, areaId: null, bayId: 'bay-1' }

describe('a class that comes in at once', () => {
  const enrol = (people: Record<string, typeof profile & { group?: string }>): PersonCommand =>
    ({ type: 'person.enrol', payload: { people } })
  it('adds who is new and changes who is known, each by their own line', () => {
    expect(codes(decide(NOBODY, enrol({ kit: { ...profile, group: 'Tuesday' } })))).toEqual(['person-added'])
    expect(codes(decide(KIT, enrol({ kit: profile })))).toEqual(['person-changed'])
    expect(after(NOBODY, enrol({ kit: { ...profile, group: 'Tuesday' } }))).toMatchObject({ name: 'Kit Amari', group: 'Tuesday' })
  })
  it('a group that is not said stays as it was; of somebody new it is none', () => {
    expect(after({ ...KIT, group: 'Tuesday' }, enrol({ kit: profile })).group).toBe('Tuesday')
    expect(after(NOBODY, enrol({ kit: profile })).group).toBeNull()
    expect(after({ ...KIT, group: 'Tuesday' }, { type: 'person.change', payload: { ...profile, group: null } }).group).toBeNull()
  })
  it('nobody whom it does not name, nobody who has left, no bay that is not there, and never the last safety lead away', () => {
    expect(codes(decide(NOBODY, enrol({ other: profile })))).toEqual(['command.person-unknown'])
    expect(codes(decide({ ...KIT, hasLeft: true }, enrol({ kit: profile })))).toEqual(['command.person-has-left'])
    expect(codes(decide(NOBODY, enrol({ kit: { ...profile, bayId: 'bay-9' } })))).toEqual(['command.bay-unknown'])
    expect(codes(decide({ ...KIT, roles: ['safety-lead'] }, enrol({ kit: profile })))).toEqual(['command.last-safety-lead'])
    // A name that every object has is nobody's line.
    expect(codes(decide(NOBODY, enrol({ kit: profile }), {}, 'toString'))).toEqual(['command.person-unknown'])
  })
})

describe('signed off for a process', () => {
  const say = (isSignedOff: boolean): PersonCommand => ({ type: 'person.sign-off', payload: { process: 'gtaw', isSignedOff } })
  it('says by whom, and can be taken back; an older report changes nothing', () => {
    const signed = after(KIT, say(true))
    expect(signed.signOffs).toEqual({ gtaw: { isSignedOff: true, by: 'maren', at: AT } })
    expect(after(signed, say(false)).signOffs.gtaw?.isSignedOff).toBe(false)
    const late = { process: 'gtaw', isSignedOff: false, by: 'jun', at: '2026-03-01T08:00:00.000Z' } as const
    expect(evolvePerson(signed, { type: 'process-signed-off', version: 1, payload: late })).toEqual(signed)
  })
})

describe('what somebody was taught', () => {
  const MAREN = { process: 'gtaw', trainedOn: '2026-01-12', taughtBy: 'Maren', nextOn: '2026-06-30' } as const
  const teach = (over: object = {}): PersonCommand => ({ type: 'person.note-training', payload: { ...MAREN, ...over } })
  it('is kept by process, with who wrote it down; an older report changes nothing', () => {
    const taught = after(KIT, teach())
    expect(taught.trainings.gtaw).toEqual({ trainedOn: '2026-01-12', taughtBy: 'Maren', nextOn: '2026-06-30', at: AT, by: 'maren' })
    const late = { ...MAREN, taughtBy: 'Jun', at: '2026-03-01T08:00:00.000Z', by: 'jun' }
    expect(evolvePerson(taught, { type: 'training-noted', version: 1, payload: late })).toEqual(taught)
  })
  it('is of no day to come, and ends after it began', () => {
    expect(codes(decide(KIT, teach({ trainedOn: '2027-01-12', nextOn: null })))).toEqual(['person.training-to-come'])
    expect(codes(decide(KIT, teach({ nextOn: '2026-01-12' })))).toEqual(['person.training-ends-early'])
    expect(after(KIT, teach({ nextOn: null })).trainings.gtaw?.nextOn).toBeNull()
  })
})

describe('a shade that somebody settled on', () => {
  const settle = (shade: number, over: Partial<SettledShade> = {}): PersonCommand =>
    ({ type: 'person.settle-shade', payload: { bayId: 'bay-1', process: 'gmaw', bandA: [160, 250], shade, ...over } })
  const here = { jobAt: MIG, standsAt: 'kit' }
  it('is kept for the process and the band of the job that is set there, one for each', () => {
    const first = after(KIT, settle(11), here)
    expect(first.settled).toEqual([{ process: 'gmaw', bandA: [160, 250], shade: 11, at: AT }])
    const again = after(first, settle(12), here)
    expect(again.settled.map(({ shade }) => shade)).toEqual([12])
    const weaker = after(again, settle(10, { bandA: [60, 160] }), { ...here, jobAt: { ...MIG, currentA: 90 } })
    expect(weaker.settled.map(({ bandA, shade }) => [bandA, shade])).toEqual([[[160, 250], 12], [[60, 160], 10]])
  })
  it('is refused under the least, without a job, and where the least is not known', () => {
    expect(codes(decide(KIT, settle(9), here))).toEqual(['person.settled-too-light'])
    for (const jobAt of [null, { process: 'gmaw' }, { ...MIG, currentA: 900 }, { process: 'lbw' }] as const)
      expect(codes(decide(KIT, settle(12), { ...here, jobAt }))).toEqual(['person.nothing-to-settle'])
  })
  it('found on other work than stands there by now, or by who does not stand there, is of nothing that is known', () => {
    const jobs = [{ ...MIG, currentA: 90 }, { process: 'smaw', currentA: 180 }] as const
    for (const jobAt of jobs) expect(codes(decide(KIT, settle(13), { ...here, jobAt }))).toEqual(['person.settled-elsewhere'])
    for (const standsAt of ['pia', null])
      expect(codes(decide(KIT, settle(12), { ...here, standsAt }))).toEqual(['person.settled-elsewhere'])
  })
  it('of a report that comes late, the newer stays', () => {
    const known = after(KIT, settle(11), here)
    const late = { process: 'gmaw', bandA: [160, 250], shade: 13, at: '2026-03-01T08:00:00.000Z' } as const
    expect(evolvePerson(known, { type: 'shade-settled', version: 1, payload: late })).toEqual(known)
  })
})

describe('a fit test', () => {
  const MONTHS = { fitTest: 12, medical: 12 }
  const worn = { mask: 'half-p100', fitTestedOn: '2026-01-10', medicallyClearedOn: '2026-02-10' } as const
  const fit = { model: 'M', method: 'quantitative', passed: true, factor: 120, nextOn: null } as const
  it('that passed counts for the months of the house, and no longer than it says itself', () => {
    expect(readyUntil({ ...worn, fit }, true, MONTHS)).toBe('2027-01-10T00:00:00.000Z')
    expect(readyUntil({ ...worn, fit: { ...fit, nextOn: '2026-06-01' } }, true, MONTHS)).toBe('2026-06-01T00:00:00.000Z')
    expect(readyUntil({ ...worn, fit: { ...fit, nextOn: '2029-06-01' } }, true, MONTHS)).toBe('2027-01-10T00:00:00.000Z')
  })
  it('of which nobody said how it went makes nobody ready: a date is no result', () => {
    expect(readyUntil(worn, true, MONTHS)).toBeNull()
    // A mask that does not seal needs none.
    expect(readyUntil({ ...worn, mask: 'papr-loose' }, false, MONTHS)).toBe('2027-02-10T00:00:00.000Z')
  })
  // 29 CFR 1910.134(f)(7), from memory: 100 for half a face, 500 for a whole one.
  it('that failed, or came to less than its mask must, makes nobody ready', () => {
    expect(readyUntil({ ...worn, fit: { ...fit, passed: false } }, true, MONTHS)).toBeNull()
    expect(readyUntil({ ...worn, fit: { ...fit, factor: 99 } }, true, MONTHS)).toBeNull()
    expect(readyUntil({ ...worn, fit: { ...fit, factor: null } }, true, MONTHS)).toBeNull()
    expect(readyUntil({ ...worn, mask: 'full-p100', fit: { ...fit, factor: 499 } }, true, MONTHS)).toBeNull()
    expect(readyUntil({ ...worn, mask: 'full-p100', fit: { ...fit, factor: 500 } }, true, MONTHS)).not.toBeNull()
    // (f)(6): by taste or smell nobody proves more than 100, which is too little for a whole face behind a filter.
    const bySmell = { ...fit, method: 'qualitative', factor: null } as const
    expect(readyUntil({ ...worn, mask: 'full-p100', fit: bySmell }, true, MONTHS)).toBeNull()
    expect(readyUntil({ ...worn, mask: 'scba', fit: bySmell }, true, MONTHS)).not.toBeNull()
    expect(readyUntil({ ...worn, fit: { ...fit, method: 'qualitative', factor: null } }, true, MONTHS)).not.toBeNull()
  })
})
