import type { Instant } from './instant'
import { isBefore } from './instant'

/** Something that was so at an instant. */
export interface Told { readonly at?: Instant }

/**
 * The one way in which reports that arrive late are folded: one about an instant before the newest of its kind, or before
 * what it was about was changed, stays in the record and changes nothing. At the very same instant the later word counts.
 *
 * @param at what the report is about
 * @param known what is newer if it is later: reports of the same kind, changes of the thing itself; unknown ones are older
 */
export const isOutrun = (at: Instant, ...known: readonly (Instant | null | undefined)[]): boolean =>
  known.some(other => other != null && isBefore(at, other))

/** The newest of two reports of one kind, given what changed since they could be true. */
export const newest = <Report extends { readonly at: Instant }>(
  known: (Told & Report) | Report | null,
  report: Report,
  ...changedAt: readonly (Instant | null | undefined)[]
): Report | null => (isOutrun(report.at, known?.at, ...changedAt) ? known : report)
