import type { Finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import { finding } from '../findings/finding'
import type { DeratingId, NoiseRuleId } from '../ids/protection-ids'
import { NOISE_RULES_BY_ID, noiseDose } from './noise-rules'
import type { NoiseSpan } from './noise-rules'
import { attenuationDb } from './protectors'
import type { HearingProtector } from './protectors'

export const NOISE_LIMITS = {
  levelDbA: { min: 0, max: 160 },
  hours: { min: 0, max: 24 },
  nrrDb: { min: 0, max: 40 },
} as const

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

/** Under this at the ear nobody hears a call or an alarm, dBA. Source: `protectorTarget`. */
const LEAST_AT_EAR_DBA = 70

/**
 * The noise of a day by a rule, what the rule asks for then, and what protectors leave of it.
 *
 * @example 4 h at 95 and 4 h at 85 dBA by US hearing conservation: a dose of 125 %, an average of 91.6 dBA
 */
export function noiseDay({ spans, rule, protectors = [], derate }: NoiseQuestion): NoiseDay {
  const { thresholdDbA, actionDbA, limitDbA, bindsWhenReached, targetDbA, highestDbA, source } = NOISE_RULES_BY_ID[rule]
  const findings: Finding[] = []
  const loudest = Math.max(0, ...spans.filter(({ hours }) => hours > 0).map(({ levelDbA }) => levelDbA))
  if (loudest > highestDbA) findings.push(finding('hold', 'noise.level-too-high', { levelDbA: loudest, highestDbA }, [source]))
  const { dosePercent, twaDbA } = noiseDose(spans, rule)
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
  if (derate === undefined) findings.push(finding('note', 'noise.derate-assumed', { derate: taken }, ['usProtectorRating']))
  if (taken === 'by-kind' && protectors.some(({ kind }) => kind === undefined))
    findings.push(finding('note', 'noise.kind-assumed', { keptPercent: 30 }, ['protectorByKind']))
  if (rule === 'eu') findings.push(finding('caution', 'noise.nrr-in-europe', {}, ['protectorTarget']))
  const cited: readonly SourceId[] = [taken === 'by-kind' ? 'protectorByKind' : 'usProtectorRating']
  findings.push(isSpared
    ? finding('note', 'noise.protected', { protectedDbA, targetDbA }, cited)
    : finding('hold', 'noise.protector-too-weak', { protectedDbA, targetDbA }, cited))
  if (protectedDbA < LEAST_AT_EAR_DBA)
    findings.push(finding('caution', 'noise.hears-nothing', { protectedDbA, leastDbA: LEAST_AT_EAR_DBA }, ['protectorTarget']))
  return { dosePercent, twaDbA, protectedDbA, findings }
}
