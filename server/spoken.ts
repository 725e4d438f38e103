import { hotworkSentences } from '#shared/words/en/hotwork-findings'
import { cylinderSentences } from '#shared/words/en/cylinder-findings'
import { kitItemSentences } from '#shared/words/en/kit-item-findings'
import { learnSentences, spoken as inWords } from '#shared/words/speak'

// The server speaks for every area; a page fetches its own. Whoever speaks here imports this module, so that the bundle keeps the call.
learnSentences(cylinderSentences)
learnSentences(kitItemSentences)
learnSentences(hotworkSentences)

/** A finding as the API sends it, in the words of every area. */
export const spoken = inWords
