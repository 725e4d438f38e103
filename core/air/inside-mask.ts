import type { DayAir, MaskWorn } from '../exposure/day-air'
import type { ExposureJudgement, MeasuredAverages } from '../exposure/judge-exposure'
import { judgeExposure, limitsKey } from '../exposure/judge-exposure'
import type { WorkPattern } from '../exposure/long-shift'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import { keptWith } from '../kept'
import type { OffTooLong } from '../respirator/judge-respirator'
import type { Respirator } from '../respirator/respirators'
import type { HouseRules } from '../streams/house-rules/house-rules'
import type { PersonDay } from './person-day'

/** What a day inside a mask is judged by, besides the day. */
export interface InsideRules {
  readonly inForce: readonly ExposureRuleSetId[]
  readonly rules: HouseRules
  readonly work: WorkPattern
  readonly averages: MeasuredAverages
}

/**
 * Judges what is breathed inside a mask that is off for a part of the work, and between jobs: the largest fraction that binds. In immediate
 * danger nobody takes it off. Of a measured average the same share passes as of the modelled one.
 *
 * @returns for a mask with a factor
 */
export function insideMask(
  { air }: PersonDay,
  { overIdlh }: Pick<ExposureJudgement, 'overIdlh'>,
  { inForce, rules, work, averages }: InsideRules,
): (mask: Respirator) => OffTooLong {
  const wornShare = overIdlh.length > 0 ? 1 : rules.maskWornShare
  const limits = limitsKey(inForce, rules.actionFraction, work, averages)
  const fractionIn = (mask: MaskWorn): number => {
    const inside = air.inside(mask)
    const passed = [...averages].map(([substance, mgPerM3]): [SubstanceId, number | null] => {
      const outside = air.breathed[substance]?.twa.high ?? 0
      return [substance, mgPerM3 === null || outside === 0 ? mgPerM3 : mgPerM3 * inside.breathed[substance]!.twa.high / outside]
    })
    return judgeExposure(inside, inForce, rules.actionFraction, work, new Map(passed)).fraction ?? 0
  }
  return ({ apf, isSupplied }) => {
    const fraction = fractions(air, `${apf} ${isSupplied} ${wornShare} ${limits}`, () => fractionIn({ apf: apf!, isSupplied, wornShare }))
    return { fraction, wornPercent: Math.round(wornShare * 100) }
  }
}

/** What is inside a mask is as large as what is outside: of it only the answer is kept. */
const fractions = keptWith<DayAir, number>(16)

/** What is breathed inside a mask, where it is over the fraction that is acted at; null where that is kept. What is no number is over. */
export const tooMuch = (inside: OffTooLong, actionFraction: number): OffTooLong | null =>
  inside.fraction <= actionFraction ? null : inside
