import { describe, expect, it } from 'vitest'
import { assessStation } from '#core/clearance/assess-station'
import { judgeFire } from '#core/clearance/fire-gate'
import { NOBODY } from '#core/clearance/person-around'
import { NO_KIT } from '#core/clearance/kit-around'
import { UNKNOWN_AIR } from '#core/air/air-facts'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { decidePermit } from '#core/streams/permit/decide-permit'
import { evolvePermit } from '#core/streams/permit/evolve-permit'
import type { Permit, PermitCommand } from '#core/streams/permit/permit'
import { shownPermit } from '#core/streams/permit/permit-fact'
import type { Job } from '#core/job/job'
import { EMPTY_STATION } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { contextAt, EXTINGUISHER, REQUEST } from '../hotwork/permit-world'
import { FIRE_CHECKS } from '#core/ids/station-ids'
import { NO_FIRE_AROUND } from '#core/clearance/fire-around'

const T = (minutes: number): string => new Date(Date.parse('2026-11-24T08:00:00.000Z') + minutes * 60_000).toISOString()
const CUT: Job = { process: 'ofc', baseMetal: 'mild-steel', plateThicknessMm: 12 }
const AT_GATE: Station = { ...EMPTY_STATION, job: CUT, personId: 'kit' }
const kit = { ...NO_KIT, items: [EXTINGUISHER] }
const looked = (over: Partial<Record<(typeof FIRE_CHECKS)[number], boolean>> = {}) => ({
  ...EMPTY_STATION,
  job: CUT,
  fireCheck: {
    answers: { ...Object.fromEntries(FIRE_CHECKS.map(id => [id, true])), ...over },
    at: T(0),
    by: 'maren',
    validUntil: T(1200),
  },
})

function working(): Permit {
  const steps: readonly (readonly [number, string, PermitCommand])[] = [
    [1, 'oskar', { type: 'permit.authorise', payload: { watcherIds: ['hedda'], secondChannel: null, nearSeen: [] } }],
    [2, 'hedda', { type: 'permit.take-post', payload: {} }],
    [3, 'kit', { type: 'permit.start-work', payload: {} }],
  ]
  const act = (permit: Permit | null, minute: number, by: string, command: PermitCommand): Permit => {
    const decided = decidePermit(permit, command, contextAt({ at: T(minute), by, isSigned: true, secondScreen: true }))
    if ('refused' in decided) throw new Error(JSON.stringify(decided.refused))
    return decided.events.reduce(evolvePermit, permit)!
  }
  const asked = act(null, 0, 'kit', { type: 'permit.request', payload: REQUEST })
  const walked = asked.plan.precautions.reduce(
    (permit, { id }) => act(permit, 0, 'kit', { type: 'permit.see-to', payload: { precaution: id, how: 'done' } }),
    asked,
  )
  return steps.reduce((permit, [minute, by, command]) => act(permit, minute, by, command), walked)
}
const fireOf = (permit: Permit | null, minute: number, { secondScreen = true, items = [EXTINGUISHER], station = AT_GATE } = {}) =>
  judgeFire(
    station,
    'construction',
    NO_KIT,
    { permits: permit ? [{ permitId: 'p', version: 1, permit: shownPermit(permit), kit: items }] : [], secondScreen, nameOf: id => id },
    T(minute),
  )

