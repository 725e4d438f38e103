/** The languages that Zonaris speaks. */
export const LANGUAGES = ['en', 'es'] as const
export type Language = (typeof LANGUAGES)[number]

/** What each calls itself: a reader finds their own, whatever the page speaks. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = { en: 'English', es: 'Español' }

/** How numbers, dates and lists are written: Spanish as in North America, with a point before the decimals. */
export const LOCALES: Readonly<Record<Language, string>> = { en: 'en-GB', es: 'es-MX' }
