import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { DeratingId, NoiseRuleId, ProtectorKindId } from '../ids/protection-ids'
import { PROTECTION_SOURCES } from '../source/protection-sources'
import type { SourceRef } from '../source/source-ref'

export const NOISE_LIMITS = {
  levelDbA: { min: 0, max: 160 },
  hours: { min: 0, max: 24 },
  nrrDb: { min: 0, max: 40 },
} as const

/** A stretch of the day at one level at the ear. */
export interface NoiseSpan { readonly levelDbA: number, readonly hours: number }
export interface HearingProtector {
  /** The rating on its label. */
  readonly nrrDb: number
  readonly kind?: ProtectorKindId
}

export interface NoiseQuestion {
  readonly spans: readonly NoiseSpan[]
  readonly rule: NoiseRuleId
  /** One, or two worn at once. */
  readonly protectors?: readonly HearingProtector[]
  /** Left out, half of the label counts. */
  readonly derate?: DeratingId
}

export interface NoiseDay {
  readonly dosePercent: number
  /** Average over eight hours by the rule; null where nothing that it counts was heard. */
  readonly twaDbA: number | null
  readonly protectedDbA?: number
  readonly findings: readonly Finding[]
}

interface NoiseRule {
  /** Level of a full dose in eight hours, dBA. */
  readonly criterionDbA: number
  /** Twice the dose for so many dB more. */
  readonly exchangeDb: number
  /** What is quieter is not counted, dBA. */
  readonly thresholdDbA: number
  /** Average from which the rule asks for something, dBA. */
  readonly actionDbA: number
  /** Average that needs protection once it is passed, or reached where the rule says so, dBA. */
  readonly limitDbA: number
  readonly bindsWhenReached?: boolean
  /** What has to be left at the ear under protectors, at most, dBA. */
  readonly targetDbA: number
  /** No continuous sound is louder, dBA. */
  readonly highestDbA: number
  readonly source: SourceRef
}

const { usNoiseDose, usNoiseRecommended, euNoise, usProtectorRating, protectorByKind, protectorTarget } = PROTECTION_SOURCES
const US = { criterionDbA: 90, exchangeDb: 5, actionDbA: 85, limitDbA: 90, targetDbA: 90, highestDbA: 115, source: usNoiseDose } as const
const RULES: Readonly<Record<NoiseRuleId, NoiseRule>> = {
  // Whose hearing has changed needs 85 at the ear, and nobody here knows of whom that is so.
  'us-hearing-conservation': { ...US, thresholdDbA: 80, targetDbA: 85 },
  'us-limit': { ...US, thresholdDbA: 90, actionDbA: 90 },
  'us-recommended': {
    criterionDbA: 85,
    exchangeDb: 3,
    thresholdDbA: 0,
    actionDbA: 85,
    limitDbA: 85,
    targetDbA: 85,
    highestDbA: 140,
    source: usNoiseRecommended,
  },
  'eu': {
    criterionDbA: 85,
    exchangeDb: 10 * Math.log10(2),
    thresholdDbA: 0,
    actionDbA: 80,
    limitDbA: 85,
    bindsWhenReached: true,
    targetDbA: 85,
    highestDbA: 140,
    source: euNoise,
  },
}

/** Share of the label that is kept, by kind. Source: `protectorByKind`. */
const KEPT: Readonly<Record<ProtectorKindId, number>> = { 'muff': 0.75, 'formable-plug': 0.5, 'plug': 0.3 }
/** What an A-weighted level leaves of a label made for C-weighted ones, dB. Source: `usProtectorRating`. */
const WEIGHTING_DB = 7
/** Two at once: the better one and so much. Source: `usProtectorRating`. */
const SECOND_DB = 5
/** Under this at the ear nobody hears a call or an alarm, dBA. Source: `protectorTarget`. */
const LEAST_AT_EAR_DBA = 70

