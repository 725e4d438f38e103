import { cylinderSentences } from './cylinder-findings'
import { hotworkSentences } from './hotwork-findings'
import { kitItemSentences } from './kit-item-findings'
import { protectionSentences } from './protection-findings'
import { refusalSentences } from './refusal-findings'
import { studySentences } from './study-findings'

/** Every sentence that does not go with the board: of areas that are fetched when they open, and of what the server alone says. */
export const besidesBoard = {
  ...cylinderSentences,
  ...hotworkSentences,
  ...kitItemSentences,
  ...protectionSentences,
  ...refusalSentences,
  ...studySentences,
}
