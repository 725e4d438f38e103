import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { isRefused } from '#core/streams/decision'
import { BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import type { Answers, CheckList } from '#core/inspection/check-list'
import { decideKitItem } from '#core/streams/kit-item/decide-kit-item'
import { dueAfter, dueState } from '#core/inspection/due'
import { baysServed, evolveKitItem } from '#core/streams/kit-item/kit-item'
import type { KitItemCommand, KitItem } from '#core/streams/kit-item/kit-item'
import { judgeInspection, passesCheck } from '#core/inspection/judge-inspection'
import { judgeKitItem } from '#core/inspection/judge-kit-item'
import type { ItemEventId } from '#core/ids/kit-ids'

const TAG = 'FA-3'
const TODAY = '2026-11-23'
const list = (id: string): CheckList => BUILT_IN_LISTS.find(one => one.id === id)!
const LOOK = list('flashback-arrestor.before-use')
const YEARLY = list('flashback-arrestor.yearly')
const LOOK_GOOD: Answers = { 'arrestor-fitted': true, 'arrestor-clean': true }
const YEARLY_GOOD: Answers = { 'arrestor-function': true, 'arrestor-age': 2 }

interface Done { readonly state: KitItem | null, readonly refused: readonly string[], readonly remarks: readonly string[] }
function act(
  state: KitItem | null,
  command: KitItemCommand,
  {
    shopDay = TODAY,
    at = `${shopDay}T10:00:00.000Z`,
    isCompetent = true,
    of = null,
  }: { shopDay?: string, at?: string, isCompetent?: boolean, of?: CheckList | null } = {},
): Done {
  const listOf = of ?? (command.type === 'item.inspect' ? (BUILT_IN_LISTS.find(({ id }) => id === command.payload.listId) ?? null) : null)
  const decision = decideKitItem(state, command, { tag: TAG, shopDay, at, listNamed: () => listOf, isCompetent })
  if (isRefused(decision)) return { state, refused: decision.refused.map(({ code }) => code), remarks: [] }
  return { state: decision.events.reduce(evolveKitItem, state), refused: [], remarks: (decision.remarks ?? []).map(({ code }) => code) }
}
const inspect = (of: CheckList, answers: Answers, remark?: string): KitItemCommand => ({
  type: 'item.inspect',
  payload: { listId: of.id, listVersion: of.version, answers, ...(remark ? { remark } : {}) },
})
const REGISTERED = act(null, {
  type: 'item.register',
  payload: { kind: 'flashback-arrestor', name: 'Arrestor, oxygen, corner', marks: {} },
}).state!
const IN_SERVICE = act(act(REGISTERED, inspect(YEARLY, YEARLY_GOOD)).state, inspect(LOOK, LOOK_GOOD)).state!
const TO_BAY: KitItemCommand = { type: 'item.assign', payload: { assignment: { to: 'bay', id: 'bay-9' } } }

describe('a thing with a tag', () => {
  it('is not in service before every list of its kind has a pass', () => {
    expect(judgeKitItem(REGISTERED, TODAY)).toMatchObject({ mayUse: false })
    expect(judgeKitItem(REGISTERED, TODAY).findings.map(({ code }) => code)).toEqual(['kit.look-due', 'kit.never-done'])
    expect(judgeKitItem(IN_SERVICE, TODAY)).toMatchObject({ mayUse: true, findings: [] })
    expect(judgeKitItem(IN_SERVICE, '2026-11-24')).toMatchObject({ mayUse: false })
  })
  it('wears its tag alone', () =>
    expect(act(REGISTERED, { type: 'item.register', payload: { kind: 'hose', name: 'x', marks: {} } }).refused).toEqual([
      'kit.tag-taken',
    ]))
  it('fails and is tagged out in the same breath, cannot be assigned, and comes back only by somebody named, with the repair', () => {
    const failed = act(IN_SERVICE, inspect(LOOK, { ...LOOK_GOOD, 'arrestor-clean': false }, 'soot inside')).state!
    expect(failed.taggedOut).toEqual({ reason: 'soot inside', checks: ['arrestor-clean'] })
    expect(judgeKitItem(failed, TODAY).mayUse).toBe(false)
    expect(act(failed, TO_BAY).refused).toEqual(['kit.tagged-out'])
    const release: KitItemCommand = { type: 'item.release', payload: { repair: 'cartridge replaced' } }
    expect(act(failed, release, { isCompetent: false }).refused).toEqual(['kit.competence-missing'])
    expect(act(failed, { type: 'item.release', payload: { repair: ' ' } }).refused).toEqual(['kit.repair-not-said'])
    const released = act(failed, release).state!
    expect(released.taggedOut).toBeNull()
    // The look failed and has no pass left; the repair asks for the yearly test again.
    expect(judgeKitItem(released, TODAY).findings.map(({ code }) => code)).toEqual(['kit.look-due', 'kit.due-after-event'])
    expect(judgeKitItem(act(act(released, inspect(YEARLY, YEARLY_GOOD)).state, inspect(LOOK, LOOK_GOOD)).state!, TODAY).mayUse).toBe(true)
  })
  it('what was seen is recorded whoever saw it; a pass by somebody not named for it renews nothing', () => {
    const done = act(REGISTERED, inspect(YEARLY, YEARLY_GOOD), { isCompetent: false })
    expect(done).toMatchObject({ refused: [], remarks: ['kit.competence-missing'] })
    expect(judgeKitItem(done.state!, TODAY).findings.map(({ code }) => code)).toContain('kit.never-done')
    expect(
      act(REGISTERED, inspect(YEARLY, { ...YEARLY_GOOD, 'arrestor-function': false }), { isCompetent: false }).state!.taggedOut,
    ).not.toBeNull()
  })
  it('an old version of a list, or a missing answer, renews nothing and says so', () => {
    expect(act(IN_SERVICE, inspect({ ...LOOK, version: 1 }, LOOK_GOOD), { of: { ...LOOK, version: 2 } }).remarks).toEqual([
      'kit.list-version-old',
    ])
    expect(act(REGISTERED, inspect(LOOK, { 'arrestor-fitted': true })).remarks).toEqual(['kit.checks-missing'])
    const other = act(REGISTERED, inspect(list('hose.before-use'), { 'hose-sound': true, 'hose-colour': true, 'hose-taped': 0 }))
    expect(other).toMatchObject({ refused: [], remarks: ['kit.list-of-other-kind'] })
    expect(judgeKitItem(other.state!, TODAY).findings.map(({ code }) => code)).toEqual(['kit.look-due', 'kit.never-done'])
  })
  it('a plain no tags out whatever became of its list, and an earlier reason stays', () => {
    const dropped = act(IN_SERVICE, {
      type: 'item.inspect',
      payload: { listId: 'gone', listVersion: 1, answers: { 'old-check': false } },
    }).state!
    expect(dropped.taggedOut).toEqual({ reason: '', checks: ['old-check'] })
    const tagged = act(IN_SERVICE, { type: 'item.tag-out', payload: { reason: 'looks odd' } }).state!
    expect(act(tagged, inspect(LOOK, { ...LOOK_GOOD, 'arrestor-clean': false })).state!.taggedOut).toEqual({
      reason: 'looks odd',
      checks: ['arrestor-clean'],
    })
  })
  it('a report that comes late undoes nothing newer: not a fall, not a repair, not a failed look', () => {
    const [before, after] = [`${TODAY}T09:00:00.000Z`, `${TODAY}T11:00:00.000Z`]
    const late = { at: before } as const
    const dropped = act(IN_SERVICE, { type: 'item.note-event', payload: { event: 'dropped' } }, { at: after }).state!
    const passedBefore = act(dropped, inspect(YEARLY, YEARLY_GOOD), late)
    expect([passedBefore.remarks, judgeKitItem(passedBefore.state!, TODAY).mayUse]).toEqual([['kit.report-outrun'], false])
    expect(
      judgeKitItem(
        act(act(dropped, inspect(YEARLY, YEARLY_GOOD), { at: after }).state, inspect(LOOK, LOOK_GOOD), { at: after }).state!,
        TODAY,
      ).mayUse,
    ).toBe(true)
    // Never looked at before it fell: that look still comes from before the fall.
    const fresh = act(REGISTERED, { type: 'item.note-event', payload: { event: 'dropped' } }, { at: after }).state
    expect(act(fresh, inspect(LOOK, LOOK_GOOD), late).remarks).toEqual(['kit.report-outrun'])
    // What failed is tagged out whenever the report comes, and the newer look keeps its time.
    const failed = act(
      act(IN_SERVICE, inspect(LOOK, LOOK_GOOD), { at: after }).state,
      inspect(LOOK, { ...LOOK_GOOD, 'arrestor-clean': false }),
      late,
    ).state!
    expect([failed.taggedOut?.checks, failed.lists[LOOK.id]]).toEqual([
      ['arrestor-clean'],
      { passedOn: null, eventsSince: [], doneAt: after },
    ])
  })
  it('every reason to tag it out is on record; the first that was given stays on the tag', () => {
    const first = act(IN_SERVICE, { type: 'item.tag-out', payload: { reason: 'looks odd' } }).state!
    const again = decideKitItem(
      first,
      { type: 'item.tag-out', payload: { reason: 'smells' } },
      { tag: TAG, shopDay: TODAY, at: `${TODAY}T10:00:00.000Z`, listNamed: () => null, isCompetent: false },
    )
    expect(again).toMatchObject({ events: [{ type: 'item-tagged-out', payload: { reason: 'smells' } }] })
    expect(act(first, { type: 'item.tag-out', payload: { reason: 'smells' } }).state!.taggedOut).toEqual({
      reason: 'looks odd',
      checks: [],
    })
  })
  it('a thing that serves several bays names each once', () =>
    expect(baysServed({ to: 'bay', id: 'bay-1', alsoIds: ['bay-2', 'bay-1'] })).toEqual(['bay-1', 'bay-2']))
  it('a fall or a flashback makes it due at once', () => {
    const dropped = act(IN_SERVICE, { type: 'item.note-event', payload: { event: 'flashback' } }).state!
    expect(judgeKitItem(dropped, TODAY)).toMatchObject({
      mayUse: false,
      findings: [{ code: 'kit.due-after-event', values: { events: ['flashback'] } }],
    })
  })
  it('out of use for good, it is assigned to nobody', () => {
    const retired = act(act(IN_SERVICE, TO_BAY).state, { type: 'item.retire', payload: { reason: 'scrap' } }).state!
    expect(retired).toMatchObject({ isRetired: true, assignment: null })
    expect(act(retired, TO_BAY).refused).toEqual(['kit.retired'])
    expect(judgeKitItem(retired, TODAY).mayUse).toBe(false)
  })
})

describe('due dates', () => {
  it.each([
    ['2024-01-31', 1, '2024-02-29'], ['2023-01-31', 1, '2023-02-28'], ['2024-02-29', 12, '2025-02-28'], ['2026-08-31', 6, '2027-02-28'],
    ['2026-12-15', 1, '2027-01-15'],
  ])('%s and %i months: %s', (from, count, expected) => expect(dueAfter(from, { unit: 'months', count })).toBe(expected))
  it('at the month\'s end where the list says so', () =>
    expect(dueAfter('2026-01-10', { unit: 'months', count: 1, atMonthEnd: true })).toBe('2026-02-28'))
  it('grace is counted in days, and ends', () => {
    const weekly = { every: { unit: 'days', count: 7 }, triggers: [], graceDays: 2 } as const
    const on = (today: string) => dueState(weekly, { passedOn: '2026-11-01', eventsSince: [] }, today)
    expect([
      on('2026-11-07').state,
      on('2026-11-08').state,
      on('2026-11-09').state,
      on('2026-11-10').state,
      on('2026-11-11').state,
    ]).toEqual(['in-date', 'due-today', 'in-grace', 'in-grace', 'late'])
    expect(on('2026-11-10').mayUse).toBe(true)
    expect(on('2026-11-11')).toMatchObject({ mayUse: false, daysLate: 3 })
  })
})

describe('judging answers', () => {
  const CHECKS = {
    checks: [
      { id: 'a', asks: 'yes-no' },
      { id: 'b', asks: 'choice', options: ['green', 'low'], passing: ['green'] },
      { id: 'c', asks: 'measurement', unit: 'MΩ', atLeast: 5 },
    ],
  } as const
  it('open until all is answered, failed as soon as one fails', () => {
    expect(judgeInspection(CHECKS, { a: true, b: 'green', c: 5 })).toMatchObject({ result: 'passed', failed: [], missing: [] })
    expect(judgeInspection(CHECKS, { a: true, b: 'green' })).toMatchObject({ result: 'open', missing: ['c'] })
    expect(judgeInspection(CHECKS, { b: 'low' })).toMatchObject({ result: 'failed', failed: ['b'], missing: ['a', 'c'] })
  })
  it('what is no answer to a check counts as none', () => {
    for (const [index, answer] of [
      [0, 'yes'],
      [1, 'purple'],
      [1, true],
      [2, '5'],
      [2, Number.NaN],
      [2, Infinity],
    ] as const)
      expect(passesCheck(CHECKS.checks[index], answer)).toBeNull()
    expect(judgeInspection(CHECKS, JSON.parse('{"__proto__": true}') as Answers).missing).toEqual(['a', 'b', 'c'])
  })
})

describe('always', () => {
  const command = fc.oneof(
    fc
      .record({ good: fc.boolean(), yearly: fc.boolean() })
      .map(({ good, yearly }) =>
        inspect(
          yearly ? YEARLY : LOOK,
          yearly ? { ...YEARLY_GOOD, 'arrestor-function': good } : { ...LOOK_GOOD, 'arrestor-clean': good },
        ),
      ),
    fc
      .constantFrom<ItemEventId>('dropped', 'flooded', 'flashback')
      .map((event): KitItemCommand => ({ type: 'item.note-event', payload: { event } })),
    fc.constantFrom<KitItemCommand>(
      TO_BAY,
      { type: 'item.tag-out', payload: { reason: 'looks odd' } },
      { type: 'item.release', payload: { repair: 'mended' } },
      { type: 'item.retire', payload: { reason: 'old' } },
    ),
  )
  it('what is tagged out or retired may not be used, and only a release by somebody named brings it back', () =>
    fc.assert(
      fc.property(fc.array(fc.tuple(command, fc.boolean()), { maxLength: 12 }), (steps) => {
        let state: KitItem = IN_SERVICE
        for (const [step, isCompetent] of steps) {
          const before = state
          state = act(state, step, { isCompetent }).state!
          if (before.taggedOut && !state.taggedOut && !(step.type === 'item.release' && isCompetent)) return false
          if ((state.taggedOut || state.isRetired) && judgeKitItem(state, TODAY).mayUse) return false
          if (before.isRetired && !state.isRetired) return false
        }
        return true
      }),
    ))
  it('a later pass is never due sooner', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...BUILT_IN_LISTS),
        fc.integer({ min: 0, max: 3000 }),
        fc.integer({ min: 0, max: 60 }),
        ({ every }, day, later) => {
          const at = (days: number) => new Date(Date.UTC(2020, 0, 1) + days * 86_400_000).toISOString().slice(0, 10)
          return dueAfter(at(day), every) <= dueAfter(at(day + later), every)
        },
      ),
    ))
})
