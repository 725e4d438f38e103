import type { CylinderGasId } from '../ids/vocabulary'
import { partsOf } from './gas'
import type { GasContent } from './gas'
import { helmholtzCompressibility } from './helmholtz'
import { pengRobinsonCompressibility } from './peng-robinson'

const GAS_CONSTANT = 8.314462618

/** Coefficients a, b, c of Z = 1 + Σ a·(100 K/T)^b·(p/1 MPa)^c. Source: `hydrogenDensity`. */
const HYDROGEN: readonly (readonly [a: number, b: number, c: number])[] = [
  [0.0588846, 1.325, 1], [-0.06136111, 1.87, 1], [-0.002650473, 2.5, 2], [0.002731125, 2.8, 2], [0.001802374, 2.938, 2.42],
  [-0.001150707, 3.14, 2.63], [0.9588528e-4, 3.37, 3], [-0.110904e-6, 3.75, 4], [0.1264403e-9, 4, 5],
]
const hydrogen = (temperatureK: number, pressureKPa: number): number =>
  HYDROGEN.reduce((z, [a, b, c]) => z + a * (100 / temperatureK) ** b * (pressureKPa / 1000) ** c, 1)

/** Z = 1 + B·ρ + C·ρ² + D·ρ³ with B = 11.85 cm³/mol, C = 113, D = 900 near room temperature. Source: `heliumVirial`. */
function helium(temperatureK: number, pressureKPa: number): number {
  const ideal = pressureKPa / 1000 / (GAS_CONSTANT * temperatureK)
  let z = 1
  for (let step = 0; step < 60; step++) {
    const density = ideal / z
    z = 0.5 * z + 0.5 * (1 + density * (11.85 + density * (113 + density * 900)))
  }
  return z
}

const ACCURATE: Partial<Record<CylinderGasId, (temperatureK: number, pressureKPa: number) => number>> = {
  oxygen: (t, p) => helmholtzCompressibility('oxygen', t, p),
  argon: (t, p) => helmholtzCompressibility('argon', t, p),
  nitrogen: (t, p) => helmholtzCompressibility('nitrogen', t, p),
  hydrogen,
  helium,
}

/** A compressibility, and how far off it may be, as a share of itself. */
export interface Compressibility { readonly z: number, readonly uncertainty: number }

/**
 * How far a gas in a cylinder strays from the ideal: Z = p·V/(n·R·T).
 * Oxygen, argon, nitrogen, hydrogen and helium by equations good to 0.2 %; mixes and air by a cubic equation scaled so that
 * their main gas agrees with its accurate value, good to 2 %. Null where a part of the gas has no equation here.
 *
 * @param temperatureK absolute, 250 to 340
 * @param pressureKPa absolute, up to 40 000
 * @example compressibility('oxygen', 294.26, 10443.5)?.z // 0.9467
 */
export function compressibility(content: GasContent, temperatureK: number, pressureKPa: number): Compressibility | null {
  const parts = partsOf(content)
  const [main] = parts
  if (!main) return null
  const accurate = ACCURATE[main.gas]
  if (parts.length === 1 && accurate) return { z: accurate(temperatureK, pressureKPa), uncertainty: 0.002 }
  // Air counts as nitrogen with oxygen and a little argon.
  const resolved = parts.flatMap(({ gas, share }) =>
    gas === 'air'
      ? [
          { gas: 'nitrogen' as const, share: share * 0.781 },
          { gas: 'oxygen' as const, share: share * 0.2096 },
          { gas: 'argon' as const, share: share * 0.0094 },
        ]
      : [{ gas, share }],
  )
  const mixed = pengRobinsonCompressibility(resolved, temperatureK, pressureKPa)
  if (mixed === null) return null
  const lead = resolved.reduce((most, part) => part.share > most.share ? part : most)
  const reference = ACCURATE[lead.gas]
  const alone = pengRobinsonCompressibility([{ gas: lead.gas, share: 1 }], temperatureK, pressureKPa)
  return { z: reference && alone !== null ? mixed * reference(temperatureK, pressureKPa) / alone : mixed, uncertainty: 0.02 }
}
