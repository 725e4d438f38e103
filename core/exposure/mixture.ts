import type { SubstanceId } from '../ids/vocabulary'
import type { MixtureGroupId } from '../ids/exposure-ids'
import { MIXTURE_GROUPS } from '../ids/exposure-ids'

/**
 * The largest sum of fractions among substances that act alike: Σ Cᵢ/Lᵢ, like averaging times with like.
 * Total fume is not added: its parts are.
 *
 * @param fractionOf the fraction of its limit for a substance; undefined when there is no limit or nothing known
 * @param isSum whether these, which are there, make a sum; one alone may be judged otherwise
 * @param add their sum; left out, of their fractions, which of percentiles is the most that it can be
 * @example largestMixture(s => ({ ozone: 0.6, 'nitrogen-dioxide': 0.4 })[s]) // { group: 'airways', fraction: 1 }
 */
export function largestMixture(
  fractionOf: (substance: SubstanceId) => number | undefined,
  isSum: (there: readonly SubstanceId[]) => boolean = () => true,
  add: (there: readonly SubstanceId[]) => number = there => there.reduce((total, member) => total + fractionOf(member)!, 0),
): { readonly group: MixtureGroupId, readonly fraction: number } | null {
  let largest: { group: MixtureGroupId, fraction: number } | null = null
  for (const [group, members] of Object.entries(MIXTURE_GROUPS) as [MixtureGroupId, readonly SubstanceId[]][]) {
    const there = members.filter(member => fractionOf(member) !== undefined)
    if (there.length === 0 || !isSum(there.filter(member => fractionOf(member)! > 0))) continue
    const fraction = add(there)
    if (largest === null || fraction > largest.fraction) largest = { group, fraction }
  }
  return largest
}
