import { bayAirOf } from '../clearance/air-gate'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import type { Job } from '../job/job'
import { jobOfPattern } from '../job/job-pattern'
import type { Extraction } from '../streams/hall/hall'
import { workPatternOf } from '../streams/house-rules/house-rules'
import type { SurveyPlace } from '../streams/samples/samples'
import { airOf, hallIdOf } from './air-facts'
import type { AirFacts } from './air-facts'
import type { HoodPosition } from './bay-air'
import { thingsOfKey } from './bay-air'
import type { MeasuredAir } from './measured-air'
import { judgeSurveys } from './measured-air'
import { surveyPlace } from './survey-place'

/** What stands at a bay now: a survey speaks for that and for nothing else; null without a job, or in a hall that nobody described. */
export function surveyedAt(facts: AirFacts, bayId: string): SurveyPlace | null {
  const station = facts.stations[bayId]
  const hallId = hallIdOf(facts.site, bayId)
  const air = hallId === null ? undefined : facts.halls[hallId]?.air
  return station && air ? surveyPlace(bayAirOf(station, airOf(facts)(bayId)), air) : null
}

/** Everything that was measured at a bay, judged as its gate judges it. */
export function measuredAt(facts: AirFacts, bayId: string): MeasuredAir {
  const { rules } = facts
  const { surveys, shopDay } = airOf(facts)(bayId)
  const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
  return judgeSurveys(surveys, surveyedAt(facts, bayId), inForce, rules.surveyMonths, shopDay, workPatternOf(rules))
}

/** What a survey was taken at, as it was written down then; null for a part that was not there or that nobody can read any more. */
export interface SurveyedPlace { readonly job: Job | null, readonly extraction: Extraction | null, readonly position: HoodPosition | null }

/** Reads the keys of a survey back: what it was taken at, whatever stands there now. */
export function surveyedPlace({ jobKey, hoodKey }: SurveyPlace): SurveyedPlace {
  const [extraction, position] = thingsOfKey(hoodKey)
  return { job: jobOfPattern(jobKey), extraction: extraction as Extraction | null, position: position as HoodPosition | null }
}
