import { AIR_OXYGEN_PERCENT, DEFICIENT_BELOW_PERCENT, ENRICHED_ABOVE_PERCENT } from '../ventilation/oxygen'
import type { CylinderGasId } from '../ids/vocabulary'
import type { GasContent } from './gas'
import { GAS_TRAITS, fireRole, partsOf, shareOf } from './gas'

/** A whole cylinder in a closed room. */
export interface LeakOut {
  /** The lower of displaced and mixed for other gases, the higher for oxygen, % by volume. */
  readonly oxygenPercent: number
  readonly displacedPercent: number
  readonly mixedPercent: number
  readonly verdict: 'deficient' | 'enriched' | 'explosive' | 'breathable'
  /** Room that one cylinder of this fuel fills to its lower explosive limit, m³; null for what does not burn. */
  readonly explosiveRoomM3: number | null
}

/** Lower explosive limit, % by volume. Source: `lowerExplosiveLimit`. */
const LOWER_LIMIT_PERCENT: Readonly<Partial<Record<CylinderGasId, number>>> = {
  'hydrogen': 4,
  'acetylene': 2.3,
  'propane': 1.7,
  'propylene': 2,
  'mps': 3.4,
  'natural-gas': 4.4,
}

/**
 * What is left of the oxygen when all of a cylinder leaks into its room without any air change: displaced it is
 * 20.9·(1 − Vg/Vr), mixed 20.9·e^(−Vg/Vr); the worse one counts. For oxygen itself the room is enriched.
 * A mixed number opens no door: heavy gas pools. Source: `leakOut`, `lowerExplosiveLimit`, `oxygenLimits`.
 *
 * @param freeGasM3 at 21.1 °C and 101.325 kPa
 * @param roomM3 above 0
 *
 * @example leakOut('argon', 10.7, 50).oxygenPercent // 16.4
 */
export function leakOut(gas: GasContent, freeGasM3: number, roomM3: number): LeakOut {
  const ratio = freeGasM3 / roomM3
  const brings = shareOf(gas, 'oxygen') * 100 + shareOf(gas, 'air') * AIR_OXYGEN_PERCENT
  const displacedPercent = AIR_OXYGEN_PERCENT * Math.max(0, 1 - ratio) + brings * Math.min(1, ratio)
  const left = Math.exp(-ratio)
  const mixedPercent = AIR_OXYGEN_PERCENT * left + brings * (1 - left)
  const rises = brings > AIR_OXYGEN_PERCENT
  const oxygenPercent = rises ? Math.max(displacedPercent, mixedPercent) : Math.min(displacedPercent, mixedPercent)
  const fuels = partsOf(gas).filter(part => GAS_TRAITS[part.gas].fire === 'fuel')
  const explosiveRoomM3
    = fireRole(gas) === 'fuel' ? Math.max(...fuels.map(part => (freeGasM3 * part.share) / (LOWER_LIMIT_PERCENT[part.gas]! / 100))) : null
  const verdict
    = explosiveRoomM3 !== null && roomM3 <= explosiveRoomM3
      ? 'explosive'
      : rises && oxygenPercent > ENRICHED_ABOVE_PERCENT
        ? 'enriched'
        : oxygenPercent < DEFICIENT_BELOW_PERCENT
          ? 'deficient'
          : 'breathable'
  return { oxygenPercent, displacedPercent, mixedPercent, verdict, explosiveRoomM3 }
}
