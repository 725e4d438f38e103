import { describe, expect, it } from 'vitest'
import { evolvePermit } from '#core/streams/permit/evolve-permit'
import { pointKey } from '#core/hotwork/gas-points'
import { judgePermit } from '#core/hotwork/judge-permit'
import { gapBetween, liveSpan, nearPermits } from '#core/hotwork/near-permits'
import type { PlacedPermit } from '#core/hotwork/near-permits'
import type { Permit, PermitEvent } from '#core/streams/permit/permit'
import { upcastPermit } from '#core/streams/permit/permit'
import {
  betweenLooks,
  coverMissingSince,
  gasRetestAt,
  hasLastLook,
  isCovered,
  monitoringEndsAt,
  needsCover,
  nextRound,
  nextVisitAt,
  permitDeadlines,
  roundEveryMin,
  watchEndsAt,
} from '#core/streams/permit/permit-deadlines'
import { dutiesOf, nextTurnAt } from '#core/streams/permit/permit-duties'
import { hasEnded, isBeforeWatch } from '#core/streams/permit/permit-end'
import { shownPermit } from '#core/streams/permit/permit-fact'
import { hotWorkHouse, planPermit, planWithoutPermit } from '#core/hotwork/permit-plan'
import { isAirTested, judgeGasTime, judgePermitKit } from '#core/hotwork/permit-readiness'
import { longerWatch, watchersNeeded } from '#core/hotwork/watch-plan'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { contextAt, DETECTOR, EXTINGUISHER, REQUEST } from './permit-world'
import type { PermitPhase } from '#core/ids/hotwork-ids'
import { PERMIT_PHASES } from '#core/ids/hotwork-ids'

const T = (minutes: number): string => new Date(Date.parse('2026-11-24T08:00:00.000Z') + minutes * 60_000).toISOString()
const { plan } = contextAt({ at: T(0), by: 'kit' }).asked!
const asked = evolvePermit(null, {
  type: 'permit-requested',
  version: 1,
  payload: { code: 'HW-1', token: 't', request: REQUEST, plan, by: 'kit', at: T(0) },
})!
const post = (personId: string, heardAt: number, since = 0) => ({ personId, since: T(since), heardAt: T(heardAt) })
const permit = (over: Partial<Permit>): Permit => ({
  ...asked,
  phase: 'working',
  firstArcAt: T(4),
  lastArcAt: T(5),
  posts: [post('hedda', 5)],
  secondChannel: 'radio',
  ...over,
})
const after = (before: Permit, ...events: readonly PermitEvent[]): Permit => events.reduce<Permit | null>(evolvePermit, before)!
type PayloadOf<Type extends PermitEvent['type']> = PermitEvent extends infer One
  ? One extends { readonly type: infer Types, readonly payload: infer Payload }
    ? Type extends Types
      ? Payload
      : never
    : never
  : never
const event = <Type extends PermitEvent['type']>(type: Type, payload: PayloadOf<Type>): PermitEvent =>
  ({ type, version: type === 'permit-closed' ? 2 : 1, payload }) as PermitEvent

describe('phases', () => {
  it.each(PERMIT_PHASES)('%s', (phase) => {
    expect(hasEnded(phase)).toBe(['closed', 'refused', 'revoked', 'lapsed'].includes(phase))
    expect(isBeforeWatch(phase)).toBe(['requested', 'precautions', 'authorised', 'working', 'suspended'].includes(phase))
    expect(needsCover(permit({ phase }))).toBe(['working', 'suspended', 'watch'].includes(phase))
    expect(needsCover(permit({ phase, firstArcAt: null }))).toBe(['working', 'watch'].includes(phase))
  })
})

describe('people kept free', () => {
  const duties = (phase: PermitPhase) => dutiesOf(permit({ phase, watchers: [{ personId: 'hedda', fromAt: T(0) }], untilAt: T(240) }))
  const watch = { personId: 'hedda', task: 'watch', fromAt: T(0), untilAt: T(240 + plan.afterMin) }
  const work = { personId: 'kit', task: 'work', fromAt: REQUEST.fromAt, untilAt: T(240) }
  it.each(PERMIT_PHASES)('%s', phase =>
    expect(duties(phase)).toEqual(
      phase === 'authorised' || phase === 'working' || phase === 'suspended' ? [watch, work] : phase === 'watch' ? [watch] : [],
    ),
  )
  it('a watch taken over late is kept for its whole length', () =>
    expect(dutiesOf(permit({ phase: 'watch', watchers: [{ personId: 'ada', fromAt: T(300) }], untilAt: T(240) }))).toEqual([
      { personId: 'ada', task: 'watch', fromAt: T(300), untilAt: T(300 + plan.afterMin) },
    ]))
  it('the next turn is the earliest', () =>
    expect([nextTurnAt([]), nextTurnAt([{ dueAt: T(3) }, { dueAt: T(2) }])]).toEqual([null, T(2)]))
})

