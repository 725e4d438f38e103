import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { judgeExposure, NOTHING_MEASURED } from '../exposure/judge-exposure'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import type { RespiratorNeed } from '../respirator/judge-respirator'
import { judgeWearer, respiratorNeed, respiratorsFor } from '../respirator/judge-respirator'
import type { Wearer } from '../respirator/wearer'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { workPatternOf } from '../streams/house-rules/house-rules'
import type { Instant } from '../time/instant'
import type { HallPrediction } from './hall-prediction'
import { insideMask, tooMuch } from './inside-mask'
import type { Elsewhere } from './person-day'
import { personDay } from './person-day'
import { unmeasuredOver } from './unmeasured'

/** Somebody who helps at a bay, with what goes with them. */
export interface Helper {
  readonly personId: string
  readonly name: string
  /** The mask that may be counted on; null for none. */
  readonly wearer: Wearer | null
  /** The other halls in which they work today. */
  readonly elsewhere: Elsewhere
}

/**
 * May somebody help at this arc: is their day, over every arc of theirs and of others, under the action fraction, or under it inside their
 * mask? What was measured was worn by whoever welds: for who helps the model speaks. Unknown holds.
 */
export function judgeHelper(
  { personId, name, wearer, elsewhere }: Helper,
  bayId: string,
  hall: HallPrediction,
  rules: HouseRules,
  now: Instant,
): Finding {
  const day = personDay(personId, bayId, hall, elsewhere, false)
  const protects = (need: RespiratorNeed) => judgeWearer(need, wearer, now)
  if (day === null || day.unknown.length > 0) {
    const worn = protects(respiratorsFor({ neededApf: 1, isUnknown: true }, rules.jurisdiction))
    return worn.protects
      ? finding('note', 'air.helper-under', { name, fraction: null, mask: worn.mask })
      : finding('hold', 'air.helper-unknown', { name })
  }
  const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
  const work = workPatternOf(rules, day.hours)
  const exposure = judgeExposure(day.air, inForce, rules.actionFraction, work)
  const { fraction, worst } = exposure
  const { emission } = hall.bay(bayId)!
  const isUnmeasured = unmeasuredOver(emission, day.air.breathed, { inForce, rules, work }).length > 0
  if (fraction === null || isUnmeasured) return finding('hold', 'air.helper-unknown', { name })
  if (fraction <= rules.actionFraction) return finding('note', 'air.helper-under', { name, fraction, mask: null })
  const inside = insideMask(day, exposure, { inForce, rules, work, averages: NOTHING_MEASURED })
  const { actionFraction, jurisdiction } = rules
  const worn = protects(respiratorNeed(exposure, actionFraction, jurisdiction, mask => tooMuch(inside(mask), actionFraction)))
  return worn.protects
    ? finding('note', 'air.helper-under', { name, fraction, mask: worn.mask })
    : finding('hold', 'air.helper-over', { name, fraction, substance: worst?.limit.substance ?? null })
}
