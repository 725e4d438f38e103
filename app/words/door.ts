import { doorPages as english } from './en/door'
import { live } from './live'

export const doorPages = live(english, spanish => spanish.doorPages)
