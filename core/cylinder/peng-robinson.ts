import type { CylinderGasId } from '../ids/vocabulary'

const GAS_CONSTANT = 8.314462618

/** Critical temperature K, critical pressure kPa, acentric factor. */
const CRITICAL: Partial<Record<CylinderGasId, readonly [tcK: number, pcKPa: number, omega: number]>> = {
  'oxygen': [154.58, 5043, 0.0222],
  'argon': [150.69, 4863, -0.0022],
  'nitrogen': [126.19, 3396, 0.0372],
  'helium': [5.195, 227.5, -0.385],
  'hydrogen': [33.15, 1296, -0.219],
  'carbon-dioxide': [304.13, 7377, 0.2239],
  'natural-gas': [190.56, 4599, 0.0114],
  'propane': [369.83, 4248, 0.1523],
  'propylene': [364.2, 4600, 0.1408],
}
/** Interaction of carbon dioxide with argon; the others are near enough to zero for 2 %. */
const CO2_ARGON = 0.13
const interaction = (a: CylinderGasId, b: CylinderGasId): number =>
  (a === 'argon' && b === 'carbon-dioxide') || (a === 'carbon-dioxide' && b === 'argon') ? CO2_ARGON : 0

/** Largest real root of z³ + c2·z² + c1·z + c0, the gas root. Newton from far above comes down onto it. */
function gasRoot(c2: number, c1: number, c0: number): number {
  let z = 3
  for (let step = 0; step < 100; step++) {
    const slope = 3 * z * z + 2 * c2 * z + c1
    const next = z - (((z + c2) * z + c1) * z + c0) / slope
    if (Math.abs(next - z) < 1e-13) return next
    z = next
  }
  return z
}

/**
 * Compressibility of a mix by the cubic equation of Peng and Robinson with the usual mixing rules; about 2 % low for air gases
 * at full cylinder pressure, which is why it is scaled where it is used. Null when a part has no critical data here.
 * Source: `pengRobinson`.
 *
 * @param parts shares of 1
 * @param pressureKPa absolute
 */
export function pengRobinsonCompressibility(
  parts: readonly { readonly gas: CylinderGasId, readonly share: number }[],
  temperatureK: number,
  pressureKPa: number,
): number | null {
  const fluids = []
  for (const { gas, share } of parts) {
    const critical = CRITICAL[gas]
    if (!critical) return null
    const [tcK, pcKPa, omega] = critical
    const kappa = 0.37464 + 1.54226 * omega - 0.26992 * omega ** 2
    const alpha = (1 + kappa * (1 - Math.sqrt(temperatureK / tcK))) ** 2
    fluids.push({ gas, share, a: ((0.45724 * (GAS_CONSTANT * tcK) ** 2) / pcKPa) * alpha, b: (0.0778 * GAS_CONSTANT * tcK) / pcKPa })
  }
  let a = 0
  let b = 0
  for (const first of fluids) {
    b += first.share * first.b
    for (const second of fluids)
      a += first.share * second.share * Math.sqrt(first.a * second.a) * (1 - interaction(first.gas, second.gas))
  }
  const A = (a * pressureKPa) / (GAS_CONSTANT * temperatureK) ** 2
  const B = (b * pressureKPa) / (GAS_CONSTANT * temperatureK)
  return gasRoot(-(1 - B), A - 3 * B ** 2 - 2 * B, -(A * B - B ** 2 - B ** 3))
}
