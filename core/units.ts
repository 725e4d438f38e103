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

/** Exact by definition of the pound, the inch and standard gravity. */
export const KPA_PER_PSI = 6.894757293168361
export const kPaFromPsi = (psi: number): number => psi * KPA_PER_PSI
export const psiFromKPa = (kPa: number): number => kPa / KPA_PER_PSI
/** Exact by definition of the pound. */
export const KG_PER_LB = 0.45359237
export const kgFromLb = (lb: number): number => lb * KG_PER_LB
export const lbFromKg = (kg: number): number => kg / KG_PER_LB

/** Units a site shows; the core computes in SI whatever is shown. */
export const UNIT_SYSTEMS = ['metric', 'us'] as const
export type UnitSystem = typeof UNIT_SYSTEMS[number]
