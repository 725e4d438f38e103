import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import { EXPOSURE_RULE_SETS, SUBSTANCES } from '../ids/vocabulary'
import type { Breathed, BreathedBySubstance } from './hall-shift'
import type { ExposureLimit } from './limits'
import { EXPOSURE_LIMITS, SILENT_ON_FUME } from './limits'
import type { WorkPattern } from './long-shift'
import { longShiftFactor, loweredTo } from './long-shift'
import { largestMixture } from './mixture'
import { withInherited } from './rule-sets'
import { overIdlh } from './idlh'
import { isGas } from '../fume/gases'
import { keptWith, textOf } from '../kept'
import type { LimitKind, MixtureGroupId, MixtureSpan } from '../ids/exposure-ids'
import { MIXTURE_GROUPS, MIXTURE_SPANS } from '../ids/exposure-ids'

/** A limit with how much of it is used, at the safe end. */
export interface LimitUse {
  readonly limit: ExposureLimit
  /** Compared with the limit, mg/m³, as the limit counts it (an oxide where it is printed for one). */
  readonly mgPerM3: number
  readonly fraction: number
  /** What a mg/m³ of the element makes of it. */
  readonly perMgPerM3: number
  /** The limit binds here. */
  readonly binds: boolean
  /** No limit in force knows the substance: the strictest known elsewhere binds in its place. */
  readonly isBorrowed: boolean
}

/** The largest sum of fractions of substances that act alike, under one rule set. */
export interface MixtureUse {
  readonly group: MixtureGroupId
  readonly span: MixtureSpan
  readonly ruleSet: ExposureRuleSetId
  readonly fraction: number
  /** The part of the sum that gases make: no dust filter takes any of it. */
  readonly gasFraction: number
}

export interface ExposureJudgement {
  /** Every limit of every rule set, used most first. */
  readonly uses: readonly LimitUse[]
  /** The use that binds hardest. */
  readonly worst: LimitUse | null
  readonly mixture: MixtureUse | null
  /** The largest fraction that binds: of one limit or of a mixture; null when nothing is breathed whose limit is known. */
  readonly fraction: number | null
  /** Substances that reach what is immediately dangerous to life or health. */
  readonly overIdlh: readonly SubstanceId[]
  readonly findings: readonly Finding[]
}

/**
 * What samples measured of the average of a shift: the bound that the 95th percentile keeps under with 70 % confidence,
 * mg/m³ as the element; null where the samples were too few to give one. It answers eight-hour limits alone: of the short
 * term, of peaks and of other substances an average says nothing.
 */
export type MeasuredAverages = ReadonlyMap<SubstanceId, number | null>
export const NOTHING_MEASURED: MeasuredAverages = new Map()

/** What of the breathed a kind of limit is compared with. */
export const CONCENTRATION: Readonly<Record<LimitKind, keyof Pick<Breathed, 'twa' | 'shortTerm' | 'peak'>>> = {
  'twa': 'twa',
  'short-term': 'shortTerm',
  'ceiling': 'peak',
}

/** An irritant or a ceiling is not lowered for a long shift. Source: `longShift`. */
const countsLongShift = ({ kind }: ExposureLimit): boolean => kind === 'twa'

/** What is no number counts as endless: nobody is cleared by a sum that failed. */
const atWorst = (mgPerM3: number): number => (Number.isNaN(mgPerM3) ? Infinity : mgPerM3)

/**
 * Judges what somebody breathes against every limit of every rule set, once for each way to ask; the rule sets in force bind, with what
 * binds above them, and the others are told. A substance that none of them knows borrows the strictest limit known anywhere; one that
 * nobody limits holds. The safe end of the range is compared, and nothing is rounded before it is compared.
 *
 * @param asked the rule sets that bind here
 * @param actionFraction share of a limit at which the site acts
 * @param work above eight hours or forty a week, eight-hour limits count lower
 * @param measured averages judged by samples instead
 */
export function judgeExposure(
  air: AirToJudge,
  asked: readonly ExposureRuleSetId[],
  actionFraction: number,
  work: WorkPattern,
  measured: MeasuredAverages = NOTHING_MEASURED,
): ExposureJudgement {
  return judged(air, limitsKey(asked, actionFraction, work, measured), () => judge(air, asked, actionFraction, work, measured))
}
/** The same for what is judged alike. */
export const limitsKey = (
  asked: readonly ExposureRuleSetId[], actionFraction: number, { hoursADay, daysAWeek }: WorkPattern, measured: MeasuredAverages,
): string => textOf([asked, actionFraction, hoursADay, daysAWeek, [...measured]])
const judged = keptWith<AirToJudge, ExposureJudgement>(4)

