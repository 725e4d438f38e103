import { kitPages as english } from './en/kit'
import { live } from './live'

export const kitPages = live(english, spanish => spanish.kitPages)
