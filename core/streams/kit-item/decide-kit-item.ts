import type { Decision } from '../decision'
import { isRefused } from '../decision'
import { tagIdOf } from '../../ids/tag'
import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import { evolveKitItem } from './kit-item'
import type { KitItem, KitItemCommand, KitItemCommands, KitItemContext, KitItemEvent, OnPaper } from './kit-item'
import { judgeInspection } from '../../inspection/judge-inspection'
import { isOutrun } from '../../time/late-reports'

const refuse = (...refused: readonly Finding[]): Decision<KitItemEvent> => ({ refused })

/** Reports of what somebody saw; the rest are requests. */
const REPORTS: ReadonlySet<KitItemCommand['type']> = new Set(['item.inspect', 'item.tag-out', 'item.note-event'])

/**
 * Decides what happens to a thing with a tag. Requests (register, assign, release, retire) can be refused; what somebody
 * saw (an inspection, a defect, a fall) is always recorded: a failed look tags out in the same breath, a pass by somebody
 * not named for it is kept and renews nothing.
 */
export function decideKitItem(
  state: KitItem | null,
  command: KitItemCommand,
  context: KitItemContext,
): Decision<KitItemEvent> {
  const { tag, at, isCompetent } = context
  if (command.type === 'item.register-many') return registerOneOfMany(state, command, context)
  if (command.type === 'item.register') {
    return state
      ? refuse(finding('hold', 'kit.tag-taken', { tag }))
      : { events: [{ type: 'item-registered', version: 1, payload: { ...command.payload, tag } }] }
  }
  if (!state) {
    return REPORTS.has(command.type)
      ? {
          events: [{ type: 'unknown-tag-reported', version: 1, payload: { reported: command.type, payload: command.payload } }],
          remarks: [finding('caution', 'kit.tag-unknown', { tag })],
        }
      : refuse(finding('hold', 'kit.tag-unknown', { tag }))
  }
  switch (command.type) {
    case 'item.correct':
      return { events: [{ type: 'item-corrected', version: 1, payload: command.payload }] }
    case 'item.assign':
      if (state.isRetired) return refuse(finding('hold', 'kit.retired', { tag }))
      if (state.taggedOut && command.payload.assignment) return refuse(finding('hold', 'kit.tagged-out', { tag, ...state.taggedOut }))
      return { events: [{ type: 'item-assigned', version: 1, payload: { ...command.payload, at } }] }
    case 'item.inspect':
      return inspect(state, command, context)
    case 'item.tell-paper':
      return tellPaper(state, command.payload, context)
    case 'item.tag-out':
      return { events: [{ type: 'item-tagged-out', version: 1, payload: { reason: command.payload.reason, checks: [] } }] }
    case 'item.release':
      if (!state.taggedOut) return refuse(finding('hold', 'kit.not-tagged-out', { tag }))
      if (!isCompetent) return refuse(finding('hold', 'kit.competence-missing', { kind: state.kind }))
      if (command.payload.repair.trim() === '') return refuse(finding('hold', 'kit.repair-not-said', {}))
      return { events: [{ type: 'item-released', version: 1, payload: { ...command.payload, at } }] }
    case 'item.note-event':
      return { events: [{ type: 'item-event-noted', version: 1, payload: { ...command.payload, at } }] }
    case 'item.retire':
      return state.isRetired ? { events: [] } : { events: [{ type: 'item-retired', version: 1, payload: command.payload }] }
  }
}

/**
 * A date on paper stands for a look that nobody made here, so it opens no more than it must: only by the calendar, only for who could have
 * passed the list, and only while nothing is known of the thing that is newer, or that the look would have had to answer.
 */
function tellPaper(
  { tag, kind, lists, lastEventAt, taggedOut, isRetired }: KitItem,
  { listId, doneOn, by }: OnPaper,
  { shopDay, at, listNamed, isCompetent }: KitItemContext,
): Decision<KitItemEvent> {
  const list = listNamed(listId)
  if (isRetired) return refuse(finding('hold', 'kit.retired', { tag }))
  if (list?.kind !== kind) return refuse(finding('hold', 'kit.list-of-other-kind', { tag, kind }))
  if (list.every.unit === 'use') return refuse(finding('hold', 'kit.paper-before-use', { tag, listId }))
  if (list.examiner === 'competent' && !isCompetent) return refuse(finding('hold', 'kit.competence-missing', { kind }))
  if (doneOn > shopDay) return refuse(finding('hold', 'kit.paper-future', { tag, doneOn }))
  const known = lists[listId]
  const isOlder = known !== undefined && (known.passedOn === null || known.passedOn >= doneOn)
  return taggedOut || lastEventAt !== null || isOlder
    ? refuse(finding('hold', 'kit.paper-outrun', { tag, listId }))
    : { events: [{ type: 'item-paper-told', version: 1, payload: { listId, doneOn, by, listVersion: list.version, at } }] }
}

