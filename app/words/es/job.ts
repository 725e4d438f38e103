import type { jobPages as English } from '../en/job'

/** What the board and the command line say of a job, in Spanish. */
export const jobPages: typeof English = {
  words: {
    to: (from, to) => `${from} a ${to}`,
    tungsten: length => `tungsteno ${length}`,
    rod: length => `varilla ${length}`,
    wire: length => `alambre ${length}`,
    wire2: feed => `alambre ${feed}`,
    travel: feed => `avance ${feed}`,
    kerf: width => `corte de ${width}`,
    shopAir: 'aire del taller',
    gas: gasFlow => `gas ${gasFlow}`,
    thick: length => `espesor ${length}`,
    acetylene: flow => `acetileno ${flow}`,
    oxygen: flow => `oxígeno ${flow}`,
    coatingNotKnown: 'recubrimiento desconocido',
    stripped: what => `, descubierto${what}`,
    to2: (startsAt, endsAt) => `${startsAt} a ${endsAt}`,
    head: heads => `cabeza ${heads}`,
    arcAnHour: minutes => `${minutes} de arco por hora`,
  },
}
