/** The languages that a site can choose for whoever chose none. */
export const LANGUAGES = ['en', 'es'] as const
export type LanguageId = typeof LANGUAGES[number]
