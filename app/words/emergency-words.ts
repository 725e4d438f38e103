import { emergencyWords as english } from '#shared/words/en/emergency-words'
import { live } from './live'

export const emergencyWords = live(english, spanish => spanish.emergencyWords)
