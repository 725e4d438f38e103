/** Air at 20 °C and sea level, kg/m³. */
export const AIR_KG_PER_M3 = 1.2041

/** Coefficient of entry by the shape of the duct's end. Source: `hoodEntry`. */
export const ENTRY_COEFFICIENTS = {
  'plain-end': 0.72,
  'flanged-end': 0.82,
  'bellmouth': 0.98,
  'tapered-round': 0.97,
  'tapered-rectangular': 0.93,
} as const
export type HoodEntryId = keyof typeof ENTRY_COEFFICIENTS

/**
 * Flow from hood static pressure, m³/s: Q = Ce·A·√(2·SP/ρ). Source: `hoodEntry`.
 *
 * @param staticPressurePa suction in the duct behind the hood, Pa
 * @example flowFromStaticPressureM3PerS(0.16, 400, 0.82) // 0.42497
 */
export const flowFromStaticPressureM3PerS = (
  ductDiameterM: number,
  staticPressurePa: number,
  entryCoefficient: number,
  airKgPerM3 = AIR_KG_PER_M3,
): number => ((entryCoefficient * Math.PI) / 4) * ductDiameterM ** 2 * Math.sqrt((2 * staticPressurePa) / airKgPerM3)

/**
 * Flow from a traverse of a duct with a pitot tube, m³/s: the mean of the roots of the velocity pressures, not the root of their mean.
 *
 * @param velocityPressuresPa one for each point of equal area, 0 or more
 * @throws RangeError when there is no point
 */
export function flowFromTraverseM3PerS(ductDiameterM: number, velocityPressuresPa: readonly number[], airKgPerM3 = AIR_KG_PER_M3): number {
  if (velocityPressuresPa.length === 0) throw new RangeError('a traverse needs at least one point')
  const meanRoot = velocityPressuresPa.reduce((total, pa) => total + Math.sqrt(pa), 0) / velocityPressuresPa.length
  return Math.PI / 4 * ductDiameterM ** 2 * meanRoot * Math.sqrt(2 / airKgPerM3)
}

/** Flow from a grid of face velocities, m³/s: their mean × the free area. @throws RangeError when there is no point */
export function flowFromFaceVelocityM3PerS(freeAreaM2: number, velocitiesMPerS: readonly number[]): number {
  if (velocitiesMPerS.length === 0) throw new RangeError('a grid needs at least one point')
  return freeAreaM2 * velocitiesMPerS.reduce((total, v) => total + v, 0) / velocitiesMPerS.length
}
