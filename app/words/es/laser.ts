import type { laserPages as English } from '../en/laser'

/** What is asked of a laser's beam and of what holds it back, in Spanish. */
export const laserPages: typeof English = {
  beam: {
    power: 'Potencia, continua',
    wavelength: 'Longitud de onda',
    divergence: 'Divergencia, ángulo completo',
    diameter: 'Haz en la lente',
    measuredTo: 'Medido a',
    asTheMakerSays: 'como dice el fabricante',
    whole: (powerW, wavelengthNm, divergenceMrad, beamDiameterMm, convention) =>
      `${powerW} W a ${wavelengthNm} nm, divergencia ${divergenceMrad} mrad, ${beamDiameterMm} mm en la lente, medido a ${convention}`,
  },
  filter: {
    od: 'Densidad',
    from: 'Desde',
    to: 'Hasta',
    rating: 'LB',
    marked: (od, fromNm, toNm) => `densidad ${od}, de ${fromNm} a ${toNm} nm`,
    rated: rating => `LB ${rating}`,
    answers: 'sirve para este haz',
    away: 'no está en este puesto',
    notMarked: 'sin marcas de láser en el inventario',
  },
}