/** A thing of a list of many: registered, given to where it is used, and with what papers say of it; or nothing of it. */
function registerOneOfMany(
  state: KitItem | null,
  { payload: { items } }: Extract<KitItemCommand, { readonly type: 'item.register-many' }>,
  context: KitItemContext,
): Decision<KitItemEvent> {
  const { tag, at } = context
  const asked = newItemOf(items, tag)
  if (asked === null) return refuse(finding('hold', 'kit.tag-unknown', { tag }))
  if (state) return refuse(finding('hold', 'kit.tag-taken', { tag }))
  const { kind, name, marks, assignment, onPaper } = asked
  const events: KitItemEvent[] = [{ type: 'item-registered', version: 1, payload: { tag, kind, name, marks } }]
  if (assignment) events.push({ type: 'item-assigned', version: 1, payload: { assignment, at } })
  let thing = events.reduce(evolveKitItem, null)!
  for (const paper of onPaper) {
    const told = tellPaper(thing, paper, context)
    if (isRefused(told)) return told
    events.push(...told.events)
    thing = told.events.reduce(evolveKitItem, thing)!
  }
  return { events }
}

/** What a list of many says of one tag; null where it says nothing. */
export const newItemOf = (
  items: KitItemCommands['item.register-many']['items'],
  tag: string,
): KitItemCommands['item.register-many']['items'][string] | null => {
  const id = tagIdOf(tag)
  return Object.hasOwn(items, id) ? items[id]! : null
}

function inspect(
  state: KitItem,
  { payload }: Extract<KitItemCommand, { readonly type: 'item.inspect' }>,
  { listNamed, isCompetent, shopDay, at }: KitItemContext,
): Decision<KitItemEvent> {
  const remarks: Finding[] = []
  const list = listNamed(payload.listId)
  // A list that the site has dropped since, or one of another kind, can pass nothing; what was seen is recorded all the same.
  const own = list?.kind === state.kind ? list : null
  if (!own) remarks.push(finding('caution', 'kit.list-of-other-kind', { tag: state.tag, kind: state.kind }))
  const judged = judgeInspection(own ?? { checks: [] }, payload.answers)
  // A plain no is a defect even where the list no longer asks for it.
  const failed = [
    ...new Set([
      ...judged.failed,
      ...Object.entries(payload.answers)
        .filter(([, answer]) => answer === false)
        .map(([id]) => id),
    ]),
  ]
  const mayPass = own !== null && (own.examiner === 'user' || isCompetent)
  const isOld = own !== null && payload.listVersion !== own.version
  if (isOld)
    remarks.push(finding('caution', 'kit.list-version-old', { listId: own.id, version: payload.listVersion, current: own.version }))
  if (judged.result === 'open')
    remarks.push(finding('caution', 'kit.checks-missing', { checks: judged.missing, count: judged.missing.length }))
  if (own && !mayPass && judged.result === 'passed') remarks.push(finding('caution', 'kit.competence-missing', { kind: state.kind }))
  const isLate = isOutrun(at, own && state.lists[own.id]?.doneAt, state.lastEventAt)
  if (isLate && judged.result === 'passed') remarks.push(finding('caution', 'kit.report-outrun', { tag: state.tag }))
  // Against a list that has changed since, by somebody not named for it, or from before what is known, a pass proves nothing: it stays
  // open.
  const result = failed.length > 0 ? 'failed' : judged.result === 'passed' && mayPass && !isOld && !isLate ? 'passed' : 'open'
  const events: KitItemEvent[] = [{ type: 'item-inspected', version: 1, payload: { ...payload, result, failed, shopDay, at } }]
  if (failed.length > 0) events.push({ type: 'item-tagged-out', version: 1, payload: { reason: payload.remark ?? '', checks: failed } })
  return remarks.length > 0 ? { events, remarks } : { events }
}
