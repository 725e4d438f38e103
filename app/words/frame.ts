import { framePages as english } from './en/frame'
import { live } from './live'

export const framePages = live(english, spanish => spanish.framePages)
