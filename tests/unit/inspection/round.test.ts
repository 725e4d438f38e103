import { describe, expect, it } from 'vitest'
import { BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import { calendarDueOn } from '#core/inspection/calendar-due'
import { checkList, decideCheckLists, evolveCheckLists, listsInForce, NO_OWN_LISTS } from '#core/streams/check-lists/check-lists'
import type { CheckListsState } from '#core/streams/check-lists/check-lists'
import type { CheckList } from '#core/inspection/check-list'
import type { Assignment, KitItem } from '#core/streams/kit-item/kit-item'
import { listsToDo, walkingOrder } from '#core/inspection/round'
import type { EquipmentKindId } from '#core/ids/vocabulary'

const item = (
  tagId: string,
  kind: EquipmentKindId,
  assignment: Assignment,
  lists: KitItem['lists'] = {},
  over: Partial<KitItem> = {},
) => ({
  tagId,
  item: {
    tag: tagId.toUpperCase(),
    kind,
    name: tagId,
    marks: {},
    assignment,
    taggedOut: null,
    isRetired: false,
    lastEventAt: null,
    lists,
    ...over,
  } satisfies KitItem,
})
const bay = (id: string, alsoIds?: readonly string[]): Assignment => ({ to: 'bay', id, ...alsoIds ? { alsoIds } : {} })
const SITE = {
  halls: [
    { hallId: 'b', name: 'B' },
    { hallId: 'a', name: 'A' },
  ],
  areas: [
    { areaId: 'a1', hallId: 'a', name: 'A1' },
    { areaId: 'b1', hallId: 'b', name: 'B1' },
  ],
  bays: [
    { bayId: 'bay-1', areaId: 'a1', label: '1', kind: 'designated' as const, closed: false },
    { bayId: 'bay-2', areaId: 'b1', label: '2', kind: 'designated' as const, closed: false },
    { bayId: 'bay-3', areaId: 'b1', label: '3', kind: 'designated' as const, closed: true },
  ],
}
const place = (placeId: string, level: number, xM: number) => ({ placeId, name: placeId, level, xM, yM: 0 })

describe('the walking order', () => {
  const things = [
    item('r-1', 'regulator', bay('bay-1')),
    item('m-1', 'arc-machine', bay('bay-1')),
    item('m-2', 'arc-machine', bay('bay-2', ['bay-1'])),
    item('h-1', 'helmet', { to: 'person', id: 'imke' }),
    item('h-2', 'helmet', { to: 'person', id: 'sol' }),
    item('ex-1', 'extinguisher', { to: 'place', id: 'loft' }),
    item('ex-2', 'extinguisher', { to: 'place', id: 'crib' }),
    item('x-9', 'grinder', null),
    item('m-3', 'arc-machine', bay('bay-3')),
  ]
  const stops = walkingOrder(things, {
    site: SITE,
    places: [place('loft', 1, 0), place('crib', 0, 5)],
    standsAt: new Map([['imke', 'bay-1']]),
    names: new Map([
      ['imke', 'Imke'],
      ['sol', 'Sol'],
    ]),
  })
  it('goes hall by hall and bay by bay as the site was set up, then the places by storey, then who stands nowhere', () => {
    expect(stops.map(({ where }) => where)).toEqual(['Bay 2', 'Bay 1', 'crib', 'loft', 'Sol'])
  })
  it('passes by each item once: shared at its first bay, worn where its wearer stands; none in the store or at a closed bay', () => {
    expect(stops.flatMap(({ items }) => items.map(({ tagId }) => tagId))).toEqual(['m-2', 'm-1', 'r-1', 'h-1', 'ex-2', 'ex-1', 'h-2'])
  })
})

describe('what is to do', () => {
  const done = (passedOn: string) => ({ passedOn, eventsSince: [], doneAt: '2026-11-24T08:00:00.000Z' })
  it('before use each day; by the calendar on its day; what takes somebody named only for them', () => {
    const regulator = item('r-1', 'regulator', bay('bay-1'), {
      'regulator.before-use': done('2026-11-24'),
      'regulator.quarterly': done('2026-08-24'),
      'regulator.yearly': done('2025-11-20'),
    }).item
    expect(listsToDo(regulator, BUILT_IN_LISTS, '2026-11-24', false).map(({ id }) => id)).toEqual(['regulator.quarterly'])
    expect(listsToDo(regulator, BUILT_IN_LISTS, '2026-11-24', true).map(({ id }) => id)).toEqual([
      'regulator.quarterly',
      'regulator.yearly',
    ])
    expect(listsToDo(regulator, BUILT_IN_LISTS, '2026-11-25', false).map(({ id }) => id)).toEqual([
      'regulator.before-use',
      'regulator.quarterly',
    ])
    expect(listsToDo({ ...regulator, taggedOut: { reason: '', checks: [] } }, BUILT_IN_LISTS, '2026-11-25', true)).toEqual([])
  })
  it('the calendar\'s soonest day leaves the look before use out, and knows an extinguisher\'s own dates', () => {
    expect(calendarDueOn(item('c-1', 'work-clamp', null).item, BUILT_IN_LISTS)).toBeNull()
    expect(calendarDueOn(item('r-1', 'regulator', null).item, BUILT_IN_LISTS)).toBe('now')
    const lists = { 'extinguisher.monthly': done('2026-11-20'), 'extinguisher.yearly': done('2026-06-01') }
    // Dry chemical made in May 2014: the second look inside, with the pressure test, in May 2026 (NFPA 10, from memory).
    expect(
      calendarDueOn(
        item('ex-1', 'extinguisher', null, lists, {
          marks: { extinguisherType: 'dry-chemical', madeOn: '2014-05-01', openedOn: '2020-05-01' },
        }).item,
        BUILT_IN_LISTS,
      ),
    ).toBe('2026-05-01')
    expect(calendarDueOn(item('ex-1', 'extinguisher', null, lists, { isRetired: true }).item, BUILT_IN_LISTS)).toBeNull()
  })
})

describe('a site\'s own lists', () => {
  const { version: _version, ...yearly } = BUILT_IN_LISTS.find(({ id }) => id === 'regulator.yearly')!
  const after = (state: CheckListsState, ...commands: Parameters<typeof decideCheckLists>[1][]): CheckListsState =>
    commands.reduce((now, command) => {
      const decided = decideCheckLists(now, command)
      return 'events' in decided ? decided.events.reduce(evolveCheckLists, now) : now
    }, state)
  const longer: Omit<CheckList, 'version'> = { ...yearly, graceDays: 2 }
  it('each change is a new version; unchanged, there is none; every version can still be read', () => {
    const state = after(
      NO_OWN_LISTS,
      { type: 'check-lists.change', payload: { list: yearly } },
      { type: 'check-lists.change', payload: { list: longer } },
      { type: 'check-lists.change', payload: { list: longer } },
    )
    expect(checkList(state, 'regulator.yearly')).toMatchObject({ version: 2, graceDays: 2 })
    expect(checkList(state, 'regulator.yearly', 1)).toMatchObject({ version: 1, graceDays: 0 })
    expect(state.versions['regulator.yearly']).toHaveLength(1)
  })
  it('a dropped list is gone until it is taken up again, with the next number', () => {
    const dropped = after(NO_OWN_LISTS, { type: 'check-lists.drop', payload: { listId: 'regulator.yearly' } })
    expect([checkList(dropped, 'regulator.yearly'), listsInForce(dropped).length]).toEqual([null, BUILT_IN_LISTS.length - 1])
    expect(decideCheckLists(dropped, { type: 'check-lists.drop', payload: { listId: 'regulator.yearly' } })).toHaveProperty('refused')
    expect(checkList(after(dropped, { type: 'check-lists.change', payload: { list: yearly } }), 'regulator.yearly')?.version).toBe(2)
  })
  it('what a check cites is the book\'s: not what an older record printed, nor what somebody sends', () => {
    const printed = { document: 'A book of long ago', basis: 'published', confidence: 'high' }
    const [first] = yearly.checks
    const checks = [{ ...first!, source: printed }, { id: 'ours', asks: 'yes-no', text: 'Is it ours?', source: 'usArcUse' }]
    const landed = evolveCheckLists(NO_OWN_LISTS, {
      type: 'check-list-changed', version: 1, payload: { list: { ...yearly, version: 2, checks } as unknown as CheckList },
    })
    const read = checkList(landed, 'regulator.yearly')!.checks
    expect(first!.source).toBeDefined()
    expect(read.map(({ source }) => source)).toEqual([first!.source, undefined])
    // Saved as it is read it stays the list that it is, and what is written names no source.
    expect(decideCheckLists(landed, { type: 'check-lists.change', payload: { list: { ...yearly, checks: read } } })).toEqual({ events: [] })
    const decided = decideCheckLists(landed, { type: 'check-lists.change', payload: { list: longer } })
    expect(JSON.stringify(decided)).not.toContain('source')
  })
  it('a list of the site\'s own stands beside the built-in ones', () => {
    const own = after(NO_OWN_LISTS, { type: 'check-lists.change', payload: { list: { ...yearly, id: 'hose.yard-rule' } } })
    expect(listsInForce(own).at(-1)).toMatchObject({ id: 'hose.yard-rule', version: 1 })
  })
})
