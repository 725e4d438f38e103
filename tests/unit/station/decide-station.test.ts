import { describe, expect, it } from 'vitest'
import { UNKNOWN_AIR } from '#core/air/air-facts'
import { RULES_VERSION } from '#core/clearance/assess-station'
import type { Surroundings } from '#core/clearance/surroundings'
import { NOBODY } from '#core/clearance/person-around'
import { NO_KIT } from '#core/clearance/kit-around'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { decideStation } from '#core/streams/station/decide-station'
import type { StationCommand, StationContext } from '#core/streams/station/decide-station'
import { checksLapseAt, EMPTY_STATION, evolveStation } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { gateChanges } from '#core/clearance/gate-changes'
import { NO_FIRE_AROUND } from '#core/clearance/fire-around'

const context: StationContext = {
  bayId: 'bay-1',
  now: '2026-03-02T09:00:00.000Z',
  at: '2026-03-02T09:00:00.000Z',
  by: 'maren',
  checksValidUntil: '2026-03-03T04:00:00.000Z',
}
const around: Surroundings = {
  rules: NEW_SITE_RULES,
  workplace: 'general',
  noiseElsewhere: () => [],
  now: context.now,
  air: UNKNOWN_AIR,
  kit: NO_KIT,
  forPerson: () => NOBODY,
  fire: NO_FIRE_AROUND,
}
const after = (station: Station, command: StationCommand, over: Partial<StationContext> = {}): Station => {
  const decided = decideStation(station, command, { ...context, ...over })
  if ('refused' in decided) throw new Error('refused')
  return decided.events.reduce(evolveStation, station)
}
const job = { process: 'gmaw', currentA: 180 } as const

describe('where a head was seen', () => {
  const seen = { ...job, head: 'out-of-plume', position: 'flat', confinement: 'open' } as const
  const placed = (personId: string | null, station: Station = EMPTY_STATION, at: string | null = null) =>
    evolveStation(station, { type: 'person-placed', version: 2, payload: { personId, at } })
  const set = (station: Station, at: string | null = null) =>
    evolveStation(station, { type: 'job-set', version: 3, payload: { job: seen, validUntil: null, at } })
  it('is of whoever stands there: the next welder was not seen, nor was nobody', () => {
    const told = set(placed('teo'))
    expect(told.job).toMatchObject({ head: 'out-of-plume' })
    expect(placed('teo', told).job).toMatchObject({ head: 'out-of-plume' })
    expect(placed('pia', told).job).toEqual({ process: 'gmaw', currentA: 180, position: 'flat', confinement: 'open' })
    expect(placed(null, told).job).not.toHaveProperty('head')
    expect(set(EMPTY_STATION).job).not.toHaveProperty('head')
  })
  it('told late, it is of whoever stood there before: it says nothing of who came meanwhile', () => {
    const followed = placed('pia', placed('teo', EMPTY_STATION, '2026-03-02T07:00:00.000Z'), '2026-03-02T09:00:00.000Z')
    expect(set(followed, '2026-03-02T08:00:00.000Z').job).not.toHaveProperty('head')
  })
  it('is not offered again with the job', () => {
    expect(set(placed('teo')).recentJobs[0]).not.toHaveProperty('head')
  })
})

describe('a station decides', () => {
  it('what is told, and its gates are recorded once', () => {
    const set = after(EMPTY_STATION, { type: 'station.set-job', payload: { job } })
    const recorded = gateChanges(set, around)
    expect(recorded.map(({ type }) => type)).toEqual(Array.from({ length: 7 }, () => 'gate-changed'))
    expect(gateChanges(recorded.reduce(evolveStation, set), around)).toEqual([])
  })
  it('to record a gate that house rules changed', () => {
    const set = after(after(EMPTY_STATION, { type: 'station.set-job', payload: { job } }), {
      type: 'station.set-helmet',
      payload: { shade: 10 },
    })
    const recorded = gateChanges(set, around).reduce(evolveStation, set)
    const changed = gateChanges(recorded, { ...around, rules: { ...NEW_SITE_RULES, shadeMinimum: 12 } })
    expect(changed).toMatchObject([{ type: 'gate-changed', payload: { gate: 'eyes', state: 'hold', rulesVersion: RULES_VERSION } }])
  })
  it('never to refuse a stop, also a second one, and keeps when it was stopped first', () => {
    const stopped = after(EMPTY_STATION, { type: 'station.stop', payload: {} })
    const twice = after(stopped, { type: 'station.stop', payload: { reason: 'smoke' } }, { at: '2026-03-02T10:00:00.000Z' })
    expect(twice.stop).toEqual({ at: context.at, by: 'maren', reason: null })
  })
  it('to refuse to re-open what is not stopped', () => {
    expect(decideStation(EMPTY_STATION, { type: 'station.reopen', payload: {} }, context)).toMatchObject({
      refused: [{ code: 'command.not-stopped' }],
    })
  })
  it('to re-open only what somebody gave a reason for', () => {
    const stopped = after(EMPTY_STATION, { type: 'station.stop', payload: {} })
    expect(decideStation(stopped, { type: 'station.reopen', payload: {} }, context)).toMatchObject({
      refused: [{ code: 'command.stop-reason-first' }],
    })
    const said = after(stopped, { type: 'station.give-stop-reason', payload: { reason: 'smoke' } })
    expect(after(said, { type: 'station.reopen', payload: {} }).stop).toBeNull()
  })
  it('that another person starts with nothing checked', () => {
    let station = after(EMPTY_STATION, { type: 'station.set-helmet', payload: { shade: 11 } })
    station = after(station, { type: 'station.check-helmet', payload: { passed: true } })
    expect(after(station, { type: 'station.place-person', payload: { personId: 'teo' } })).toMatchObject({
      helmet: null,
      helmetCheck: null,
      personId: 'teo',
    })
  })
  it('that checks lapse when the shop day ends, and not before', () => {
    const checked = after(EMPTY_STATION, { type: 'station.check-helmet', payload: { passed: true } })
    expect(checksLapseAt(checked)).toBe(context.checksValidUntil)
    const early = after(checked, { type: 'station.lapse-checks', payload: {} }, { now: '2026-03-03T03:59:59.999Z' })
    expect(early.helmetCheck).not.toBeNull()
    const due = after(checked, { type: 'station.lapse-checks', payload: {} }, { now: '2026-03-03T04:00:00.000Z' })
    expect([due.helmetCheck, checksLapseAt(due)]).toEqual([null, null])
  })
  it('to remark on a report that comes late', () => {
    const late = decideStation(EMPTY_STATION, { type: 'station.stop', payload: {} }, { ...context, now: '2026-03-02T11:00:00.000Z' })
    expect(late).toMatchObject({ remarks: [{ code: 'command.late-report', values: { minutes: 120 } }] })
  })
  it('to offer the last different jobs again', () => {
    let station: Station = EMPTY_STATION
    for (const currentA of [100, 120, 100, 140])
      station = after(station, { type: 'station.set-job', payload: { job: { process: 'gmaw', currentA, startsAt: '08:00' } } })
    expect(station.recentJobs.map(({ currentA }) => currentA)).toEqual([140, 100, 120])
  })
})
