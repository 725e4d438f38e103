import type { Finding } from '../finding'
import { finding } from '../finding'
import { SOURCES } from '../source/sources'
import type { HouseRules } from '../houserules/house-rules'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import type { ExposureJudgement } from '../exposure/judge-exposure'
import { judgeExposure } from '../exposure/judge-exposure'
import { jobPattern } from '../job/job-pattern'
import type { Job } from '../job/job'
import { judgeWearer, respiratorNeed } from '../respirator/judge-respirator'
import type { RespiratorNeed } from '../respirator/judge-respirator'
import type { Wearer } from '../respirator/wearer'
import type { Survey, SurveyPlace } from '../samples/survey'
import type { HallAir } from '../ventilation/hall'
import { ventilationRules } from '../ventilation/ventilation-rules'
import type { ExtractionFault } from './air-findings'
import type { BayAir } from './bay-air'
import { hoodKey, needsPosition, placeKey } from './bay-air'
import type { BayPrediction, HallPrediction } from './hall-prediction'
import type { JudgedSurvey } from './measured-air'
import { judgeSurveys } from './measured-air'

/** The instructor's check of the extraction, good until the shop day ends. */
export interface ExtractionCheck {
  readonly on: boolean
  readonly damperOpen: boolean
  readonly inPosition: boolean
  /** Smoke or a strip of paper is drawn in. */
  readonly draws: boolean
  readonly validUntil: string
}

/** What the air of a bay is judged from. */
export interface AirQuestion {
  readonly bay: BayAir
  readonly prediction: HallPrediction | null
  readonly check: ExtractionCheck | null
  readonly surveys: readonly Survey[]
  readonly wearer: Wearer | null
  readonly rules: HouseRules
  readonly now: string
}

export interface AirAssessment {
  /** What was judged. */
  readonly found: readonly Finding[]
  /** What is not known or not done yet. */
  readonly missing: readonly Finding[]
  readonly prediction: BayPrediction | null
  readonly exposure: ExposureJudgement | null
  readonly respirator: RespiratorNeed | null
  /** Protection factor that counts: of the mask worn, when its wearer may. */
  readonly wornApf: number | null
  readonly surveys: readonly JudgedSurvey[]
}

/** What a survey taken here today would speak for; null without a job. */
export function surveyPlace(bay: BayAir, hallAir: HallAir): SurveyPlace | null {
  return bay.job && { jobKey: jobPattern(bay.job), roomKey: placeKey(hallAir), hoodKey: hoodKey(bay.extraction, bay.position) }
}

/** What a check of the extraction found wrong first, in the order it is looked for; null when it draws as it should. */
export const extractionFault = ({ on, damperOpen, inPosition, draws }: Omit<ExtractionCheck, 'validUntil'>): ExtractionFault | null =>
  !on ? 'off' : !damperOpen ? 'damper-shut' : !inPosition ? 'out-of-position' : draws ? null : 'no-draw'

/** Findings of the fume that ask the instructor or safety lead for something: nothing is wrong, something is not known. */
const ASKS = new Set<string>(['fume.input-missing'])

/**
 * Will the ventilation as it is set keep whoever works here under the action fraction of every limit that binds, or else
 * the respirator they wear? The safe end of every range decides; unknown holds; measured samples speak before the model.
 */
