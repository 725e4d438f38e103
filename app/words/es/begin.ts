import type { beginPages as English } from '../en/begin'

const bays = (count: number): string => (count === 1 ? '1 puesto' : `${count} puestos`)

/** What a new shop is asked, step by step, in Spanish. */
export const beginPages: typeof English = {
  page: {
    firstSteps: 'Primeros pasos',
    lead:
      'De un taller vacío al primer puesto que puede encender. Lo que todavía no sepa puede esperar: detiene donde debe, y en ningún '
      + 'otro lado.',
    leadSetsUp: 'El responsable de seguridad prepara el taller.',
    steps: {
      halls: 'Naves y puestos',
      numbers: 'A quién llamar',
      kit: 'Equipo de cada puesto',
      people: 'Gente',
      air: 'Aire y extracción',
      work: 'El primer trabajo',
      gas: 'Cilindros',
      gates: 'Paso por paso',
    },
    why: {
      halls: 'Una nave es donde se comparte el aire; un puesto es donde una persona enciende un arco.',
      numbers: 'Como se marcan aquí. Ayuda se los muestra a todos, con o sin sesión.',
      kit:
        'Cada cosa lleva su etiqueta. Lo de antes de usar se revisa en el puesto; lo que va por calendario pide su papel, o una '
        + 'revisión.',
      people: 'Pegue nombres, uno por renglón, o una tabla. Cada uno es aprendiz si la lista no dice otra cosa.',
      air: 'El humo se calcula de lo que entra a la nave y de lo que jala la campana. Mientras falte alguno, Aire detiene.',
      work: 'Alguien en un puesto, y lo que suelda: todo lo demás sale de estas dos cosas.',
      gas: 'Un puesto con regulador espera hasta que se conecte ahí un cilindro. Lo que no usa gas no necesita.',
      gates: 'Revise cada uno y resuélvalo donde está. El puesto lleva de una espera a la siguiente.',
    },
    done: 'Hecho',
    toDo: 'Por hacer',
    lacks: (names, more) => (more > 0 ? `Falta: ${names} y ${more} más` : `Falta: ${names}`),
    nextIs: step => `Sigue: ${step}`,
    atBay: (label, gate) => `Puesto ${label}: ${gate}`,
    struck: 'Un puesto puede encender. Lo demás es trabajo de todos los días.',
    toTheFloor: 'Al piso',
    changeHalls: 'Renombrar, mover o cerrar naves, áreas y puestos',
    houseRules: 'Reglas de la casa',
  },
  law: {
    choose: 'elija',
    whoseLaw: 'Qué ley',
    units: 'Unidades',
    metric: 'Metros, litros, bar',
    us: 'Pies, pies cúbicos, psi',
    language: 'Idioma del taller',
    follows: 'Lo que resulta de eso',
    shades: { 'us-legal': 'Sombras: lo más estricto entre la ley y el consenso de EE. UU.', 'eu': 'Sombras: la tabla europea.' },
    exposure: limits => `Límites de humo: ${limits}, o lo que sea más estricto en otro lado.`,
    radius: distance => `Trabajo en caliente: al menos ${distance} despejados.`,
    noRadius: 'Trabajo en caliente: la ley no fija un círculo; la casa mantiene el suyo.',
    hood: 'Bajo techo, un arco lleva campana, diga lo que diga el aire.',
    noHood: 'Se pide campana donde el aire la necesita.',
    canChange: 'Cada una se puede hacer más estricta en Reglas de la casa.',
  },
  halls: {
    name: 'Nombre de la nave',
    nameHint: 'o del patio, si trabajan al aire libre',
    long: 'Largo',
    wide: 'Ancho',
    high: 'Alto',
    bays: 'Puestos en ella',
    numberedFrom: first => `numerados desde ${first}`,
    kind: 'Qué son',
    kindHint: 'un punto en una estructura usa las tablas de construcción y necesita permiso',
    make: 'Crear la nave',
    makeSo: count => `Crear la nave con ${bays(count)}`,
  },
  numbers: { save: 'Guardar los números' },
  kit: {
    whatIsDone: 'Qué se hace aquí',
    forEachBay: count =>
      count === 0
        ? 'Todos los puestos tienen lo que hace falta: lo demás se registra en Equipo.'
        : count === 1 ? 'Lo que todavía le falta a un puesto:' : `Lo que todavía les falta a ${count} puestos, a cada uno:`,
    make: 'Registrar el juego',
    makeSo: count => `Registrar ${count === 1 ? '1 cosa' : `${count} cosas`}`,
  },
  kind: {
    eachBay: (kind, count) => `${kind}: ${count} por puesto`,
    known: { 'known': 'Se sabe', 'later': 'Después', 'not-here': 'No hay' },
    fromTheWork: 'Del trabajo más lejano hasta él',
    passedOn: list => `Aprobado, ${list}`,
    by: list => `Por quién, ${list}`,
    byHint: 'como dice el papel; sin eso el día no cuenta',
  },
  air: {
    whatItIs: 'Qué es',
    kinds: { 'hall': 'Una nave', 'open-air': 'Aire libre' },
    volume: 'Volumen',
    ceiling: 'Techo',
    blownIn: 'Aire que entra',
    blownInHint: 'ventiladores y aberturas juntos, medido o según los papeles',
    outdoors: 'De eso, aire de afuera',
    speed: 'Velocidad del aire en los puestos',
    speedHint: 'bajo techo suele ser de 0.1 a 0.3 m/s',
    later:
      'Mientras nadie diga otra cosa en Aire cuenta lo usual: sin filtro, aire limpio de afuera, campo cercano de 0.5 m. '
      + '¿Sin medir todavía? Siga con otro paso: Aire detiene aquí hasta que se mida.',
    saveAir: 'Guardar el aire de esta nave',
    whatDraws: count => `Qué jala el humo, igual en ${bays(count)}:`,
    apart: 'De un puesto al siguiente',
    inRows: 'de centro a centro, donde están más cerca; se corrige uno por uno en Aire',
    done: 'Están dichos su aire y la extracción de todos sus puestos.',
  },
  gas: {
    inThisOrder: 'Primero la jaula, luego lo que llegó, leído en el hombro; después va al puesto y se conecta ahí.',
    noneWaits: 'Ningún puesto espera gas.',
    describeCage: 'Describir la jaula',
    receive: 'Recibir un cilindro',
    connect: label => `Conectarlo en el puesto ${label}`,
  },
  work: {
    eachBay: 'Primero se pregunta quién está ahí; el trabajo se toma del último, o se escribe en una línea.',
    place: label => `Poner a alguien en el puesto ${label}`,
    setJob: label => `Fijar el trabajo del puesto ${label}`,
    aClass: 'Una clase entera de una vez',
  },
}
