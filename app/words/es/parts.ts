import type { partPages as English } from '../en/parts'

/** What parts of pages say that come when they are opened, in Spanish. */
export const partPages: typeof English = {
  table: {
    findAndSort: 'Buscar y ordenar',
    allOfIt: 'Todo como viene',
    sortedBy: 'Ordenada por',
    asItComes: 'lo que pide a alguien primero',
    foundHere: 'Encontrado',
    find: 'Buscar en esta lista',
    shownOf: (found, all) => `${found} de ${all}`,
    nothingLikeIt: 'Nada parecido en esta lista.',
    upwards: 'en orden ascendente',
    downwards: 'en orden descendente',
    more: left => `Mostrar ${left} más`,
  },
  takeOut: {
    saveAll: 'Guardar todo como CSV',
    reading: count => `${count} líneas leídas hasta ahora`,
    notAll: why => `No se guardó nada. ${why}`,
    saveAsCsv: count => count === 1 ? 'Guardar como CSV' : `Guardar estos ${count} como CSV`,
    print: 'Imprimir',
  },
  file: {
    chooseAFile: 'Elegir un archivo',
    read: name => `Se leyó ${name}.`,
    readSheet: (name, sheet, of) => `Se leyó ${name}: su hoja ${sheet}, la primera de ${of} que tiene algo.`,
    refused: {
      'too-large': name => `${name} es más grande que cualquier lista: saque de ahí lo que quiere traer, y elija eso.`,
      'not-a-workbook': name => `${name} no es un libro que se pueda leer: guárdelo otra vez como .xlsx, o como CSV.`,
      'empty': name => `${name} no tiene nada.`,
    },
  },
  progress: {
    leaveIt: 'Parar aquí',
  },
  commandAnswer: {
    readSoFar: 'Entendido hasta aquí',
    isNotUnderstood: word => `"${word}" no se entiende.`,
    leaveItOut: 'Déjelo fuera',
  },
}
