import type { HouseRules } from '../streams/house-rules/house-rules'
import { LAWS } from '../law/laws'
import { decideHotWork } from './decide-hot-work'
import type { HotWorkHouse, HotWorkPlan } from './decide-hot-work'
import type { PermitPlan, PermitRequest } from '../streams/permit/permit'
import { RADIUS_OF_RULE_M } from './radius-rules'

/** A site's rules as the decision on hot work reads them. */
export const hotWorkHouse = ({
  jurisdiction,
  radiusRule,
  watchAfterMin,
  monitoringMin,
  lelLimitPercent,
  oxygenMaxPercent,
}: HouseRules): HotWorkHouse => ({
  radiusM: Math.max(RADIUS_OF_RULE_M[radiusRule], LAWS[jurisdiction].hotWorkRadiusAtLeastM ?? 0),
  afterMin: watchAfterMin,
  monitoringMin,
  lelLimitPercent,
  oxygenMaxPercent,
})

type RuledHalf = Pick<
  PermitPlan,
  'roundEveryMin' | 'visitEveryMin' | 'gapMin' | 'retestMin' | 'lelLimitPercent' | 'oxygenMaxPercent' | 'atMostHours'
>
const ruled = ({
  roundEveryMin,
  visitEveryMin,
  coverGapMin: gapMin,
  gasRetestMin: retestMin,
  lelLimitPercent,
  oxygenMaxPercent,
  longestPermitHours: atMostHours,
}: HouseRules): RuledHalf => ({ roundEveryMin, visitEveryMin, gapMin, retestMin, lelLimitPercent, oxygenMaxPercent, atMostHours })

/**
 * What the rules make of a request: the verdict on the place and the plan of the permit. A place asked for is no
 * designated one: bays have their own daily look.
 */
export function planPermit(
  { facts, job: { what: _what, ...job }, conditions }: Pick<PermitRequest, 'facts' | 'job' | 'conditions'>,
  rules: HouseRules,
): { readonly verdict: HotWorkPlan, readonly plan: PermitPlan } {
  const verdict = decideHotWork({ ...facts, designated: false }, job, conditions, hotWorkHouse(rules))
  const {
    precautions,
    watch: { afterMin, monitoringMin, watchers },
    needsGasTest,
    reach,
  } = verdict
  return {
    verdict,
    plan: {
      ...ruled(rules),
      precautions: precautions.map(({ id, mustBeDone, restore }) => ({ id, mustBeDone, restore })),
      watchers: Math.max(1, watchers),
      afterMin,
      monitoringMin,
      needsGasTest,
      radiusM: reach?.radiusM ?? hotWorkHouse(rules).radiusM,
    },
  }
}

/** The watch of a place where an arc was struck without a permit: one watcher, the whole time that the rules ask for. */
export function planWithoutPermit(rules: HouseRules): PermitPlan {
  const { afterMin, monitoringMin, radiusM } = hotWorkHouse(rules)
  return { ...ruled(rules), precautions: [], watchers: 1, afterMin, monitoringMin, needsGasTest: false, radiusM }
}
