import { describe, expect, it } from 'vitest'
import { isRefused } from '#core/streams/decision'
import { decidePermit } from '#core/streams/permit/decide-permit'
import { dutiesOf } from '#core/streams/permit/permit-duties'
import { evolvePermit } from '#core/streams/permit/evolve-permit'
import { isCovered, needsCover, nextRound, permitDeadlines, watchEndsAt } from '#core/streams/permit/permit-deadlines'
import type { Permit, PermitCommand } from '#core/streams/permit/permit'
import { contextAt, EXTINGUISHER, PEOPLE, REQUEST } from './permit-world'

const T = (minutes: number): string => new Date(Date.parse('2026-11-24T08:00:00.000Z') + minutes * 60_000).toISOString()
type Over = Partial<Parameters<typeof contextAt>[0]>
/** A permit in the making: what was refused and remarked at each step is kept. */
class Life {
  permit: Permit | null = null
  said: string[] = []
  do(minute: number, by: string, command: PermitCommand, over: Over = {}): this {
    const decided = decidePermit(this.permit, command, contextAt({ at: T(minute), by, isSigned: true, ...over }))
    this.said = isRefused(decided) ? decided.refused.map(({ code }) => code) : (decided.remarks ?? []).map(({ code }) => code)
    if (!isRefused(decided)) this.permit = decided.events.reduce(evolvePermit, this.permit)
    return this
  }

  due(minute: number): this {
    for (const { kind, dueAt } of permitDeadlines(this.permit!).filter(one => one.dueAt <= T(minute)))
      this.do(minute, 'clock', { type: 'permit.fall-due', payload: { what: kind, dueAt } }, { now: T(minute) })
    return this
  }
}
const AUTHORISE: PermitCommand = { type: 'permit.authorise', payload: { watcherIds: ['hedda'], secondChannel: 'radio 2', nearSeen: [] } }
const asked = (request = REQUEST): Life => new Life().do(0, 'kit', { type: 'permit.request', payload: request })
const walked = (): Life => {
  const life = asked()
  for (const { id } of life.permit!.plan.precautions) life.do(0, 'kit', { type: 'permit.see-to', payload: { precaution: id, how: 'done' } })
  return life
}
const working = (): Life =>
  walked()
    .do(1, 'oskar', AUTHORISE)
    .do(2, 'hedda', { type: 'permit.take-post', payload: {} })
    .do(3, 'kit', { type: 'permit.start-work', payload: {} })
const ROUND: PermitCommand = { type: 'permit.round', payload: {} }

describe('authorising', () => {
  it('takes everything seen to; what must be done may not be waved through, the rest takes a reason', () => {
    const life = asked()
    expect(
      life.do(1, 'kit', { type: 'permit.see-to', payload: { precaution: 'circle-clear', how: 'justified', reason: 'looks fine' } }).said,
    ).toEqual(['permit.precaution-open'])
    expect(life.do(1, 'kit', { type: 'permit.see-to', payload: { precaution: 'screens', how: 'justified', reason: ' ' } }).said).toEqual([
      'permit.reason-needed',
    ])
    expect(
      life.do(1, 'kit', { type: 'permit.see-to', payload: { precaution: 'screens', how: 'justified', reason: 'nobody about' } }).permit!
        .seenTo.screens,
    ).toMatchObject({ how: 'justified', reason: 'nobody about' })
    expect(life.do(1, 'oskar', AUTHORISE).said).toEqual(['permit.precaution-open'])
  })
  it('names watchers enough, free, not at a bay, and not those who work', () => {
    const busy = PEOPLE.map(one =>
      one.personId === 'hedda' ? { ...one, busyAt: 'Slipway' } : one.personId === 'ada' ? { ...one, bayId: 'bay-3' } : one,
    )
    expect(walked().do(1, 'oskar', AUTHORISE, { helpers: busy }).said).toEqual(['permit.watcher-busy'])
    expect(
      walked().do(1, 'oskar', { ...AUTHORISE, payload: { ...AUTHORISE.payload, watcherIds: ['ada'] } }, { helpers: busy }).said,
    ).toEqual(['permit.watcher-at-bay'])
    expect(walked().do(1, 'oskar', { ...AUTHORISE, payload: { ...AUTHORISE.payload, watcherIds: [] } }).said).toEqual([
      'permit.watchers-short',
    ])
    expect(walked().do(1, 'oskar', { ...AUTHORISE, payload: { ...AUTHORISE.payload, watcherIds: ['kit'] } }).said).toEqual([
      'permit.watcher-works',
    ])
  })
  it('takes an extinguisher in service and nothing tagged out', () => {
    expect(walked().do(1, 'oskar', AUTHORISE, { kit: [] }).said).toEqual(['permit.no-extinguisher'])
    const out = {
      ...EXTINGUISHER,
      mayUse: false,
      findings: [{ severity: 'hold', code: 'kit.tagged-out', values: { tag: 'EX-9', reason: '', checks: [] }, sources: [] }],
    } as const
    expect(walked().do(1, 'oskar', AUTHORISE, { kit: [out] }).said).toEqual(['permit.kit-out', 'permit.no-extinguisher'])
  })
  it('never one\'s own work, never unsigned, never when its time is over', () => {
    expect(walked().do(1, 'kit', AUTHORISE).said).toEqual(['permit.own-work'])
    expect(walked().do(1, 'oskar', AUTHORISE, { isSigned: false }).said).toEqual(['permit.signature-needed'])
    expect(walked().do(241, 'oskar', AUTHORISE).said).toEqual(['permit.past'])
  })
  it('keeps its people free for the work and the watch after it, and lets them go when it is over', () => {
    const life = walked().do(1, 'oskar', AUTHORISE)
    expect(dutiesOf(life.permit!)).toEqual([
      { personId: 'hedda', task: 'watch', fromAt: T(0), untilAt: T(300) },
      { personId: 'kit', task: 'work', fromAt: T(0), untilAt: T(240) },
    ])
    expect(dutiesOf(life.do(2, 'oskar', { type: 'permit.revoke', payload: { reason: 'rain' } }).permit!)).toEqual([])
    expect(life.permit!.phase).toBe('revoked')
  })
})

