import type { RoleId } from '../ids/vocabulary'
import type { RightId } from '../ids/rights'

/** How far a right reaches. */
export type Reach = 'all' | 'own-area' | 'gas-and-kit' | 'permits' | 'own-bay' | 'own-permit' | 'none'

const row = (
  learner: Reach,
  welder: Reach,
  instructor: Reach,
  safetyLead: Reach,
  authoriser: Reach,
  fireWatch: Reach,
  storeKeeper: Reach,
  auditor: Reach,
): Readonly<Record<RoleId, Reach>> => ({
  'learner': learner,
  'welder': welder,
  'instructor': instructor,
  'safety-lead': safetyLead,
  'permit-authoriser': authoriser,
  'fire-watch': fireWatch,
  'store-keeper': storeKeeper,
  'auditor': auditor,
})

/** The one table of who may do what, for server and screens alike. */
export const RIGHTS_OF: Readonly<Record<RightId, Readonly<Record<RoleId, Reach>>>> = {
  //                         learner  welder  instructor   lead   authoriser watch   store   auditor
  'see-floor': row('all', 'all', 'all', 'all', 'all', 'all', 'all', 'all'),
  'stop': row('all', 'all', 'all', 'all', 'all', 'all', 'all', 'all'),
  'reopen': row('none', 'none', 'own-area', 'all', 'none', 'none', 'none', 'none'),
  'set-jobs': row('none', 'none', 'all', 'all', 'none', 'none', 'none', 'none'),
  'door-checks': row('none', 'none', 'all', 'all', 'none', 'none', 'none', 'none'),
  'place-people': row('none', 'none', 'all', 'all', 'none', 'none', 'none', 'none'),
  'change-house-rules': row('none', 'none', 'none', 'all', 'none', 'none', 'none', 'none'),
  'manage-people': row('none', 'none', 'none', 'all', 'none', 'none', 'none', 'none'),
  'set-up-site': row('none', 'none', 'none', 'all', 'none', 'none', 'none', 'none'),
  'describe-air': row('none', 'none', 'none', 'all', 'none', 'none', 'none', 'none'),
  'record-samples': row('none', 'none', 'none', 'all', 'none', 'none', 'none', 'none'),
  // Everybody sees their own besides; what others may not see, the floor does not send.
  'health-fields': row('none', 'none', 'none', 'all', 'none', 'none', 'none', 'none'),
  //                         learner  welder  instructor   lead   authoriser watch   store   auditor
  'inspect': row('own-bay', 'own-bay', 'all', 'all', 'all', 'all', 'all', 'none'),
  // Gauges read, joints tested, flow set, shut, empty: who works at the bay, and who keeps the gas. A watch has nothing to do with it.
  'work-gas': row('own-bay', 'own-bay', 'all', 'all', 'none', 'none', 'all', 'none'),
  'use-gas': row('none', 'none', 'all', 'all', 'none', 'none', 'all', 'none'),
  // Whoever a permit names brings its extinguisher to it.
  'assign-kit': row('own-permit', 'own-permit', 'all', 'all', 'all', 'own-permit', 'all', 'none'),
  'keep-store': row('none', 'none', 'none', 'all', 'none', 'none', 'all', 'none'),
  // Whoever is named competent may release, whatever else they are; the decision asks for the name.
  'release': row('all', 'all', 'all', 'all', 'all', 'all', 'all', 'none'),
  // A watch hands over the bay that its permit is for.
  'hand-over': row('own-bay', 'own-bay', 'all', 'all', 'all', 'own-permit', 'none', 'none'),
  //                         learner  welder  instructor   lead   authoriser watch   store   auditor
  'request-permit': row('all', 'all', 'all', 'all', 'all', 'all', 'none', 'none'),
  // Precautions, readings, posts, rounds, start and end of work: whoever the permit names, and who answers for them.
  'work-permit': row('own-permit', 'own-permit', 'all', 'all', 'all', 'own-permit', 'none', 'none'),
  // Taking and relieving a post. A place left hot takes whoever comes: the door takes them for named.
  'stand-watch': row('own-permit', 'own-permit', 'all', 'all', 'all', 'all', 'none', 'none'),
  // Never one's own work: the decision sees to that.
  'authorise-permit': row('none', 'none', 'none', 'all', 'all', 'none', 'none', 'none'),
  'reopen-permit': row('none', 'none', 'none', 'all', 'own-permit', 'none', 'none', 'none'),
  // A store keeper reads what became of gas and kit: those streams, by the route.
  'read-records': row('none', 'none', 'own-area', 'all', 'permits', 'none', 'gas-and-kit', 'all'),
}

/** Who asks: the roles and the place that belong to a person. */
export interface Holder {
  readonly roles: readonly RoleId[]
  readonly areaId: string | null
  readonly bayId: string | null
}

/** What it is asked for; a right that reaches only so far needs to know. */
export interface Place {
  readonly areaId: string | null
  readonly bayId: string | null
  /** For a permit: whether whoever asks is named in it. */
  readonly isOwnPermit?: boolean
}

const reaches = (reach: Reach, holder: Holder, place: Place | undefined): boolean => {
  switch (reach) {
    case 'all': return true
    case 'none': return false
    // An instructor without an area of their own looks after the whole floor.
    case 'own-area': return place === undefined || holder.areaId === null || holder.areaId === place.areaId
    // Those streams stand in no bay; the routes narrow what is read.
    case 'gas-and-kit': case 'permits': return place === undefined
    case 'own-permit': return place === undefined || place.isOwnPermit === true
    case 'own-bay': return place === undefined || (holder.bayId !== null && holder.bayId === place.bayId)
  }
}

/**
 * May this person do this here?
 *
 * @param place leave out to ask whether the right exists anywhere (for showing a control)
 */
export function mayDo(holder: Holder, right: RightId, place?: Place): boolean {
  return holder.roles.some(role => reaches(RIGHTS_OF[right][role], holder, place))
}

const WIDEST_FIRST: readonly Reach[] = ['all', 'own-area', 'gas-and-kit', 'permits', 'own-bay', 'own-permit']

/** How far a right reaches for this person at its widest, for narrowing what is read. An area of nobody's own is the whole floor. */
export function reachOf(holder: Holder, right: RightId): Reach {
  const reach = WIDEST_FIRST.find(wanted => holder.roles.some(role => RIGHTS_OF[right][role] === wanted)) ?? 'none'
  return reach === 'own-area' && holder.areaId === null ? 'all' : reach
}
