import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { WithdrawalRuleSetId } from '../ids/vocabulary'

const WITHDRAWAL_PARTS: Readonly<Record<WithdrawalRuleSetId, number>> = { 'one-seventh': 7, 'one-tenth': 10, 'one-fifteenth': 15 }
export const DUTIES = ['intermittent', 'continuous'] as const
export type DutyKind = typeof DUTIES[number]

/** The rule a duty is judged by when nobody asks for another. Source: `acetyleneWithdrawal`. */
export const withdrawalRuleFor = (duty: DutyKind): WithdrawalRuleSetId => duty === 'continuous' ? 'one-fifteenth' : 'one-tenth'

/** Demand on cylinders of acetylene that are all alike. */
export interface WithdrawalQuestion {
  /** Of one cylinder when full, free gas. */
  readonly contentM3: number
  readonly demandM3PerH: number
  readonly duty: DutyKind
  readonly ruleSet?: WithdrawalRuleSetId
}

export interface Withdrawal {
  readonly ruleSet: WithdrawalRuleSetId
  /** Of one cylinder. */
  readonly limitM3PerH: number
  readonly cylindersNeeded: number
  readonly findings: readonly Finding[]
}

const needed = (demand: number, limit: number): number => Math.max(1, Math.ceil(demand / limit - 1e-9))

/**
 * How fast acetylene may be drawn, and how many cylinders that makes: drawn faster, the solvent cools and comes along,
 * a heating head starves and flashes back. N = ⌈q/(C·f)⌉. A seventh is the older printing: only on request, and it says so.
 * Source: `acetyleneWithdrawal`, `acetyleneWithdrawalOld`.
 *
 * @example withdrawal({ contentM3: 9.345, demandM3PerH: 2.265, duty: 'continuous' }).cylindersNeeded // 4
 */
export function withdrawal({ contentM3, demandM3PerH, duty, ruleSet = withdrawalRuleFor(duty) }: WithdrawalQuestion): Withdrawal {
  const limitM3PerH = contentM3 / WITHDRAWAL_PARTS[ruleSet]
  const cylindersNeeded = needed(demandM3PerH, limitM3PerH)
  const source = ruleSet === 'one-seventh' ? 'acetyleneWithdrawalOld' : 'acetyleneWithdrawal'
  const findings: Finding[] = cylindersNeeded > 1
    ? [finding('hold', 'acetylene.draw-too-fast', { demandM3PerH, limitM3PerH, cylinders: cylindersNeeded, ruleSet }, [source])]
    : [finding('note', 'acetylene.draw-allowed', { demandM3PerH, limitM3PerH, ruleSet }, [source])]
  // A rule looser than the duty's own is a school, not a free choice.
  const current = needed(demandM3PerH, contentM3 / WITHDRAWAL_PARTS[withdrawalRuleFor(duty)])
  if (WITHDRAWAL_PARTS[ruleSet] < WITHDRAWAL_PARTS[withdrawalRuleFor(duty)])
    findings.push(
      finding('caution', 'acetylene.old-rule', { cylinders: cylindersNeeded, currentCylinders: current }, [
        'acetyleneWithdrawal',
      ]),
    )
  return { ruleSet, limitM3PerH, cylindersNeeded, findings }
}
