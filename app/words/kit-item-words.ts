import { kitItemWords as english } from '#shared/words/en/kit-item-words'
import { live } from './live'

export const kitItemWords = live(english, spanish => spanish.kitItemWords)
