import { partPages as english } from './en/parts'
import { live } from './live'

export const partPages = live(english, spanish => spanish.partPages)
