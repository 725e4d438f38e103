import type { CheckList } from './check-list'
import { dueAfter } from './due'
import { extinguisherDues } from './extinguisher-dates'
import type { KitItem } from '../streams/kit-item/kit-item'
import { listsFor } from './built-in-lists'

/**
 * The soonest day on which something by the calendar falls due for a thing, whatever day it is today: `now` where it was
 * never done or something happened since, null where nothing of the calendar asks. The look before each use is left out:
 * it is due every day by its nature.
 *
 * @returns YYYY-MM-DD, `now` or null
 */
export function calendarDueOn({ kind, lists: done, isRetired, marks }: KitItem, lists: readonly CheckList[]): string | null {
  if (isRetired) return null
  const dues = listsFor(kind, lists).filter(({ every }) => every.unit !== 'use').map(({ id, every, triggers }) => {
    const last = done[id]
    return !last || last.passedOn === null || last.eventsSince.some(event => triggers.includes(event))
      ? 'now'
      : dueAfter(last.passedOn, every)
  })
  if (kind === 'extinguisher') dues.push(...extinguisherDues(marks)?.map(({ dueOn }) => dueOn) ?? [])
  return dues.includes('now') ? 'now' : [...dues].sort()[0] ?? null
}