function judge(
  air: AirToJudge,
  asked: readonly ExposureRuleSetId[],
  actionFraction: number,
  work: WorkPattern,
  measured: MeasuredAverages,
): ExposureJudgement {
  const { breathed } = air
  const inForce = withInherited(asked)
  const longer = longShiftFactor(work)
  const known = new Set(EXPOSURE_LIMITS.filter(({ ruleSet }) => inForce.includes(ruleSet)).map(({ substance }) => substance))
  const borrowing = new Set<SubstanceId>()
  const uses = EXPOSURE_LIMITS.flatMap((limit): Omit<LimitUse, 'binds' | 'isBorrowed'>[] => {
    const one = breathed[limit.substance]
    if (!one) return []
    const mgPerM3 = atWorst(one[CONCENTRATION[limit.kind]].high) * limit.perElement
    const perLimit = (countsLongShift(limit) ? longer : 1) / limit.valueMgPerM3
    return [{ limit, mgPerM3, fraction: mgPerM3 * perLimit, perMgPerM3: limit.perElement * perLimit }]
  })
    .sort((a, b) => b.fraction - a.fraction)
    .map((use): LimitUse => {
      const { substance, ruleSet, kind } = use.limit
      // Uses are sorted: the first of a substance that nobody in force knows is its strictest.
      const isBorrowed = !known.has(substance) && !borrowing.has(substance)
      if (isBorrowed) borrowing.add(substance)
      return { ...use, isBorrowed, binds: (isBorrowed || inForce.includes(ruleSet)) && !(kind === 'twa' && measured.has(substance)) }
    })
  const worst = uses.find(use => use.binds) ?? null
  const mixture = worstMixture(uses, inForce, work, measured, air)
  const fraction = worst === null && mixture === null ? null : Math.max(worst?.fraction ?? 0, mixture?.fraction ?? 0)
  const unlimited = (Object.keys(breathed) as SubstanceId[]).filter(
    substance => !EXPOSURE_LIMITS.some(limit => limit.substance === substance),
  )
  return {
    uses,
    worst,
    mixture,
    fraction,
    overIdlh: overIdlh(breathed),
    findings: say({ uses, worst, mixture, inForce, actionFraction, work, longer, unlimited }),
  }
}

/** A part of a sum: so many times what is breathed of a substance, mg/m³ as the element. */
export interface SumPart { readonly substance: SubstanceId, readonly kind: keyof Breathed, readonly perMgPerM3: number }
/** What somebody breathes. */
export interface AirToJudge {
  readonly breathed: BreathedBySubstance
  /**
   * The safe end of a sum, where what is breathed was drawn: not every part is at its worst at once. Left out: the sum of the safe ends,
   * which is the most that it can be.
   *
   * @param parts of what is breathed: one that is not is no part
   */
  readonly highOf?: (parts: readonly SumPart[]) => number
}

/** What of a substance counts in a sum. */
interface Counted {
  readonly fraction: number
  /** Null where samples say how much. */
  readonly drawn: SumPart | null
}

function addedUp(parts: readonly Counted[], { highOf }: AirToJudge): number {
  const certain = (sum: number, { fraction }: Counted): number => sum + fraction
  const drawn = parts.flatMap(part => part.drawn ?? [])
  if (!highOf || drawn.length < 2) return parts.reduce(certain, 0)
  return parts.filter(part => part.drawn === null).reduce(certain, 0) + atWorst(highOf(drawn))
}

/** The fraction that a measured average makes of a limit; null where the samples give no bound. */
function measuredFraction({ limit }: LimitUse, work: WorkPattern, measured: MeasuredAverages): number | null {
  const boundMgPerM3 = measured.get(limit.substance)
  return boundMgPerM3 == null ? null : boundMgPerM3 * limit.perElement / limit.valueMgPerM3 / loweredTo(work)
}

/** Like averaging times with like: those of a shift, and those of a short time, in which peaks are taken to fall together. */
const SPAN_OF: Readonly<Record<LimitKind, MixtureSpan>> = { 'twa': 'shift', 'short-term': 'short-time', 'ceiling': 'short-time' }

