import { airOf, baysOfHall, hallIdOf } from '../air/air-facts'
import type { AirFacts } from '../air/air-facts'
import { kitAt } from '../clearance/kit-around'
import type { KitStanding } from '../clearance/kit-around'
import { personIn } from '../clearance/person-around'
import type { Welder } from '../clearance/person-around'
import type { Surroundings } from '../clearance/surroundings'
import type { Bay, Site } from '../streams/site/site'
import { workplaceOf } from '../streams/site/site'
import { spansThere } from '../hearing/day-noise'
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
  /** The bays of a hall hear one another. */
  const noiseElsewhere = (bayId: string): Surroundings['noiseElsewhere'] => (personId) => {
    const hallId = hallIdOf(standing.site, bayId)
    const near = new Set(hallId === null ? [] : baysOfHall(standing.site, hallId))
    return Object.entries(standing.stations)
      .filter(([id]) => id !== bayId)
      .flatMap(([id, work]) => spansThere(personId, work, near.has(id), rules, now))
  }
  return bay => ({
    rules,
    workplace: workplaceOf(bay),
    now,
    air: air(bay.bayId),
    noiseElsewhere: noiseElsewhere(bay.bayId),
    kit: kitAt(kit, bay.bayId),
    fire: fireAt(fire, bay.bayId),
    forPerson,
  })
}
