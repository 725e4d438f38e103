import { VOCABULARY } from '#core/ids/vocabulary'
import { storeWords } from '#shared/words/en/store-words'
import { words } from '#shared/words/en/words'
import { api } from '../../http'

/** Every id that Zonaris speaks, with its English words. */
export default api(() => {
  const { lists: _lists, ...more } = storeWords
  return { ids: VOCABULARY, words: { ...words, ...more } }
})
