import { jobPages as english } from './en/job'
import { live } from './live'

export const jobPages = live(english, spanish => spanish.jobPages)
