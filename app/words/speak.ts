import type { Finding, FindingCode } from '#core/findings/finding'
import type { UnitSystem } from '#core/units'
import { quantitiesIn as inLanguage } from '#shared/words/quantities'
import type { Quantities } from '#shared/words/quantities'
import type { Spoken } from '#shared/words/sentences'
import { speak as speakIn } from '#shared/words/speak'
import { language } from './live'

/** A finding in the language of the screen. */
export const speak = <Code extends FindingCode>(said: Pick<Finding<Code>, 'code' | 'values'>, units: UnitSystem = 'metric'): Spoken =>
  speakIn(said, units, language.value)

/** Quantities in the language of the screen. */
export const quantitiesIn = (units: UnitSystem): Quantities => inLanguage(units, language.value)