/** What protectors take away, dB, never less than nothing. Source: `usProtectorRating`, `protectorByKind`. */
export function attenuationDb(protectors: readonly HearingProtector[], derate: DeratingId): number {
  const one = ({ nrrDb, kind }: HearingProtector): number => {
    if (derate === 'by-kind') return nrrDb * KEPT[kind ?? 'plug'] - WEIGHTING_DB
    return (nrrDb - WEIGHTING_DB) / (derate === 'half' ? 2 : 1)
  }
  if (protectors.length === 0) return 0
  return Math.max(0, Math.max(...protectors.map(one)) + (protectors.length > 1 ? SECOND_DB : 0))
}

/**
 * The noise of a day by a rule: D = 100·Σ C/T with T = 8 h/2^((L − criterion)/exchange), and the steady level that would give the same
 * dose in eight hours. What is louder counts more; what is quieter than the rule's threshold counts nothing.
 * Source: `usNoiseDose`, `usNoiseRecommended`, `euNoise`.
 *
 * @example 4 h at 95 and 4 h at 85 dBA by US hearing conservation: a dose of 125 %, an average of 91.6 dBA
 */
export function noiseDay({ spans, rule, protectors = [], derate }: NoiseQuestion): NoiseDay {
  const { criterionDbA, exchangeDb, thresholdDbA, actionDbA, limitDbA, bindsWhenReached, targetDbA, highestDbA, source } = RULES[rule]
  const findings: Finding[] = []
  const loudest = Math.max(0, ...spans.filter(({ hours }) => hours > 0).map(({ levelDbA }) => levelDbA))
  if (loudest > highestDbA) findings.push(finding('hold', 'noise.level-too-high', { levelDbA: loudest, highestDbA }, [source]))
  const dosePercent = spans
    .filter(({ levelDbA }) => levelDbA >= thresholdDbA)
    .reduce((sum, { levelDbA, hours }) => sum + 100 * hours / 8 * 2 ** ((levelDbA - criterionDbA) / exchangeDb), 0)
  const twaDbA = dosePercent === 0 ? null : criterionDbA + exchangeDb * Math.log2(dosePercent / 100)
  if (twaDbA === null) {
    findings.push(finding('note', 'noise.nothing-counts', { rule, thresholdDbA }, [source]))
    return { dosePercent, twaDbA, findings }
  }

  const isOverLimit = twaDbA > limitDbA + (bindsWhenReached ? -1e-9 : 1e-9)
  const isOverAction = twaDbA >= actionDbA - 1e-9
  const taken = derate ?? 'half'
  const protectedDbA = protectors.length === 0 ? null : twaDbA - attenuationDb(protectors, taken)
  // The limit is of a bare ear: who is protected down to what is asked goes on, and it is still said.
  const isSpared = protectedDbA !== null && protectedDbA <= targetDbA
  findings.push(isOverLimit
    ? finding(isSpared ? 'caution' : 'hold', 'noise.over-limit', { rule, twaDbA, limitDbA }, [source])
    : isOverAction
      ? finding('caution', 'noise.over-action', { rule, twaDbA, actionDbA }, [source])
      : finding('note', 'noise.under-action', { rule, twaDbA }, [source]))
  if (protectedDbA === null) {
    if (isOverLimit) findings.push(finding('hold', 'noise.protection-missing', { twaDbA }, [source]))
    return { dosePercent, twaDbA, findings }
  }
  if (derate === undefined) findings.push(finding('note', 'noise.derate-assumed', { derate: taken }, [usProtectorRating]))
  if (taken === 'by-kind' && protectors.some(({ kind }) => kind === undefined))
    findings.push(finding('note', 'noise.kind-assumed', { keptPercent: 30 }, [protectorByKind]))
  if (rule === 'eu') findings.push(finding('caution', 'noise.nrr-in-europe', {}, [protectorTarget]))
  const cited = [taken === 'by-kind' ? protectorByKind : usProtectorRating]
  findings.push(isSpared
    ? finding('note', 'noise.protected', { protectedDbA, targetDbA }, cited)
    : finding('hold', 'noise.protector-too-weak', { protectedDbA, targetDbA }, cited))
  if (protectedDbA < LEAST_AT_EAR_DBA)
    findings.push(finding('caution', 'noise.hears-nothing', { protectedDbA, leastDbA: LEAST_AT_EAR_DBA }, [protectorTarget]))
  return { dosePercent, twaDbA, protectedDbA, findings }
}
