import { jobPattern } from '../job/job-pattern'
import type { SurveyPlace } from '../streams/samples/samples'
import type { HallAir } from '../ventilation/hall'
import type { BayAir } from './bay-air'
import { hoodKey, placeKey } from './bay-air'

/** What a survey taken here today would speak for; null without a job. */
export function surveyPlace(bay: BayAir, hallAir: HallAir): SurveyPlace | null {
  return bay.job && { jobKey: jobPattern(bay.job), roomKey: placeKey(hallAir), hoodKey: hoodKey(bay.extraction, bay.position) }
}
