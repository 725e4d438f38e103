import { describe, expect, it } from 'vitest'
import { mayDo, reachOf } from '#core/rights/rights'
import { decidePerson, NOBODY } from '#core/streams/person/person'
import { decideSite, NO_SITE } from '#core/streams/site/site'
import { decideSeal } from '#core/streams/seal/seal'
import { ROLES } from '#core/ids/vocabulary'
import { RIGHTS } from '#core/ids/rights'

const holder = (...roles: (typeof ROLES)[number][]) => ({ roles, areaId: null, bayId: null })

describe('who may', () => {
  it('everybody sees the floor and stops anything', () => {
    for (const role of ROLES)
      for (const right of ['see-floor', 'stop'] as const) expect(mayDo(holder(role), right, { areaId: 'x', bayId: 'y' })).toBe(true)
  })
  it('only the safety lead changes house rules, people and the site', () => {
    for (const right of [
      'change-house-rules', 'manage-people', 'set-up-site', 'describe-air', 'record-samples', 'health-fields',
    ] as const)
      expect(ROLES.filter(role => mayDo(holder(role), right))).toEqual(['safety-lead'])
  })
  it('an instructor re-opens in their own area only', () => {
    const instructor = { roles: ['instructor'], areaId: 'gate-bays', bayId: null } as const
    expect(mayDo(instructor, 'reopen', { areaId: 'gate-bays', bayId: '1' })).toBe(true)
    expect(mayDo(instructor, 'reopen', { areaId: 'oxy', bayId: '10' })).toBe(false)
    expect(mayDo(holder('welder'), 'reopen')).toBe(false)
  })
  it('what an instructor reads is narrowed to their own area, if they have one', () => {
    expect(reachOf({ roles: ['instructor'], areaId: 'oxy', bayId: null }, 'read-records')).toBe('own-area')
    expect(reachOf(holder('instructor'), 'read-records')).toBe('all')
    expect(reachOf({ roles: ['instructor', 'auditor'], areaId: 'oxy', bayId: null }, 'read-records')).toBe('all')
    expect(reachOf(holder('learner'), 'read-records')).toBe('none')
  })
  it('whoever a permit names works under it, nobody else without a task in it; only lead and authoriser answer for one', () => {
    for (const role of ['learner', 'welder', 'fire-watch'] as const)
      for (const isOwnPermit of [true, false])
        expect(mayDo(holder(role), 'work-permit', { areaId: null, bayId: null, isOwnPermit })).toBe(isOwnPermit)
    expect(ROLES.filter(role => mayDo(holder(role), 'authorise-permit'))).toEqual(['safety-lead', 'permit-authoriser'])
    expect(
      [true, false].map(isOwnPermit => mayDo(holder('permit-authoriser'), 'reopen-permit', { areaId: null, bayId: null, isOwnPermit })),
    ).toEqual([true, false])
    expect(ROLES.filter(role => !mayDo(holder(role), 'request-permit'))).toEqual(['store-keeper', 'auditor'])
    expect(reachOf(holder('permit-authoriser'), 'read-records')).toBe('permits')
  })
  it('learners and auditors set nothing; nobody without a role may do anything', () => {
    for (const role of ['learner', 'welder', 'auditor', 'fire-watch', 'store-keeper'] as const)
      for (const right of ['set-jobs', 'door-checks', 'place-people'] as const) expect(mayDo(holder(role), right)).toBe(false)
    for (const right of RIGHTS) expect(mayDo(holder(), right)).toBe(false)
  })
})

const AROUND = {
  dayEnds: '2026-03-03T04:00:00.000Z', today: '2026-03-02', at: '2026-03-02T08:00:00.000Z', id: 'oskar', by: 'oskar',
} as const

describe('people and site', () => {
  const lead = { ...NOBODY, name: 'Oskar', roles: ['safety-lead'] as const }
  it('a site keeps its last safety lead', () => {
    expect(
      decidePerson(
        lead,
        { type: 'person.leave', payload: {} },
        { ...AROUND, safetyLeads: 1 },
      ),
    ).toMatchObject({ refused: [{ code: 'command.last-safety-lead' }] })
    expect(
      decidePerson(
        lead,
        { type: 'person.change', payload: { ...lead, roles: ['auditor'] } },
        { ...AROUND, safetyLeads: 1 },
      ),
    ).toHaveProperty('refused')
    expect(
      decidePerson(
        lead,
        { type: 'person.leave', payload: {} },
        { ...AROUND, safetyLeads: 2 },
      ),
    ).toHaveProperty('events')
  })
  it('whoever left is not changed any more', () => {
    expect(
      decidePerson(
        { ...lead, hasLeft: true },
        { type: 'person.secret-set', payload: { kind: 'pin' } },
        { ...AROUND, safetyLeads: 2 },
      ),
    ).toMatchObject({ refused: [{ code: 'command.person-has-left' }] })
  })
  const site = {
    ...NO_SITE,
    name: 'Yard',
    halls: [{ hallId: 'h', name: 'Hall' }],
    areas: [{ areaId: 'a', hallId: 'h', name: 'Area' }],
    bays: [{ bayId: 'bay-1', areaId: 'a', label: '1', kind: 'designated', closed: false }],
  } as const
  it('names are taken once, and places must exist', () => {
    expect(decideSite(site, { type: 'site.add-hall', payload: { hallId: 'h2', name: ' hall ' } })).toHaveProperty('refused')
    expect(decideSite(site, { type: 'site.add-area', payload: { areaId: 'b', hallId: 'nowhere', name: 'B' } })).toHaveProperty('refused')
    expect(
      decideSite(site, { type: 'site.add-bay', payload: { bayId: 'bay-2', areaId: 'a', label: '1', kind: 'designated' } }),
    ).toHaveProperty('refused')
    expect(
      decideSite(site, { type: 'site.add-bay', payload: { bayId: 'bay-2', areaId: 'a', label: '2', kind: 'structure' } }),
    ).toHaveProperty('events')
    expect(
      decideSite(site, {
        type: 'site.change-bay',
        payload: { bayId: 'bay-9', areaId: 'a', label: '9', kind: 'structure', closed: false },
      }),
    ).toMatchObject({ refused: [{ code: 'command.bay-unknown' }] })
    expect(decideSite(site, { type: 'site.open', payload: { name: 'Other', timeZone: 'UTC' } })).toHaveProperty('refused')
  })
  it('a day is sealed once', () => {
    const seal = { day: '2026-11-22', headsSha256: 'x', streams: 1, position: 1 }
    expect(decideSeal({ last: seal }, { type: 'seal.day', payload: seal })).toEqual({ events: [] })
    expect(decideSeal({ last: null }, { type: 'seal.day', payload: seal })).toMatchObject({ events: [{ type: 'day-sealed' }] })
  })
})
