import { airOf, baysOfHall, hallIdOf } from '../air/air-facts'
import type { AirFacts } from '../air/air-facts'
import { kitAt } from '../clearance/kit-around'
import type { KitStanding } from '../clearance/kit-around'
import { personIn } from '../clearance/person-around'
import type { Welder } from '../clearance/person-around'
import type { Surroundings } from '../clearance/surroundings'
import type { Bay, Site } from '../streams/site/site'
import { workplaceOf } from '../streams/site/site'
import { stands } from '../time/instant'
import { isLoudAround } from '../hearing/neighbours-noise'
import { fireAt } from './fire-standing'
import type { FireStanding } from './fire-standing'

/**
 * What the facts of a site come to for the shop day that stands: kit and permits each worked out once for all bays. A screen is sent this.
 */
export interface SiteStanding extends AirFacts {
  readonly site: Site
  readonly welders: Readonly<Record<string, Welder>>
  readonly kit: KitStanding
  readonly fire: FireStanding
}

/**
 * What each bay of a site is judged in. A hall is predicted once for all its bays.
 *
 * @returns the surroundings of a bay; the same ones for its workplace whoever asks
 */
export function viewsOf(standing: SiteStanding): (bay: Pick<Bay, 'bayId' | 'kind'>) => Surroundings {
  const air = airOf(standing)
  const { rules, now, kit, fire, wearers, welders } = standing
  const forPerson = (personId: string | null) => personIn({ worn: kit.worn, wearers, welders }, personId)
  const neighboursOf = (bayId: string) => {
    const hallId = hallIdOf(standing.site, bayId)
    const others = hallId === null ? [] : baysOfHall(standing.site, hallId).filter(id => id !== bayId)
    return others.flatMap((id) => {
      const { job = null, earlierJobs = [] } = standing.stations[id] ?? {}
      return [...earlierJobs.filter(({ validUntil }) => stands(validUntil, now)).map(one => one.job), ...job ? [job] : []]
    })
  }
  return bay => ({
    rules,
    workplace: workplaceOf(bay),
    now,
    air: air(bay.bayId),
    isLoudAround: isLoudAround(neighboursOf(bay.bayId), rules),
    kit: kitAt(kit, bay.bayId),
    fire: fireAt(fire, bay.bayId),
    forPerson,
  })
}
