import type { Finding } from '../finding'
import { finding } from '../finding'
import { BUILT_IN_LISTS, listsFor } from './built-in-lists'
import type { CheckList } from './check-list'
import { dueState } from './due'
import type { Due } from './due'
import type { ItemState } from './item'

/** A list as it stands for one thing. */
export interface ListStanding { readonly list: CheckList, readonly due: Due }
export interface ItemStanding {
  /** No gate opens on a thing that may not be used. */
  readonly mayUse: boolean
  readonly lists: readonly ListStanding[]
  /** The soonest calendar day on which something falls due, YYYY-MM-DD; null when something is due now, or nothing ever is. */
  readonly nextDueOn: string | null
  readonly findings: readonly Finding[]
}

/**
 * How a thing stands today: tagged out, retired, late, or in service with proof. Every list of its kind must be in date.
 *
 * @param today the shop day, YYYY-MM-DD
 */
export function judgeItem(item: ItemState, today: string, lists: readonly CheckList[] = BUILT_IN_LISTS): ItemStanding {
  const { tag } = item
  const standings = listsFor(item.kind, lists).map(list => ({ list, due: dueState(list, item.lists[list.id] ?? { passedOn: null, eventsSince: [] }, today) }))
  const findings: Finding[] = []
  if (item.isRetired) findings.push(finding('hold', 'kit.retired', { tag }))
  if (item.taggedOut) findings.push(finding('hold', 'kit.tagged-out', { tag, reason: item.taggedOut.reason }))
  for (const { list, due } of standings) {
    const listId = list.id
    switch (due.state) {
      case 'never-done': findings.push(finding('hold', 'kit.never-done', { tag, listId })); break
      case 'after-event': findings.push(finding('hold', 'kit.due-after-event', { tag, listId, events: item.lists[listId]!.eventsSince.filter(event => list.triggers.includes(event)) })); break
      case 'late': findings.push(finding('hold', 'kit.late', { tag, listId, dueOn: due.dueOn!, days: due.daysLate })); break
      case 'in-grace': findings.push(finding('caution', 'kit.in-grace', { tag, listId, dueOn: due.dueOn!, days: due.daysLate })); break
      case 'in-date': case 'due-today': break
    }
  }
  const dates = standings.map(({ due }) => due.dueOn)
  return {
    mayUse: !item.isRetired && item.taggedOut === null && standings.every(({ due }) => due.mayUse), lists: standings,
    nextDueOn: dates.includes(null) ? null : dates.reduce<string | null>((soonest, date) => soonest === null || date! < soonest ? date : soonest, null), findings,
  }
}
