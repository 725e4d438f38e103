import type { Instant } from '../station/station'
import type { Permit, PermitDeadlineId } from './permit'
import { minutesAfter } from './permit-times'

/** Must the place be watched now: from the first arc on until the watch after the work is over. */
export const needsCover = ({ phase, firstArcAt }: Permit): boolean => phase === 'working' || phase === 'watch' || (phase === 'suspended' && firstArcAt !== null)

/** The watcher whose round is due soonest, and when; null while nobody has to be heard. */
export function nextRound(permit: Permit): { readonly personId: string, readonly dueAt: Instant, readonly overdueAt: Instant, readonly heardAt: Instant } | null {
  if (!needsCover(permit) || permit.posts.length === 0) return null
  const { personId, heardAt } = permit.posts.reduce((soonest, post) => post.heardAt < soonest.heardAt ? post : soonest)
  const dueAt = minutesAfter(heardAt, permit.plan.roundEveryMin)
  return { personId, dueAt, overdueAt: minutesAfter(dueAt, permit.plan.gapMin), heardAt }
}

/** When the watch will be over if cover holds; null while it does not run. */
export function watchEndsAt(permit: Permit): Instant | null {
  return permit.phase === 'watch' && permit.watchFrom !== null ? minutesAfter(permit.watchFrom, permit.plan.afterMin) : null
}

/** When the monitoring is over; null before it began. */
export const monitoringEndsAt = ({ phase, watchOverAt, plan }: Permit): Instant | null => phase === 'monitoring' && watchOverAt !== null ? minutesAfter(watchOverAt, plan.monitoringMin) : null

/** When the place is looked at next while it is monitored. */
export function nextVisitAt(permit: Permit): Instant | null {
  const endsAt = monitoringEndsAt(permit)
  if (endsAt === null || permit.monitoringOverAt !== null) return null
  const last = [permit.lastVisitAt, permit.visitMissedFor].reduce((latest: Instant, at) => at !== null && at > latest ? at : latest, permit.watchOverAt!)
  const dueAt = minutesAfter(last, permit.plan.visitEveryMin)
  return dueAt < endsAt ? dueAt : endsAt
}

/** When the air has to be tested again; null where it need not be, or was never tested. */
export const gasRetestAt = ({ plan, gas, phase }: Permit): Instant | null =>
  plan.needsGasTest && gas !== null && (phase === 'authorised' || phase === 'working') ? minutesAfter(gas.at, plan.retestMin) : null

/** Everything that falls due for a permit as it stands. Each kind once; a deadline past its answer is not there. */
export function permitDeadlines(permit: Permit): readonly { readonly kind: PermitDeadlineId, readonly dueAt: Instant }[] {
  const due: { kind: PermitDeadlineId, dueAt: Instant }[] = []
  const round = nextRound(permit)
  if (round) {
    if (permit.roundSaidFor !== round.dueAt) due.push({ kind: 'round-due', dueAt: round.dueAt })
    if (permit.overdue?.cameDueAt !== round.dueAt || permit.overdue.personId !== round.personId) due.push({ kind: 'round-overdue', dueAt: round.overdueAt })
  }
  const retestAt = gasRetestAt(permit)
  if (retestAt !== null && permit.retestSaidFor !== retestAt) due.push({ kind: 'gas-retest', dueAt: retestAt })
  if (permit.phase === 'requested' || permit.phase === 'precautions' || permit.phase === 'authorised' || permit.phase === 'working' || permit.phase === 'suspended') due.push({ kind: 'lapses', dueAt: permit.untilAt })
  const endsAt = watchEndsAt(permit)
  if (endsAt !== null && isCovered(permit)) due.push({ kind: 'watch-over', dueAt: endsAt })
  const [visitAt, overAt] = [nextVisitAt(permit), monitoringEndsAt(permit)]
  if (visitAt !== null && visitAt !== overAt) due.push({ kind: 'visit-missed', dueAt: minutesAfter(visitAt, permit.plan.gapMin) })
  if (overAt !== null && permit.monitoringOverAt === null) due.push({ kind: 'monitoring-over', dueAt: overAt })
  return due
}

/** Enough watchers on post, none of them unheard past the grace. */
export const isCovered = ({ posts, plan, coverLostAt, overdue }: Permit): boolean => posts.length >= plan.watchers && coverLostAt === null && overdue === null