describe('neighbours', () => {
  const place = (xM: number, yM: number) => ({ xM, yM, widthM: 2, depthM: 2 })
  const placed = (permitId: string, over: Partial<Permit> = {}, at: PlacedPermit['place'] = place(0, 0)): PlacedPermit => ({
    permitId,
    permit: permit({ untilAt: T(240), ...over }),
    place: at,
  })
  const one = placed('a')
  const near = (other: PlacedPermit, from = one) => nearPermits(from, [other]).length === 1
  it('the gap between two outlines is the shortest way', () => {
    expect([
      gapBetween(place(0, 0), place(5, 0)),
      gapBetween(place(5, 0), place(0, 0)),
      gapBetween(place(0, 0), place(0, 5)),
      gapBetween(place(0, 5), place(0, 0)),
    ]).toEqual([3, 3, 3, 3])
    expect([gapBetween(place(0, 0), place(5, 6)), gapBetween(place(0, 0), place(1, 1)), gapBetween(place(0, 0), place(2, 0))]).toEqual([
      5, 0, 0,
    ])
  })
  it('circles that touch are no neighbours, that overlap are; a place nobody knows is', () => {
    const reach = 2 * plan.radiusM
    expect(near(placed('b', {}, place(2 + reach, 0)))).toBe(false)
    expect(near(placed('b', {}, place(2 + reach - 0.01, 0)))).toBe(true)
    expect(near(placed('b', {}, null))).toBe(true)
    expect(near(placed('b', {}, place(500, 0)), { ...one, place: null })).toBe(true)
    expect(near(placed('a'))).toBe(false)
    for (const phase of ['closed', 'refused', 'revoked', 'lapsed'] as const) expect(near(placed('b', { phase }))).toBe(false)
  })
  it('are live from their start until their monitoring is over, half open; one that is watched until somebody closes it', () => {
    const [from, until] = liveSpan(one.permit)
    expect([from, until]).toEqual([REQUEST.fromAt, T(240 + plan.afterMin + plan.monitoringMin)])
    expect(liveSpan({ ...one.permit, watchFrom: T(300) })[1]).toBe(T(300 + plan.afterMin + plan.monitoringMin))
    const starting = (fromAt: string, over: Partial<Permit> = {}) =>
      placed('c', { request: { ...REQUEST, fromAt }, untilAt: T(2000), ...over })
    expect([near(starting(until!)), near(starting(T(239)))]).toEqual([false, true])
    expect([near(one, starting(until!)), near(one, starting(T(239)))]).toEqual([false, true])
    for (const phase of ['watch', 'monitoring'] as const) {
      expect(liveSpan({ ...one.permit, phase })[1]).toBeNull()
      expect([
        near(placed('b', { phase }), starting(T(5000), { untilAt: T(6000) })),
        near(starting(T(5000), { untilAt: T(6000) }), placed('b2', { phase })),
      ]).toEqual([true, true])
    }
  })
})

