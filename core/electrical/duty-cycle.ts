import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'

export interface DutyCycle {
  /** Share of ten minutes the arc may burn, %, at most 100; rounded nowhere. */
  readonly dutyPercent: number
  readonly minutesInTen: number
  readonly restMinutesInTen: number
  readonly findings: readonly Finding[]
}

/**
 * Duty cycle of a machine at another current than its rating: its heat goes with the square of the current,
 * D₂ = D₁·(I₁/I₂)². Above the rating it is shorter, below longer, never past 100 %. Source: `dutyCycle`.
 *
 * @example dutyCycleAt({ ratedCurrentA: 200, ratedDutyPercent: 60, currentA: 250 }).dutyPercent // 38.4
 */
export function dutyCycleAt({
  ratedCurrentA,
  ratedDutyPercent,
  currentA,
}: {
  readonly ratedCurrentA: number
  readonly ratedDutyPercent: number
  readonly currentA: number
}): DutyCycle {
  const dutyPercent = Math.min(100, ratedDutyPercent * (ratedCurrentA / currentA) ** 2)
  const minutesInTen = dutyPercent / 10
  const findings: Finding[] = [
    finding('note', 'electrical.duty', { currentA, dutyPercent, minutes: minutesInTen }, ['dutyCycle']),
  ]
  if (currentA > ratedCurrentA)
    findings.unshift(finding('caution', 'electrical.over-rating', { currentA, ratedCurrentA }, ['dutyCycle']))
  return { dutyPercent, minutesInTen, restMinutesInTen: 10 - minutesInTen, findings }
}
