import { airPages as english } from './en/air'
import { live } from './live'

export const airPages = live(english, spanish => spanish.airPages)
