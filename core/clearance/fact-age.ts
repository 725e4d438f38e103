import type { Station } from '../streams/station/station'
import type { Instant } from '../time/instant'
import { earliestOf, stands } from '../time/instant'
import type { GateId } from '../ids/vocabulary'
import { ofGate } from './kit-around'
import type { Surroundings } from './surroundings'

/**
 * How old is what a gate rests on? The oldest of the checks that stand, so that a verdict is never fresher than its
 * weakest fact; null where nothing of it was looked at, or nobody wrote down when.
 */
export function factsSince(
  station: Station,
  { kit, fire, forPerson, air, now }: Pick<Surroundings, 'kit' | 'fire' | 'forPerson' | 'air' | 'now'>,
): Readonly<Record<GateId, Instant | null>> {
  const { helmetCheck, glasses, zones, extractionCheck, fireCheck, laserCell } = station
  const outfit = forPerson(station.personId).welder?.outfit ?? null
  const looks = (gate: GateId) => ofGate([...kit.items, ...forPerson(station.personId).worn], gate).map(({ seenAt }) => seenAt)
  return {
    job: null,
    eyes: earliestOf([helmetCheck?.at, glasses?.at, laserCell?.at, ...looks('eyes')]),
    body: earliestOf([
      outfit && stands(outfit.validUntil, now) ? outfit.at : null,
      air.heat && stands(air.heat.validUntil, now) ? air.heat.at : null,
      ...Object.values(zones).map(({ at }) => at),
    ]),
    air: earliestOf([extractionCheck?.at, ...looks('air')]),
    gas: earliestOf([...kit.cylinders.flatMap(({ leakTest }) => leakTest?.at ?? []), ...looks('gas')]),
    machine: earliestOf(looks('machine')),
    fire: earliestOf(
      fire.permits.length > 0
        ? fire.permits.flatMap(({ permit }) => permit.posts.map(({ heardAt }) => heardAt))
        : [fireCheck?.at, ...looks('fire')],
    ),
  }
}
