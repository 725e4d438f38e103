import type { openingPages as English } from '../en/opening'

/** What the page that opens the shop says, in Spanish. */
export const openingPages: typeof English = {
  page: {
    openTheShop: 'Abrir el taller',
    inWalkingOrder:
      'Puesto por puesto, en orden de recorrido. Mire, y toque: un toque anota que revisó lo que nombra y lo halló '
      + 'bien. Lo que está mal se dice donde está mal.',
    instructorOpens: 'Un instructor o el responsable de seguridad abre el taller.',
    toGo: (left, clear) => `${left === 1 ? 'Falta 1 puesto' : `Faltan ${left} puestos`}, ${clear} libres para encender`,
    clear: 'Libres para encender',
  },
  class: {
    aClassComesIn: 'Entra una clase',
    chooseAClass: 'elija una clase',
    eachToTheirOwn: 'cada quien a su puesto, los demás a lo que esté libre; no se mueve a nadie que ya esté en uno',
    nobodyToPlace: 'Todos los de esta clase están en un puesto, o de vigía.',
    noBayFor: names => `No hay puesto para: ${names}.`,
    placeThem: count => count === 1 ? 'Colocar a 1 persona' : `Colocar a ${count} personas`,
  },
  bay: {
    nobody: 'nadie',
    allSound: 'Revisado: todo bien',
    passesAtTheDoor: 'Pasa en la puerta',
    atBay: label => `en el puesto ${label}`,
    seeAtTheDoor: 'Ver lo que lleva puesto',
    setAJob: 'Definir un trabajo',
    placeSomebody: 'Poner a alguien',
    byItself: 'se revisa por separado.',
    parts: { hood: 'campana', fire: 'fuego', helmet: 'careta', glasses: 'lentes', outfit: 'ropa' },
  },
}
