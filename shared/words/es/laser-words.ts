import type { LaserWords } from '../en/laser-words'

/** A laser cell and who is in it, in Spanish. */
export const laserWords: LaserWords = {
  checks: {
    'barrier-closed': 'barreras y cortinas para este láser cerradas por todos lados',
    'windows-covered': 'ventanas y huecos cubiertos',
    'interlock-works': 'el enclavamiento de la puerta corta el haz',
    'emergency-stop-works': 'el paro de emergencia funciona',
    'sign-lit': 'el letrero de afuera está encendido',
    'key-controlled': 'la llave la tiene quien lo opera; fuera de la máquina para darle servicio',
    'contact-works': 'no hay haz sin la boquilla sobre la pieza',
    'cylinders-out-of-line': 'cilindros y mangueras fuera de la línea del haz y de sus reflejos',
    'nothing-flammable': 'nada que arda adentro',
    'reflections-to-barrier': 'lo que la pieza refleja va a una barrera, no a un hueco ni a una persona',
  },
  people: { operator: 'quien lo opera', helper: 'ayudante', instructor: 'instructor', visitor: 'visita' },
  filters: { eyewear: 'lentes para láser', helmet: 'careta para láser' },
  faults: {
    'wavelength': 'no está marcado para esta longitud de onda',
    'too-light': 'no es bastante oscuro',
    'burns-through': 'se quema con este haz',
    'rating-unknown': 'no dice qué haz aguanta',
    'beam-unknown': 'no se puede juzgar sin el diámetro del haz',
  },
  pieces: { flat: 'acostada bajo la antorcha', upright: 'parada frente a ella', any: 'de las dos maneras' },
}
