import { hotWorkPages as english } from './en/hotWork'
import { live } from './live'

export const hotWorkPages = live(english, spanish => spanish.hotWorkPages)
