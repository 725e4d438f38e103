import { handoverChecks as english } from '#shared/words/en/handover-words'
import { live } from './live'

export const handoverChecks = live(english, spanish => spanish.handoverChecks)