describe('working', () => {
  it('asks for the watch on post; the watcher named, or relieved, takes it', () => {
    const life = walked().do(1, 'oskar', AUTHORISE)
    expect(life.do(2, 'kit', { type: 'permit.start-work', payload: {} }).said).toEqual(['permit.no-watch-on-post'])
    expect(life.do(2, 'ada', { type: 'permit.take-post', payload: {} }).said).toEqual(['permit.not-named-watcher'])
    expect(
      life.do(2, 'hedda', { type: 'permit.take-post', payload: {} }).do(3, 'kit', { type: 'permit.start-work', payload: {} }).permit!
        .phase,
    ).toBe('working')
    expect(nextRound(life.permit!)).toMatchObject({ personId: 'hedda', dueAt: T(18), overdueAt: T(23) })
  })
  it('stops when the watch leaves, anybody says so, or the air is bad; goes on only by a signature and with the cause put right', () => {
    expect(working().do(10, 'hedda', { type: 'permit.leave-post', payload: {} }).permit).toMatchObject({
      phase: 'suspended',
      suspension: { cause: 'watch-left' },
      coverLostAt: T(10),
    })
    const gas = working().do(10, 'ada', {
      type: 'permit.read-gas',
      payload: { lelPercent: 12, oxygenPercent: 20.9, instrument: 'GD-1', point: 'low' },
    })
    expect(gas.permit).toMatchObject({ phase: 'suspended', suspension: { cause: 'gas' } })
    const stopped = working().do(10, 'ada', { type: 'permit.stop', payload: { cause: 'wind' } })
    expect(stopped.do(11, 'oskar', { type: 'permit.resume', payload: { cleared: ' ' } }).said).toEqual(['permit.reason-needed'])
    expect(stopped.do(11, 'oskar', { type: 'permit.resume', payload: { cleared: 'calm' } }, { isSigned: false }).said).toEqual([
      'permit.signature-needed',
    ])
    expect(stopped.do(11, 'kit', { type: 'permit.resume', payload: { cleared: 'calm' } }).said).toEqual(['permit.own-work'])
    expect(stopped.do(11, 'oskar', { type: 'permit.resume', payload: { cleared: 'calm' } }).permit).toMatchObject({
      phase: 'working',
      suspension: null,
    })
  })
  it('a silence is said once, then stops the work once; whoever wakes second changes nothing', () => {
    const life = working().due(18)
    expect(permitDeadlines(life.permit!).map(({ kind }) => kind)).toEqual(['round-overdue', 'lapses'])
    life.due(24)
    expect(life.permit).toMatchObject({ phase: 'suspended', overdue: { personId: 'hedda', sinceAt: T(3) } })
    const before = life.permit
    expect(
      life.do(25, 'clock', { type: 'permit.fall-due', payload: { what: 'round-overdue', dueAt: T(23) } }, { now: T(25) }).permit,
    ).toEqual(before)
  })
  it('a round done in time and told late mends the silence and no watch; one done too late is a gap', () => {
    const heard = working().due(24).do(17, 'hedda', ROUND, { now: T(26) })
    expect([heard.said, heard.permit!.overdue]).toEqual([['permit.late-round'], null])
    expect(working().due(24).do(30, 'hedda', ROUND).said).toEqual(['permit.gap'])
  })
  it('is not made longer than a shift, nor its air older than the rules say', () => {
    expect(working().do(10, 'oskar', { type: 'permit.extend', payload: { untilAt: T(481) } }).said).toEqual(['permit.too-long'])
    expect(working().do(10, 'oskar', { type: 'permit.extend', payload: { untilAt: T(480) } }).permit!.untilAt).toBe(T(480))
    const tested = working()
    tested.permit = { ...tested.permit!, plan: { ...tested.permit!.plan, needsGasTest: true } }
    tested.do(4, 'ada', { type: 'permit.read-gas', payload: { lelPercent: 0, oxygenPercent: 20.9, instrument: 'GD-1', point: 'low' } })
    expect(permitDeadlines(tested.permit!).find(({ kind }) => kind === 'gas-retest')).toEqual({ kind: 'gas-retest', dueAt: T(124) })
    for (let minute = 15; minute < 124; minute += 15) tested.do(minute, 'hedda', ROUND)
    expect(tested.due(124).permit).toMatchObject({ phase: 'suspended', suspension: { cause: 'gas-retest-overdue' } })
    expect(tested.do(130, 'oskar', { type: 'permit.resume', payload: { cleared: 'aired' } }).said).toContain('permit.gas-retest-due')
  })
})

