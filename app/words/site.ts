import { sitePages as english } from './en/site'
import { live } from './live'

export const sitePages = live(english, spanish => spanish.sitePages)
