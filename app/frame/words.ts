import { words as english } from '#shared/words/en/words'

/** The words of the language shown; English is the first. */
export const words = english
