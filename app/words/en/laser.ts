import type { Shown } from '../shown'

/** What is asked of a laser's beam and of what holds it back, in English. */
export const laserPages = {
  beam: {
    power: 'Power, continuous',
    wavelength: 'Wavelength',
    divergence: 'Divergence, full angle',
    diameter: 'Beam at the lens',
    measuredTo: 'Measured to',
    asTheMakerSays: 'as the maker says',
    whole: (powerW: number, wavelengthNm: number, divergenceMrad: number, beamDiameterMm: number, convention: Shown) =>
      `${powerW} W at ${wavelengthNm} nm, divergence ${divergenceMrad} mrad, ${beamDiameterMm} mm at the lens, measured to ${convention}`,
  },
  filter: {
    od: 'Density',
    from: 'From',
    to: 'To',
    rating: 'LB',
    marked: (od: number, fromNm: number, toNm: number) => `density ${od}, ${fromNm} to ${toNm} nm`,
    rated: (rating: number) => `LB ${rating}`,
    answers: 'answers for this beam',
    away: 'not at this bay',
    notMarked: 'no laser marks in the register',
  },
}
