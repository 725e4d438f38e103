import type { helpPages as English } from '../en/help'

/** What the pages of this area say, in Spanish. */
export const helpPages: typeof English = {
  calls: {
    notWrittenDown: 'sin anotar',
    asTheShopHasIt: 'como lo tiene el taller',
  },
  page: {
    whatHappened: '¿Qué pasó?',
  },
  steps: {
    keepEverybody: 'Mantenga a todos a',
    awayTheFireServiceDecides: 'de distancia. Deciden los bomberos.',
    notMedicalAdviceGetMedical: list =>
      `No es consejo médico: busque atención médica. ${list} Un clínico todavía no ha revisado estas palabras.`,
    thereIsNoSuchPage: 'No hay tal página.',
    somethingElseHappened: 'Pasó otra cosa',
  },
}
