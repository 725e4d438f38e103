import type { Instant, Station } from '../station/station'
import type { GateId } from '../vocabulary/vocabulary'
import type { FireAround } from './fire-gate'
import { ofGate } from './kit-around'
import type { KitAround } from './kit-around'

const oldest = (instants: readonly (Instant | null | undefined)[]): Instant | null => instants.filter((at): at is Instant => at != null).toSorted()[0] ?? null

/**
 * How old is what a gate rests on? The oldest of the checks that stand, so that a verdict is never fresher than its
 * weakest fact; null where nothing of it was looked at, or nobody wrote down when.
 */
export function factsSince(station: Station, kit: KitAround, fire: FireAround): Readonly<Record<GateId, Instant | null>> {
  const { helmetCheck, glasses, zones, extractionCheck, fireCheck } = station
  const looks = (gate: GateId) => ofGate(kit.items, gate).map(({ seenAt }) => seenAt)
  return {
    job: null,
    eyes: oldest([helmetCheck?.at, glasses?.at]),
    body: oldest(Object.values(zones).map(({ at }) => at)),
    air: oldest([extractionCheck?.at]),
    gas: oldest([...kit.cylinders.flatMap(({ leakTest }) => leakTest?.at ?? []), ...looks('gas')]),
    machine: oldest(looks('machine')),
    fire: oldest(fire.permits.length > 0 ? fire.permits.flatMap(({ permit }) => permit.posts.map(({ heardAt }) => heardAt)) : [fireCheck?.at, ...looks('fire')]),
  }
}
