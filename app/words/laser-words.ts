import { laserWords as english } from '#shared/words/en/laser-words'
import { live } from './live'

export const laserWords = live(english, spanish => spanish.laserWords)
