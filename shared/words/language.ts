import type { LanguageId } from '#core/ids/language-ids'

export { LANGUAGES } from '#core/ids/language-ids'
/** A language that Zonaris speaks. */
export type Language = LanguageId

/** What each calls itself: a reader finds their own, whatever the page speaks. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = { en: 'English', es: 'Español' }

/** How numbers, dates and lists are written: Spanish as in North America, with a point before the decimals. */
export const LOCALES: Readonly<Record<Language, string>> = { en: 'en-GB', es: 'es-MX' }
