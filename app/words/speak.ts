import type { Finding, FindingCode } from '#core/findings/finding'
import type { SourceRef } from '#core/source/source-ref'
import type { UnitSystem } from '#core/units'
import { quantitiesIn as inLanguage } from '#shared/words/quantities'
import type { Quantities } from '#shared/words/quantities'
import type { Spoken } from '#shared/words/sentences'
import { citation as citedIn, speak as speakIn } from '#shared/words/speak'
import { language } from './live'
import { words } from './vocabulary'

/** A finding in the language of the screen. */
export const speak = <Code extends FindingCode>(said: Finding<Code>, units: UnitSystem = 'metric'): Spoken =>
  speakIn(said, units, language.value)

/** Quantities in the language of the screen. */
export const quantitiesIn = (units: UnitSystem): Quantities => inLanguage(units, language.value)

/** A source in one line, with how far to trust it, in the language of the screen. */
export const citation = (source: SourceRef): string => citedIn(source, words.bases)
