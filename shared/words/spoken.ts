import type { Finding } from '#core/findings/finding'
import { sourceOf } from '#core/source/book'
import type { SourceRef } from '#core/source/source-ref'
import type { UnitSystem } from '#core/units'
import type { Language } from './language'
import type { Spoken } from './sentences'
import { speak } from './speak'

/** A finding as the API sends it: with its sentence, and its sources as they are printed. */
export interface SpokenFinding extends Omit<Finding, 'sources'>, Omit<Spoken, 'brief'> { readonly sources: readonly SourceRef[] }

export function spoken(said: Finding, units?: UnitSystem, language?: Language): SpokenFinding {
  const { message, todo } = speak(said, units, language)
  return { ...said, sources: said.sources.map(sourceOf), message, todo }
}
