import { kitWords as english } from '#shared/words/en/kit-words'
import { live } from './live'

export const kitWords = live(english, spanish => spanish.kitWords)
