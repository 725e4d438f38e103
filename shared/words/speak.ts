import type { Finding, FindingCode } from '#core/findings/finding'
import type { UnitSystem } from '#core/units'
import type { SourceRef } from '#core/source/source-ref'
import { sentences } from './en/findings'
import { quantitiesIn } from './quantities'
import type { Sentences, Spoken } from './sentences'

const catalogue: Partial<Sentences> = { ...sentences }

/** Adds the sentences of an area that is fetched when it is opened. */
export function learnSentences(more: Partial<Sentences>): void {
  Object.assign(catalogue, more)
}

/**
 * The sentence of a finding, formed only when it is shown.
 * @throws Error for a code whose area has not been fetched: a page forgot to import its sentences
 */
export function speak<Code extends FindingCode>(said: Finding<Code>, units: UnitSystem = 'metric'): Spoken {
  const sentence: Sentences[Code] | undefined = catalogue[said.code]
  if (!sentence) throw new Error(`no sentence was fetched for ${said.code}`)
  const [message, todo, brief] = sentence(said.values, quantitiesIn(units))
  return { message, todo: todo ?? null, brief: brief ?? message }
}

/** A finding as the API sends it: with its sentence. */
export type SpokenFinding = Finding & Omit<Spoken, 'brief'>

export function spoken(said: Finding, units?: UnitSystem): SpokenFinding {
  const { message, todo } = speak(said, units)
  return { ...said, message, todo }
}

/** A source in one line, with how far to trust it. */
export function citation({ document, clause, edition, basis }: SourceRef): string {
  const where = [document, clause, edition].filter(Boolean).join(', ')
  switch (basis) {
    case 'published': return `${where}. Published; recalled from memory, check your current edition.`
    case 'practice': return `${where}.`
    case 'derived': return `${where}. Derived here.`
    case 'house': return `${where}.`
  }
}
