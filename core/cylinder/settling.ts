import { GAS_TRAITS, partsOf } from './gas'
import type { GasContent } from './gas'

/** How long acetylene stands after it lay, by the site's choice of school. */
export const SETTLING_RULES = ['longer-of-hour-and-lying', 'equal-time', 'half-hour', 'one-hour', 'two-hours', 'one-day'] as const
export type SettlingRuleId = typeof SETTLING_RULES[number]

const SETTLING_UNKNOWN_MIN = 24 * 60

const CLAMP_MIN = { least: 60, most: 24 * 60 } as const

/** Only a gas dissolved in a solvent has to settle. */
const mustSettle = (gas: GasContent): boolean => partsOf(gas).some(part => GAS_TRAITS[part.gas].kept === 'dissolved')

/**
 * Minutes a cylinder must stand upright before it is used. Not known how long it lay: a day, under every school.
 * No law prints a time; the default is the longer of an hour and the time it lay, a day at most.
 * Source: `settling`, `settlingSchools`.
 *
 * @param lyingMin null when nobody knows
 * @example settlingMinutes('acetylene', 20) // 60
 */
export function settlingMinutes(gas: GasContent, lyingMin: number | null, rule: SettlingRuleId = 'longer-of-hour-and-lying'): number {
  if (!mustSettle(gas)) return 0
  if (lyingMin === null) return SETTLING_UNKNOWN_MIN
  switch (rule) {
    case 'longer-of-hour-and-lying': return Math.min(CLAMP_MIN.most, Math.max(CLAMP_MIN.least, lyingMin))
    case 'equal-time': return lyingMin
    case 'half-hour': return 30
    case 'one-hour': return 60
    case 'two-hours': return 120
    case 'one-day': return CLAMP_MIN.most
  }
}
