import { monthsAfter } from '../houserules/months-after'
import type { SampleValue } from '../samples/substitution'
import type { Finding } from '../finding'
import { finding } from '../finding'
import { SOURCES } from '../source/sources'
import type { ExposureLimit } from '../exposure/limits'
import { limitsFor } from '../exposure/limits'
import type { ComplianceAnswer, SampleVerdict } from '../samples/compliance'
import { judgeSamples } from '../samples/compliance'
import type { Survey, SurveyPlace } from '../samples/survey'
import type { ExposureRuleSetId, SubstanceId } from '../vocabulary/vocabulary'

/** A survey judged: which limit decided, and how. */
export interface JudgedSurvey {
  readonly survey: Survey
  readonly standing: 'speaks' | 'aged-out' | 'other-work' | 'withdrawn'
  /** Null where no eight-hour limit in force knows the substance. */
  readonly limit: ExposureLimit | null
  readonly answer: ComplianceAnswer | null
  readonly findings: readonly Finding[]
}

const HARDEST: readonly SampleVerdict[] = ['non-compliant', 'no-decision', 'compliant']

function changedSince(survey: Survey, place: SurveyPlace): 'job' | 'room' | 'hood' | null {
  if (survey.place.jobKey !== place.jobKey) return 'job'
  if (survey.place.roomKey !== place.roomKey) return 'room'
  return survey.place.hoodKey === place.hoodKey ? null : 'hood'
}

/** A sample judged against the limits that know its substance. */
export interface JudgedResults { readonly limit: ExposureLimit, readonly answer: ComplianceAnswer }

/**
 * Judges shift averages against every eight-hour limit in force for their substance; the hardest verdict stands.
 *
 * @param results mg/m³, metals as the element
 * @returns null where no limit in force knows the substance
 */
export function judgeAgainstLimits(results: readonly SampleValue[], substance: SubstanceId, inForce: readonly ExposureRuleSetId[]): JudgedResults | null {
  const counted = ({ valueMgPerM3, perElement }: ExposureLimit): number => valueMgPerM3 / perElement
  const judged = limitsFor(substance).filter(limit => limit.kind === 'twa' && inForce.includes(limit.ruleSet))
    .map(limit => ({ limit, answer: judgeSamples(results, counted(limit)) }))
  return judged.sort((a, b) => HARDEST.indexOf(a.answer.verdict) - HARDEST.indexOf(b.answer.verdict) || counted(a.limit) - counted(b.limit))[0] ?? null
}

/** Judges a survey against every eight-hour limit in force for its substance; the hardest verdict stands. */
export function judgeSurvey(survey: Survey, place: SurveyPlace | null, inForce: readonly ExposureRuleSetId[], months: number, today: string): JudgedSurvey {
  const { substance, takenOn } = survey
  const silent = { survey, limit: null, answer: null }
  if (survey.withdrawn) return { ...silent, standing: 'withdrawn', findings: [] }
  const sample = survey.results.map(({ mgPerM3, isBelowLoq }) => ({ value: mgPerM3, isBelowLoq }))
  const hardest = judgeAgainstLimits(sample, substance, inForce)
  const shown = { survey, limit: hardest?.limit ?? null, answer: hardest?.answer ?? null }
  const changed = place === null ? 'job' : changedSince(survey, place)
  if (changed) return { ...shown, standing: 'other-work', findings: [finding('note', 'samples.other-work', { substance, takenOn, changed })] }
  if (today >= monthsAfter(takenOn, months)) return { ...shown, standing: 'aged-out', findings: [finding('note', 'samples.aged-out', { substance, takenOn, months }, [SOURCES.houseRule])] }
  if (!hardest) return { ...shown, standing: 'speaks', findings: [] }
  const { answer, limit } = hardest
  const said = { substance, n: answer.n, takenOn }
  const sources = [SOURCES.complianceTest, limit.source]
  const verdict = answer.verdict === 'compliant' ? finding('note', 'samples.compliant', said, sources)
    : answer.verdict === 'non-compliant' ? finding('hold', 'samples.non-compliant', said, sources)
      : finding('hold', 'samples.no-decision', said, sources)
  return { ...shown, standing: 'speaks', findings: [verdict, ...answer.findings] }
}

/** The surveys of a bay, the newest that speaks for each substance kept; what it says replaces the prediction. */
export function judgeSurveys(surveys: readonly Survey[], place: SurveyPlace | null, inForce: readonly ExposureRuleSetId[], months: number, today: string): {
  readonly judged: readonly JudgedSurvey[]
  readonly speaking: readonly JudgedSurvey[]
  readonly replaced: ReadonlySet<SubstanceId>
} {
  const judged = surveys.map(survey => judgeSurvey(survey, place, inForce, months, today))
  const newest = new Map<SubstanceId, JudgedSurvey>()
  for (const one of judged) {
    if (one.standing !== 'speaks' || one.answer === null) continue
    const before = newest.get(one.survey.substance)
    if (!before || one.survey.takenOn >= before.survey.takenOn) newest.set(one.survey.substance, one)
  }
  return { judged, speaking: [...newest.values()], replaced: new Set(newest.keys()) }
}
