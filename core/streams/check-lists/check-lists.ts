import type { Decision } from '../decision'
import { finding } from '../../findings/finding'
import { BUILT_IN_LISTS, citing, uncited } from '../../inspection/built-in-lists'
import type { CheckList } from '../../inspection/check-list'

/**
 * The site's own check lists, every version of each: a finished inspection is read against the version it was done with.
 * A list that the site never edited is the built-in one.
 */
export interface CheckListsState {
  readonly versions: Readonly<Record<string, readonly CheckList[]>>
  readonly dropped: readonly string[]
}
export const NO_OWN_LISTS: CheckListsState = { versions: {}, dropped: [] }

export interface CheckListsCommands {
  /** The list as it shall be; its version is given by the site's record. */
  'check-lists.change': { readonly list: Omit<CheckList, 'version'> }
  /** Built-in lists can be dropped too, but for the looks before use: law may still ask for them. */
  'check-lists.drop': { readonly listId: string }
}
export type CheckListsCommand = {
  [T in keyof CheckListsCommands]: { readonly type: T, readonly payload: CheckListsCommands[T] }
}[keyof CheckListsCommands]

export type CheckListsEvent
  = | { readonly type: 'check-list-changed', readonly version: 1, readonly payload: { readonly list: CheckList } }
    | { readonly type: 'check-list-dropped', readonly version: 1, readonly payload: { readonly listId: string } }

export function evolveCheckLists(state: CheckListsState, event: CheckListsEvent): CheckListsState {
  if (event.type === 'check-list-dropped') return { ...state, dropped: [...state.dropped, event.payload.listId] }
  const { list: landed } = event.payload
  // An older record holds what a check cited as it was printed then; a newer one holds nothing of it. It is what its built-in one cites.
  const list = { ...landed, checks: landed.checks.map(citing) }
  return {
    versions: { ...state.versions, [list.id]: [...(state.versions[list.id] ?? []), list] },
    dropped: state.dropped.filter(id => id !== list.id),
  }
}

const builtIn = (listId: string): CheckList | undefined => BUILT_IN_LISTS.find(({ id }) => id === listId)

/** A built-in look before use: it may be worded anew, and never dropped, moved to another kind or put off to another day. */
export const mustStay = (listId: string): boolean => builtIn(listId)?.every.unit === 'use'

/** A list in the version that stands, or in the one asked for; null when the site has none. */
export function checkList({ versions, dropped }: CheckListsState, listId: string, version?: number): CheckList | null {
  const own = builtIn(listId)
  const all = [...own ? [own] : [], ...Object.hasOwn(versions, listId) ? versions[listId]! : []]
  if (version !== undefined) return all.findLast(list => list.version === version) ?? null
  if (own && mustStay(listId))
    return all.findLast(list => list.every.unit === 'use' && list.kind === own.kind && list.checks.length > 0) ?? own
  return dropped.includes(listId) ? null : all.at(-1) ?? null
}

/** Every list that stands: the built-in ones as the site left or edited them, then its own. */
export function listsInForce(state: CheckListsState): readonly CheckList[] {
  const ids = [...BUILT_IN_LISTS.map(({ id }) => id), ...Object.keys(state.versions).filter(id => !builtIn(id))]
  return ids.flatMap(id => checkList(state, id) ?? [])
}

/** Decides a change to the lists: ids of checks are told apart, and every list asks something. */
export function decideCheckLists(state: CheckListsState, command: CheckListsCommand): Decision<CheckListsEvent> {
  if (command.type === 'check-lists.drop') {
    const { listId } = command.payload
    if (mustStay(listId)) return { refused: [finding('hold', 'kit.list-must-stay', { listId })] }
    return checkList(state, listId)
      ? { events: [{ type: 'check-list-dropped', version: 1, payload: { listId } }] }
      : { refused: [finding('hold', 'command.unknown-stream', { streamId: listId })] }
  }
  const { list } = command.payload
  if (mustStay(list.id) && (list.every.unit !== 'use' || list.kind !== builtIn(list.id)!.kind || list.checks.length === 0))
    return { refused: [finding('hold', 'kit.list-must-stay', { listId: list.id })] }
  const newest = Math.max(0, builtIn(list.id)?.version ?? 0, ...(state.versions[list.id] ?? []).map(({ version }) => version))
  const standing = checkList(state, list.id)
  // A list that stays as it is needs no new version, and nothing done against it loses its worth.
  if (standing && JSON.stringify({ ...standing, version: 0 }, sortKeys) === JSON.stringify({ ...list, version: 0 }, sortKeys))
    return { events: [] }
  const checks = list.checks.map(uncited)
  return { events: [{ type: 'check-list-changed', version: 1, payload: { list: { ...list, checks, version: newest + 1 } } }] }
}

/** Keys in one order, for comparing what came from different makers. */
const sortKeys = (_key: string, value: unknown): unknown => value && typeof value === 'object' && !Array.isArray(value)
  ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => a < b ? -1 : 1))
  : value
