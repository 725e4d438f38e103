import type { Finding } from '../finding'
import { finding } from '../finding'
import { SOURCES } from '../source/sources'
import type { ExposureRuleSetId, SubstanceId } from '../vocabulary/vocabulary'
import { EXPOSURE_RULE_SETS, SUBSTANCES } from '../vocabulary/vocabulary'
import type { Breathed, BreathedBySubstance } from './hall-shift'
import type { ExposureLimit, LimitKind } from './limits'
import { EXPOSURE_LIMITS, SILENT_ON_FUME } from './limits'
import { longShiftFactor } from './long-shift'
import type { MixtureGroupId } from './mixture'
import { largestMixture } from './mixture'

/** A limit with how much of it is used, at the safe end. */
export interface LimitUse {
  readonly limit: ExposureLimit
  /** Compared with the limit, mg/m³, as the limit counts it (an oxide where it is printed for one). */
  readonly mgPerM3: number
  readonly fraction: number
  /** The rule set binds here. */
  readonly binds: boolean
}

/** The largest sum of fractions of substances that act alike, under one rule set. */
export interface MixtureUse { readonly group: MixtureGroupId, readonly ruleSet: ExposureRuleSetId, readonly fraction: number }

export interface ExposureJudgement {
  /** Every limit of every rule set, used most first. */
  readonly uses: readonly LimitUse[]
  /** The use that binds hardest. */
  readonly worst: LimitUse | null
  readonly mixture: MixtureUse | null
  /** The largest fraction that binds: of one limit or of a mixture; null when no limit of the rule sets in force knows any of it. */
  readonly fraction: number | null
  readonly findings: readonly Finding[]
}

const CONCENTRATION: Readonly<Record<LimitKind, keyof Pick<Breathed, 'twa' | 'shortTerm' | 'peak'>>> = { 'twa': 'twa', 'short-term': 'shortTerm', 'ceiling': 'peak' }

/** An irritant or a ceiling is not lowered for a long shift. Source: `longShift`. */
const countsLongShift = ({ kind }: ExposureLimit): boolean => kind === 'twa'

/**
 * Judges what somebody breathes against every limit of every rule set; the rule sets in force bind, the others are told.
 * The safe end of the range is compared, and nothing is rounded before it is compared.
 *
 * @param inForce the rule sets that bind here
 * @param actionFraction share of a limit at which the site acts
 * @param shiftHours above eight, eight-hour limits count lower
 * @param replaced substances judged by measured samples instead
 */
export function judgeExposure(breathed: BreathedBySubstance, inForce: readonly ExposureRuleSetId[], actionFraction: number, shiftHours: number, replaced: ReadonlySet<SubstanceId> = new Set()): ExposureJudgement {
  const longer = longShiftFactor(shiftHours)
  const uses: LimitUse[] = []
  for (const limit of EXPOSURE_LIMITS) {
    const known = breathed[limit.substance]
    if (!known) continue
    const mgPerM3 = known[CONCENTRATION[limit.kind]].high * limit.perElement
    uses.push({ limit, mgPerM3, fraction: mgPerM3 / limit.valueMgPerM3 * (countsLongShift(limit) ? longer : 1), binds: inForce.includes(limit.ruleSet) && !replaced.has(limit.substance) })
  }
  uses.sort((a, b) => b.fraction - a.fraction)
  const worst = uses.find(use => use.binds) ?? null
  const mixture = worstMixture(uses, inForce, replaced)
  const fraction = worst === null ? null : Math.max(worst.fraction, mixture?.fraction ?? 0)
  return { uses, worst, mixture, fraction, findings: say(uses, worst, mixture, inForce, actionFraction, shiftHours, longer) }
}

function worstMixture(uses: readonly LimitUse[], inForce: readonly ExposureRuleSetId[], replaced: ReadonlySet<SubstanceId>): MixtureUse | null {
  let largest: MixtureUse | null = null
  for (const ruleSet of inForce) {
    // Uses are sorted: the first of a substance is its hardest eight-hour limit in this rule set.
    const strictest = new Map<SubstanceId, number>()
    for (const { limit, fraction } of uses) {
      if (limit.ruleSet === ruleSet && limit.kind === 'twa' && !replaced.has(limit.substance) && !strictest.has(limit.substance)) strictest.set(limit.substance, fraction)
    }
    const found = largestMixture(substance => strictest.get(substance))
    if (found && (largest === null || found.fraction > largest.fraction)) largest = { ...found, ruleSet }
  }
  return largest
}

function say(uses: readonly LimitUse[], worst: LimitUse | null, mixture: MixtureUse | null, inForce: readonly ExposureRuleSetId[], actionFraction: number, shiftHours: number, longer: number): readonly Finding[] {
  const findings: Finding[] = []
  const told = new Set<SubstanceId>()
  for (const { limit, mgPerM3, fraction, binds } of uses) {
    if (!binds || fraction <= actionFraction || told.has(limit.substance)) continue
    told.add(limit.substance)
    const { substance, ruleSet, kind, valueMgPerM3, source } = limit
    findings.push(finding('hold', 'exposure.over', { substance, ruleSet, kind, mgPerM3, limitMgPerM3: valueMgPerM3, fraction, actionFraction }, [source]))
  }
  if (findings.length === 0 && mixture && mixture.fraction > actionFraction) {
    findings.push(finding('hold', 'exposure.mixture-over', { ...mixture, actionFraction }, [SOURCES.mixtureRule]))
  }
  if (findings.length === 0 && worst) {
    const { limit: { substance, ruleSet, kind, source }, fraction } = worst
    findings.push(finding('note', 'exposure.under', { substance, ruleSet, kind, fraction, actionFraction }, [source]))
  }
  const silent = inForce.filter(ruleSet => SILENT_ON_FUME.has(ruleSet))
  if (inForce.length === silent.length && inForce.length < EXPOSURE_RULE_SETS.length) findings.push(finding('note', 'exposure.no-limit-for-fume', { ruleSets: silent }, [SOURCES.usLimits]))
  findings.push(finding('note', 'exposure.carcinogen', {}, [SOURCES.fumeCarcinogen]))
  if (longer > 1) findings.push(finding('note', 'exposure.long-shift', { shiftHours, factor: longer }, [SOURCES.longShift]))
  return findings
}

/** Substances in the order of the book, those breathed only. */
export const breathedSubstances = (breathed: BreathedBySubstance): readonly SubstanceId[] => SUBSTANCES.filter(substance => breathed[substance] !== undefined)
