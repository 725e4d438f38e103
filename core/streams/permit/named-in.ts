import type { Actor } from '../decision'
import type { CommandType } from '../commands'
import { hasEnded } from './permit-end'
import type { Permit } from './permit'

/** Whoever asked for a permit, works, watches, stood watch or answers for it. */
export function isNamedIn(
  { requestedBy, authorisedBy, request: { operatorIds }, watchers, posts, stoodWatch }: Permit,
  personId: string,
): boolean {
  return [requestedBy, authorisedBy, ...operatorIds, ...stoodWatch, ...[...watchers, ...posts].map(one => one.personId)].includes(
    personId,
  )
}

/**
 * Is this permit theirs for what they are about to do? A place left hot takes whoever comes: to its post once the work is over, and
 * to look at it while it is only looked at now and then.
 */
export function isTheirPermit(permit: Permit, personId: string, doing: CommandType): boolean {
  const { phase } = permit
  const isLeftHot = phase === 'watch' || (phase === 'suspended' && permit.firstArcAt !== null)
  if ((doing === 'permit.take-post' || doing === 'permit.relieve') && isLeftHot) return true
  if (doing === 'permit.round' && (phase === 'monitoring' || hasEnded(phase))) return true
  return isNamedIn(permit, personId)
}

/** Is whoever acts somebody whose permit it is for that? */
export const isOwnPermit = (permit: Permit, actor: Actor, doing: CommandType): boolean =>
  actor.kind === 'person' && isTheirPermit(permit, actor.personId, doing)
