import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { BUILT_IN_LISTS, listsFor } from './built-in-lists'
import type { CheckList } from './check-list'
import { dueState } from './due'
import type { Due } from './due'
import { extinguisherDues } from './extinguisher-dates'
import type { KitItem } from '../streams/kit-item/kit-item'

/** A list as it stands for one thing. */
export interface ListStanding { readonly list: CheckList, readonly due: Due }
export interface ItemStanding {
  /** No gate opens on a thing that may not be used. */
  readonly mayUse: boolean
  readonly lists: readonly ListStanding[]
  readonly findings: readonly Finding[]
}

/** What an extinguisher's own dates say, besides its lists. When it was made decides, so not knowing holds. */
function judgeExtinguisher({ tag, marks }: KitItem, today: string): readonly Finding[] {
  const dues = extinguisherDues(marks)
  if (dues === null) return [finding('hold', 'kit.mark-unknown', { tag, what: 'made-on' }, ['extinguisher'])]
  return dues
    .filter(({ dueOn }) => today > dueOn)
    .map(({ what, dueOn }) => finding('hold', 'kit.mark-due', { tag, what, dueOn }, ['extinguisher']))
}

/**
 * How a thing stands today: tagged out, retired, late, or in service with proof. Every list of its kind must be in date.
 *
 * @param today the shop day, YYYY-MM-DD
 */
export function judgeKitItem(item: KitItem, today: string, lists: readonly CheckList[] = BUILT_IN_LISTS): ItemStanding {
  const { tag } = item
  const standings = listsFor(item.kind, lists).map(list => ({
    list,
    due: dueState(list, item.lists[list.id] ?? { passedOn: null, eventsSince: [] }, today),
  }))
  const findings: Finding[] = []
  // What nobody ever has to look at is not known to be sound.
  if (standings.length === 0) findings.push(finding('hold', 'kit.no-list', { tag, kind: item.kind }))
  if (item.isRetired) findings.push(finding('hold', 'kit.retired', { tag }))
  if (item.taggedOut) findings.push(finding('hold', 'kit.tagged-out', { tag, ...item.taggedOut }))
  for (const { list, due } of standings) {
    const listId = list.id
    // Before each day's first use: yesterday's look is not late, today's is to do.
    if (list.every.unit === 'use' && (due.state === 'never-done' || due.state === 'late'))
      findings.push(finding('hold', 'kit.look-due', { tag, listId }))
    else
      switch (due.state) {
        case 'never-done':
          findings.push(finding('hold', 'kit.never-done', { tag, listId }))
          break
        case 'after-event':
          findings.push(
            finding('hold', 'kit.due-after-event', {
              tag,
              listId,
              events: item.lists[listId]!.eventsSince.filter(event => list.triggers.includes(event)),
            }),
          )
          break
        case 'late':
          findings.push(finding('hold', 'kit.late', { tag, listId, dueOn: due.dueOn!, days: due.daysLate }))
          break
        case 'in-grace':
          findings.push(finding('caution', 'kit.in-grace', { tag, listId, dueOn: due.dueOn!, days: due.daysLate }))
          break
        case 'in-date':
        case 'due-today':
          break
      }
  }
  const marked = item.kind === 'extinguisher' ? judgeExtinguisher(item, today) : []
  findings.push(...marked)
  return {
    mayUse:
      !item.isRetired
      && item.taggedOut === null
      && standings.length > 0
      && standings.every(({ due }) => due.mayUse)
      && marked.length === 0,
    lists: standings,
    findings,
  }
}
