import type { SourceId } from '#core/source/book'
import { citation as citedIn } from '#shared/words/citation'
import { words } from './vocabulary'

/** A source in one line, with how far to trust it, in the language of the screen. */
export const citation = (source: SourceId): string => citedIn(source, words.bases)
