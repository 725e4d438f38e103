import { VOCABULARY } from '#core/ids/vocabulary'
import { cylinderWords } from '#shared/words/en/cylinder-words'
import { handoverChecks } from '#shared/words/en/handover-words'
import { kitItemWords } from '#shared/words/en/kit-item-words'
import { kitWords } from '#shared/words/en/kit-words'
import { words } from '#shared/words/en/words'
import { api } from '../../http'

/** Every id that Zonaris speaks, with its English words. */
export default api(() => {
  const { lists: _lists, ...board } = kitWords
  return { ids: VOCABULARY, words: { ...words, ...board, ...cylinderWords, ...kitItemWords, handoverChecks } }
})
