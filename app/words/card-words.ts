import { cardWords as english } from '#shared/words/en/card-words'
import { live } from './live'

export const cardWords = live(english, spanish => spanish.cardWords)
