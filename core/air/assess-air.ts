import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { workPatternOf } from '../streams/house-rules/house-rules'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import type { ExposureJudgement } from '../exposure/judge-exposure'
import { judgeExposure } from '../exposure/judge-exposure'
import type { WorkPattern } from '../exposure/long-shift'
import type { BreathedBySubstance } from '../exposure/hall-shift'
import type { Emission } from '../fume/emission'
import { saidOfFume } from '../fume/emission'
import { toBeMeasured } from '../fume/may-hold'
import { stands } from '../time/instant'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import type { Job } from '../job/job'
import { judgeWearer, respiratorNeed, respiratorsFor } from '../respirator/judge-respirator'
import type { OffTooLong, RespiratorNeed } from '../respirator/judge-respirator'
import type { Respirator } from '../respirator/respirators'
import type { Wearer } from '../respirator/wearer'
import type { Survey } from '../streams/samples/samples'
import type { VentilationRulesQuestion } from '../ventilation/ventilation-rules'
import { LISTED_METALS, ventilationRules } from '../ventilation/ventilation-rules'
import type { Helper } from './helper-air'
import { judgeHelper } from './helper-air'
import type { Elsewhere, PersonDay } from './person-day'
import { personDay } from './person-day'
import type { BayAir, ExtractionCheck } from './bay-air'
import { extractionFault, needsPosition } from './bay-air'
import { insideMask, tooMuch } from './inside-mask'
import { surveyPlace } from './survey-place'
import { unmeasuredOver } from './unmeasured'
import type { BayPrediction, HallPrediction } from './hall-prediction'
import type { JudgedSurvey, PooledSurvey } from './measured-air'
import { isCompliant, judgeSurveys } from './measured-air'
import type { Instant } from '../time/instant'

/** What the air of a bay is judged from. */
export interface AirQuestion {
  readonly bay: BayAir
  readonly prediction: HallPrediction | null
  readonly check: ExtractionCheck | null
  readonly surveys: readonly Survey[]
  /** YYYY-MM-DD */
  readonly shopDay: string
  readonly wearer: Wearer | null
  /** The other halls in which whoever stands here works today. */
  readonly elsewhere: Elsewhere
  /** Who helps here now; left out where whoever welds is asked about alone. */
  readonly helpers?: readonly Helper[]
  readonly rules: HouseRules
  readonly now: Instant
}

export interface AirAssessment {
  /** What was judged. */
  readonly found: readonly Finding[]
  /** What is not known or not done yet. */
  readonly missing: readonly Finding[]
  readonly prediction: BayPrediction | null
  /** The day of whoever works here, over every bay of theirs; null where it cannot be said. */
  readonly day: PersonDay | null
  readonly exposure: ExposureJudgement | null
  readonly respirator: RespiratorNeed | null
  /** The mask worn, when it protects enough and its wearer may. */
  readonly worn: Respirator | null
  readonly surveys: readonly JudgedSurvey[]
  readonly pooled: readonly PooledSurvey[]
}

/** Findings of the fume that ask the instructor or safety lead for something: nothing is wrong, something is not known. */
const ASKS = new Set<string>(['fume.input-missing'])
/** Fume that nobody publishes: the model never opens on it. Samples may, or air of one's own. */
const UNPUBLISHED_FUME = new Set<string>(['fume.no-factor', 'fume.base-metal-boils'])
const UNPUBLISHED = new Set<string>([...UNPUBLISHED_FUME, 'fume.gases-unknown'])

/**
 * Will the ventilation as it is set keep whoever works here under the action fraction of every limit that binds, or else
 * the respirator they wear? The day of the person counts, over every bay where they work. The safe end of every range
 * decides; unknown holds; measured samples speak before the model, for what they measured.
 */
export function assessAir(question: AirQuestion): AirAssessment {
  const { bay, prediction: hall, helpers = [], rules, now } = question
  const ofWelder = assessWelder(question)
  if (helpers.length === 0 || bay.job === null || hall === null) return ofWelder
  return { ...ofWelder, found: [...ofWelder.found, ...helpers.map(one => judgeHelper(one, bay.bayId, hall, rules, now))] }
}