describe('the Fire gate of a designated bay', () => {
  it('opens by today\'s look and an extinguisher in date', () => {
    expect(judgeFire(looked(), 'general', kit, NO_FIRE_AROUND, T(1))).toMatchObject({ state: 'open', findings: [] })
    expect(judgeFire({ ...EMPTY_STATION, job: CUT }, 'general', kit, NO_FIRE_AROUND, T(1))).toMatchObject({
      state: 'to-do',
      findings: [{ code: 'permit.day-check-due' }],
    })
    expect(judgeFire(looked(), 'general', kit, NO_FIRE_AROUND, T(1200))).toMatchObject({ state: 'to-do' })
    expect(judgeFire(looked(), 'general', NO_KIT, NO_FIRE_AROUND, T(1))).toMatchObject({
      state: 'to-do',
      findings: [{ code: 'gate.item-missing' }],
    })
  })
  it('holds where a permit that it would not need was stopped or is still watched; what is only asked for changes nothing', () => {
    const at = (permit: Permit, minute = 4) => {
      const permits = [{ permitId: 'p', version: 1, permit: shownPermit(permit), kit: [EXTINGUISHER] }]
      return judgeFire(looked(), 'general', kit, { permits, secondScreen: true, nameOf: id => id }, T(minute))
    }
    const live = working()
    expect(at(live).state).toBe('open')
    // Its watch was not heard: nobody strikes there, designated or not.
    expect(at(live, 60).state).toBe('stop')
    expect(at({ ...live, phase: 'watch' })).toMatchObject({ state: 'hold', findings: [{ code: 'permit.not-in-phase' }] })
    const smoke = { at: T(3), by: 'hedda', cause: 'fire-or-smoke', note: null } as const
    expect(at({ ...live, phase: 'suspended', suspension: { ...live.suspension, ...smoke } as Permit['suspension'] }).state).toBe('stop')
    for (const phase of ['requested', 'precautions', 'authorised', 'monitoring', 'closed'] as const)
      expect(at({ ...live, phase }).state, phase).toBe('open')
  })
  it('holds on what was found, and on what was not looked at', () => {
    expect(judgeFire(looked({ 'floor-swept': false }), 'general', kit, NO_FIRE_AROUND, T(1))).toMatchObject({
      state: 'hold',
      findings: [{ values: { checks: ['floor-swept'] } }],
    })
    expect(
      judgeFire(
        { ...looked(), fireCheck: { ...looked().fireCheck, answers: { 'floor-swept': true } } },
        'general',
        kit,
        NO_FIRE_AROUND,
        T(1),
      ).state,
    ).toBe('hold')
  })
})

describe('the Fire gate of a spot on a structure', () => {
  it('takes a live permit with its watch on post, and closes by the clock alone', () => {
    const permit = working()
    expect(fireOf(null, 4)).toMatchObject({ state: 'to-do', findings: [{ code: 'permit.none-here' }] })
    expect(fireOf(permit, 4)).toMatchObject({ state: 'open', findings: [{ code: 'permit.live' }] })
    expect(fireOf(permit, 18)).toMatchObject({ state: 'hold', findings: [{ code: 'permit.unheard' }] })
    expect(fireOf(permit, 23)).toMatchObject({ state: 'stop', findings: [{ code: 'permit.round-overdue' }] })
    expect(fireOf({ ...permit, posts: permit.posts.map(post => ({ ...post, heardAt: T(239) })) }, 240)).toMatchObject({
      state: 'stop',
      findings: [{ code: 'permit.lapsed' }],
    })
  })
  it('holds with one screen and no other way to the watch, and without its extinguisher', () => {
    expect(fireOf(working(), 4, { secondScreen: false })).toMatchObject({ state: 'hold', findings: [{ code: 'permit.no-second-channel' }] })
    expect(fireOf(working(), 4, { items: [] })).toMatchObject({ state: 'hold', findings: [{ code: 'permit.no-extinguisher' }] })
    expect(fireOf(working(), 4, { items: [{ ...EXTINGUISHER, validUntil: T(4) }] }).state).toBe('hold')
  })
  it('an ended permit is none; one in its watch holds', () => {
    expect(fireOf({ ...working(), phase: 'closed' }, 4)).toMatchObject({ state: 'to-do', findings: [{ code: 'permit.none-here' }] })
    expect(fireOf({ ...working(), phase: 'watch' }, 4)).toMatchObject({
      state: 'hold',
      findings: [{ code: 'permit.not-in-phase', values: { phase: 'watch' } }],
    })
  })
})

it('a screen that has not heard the shop says hold where every gate is open, and keeps every other word', () => {
  const around = {
    rules: NEW_SITE_RULES,
    workplace: 'general',
    noiseElsewhere: () => [],
    now: T(1),
    air: UNKNOWN_AIR,
    kit: NO_KIT,
    fire: NO_FIRE_AROUND,
    forPerson: () => NOBODY,
  } as const
  const verdict = assessStation(EMPTY_STATION, { ...around, unheardSince: T(0) })
  expect([verdict.word, verdict.reason?.code]).toEqual(['hold', assessStation(EMPTY_STATION, around).reason?.code])
})
