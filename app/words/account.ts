import { accountPages as english } from './en/account'
import { live } from './live'

export const accountPages = live(english, spanish => spanish.accountPages)
