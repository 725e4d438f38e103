import type { hallPages as English } from '../en/hall'

const kinds: typeof English.page.kinds = {
  'wall': 'Pared',
  'screen': 'Pantalla',
  'laser-barrier': 'Barrera láser',
  'door': 'Puerta',
  'blows-in': 'Entrada de aire',
  'draws-out': 'Salida de aire',
  'draught': 'Corriente de aire',
  'duct-fan': 'Ventilador de los ductos',
}

/** What the pages of this area say, in Spanish. */
export const hallPages: typeof English = {
  page: {
    planOf: hall => `Plano de ${hall}`,
    noSuchHall: 'No hay nave con ese nombre',
    bayOf: bay => `Puesto ${bay}`,
    bays: 'Los puestos en cifras',
    toAir: 'Aire',
    drawIt: 'Dibujarla',
    fromAbove: (hall, count) =>
      `${hall} desde arriba, a escala, con ${count === 1 ? '1 puesto' : `${count} puestos`}; la lista de al lado tiene las cifras`,
    notDescribed: 'Nadie ha descrito todavía el aire de esta nave: no se sabe qué flota en ella.',
    workingOut: 'Calculando qué flota y dónde…',
    failed: 'En este aparato no se pudo calcular qué flota en esta nave. La página Aire dice lo que cuenta cada paso.',
    nothingBurns: 'De ningún trabajo de hoy se sabe que produzca aquí humo con límite.',
    at: 'A las',
    worstAt: time => `Lo peor: ${time}`,
    whatFloats: 'Qué flota',
    legend: 'Colores, según cuánto del límite flota ahí',
    drawnThings: 'Lo que está dibujado',
    beamsOf: (bays, count) =>
      `${count === 1 ? `Láser del puesto ${bays}` : `Láseres de los puestos ${bays}`}: el campo rojo a rayas es adonde puede ir `
      + 'lo que la pieza refleja, ámbar donde llega a una puerta, el anillo punteado hasta dónde lo refleja una cara mate. Hacia dónde '
      + 'apunta se dice en el puesto.',
    upTo: concentration => `hasta ${concentration}`,
    over: concentration => `más de ${concentration}`,
    notKnown: 'no se sabe',
    inTheHall: (mid, high) => `En la nave ${mid}, 95\u00a0% bajo ${high}`,
    against: (substance, ruleSet, kind, limit) => `${substance} junto a su límite de ${limit} (${ruleSet}, ${kind}).`,
    whatItIs:
      'Cada cifra es lo que flota en ese minuto, 95\u00a0% por debajo, con el tiempo de arco repartido en sus horas; una pasada del arco '
      + 'llega a más, y lo que alguien respira depende de cómo se pone. Fuera de los círculos la nave se toma por mezclada parejo; la que '
      + 'mide de largo dos veces su ancho, parte por parte, con la cifra de cada una en su borde inferior. Paredes y corrientes '
      + 'se dibujan, no se calculan: en todas partes cuenta la velocidad del aire que se dijo de la nave.',
    unknown: (bays, count) =>
      `${count === 1 ? `El puesto ${bays} suelda` : `Los puestos ${bays} sueldan`} sin que nadie sepa qué se produce ahí: flota más de lo que se `
      + 'muestra.',
    kinds,
  },
  plan: {
    plan: 'Plano',
    nobodyDrewIt: 'Nadie ha dibujado esta nave todavía: su borde llega solo hasta donde sus puestos lo piden.',
  },
  closeUp: {
    hoodToArc: 'De la campana al arco',
    hoodAt: (reach, placement, works) => `${reach} ${placement}; ${works}`,
    worksFrom: (nearest, farthest) => `capta de ${nearest} a ${farthest}`,
    worksNowhere: 'con lo que jala ahora no capta en ninguna parte',
    worksTo: reach => `capta hasta ${reach}`,
    notNearer: reach => `no más cerca de ${reach}: el gas de protección`,
    nearer: 'Más cerca',
    farther: 'Más lejos',
    arrows: { left: '↺', right: '↻' },
    turnLeft: 'Girarla a la izquierda alrededor del arco',
    turnRight: 'Girarla a la derecha alrededor del arco',
    fromTheSide: 'De lado, a escala. Ponga la campana donde toque, o con las flechas.',
    fromAbove: 'Desde arriba, a escala. Ponga la campana donde toque, o con las flechas; de qué lado está no cambia ninguna cifra.',
  },
  bay: {
    bay: bay => `Puesto ${bay}`,
    close: 'Todos los puestos',
    noJob: 'sin trabajo',
    tried: 'a prueba, sin fijar',
    ofTheLimit: 'del límite que más obliga',
    before: part => `; como está, ${part}`,
    cannotBeSaid: 'No se puede decir qué se respira aquí: su página Aire dice por qué.',
    nobodyWorks: 'Hoy nadie trabaja aquí.',
    notCounted: 'Su propio aire lo retiene, o hoy nadie ha revisado su extracción: sus arcos no cuentan en la nave, y su círculo muestra lo '
      + 'que habría.',
    noHoodPlaced: 'Aquí nadie ha puesto una campana.',
    watched: 'Aquí hay instrumentos: lo que leen va antes que lo calculado. Está en su página Aire.',
    hoodStands: 'La campana está',
    asItIs: 'Como está',
    setItAtTheBay: 'Fijarlo en el puesto',
    itsAir: 'Todo su aire',
    whoseFume: substance => `De quién es lo que se respira aquí: ${substance}`,
    own: 'Sus propios arcos',
    overTheDay: 'Partes de la suma del día, en promedio; lo que entra con el aire no es de nadie.',
  },
  bays: {
    theBays: 'Los puestos en cifras',
    tapOne: 'Abra uno para ver de quién es el humo que ahí se respira, y para probar su campana en otro lugar.',
    noJob: 'sin trabajo',
    roundTheArc: (mid, high) => `${mid} alrededor del arco, 95\u00a0% bajo ${high}`,
    notCounted: 'no cuenta en la nave',
  },
  draw: {
    howItIsDrawn: 'Cómo está dibujada',
    howToDraw: 'Agregue algo y toque el plano donde está, arrástrelo, o use las flechas, con Mayús de a más. '
      + 'Nada se juzga por el dibujo. Los puestos se mueven donde se describe su extracción.',
    long: 'Largo',
    deep: 'Fondo',
    beginsAlong: 'Empieza a lo largo de la cuadrícula en',
    beginsAcross: 'Empieza a lo ancho en',
    addTo: 'Agregar',
    kinds,
    whatStandsThere: count => `Dibujado: ${count}`,
    thingAt: (thing, along, across) => `${thing}, ${along} a lo largo, ${across} a lo ancho`,
    arrows: { left: '←', up: '↑', down: '↓', right: '→', turn: '↻' },
    left: 'Izquierda',
    up: 'Arriba',
    down: 'Abajo',
    right: 'Derecha',
    turn: 'Girar 15 grados',
    takeOut: 'Quitarlo',
    along: 'A lo largo',
    across: 'A lo ancho',
    towards: 'Hacia',
    towardsHint: '0 es a la derecha del plano, 90 hacia abajo',
    length: 'Longitud',
    whereDuctsMeet: 'Dónde se juntan los ductos',
    ductsHint: 'Un ducto con campana en su extremo empieza en su campana. El ventilador al que llevan se agrega arriba.',
    meetsAlong: duct => `${duct}, a lo largo`,
    meetsAcross: duct => `${duct}, a lo ancho`,
    leaveIt: 'Dejarlo',
    keepIt: 'Guardar el dibujo',
  },
}
