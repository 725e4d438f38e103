import { openingPages as english } from './en/opening'
import { live } from './live'

export const openingPages = live(english, spanish => spanish.openingPages)
