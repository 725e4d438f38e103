import type { Check } from '#core/inspection/check-list'
import { kitItemWords } from '~/words/kit-item-words'
import { kitPages } from '~/words/kit'

const says = kitPages.checkWords

/** A check in words: the site's own, or the catalogue's. */
export const checkWords = ({ id, text }: Pick<Check, 'id' | 'text'>): string =>
  text ?? (id in kitItemWords.checks ? kitItemWords.checks[id as keyof typeof kitItemWords.checks] : id.replaceAll('-', ' '))

/** The unit of a measurement; what is more than a symbol is said in the language of the screen. */
export const unitWords = (unit: string): string => kitItemWords.units[unit] ?? unit

/** What passes a measurement, as a gauge would be read. */
export const limitWords = (check: Check): string =>
  check.asks !== 'measurement'
    ? ''
    : [check.atLeast === undefined ? '' : says.atLeast(check.atLeast), check.atMost === undefined ? '' : says.atMost(check.atMost)]
        .filter(Boolean)
        .join(', ') + ` ${unitWords(check.unit)}`
