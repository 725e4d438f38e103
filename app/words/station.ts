import { stationPages as english } from './en/station'
import { live } from './live'

export const stationPages = live(english, spanish => spanish.stationPages)
