import type { floorPages as English } from '../en/floor'

/** What the pages of this area say, in Spanish. */
export const floorPages: typeof English = {
  bayPage: {
    thereIsNoSuchBay: 'No hay tal puesto.',
    backToTheFloor: 'Volver al piso',
  },
  board: {
    openTheShop: 'Abrir el taller',
    bays: 'Puestos',
    clearToStrike: 'pueden encender',
    hold: 'esperan',
    stopped: 'detenidos',
    bay: 'puesto',
    whoAndWhat: 'quién y qué',
  },
  legend: {
    howToReadTheBoard: 'Cómo leer el tablero',
    eachBayIsOneLine: 'Cada puesto es una línea. Está viva hasta el primer paso que la detiene.',
    threeInks: 'Tres tintas',
    chalk: 'Tiza',
    aPersonSaidSo: ': lo dijo una persona.',
    print: 'Imprenta',
    workedOutOrReadFrom: ': calculado, o leído de un instrumento.',
    pencil: 'Lápiz',
    assumedNotConfirmedYet: ': supuesto, todavía sin confirmar.',
    clearToStrike: 'Puede encender',
    allSevenGatesOpenFrom: 'Los siete pasos abiertos, con datos de hoy que esta pantalla oyó hace poco.',
    zonarisAdvisesYourLocalCode: 'Zonaris aconseja. Deciden el reglamento local, su higienista y los bomberos.',
    openTheLineRunsThrough: 'Abierto: la línea pasa.',
    holdLookedAtAndNot: 'Espera: revisado, y todavía no está bien.',
    toDoNobodyHasLooked: 'Por hacer: nadie ha revisado todavía.',
    stopClosedAtOnce: 'Alto: cerrado de inmediato.',
    notNeededForThisWork: 'No aplica: este trabajo no lo necesita.',
  },
  page: {
    floor: 'Piso',
    noBaysYet: 'Todavía no hay puestos',
    aBayIsAPlace:
      'Un puesto es un lugar donde una persona enciende un arco. Agregue la primera nave, un área en ella y sus puestos; luego ponga ahí a la gente y sus trabajos.',
    setUpTheSite: 'Configurar el sitio',
    theSafetyLeadSetsThe: 'El responsable de seguridad configura el sitio.',
    theBay: 'El puesto',
    howToReadTheBoard: 'Cómo leer el tablero',
    whatWasAsked: 'Lo que se preguntó',
  },
  reopen: {
    reOpenTheStoppedBays: 'Reabrir los puestos detenidos',
    baysAreStoppedWhatWas: count => `${count} puestos están detenidos. ¿Qué se corrigió?`,
    reOpen: (count, names) => `Reabrir ${count}: ${names}`,
    stoppedSince: names => `Detenido desde que empezó a escribir, y no entre ellos: ${names}.`,
    putRightThereToo: 'Ahí también se corrigió',
  },
  row: {
    reads: (what, value) => `Ahora ${value} de ${what}.`,
    nobody: 'nadie',
    bay: (label, personName, line, stationWords, reason, gatesSaid) =>
      `Puesto ${label}, ${personName}, ${line}. ${stationWords}. ${reason} ${gatesSaid}.`,
    notSentYet: 'sin enviar todavía',
    noJobYet: 'sin trabajo todavía',
  },
}
