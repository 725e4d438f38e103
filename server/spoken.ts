import type { Finding } from '#core/findings/finding'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import type { UnitSystem } from '#core/units'
import { besidesBoard } from '#shared/words/en/besides-board'
import { besidesBoard as besidesBoardSpanish } from '#shared/words/es/besides-board'
import { sentences as spanish } from '#shared/words/es/findings'
import { learnSentences, speak as speakIn } from '#shared/words/speak'
import { spoken as spokenIn } from '#shared/words/spoken'
import type { Spoken } from '#shared/words/sentences'
import type { SpokenFinding } from '#shared/words/spoken'
import { languageHere } from './language'

// The server speaks for every area; a page fetches its own. Whoever speaks here imports this module, so that the bundle keeps the call.
learnSentences(besidesBoard)
learnSentences({ ...spanish, ...besidesBoardSpanish }, 'es')

/** A finding as the API sends it, in the language that was asked for. */
export const spoken = (said: Finding, units?: UnitSystem): SpokenFinding => spokenIn(said, units, languageHere())

/** The sentence of a finding as the record keeps it: in the site's own language and units, whoever brought it about. */
export const recorded = (said: Finding, { units, language }: Pick<HouseRules, 'units' | 'language'>): string =>
  speakIn(said, units, language).message

/** The sentence of a finding, in the language that was asked for. */
export const speak = (said: Finding, units?: UnitSystem): Spoken => speakIn(said, units, languageHere())