describe('rounds, looks and ends', () => {
  it('between looks there is one on the way and one in the last stretch', () =>
    expect([betweenLooks(10, 60), betweenLooks(60, 30), betweenLooks(20, 30), betweenLooks(5, 1)]).toEqual([10, 15, 15, 1]))
  it('the watch after the work is never walked more seldom than half of it', () => {
    expect(roundEveryMin({ phase: 'watch', plan: { ...plan, roundEveryMin: 60, afterMin: 30 } })).toBe(15)
    expect(roundEveryMin({ phase: 'working', plan: { ...plan, roundEveryMin: 60, afterMin: 30 } })).toBe(60)
  })
  it('whoever was heard longest ago is due first', () => {
    const two = permit({ posts: [post('ada', 9), post('hedda', 5), post('oskar', 7)] })
    expect(nextRound(two)).toEqual({
      personId: 'hedda',
      heardAt: T(5),
      dueAt: T(5 + plan.roundEveryMin),
      overdueAt: T(5 + plan.roundEveryMin + plan.gapMin),
    })
    expect(nextRound(permit({ posts: [] }))).toBeNull()
    expect(nextRound(permit({ phase: 'monitoring' }))).toBeNull()
  })
  it('each end stands in its own phase alone', () => {
    expect(watchEndsAt(permit({ phase: 'watch', watchFrom: T(10) }))).toBe(T(10 + plan.afterMin))
    expect([watchEndsAt(permit({ phase: 'watch', watchFrom: null })), watchEndsAt(permit({ watchFrom: T(10) }))]).toEqual([null, null])
    expect(monitoringEndsAt(permit({ phase: 'monitoring', watchOverAt: T(70) }))).toBe(T(70 + plan.monitoringMin))
    expect([monitoringEndsAt(permit({ phase: 'monitoring' })), monitoringEndsAt(permit({ watchOverAt: T(70) }))]).toEqual([null, null])
  })
  it('the next visit counts from the last, made or missed, and never past the end', () => {
    const monitored = permit({ phase: 'monitoring', watchOverAt: T(70), plan: { ...plan, visitEveryMin: 30, monitoringMin: 70 } })
    expect(nextVisitAt(monitored)).toBe(T(100))
    expect(nextVisitAt({ ...monitored, lastVisitAt: T(80) })).toBe(T(110))
    expect(nextVisitAt({ ...monitored, visitMissedFor: T(100) })).toBe(T(130))
    expect(nextVisitAt({ ...monitored, lastVisitAt: T(135) })).toBe(T(140))
    expect(nextVisitAt({ ...monitored, monitoringOverAt: T(140) })).toBeNull()
    expect(nextVisitAt(permit({}))).toBeNull()
  })
  it('the last look is made no longer before the end than a round takes', () => {
    const monitored = permit({ phase: 'monitoring', watchOverAt: T(0), plan: { ...plan, roundEveryMin: 10, monitoringMin: 60 } })
    expect([
      hasLastLook(monitored),
      hasLastLook({ ...monitored, lastVisitAt: T(49) }),
      hasLastLook({ ...monitored, lastVisitAt: T(50) }),
    ]).toEqual([false, false, true])
    expect(hasLastLook({ ...monitored, plan: { ...monitored.plan, monitoringMin: 0 } })).toBe(true)
    expect(hasLastLook(permit({ lastVisitAt: T(50) }))).toBe(false)
  })
  it('air is tested again by the clock only where it is tested at all, and while work may go on', () => {
    const gas = { lelPercent: 0, oxygenPercent: 20.9, instrument: 'GD-1', point: 'bottom', by: 'kit', at: T(6), isWithin: true }
    const tested = { ...plan, needsGasTest: true }
    expect(gasRetestAt(permit({ gas, plan: tested }))).toBe(T(6 + plan.retestMin))
    expect(gasRetestAt(permit({ gas, plan: tested, phase: 'authorised' }))).toBe(T(6 + plan.retestMin))
    expect(gasRetestAt(permit({ gas, wasGasOut: true }))).toBe(T(6 + plan.retestMin))
    expect([
      gasRetestAt(permit({ gas })),
      gasRetestAt(permit({ plan: tested })),
      gasRetestAt(permit({ gas, plan: tested, phase: 'suspended' })),
    ]).toEqual([null, null, null])
    expect([isAirTested(permit({})), isAirTested(permit({ plan: tested })), isAirTested(permit({ wasGasOut: true }))]).toEqual([
      false,
      true,
      true,
    ])
  })
  it('nobody watches from when fewer are on post, from a silence, or from the beginning', () => {
    expect(coverMissingSince(permit({}))).toBeNull()
    expect(coverMissingSince(permit({ phase: 'monitoring', posts: [] }))).toBeNull()
    expect(coverMissingSince(permit({ coverLostAt: T(7) }))).toBe(T(7))
    expect(coverMissingSince(permit({ overdue: { personId: 'hedda', sinceAt: T(5), cameDueAt: T(15) } }))).toBe(T(15))
    expect(coverMissingSince(permit({ phase: 'watch', posts: [], watchFrom: T(12) }))).toBe(T(12))
    expect(
      coverMissingSince(permit({ phase: 'suspended', posts: [], suspension: { cause: 'wind', note: null, at: T(9), by: 'ada' } })),
    ).toBe(T(9))
    expect(coverMissingSince(permit({ posts: [] }))).toBe(T(4))
    expect(isCovered(permit({ plan: { ...plan, watchers: 2 } }))).toBe(false)
  })
  const kinds = (over: Partial<Permit>) => Object.fromEntries(permitDeadlines(permit(over)).map(({ kind, dueAt }) => [kind, dueAt]))
  it('what falls due, each once and no more once it was said', () => {
    const dueAt = T(5 + plan.roundEveryMin)
    expect(kinds({})).toEqual({ 'round-due': dueAt, 'round-overdue': T(5 + plan.roundEveryMin + plan.gapMin), 'lapses': REQUEST.untilAt })
    expect(kinds({ roundSaidFor: dueAt })).not.toHaveProperty('round-due')
    expect(kinds({ roundSaidFor: T(1) })).toHaveProperty('round-due')
    expect(kinds({ overdue: { personId: 'hedda', sinceAt: T(5), cameDueAt: dueAt } })).not.toHaveProperty('round-overdue')
    expect(kinds({ overdue: { personId: 'ada', sinceAt: T(5), cameDueAt: dueAt } })).toHaveProperty('round-overdue')
    expect(kinds({ overdue: { personId: 'hedda', sinceAt: T(5), cameDueAt: T(1) } })).toHaveProperty('round-overdue')
  })
  it('that nobody watches is said at once, and again as often as a round', () => {
    expect(kinds({ coverLostAt: T(7) })['cover-missing']).toBe(T(7))
    expect(kinds({ coverLostAt: T(7), coverSaidFor: T(7) })['cover-missing']).toBe(T(7 + plan.roundEveryMin))
    expect(kinds({ coverLostAt: T(7), coverSaidFor: T(6) })['cover-missing']).toBe(T(7))
  })
  it.each(PERMIT_PHASES)('%s lapses only while work may still come', phase =>
    expect('lapses' in kinds({ phase })).toBe(isBeforeWatch(phase)),
  )
  it('a retest is said once; a watch is over with cover and a last look, at its end or with a look after it', () => {
    const gas = { lelPercent: 0, oxygenPercent: 20.9, instrument: 'GD-1', point: 'bottom', by: 'kit', at: T(6), isWithin: true }
    const tested = { gas, plan: { ...plan, needsGasTest: true } }
    expect(kinds(tested)['gas-retest']).toBe(T(6 + plan.retestMin))
    expect(kinds({ ...tested, retestSaidFor: T(6 + plan.retestMin) })).not.toHaveProperty('gas-retest')
    const watch = { phase: 'watch', watchFrom: T(10) } as const
    const end = 10 + plan.afterMin
    expect(kinds({ ...watch, posts: [post('hedda', end - 1)] })['watch-over']).toBe(T(end))
    expect(kinds({ ...watch, posts: [post('hedda', end + 3)] })['watch-over']).toBe(T(end + 3))
    expect(kinds({ ...watch, posts: [post('hedda', end + 3), post('ada', end + 1)] })['watch-over']).toBe(T(end + 3))
    expect(kinds({ ...watch, posts: [post('hedda', 12)] })).not.toHaveProperty('watch-over')
    expect(kinds({ ...watch, posts: [post('hedda', end - roundEveryMin(permit(watch)))] })).toHaveProperty('watch-over')
    expect(kinds({ ...watch, posts: [post('hedda', end - 1), post('ada', 12)] })).not.toHaveProperty('watch-over')
    expect(kinds({ ...watch, posts: [] })).not.toHaveProperty('watch-over')
  })
  it('a visit is missed by the grace, but the last one, which is the end itself', () => {
    const monitored = { phase: 'monitoring', watchOverAt: T(70), plan: { ...plan, visitEveryMin: 30, monitoringMin: 60 } } as const
    expect(kinds(monitored)).toEqual({ 'visit-missed': T(100 + plan.gapMin), 'monitoring-over': T(130) })
    expect(kinds({ ...monitored, lastVisitAt: T(101) })).toEqual({ 'monitoring-over': T(130) })
    expect(kinds({ ...monitored, monitoringOverAt: T(130) })).toEqual({})
  })
})

