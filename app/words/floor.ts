import { floorPages as english } from './en/floor'
import { live } from './live'

export const floorPages = live(english, spanish => spanish.floorPages)
