import { describe, expect, it } from 'vitest'
import { BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import type { Answers, CheckList } from '#core/inspection/check-list'
import { decideKitItem } from '#core/streams/kit-item/decide-kit-item'
import { dueAfter, dueState } from '#core/inspection/due'
import type { KitItemCommand, KitItemContext, KitItemEvent, KitItem } from '#core/streams/kit-item/kit-item'
import { baysServed, distanceOf, evolveKitItem } from '#core/streams/kit-item/kit-item'
import { kitItemFact } from '#core/inspection/kit-item-fact'

// A thing at its edges: what each command comes to, with every word of it, and what each event leaves.

const [TODAY, AT, UNTIL] = ['2026-11-23', '2026-11-23T10:00:00.000Z', '2026-11-24T04:00:00.000Z']
const LOOK = BUILT_IN_LISTS.find(({ id }) => id === 'flashback-arrestor.before-use')!
const YEARLY = BUILT_IN_LISTS.find(({ id }) => id === 'flashback-arrestor.yearly')!
const GOOD: Answers = { 'arrestor-fitted': true, 'arrestor-clean': true }
const THING: KitItem = {
  tag: 'FA-3',
  kind: 'flashback-arrestor',
  name: 'Arrestor',
  marks: {},
  assignment: null,
  taggedOut: null,
  isRetired: false,
  lastEventAt: null,
  lists: {
    [LOOK.id]: { passedOn: TODAY, eventsSince: [], doneAt: AT },
    [YEARLY.id]: { passedOn: '2026-03-01', eventsSince: ['dropped'], doneAt: '2026-03-01T10:00:00.000Z' },
  },
}
const decide = (state: KitItem | null, command: KitItemCommand, over: Partial<KitItemContext> = {}) =>
  decideKitItem(state, command, { tag: 'FA-3', shopDay: TODAY, at: AT, listNamed: () => null, isCompetent: true, ...over })
const codes = (decided: ReturnType<typeof decide>) =>
  'refused' in decided ? decided.refused.map(({ code }) => code) : (decided.remarks ?? []).map(({ code }) => code)
const events = (decided: ReturnType<typeof decide>): readonly KitItemEvent[] => ('events' in decided ? decided.events : [])

describe('a command', () => {
  it('registers once, under its tag', () => {
    const register: KitItemCommand = { type: 'item.register', payload: { kind: 'hose', name: 'Hose', marks: {} } }
    expect(events(decide(null, register))).toEqual([
      { type: 'item-registered', version: 1, payload: { kind: 'hose', name: 'Hose', marks: {}, tag: 'FA-3' } },
    ])
    expect(codes(decide(THING, register))).toEqual(['kit.tag-taken'])
  })
  it('about a tag nobody knows: what was seen is kept, what is asked for is refused', () => {
    const reports: readonly KitItemCommand[] = [
      { type: 'item.inspect', payload: { listId: LOOK.id, listVersion: 1, answers: GOOD } },
      { type: 'item.tag-out', payload: { reason: 'smells' } },
      { type: 'item.note-event', payload: { event: 'dropped' } },
    ]
    for (const command of reports) {
      expect(events(decide(null, command))).toEqual([
        { type: 'unknown-tag-reported', version: 1, payload: { reported: command.type, payload: command.payload } },
      ])
      expect(codes(decide(null, command))).toEqual(['kit.tag-unknown'])
    }
    const requests: readonly KitItemCommand[] = [
      { type: 'item.assign', payload: { assignment: null } },
      { type: 'item.release', payload: { repair: 'x' } },
      { type: 'item.retire', payload: { reason: 'x' } },
      { type: 'item.correct', payload: { name: 'x', marks: {} } as never },
    ]
    for (const command of requests)
      expect(decide(null, command)).toMatchObject({ refused: [{ code: 'kit.tag-unknown', severity: 'hold' }] })
  })
  it('assigns what is in use; tagged out it is only put away', () => {
    const bay: KitItemCommand = { type: 'item.assign', payload: { assignment: { to: 'bay', id: 'bay-1' } } }
    const away: KitItemCommand = { type: 'item.assign', payload: { assignment: null } }
    const out = { ...THING, taggedOut: { reason: 'torn', checks: ['a'] } }
    expect(events(decide(THING, bay))).toEqual([{ type: 'item-assigned', version: 1, payload: { ...bay.payload, at: AT } }])
    expect(decide(out, bay)).toMatchObject({
      refused: [{ code: 'kit.tagged-out', values: { tag: 'FA-3', reason: 'torn', checks: ['a'] } }],
    })
    expect(events(decide(out, away))).toHaveLength(1)
    expect(codes(decide({ ...THING, isRetired: true }, away))).toEqual(['kit.retired'])
  })
  it('releases what is tagged out, by somebody named, with the repair', () => {
    const release: KitItemCommand = { type: 'item.release', payload: { repair: 'new cartridge' } }
    const out = { ...THING, taggedOut: { reason: 'torn', checks: [] } }
    expect(codes(decide(THING, release))).toEqual(['kit.not-tagged-out'])
    expect(codes(decide(out, release, { isCompetent: false }))).toEqual(['kit.competence-missing'])
    expect(codes(decide(out, { type: 'item.release', payload: { repair: '  ' } }))).toEqual(['kit.repair-not-said'])
    expect(events(decide(out, release))).toEqual([{ type: 'item-released', version: 1, payload: { repair: 'new cartridge', at: AT } }])
  })
  it('takes out of use once, notes what happened, corrects what was written', () => {
    const retire: KitItemCommand = { type: 'item.retire', payload: { reason: 'old' } }
    expect(events(decide(THING, retire))).toEqual([{ type: 'item-retired', version: 1, payload: { reason: 'old' } }])
    expect(decide({ ...THING, isRetired: true }, retire)).toEqual({ events: [] })
    expect(events(decide(THING, { type: 'item.note-event', payload: { event: 'dropped' } }))).toEqual([
      { type: 'item-event-noted', version: 1, payload: { event: 'dropped', at: AT } },
    ])
    expect(events(decide(THING, { type: 'item.tag-out', payload: { reason: 'smells' } }))).toEqual([
      { type: 'item-tagged-out', version: 1, payload: { reason: 'smells', checks: [] } },
    ])
    expect(events(decide(THING, { type: 'item.correct', payload: { name: 'Other', marks: {} } as never }))[0]).toMatchObject({
      type: 'item-corrected',
      version: 1,
      payload: { name: 'Other' },
    })
  })
})

describe('a look', () => {
  const inspect = (list: CheckList | null, answers: Answers, over: Partial<KitItemContext> = {}, payload: object = {}) =>
    decide(
      THING,
      { type: 'item.inspect', payload: { listId: list?.id ?? 'gone', listVersion: list?.version ?? 1, answers, ...payload } },
      { listNamed: () => list, ...over },
    )
  const result = (decided: ReturnType<typeof inspect>) =>
    events(decided).map(({ type, payload }) => ('result' in payload ? payload.result : type))
  it('passes by all its answers, and says nothing then', () => {
    expect(inspect(LOOK, GOOD)).toEqual({
      events: [
        {
          type: 'item-inspected',
          version: 1,
          payload: { listId: LOOK.id, listVersion: LOOK.version, answers: GOOD, result: 'passed', failed: [], shopDay: TODAY, at: AT },
        },
      ],
    })
    expect([result(inspect(LOOK, GOOD, { isCompetent: false })), codes(inspect(LOOK, GOOD, { isCompetent: false }))]).toEqual([
      ['passed'],
      [],
    ])
  })
  it('that fails tags out in the same breath, with what was remarked', () => {
    const failed = inspect(LOOK, { ...GOOD, 'arrestor-clean': false }, {}, { remark: 'soot' })
    expect(events(failed)[1]).toEqual({ type: 'item-tagged-out', version: 1, payload: { reason: 'soot', checks: ['arrestor-clean'] } })
    expect(events(inspect(LOOK, { ...GOOD, 'arrestor-clean': false }))[1]).toMatchObject({ payload: { reason: '' } })
  })
  it('stays open with an answer missing, an old list, no list, nobody named, or a look from before what is known', () => {
    expect([result(inspect(LOOK, { 'arrestor-fitted': true })), codes(inspect(LOOK, { 'arrestor-fitted': true }))]).toEqual([
      ['open'],
      ['kit.checks-missing'],
    ])
    expect(inspect(LOOK, { 'arrestor-fitted': true })).toMatchObject({ remarks: [{ values: { checks: ['arrestor-clean'], count: 1 } }] })
    const old = inspect({ ...LOOK, version: 7 }, GOOD, {}, { listVersion: 6 })
    expect([result(old), codes(old)]).toEqual([['open'], ['kit.list-version-old']])
    expect(old).toMatchObject({ remarks: [{ values: { listId: LOOK.id, version: 6, current: 7 } }] })
    const hose = BUILT_IN_LISTS.find(({ id }) => id === 'hose.before-use')!
    for (const list of [null, hose])
      expect([result(inspect(list, GOOD)), codes(inspect(list, GOOD))]).toEqual([['open'], ['kit.list-of-other-kind']])
    const yearly = { 'arrestor-function': true, 'arrestor-age': 2 }
    expect([result(inspect(YEARLY, yearly, { isCompetent: false })), codes(inspect(YEARLY, yearly, { isCompetent: false }))]).toEqual([
      ['open'],
      ['kit.competence-missing'],
    ])
    expect([result(inspect(YEARLY, yearly)), codes(inspect(YEARLY, yearly))]).toEqual([['passed'], []])
    expect(codes(inspect(YEARLY, { 'arrestor-function': true }, { isCompetent: false }))).toEqual(['kit.checks-missing'])
    const before = { at: '2026-11-23T09:00:00.000Z' }
    expect([result(inspect(LOOK, GOOD, before)), codes(inspect(LOOK, GOOD, before))]).toEqual([['open'], ['kit.report-outrun']])
    expect(codes(inspect(LOOK, { 'arrestor-fitted': true }, before))).toEqual(['kit.checks-missing'])
    expect(result(inspect(YEARLY, yearly, before))).toEqual(['passed'])
    const fell = decideKitItem(
      { ...THING, lastEventAt: '2026-11-23T11:00:00Z' },
      { type: 'item.inspect', payload: { listId: LOOK.id, listVersion: LOOK.version, answers: GOOD } },
      { tag: 'FA-3', shopDay: TODAY, at: AT, listNamed: () => LOOK, isCompetent: true },
    )
    expect(codes(fell)).toEqual(['kit.report-outrun'])
  })
  it('names what failed once, whatever the list asks', () =>
    expect(events(inspect(null, { 'old-check': false, 'other': true }))[0]).toMatchObject({
      payload: { result: 'failed', failed: ['old-check'] },
    }))
})

describe('an event', () => {
  const after = (event: KitItemEvent, state: KitItem | null = THING) => evolveKitItem(state, event)
  it('makes a thing once it is registered, and nothing of a tag nobody knows', () => {
    expect(
      after(
        { type: 'item-registered', version: 1, payload: { tag: 'X-1', kind: 'hose', name: 'Hose', marks: { leadLengthM: 3 } } },
        null,
      ),
    ).toEqual({
      tag: 'X-1',
      kind: 'hose',
      name: 'Hose',
      marks: { leadLengthM: 3 },
      assignment: null,
      taggedOut: null,
      isRetired: false,
      lastEventAt: null,
      lists: {},
    })
    expect(after({ type: 'unknown-tag-reported', version: 1, payload: { reported: 'item.tag-out', payload: {} } as never })).toBe(THING)
    expect(after({ type: 'item-retired', version: 1, payload: { reason: 'x' } }, null)).toBeNull()
  })
  it('of a look renews, takes away, or leaves', () => {
    const look = (result: 'passed' | 'failed' | 'open', at = '2026-11-23T12:00:00.000Z') =>
      after({
        type: 'item-inspected',
        version: 1,
        payload: { listId: YEARLY.id, listVersion: 1, answers: {}, result, failed: [], shopDay: TODAY, at },
      })!.lists[YEARLY.id]
    expect(look('passed')).toEqual({ passedOn: TODAY, eventsSince: [], doneAt: '2026-11-23T12:00:00.000Z' })
    expect(look('failed')).toEqual({ passedOn: null, eventsSince: [], doneAt: '2026-11-23T12:00:00.000Z' })
    expect(look('open')).toBe(THING.lists[YEARLY.id])
    expect(look('passed', '2026-02-01T12:00:00.000Z')?.doneAt).toBe('2026-03-01T10:00:00.000Z')
    expect(
      after({
        type: 'item-inspected',
        version: 1,
        payload: { listId: 'new', listVersion: 1, answers: {}, result: 'passed', failed: [], shopDay: TODAY, at: AT },
      })!.lists.new,
    ).toEqual({ passedOn: TODAY, eventsSince: [], doneAt: AT })
  })
  it('of a tag gathers what failed and keeps the first reason; a release asks for what names a repair', () => {
    const out = after({ type: 'item-tagged-out', version: 1, payload: { reason: '', checks: ['a'] } })!
    const again = after({ type: 'item-tagged-out', version: 1, payload: { reason: 'torn', checks: ['b', 'a'] } }, out)!
    expect([out.taggedOut, again.taggedOut]).toEqual([
      { reason: '', checks: ['a'] },
      { reason: 'torn', checks: ['a', 'b'] },
    ])
    expect(after({ type: 'item-tagged-out', version: 1, payload: { reason: 'odd', checks: [] } }, again)!.taggedOut).toEqual({
      reason: 'torn',
      checks: ['a', 'b'],
    })
    const released = after({ type: 'item-released', version: 1, payload: { repair: 'x', at: AT } }, again)!
    expect([
      released.taggedOut,
      released.lastEventAt,
      released.lists[LOOK.id]!.eventsSince,
      released.lists[YEARLY.id]!.eventsSince,
    ]).toEqual([null, AT, ['repaired'], ['dropped', 'repaired']])
  })
  it('of a fall stands against every list, once', () => {
    const fell = after({ type: 'item-event-noted', version: 1, payload: { event: 'dropped', at: AT } })!
    expect([fell.lastEventAt, fell.lists[LOOK.id]!.eventsSince, fell.lists[YEARLY.id]!.eventsSince]).toEqual([
      AT,
      ['dropped'],
      ['dropped'],
    ])
    expect(
      after({ type: 'item-event-noted', version: 1, payload: { event: 'flooded', at: '2026-11-23T09:00:00.000Z' } }, fell)!.lastEventAt,
    ).toBe(AT)
  })
  it('puts it somewhere, corrects it, takes it out of use', () => {
    const here = after({ type: 'item-assigned', version: 1, payload: { assignment: { to: 'bay', id: 'bay-1' } } })!
    expect(here.assignment).toEqual({ to: 'bay', id: 'bay-1' })
    expect(after({ type: 'item-retired', version: 1, payload: { reason: 'x' } }, here)).toMatchObject({
      isRetired: true,
      assignment: null,
    })
    expect(after({ type: 'item-corrected', version: 1, payload: { name: 'Other', marks: { leadLengthM: 2 } } as never })).toMatchObject({
      tag: 'FA-3',
      name: 'Other',
      marks: { leadLengthM: 2 },
      lists: THING.lists,
    })
  })
  it('a distance is that of a bay or a permit; a person has none, and serves no bay', () => {
    expect([
      distanceOf({ to: 'bay', id: 'b', distanceM: 4 }),
      distanceOf({ to: 'permit', id: 'p', distanceM: 5 }),
      distanceOf({ to: 'bay', id: 'b' }),
      distanceOf({ to: 'person', id: 'p' }),
      distanceOf(null),
    ]).toEqual([4, 5, null, null, null])
    expect([baysServed({ to: 'bay', id: 'b' }), baysServed({ to: 'person', id: 'p' }), baysServed(null)]).toEqual([['b'], [], []])
  })
})

describe('how it stands', () => {
  it('is seen when its looks before use were last made, the oldest of them', () => {
    const other: CheckList = { ...LOOK, id: 'second.before-use' }
    const fact = kitItemFact(
      {
        ...THING,
        assignment: { to: 'bay', id: 'b', distanceM: 4 },
        lists: { ...THING.lists, [other.id]: { passedOn: TODAY, eventsSince: [], doneAt: '2026-11-23T07:00:00.000Z' } },
      },
      [LOOK, other, YEARLY],
      TODAY,
      UNTIL,
    )
    expect(fact).toMatchObject({
      tag: 'FA-3',
      kind: 'flashback-arrestor',
      name: 'Arrestor',
      marks: {},
      validUntil: UNTIL,
      seenAt: '2026-11-23T07:00:00.000Z',
      distanceM: 4,
    })
    expect(kitItemFact({ ...THING, lists: {} }, [LOOK, YEARLY], TODAY, UNTIL)).toMatchObject({
      seenAt: null,
      mayUse: false,
      distanceM: null,
    })
    const hose = BUILT_IN_LISTS.find(({ id }) => id === 'hose.before-use')!
    expect(
      kitItemFact(
        { ...THING, lists: { ...THING.lists, [hose.id]: { passedOn: TODAY, eventsSince: [], doneAt: '2026-11-23T01:00:00.000Z' } } },
        [LOOK, YEARLY, hose],
        TODAY,
        UNTIL,
      ).seenAt,
    ).toBe(AT)
  })
  const daily = { every: { unit: 'use', count: 1 }, triggers: ['dropped'], graceDays: 0 } as unknown as Pick<
    CheckList,
    'every' | 'triggers' | 'graceDays'
  >
  it('before use: today is in date, yesterday is late, and a fall asks again', () => {
    expect(dueState(daily, { passedOn: TODAY, eventsSince: [] }, TODAY)).toEqual({
      dueOn: TODAY,
      state: 'in-date',
      daysLate: 0,
      mayUse: true,
    })
    expect(dueState(daily, { passedOn: '2026-11-22', eventsSince: [] }, TODAY)).toEqual({
      dueOn: '2026-11-22',
      state: 'late',
      daysLate: 1,
      mayUse: false,
    })
    expect(dueState(daily, { passedOn: TODAY, eventsSince: ['dropped'] }, TODAY)).toEqual({
      dueOn: null,
      state: 'after-event',
      daysLate: 0,
      mayUse: false,
    })
    expect(dueState(daily, { passedOn: TODAY, eventsSince: ['flooded'] }, TODAY).state).toBe('in-date')
    expect(dueState(daily, { passedOn: null, eventsSince: [] }, TODAY)).toEqual({
      dueOn: null,
      state: 'never-done',
      daysLate: 0,
      mayUse: false,
    })
    expect(dueAfter('2026-11-23', { unit: 'days', count: 7 } as never)).toBe('2026-11-30')
  })
})
