import { AsyncLocalStorage } from 'node:async_hooks'
import type { H3Event } from 'h3'
import { getHeader, getQuery } from 'h3'
import Negotiator from 'negotiator'
import { LANGUAGES } from '#shared/words/language'
import type { Language } from '#shared/words/language'

const speaking = new AsyncLocalStorage<Language>()

/** The language that the request being answered asked for; English where nobody asked: a clock's work, a start. */
export const languageHere = (): Language => speaking.getStore() ?? 'en'

/** Answers in a language: whatever is said on the way, however deep, is said in it. */
export const inLanguage = <Result>(language: Language, work: () => Result): Result => speaking.run(language, work)

/** No more of it is read: a header is outside text. */
const LONGEST_HEADER = 400

/**
 * The language a request asks for: `?language=` where an address is opened as it is (a paper), else what the browser or program accepts.
 * @returns English where it asks for none that is spoken here
 */
export function languageOf(event: H3Event): Language {
  const { language } = getQuery(event)
  const asked = LANGUAGES.find(one => one === language)
  if (asked) return asked
  const header = (getHeader(event, 'accept-language') ?? '').slice(0, LONGEST_HEADER)
  const [best] = new Negotiator({ headers: { 'accept-language': header } }).languages([...LANGUAGES])
  return LANGUAGES.find(one => one === best) ?? 'en'
}
