import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { SOURCES } from '../source/sources'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import { EXPOSURE_RULE_SETS, SUBSTANCES } from '../ids/vocabulary'
import type { Breathed, BreathedBySubstance } from './hall-shift'
import type { ExposureLimit } from './limits'
import { EXPOSURE_LIMITS, SILENT_ON_FUME } from './limits'
import { briefScalaDaily, longShiftFactor } from './long-shift'
import { largestMixture } from './mixture'
import { withInherited } from './rule-sets'
import { overIdlh } from './idlh'
import { isGas } from '../fume/gases'
import type { LimitKind, MixtureGroupId } from '../ids/exposure-ids'
import { MIXTURE_GROUPS } from '../ids/exposure-ids'

/** A limit with how much of it is used, at the safe end. */
export interface LimitUse {
  readonly limit: ExposureLimit
  /** Compared with the limit, mg/m³, as the limit counts it (an oxide where it is printed for one). */
  readonly mgPerM3: number
  readonly fraction: number
  /** The limit binds here. */
  readonly binds: boolean
  /** No limit in force knows the substance: the strictest known elsewhere binds in its place. */
  readonly isBorrowed: boolean
}

/** The largest sum of fractions of substances that act alike, under one rule set. */
export interface MixtureUse {
  readonly group: MixtureGroupId
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
 * Judges what somebody breathes against every limit of every rule set; the rule sets in force bind, with what binds above
 * them, and the others are told. A substance that none of them knows borrows the strictest limit known anywhere; one that
 * nobody limits holds. The safe end of the range is compared, and nothing is rounded before it is compared.
 *
 * @param asked the rule sets that bind here
 * @param actionFraction share of a limit at which the site acts
 * @param shiftHours above eight, eight-hour limits count lower
 * @param measured averages judged by samples instead
 */
export function judgeExposure(
  breathed: BreathedBySubstance,
  asked: readonly ExposureRuleSetId[],
  actionFraction: number,
  shiftHours: number,
  measured: MeasuredAverages = NOTHING_MEASURED,
): ExposureJudgement {
  const inForce = withInherited(asked)
  const longer = longShiftFactor(shiftHours)
  const known = new Set(EXPOSURE_LIMITS.filter(({ ruleSet }) => inForce.includes(ruleSet)).map(({ substance }) => substance))
  const borrowing = new Set<SubstanceId>()
  const uses = EXPOSURE_LIMITS.flatMap((limit): Omit<LimitUse, 'binds' | 'isBorrowed'>[] => {
    const air = breathed[limit.substance]
    if (!air) return []
    const mgPerM3 = atWorst(air[CONCENTRATION[limit.kind]].high) * limit.perElement
    return [{ limit, mgPerM3, fraction: (mgPerM3 / limit.valueMgPerM3) * (countsLongShift(limit) ? longer : 1) }]
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
  const mixture = worstMixture(uses, inForce, shiftHours, measured)
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
    findings: say({ uses, worst, mixture, inForce, actionFraction, shiftHours, longer, unlimited }),
  }
}

/** The fraction that a measured average makes of a limit; null where the samples give no bound. */
function measuredFraction({ limit }: LimitUse, shiftHours: number, measured: MeasuredAverages): number | null {
  const boundMgPerM3 = measured.get(limit.substance)
  return boundMgPerM3 == null ? null : boundMgPerM3 * limit.perElement / limit.valueMgPerM3 / briefScalaDaily(shiftHours)
}

/** Sums run under each rule set in force with what binds above it; what it does not know counts by what it borrows. */
function worstMixture(
  uses: readonly LimitUse[],
  inForce: readonly ExposureRuleSetId[],
  shiftHours: number,
  measured: MeasuredAverages,
): MixtureUse | null {
  let largest: MixtureUse | null = null
  for (const ruleSet of inForce) {
    const together = withInherited([ruleSet])
    const strictest = new Map<SubstanceId, number>()
    for (const use of uses) {
      const { limit, isBorrowed, fraction } = use
      if (!isBorrowed && !(limit.kind === 'twa' && together.includes(limit.ruleSet))) continue
      const counted = limit.kind === 'twa' ? (measuredFraction(use, shiftHours, measured) ?? fraction) : fraction
      strictest.set(limit.substance, Math.max(strictest.get(limit.substance) ?? 0, counted))
    }
    // One substance alone whose average was measured is no sum: its own test judges it.
    const found = largestMixture(
      substance => strictest.get(substance),
      there => there.length > 1 || !there.every(substance => measured.has(substance)),
    )
    if (found && (largest === null || found.fraction > largest.fraction)) {
      const gasFraction = MIXTURE_GROUPS[found.group].reduce(
        (total, substance) => total + (isGas(substance) ? (strictest.get(substance) ?? 0) : 0),
        0,
      )
      largest = { ...found, ruleSet, gasFraction }
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
  readonly shiftHours: number
  readonly longer: number
  readonly unlimited: readonly SubstanceId[]
}

function say({ uses, worst, mixture, inForce, actionFraction, shiftHours, longer, unlimited }: ToSay): readonly Finding[] {
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
    const { group, ruleSet, fraction } = mixture
    findings.push(finding('hold', 'exposure.mixture-over', { group, ruleSet, fraction, actionFraction }, [SOURCES.mixtureRule]))
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
    findings.push(finding('note', 'exposure.no-limit-for-fume', { ruleSets: silent }, [SOURCES.usLimits]))
  findings.push(finding('note', 'exposure.carcinogen', {}, [SOURCES.fumeCarcinogen]))
  if (longer > 1) findings.push(finding('note', 'exposure.long-shift', { shiftHours, factor: longer }, [SOURCES.longShift]))
  return findings
}

/** Substances in the order of the book, those breathed only. */
export const breathedSubstances = (breathed: BreathedBySubstance): readonly SubstanceId[] =>
  SUBSTANCES.filter(substance => breathed[substance] !== undefined)
