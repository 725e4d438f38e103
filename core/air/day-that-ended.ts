import { bayAirOf } from '../clearance/air-gate'
import type { AirOfDay, SampledOfDay, SubstanceOfDay } from '../exposure/air-of-day'
import type { BreathedBySubstance } from '../exposure/hall-shift'
import { breathedSubstances, judgeExposure, NOTHING_MEASURED } from '../exposure/judge-exposure'
import type { ExposureJudgement, MeasuredAverages } from '../exposure/judge-exposure'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import { minutesAt } from '../job/day-work'
import { helpedToday } from '../job/helping'
import type { SubstanceId } from '../ids/vocabulary'
import { PROCESSES } from '../ids/vocabulary'
import { workPatternOf } from '../streams/house-rules/house-rules'
import { stands } from '../time/instant'
import { minutesOf, within, without } from '../time/stays'
import type { AirFacts } from './air-facts'
import { airOf } from './air-facts'
import type { PooledSurvey } from './measured-air'
import type { PersonDay } from './person-day'
import { personDay } from './person-day'
import { measuredAt } from './surveyed'

/** The facts of a shop day that is over, as of its last instant; each station as it was when it last stood clear. */
export type EndedDay = AirFacts & { readonly stoodClear: NonNullable<AirFacts['stoodClear']> }

const clears = ({ stoodClear }: EndedDay, bayId: string): boolean => (stoodClear[bayId] ?? []).length > 0

/** Did somebody weld at a bay, and not only help there? */
function worksAt({ stations, now }: EndedDay, bayId: string, personId: string): boolean {
  const { personId: placed, job, earlierJobs } = stations[bayId]!
  return (placed === personId && job !== null) || earlierJobs.some(one => one.personId === personId && stands(one.validUntil, now))
}

/** Bays that stood clear on the day and at which somebody had work, or helped. */
const baysOf = (facts: EndedDay, personId: string): readonly string[] =>
  Object.entries(facts.stations).flatMap(([bayId, { helpers }]) => {
    const isTheirs = worksAt(facts, bayId, personId) || helpedToday(helpers, personId, facts.now)
    return isTheirs && clears(facts, bayId) ? [bayId] : []
  })

/** Everybody who worked on the day, in the order of the bays. */
export const peopleOfDay = (facts: EndedDay): readonly string[] => [
  ...new Set(
    Object.entries(facts.stations).flatMap(([bayId, { personId, job, earlierJobs, helpers }]) =>
      clears(facts, bayId)
        ? [
            job === null ? null : personId,
            ...[...earlierJobs, ...helpers].filter(one => stands(one.validUntil, facts.now)).map(one => one.personId),
          ]
        : []).filter(personId => personId !== null),
  ),
]

/** Did a bay stand clear with somebody's work there: a job of theirs that stands, or an earlier one, while it stood? */
function stoodClearWith(facts: EndedDay, bayId: string, personId: string): boolean {
  const { personId: placed, job, earlierJobs, helpers } = facts.stations[bayId]!
  // The station is as it was when it last stood clear.
  if ((placed === personId && job !== null) || helpedToday(helpers, personId, facts.now)) return true
  const clock = { timeZone: facts.site.timeZone, shopDayHour: facts.rules.shopDayHour }
  return earlierJobs.some(({ personId: whose, sinceAt, untilAt, validUntil }) => {
    if (whose !== personId || !stands(validUntil, facts.now)) return false
    // When it came or went was not kept: it may have stood all day.
    if (sinceAt === null || untilAt === null) return true
    const stood = { fromMin: minutesAt(sinceAt, clock), toMin: minutesAt(untilAt, clock) }
    return within(stood, facts.stoodClear[bayId] ?? []).length > 0
  })
}

/** Averages of what was measured at a bay and keeps to its limit. */
function passedAt(facts: EndedDay, bayId: string): MeasuredAverages {
  const { pooled, averages } = measuredAt(facts, bayId)
  const passed = new Set(pooled.filter(({ answer }) => answer.verdict === 'compliant').map(({ substance }) => substance))
  return new Map([...averages].filter(([substance]) => passed.has(substance)))
}

/** To three figures; what is compared with a limit never reads smaller than it was. */
const figures = (value: number): number => Number(value.toPrecision(3))
const figuresUp = (value: number): number => {
  const rounded = figures(value)
  if (!Number.isFinite(value) || rounded >= value) return rounded
  return figures(value + 0.5 * 10 ** (Math.floor(Math.log10(value)) - 2))
}

const isFigured = (breathed: BreathedBySubstance): boolean =>
  Object.values(breathed).every(({ twa, shortTerm, peak }) => [twa.high, shortTerm.high, peak.high].every(Number.isFinite))

/**
 * Works out the days of people of a shop day that is over. Each hall is solved once.
 * Source: as the Air gate (`core/fume`, `core/ventilation`, `core/exposure`).
 *
 * @param day YYYY-MM-DD
 * @returns what one of them breathed; null for whoever could strike no arc
 */
