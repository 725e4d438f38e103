import { endOfMonth, parseDate } from '@internationalized/date'
import type { CheckList, Interval } from './check-list'
import type { ItemEventId } from '../ids/kit-ids'

/** How a list stands for one thing on one day. */
export type DueState = 'never-done' | 'in-date' | 'due-today' | 'in-grace' | 'late' | 'after-event'

export interface Due {
  /** YYYY-MM-DD, the last day on which it is in date; null when it was never done, or an event made it due at once. */
  readonly dueOn: string | null
  readonly state: DueState
  readonly daysLate: number
  /** Whether the thing may be used as far as this list goes. */
  readonly mayUse: boolean
}

const DAY_MS = 86_400_000
const daysBetween = (from: string, to: string): number => Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS)

/**
 * The last day on which something done on a day is in date. Months keep the day of the month, and take the last one where
 * the month is shorter, leap years counted; for each use it is the shop day itself.
 *
 * @param doneOn YYYY-MM-DD, the shop day
 * @example dueAfter('2025-01-10', { unit: 'months', count: 14 }) // '2026-03-10'
 * @example dueAfter('2024-01-31', { unit: 'months', count: 1 }) // '2024-02-29'
 */
export function dueAfter(doneOn: string, every: Interval): string {
  if (every.unit === 'use') return doneOn
  const due = parseDate(doneOn).add({ [every.unit]: every.count })
  return (every.atMonthEnd ? endOfMonth(due) : due).toString()
}

/** When a list was last passed, and what happened since. */
export interface LastDone {
  /** YYYY-MM-DD of the shop day, null when it never was. */
  readonly passedOn: string | null
  readonly eventsSince: readonly ItemEventId[]
}

/**
 * How a list stands for a thing today. Never done, or something happened since that asks for it again: due at once, without grace.
 *
 * @param today YYYY-MM-DD, the shop day
 */
export function dueState(
  { every, triggers, graceDays }: Pick<CheckList, 'every' | 'triggers' | 'graceDays'>,
  { passedOn, eventsSince }: LastDone,
  today: string,
): Due {
  if (passedOn === null) return { dueOn: null, state: 'never-done', daysLate: 0, mayUse: false }
  if (eventsSince.some(event => triggers.includes(event))) return { dueOn: null, state: 'after-event', daysLate: 0, mayUse: false }
  const dueOn = dueAfter(passedOn, every)
  const daysLate = Math.max(0, daysBetween(dueOn, today))
  if (daysLate > 0) return { dueOn, state: daysLate <= graceDays ? 'in-grace' : 'late', daysLate, mayUse: daysLate <= graceDays }
  // A look before use is due each day by its nature: having done it today is in date, not a warning.
  return { dueOn, state: dueOn === today && every.unit !== 'use' ? 'due-today' : 'in-date', daysLate, mayUse: true }
}
