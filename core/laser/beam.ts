import type { BeamConvention } from '../ids/protection-ids'

/** The laser as its maker describes it. */
export interface LaserBeam {
  readonly powerW: number
  readonly wavelengthNm: number
  /** Full angle behind the focus. */
  readonly divergenceMrad: number
  /** At the lens. */
  readonly beamDiameterMm: number
  readonly convention: BeamConvention
}

/** A filter as it is marked: from which wavelength to which it has this density, and what beam it bears. */
export interface LaserFilter {
  readonly od: number
  readonly fromNm: number
  readonly toNm: number
  /** Scale number (LB) for a continuous beam; left out, it is not marked. */
  readonly damageRating?: number
}

/** Whether the same was told twice. One that is told to 1/e and to 1/e² is another beam until somebody says which is right. */
export const isSameBeam = (one: LaserBeam, other: LaserBeam): boolean =>
  one.powerW === other.powerW
  && one.wavelengthNm === other.wavelengthNm
  && one.divergenceMrad === other.divergenceMrad
  && one.beamDiameterMm === other.beamDiameterMm
  && one.convention === other.convention
