import { cylinderWords as english } from '#shared/words/en/cylinder-words'
import { live } from './live'

export const cylinderWords = live(english, spanish => spanish.cylinderWords)
