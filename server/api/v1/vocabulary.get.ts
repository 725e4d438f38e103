import { VOCABULARY } from '#core/vocabulary/vocabulary'
import { storeWords } from '#shared/messages/en/store-words'
import { words } from '#shared/messages/en/words'
import { api } from '../../http'

/** Every id that Zonaris speaks, with its English words. */
export default api(() => {
  const { lists: _lists, ...more } = storeWords
  return { ids: VOCABULARY, words: { ...words, ...more } }
})
