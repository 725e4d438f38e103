import { gasPages as english } from './en/gas'
import { live } from './live'

export const gasPages = live(english, spanish => spanish.gasPages)
