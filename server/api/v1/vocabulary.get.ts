import { VOCABULARY } from '#core/ids/vocabulary'
import { api } from '../../http'
import { wordsHere } from '../../words/here'

/** Every id that Zonaris speaks, with its words in the language that was asked for. */
export default api(() => {
  const { words, cylinderWords, kitItemWords, handoverChecks, kitWords: { lists: _lists, ...board } } = wordsHere()
  return { ids: VOCABULARY, words: { ...words, ...board, ...cylinderWords, ...kitItemWords, handoverChecks } }
})
