import type { Breathed, BreathedBySubstance } from '../exposure/hall-shift'
import { judgeExposure } from '../exposure/judge-exposure'
import type { WorkPattern } from '../exposure/long-shift'
import type { Emission } from '../fume/emission'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import type { Range } from '../range'
import { times } from '../range'
import type { HouseRules } from '../streams/house-rules/house-rules'

/**
 * What nobody measured in a fume that may hold it, where the most of it would be over the action fraction: shares of the fume breathed,
 * mg/m³ as the element; a limit that is not known counts as over.
 *
 * @param breathed by somebody at the arc
 * Source: `alloys`, `fumeComposition`.
 */
export function unmeasuredOver(
  { unmeasured }: Pick<Emission, 'unmeasured'>,
  breathed: BreathedBySubstance,
  { inForce, rules, work }: { readonly inForce: readonly ExposureRuleSetId[], readonly rules: HouseRules, readonly work: WorkPattern },
): readonly SubstanceId[] {
  const fume = breathed['total-fume']
  if (!fume) return []
  return (Object.entries(unmeasured) as [SubstanceId, number][])
    .filter(([substance, percent]) => {
      const atMost = Object.fromEntries(
        Object.entries(fume).map(([what, range]) => [what, times(range as Range, percent / 100)]),
      ) as unknown as Breathed
      const { fraction } = judgeExposure({ breathed: { [substance]: atMost } }, inForce, rules.actionFraction, work)
      return (fraction ?? Infinity) > rules.actionFraction
    })
    .map(([substance]) => substance)
}
