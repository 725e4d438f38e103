import type { OutfitRequirement } from '#core/ppe/required-outfit'
import type { Words } from './en/words'

/** What a zone needs, in words, with what a label has to say at least where that is known. */
export const requirementLine = (
  { requirements, labelAtLeast }: Pick<Words, 'requirements' | 'labelAtLeast'>,
  { requirement, leastNrrDb }: Pick<OutfitRequirement, 'requirement' | 'leastNrrDb'>,
): string => leastNrrDb === undefined ? requirements[requirement] : `${requirements[requirement]}: ${labelAtLeast(leastNrrDb)}`
