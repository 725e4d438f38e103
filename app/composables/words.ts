import { words as english } from '#shared/messages/en/words'

/** The words of the language shown; English is the first. */
export const words = english
