import type { Aerosol, HallAir, HallSpot } from './hall'
import { FAR_FIELD, hallFlows, hallNetwork, nearFieldOf } from './hall'
import { Zones } from './zones'

/** A stretch of steady work: how long, and what each bay emits, mg/s. */
export interface Stretch { readonly seconds: number, readonly emissionMgPerS: readonly number[] }

/** Where every milligram of a shift went. `initial + emitted + broughtIn = captured + filtered + carriedOut + remaining`. */
export interface MassBalance {
  readonly initialMg: number
  readonly emittedMg: number
  readonly broughtInMg: number
  /** Taken at the arc by hoods that duct it out. */
  readonly capturedMg: number
  /** Held by the filters of the hall and of hoods that return their air. */
  readonly filteredMg: number
  readonly carriedOutMg: number
  readonly remainingMg: number
}

/**
 * Accounts for every milligram through a run of stretches.
 *
 * @param captureEfficiency share taken at each arc, 0 to 1
 * @param initialMgPerM3 concentration everywhere at the start
 */
export function massBalance(
  hall: HallAir,
  spots: readonly HallSpot[],
  captureEfficiency: readonly number[],
  stretches: readonly Stretch[],
  initialMgPerM3 = 0,
  what: Aerosol = 'particles',
): MassBalance {
  const network = hallNetwork(hall, spots, what)
  const zones = new Zones(network)
  const { outdoorM3PerS, hallFilterM3PerS, hoodFilterM3PerS } = hallFlows(hall, spots, what)
  let state: Float64Array = new Float64Array(zones.count).fill(initialMgPerM3)
  const held = (concentrations: Float64Array): number =>
    concentrations.reduce((mg, value, zone) => mg + value * network.volumesM3[zone]!, 0)
  const initialMg = held(state)
  let emittedMg = 0
  let broughtInMg = 0
  let capturedMg = 0
  let filteredMg = 0
  let carriedOutMg = 0
  for (const { seconds, emissionMgPerS } of stretches) {
    const source = new Float64Array(zones.count)
    source[FAR_FIELD] = outdoorM3PerS * hall.backgroundMgPerM3
    spots.forEach(({ hood }, spot) => {
      const emission = emissionMgPerS[spot] ?? 0
      const taken = hood ? emission * (captureEfficiency[spot] ?? 0) : 0
      source[nearFieldOf(spot)]! += emission - taken
      emittedMg += emission * seconds
      if (hood?.returnsAir) {
        const kept = what === 'particles' ? hood.filterEfficiency : 0
        source[FAR_FIELD]! += taken * (1 - kept)
        filteredMg += taken * kept * seconds
      } else capturedMg += taken * seconds
    })
    broughtInMg += outdoorM3PerS * hall.backgroundMgPerM3 * seconds
    const { endMgPerM3, meanMgPerM3 } = zones.advance(state, source, seconds)
    carriedOutMg += outdoorM3PerS * meanMgPerM3[FAR_FIELD]! * seconds
    filteredMg += (hallFilterM3PerS + hoodFilterM3PerS) * meanMgPerM3[FAR_FIELD]! * seconds
    state = endMgPerM3
  }
  return { initialMg, emittedMg, broughtInMg, capturedMg, filteredMg, carriedOutMg, remainingMg: held(state) }
}