describe('judged by the clock', () => {
  const around = { kit: [EXTINGUISHER], secondScreen: true, nameOf: (id: string) => id.toUpperCase() }
  const judge = (over: Partial<Permit>, minute: number, more: Partial<typeof around> = {}) =>
    judgePermit(shownPermit(permit(over)), { ...around, ...more }, T(minute)).map(({ severity, code, values }) => [
      severity,
      code.slice(7),
      'name' in values ? values.name : null,
    ])
  it('stops and holds at the minute', () => {
    const due = 5 + plan.roundEveryMin
    expect(judge({}, due - 1)).toEqual([])
    expect(judge({}, due)).toEqual([['hold', 'unheard', 'HEDDA']])
    expect(judge({}, due + plan.gapMin)).toEqual([['stop', 'round-overdue', 'HEDDA']])
    expect(judge({ posts: [post('hedda', 239)] }, 239)).toEqual([])
    expect(judge({ posts: [post('hedda', 239)] }, 240)).toEqual([['stop', 'lapsed', null]])
    expect(judge({ posts: [] }, 6)).toEqual([['stop', 'no-watch-on-post', null]])
    expect(judge({ secondChannel: null }, 6)).toEqual([])
    expect(judge({ secondChannel: null }, 6, { secondScreen: false })).toEqual([['hold', 'no-second-channel', null]])
    expect(judge({}, 6, { secondScreen: false })).toEqual([])
    expect(judge({}, 6, { kit: [] })).toEqual([['hold', 'no-extinguisher', null]])
  })
  it.each([
    ['round-overdue', 'stop'],
    ['fire-or-smoke', 'stop'],
    ['gas', 'stop'],
    ['wind', 'hold'],
    ['stopped', 'hold'],
    ['lapsed', 'hold'],
  ] as const)('suspended for %s: %s', (cause, severity) =>
    expect(judge({ phase: 'suspended', suspension: { cause, note: null, at: T(6), by: 'ada' } }, 7)).toEqual([
      [severity, 'suspended', null],
    ]),
  )
  it('shows nothing of what the paper alone carries', () => expect(shownPermit(permit({}))).not.toHaveProperty('token'))
})

