import { words as english } from '#shared/words/en/words'
import { live } from './live'

export const words = live(english, spanish => spanish.words)