describe('after the last arc', () => {
  const watched = (): Life => working().do(15, 'hedda', ROUND).do(20, 'kit', { type: 'permit.end-work', payload: {} })
  it('every way out leads through the whole watch: ended, taken back, lapsed', () => {
    expect(watched().permit).toMatchObject({ phase: 'watch', watchFrom: T(20) })
    expect(working().do(20, 'oskar', { type: 'permit.revoke', payload: { reason: 'rain' } }).permit).toMatchObject({
      phase: 'watch',
      watchFrom: T(20),
      endReason: 'rain',
    })
    const lapsing = working()
    for (let minute = 15; minute <= 240; minute += 15) lapsing.do(minute, 'hedda', ROUND)
    expect(lapsing.due(241).permit).toMatchObject({ phase: 'watch', watchFrom: T(240) })
    expect(watched().do(21, 'oskar', { type: 'permit.close', payload: {} }).said).toEqual(['permit.not-in-phase'])
  })
  it('an end that is told late, or by a slow clock, does not make the watch begin before the last arc', () => {
    const resumed = working()
      .do(10, 'ada', { type: 'permit.stop', payload: { cause: 'wind' } })
      .do(14, 'oskar', { type: 'permit.resume', payload: { cleared: 'calm' } })
    expect(resumed.do(8, 'kit', { type: 'permit.end-work', payload: {} }, { now: T(16) }).permit!.watchFrom).toBe(T(14))
  })
  it('a watcher gone eight minutes begins it again, three do not (house policy, 5 min)', () => {
    const gap = (minutes: number) =>
      watched()
        .do(30, 'hedda', { type: 'permit.leave-post', payload: {} })
        .do(30 + minutes, 'ada', { type: 'permit.take-post', payload: {} }).permit!
    expect([gap(3).watchFrom, gap(8).watchFrom]).toEqual([T(20), T(38)])
    expect(watchEndsAt(gap(8))).toBe(T(98))
  })
  it('nobody on post, it does not run out', () => {
    const alone = watched().do(30, 'hedda', { type: 'permit.leave-post', payload: {} })
    expect([needsCover(alone.permit!), isCovered(alone.permit!)]).toEqual([true, false])
    expect(alone.due(500).permit!.phase).toBe('watch')
  })
  it('a handover leaves no minute without a watch; of somebody who fell silent it is a gap', () => {
    expect(watched().do(30, 'ada', { type: 'permit.relieve', payload: { relievedId: 'hedda' } }).permit).toMatchObject({
      posts: [{ personId: 'ada' }],
      watchFrom: T(20),
      coverLostAt: null,
    })
    expect(watched().do(45, 'ada', { type: 'permit.relieve', payload: { relievedId: 'hedda' } }).permit!.watchFrom).toBe(T(45))
    expect(watched().do(30, 'ada', { type: 'permit.relieve', payload: { relievedId: 'hedda' } }, { isSigned: false }).said).toEqual([
      'permit.signature-needed',
    ])
  })
  it('smoke while it is monitored begins the watch again; a stop and an arc too', () => {
    const monitored = watched()
    for (const minute of [34, 48, 62, 76]) monitored.do(minute, 'hedda', ROUND)
    expect(monitored.due(80).permit).toMatchObject({ phase: 'monitoring', watchOverAt: T(80), posts: [] })
    expect(monitored.do(100, 'teo', { type: 'permit.stop', payload: { cause: 'fire-or-smoke' } }).permit).toMatchObject({
      phase: 'watch',
      watchFrom: T(100),
    })
  })
  it('an arc after it was closed opens it again', () => {
    const life = walked().do(1, 'oskar', { type: 'permit.refuse', payload: { reason: 'do it cold' } })
    expect(life.permit!.phase).toBe('refused')
    expect(life.do(50, 'ada', { type: 'permit.report-arc', payload: { place: REQUEST.place } }).said).toEqual(['permit.arc-without-permit'])
    expect(life.permit).toMatchObject({ phase: 'watch', watchFrom: T(50), endedAt: null, suspension: { cause: 'arc-without-permit' } })
  })
})
