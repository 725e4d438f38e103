import { partsOf } from '#core/cylinder/gas'
import type { GasContent, GasMix } from '#core/cylinder/gas'
import { CYLINDER_GASES } from '#core/ids/vocabulary'
import type { CylinderGasId } from '#core/ids/vocabulary'
import { kitWords } from '~/words/kit-words'
import { gasPages } from '~/words/gas'

const says = gasPages.gasChoices

/** Mixes that shops buy ready made, with names that fit a list. */
const MIXES = {
  'argon-25-co2': { 'argon': 75, 'carbon-dioxide': 25 },
  'argon-18-co2': { 'argon': 82, 'carbon-dioxide': 18 },
  'argon-10-co2': { 'argon': 90, 'carbon-dioxide': 10 },
  'argon-2-oxygen': { argon: 98, oxygen: 2 },
  'argon-25-helium': { argon: 75, helium: 25 },
} as const satisfies Readonly<Record<string, GasMix>>
type MixId = keyof typeof MIXES
export type GasChoice = CylinderGasId | MixId | ''

const isMix = (choice: GasChoice): choice is MixId => choice in MIXES
export const GAS_CHOICES: readonly (CylinderGasId | MixId)[] = [...CYLINDER_GASES, ...Object.keys(MIXES) as MixId[]]
/** What a choice stands for; null while nothing is chosen: a gas is never assumed. */
export const gasContentOf = (choice: GasChoice): GasContent | null => isMix(choice) ? MIXES[choice] : choice === '' ? null : choice
export const gasName = (choice: CylinderGasId | MixId): string => isMix(choice) ? says.mixes[choice] : kitWords.gases[choice]

/** A content in words: by its trade name, or by its parts. */
export function gasWords(content: GasContent): string {
  if (typeof content === 'string') return kitWords.gases[content]
  const choice = gasChoiceOf(content)
  return choice === ''
    ? partsOf(content)
        .map(({ gas, share }) => `${Math.round(share * 100)} % ${kitWords.gases[gas]}`)
        .join(', ')
    : gasName(choice)
}

/** The choice that stands for a content; empty for a mix of the site's own. */
export function gasChoiceOf(content: GasContent): GasChoice {
  if (typeof content === 'string') return content
  const key = (mix: GasMix) => JSON.stringify(Object.entries(mix).sort(([a], [b]) => a < b ? -1 : 1))
  return (Object.keys(MIXES) as MixId[]).find(id => key(MIXES[id]) === key(content)) ?? ''
}
