import type { Finding, FindingCode } from '#core/findings/finding'
import type { UnitSystem } from '#core/units'
import { sentences } from './en/findings'
import { quantitiesIn } from './quantities'
import type { Sentences, Spoken } from './sentences'
import type { Language } from './language'

const catalogues: Readonly<Record<Language, Partial<Sentences>>> = { en: { ...sentences }, es: {} }

/** Adds the sentences of an area, or of a language, that is fetched when it is asked for. */
export function learnSentences(more: Partial<Sentences>, language: Language = 'en'): void {
  Object.assign(catalogues[language], more)
}

/**
 * The sentence of a finding, formed only when it is shown.
 * @throws Error for a code whose area has not been fetched: a page forgot to import its sentences
 */
export function speak<Code extends FindingCode>(
  said: Pick<Finding<Code>, 'code' | 'values'>, units: UnitSystem = 'metric', language: Language = 'en',
): Spoken {
  const sentence: Sentences[Code] | undefined = catalogues[language][said.code]
  if (!sentence) throw new Error(`no sentence was fetched for ${said.code}`)
  const [message, todo, brief] = sentence(said.values, quantitiesIn(units, language))
  return { message, todo: todo ?? null, brief: brief ?? message }
}
