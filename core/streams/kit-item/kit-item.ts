import type { Instant } from '../../time/instant'
import type { ExtinguisherType } from '../../inspection/extinguisher-dates'
import type { EquipmentKindId, MaskId } from '../../ids/vocabulary'
import type { Answers, CheckList } from '../../inspection/check-list'
import { laterOf } from '../../time/instant'
import type { ItemEventId } from '../../ids/kit-ids'
import type { HelmetKindId } from '../../ids/protection-ids'
import type { LaserBeam, LaserFilter } from '../../laser/beam'

/** Where a thing is meant to be used or kept: in a bay, by a person, under a permit, at a place, or nowhere for now. */
export type Assignment
  = | { readonly to: 'person' | 'place', readonly id: string }
    | { readonly to: 'permit', readonly id: string, readonly distanceM?: number }
  /** A thing that serves several bays, an arrestor at a shared outlet say, closes all of them. */
    | { readonly to: 'bay', readonly id: string, readonly alsoIds?: readonly string[], readonly distanceM?: number }
    | null

/** From where a thing hangs to the farthest work it is for, m along the way; null where nobody measured. */
export const distanceOf = (assignment: Assignment): number | null =>
  (assignment?.to === 'bay' || assignment?.to === 'permit' ? assignment.distanceM : undefined) ?? null

/** Every bay that a thing serves. */
export const baysServed = (assignment: Assignment): readonly string[] =>
  assignment?.to === 'bay' ? [...new Set([assignment.id, ...(assignment.alsoIds ?? [])])] : []

/** What the marks on a thing say that a judgement needs. Numbers in the units of their names. */
export interface KitItemMarks {
  readonly ratedCurrentA?: number
  readonly ratedDutyPercent?: number
  readonly maxCurrentA?: number
  readonly leadLengthM?: number
  readonly leadAreaMm2?: number
  /** Shades of a helmet, lightest and darkest of each band; a fixed one has the same number twice. Between bands there is a gap. */
  readonly shadeBands?: readonly (readonly [lightest: number, darkest: number])[]
  /** Of a helmet: whether its lens turns dark by itself; for one that does, its shade before, and how soon it is dark, ms. */
  readonly lensKind?: HelmetKindId
  readonly lightState?: number
  readonly switchingMs?: number
  readonly extinguisherType?: ExtinguisherType
  readonly pressureTestedOn?: string
  readonly openedOn?: string
  readonly toolRpm?: number
  readonly madeOn?: string
  /** What kind of respirator it is: credit goes to the mask that is worn, not to one that was tested. */
  readonly mask?: MaskId
  /** What an extinguisher is rated for, as printed on it: `4-A:60-B:C`, `43A 233B C`. */
  readonly extinguisherRating?: string
  /** Of a laser: its beam, as its plate and its papers say. */
  readonly laserBeam?: LaserBeam
  /** Of laser eyewear, or a helmet against a laser: what is marked on its filter. */
  readonly laserFilter?: LaserFilter
}

/**
 * The shop day a list was last passed on, what happened since, and when it was last done: a report that comes later than its day must not
 * undo it.
 */
export interface ListDone { readonly passedOn: string | null, readonly eventsSince: readonly ItemEventId[], readonly doneAt: Instant }

/** A thing with a tag, as its events leave it. */
export interface KitItem {
  readonly tag: string
  readonly kind: EquipmentKindId
  readonly name: string
  readonly marks: KitItemMarks
  readonly assignment: Assignment
  /** When it was last given to somebody or something; left out where that was not kept. What was said before was said of another. */
  readonly assignedAt?: Instant
  /** Why it is tagged out; null while it may be used. */
  readonly taggedOut: { readonly reason: string, readonly checks: readonly string[] } | null
  readonly isRetired: boolean
  /** When something last happened to it, or it was repaired: a look from before proves nothing. */
  readonly lastEventAt: Instant | null
  readonly lists: Readonly<Record<string, ListDone>>
}

/** What a paper says of a list that goes by the calendar: the day it was passed, and by whom. */
export interface OnPaper { readonly listId: string, readonly doneOn: string, readonly by: string }
/** A thing before it has its tag. */
export interface NewKitItem { readonly kind: EquipmentKindId, readonly name: string, readonly marks: KitItemMarks }

export interface KitItemCommands {
  'item.register': NewKitItem
  /** Many at once, by their tags, each with where it is used and what papers say of it. */
  'item.register-many': {
    readonly items: Readonly<Record<string, NewKitItem & { readonly assignment: Assignment, readonly onPaper: readonly OnPaper[] }>>
  }
  /** It was passed before this shop kept its record here. */
  'item.tell-paper': OnPaper
  /** What its name and marks say now. */
  'item.correct': { readonly name: string, readonly marks: KitItemMarks }
  'item.assign': { readonly assignment: Assignment }
  /** A finished inspection; the version of the list it was done against goes with it. */
  'item.inspect': { readonly listId: string, readonly listVersion: number, readonly answers: Answers, readonly remark?: string }
  'item.tag-out': { readonly reason: string }
  'item.release': { readonly repair: string }
  'item.note-event': { readonly event: ItemEventId, readonly remark?: string }
  'item.retire': { readonly reason: string }
}
export type KitItemCommand = {
  [T in keyof KitItemCommands]: { readonly type: T, readonly payload: KitItemCommands[T] }
}[keyof KitItemCommands]

