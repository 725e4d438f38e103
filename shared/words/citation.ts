import type { SourceId } from '#core/source/book'
import { sourceOf } from '#core/source/book'
import type { Basis } from '#core/source/source-ref'

/**
 * A source in one line, with how far to trust it. Documents are cited as they are printed, whatever the language.
 * @param bases what a language says of each basis: `words.bases`
 */
export function citation(source: SourceId, bases: Readonly<Record<Basis, string>>): string {
  const { document, clause, edition, basis } = sourceOf(source)
  const where = [document, clause, edition].filter(Boolean).join(', ')
  return bases[basis] === '' ? `${where}.` : `${where}. ${bases[basis]}`
}
