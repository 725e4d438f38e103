import { tradePages as english } from './en/trade'
import { live } from './live'

export const tradePages = live(english, spanish => spanish.tradePages)
