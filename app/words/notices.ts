import { noticesPages as english } from './en/notices'
import { live } from './live'

export const noticesPages = live(english, spanish => spanish.noticesPages)
