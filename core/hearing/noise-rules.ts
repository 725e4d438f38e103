import type { NoiseRuleId } from '../ids/protection-ids'
import type { SourceId } from '../source/book'

/** A stretch of the day at one level at the ear. */
export interface NoiseSpan { readonly levelDbA: number, readonly hours: number }

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
  readonly source: SourceId
}

const US = { criterionDbA: 90, exchangeDb: 5, actionDbA: 85, limitDbA: 90, targetDbA: 90, highestDbA: 115, source: 'usNoiseDose' } as const
export const NOISE_RULES_BY_ID: Readonly<Record<NoiseRuleId, NoiseRule>> = {
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
    source: 'usNoiseRecommended',
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
    source: 'euNoise',
  },
}

/**
 * The dose of a day by a rule: D = 100·Σ C/T with T = 8 h/2^((L − criterion)/exchange), %, and the steady level that would give the same
 * dose in eight hours, dBA; null where nothing that the rule counts was heard. What is louder counts more; what is quieter than the rule's
 * threshold counts nothing. Source: `usNoiseDose`, `usNoiseRecommended`, `euNoise`.
 */
export function noiseDose(
  spans: readonly NoiseSpan[],
  rule: NoiseRuleId,
): { readonly dosePercent: number, readonly twaDbA: number | null } {
  const { criterionDbA, exchangeDb, thresholdDbA } = NOISE_RULES_BY_ID[rule]
  const dosePercent = spans
    .filter(({ levelDbA }) => levelDbA >= thresholdDbA)
    .reduce((sum, { levelDbA, hours }) => sum + 100 * hours / 8 * 2 ** ((levelDbA - criterionDbA) / exchangeDb), 0)
  return { dosePercent, twaDbA: dosePercent === 0 ? null : criterionDbA + exchangeDb * Math.log2(dosePercent / 100) }
}