describe('air and things', () => {
  const read = (over: object = {}) => ({
    lelPercent: 0,
    oxygenPercent: 20.9,
    instrument: 'GD-1',
    point: 'bottom',
    by: 'kit',
    at: T(60),
    isWithin: true,
    ...over,
  })
  const gas = (over: Partial<Permit>, minute: number) =>
    judgeGasTime(permit({ plan: { ...plan, needsGasTest: true }, gas: read(), gasByPoint: { bottom: read() }, ...over }), T(minute)).map(
      ({ code, values }) => ('sinceIso' in values ? `${code} ${values.sinceIso}` : code),
    )
  it('stands for as long as the rules say, and not through a break of more than half an hour', () => {
    expect([gas({}, 60 + plan.retestMin - 1), gas({}, 60 + plan.retestMin)]).toEqual([
      [],
      [`permit.gas-retest-due ${T(60 + plan.retestMin)}`],
    ])
    const broken = (at: number) => ({ suspension: { cause: 'break', note: null, at: T(at), by: 'ada' } }) as const
    expect([gas(broken(70), 100), gas(broken(70), 101)]).toEqual([[], [`permit.gas-retest-due ${T(70)}`]])
    expect(gas(broken(60), 91)).toEqual([`permit.gas-retest-due ${T(60)}`])
    // Read again during the break.
    expect(gas(broken(59), 91)).toEqual([])
    expect(gas({ gas: null, gasByPoint: {} }, 61)).toEqual(['permit.gas-not-tested'])
    expect(gas({ gas: null, gasByPoint: {}, plan }, 61)).toEqual([])
    expect(gas({ plan, gasByPoint: { bottom: read({ isWithin: false }), top: read() } }, 61)).toEqual(['permit.gas-out'])
    expect(gas({ plan, wasGasOut: true }, 60 + plan.retestMin)).toHaveLength(1)
  })
  const kit = (items: Parameters<typeof judgePermitKit>[0], over: Partial<Permit> = {}) =>
    judgePermitKit(items, permit(over), T(10)).map(({ code, values }) => ('tag' in values ? `${code} ${values.tag}` : code))
  const tested = { plan: { ...plan, needsGasTest: true }, gas: read() }
  it('rests on an extinguisher that serves, on nothing out of service, and on a detector somebody looked at', () => {
    const held = (item: typeof EXTINGUISHER) =>
      ({
        ...item,
        findings: [{ code: 'kit.tagged-out', severity: 'hold', values: { tag: item.tag, reason: '', checks: [] }, sources: [] }],
      }) as typeof EXTINGUISHER
    const stopped = (item: typeof EXTINGUISHER) =>
      ({ ...item, findings: [{ ...held(item).findings[0]!, severity: 'stop' }] }) as typeof EXTINGUISHER
    const graced = (item: typeof EXTINGUISHER) =>
      ({ ...item, findings: [{ ...held(item).findings[0]!, severity: 'caution' }] }) as typeof EXTINGUISHER
    expect(kit([EXTINGUISHER])).toEqual([])
    expect(kit([graced(EXTINGUISHER)])).toEqual([])
    expect(kit([held(EXTINGUISHER)])).toEqual(['permit.kit-out EX-9', 'permit.no-extinguisher'])
    expect(kit([EXTINGUISHER, stopped({ ...EXTINGUISHER, tag: 'EX-2' })])).toEqual(['permit.kit-out EX-2'])
    expect(kit([EXTINGUISHER, { ...EXTINGUISHER, tag: 'EX-2', validUntil: T(10) }])).toEqual(['permit.kit-out EX-2'])
    expect(kit([EXTINGUISHER], tested)).toEqual(['permit.detector-unknown'])
    expect(kit([EXTINGUISHER, DETECTOR], tested)).toEqual([])
    expect(kit([EXTINGUISHER, DETECTOR], { ...tested, gas: read({ instrument: ' gd-1 ' }) })).toEqual([])
    expect(kit([EXTINGUISHER, DETECTOR], { ...tested, gas: read({ instrument: 'GD-2' }) })).toEqual(['permit.detector-unknown'])
    expect(kit([EXTINGUISHER, { ...EXTINGUISHER, tag: 'GD-1' }], tested)).toEqual(['permit.detector-unknown'])
    expect(kit([EXTINGUISHER, held(DETECTOR)], tested)).toEqual(['permit.kit-out GD-1', 'permit.detector-unknown'])
    expect(kit([EXTINGUISHER], { gas: read() })).toEqual([])
  })
  it('a point is the same in other letters', () => expect(pointKey('  Bottom   of\tTank ')).toBe('bottom of tank'))
})

describe('plans', () => {
  it('take the circle and the watch of the house, never below the law', () => {
    expect(hotWorkHouse({ ...NEW_SITE_RULES, jurisdiction: 'us', radiusRule: '25-ft' as never }).radiusM).toBeGreaterThanOrEqual(
      35 * 0.3048,
    )
    expect(planWithoutPermit(NEW_SITE_RULES)).toMatchObject({
      watchers: 1,
      precautions: [],
      needsGasTest: false,
      afterMin: NEW_SITE_RULES.watchAfterMin,
      monitoringMin: NEW_SITE_RULES.monitoringMin,
      radiusM: hotWorkHouse(NEW_SITE_RULES).radiusM,
      roundEveryMin: NEW_SITE_RULES.roundEveryMin,
      atMostHours: NEW_SITE_RULES.longestPermitHours,
    })
    expect(planPermit(REQUEST, NEW_SITE_RULES).plan).toMatchObject({
      visitEveryMin: NEW_SITE_RULES.visitEveryMin,
      gapMin: NEW_SITE_RULES.coverGapMin,
      retestMin: NEW_SITE_RULES.gasRetestMin,
      lelLimitPercent: NEW_SITE_RULES.lelLimitPercent,
      oxygenMaxPercent: NEW_SITE_RULES.oxygenMaxPercent,
    })
    expect(planPermit(REQUEST, NEW_SITE_RULES).plan.precautions.find(({ id }) => id === 'circle-clear')).toEqual({
      id: 'circle-clear',
      mustBeDone: true,
      restore: false,
    })
    expect(planPermit({ ...REQUEST, facts: { ...REQUEST.facts, bulkCombustibles: true } }, NEW_SITE_RULES).plan.watchers).toBe(1)
  })
  it('count watchers by what one cannot see', () => {
    expect(watchersNeeded({ designated: false, otherSide: false })).toBe(1)
    expect(watchersNeeded({ designated: false })).toBe(2)
    expect(watchersNeeded({ designated: false, otherSide: true, openLevels: 2, hiddenParts: 1 })).toBe(5)
    expect(longerWatch({ afterMin: 30, monitoringMin: 180 }, { afterMin: 60, monitoringMin: 0 })).toEqual({
      afterMin: 60,
      monitoringMin: 180,
    })
  })
})

