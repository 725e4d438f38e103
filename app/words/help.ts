import { helpPages as english } from './en/help'
import { live } from './live'

export const helpPages = live(english, spanish => spanish.helpPages)
