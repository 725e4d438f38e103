import type { Words } from '#shared/words/en/words'
import type { Language } from '#shared/words/language'
import { cardWords as cardEnglish } from '#shared/words/en/card-words'
import { cylinderWords as cylinderEnglish } from '#shared/words/en/cylinder-words'
import { fireWords as fireEnglish } from '#shared/words/en/fire-words'
import { garmentWords as garmentEnglish } from '#shared/words/en/garment-words'
import { handoverChecks as handoverEnglish } from '#shared/words/en/handover-words'
import { hotworkWords as hotworkEnglish } from '#shared/words/en/hotwork-words'
import { kitItemWords as kitItemEnglish } from '#shared/words/en/kit-item-words'
import { kitWords as kitEnglish } from '#shared/words/en/kit-words'
import { words as english } from '#shared/words/en/words'
import { cardWords as cardSpanish } from '#shared/words/es/card-words'
import { cylinderWords as cylinderSpanish } from '#shared/words/es/cylinder-words'
import { fireWords as fireSpanish } from '#shared/words/es/fire-words'
import { garmentWords as garmentSpanish } from '#shared/words/es/garment-words'
import { handoverChecks as handoverSpanish } from '#shared/words/es/handover-words'
import { hotworkWords as hotworkSpanish } from '#shared/words/es/hotwork-words'
import { kitItemWords as kitItemSpanish } from '#shared/words/es/kit-item-words'
import { kitWords as kitSpanish } from '#shared/words/es/kit-words'
import { words as spanish } from '#shared/words/es/words'
import { languageHere } from '../language'
import { serverWords as own } from './en'
import type { ServerWords } from './en'
import { serverWords as ownInSpanish } from './es'
import { fieldInSpanish } from '#shared/words/es/fields'

/** All that a paper or an answer is put together from. */
export interface WordsHere extends ServerWords {
  readonly words: Words
  readonly cardWords: typeof cardEnglish
  readonly cylinderWords: typeof cylinderEnglish
  readonly fireWords: typeof fireEnglish
  readonly garmentWords: typeof garmentEnglish
  readonly handoverChecks: typeof handoverEnglish
  readonly hotworkWords: typeof hotworkEnglish
  readonly kitItemWords: typeof kitItemEnglish
  readonly kitWords: typeof kitEnglish
}

const BOOK: Readonly<Record<Language, WordsHere>> = {
  en: {
    ...own,
    words: english,
    cardWords: cardEnglish,
    cylinderWords: cylinderEnglish,
    fireWords: fireEnglish,
    garmentWords: garmentEnglish,
    handoverChecks: handoverEnglish,
    hotworkWords: hotworkEnglish,
    kitItemWords: kitItemEnglish,
    kitWords: kitEnglish,
  },
  es: {
    ...ownInSpanish,
    words: spanish,
    cardWords: cardSpanish,
    cylinderWords: cylinderSpanish,
    fireWords: fireSpanish,
    garmentWords: garmentSpanish,
    handoverChecks: handoverSpanish,
    hotworkWords: hotworkSpanish,
    kitItemWords: kitItemSpanish,
    kitWords: kitSpanish,
  },
}

/** The words of the language that the request being answered asked for. */
export const wordsHere = (): WordsHere => BOOK[languageHere()]

/** What the server says when it does not say yes. */
export const errorsHere = (): ServerWords['errors'] => wordsHere().errors

/** What is wrong with a field, in the language of the request. */
export const fieldHere = (message: string): string => (languageHere() === 'es' ? fieldInSpanish(message) : null) ?? message
