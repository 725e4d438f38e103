import { peoplePages as english } from './en/people'
import { live } from './live'

export const peoplePages = live(english, spanish => spanish.peoplePages)
