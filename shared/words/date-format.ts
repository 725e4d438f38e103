import { keyed } from '#core/kept'
import { LOCALES } from './language'
import type { Language } from './language'

/** How a language writes instants: made once for each way to write them, because making one takes longer than writing a hundred. */
export const dateFormat = keyed((language: Language, how: Intl.DateTimeFormatOptions) => ({
  key: `${language} ${JSON.stringify(how)}`,
  make: () => new Intl.DateTimeFormat(LOCALES[language], how),
}))
