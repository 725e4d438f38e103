import type { CompetenceId } from '../ids/vocabulary'
import type { Asked, Asks } from './asks'
import type { Scene } from './scene'

/** The question by which it is known whether whoever acts is named competent. */
export const askWhoActs = ({ actor }: Scene): Asks => (actor.kind === 'person' ? { people: [actor.personId] } : {})

/** Named competent for a kind, or the safety lead. The system itself acts for whoever made it act. */
export function isCompetentFor({ holder, actor, answer }: Asked, kind: CompetenceId): boolean {
  if (holder === 'system' || holder.roles.includes('safety-lead')) return true
  return actor.kind === 'person' && (answer('people')[actor.personId]?.competences.includes(kind) ?? false)
}
