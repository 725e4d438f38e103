import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { BeamConvention } from '../ids/protection-ids'

/** Wavelengths whose formulas stand here, nm: near infrared, where welding lasers work. */
export const LASER_LIMITS = {
  powerW: { min: 0.001, max: 100_000 },
  wavelengthNm: { min: 700, max: 1400 },
  divergenceMrad: { min: 0.01, max: 3000 },
  beamDiameterMm: { min: 0.01, max: 500 },
  exposureS: { min: 1e-3, max: 30_000 },
} as const

/** Nobody blinks at what cannot be seen: a shorter look counts as this long, s. Source: `laserTimeBase`. */
const LEAST_EXPOSURE_S = 10
/** The pupil that counts, m. Source: `laserEyewear`. */
const PUPIL_M = 0.007

export interface LaserEyewear {
  /** Optical density at this wavelength. */
  readonly od: number
  /** Scale number (LB) for a continuous beam at this wavelength. */
  readonly damageRating?: number
}

export interface LaserQuestion {
  /** Continuous power. */
  readonly powerW: number
  readonly wavelengthNm: number
  /** Full angle. */
  readonly divergenceMrad: number
  /** At the lens; without it the beam counts as a point, which reaches furthest. */
  readonly beamDiameterMm?: number
  readonly convention?: BeamConvention
  readonly exposureS: number
  /** Share that a matt surface throws back, 0 to 1. */
  readonly reflectance?: number
  readonly eyewear?: LaserEyewear
}

export interface LaserHazard {
  readonly mpeEyeWPerM2: number
  readonly mpeSkinWPerM2: number
  readonly eyeHazardDistanceM: number
  readonly skinHazardDistanceM: number
  readonly diffuseEyeDistanceM?: number
  readonly diffuseSkinDistanceM?: number
  readonly requiredOd: number
  readonly findings: readonly Finding[]
}

/**
 * Permissible exposure of the eye, W/m², to a continuous beam of 700 to 1400 nm for ten seconds or longer, small source:
 * 10·C_A W/m² below 1050 nm with C_A = 10^(2(λ − 0.7)), 50 W/m² from there. C_C rises above 1150 nm and is left at 1, the safer end.
 * Source: `laserExposure`.
 */
export const eyeExposureWPerM2 = (wavelengthNm: number): number => (wavelengthNm < 1050 ? 10 * absorption(wavelengthNm) : 50)

/**
 * Permissible exposure of the skin, W/m²: 2000·C_A; at ten seconds the formula for shorter times, 1.1·10⁴·C_A·t^0.25 J/m², is the lower.
 * Source: `laserExposure`.
 */
export const skinExposureWPerM2 = (wavelengthNm: number, exposureS: number): number =>
  exposureS <= LEAST_EXPOSURE_S
    ? Math.min(2000, 1.1e4 * LEAST_EXPOSURE_S ** 0.25 / LEAST_EXPOSURE_S) * absorption(wavelengthNm)
    : 2000 * absorption(wavelengthNm)

/** C_A of the laser standards, by wavelength, nm. */
const absorption = (wavelengthNm: number): number => Math.min(5, 10 ** (2 * (wavelengthNm / 1000 - 0.7)))

/** r = √(4Φ/(π·MPE) − a²)/φ: the longer of both published models; nothing where the beam is weaker than that at the lens. */
const beamDistanceM = (powerW: number, mpeWPerM2: number, diameterM: number, divergenceRad: number): number =>
  Math.sqrt(Math.max(0, 4 * powerW / (Math.PI * mpeWPerM2) - diameterM ** 2)) / divergenceRad

/**
 * How far a handheld laser of the near infrared is dangerous, to eye and skin, straight and off a matt surface, and whether eyewear
 * answers. Figures at 1/e² are turned into 1/e (÷ √2): fed in as they are, the distance would come out 1.41 times too short.
 * Source: `laserExposure`, `laserDistance`, `laserEyewear`, `laserDamage`.
 *
 * @example 2 kW at 1070 nm, 50 mrad, 5 mm, for 10 s: `eyeHazardDistanceM` is 142.7
 */
