import type { Shown } from '../shown'

/** What the pages of this area say, in English. */
export const helpPages = {
  calls: {
    notWrittenDown: 'not written down',
    asTheShopHasIt: 'as the shop has it',
  },
  page: {
    whatHappened: 'What happened?',
  },
  steps: {
    keepEverybody: 'Keep everybody',
    awayTheFireServiceDecides: 'away. The fire service decides.',
    notMedicalAdviceGetMedical: (list: Shown) => `Not medical advice: get medical help. ${list} A clinician has not reviewed these words yet.`,
    thereIsNoSuchPage: 'There is no such page.',
    somethingElseHappened: 'Something else happened',
  },
}