/** The same for whoever welds. */
function assessWelder(
  { bay, prediction: hall, check, surveys, shopDay, wearer, elsewhere, rules, now }: Omit<AirQuestion, 'helpers'>,
): AirAssessment {
  const { job } = bay
  const nothing = { prediction: null, day: null, exposure: null, respirator: null, worn: null, surveys: [], pooled: [] }
  if (job === null) return { ...nothing, found: [], missing: [finding('hold', 'air.job-first', {})] }
  const prediction = hall?.bay(bay.bayId) ?? null
  if (hall === null || prediction === null) return { ...nothing, found: [], missing: [finding('hold', 'air.hall-unknown', {})] }

  const found: Finding[] = []
  const missing: Finding[] = []
  judgeHood(bay, check, now, found, missing)
  // How much is breathed is said first; then what the law asks beside it. Too far, or at a distance that suits nothing, a hood
  // holds: what little the model still counts rests on luck.
  const ofLaw: VentilationRulesQuestion = {
    ...rules,
    ...hall.hall,
    ...job,
    welders: hall.welders,
    listedInSheet: listedInSheet(prediction.emission),
    hood: prediction.hood,
    distanceM: prediction.distanceM,
    velocityAtArcMPerS: prediction.window?.velocityAtArcMPerS ?? null,
    isPlaced: prediction.window?.stands === 'within' || prediction.window?.stands === 'too-near',
  }
  const ofPlace = [
    ...ventilationRules(ofLaw),
    ...ofDucts(prediction, bay),
    ...(bay.extraction ? (prediction.window?.findings ?? []) : []),
  ]
  if (job.startsAt === undefined || job.endsAt === undefined) missing.push(finding('hold', 'air.times-unknown', {}))
  if (job.arcMinPerH === undefined) missing.push(finding('hold', 'air.arc-time-unknown', {}))

  const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
  const day = personDay(bay.personId, bay.bayId, hall, elsewhere)
  const work = workPatternOf(rules, day?.hours ?? prediction.shiftHours)
  const measured = judgeSurveys(surveys, surveyPlace(bay, hall.hall), inForce, rules.surveyMonths, shopDay, work)
  const { judged, pooled, averages } = measured
  found.push(...judged.flatMap(one => one.findings), ...pooled.flatMap(one => one.findings))
  if (pooled.length > 0)
    found.push(
      finding(
        'note',
        'air.measured',
        {
          substances: [...averages.keys()],
          takenOn: pooled
            .map(one => one.takenOn)
            .sort()
            .at(-1)!,
        },
        ['complianceTest'],
      ),
    )
  const shown = { prediction, day, surveys: judged, pooled }
  const isMeasured = (substance: SubstanceId): boolean => isCompliant(measured, substance)

  const ofFume = saidOfFume(prediction.emission, isMeasured)
  if (ofFume.some(({ code, severity }) => UNPUBLISHED.has(code) && severity === 'hold')) {
    found.push(...ofPlace)
    return {
      ...shown,
      ...judgeUnpublished(ofFume, prediction.emission, job, isMeasured, rules, wearer, now, found, missing),
      found,
      missing,
      exposure: null,
    }
  }
  sayFume(ofFume, found, missing)
  // A hood nobody described or placed is not the same as no hood: there is nothing to judge yet.
  const isHoodKnown = bay.extraction === null || (bay.extraction !== undefined && prediction.hood !== null)
  if (!prediction.breathed || !day || !isHoodKnown)
    return { ...shown, found: [...found, ...ofPlace], missing, exposure: null, respirator: null, worn: null }
  const { breathed } = day.air
  if (day.bays.length > 0) found.push(finding('note', 'air.day-of-person', { bays: day.bays, count: day.bays.length }))
  if (day.unknown.length > 0)
    found.push(finding('hold', 'air.elsewhere-unknown', { bays: day.unknown, count: day.unknown.length }))
  const beside = hall.unknownBeside(bay.bayId)
  // Samples taken here while they work have their share in them: of all the dust, and of each gas that no table knows.
  const isShareMeasured = isMeasured('total-fume') && hall.unknownGasesBeside(bay.bayId).every(isMeasured)
  if (beside.length > 0)
    found.push(finding(isShareMeasured ? 'caution' : 'hold', 'air.neighbour-unknown', { bays: beside, count: beside.length }))
  const exposure = judgeExposure(day.air, inForce, rules.actionFraction, work, averages)
  judgeUnmeasured(prediction, breathed, inForce, rules, work, isMeasured, found)
  const inside = insideMask(day, exposure, { inForce, rules, work, averages })
  const { respirator, worn } = judgeBreathing(exposure, inside, rules, wearer, now, found)
  found.push(...ofPlace)
  const held = hall.heldBeside(bay.bayId)
  if (held.length > 0) found.push(finding('note', 'air.neighbours-held', { bays: held, count: held.length }))
  return { ...shown, found, missing, exposure, respirator, worn }
}

