/** Exact by definition of the inch. */
export const MM_PER_INCH = 25.4
/** Exact by definition of the foot. */
export const L_PER_CUBIC_FOOT = 28.316846592

export const mmFromInch = (inch: number): number => inch * MM_PER_INCH
export const inchFromMm = (mm: number): number => mm / MM_PER_INCH
export const lPerHFromCfh = (cfh: number): number => cfh * L_PER_CUBIC_FOOT
export const cfhFromLPerH = (lPerH: number): number => lPerH / L_PER_CUBIC_FOOT

/** Exact by definition of the foot. */
export const M_PER_FOOT = 0.3048
export const ftFromM = (m: number): number => m / M_PER_FOOT
export const mFromFt = (ft: number): number => ft * M_PER_FOOT
export const cubicFtFromM3 = (m3: number): number => m3 / M_PER_FOOT ** 3
export const m3FromCubicFt = (ft3: number): number => ft3 * M_PER_FOOT ** 3
export const cfmFromM3PerS = (m3PerS: number): number => cubicFtFromM3(m3PerS) * 60
export const m3PerSFromCfm = (cfm: number): number => m3FromCubicFt(cfm) / 60
export const fpmFromMPerS = (mPerS: number): number => ftFromM(mPerS) * 60
export const mPerSFromFpm = (fpm: number): number => mFromFt(fpm) / 60

/** Units a site shows; the core computes in SI whatever is shown. */
export const UNIT_SYSTEMS = ['metric', 'us'] as const
export type UnitSystem = typeof UNIT_SYSTEMS[number]
