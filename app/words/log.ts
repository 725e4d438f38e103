import { logPages as english } from './en/log'
import { live } from './live'

export const logPages = live(english, spanish => spanish.logPages)
