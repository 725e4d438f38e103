import { garmentWords as english } from '#shared/words/en/garment-words'
import { live } from './live'

export const garmentWords = live(english, spanish => spanish.garmentWords)
