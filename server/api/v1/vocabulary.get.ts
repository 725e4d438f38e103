import { GARMENT_CONDITIONS, GARMENT_FACTS, GARMENTS, MATERIALS } from '#core/ids/garment-ids'
import { VOCABULARY } from '#core/ids/vocabulary'
import { api } from '../../http'
import { wordsHere } from '../../words/here'

/** What somebody may have on: the board carries none of it. */
const WORN = { garments: GARMENTS, materials: MATERIALS, garmentConditions: GARMENT_CONDITIONS, garmentFacts: GARMENT_FACTS } as const
/** What it is called; what mends it is said by a finding. */
const called = (told: Readonly<Record<string, readonly [what: string, mend: string]>>): Record<string, string> =>
  Object.fromEntries(Object.entries(told).map(([id, [what]]) => [id, what]))

/** Every id that Zonaris speaks, with its words in the language that was asked for. */
export default api(() => {
  const { words, cylinderWords, kitItemWords, garmentWords, handoverChecks, kitWords: { lists: _lists, ...board } } = wordsHere()
  const { garments, materials, conditions, facts } = garmentWords
  return {
    ids: { ...VOCABULARY, ...WORN },
    words: {
      ...words,
      ...board,
      ...cylinderWords,
      ...kitItemWords,
      garments,
      materials,
      garmentConditions: called(conditions),
      garmentFacts: called(facts),
      handoverChecks,
    },
  }
})