export function laserHazard(asked: LaserQuestion): LaserHazard {
  const { powerW, wavelengthNm, convention, exposureS, reflectance, eyewear } = asked
  const findings: Finding[] = []
  const exposure = Math.max(exposureS, LEAST_EXPOSURE_S)
  if (exposureS < LEAST_EXPOSURE_S)
    findings.push(finding('note', 'laser.ten-seconds-count', { exposureS, countedS: LEAST_EXPOSURE_S }, ['laserTimeBase']))
  const scale = convention === '1/e2' ? Math.SQRT1_2 : 1
  const divergenceMrad = asked.divergenceMrad * scale
  const beamDiameterMm = asked.beamDiameterMm === undefined ? null : asked.beamDiameterMm * scale
  if (convention === '1/e2') findings.push(finding('note', 'laser.converted', { divergenceMrad, beamDiameterMm }, ['laserDistance']))
  else if (convention === undefined) findings.push(finding('caution', 'laser.taken-as-1e', { factor: Math.SQRT2 }, ['laserDistance']))
  if (beamDiameterMm === null) findings.push(finding('note', 'laser.diameter-unknown', {}, ['laserDistance']))

  const mpeEyeWPerM2 = eyeExposureWPerM2(wavelengthNm)
  const mpeSkinWPerM2 = skinExposureWPerM2(wavelengthNm, exposure)
  const reach = (mpe: number) => beamDistanceM(powerW, mpe, (beamDiameterMm ?? 0) / 1000, divergenceMrad / 1000)
  const [eyeHazardDistanceM, skinHazardDistanceM] = [reach(mpeEyeWPerM2), reach(mpeSkinWPerM2)]
  findings.push(finding('caution', 'laser.nobody-within', { eyeM: eyeHazardDistanceM, skinM: skinHazardDistanceM }, ['laserDistance']))
  const matt = (mpe: number) => Math.sqrt((reflectance ?? 0) * powerW / (Math.PI * mpe))
  if (reflectance !== undefined)
    findings.push(finding('caution', 'laser.diffuse-within', { eyeM: matt(mpeEyeWPerM2), reflectance }, ['laserDistance']))
  const requiredOd = Math.max(0, Math.log10(powerW / (Math.PI * PUPIL_M ** 2 / 4) / mpeEyeWPerM2))
  // Where nobody said how the beam is measured, it may be narrower than told, and twice as fierce on a filter.
  const narrowestMm = beamDiameterMm === null || convention !== undefined ? beamDiameterMm : beamDiameterMm * Math.SQRT1_2
  findings.push(...judgeEyewear(eyewear, { powerW, wavelengthNm, requiredOd, beamDiameterMm: narrowestMm }))
  return {
    mpeEyeWPerM2,
    mpeSkinWPerM2,
    eyeHazardDistanceM,
    skinHazardDistanceM,
    ...reflectance === undefined ? {} : { diffuseEyeDistanceM: matt(mpeEyeWPerM2), diffuseSkinDistanceM: matt(mpeSkinWPerM2) },
    requiredOd,
    findings,
  }
}

/** Dark enough, and not burnt through: a filter that is dark enough and cannot bear the beam is dark for a moment. */
function judgeEyewear(
  eyewear: LaserEyewear | undefined,
  { powerW, wavelengthNm, requiredOd, beamDiameterMm }: {
    readonly powerW: number
    readonly wavelengthNm: number
    readonly requiredOd: number
    readonly beamDiameterMm: number | null
  },
): readonly Finding[] {
  if (!eyewear) return [finding('hold', 'laser.eyewear-not-given', { requiredOd, wavelengthNm }, ['laserEyewear'])]
  const { od, damageRating } = eyewear
  const findings: Finding[] = []
  if (od < requiredOd) findings.push(finding('hold', 'laser.eyewear-too-light', { od, requiredOd, wavelengthNm }, ['laserEyewear']))
  const irradianceWPerM2 = beamDiameterMm === null ? null : 4 * powerW / (Math.PI * (beamDiameterMm / 1000) ** 2)
  if (damageRating === undefined) findings.push(finding('hold', 'laser.damage-rating-unknown', { irradianceWPerM2 }, ['laserDamage']))
  else if (irradianceWPerM2 === null) findings.push(finding('hold', 'laser.damage-cannot-be-said', {}, ['laserDamage']))
  else if (10 ** (damageRating + 1) < irradianceWPerM2) {
    const needed = Math.ceil(Math.log10(irradianceWPerM2) - 1 - 1e-9)
    findings.push(finding('hold', 'laser.damage-rating-too-low', { rating: damageRating, needed, irradianceWPerM2 }, ['laserDamage']))
  }
  return findings.length > 0
    ? findings
    : [finding('note', 'laser.eyewear-answers', { od, requiredOd, wavelengthNm }, ['laserEyewear', 'laserDamage'])]
}
