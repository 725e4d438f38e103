import { laserPages as english } from './en/laser'
import { live } from './live'

export const laserPages = live(english, spanish => spanish.laserPages)