export function assessAir({ bay, prediction: hall, check, surveys, wearer, rules, now }: AirQuestion): AirAssessment {
  const { job } = bay
  const nothing = { prediction: null, exposure: null, respirator: null, wornApf: null, surveys: [] }
  if (job === null) return { ...nothing, found: [], missing: [finding('hold', 'air.job-first', {})] }
  if (hall === null) return { ...nothing, found: [], missing: [finding('hold', 'air.hall-unknown', {})] }
  const prediction = hall.bay(bay.bayId)
  if (prediction === null) return { ...nothing, found: [], missing: [finding('hold', 'air.hall-unknown', {})] }

  const found: Finding[] = []
  const missing: Finding[] = []
  judgeHood(bay, check, now, prediction, found, missing)
  found.push(...ventilationRules({
    ...rules, ...hall.hall, ...job, welders: hall.welders, hood: prediction.hood, distanceM: prediction.distanceM,
  }))
  sayFume(prediction, job, found, missing)

  const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
  const { judged, speaking, replaced } = judgeSurveys(surveys, surveyPlace(bay, hall.hall), inForce, rules.surveyMonths, now.slice(0, 10))
  found.push(...judged.filter(one => one.standing !== 'speaks').flatMap(one => one.findings), ...speaking.flatMap(one => one.findings))
  if (speaking.length > 0) found.push(finding('note', 'air.measured', { substances: [...replaced], takenOn: speaking.map(one => one.survey.takenOn).sort().at(-1)! }, [SOURCES.complianceTest]))

  // A hood nobody described or placed is not the same as no hood: there is nothing to judge yet.
  const isHoodKnown = bay.extraction === null || (bay.extraction !== undefined && prediction.hood !== null)
  if (!prediction.breathed || !isHoodKnown) return { found, missing, prediction, exposure: null, respirator: null, wornApf: null, surveys: judged }
  const exposure = judgeExposure(prediction.breathed, inForce, rules.actionFraction, prediction.shiftHours, replaced)
  const { respirator, wornApf } = judgeBreathing(exposure, replaced.size > 0, rules, wearer, now, found)
  const beside = hall.heldBeside(bay.bayId)
  if (beside.length > 0) found.push(finding('note', 'air.neighbours-held', { bays: beside, count: beside.length }))
  return { found, missing, prediction, exposure, respirator, wornApf, surveys: judged }
}

/** Judges hood, position and today's check. Without a hood there is nothing to check. */
function judgeHood({ extraction, position }: BayAir, check: ExtractionCheck | null, now: string, { window }: BayPrediction, found: Finding[], missing: Finding[]): void {
  if (extraction === undefined) missing.push(finding('hold', 'air.hood-unknown', {}))
  if (!extraction) return
  if (needsPosition(extraction.kind) && position === null) missing.push(finding('hold', 'air.position-unknown', {}, [SOURCES.captureVelocity, SOURCES.receiving]))
  if (check === null || check.validUntil <= now) missing.push(finding('hold', 'air.extraction-not-checked', {}, [SOURCES.shopPractice]))
  else {
    const fault = extractionFault(check)
    if (fault) found.push(finding('hold', 'air.extraction-fault', { fault }, [SOURCES.shopPractice]))
  }
  if (extraction.flowFrom === 'maker') found.push(finding('caution', 'air.flow-not-measured', {}))
  // A hood outside its window captures less, and the prediction already counts that: what it says here explains, and does not hold twice.
  for (const said of window?.findings ?? []) found.push(said.severity === 'hold' ? { ...said, severity: 'caution' } : said)
}

function sayFume({ emission }: BayPrediction, job: Job, found: Finding[], missing: Finding[]): void {
  for (const said of emission.findings) (ASKS.has(said.code) ? missing : found).push(said)
  if (job.startsAt === undefined || job.endsAt === undefined) missing.push(finding('hold', 'air.times-unknown', {}))
  if (job.arcMinPerH === undefined) missing.push(finding('hold', 'air.arc-time-unknown', {}))
}

/** Under the action fraction as it is, or under it inside the mask worn. */
function judgeBreathing(exposure: ExposureJudgement, measured: boolean, rules: HouseRules, wearer: Wearer | null, now: string, found: Finding[]): { respirator: RespiratorNeed, wornApf: number | null } {
  const respirator = respiratorNeed(exposure, rules.actionFraction, rules.jurisdiction)
  if (exposure.fraction === null) {
    found.push(finding(measured ? 'note' : 'hold', 'air.no-limit', {}))
    return { respirator, wornApf: null }
  }
  if (exposure.fraction <= rules.actionFraction) {
    found.push(...exposure.findings, finding('note', 'air.rests-on-pencil', {}, [SOURCES.emissionFactors]))
    return { respirator, wornApf: null }
  }
  const worn = judgeWearer(respirator, wearer, now)
  if (worn.protects) {
    // Inside the mask it is under: what is over outside explains, and does not hold.
    found.unshift(...worn.findings)
    found.push(...exposure.findings.map(said => said.severity === 'hold' ? { ...said, severity: 'note' as const } : said))
    return { respirator, wornApf: respirator.masks.find(({ mask }) => mask === worn.mask)!.apf }
  }
  found.push(...exposure.findings, ...respirator.findings.map(said => ({ ...said, severity: 'note' as const })), ...worn.findings.map(said => ({ ...said, severity: 'note' as const })))
  return { respirator, wornApf: null }
}
