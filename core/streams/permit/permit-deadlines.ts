import type { Instant } from '../../time/instant'
import { earlierOf, isAfter, isBefore, laterOf, minutesAfter } from '../../time/instant'
import type { Permit, PermitDeadlineId } from './permit'
import { isAirTested } from '../../hotwork/permit-readiness'

/** Must the place be watched now: from the first arc on until the watch after the work is over. */
export const needsCover = ({ phase, firstArcAt }: Permit): boolean =>
  phase === 'working' || phase === 'watch' || (phase === 'suspended' && firstArcAt !== null)

/** Minutes between looks of a watch, so that even the shortest has one on the way and one in its last stretch. */
export const betweenLooks = (everyMin: number, spanMin: number): number => Math.max(1, Math.min(everyMin, Math.floor(spanMin / 2)))

/** Minutes between rounds now: in the watch after the work never more than half of it. */
export const roundEveryMin = ({ phase, plan }: Pick<Permit, 'phase' | 'plan'>): number =>
  phase === 'watch' ? betweenLooks(plan.roundEveryMin, plan.afterMin) : plan.roundEveryMin

/** The watcher whose round is due soonest, and when; null while nobody has to be heard. */
export function nextRound(
  permit: Permit,
): { readonly personId: string, readonly dueAt: Instant, readonly overdueAt: Instant, readonly heardAt: Instant } | null {
  if (!needsCover(permit) || permit.posts.length === 0) return null
  const { personId, heardAt } = permit.posts.reduce((soonest, post) => (isBefore(post.heardAt, soonest.heardAt) ? post : soonest))
  const dueAt = minutesAfter(heardAt, roundEveryMin(permit))
  return { personId, dueAt, overdueAt: minutesAfter(dueAt, permit.plan.gapMin), heardAt }
}

/** When the watch will be over if cover holds; null while it does not run. */
export function watchEndsAt(permit: Permit): Instant | null {
  return permit.phase === 'watch' && permit.watchFrom !== null ? minutesAfter(permit.watchFrom, permit.plan.afterMin) : null
}

/** Has everybody on post looked in the last stretch before an end? */
const lookedBefore = (permit: Permit, endsAt: Instant): boolean =>
  permit.posts.every(({ heardAt }) => !isBefore(heardAt, minutesAfter(endsAt, -roundEveryMin(permit))))

/** When the monitoring is over; null before it began. */
export const monitoringEndsAt = ({ phase, watchOverAt, plan }: Permit): Instant | null =>
  phase === 'monitoring' && watchOverAt !== null ? minutesAfter(watchOverAt, plan.monitoringMin) : null

/** When the place is looked at next while it is monitored. */
export function nextVisitAt(permit: Permit): Instant | null {
  const endsAt = monitoringEndsAt(permit)
  if (endsAt === null || permit.monitoringOverAt !== null) return null
  const last = laterOf(permit.visitMissedFor, laterOf(permit.lastVisitAt, permit.watchOverAt!))
  return earlierOf(minutesAfter(last, permit.plan.visitEveryMin), endsAt)
}

/**
 * Did somebody look at the end of the monitoring, no longer before it than a round takes? Without any monitoring the watch's own last look
 * counts.
 */
export function hasLastLook(permit: Permit): boolean {
  const endsAt = monitoringEndsAt(permit)
  if (endsAt === null) return false
  return (
    permit.plan.monitoringMin === 0
    || (permit.lastVisitAt !== null && !isBefore(permit.lastVisitAt, minutesAfter(endsAt, -permit.plan.roundEveryMin)))
  )
}

/** When the air has to be tested again; null where it need not be, or was never tested. */
export const gasRetestAt = (permit: Permit): Instant | null =>
  isAirTested(permit) && permit.gas !== null && (permit.phase === 'authorised' || permit.phase === 'working')
    ? minutesAfter(permit.gas.at, permit.plan.retestMin)
    : null

/** Enough watchers on post, none of them unheard past the grace. */
export const isCovered = ({ posts, plan, coverLostAt, overdue }: Permit): boolean =>
  posts.length >= plan.watchers && coverLostAt === null && overdue === null

/** Since when a place that must be watched is not; null while it is. */
export function coverMissingSince(permit: Permit): Instant | null {
  if (!needsCover(permit) || isCovered(permit)) return null
  const { coverLostAt, overdue, phase, watchFrom, suspension, firstArcAt } = permit
  return coverLostAt ?? overdue?.cameDueAt ?? (phase === 'watch' ? watchFrom : suspension?.at) ?? firstArcAt
}

/** When it is said, or said again, that nobody watches: at once, and then as often as a round would be due, until somebody comes. */
function coverMissingAt(permit: Permit): Instant | null {
  const sinceAt = coverMissingSince(permit)
  if (sinceAt === null) return null
  const { coverSaidFor, plan } = permit
  return coverSaidFor !== null && !isBefore(coverSaidFor, sinceAt) ? minutesAfter(coverSaidFor, plan.roundEveryMin) : sinceAt
}

/** Everything that falls due for a permit as it stands. Each kind once; a deadline past its answer is not there. */
export function permitDeadlines(permit: Permit): readonly { readonly kind: PermitDeadlineId, readonly dueAt: Instant }[] {
  const due: { kind: PermitDeadlineId, dueAt: Instant }[] = []
  const round = nextRound(permit)
  if (round) {
    if (permit.roundSaidFor !== round.dueAt) due.push({ kind: 'round-due', dueAt: round.dueAt })
    if (permit.overdue?.cameDueAt !== round.dueAt || permit.overdue.personId !== round.personId)
      due.push({ kind: 'round-overdue', dueAt: round.overdueAt })
  }
  const missingAt = coverMissingAt(permit)
  if (missingAt !== null) due.push({ kind: 'cover-missing', dueAt: missingAt })
  const retestAt = gasRetestAt(permit)
  if (retestAt !== null && permit.retestSaidFor !== retestAt) due.push({ kind: 'gas-retest', dueAt: retestAt })
  if (
    permit.phase === 'requested'
    || permit.phase === 'precautions'
    || permit.phase === 'authorised'
    || permit.phase === 'working'
    || permit.phase === 'suspended'
  )
    due.push({ kind: 'lapses', dueAt: permit.untilAt })
  const endsAt = watchEndsAt(permit)
  if (endsAt !== null && isCovered(permit) && lookedBefore(permit, endsAt))
    due.push({ kind: 'watch-over', dueAt: laterOf(endsAt, lastHeard(permit, endsAt)) })
  const [visitAt, overAt] = [nextVisitAt(permit), monitoringEndsAt(permit)]
  if (visitAt !== null && overAt !== null && isBefore(visitAt, overAt))
    due.push({ kind: 'visit-missed', dueAt: minutesAfter(visitAt, permit.plan.gapMin) })
  if (overAt !== null && permit.monitoringOverAt === null) due.push({ kind: 'monitoring-over', dueAt: overAt })
  return due
}

/** A last look that came after the end: the watch is over with it, and not before. */
const lastHeard = ({ posts }: Permit, endsAt: Instant): Instant =>
  posts.reduce((last, { heardAt }) => (isAfter(heardAt, last) ? heardAt : last), endsAt)
