import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { Instant } from '../time/instant'
import { judgeGasTime, judgePermitKit } from './permit-readiness'
import { minutesAfter, stands } from '../time/instant'
import type { ShownPermit } from '../streams/permit/permit-fact'
import { DANGER_CAUSES } from '../ids/hotwork-ids'

/** What judging a permit takes besides it. */
export interface PermitAround {
  readonly kit: Parameters<typeof judgePermitKit>[0]
  /** Another screen was heard within a minute. */
  readonly secondScreen: boolean
  readonly nameOf: (personId: string) => string
}

/**
 * May an arc be struck under this permit at this instant? Worked out from its deadlines and the clock alone, so that a
 * board closes the gate by itself when a round, a lapse or a retest falls due, whether or not anybody recorded it yet.
 *
 * @returns what stops or holds it; empty when it is live
 */
export function judgePermit(permit: ShownPermit, { kit, secondScreen, nameOf }: PermitAround, now: Instant): readonly Finding[] {
  const { phase, plan, posts, suspension, secondChannel, untilAt, request: { place: { where } } } = permit
  if (phase === 'suspended' && suspension)
    return [finding(DANGER_CAUSES.has(suspension.cause) ? 'stop' : 'hold', 'permit.suspended', { cause: suspension.cause, where })]
  if (phase !== 'working') return [finding('hold', 'permit.not-in-phase', { phase })]
  const found: Finding[] = []
  if (!stands(untilAt, now)) found.push(finding('stop', 'permit.lapsed', { untilIso: untilAt }, ['permitPeriod']))
  for (const { personId, heardAt } of posts) {
    const dueAt = minutesAfter(heardAt, plan.roundEveryMin)
    if (!stands(minutesAfter(dueAt, plan.gapMin), now))
      found.push(finding('stop', 'permit.round-overdue', { name: nameOf(personId), sinceIso: heardAt }, ['coverGap']))
    else if (!stands(dueAt, now)) found.push(finding('hold', 'permit.unheard', { name: nameOf(personId), sinceIso: heardAt }))
  }
  if (posts.length < plan.watchers)
    found.push(finding('stop', 'permit.no-watch-on-post', { onPost: posts.length, needed: plan.watchers }, ['usWatch']))
  if (secondChannel === null && !secondScreen) found.push(finding('hold', 'permit.no-second-channel', {}))
  return [...found, ...judgeGasTime(permit, now), ...judgePermitKit(kit, permit, now)]
}
