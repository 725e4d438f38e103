import { rulesPages as english } from './en/rules'
import { live } from './live'

export const rulesPages = live(english, spanish => spanish.rulesPages)