describe('what an event makes of a permit', () => {
  it('nothing happens to a permit nobody asked for', () => expect(evolvePermit(null, event('monitoring-over', { at: T(1) }))).toBeNull())
  it('once an arc was struck a way out keeps its reason and leads through the watch', () => {
    expect(after(permit({}), event('permit-revoked', { reason: 'rain', by: 'oskar', at: T(9) }))).toMatchObject({
      phase: 'working',
      endReason: 'rain',
      endedAt: null,
    })
    expect(after(permit({ firstArcAt: null }), event('permit-revoked', { reason: 'rain', by: 'oskar', at: T(9) }))).toMatchObject({
      phase: 'revoked',
      endReason: 'rain',
      endedAt: T(9),
      posts: [],
      watchers: [],
    })
    expect(after(permit({}), event('permit-lapsed', { at: T(9) })).phase).toBe('working')
    expect(after(permit({ firstArcAt: null }), event('permit-lapsed', { at: T(9) }))).toMatchObject({
      phase: 'lapsed',
      endedAt: T(9),
      posts: [],
    })
    expect(after(permit({}), event('permit-refused', { reason: 'no', by: 'oskar', at: T(9) }))).toMatchObject({
      phase: 'refused',
      endReason: 'no',
      endedAt: T(9),
    })
  })
  it('whoever comes to a post is heard; who was overdue and comes, goes or is relieved is so no more, another stays overdue', () => {
    const overdue = (personId: string) => ({ personId, sinceAt: T(0), cameDueAt: T(10) })
    for (const [who, kept] of [
      ['hedda', null],
      ['ada', 'ada'],
    ] as const) {
      const late = permit({ overdue: overdue(who) })
      expect(after(late, event('post-taken', { personId: 'hedda', at: T(20) })).overdue?.personId ?? null).toBe(kept)
      expect(after(late, event('post-left', { personId: 'hedda', at: T(20) })).overdue?.personId ?? null).toBe(kept)
      expect(after(late, event('watch-handed-over', { fromId: 'hedda', toId: 'oskar', at: T(20) })).overdue?.personId ?? null).toBe(kept)
      expect(after(late, event('round-done', { by: 'hedda', at: T(20), note: null, onPost: true })).overdue?.personId ?? null).toBe(kept)
    }
    expect(after(permit({}), event('post-taken', { personId: 'hedda', at: T(20) })).posts).toEqual([post('hedda', 20, 20)])
    expect(
      after(
        permit({
          watchers: [
            { personId: 'hedda', fromAt: T(0) },
            { personId: 'ada', fromAt: T(0) },
          ],
        }),
        event('watch-handed-over', { fromId: 'hedda', toId: 'oskar', at: T(20) }),
      ),
    ).toMatchObject({ posts: [post('oskar', 20, 20)], watchers: [{ personId: 'ada' }, { personId: 'oskar', fromAt: T(20) }] })
    expect(
      after(
        permit({ watchers: [{ personId: 'oskar', fromAt: T(0) }] }),
        event('watch-handed-over', { fromId: 'hedda', toId: 'oskar', at: T(20) }),
      ).watchers,
    ).toEqual([{ personId: 'oskar', fromAt: T(20) }])
  })
  it('cover is lost by the one that is needed, from then on, and the gap stays known', () => {
    const gone = after(permit({}), event('post-left', { personId: 'hedda', at: T(20) }))
    expect(gone.coverLostAt).toBe(T(20))
    expect(after(gone, event('post-left', { personId: 'hedda', at: T(25) })).coverLostAt).toBe(T(20))
    expect(after(gone, event('post-taken', { personId: 'ada', at: T(30) }))).toMatchObject({
      coverLostAt: null,
      coverMissingUntil: T(30),
    })
    expect(after(permit({ coverMissingUntil: T(9) }), event('post-taken', { personId: 'ada', at: T(30) })).coverMissingUntil).toBe(T(9))
    expect(
      after(permit({ posts: [post('hedda', 5), post('ada', 5)] }), event('post-left', { personId: 'ada', at: T(20) })).coverLostAt,
    ).toBeNull()
    const two = { ...permit({ posts: [] }), plan: { ...plan, watchers: 2 }, coverLostAt: T(8) }
    expect(after(two, event('post-taken', { personId: 'ada', at: T(30) })).coverLostAt).toBe(T(8))
  })
  it('a stop suspends what works or may, keeps the last arc, and its cause until it is cleared', () => {
    const stop = (over: Partial<Permit>) =>
      after(permit(over), event('work-stopped', { cause: 'wind', note: 'gusts', at: T(30), by: 'ada' }))
    expect(stop({})).toMatchObject({
      phase: 'suspended',
      lastArcAt: T(30),
      suspension: { cause: 'wind', note: 'gusts', at: T(30), by: 'ada' },
    })
    expect(stop({ phase: 'authorised', lastArcAt: null })).toMatchObject({ phase: 'suspended', lastArcAt: null })
    expect(stop({ phase: 'watch' })).toMatchObject({ phase: 'watch', lastArcAt: T(5), suspension: { cause: 'wind' } })
    expect(stop({ phase: 'watch', suspension: { cause: 'gas', note: null, at: T(1), by: 'x' } }).suspension?.cause).toBe('gas')
    expect(after(stop({}), event('stop-cleared', { cleared: 'calm', by: 'oskar', at: T(31) }))).toMatchObject({
      suspension: null,
      isHelpOpen: false,
    })
    expect(after(stop({}), event('work-resumed', { cleared: 'calm', by: 'oskar', at: T(31) }))).toMatchObject({
      phase: 'working',
      suspension: null,
      lastArcAt: T(31),
    })
    expect(
      after(
        stop({ phase: 'authorised', firstArcAt: null, lastArcAt: null }),
        event('work-resumed', { cleared: 'calm', by: 'oskar', at: T(31) }),
      ),
    ).toMatchObject({ phase: 'authorised', lastArcAt: null })
  })
  it('work begins with the first arc, and everybody on post is heard by it', () => {
    const started = after(
      permit({ phase: 'authorised', firstArcAt: null, lastArcAt: null, posts: [post('hedda', 1)] }),
      event('work-started', { by: 'kit', at: T(9) }),
    )
    expect(started).toMatchObject({ phase: 'working', firstArcAt: T(9), lastArcAt: T(9), posts: [post('hedda', 9)] })
    expect(after(permit({ posts: [post('hedda', 12)] }), event('work-started', { by: 'kit', at: T(9) }))).toMatchObject({
      firstArcAt: T(4),
      posts: [post('hedda', 12)],
    })
    expect(
      after(permit({ firstArcAt: null, lastArcAt: null }), event('arc-reported', { by: 'kit', at: T(9), underPermit: true })),
    ).toMatchObject({ firstArcAt: T(9), lastArcAt: T(9) })
    expect(after(permit({}), event('work-ended', { by: 'kit', at: T(9) })).lastArcAt).toBe(T(9))
    expect(after(permit({ phase: 'suspended' }), event('work-ended', { by: 'kit', at: T(9) })).lastArcAt).toBe(T(5))
  })
  it('a watch that begins forgets the looks of the one before, and a stop only where the work has ended', () => {
    const suspension = { cause: 'wind', note: null, at: T(1), by: 'ada' } as const
    const before = permit({
      phase: 'monitoring',
      suspension,
      watchOverAt: T(60),
      lastVisitAt: T(65),
      visitMissedFor: T(66),
      visitsMissed: [T(66)],
      monitoringOverAt: T(90),
      endedAt: T(91),
      closing: { by: 'x', missedLooks: 0, reason: null },
      watchFrom: T(50),
    })
    const again = after(before, event('watch-began', { fromAt: T(100), because: 'trouble' }))
    expect(again).toMatchObject({
      phase: 'watch',
      watchFrom: T(100),
      watchOverAt: null,
      lastVisitAt: null,
      visitMissedFor: null,
      visitsMissed: [],
      monitoringOverAt: null,
      endedAt: null,
      closing: null,
      suspension,
    })
    expect(after(before, event('watch-began', { fromAt: T(40), because: 'work-ended' }))).toMatchObject({
      watchFrom: T(50),
      suspension: null,
    })
  })
  it('looks of the monitoring count whoever made them, rounds only from the post', () => {
    const monitored = permit({ phase: 'monitoring', posts: [] })
    expect(after(monitored, event('round-done', { by: 'ada', at: T(80), note: null, onPost: false })).lastVisitAt).toBe(T(80))
    expect(
      after(
        after(monitored, event('round-done', { by: 'ada', at: T(80), note: null, onPost: false })),
        event('round-done', { by: 'ada', at: T(75), note: null, onPost: false }),
      ).lastVisitAt,
    ).toBe(T(80))
    const working = after(
      permit({ posts: [post('hedda', 5), post('ada', 6)] }),
      event('round-done', { by: 'hedda', at: T(9), note: null, onPost: true }),
    )
    expect([working.lastVisitAt, working.posts]).toEqual([null, [post('hedda', 9), post('ada', 6)]])
    expect(after(permit({}), event('round-done', { by: 'hedda', at: T(3), note: null, onPost: true })).posts).toEqual([post('hedda', 5)])
    expect(after(permit({}), event('round-done', { by: 'hedda', at: T(30), note: null, onPost: false })).posts).toEqual([
      post('hedda', 5),
    ])
  })
  it('what the clock said is kept, and what was missed is counted', () => {
    expect(after(permit({}), event('round-came-due', { personId: 'hedda', dueAt: T(15) })).roundSaidFor).toBe(T(15))
    expect(after(permit({}), event('round-overdue', { personId: 'hedda', sinceAt: T(5), dueAt: T(15) })).overdue).toEqual({
      personId: 'hedda',
      sinceAt: T(5),
      cameDueAt: T(15),
    })
    expect(
      after(permit({ coverMissingUntil: T(30) }), event('round-missed', { personId: 'hedda', fromAt: T(15), untilAt: T(25) }))
        .coverMissingUntil,
    ).toBe(T(30))
    expect(after(permit({ coverSaidFor: T(30) }), event('cover-missing', { sinceAt: T(7), dueAt: T(25) })).coverSaidFor).toBe(T(30))
    expect(after(permit({ phase: 'monitoring', visitsMissed: [T(100)] }), event('visit-missed', { dueAt: T(130) }))).toMatchObject({
      visitMissedFor: T(130),
      visitsMissed: [T(100), T(130)],
    })
    expect(after(permit({}), event('monitoring-over', { at: T(130) })).monitoringOverAt).toBe(T(130))
    expect(after(permit({}), event('gas-retest-overdue', { dueAt: T(66) })).retestSaidFor).toBe(T(66))
    expect(after(permit({}), event('permit-extended', { untilAt: T(300), by: 'oskar', at: T(9) })).untilAt).toBe(T(300))
    expect(after(permit({}), event('permit-taken-over', { by: 'ada', at: T(9) })).authorisedBy).toBe('ada')
    expect(after(permit({}), event('help-called', { by: 'ada', at: T(9) }))).toMatchObject({
      help: { by: 'ada', at: T(9) },
      isHelpOpen: true,
    })
    expect(
      after(permit({ isHelpOpen: true, watchers: [{ personId: 'hedda', fromAt: T(0) }] }), event('watch-over', { at: T(70) })),
    ).toMatchObject({ phase: 'monitoring', watchOverAt: T(70), isHelpOpen: false, posts: [], watchers: [], coverLostAt: null })
    expect(after(permit({}), event('permit-closed', { by: 'oskar', at: T(200), missedLooks: 1, reason: 'cold' }))).toMatchObject({
      phase: 'closed',
      endedAt: T(200),
      closing: { by: 'oskar', missedLooks: 1, reason: 'cold' },
      posts: [],
    })
  })
  it('what is seen to moves the request on, and is put back once', () => {
    const seen = (phase: PermitPhase) =>
      after(
        permit({ phase, restored: ['detectors-isolated', 'heads-shielded'] }),
        event('precaution-seen-to', { precaution: 'detectors-isolated', how: 'done', reason: null, by: 'kit', at: T(1) }),
      )
    expect(seen('requested')).toMatchObject({
      phase: 'precautions',
      restored: ['heads-shielded'],
      seenTo: { 'detectors-isolated': { how: 'done', reason: null, by: 'kit', at: T(1) } },
    })
    expect(seen('working').phase).toBe('working')
    const back = (phase: PermitPhase) =>
      after(
        { ...seen('working'), phase },
        event('precaution-restored', { precaution: 'detectors-isolated', by: 'kit', at: T(2) }),
        event('precaution-restored', { precaution: 'detectors-isolated', by: 'kit', at: T(3) }),
      )
    expect(back('working')).toMatchObject({ restored: ['heads-shielded', 'detectors-isolated'], seenTo: {} })
    expect(back('monitoring').seenTo).toHaveProperty('detectors-isolated')
  })
  it('a reading speaks for its point, the newest of it; once out of limits the air is tested from then on', () => {
    const read = (point: string, at: number, isWithin: boolean) =>
      event('gas-read', { lelPercent: isWithin ? 0 : 14, oxygenPercent: 20.9, instrument: 'GD-1', point, by: 'kit', at: T(at), isWithin })
    const both = after(permit({ retestSaidFor: T(1) }), read('Top', 10, true), read(' top ', 8, false))
    expect([Object.keys(both.gasByPoint), both.gasByPoint.top!.isWithin, both.gas!.at, both.wasGasOut, both.retestSaidFor]).toEqual([
      ['top'],
      true,
      T(10),
      true,
      null,
    ])
    expect(after(permit({}), read('top', 8, true)).wasGasOut).toBe(false)
    expect(after({ ...both, retestSaidFor: T(70) }, read('bottom', 9, true))).toMatchObject({ retestSaidFor: T(70), gas: { at: T(10) } })
  })
  it('a closing of the first form counted no looks', () => {
    expect(upcastPermit('permit-closed', 1, { by: 'x', at: T(1) })).toEqual({
      type: 'permit-closed',
      version: 2,
      payload: { by: 'x', at: T(1), missedLooks: 0, reason: null },
    })
    expect(upcastPermit('permit-closed', 2, { by: 'x', at: T(1), missedLooks: 2, reason: 'y' })).toMatchObject({
      version: 2,
      payload: { missedLooks: 2 },
    })
    expect(upcastPermit('monitoring-over', 1, { at: T(1) })).toEqual({ type: 'monitoring-over', version: 1, payload: { at: T(1) } })
  })
})