/**
 * Fume that nobody publishes never opens by the model. It opens when everything it may hold was measured and keeps to its
 * limits, or when whoever works brings their own air with a way out: what nobody knows counts as immediately dangerous. Where the dust is
 * published and the gases are not, the gases are what has to be measured.
 */
function judgeUnpublished(
  ofFume: readonly Finding[],
  { unknownGases }: Emission,
  job: Job,
  isMeasured: (substance: SubstanceId) => boolean,
  rules: HouseRules,
  wearer: Wearer | null,
  now: Instant,
  found: Finding[],
  missing: Finding[],
): { respirator: RespiratorNeed, worn: Respirator | null } {
  const respirator = respiratorsFor({ neededApf: 1, isUnknown: true }, rules.jurisdiction)
  const isDustPublished = !ofFume.some(({ code, severity }) => UNPUBLISHED_FUME.has(code) && severity === 'hold')
  const toMeasure = isDustPublished ? unknownGases : toBeMeasured(job.process, job.consumable, job.baseMetal)
  const open = toMeasure.filter(substance => !isMeasured(substance))
  const worn = open.length === 0 ? null : judgeWearer(respirator, wearer, now)
  const isAnswered = open.length === 0 || worn?.protects === true
  sayFume(
    ofFume.map(said => (isAnswered && UNPUBLISHED.has(said.code) ? { ...said, severity: 'note' as const } : said)),
    found,
    missing,
  )
  if (worn?.protects) {
    found.unshift(finding('caution', 'respirator.highest-for-unknown', { mask: worn.mask! }, ['usDanger']))
    return { respirator, worn: respirator.masks.find(({ mask }) => mask === worn.mask)! }
  }
  if (open.length > 0)
    found.push(
      finding('note', 'fume.measure-these', { substances: open }, ['complianceTest']),
      ...respirator.findings.map(said => ({ ...said, severity: 'note' as const })),
    )
  return { respirator, worn: null }
}

/** What nobody measured in a fume that may hold it: where the most of it would be over the action fraction, it holds. */
function judgeUnmeasured(
  { emission }: BayPrediction,
  breathed: BreathedBySubstance,
  inForce: readonly ExposureRuleSetId[],
  rules: HouseRules,
  work: WorkPattern,
  isMeasured: (substance: SubstanceId) => boolean,
  found: Finding[],
): void {
  const binding = unmeasuredOver(emission, breathed, { inForce, rules, work }).filter(substance => !isMeasured(substance))
  if (binding.length > 0) found.push(finding('hold', 'fume.not-measured', { substances: binding }, ['alloys']))
}

/** Listed metals that a sheet of the shop's own says are in the fume: only what it names is in chalk. */
const listedInSheet = ({ substances }: Emission): readonly SubstanceId[] =>
  LISTED_METALS.filter(metal => substances[metal]?.ink === 'chalk' && substances[metal].mgPerMin.high > 0)