export type KitItemEvent
  = | {
    readonly type: 'item-registered'
    readonly version: 1
    readonly payload: NewKitItem & { readonly tag: string }
  }
  | {
    readonly type: 'item-paper-told'
    readonly version: 1
    readonly payload: OnPaper & { readonly listVersion: number, readonly at: Instant }
  }
  | { readonly type: 'item-corrected', readonly version: 1, readonly payload: KitItemCommands['item.correct'] }
  /** Somebody reported on a tag that nothing wears: kept on record, for whoever registers it. */
  | {
    readonly type: 'unknown-tag-reported'
    readonly version: 1
    readonly payload: { readonly reported: string, readonly payload: unknown }
  }
  | { readonly type: 'item-assigned', readonly version: 1, readonly payload: KitItemCommands['item.assign'] & { readonly at?: Instant } }
  | {
    readonly type: 'item-inspected'
    readonly version: 1
    readonly payload: KitItemCommands['item.inspect'] & {
      readonly result: 'passed' | 'failed' | 'open'
      readonly failed: readonly string[]
      readonly shopDay: string
      readonly at: Instant
    }
  }
  | {
    readonly type: 'item-tagged-out'
    readonly version: 1
    readonly payload: { readonly reason: string, readonly checks: readonly string[] }
  }
  | { readonly type: 'item-released', readonly version: 1, readonly payload: KitItemCommands['item.release'] & { readonly at: Instant } }
  | {
    readonly type: 'item-event-noted'
    readonly version: 1
    readonly payload: KitItemCommands['item.note-event'] & { readonly at: Instant }
  }
  | { readonly type: 'item-retired', readonly version: 1, readonly payload: KitItemCommands['item.retire'] }

const happened = (lists: KitItem['lists'], event: ItemEventId): KitItem['lists'] =>
  Object.fromEntries(
    Object.entries(lists).map(([id, done]) => [
      id,
      { ...done, eventsSince: [...done.eventsSince.filter(before => before !== event), event] },
    ]),
  )

/** What an event makes of a thing. A tag is worn once: everything but registering needs a thing that is there. */
export function evolveKitItem(state: KitItem | null, event: KitItemEvent): KitItem | null {
  if (event.type === 'unknown-tag-reported') return state
  if (event.type === 'item-registered') {
    const { tag, kind, name, marks } = event.payload
    return { tag, kind, name, marks, assignment: null, taggedOut: null, isRetired: false, lastEventAt: null, lists: {} }
  }
  if (!state) return null
  switch (event.type) {
    case 'item-corrected':
      return { ...state, ...event.payload }
    case 'item-assigned':
      return { ...state, assignment: event.payload.assignment, ...event.payload.at ? { assignedAt: event.payload.at } : {} }
    case 'item-inspected': {
      const { listId, result, shopDay, at } = event.payload
      // Only a pass renews a date. A failed look takes the old one away too: released, the thing passes it again first.
      return result === 'open'
        ? state
        : {
            ...state,
            lists: {
              ...state.lists,
              [listId]: {
                passedOn: result === 'passed' ? shopDay : null,
                eventsSince: [],
                doneAt: laterOf(state.lists[listId]?.doneAt ?? null, at),
              },
            },
          }
    }
    case 'item-paper-told': {
      const { listId, doneOn, at } = event.payload
      const doneAt = laterOf(state.lists[listId]?.doneAt ?? null, at)
      return { ...state, lists: { ...state.lists, [listId]: { passedOn: doneOn, eventsSince: [], doneAt } } }
    }
    // Tagged out again, it keeps the first reason that was given and gathers what failed.
    case 'item-tagged-out':
      return {
        ...state,
        taggedOut: {
          reason: state.taggedOut?.reason || event.payload.reason,
          checks: [...new Set([...(state.taggedOut?.checks ?? []), ...event.payload.checks])],
        },
      }
    // A repair asks for every list that names it.
    case 'item-released':
      return {
        ...state,
        taggedOut: null,
        lastEventAt: laterOf(state.lastEventAt, event.payload.at),
        lists: happened(state.lists, 'repaired'),
      }
    case 'item-event-noted':
      return { ...state, lastEventAt: laterOf(state.lastEventAt, event.payload.at), lists: happened(state.lists, event.payload.event) }
    case 'item-retired':
      return { ...state, isRetired: true, assignment: null }
  }
}

/** What a decision on a thing needs besides its state. */
export interface KitItemContext {
  readonly tag: string
  /** The shop day on which it happens, YYYY-MM-DD. */
  readonly shopDay: string
  /** The instant of it, which may be before what is known by now. */
  readonly at: Instant
  /** A list by its id, in its current version; null when the site has none by that id. */
  readonly listNamed: (listId: string) => CheckList | null
  /** Whether whoever acts is named as competent for this kind, or is the safety lead. */
  readonly isCompetent: boolean
}
