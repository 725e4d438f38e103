import { describe, expect, it } from 'vitest'
import { isRefused } from '#core/streams/decision'
import { BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import { judgeKitItem } from '#core/inspection/judge-kit-item'
import { decideKitItem } from '#core/streams/kit-item/decide-kit-item'
import { evolveKitItem } from '#core/streams/kit-item/kit-item'
import type { KitItem, KitItemCommand, KitItemContext, OnPaper } from '#core/streams/kit-item/kit-item'

const [TAG, TODAY] = ['FA-3', '2026-11-23']
const AT = `${TODAY}T10:00:00.000Z`
const YEARLY = 'flashback-arrestor.yearly'
const PAPER: OnPaper = { listId: YEARLY, doneOn: '2026-05-12', by: 'Test bench 4' }

interface Done { readonly state: KitItem | null, readonly refused: readonly string[] }
function act(state: KitItem | null, command: KitItemCommand, over: Partial<KitItemContext> = {}): Done {
  const listNamed = (listId: string) => BUILT_IN_LISTS.find(({ id }) => id === listId) ?? null
  const decision = decideKitItem(state, command, { tag: TAG, shopDay: TODAY, at: AT, listNamed, isCompetent: true, ...over })
  return isRefused(decision)
    ? { state, refused: decision.refused.map(({ code }) => code) }
    : { state: decision.events.reduce(evolveKitItem, state), refused: [] }
}
const tell = (over: Partial<OnPaper> = {}): KitItemCommand => ({ type: 'item.tell-paper', payload: { ...PAPER, ...over } })
const FRESH = act(null, { type: 'item.register', payload: { kind: 'flashback-arrestor', name: 'Arrestor', marks: {} } }).state!
const dueOf = (state: KitItem | null, listId = YEARLY) =>
  judgeKitItem(state!, TODAY).lists.find(({ list }) => list.id === listId)!.due.state

describe('what a paper says of a thing', () => {
  it('stands for the look by the calendar from the day it was made, and no longer', () => {
    expect(dueOf(FRESH)).toBe('never-done')
    const told = act(FRESH, tell()).state
    expect(dueOf(told)).toBe('in-date')
    expect(judgeKitItem(told!, '2027-05-13').lists.find(({ list }) => list.id === YEARLY)!.due.state).toBe('late')
    expect(dueOf(act(FRESH, tell({ doneOn: '2025-05-12' })).state)).toBe('late')
  })
  it('never passes the look before use, nor a list of something else, nor one that is not there', () => {
    expect(act(FRESH, tell({ listId: 'flashback-arrestor.before-use' })).refused).toEqual(['kit.paper-before-use'])
    expect(act(FRESH, tell({ listId: 'hose.before-use' })).refused).toEqual(['kit.list-of-other-kind'])
    expect(act(FRESH, tell({ listId: 'gone' })).refused).toEqual(['kit.list-of-other-kind'])
  })
  it('is taken only from who could have passed it', () => {
    expect(act(FRESH, tell(), { isCompetent: false }).refused).toEqual(['kit.competence-missing'])
  })
  it('is of no day that is still to come', () => {
    expect(act(FRESH, tell({ doneOn: '2026-11-24' })).refused).toEqual(['kit.paper-future'])
    expect(act(FRESH, tell({ doneOn: TODAY })).refused).toEqual([])
  })
  it('says nothing against what is known here: a fall, a failed look, a newer pass, a tag', () => {
    const fell = act(FRESH, { type: 'item.note-event', payload: { event: 'dropped' } }).state
    expect(act(fell, tell()).refused).toEqual(['kit.paper-outrun'])
    const yearly = BUILT_IN_LISTS.find(({ id }) => id === YEARLY)!
    const look = (answers: Readonly<Record<string, boolean | number>>): KitItemCommand =>
      ({ type: 'item.inspect', payload: { listId: YEARLY, listVersion: yearly.version, answers } })
    expect(act(act(FRESH, look({ 'arrestor-function': false, 'arrestor-age': 2 })).state, tell()).refused).toEqual(['kit.paper-outrun'])
    const passed = act(FRESH, look({ 'arrestor-function': true, 'arrestor-age': 2 })).state
    expect(act(passed, tell()).refused).toEqual(['kit.paper-outrun'])
    expect(act(act(FRESH, { type: 'item.tag-out', payload: { reason: 'sooted' } }).state, tell()).refused).toEqual(['kit.paper-outrun'])
    expect(act(act(FRESH, { type: 'item.retire', payload: { reason: 'worn' } }).state, tell()).refused).toEqual(['kit.retired'])
    expect(act(act(FRESH, tell()).state, tell({ doneOn: '2026-01-02' })).refused).toEqual(['kit.paper-outrun'])
  })
  it('does not keep a fall from asking for the look again', () => {
    const fell = act(act(FRESH, tell()).state, { type: 'item.note-event', payload: { event: 'flashback' } }).state
    expect(judgeKitItem(fell!, TODAY).mayUse).toBe(false)
  })
})

describe('many at once', () => {
  const assignment = { to: 'bay', id: 'bay-1' } as const
  const item = { kind: 'flashback-arrestor', name: 'Arrestor', marks: {}, assignment, onPaper: [PAPER] } as const
  const many = (over: object = {}): KitItemCommand =>
    ({ type: 'item.register-many', payload: { items: { 'fa-3': { ...item, ...over } } } })
  it('each has its tag, its bay and what its paper says, and its look before use to come', () => {
    const { state } = act(null, many())
    expect(state).toMatchObject({ tag: TAG, kind: 'flashback-arrestor', assignment: { to: 'bay', id: 'bay-1' } })
    expect([dueOf(state), judgeKitItem(state!, TODAY).mayUse]).toEqual(['in-date', false])
  })
  it('a thing is refused whole with a paper that is not taken', () => {
    expect(act(null, many({ onPaper: [{ ...PAPER, doneOn: '2026-11-24' }] }))).toEqual({ state: null, refused: ['kit.paper-future'] })
    expect(act(null, many(), { isCompetent: false }).refused).toEqual(['kit.competence-missing'])
    expect(act(null, many({ onPaper: [PAPER, PAPER] })).refused).toEqual(['kit.paper-outrun'])
  })
  it('no tag is given twice, and nothing is said of a tag that is not named', () => {
    expect(act(FRESH, many()).refused).toEqual(['kit.tag-taken'])
    expect(act(null, { type: 'item.register-many', payload: { items: { toString: item } } }).refused).toEqual(['kit.tag-unknown'])
    expect(act(null, { type: 'item.register-many', payload: { items: {} } }).refused).toEqual(['kit.tag-unknown'])
  })
})