/** Judges hood, position and today's check. Without a hood there is nothing to check. */
function judgeHood(
  { extraction, position }: BayAir,
  check: ExtractionCheck | null,
  now: Instant,
  found: Finding[],
  missing: Finding[],
): void {
  if (extraction === undefined) missing.push(finding('hold', 'air.hood-unknown', {}))
  if (!extraction) return
  if (needsPosition(extraction.kind) && position === null)
    missing.push(finding('hold', 'air.position-unknown', {}, ['captureVelocity', 'receiving']))
  if (check === null || !stands(check.validUntil, now))
    missing.push(finding('hold', 'air.extraction-not-checked', {}, ['shopPractice']))
  else {
    const fault = extractionFault(check)
    if (fault) found.push(finding('hold', 'air.extraction-fault', { fault }, ['shopPractice']))
  }
  if (extraction.flowFrom === 'maker') found.push(finding('caution', 'air.flow-not-measured', {}))
}

/** From here on what others take is worth a word: a twentieth less than it was found to draw. */
const STARVED = 0.95

/** What shared ducts do to the hood of a bay. */
function ofDucts({ ducted }: BayPrediction, { extraction }: BayAir): readonly Finding[] {
  if (!ducted || !extraction) return []
  const { flowM3PerS, openBays, idleBays } = ducted
  const open = { openCount: openBays.length + 1, idle: idleBays, idleCount: idleBays.length }
  if (flowM3PerS === null) return [finding('hold', 'air.ducts-unknown', open, ['ductFriction'])]
  if (flowM3PerS >= STARVED * extraction.flowM3PerS) return []
  return [
    finding('caution', 'air.starved', { drawsM3PerS: flowM3PerS, foundM3PerS: extraction.flowM3PerS, ...open }, ['ductFriction']),
  ]
}

function sayFume(said: readonly Finding[], found: Finding[], missing: Finding[]): void {
  // What may be in it and was not measured is judged by how much it could be.
  for (const one of said) if (one.code !== 'fume.not-measured') (ASKS.has(one.code) ? missing : found).push(one)
}

/** Not a matter of how much a mask takes away. */
const NEVER_MASKED = new Set<string>(['exposure.no-limit-known'])

/** Under the action fraction as it is, or under it inside the mask worn. */
function judgeBreathing(
  exposure: ExposureJudgement,
  inside: (mask: Respirator) => OffTooLong,
  rules: HouseRules,
  wearer: Wearer | null,
  now: Instant,
  found: Finding[],
): { respirator: RespiratorNeed, worn: Respirator | null } {
  const respirator = respiratorNeed(exposure, rules.actionFraction, rules.jurisdiction, mask => tooMuch(inside(mask), rules.actionFraction))
  if (exposure.fraction === null) {
    found.push(...exposure.findings, finding('hold', 'air.no-limit', {}))
    return { respirator, worn: null }
  }
  if (exposure.fraction <= rules.actionFraction) {
    found.push(...exposure.findings, finding('note', 'air.rests-on-pencil', {}, ['emissionFactors']))
    return { respirator, worn: null }
  }
  const worn = judgeWearer(respirator, wearer, now)
  if (worn.protects) {
    // Inside the mask it is under: what is over outside explains, and does not hold.
    found.unshift(...worn.findings)
    found.push(
      ...exposure.findings.map(said =>
        said.severity === 'hold' && !NEVER_MASKED.has(said.code) ? { ...said, severity: 'note' as const } : said,
      ),
    )
    return { respirator, worn: respirator.masks.find(({ mask }) => mask === worn.mask)! }
  }
  // Who wears what would be enough is told first why it is not.
  const isOff = (said: Finding): boolean => said.code === 'respirator.off-too-long'
  found.unshift(...worn.findings.filter(isOff))
  found.push(
    ...exposure.findings,
    ...respirator.findings.map(said => ({ ...said, severity: 'note' as const })),
    ...worn.findings.filter(said => !isOff(said)).map(said => ({ ...said, severity: 'note' as const })),
  )
  return { respirator, worn: null }
}
