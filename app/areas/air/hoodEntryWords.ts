import type { HoodEntryId } from '#core/ventilation/hood-flow'
import { airPages } from '~/words/air'

/** What the mouth of a hood looks like. */
export function hoodEntryWords(entry: HoodEntryId): string {
  const says = airPages.extractionForm
  switch (entry) {
    case 'plain-end': return says.plainEndOfADuct
    case 'flanged-end': return says.flangedEnd
    case 'bellmouth': return says.bellMouth
    case 'tapered-round': return says.taperedRoundFace
    case 'tapered-rectangular': return says.taperedRectangularFace
  }
}
