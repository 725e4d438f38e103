/** Exact by definition of the inch. */
export const MM_PER_INCH = 25.4
/** Exact by definition of the foot. */
export const L_PER_CUBIC_FOOT = 28.316846592

export const mmFromInch = (inch: number): number => inch * MM_PER_INCH
export const inchFromMm = (mm: number): number => mm / MM_PER_INCH
export const lPerHFromCfh = (cfh: number): number => cfh * L_PER_CUBIC_FOOT
export const cfhFromLPerH = (lPerH: number): number => lPerH / L_PER_CUBIC_FOOT

/** Units a site shows; the core computes in SI whatever is shown. */
export const UNIT_SYSTEMS = ['metric', 'us'] as const
export type UnitSystem = typeof UNIT_SYSTEMS[number]