/** Sums run under each rule set in force with what binds above it; what it does not know counts by what it borrows. */
function worstMixture(
  uses: readonly LimitUse[],
  inForce: readonly ExposureRuleSetId[],
  work: WorkPattern,
  measured: MeasuredAverages,
  air: AirToJudge,
): MixtureUse | null {
  let largest: MixtureUse | null = null
  for (const [ruleSet, span] of inForce.flatMap(each => MIXTURE_SPANS.map(of => [each, of] as const))) {
    const together = withInherited([ruleSet])
    const strictest = new Map<SubstanceId, Counted>()
    for (const use of uses) {
      const { limit, isBorrowed, fraction, perMgPerM3 } = use
      // The strictest limit known anywhere counts in the sum of a shift, whatever its time: nothing that is breathed is left out.
      const isOfSpan = SPAN_OF[limit.kind] === span
      const isCounted = isBorrowed ? isOfSpan || span === 'shift' : isOfSpan && together.includes(limit.ruleSet)
      if (!isCounted) continue
      const byMeasure = limit.kind === 'twa' ? measuredFraction(use, work, measured) : null
      const counted: Counted
        = byMeasure === null
          ? { fraction, drawn: { substance: limit.substance, kind: CONCENTRATION[limit.kind], perMgPerM3 } }
          : { fraction: atWorst(byMeasure), drawn: null }
      if (counted.fraction >= (strictest.get(limit.substance)?.fraction ?? 0)) strictest.set(limit.substance, counted)
    }
    // One substance alone is no sum: its own limit judges it, or its own test where its average was measured.
    const found = largestMixture(
      substance => strictest.get(substance)?.fraction,
      there => there.length > 1 || (span === 'shift' && !there.every(substance => measured.has(substance))),
      there => addedUp(there.map(substance => strictest.get(substance)!), air),
    )
    if (found && (largest === null || found.fraction > largest.fraction)) {
      const gases = MIXTURE_GROUPS[found.group].filter(isGas).flatMap(substance => strictest.get(substance) ?? [])
      const gasFraction = addedUp(gases, air)
      largest = { ...found, span, ruleSet, gasFraction }
    }
  }
  return largest
}

interface ToSay {
  readonly uses: readonly LimitUse[]
  readonly worst: LimitUse | null
  readonly mixture: MixtureUse | null
  readonly inForce: readonly ExposureRuleSetId[]
  readonly actionFraction: number
  readonly work: WorkPattern
  readonly longer: number
  readonly unlimited: readonly SubstanceId[]
}

function say({ uses, worst, mixture, inForce, actionFraction, work, longer, unlimited }: ToSay): readonly Finding[] {
  const findings: Finding[] = []
  const told = new Set<SubstanceId>()
  for (const { limit, mgPerM3, fraction, binds } of uses) {
    if (!binds || fraction <= actionFraction || told.has(limit.substance)) continue
    told.add(limit.substance)
    const { substance, ruleSet, kind, valueMgPerM3, source } = limit
    findings.push(
      finding('hold', 'exposure.over', { substance, ruleSet, kind, mgPerM3, limitMgPerM3: valueMgPerM3, fraction, actionFraction }, [
        source,
      ]),
    )
  }
  if (findings.length === 0 && mixture && mixture.fraction > actionFraction) {
    const { group, ruleSet, fraction, span } = mixture
    const ofShortTime = span === 'short-time' ? { span } : {}
    const said = { group, ruleSet, fraction, actionFraction, ...ofShortTime }
    findings.push(finding('hold', 'exposure.mixture-over', said, ['mixtureRule']))
  }
  for (const substance of unlimited) findings.push(finding('hold', 'exposure.no-limit-known', { substance }))
  if (findings.length === 0 && worst) {
    const { limit: { substance, ruleSet, kind, source }, fraction } = worst
    findings.push(finding('note', 'exposure.under', { substance, ruleSet, kind, fraction, actionFraction }, [source]))
  }
  for (const { limit: { substance, ruleSet, source }, isBorrowed, fraction } of uses) {
    if (isBorrowed && fraction > 0) findings.push(finding('note', 'exposure.limit-borrowed', { substance, ruleSet }, [source]))
  }
  const silent = inForce.filter(ruleSet => SILENT_ON_FUME.has(ruleSet))
  if (inForce.length === silent.length && inForce.length < EXPOSURE_RULE_SETS.length)
    findings.push(finding('note', 'exposure.no-limit-for-fume', { ruleSets: silent }, ['usLimits']))
  findings.push(finding('note', 'exposure.carcinogen', {}, ['fumeCarcinogen']))
  if (longer > 1)
    findings.push(
      finding('note', 'exposure.long-shift', { shiftHours: work.hoursADay, weekHours: work.hoursADay * work.daysAWeek, factor: longer }, [
        'longShift',
      ]),
    )
  return findings
}

/** Substances in the order of the book, those breathed only. */
export const breathedSubstances = (breathed: BreathedBySubstance): readonly SubstanceId[] =>
  SUBSTANCES.filter(substance => breathed[substance] !== undefined)
