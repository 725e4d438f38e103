import { hallPages as english } from './en/hall'
import { live } from './live'

export const hallPages = live(english, spanish => spanish.hallPages)
