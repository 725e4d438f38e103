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
  course: {
    whereItEnds: 'Where what the work throws back ends',
    pointTheTorch: 'Which way the torch points, from above',
    howToPoint: 'Tap where the torch points, or turn it. A mirror throws the beam back as strong as it came.',
    pointsTo: (deg: number) => `points to ${deg} degrees; 0 is along the plan to the right, 90 down`,
    nobodySaid: 'nobody said',
    howItLies: 'The work lies',
    turnLeft: 'Turn it to the left',
    turnRight: 'Turn it to the right',
    arrows: { left: '↺', right: '↻' },
    endsInside: 'Seen from above, it ends at walls and barriers. Heights are not drawn: look for gaps above them too.',
    matt: (far: Shown) => `The ring: off a matt face it harms an eye within ${far}.`,
    drawIt: 'Draw the hall to see where it ends',
    toPlan: 'Plan of the hall',
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
