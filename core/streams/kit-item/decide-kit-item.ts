import type { Decision } from '../decision'
import type { Finding } from '../../findings/finding'
import { finding } from '../../findings/finding'
import type { KitItemCommand, KitItemContext, KitItemEvent, KitItem } from './kit-item'
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
  { tag, shopDay, at, list, isCompetent }: KitItemContext,
): Decision<KitItemEvent> {
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
      return inspect(state, command, { list, isCompetent, shopDay, at })
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

function inspect(
  state: KitItem,
  { payload }: Extract<KitItemCommand, { readonly type: 'item.inspect' }>,
  { list, isCompetent, shopDay, at }: Omit<KitItemContext, 'tag'>,
): Decision<KitItemEvent> {
  const remarks: Finding[] = []
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
