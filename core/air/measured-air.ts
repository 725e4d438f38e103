import { monthsAfter } from '../time/months-after'
import type { SourceId } from '../source/book'
import type { SampleValue } from '../samples/substitution'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { ExposureLimit } from '../exposure/limits'
import { limitsFor } from '../exposure/limits'
import type { WorkPattern } from '../exposure/long-shift'
import { loweredTo, USUAL_WORK } from '../exposure/long-shift'
import type { MeasuredAverages } from '../exposure/judge-exposure'
import { withInherited } from '../exposure/rule-sets'
import type { SampleVerdict } from '../ids/exposure-ids'
import type { ComplianceAnswer } from '../samples/compliance'
import { judgeSamples } from '../samples/compliance'
import type { Survey, SurveyPlace } from '../streams/samples/samples'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'

/** A survey judged by itself: which limit decided, and how. */
export interface JudgedSurvey {
  readonly survey: Survey
  readonly standing: 'speaks' | 'aged-out' | 'other-work' | 'withdrawn'
  /** Null where no eight-hour limit in force knows the substance. */
  readonly limit: ExposureLimit | null
  readonly answer: ComplianceAnswer | null
  readonly findings: readonly Finding[]
}

const HARDEST: readonly SampleVerdict[] = ['non-compliant', 'no-decision', 'compliant']

function changedSince(survey: Pick<Survey, 'place'>, place: SurveyPlace): 'job' | 'room' | 'hood' | null {
  if (survey.place.jobKey !== place.jobKey) return 'job'
  if (survey.place.roomKey !== place.roomKey) return 'room'
  return survey.place.hoodKey === place.hoodKey ? null : 'hood'
}

/** A sample judged against the limits that know its substance. */
export interface JudgedResults { readonly limit: ExposureLimit, readonly answer: ComplianceAnswer }

/**
 * Judges shift averages against every eight-hour limit in force for their substance; the hardest verdict stands. A
 * substance for which no set in force has an eight-hour limit, as ozone in Britain, is judged by every one that is known: its short limits
 * stay with the model.
 *
 * @param results mg/m³, metals as the element
 * @param work above eight hours or forty a week, eight-hour limits count lower: an average over the shift alone is compared with them
 * @returns null where no eight-hour limit is known
 */
export function judgeAgainstLimits(
  results: readonly SampleValue[],
  substance: SubstanceId,
  asked: readonly ExposureRuleSetId[],
  work: WorkPattern = USUAL_WORK,
): JudgedResults | null {
  const inForce = withInherited(asked)
  const counted = ({ valueMgPerM3, perElement }: ExposureLimit): number => (valueMgPerM3 / perElement) * loweredTo(work)
  const known = limitsFor(substance).filter(limit => limit.kind === 'twa')
  const binding = known.filter(limit => inForce.includes(limit.ruleSet))
  const judged = (binding.length === 0 ? known : binding).map(limit => ({ limit, answer: judgeSamples(results, counted(limit)) }))
  return (
    judged.sort(
      (a, b) => HARDEST.indexOf(a.answer.verdict) - HARDEST.indexOf(b.answer.verdict) || counted(a.limit) - counted(b.limit),
    )[0] ?? null
  )
}

/** What makes a survey speak here or not. */
function standingOf(
  survey: Survey,
  place: SurveyPlace | null,
  months: number,
  shopDay: string,
): Pick<JudgedSurvey, 'standing' | 'findings'> {
  const { takenOn, substance } = survey
  if (survey.withdrawn) return { standing: 'withdrawn', findings: [] }
  const changed = place === null ? 'job' : changedSince(survey, place)
  if (changed) return { standing: 'other-work', findings: [finding('note', 'samples.other-work', { substance, takenOn, changed })] }
  if (shopDay >= monthsAfter(takenOn, months))
    return { standing: 'aged-out', findings: [finding('note', 'samples.aged-out', { substance, takenOn, months }, ['houseRule'])] }
  return { standing: 'speaks', findings: [] }
}

const valuesOf = ({ results }: Survey): readonly SampleValue[] => results.map(({ mgPerM3, isBelowLoq }) => ({ value: mgPerM3, isBelowLoq }))

/** What several surveys of one substance at one place come to together. */
export interface PooledSurvey {
  readonly substance: SubstanceId
  readonly surveys: readonly Survey[]
  readonly takenOn: string
  readonly limit: ExposureLimit
  readonly answer: ComplianceAnswer
  readonly findings: readonly Finding[]
}

/** Everything that was measured here judged: each survey by itself for showing, and what speaks of one substance as one sample. */
export interface MeasuredAir {
  readonly judged: readonly JudgedSurvey[]
  readonly pooled: readonly PooledSurvey[]
  /** Averages that answer in place of the model. */
  readonly averages: MeasuredAverages
}

/** Did what was measured of a substance here keep to its limits? */
export const isCompliant = ({ pooled }: Pick<MeasuredAir, 'pooled'>, substance: SubstanceId): boolean =>
  pooled.some(one => one.substance === substance && one.answer.verdict === 'compliant')

/**
 * The surveys of a bay. Everything that speaks for the same place, job and substance is one sample: a few low results of
 * today do not put aside the failing ones of the day before. The average answers for eight-hour limits alone.
 */
export function judgeSurveys(
  surveys: readonly Survey[],
  place: SurveyPlace | null,
  inForce: readonly ExposureRuleSetId[],
  months: number,
  shopDay: string,
  work: WorkPattern = USUAL_WORK,
): MeasuredAir {
  const judged = surveys.map((survey): JudgedSurvey => {
    const alone = survey.withdrawn ? null : judgeAgainstLimits(valuesOf(survey), survey.substance, inForce, work)
    return { survey, limit: alone?.limit ?? null, answer: alone?.answer ?? null, ...standingOf(survey, place, months, shopDay) }
  })
  const speaking = judged.filter(({ standing }) => standing === 'speaks').map(({ survey }) => survey)
  const pooled = [...new Set(speaking.map(({ substance }) => substance))].flatMap((substance): PooledSurvey[] => {
    const together = speaking.filter(survey => survey.substance === substance)
    const hardest = judgeAgainstLimits(together.flatMap(valuesOf), substance, inForce, work)
    if (!hardest) return []
    const { limit, answer } = hardest
    const takenOn = together
      .map(survey => survey.takenOn)
      .sort()
      .at(-1)!
    const said = { substance, n: answer.n, takenOn }
    const sources: readonly SourceId[] = ['complianceTest', limit.source]
    const verdict
      = answer.verdict === 'compliant'
        ? finding('note', 'samples.compliant', said, sources)
        : answer.verdict === 'non-compliant'
          ? finding('hold', 'samples.non-compliant', said, sources)
          : finding('hold', 'samples.no-decision', said, sources)
    return [{ substance, surveys: together, takenOn, limit, answer, findings: [verdict, ...answer.findings] }]
  })
  return {
    judged,
    pooled,
    averages: new Map(
      pooled.map(({ substance, answer }) => [substance, answer.test === 'statistical' ? (answer.summary?.utl95_70 ?? null) : null]),
    ),
  }
}
