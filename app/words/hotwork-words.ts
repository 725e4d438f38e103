import { hotworkWords as english } from '#shared/words/en/hotwork-words'
import { live } from './live'

export const hotworkWords = live(english, spanish => spanish.hotworkWords)
