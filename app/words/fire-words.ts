import { fireWords as english } from '#shared/words/en/fire-words'
import { live } from './live'

export const fireWords = live(english, spanish => spanish.fireWords)
