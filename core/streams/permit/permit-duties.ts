import type { Instant } from '../../time/instant'
import { earliestOf, laterOf, minutesAfter } from '../../time/instant'
import type { Permit } from './permit'

/** A person's task under a permit, from when to when. The database refuses two that overlap. */
export interface Duty { readonly personId: string, readonly task: 'watch' | 'work', readonly fromAt: Instant, readonly untilAt: Instant }

/**
 * Who is kept free for a permit, and when: the work until it lapses, the watch for the time after that besides. It only
 * grows by what can be refused (authorising, extending, handing over); what merely happens makes it shorter.
 */
export function dutiesOf({ phase, watchers, untilAt, plan: { afterMin }, request: { operatorIds, fromAt } }: Permit): readonly Duty[] {
  const isOpen = phase === 'authorised' || phase === 'working' || phase === 'suspended'
  const watch
    = isOpen || phase === 'watch'
      ? watchers.map(({ personId, fromAt: from }): Duty => ({
          personId,
          task: 'watch',
          fromAt: from,
          untilAt: minutesAfter(laterOf(untilAt, from), afterMin),
        }))
      : []
  const work = isOpen ? operatorIds.map((personId): Duty => ({ personId, task: 'work', fromAt, untilAt })) : []
  return [...watch, ...work]
}

/** The next instant at which somebody has to do something, for the order of a board; null when nothing is due. */
export function nextTurnAt(deadlines: readonly { readonly dueAt: Instant }[]): Instant | null {
  return earliestOf(deadlines.map(({ dueAt }) => dueAt))
}