export function airOfDay(facts: EndedDay, day: string, rulesVersion: number): (personId: string) => AirOfDay | null {
  const airAt = airOf(facts)
  const { rules } = facts
  const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
  const hallAt = (bayId: string) => {
    const around = airAt(bayId)
    return { around, hall: around.predict(bayAirOf(facts.stations[bayId]!, around)) }
  }
  return (personId) => {
    const bayIds = baysOf(facts, personId)
    const there = bayIds.map((bayId) => {
      const { around, hall } = hallAt(bayId)
      const worksHere = worksAt(facts, bayId, personId)
      const work = (worksHere ? hall?.workAt(personId, bayId) : hall?.workOf(personId, bayId)) ?? 'unknown' as const
      const help = hall?.helpOf(personId, bayId) ?? 'unknown' as const
      const spans = work === 'unknown' || help === 'unknown' ? 'unknown' as const : [...work, ...help.flatMap(span => without(span, work))]
      // Clear, and never in the hours for which the work was set: they may have struck at another time than was said.
      const isAtAnotherTime = spans !== 'unknown' && spans.length === 0 && stoodClearWith(facts, bayId, personId)
      return { bayId, around, hall, spans: isAtAnotherTime ? 'unknown' as const : spans }
    })
    const worked = there.filter(({ spans }) => spans === 'unknown' || spans.length > 0)
    if (worked.length === 0) return null
    const unsaid = new Set(worked.filter(({ spans }) => spans === 'unknown').map(({ bayId }) => bayId))
    const first = worked.find(({ spans }) => spans !== 'unknown')
    const found = first?.hall
      ? personDay(personId, first.bayId, first.hall, first.around.elsewhere(personId), worksAt(facts, first.bayId, personId))
      : null
    // A sum that failed is no figure: it is not known.
    const own = found && isFigured(found.air.breathed) ? found : null
    for (const bayId of own ? own.unknown : worked.map(one => one.bayId)) unsaid.add(bayId)
    for (const { bayId, hall } of worked) for (const beside of hall?.unknownBeside(bayId) ?? []) unsaid.add(beside)
    const sampled = worked.flatMap(({ bayId }) => measuredAt(facts, bayId).pooled.map(pooled => ({ bayId, pooled })))
    // An average that was measured answers for a day that was spent as it was measured: at that bay, on that one job.
    const isOneJob = worked.length === 1 && first !== undefined && first.spans !== 'unknown'
      && new Set(first.spans.map(({ job }) => job)).size === 1
    // One that failed, or that does not decide, puts nothing aside: what was reckoned counts, and the samples are told beside it.
    const averages = isOneJob ? passedAt(facts, first.bayId) : NOTHING_MEASURED
    const exposure = own && judgeExposure(own.air, inForce, rules.actionFraction, workPatternOf(rules, own.hours), averages)
    return {
      day,
      rulesVersion,
      hours: own && figures(own.hours),
      work: worked.map(({ bayId, spans }) => ({
        bayId,
        minutes: spans === 'unknown' ? 0 : Math.round(minutesOf(spans)),
        processes: spans === 'unknown' ? [] : PROCESSES.filter(process => spans.some(({ job }) => job.process === process)),
      })),
      unknownBays: [...unsaid],
      ...saidOf(own, exposure),
      sampled: sampled.map(({ bayId, pooled }) => sampledOf(bayId, pooled)),
    }
  }
}

function saidOf(
  own: PersonDay | null,
  exposure: ExposureJudgement | null,
): Pick<AirOfDay, 'substances' | 'mixture' | 'fraction'> {
  if (!own || !exposure) return { substances: [], mixture: null, fraction: null }
  const { mixture, worst, fraction } = exposure
  const isHardest = mixture !== null && mixture.fraction > (worst?.fraction ?? 0)
  return {
    substances: breathedSubstances(own.air.breathed).map(substance => substanceOf(substance, own.air.breathed, exposure)),
    mixture: isHardest
      ? { group: mixture.group, span: mixture.span, ruleSet: mixture.ruleSet, fraction: figuresUp(mixture.fraction) }
      : null,
    fraction: fraction === null ? null : figuresUp(fraction),
  }
}

function substanceOf(substance: SubstanceId, breathed: BreathedBySubstance, { uses }: ExposureJudgement): SubstanceOfDay {
  const { twa, shortTerm, peak } = breathed[substance]!
  const hardest = uses.find(({ binds, limit }) => binds && limit.substance === substance)
  return {
    substance,
    twaMgPerM3: { low: figures(twa.low), mid: figures(twa.mid), high: figuresUp(twa.high) },
    shortTermMgPerM3: figuresUp(shortTerm.high),
    peakMgPerM3: figuresUp(peak.high),
    use: hardest
      ? {
          ruleSet: hardest.limit.ruleSet,
          kind: hardest.limit.kind,
          limitMgPerM3: hardest.limit.valueMgPerM3,
          fraction: figuresUp(hardest.fraction),
        }
      : null,
  }
}

const sampledOf = (bayId: string, { substance, takenOn, answer: { n, verdict, test, summary } }: PooledSurvey): SampledOfDay => {
  const bound = test === 'statistical' ? summary?.utl95_70 ?? null : null
  return { bayId, substance, takenOn, count: n, verdict, boundMgPerM3: bound === null ? null : figuresUp(bound) }
}
