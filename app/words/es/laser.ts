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
  course: {
    whereItEnds: 'Dónde termina lo que la pieza refleja',
    pointTheTorch: 'Hacia dónde apunta la antorcha, desde arriba',
    howToPoint: 'Toque hacia dónde apunta la antorcha, o gírela. Un espejo devuelve el haz tan fuerte como llegó.',
    pointsTo: deg => `apunta a ${deg} grados; 0 es a lo largo del plano hacia la derecha, 90 hacia abajo`,
    nobodySaid: 'nadie lo dijo',
    howItLies: 'La pieza está',
    turnLeft: 'Girarla a la izquierda',
    turnRight: 'Girarla a la derecha',
    arrows: { left: '↺', right: '↻' },
    endsInside: 'Visto desde arriba, termina en paredes y barreras. Las alturas no se dibujan: busque también huecos por encima.',
    matt: far => `El anillo: en una cara mate daña un ojo a menos de ${far}.`,
    drawIt: 'Dibuje la nave para ver dónde termina',
    toPlan: 'Plano de la nave',
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
