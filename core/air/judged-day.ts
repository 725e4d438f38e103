import type { ExposureJudgement } from '../exposure/judge-exposure'
import { judgeExposure, NOTHING_MEASURED } from '../exposure/judge-exposure'
import type { WorkPattern } from '../exposure/long-shift'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import type { ExposureRuleSetId } from '../ids/vocabulary'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { workPatternOf } from '../streams/house-rules/house-rules'
import type { DayQuestion, PersonDay } from './person-day'
import { predictDay } from './person-day'

/** A day against the limits that bind: by the model alone, without masks and without what was measured. */
export interface JudgedDay {
  readonly day: PersonDay
  readonly work: WorkPattern
  readonly inForce: readonly ExposureRuleSetId[]
  readonly exposure: ExposureJudgement
}

/** Predicts somebody's day and judges it; null where it cannot be said. */
export function judgedDay(question: DayQuestion, rules: HouseRules): JudgedDay | null {
  const { day } = predictDay(question)
  if (!day) return null
  const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
  const work = workPatternOf(rules, day.hours)
  const exposure = judgeExposure(day.air, inForce, rules.actionFraction, work, NOTHING_MEASURED)
  return { day, work, inForce, exposure }
}
