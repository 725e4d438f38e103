import { keptLately } from '../kept'

/** Critical point and coefficients of one fluid in the twelve-term form. */
interface Fluid { readonly criticalK: number, readonly criticalMolPerL: number, readonly n: readonly number[] }

const GAS_CONSTANT_L_KPA = 8.314462618

/** Exponents that all non-polar fluids share: power of δ, power of τ, power of δ inside the exponential (0: none). */
const D = [1, 1, 1, 2, 3, 7, 2, 5, 1, 4, 3, 4] as const
const T = [0.25, 1.125, 1.5, 1.375, 0.25, 0.875, 0.625, 1.75, 3.625, 3.625, 14.5, 12] as const
const P = [0, 0, 0, 0, 0, 0, 1, 1, 2, 2, 3, 3] as const

const HELMHOLTZ_FLUIDS = {
  argon: {
    criticalK: 150.687,
    criticalMolPerL: 13.40743,
    n: [
      0.85095715, -2.4003223, 0.54127841, 0.016919771, 0.068825965, 0.00021428033, 0.17429895, -0.033654496, -0.135268, -0.016387351,
      -0.024987667, 0.0088769205,
    ],
  },
  nitrogen: {
    criticalK: 126.192,
    criticalMolPerL: 11.1839,
    n: [
      0.92296567, -2.5575012, 0.64482463, 0.01083102, 0.073924167, 0.00023532962, 0.18024854, -0.045660299, -0.1552106, -0.03811149,
      -0.031962422, 0.015513532,
    ],
  },
  oxygen: {
    criticalK: 154.595,
    criticalMolPerL: 13.63,
    n: [
      0.88878286, -2.4879433, 0.59750191, 0.0096501817, 0.07197043, 0.00022337443, 0.18558686, -0.038129368, -0.15352245, -0.026726815,
      -0.025675299, 0.0095714302,
    ],
  },
} as const satisfies Record<string, Fluid>
export type HelmholtzFluid = keyof typeof HELMHOLTZ_FLUIDS

/** Z − 1 at a reduced density δ and a reciprocal reduced temperature τ: δ·∂αʳ/∂δ, term by term. */
function residual({ n }: Fluid, delta: number, tau: number): number {
  let sum = 0
  for (let i = 0; i < n.length; i++) {
    const power = delta ** P[i]!
    const term = n[i]! * delta ** D[i]! * tau ** T[i]!
    sum += P[i] === 0 ? D[i]! * term : (D[i]! - P[i]! * power) * term * Math.exp(-power)
  }
  return sum
}

/**
 * Compressibility of oxygen, nitrogen or argon above its critical temperature: the density is found at which the
 * twelve-term equation gives the pressure, by halved steps of ρ = ρᵢ/Z(ρ) from the ideal gas.
 * p = ρ·R·T·(1 + δ·∂αʳ/∂δ). Source: `helmholtz`.
 *
 * @param temperatureK 250 to 400
 * @param pressureKPa absolute, 0 to 40 000
 */
export function helmholtzCompressibility(fluid: HelmholtzFluid, temperatureK: number, pressureKPa: number): number {
  return lately(`${fluid} ${temperatureK} ${pressureKPa}`, () => solved(fluid, temperatureK, pressureKPa))
}

/** The cylinders of a shop are read once a day, and judged every few seconds. */
const lately = keptLately<number>(100)

function solved(fluid: HelmholtzFluid, temperatureK: number, pressureKPa: number): number {
  const { criticalK, criticalMolPerL } = HELMHOLTZ_FLUIDS[fluid]
  const tau = criticalK / temperatureK
  const ideal = pressureKPa / (GAS_CONSTANT_L_KPA * temperatureK)
  let density = ideal
  for (let step = 0; step < 50; step++) {
    const z = 1 + residual(HELMHOLTZ_FLUIDS[fluid], density / criticalMolPerL, tau)
    // Above the critical temperature ρ·Z rises with ρ: the halved step settles, to the last digit in some forty rounds.
    const next = ideal / z
    if (Math.abs(next - density) <= 1e-13 * density) break
    density = 0.5 * density + 0.5 * next
  }
  return ideal / density
}
