import { AIR_KG_PER_M3 } from './hood-flow'

/** Dynamic viscosity of air at 20 °C, Pa·s. */
const AIR_PA_S = 1.813e-5

/** How rough the inside of a duct is, mm. Source: `ductFriction`. */
export const DUCT_ROUGHNESS_MM = { galvanised: 0.15, riveted: 0.9, flexible: 3 } as const
export type DuctWallId = keyof typeof DUCT_ROUGHNESS_MM

/** Flow in a duct is laminar up to the first of these numbers and turbulent from the second on. */
const REYNOLDS = { laminar: 2300, turbulent: 4000 } as const

/** Colebrook's equation by the explicit form of Serghides (1984), within 0.003 % of it. */
function turbulentFactor(reynolds: number, relativeRoughness: number): number {
  const rough = relativeRoughness / 3.7
  const a = -2 * Math.log10(rough + 12 / reynolds)
  const b = -2 * Math.log10(rough + 2.51 * a / reynolds)
  const c = -2 * Math.log10(rough + 2.51 * b / reynolds)
  return (a - (b - a) ** 2 / (c - 2 * b + a)) ** -2
}

/**
 * Darcy's friction factor of a round duct. Source: `ductFriction`.
 *
 * @param reynolds above 0
 * @param relativeRoughness roughness over diameter
 * @example frictionFactor(1e5, 0.001) // 0.0222, as the Moody chart has it
 */
export function frictionFactor(reynolds: number, relativeRoughness: number): number {
  const laminar = 64 / reynolds
  if (reynolds <= REYNOLDS.laminar) return laminar
  if (reynolds >= REYNOLDS.turbulent) return turbulentFactor(reynolds, relativeRoughness)
  const share = (reynolds - REYNOLDS.laminar) / (REYNOLDS.turbulent - REYNOLDS.laminar)
  return (1 - share) * 64 / REYNOLDS.laminar + share * turbulentFactor(REYNOLDS.turbulent, relativeRoughness)
}

/** A round duct. */
export interface Duct {
  readonly lengthM: number
  readonly diameterM: number
  readonly roughnessMm: number
  /** Elbows, junctions and what else stands in it, in velocity pressures. */
  readonly lossCoefficient: number
}

export const ductAreaM2 = (diameterM: number): number => Math.PI / 4 * diameterM ** 2
/** Pressure of moving air, Pa. */
export const velocityPressurePa = (mPerS: number): number => AIR_KG_PER_M3 / 2 * mPerS ** 2

/**
 * Total pressure that a duct takes, Pa: Δp = (f·L/D + Σζ)·ρ·V²/2. Source: `ductFriction`.
 *
 * @param flowM3PerS 0 or more
 */
export function ductLossPa({ lengthM, diameterM, roughnessMm, lossCoefficient }: Duct, flowM3PerS: number): number {
  if (flowM3PerS <= 0) return 0
  const mPerS = flowM3PerS / ductAreaM2(diameterM)
  const factor = frictionFactor(AIR_KG_PER_M3 * mPerS * diameterM / AIR_PA_S, roughnessMm / 1000 / diameterM)
  return (factor * lengthM / diameterM + lossCoefficient) * velocityPressurePa(mPerS)
}

/** A gate in a round pipe, by eighths that are shut, in velocity pressures. Source: Weisbach 1855, as handbooks print it. */
const GATE_EIGHTHS_SHUT = [0, 0.07, 0.26, 0.81, 2.06, 5.52, 17, 97.8] as const

/**
 * What a sliding damper takes, in velocity pressures; between the printed positions by the logarithm of what it takes.
 *
 * @param openShare of its travel, 0 to 1: shut, nothing passes
 */
export function damperCoefficient(openShare: number): number {
  if (openShare <= 0) return Infinity
  const eighths = Math.min(7, Math.max(0, (1 - openShare) * 8))
  // Nearly shut, it takes more still: counted as an eighth open divided by how far it is.
  if ((1 - openShare) * 8 > 7) return 97.8 * (0.125 / openShare) ** 2
  const below = Math.floor(eighths)
  const [from, to] = [GATE_EIGHTHS_SHUT[below]!, GATE_EIGHTHS_SHUT[Math.min(7, below + 1)]!]
  const share = eighths - below
  return from === 0 ? to * share : from * (to / from) ** share
}
