import { beginPages as english } from './en/begin'
import { live } from './live'

export const beginPages = live(english, spanish => spanish.beginPages)
