import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'

/** Copper at 20 °C, Ω·mm²/m, and its rise per kelvin. Source: `copper`. */
const RESISTIVITY = 0.017241
const PER_KELVIN = 0.00393
/** A working cable, where nobody says how warm it is. */
const USUAL_TEMPERATURE_C = 75
/** Source: `cableDrop`. */
const DROP_LIMIT_V = 4

/** Current at 100 % duty by cross-section, A; at other duties I ∝ 1/√D, as the printed columns do within 2 %. Source: `weldingCable`. */
const CARRIES_A: readonly (readonly [areaMm2: number, currentA: number])[] = [[25, 180], [35, 225], [50, 285], [70, 355], [95, 430]]

/**
 * Highest current of a rubber welding cable, A; null below the smallest printed section. Between sections the smaller one
 * counts, above the largest the largest. Source: `weldingCable`.
 */
export function cableCarriesA(areaMm2: number, dutyPercent: number): number | null {
  const row = CARRIES_A.findLast(([area]) => area <= areaMm2 + 1e-9)
  return row ? row[1] / Math.sqrt(Math.min(100, dutyPercent) / 100) : null
}

export interface CableQuestion {
  readonly currentA: number
  /** Lead and return together. */
  readonly loopLengthM: number
  readonly areaMm2: number
  readonly conductorTemperatureC?: number
  readonly dutyPercent?: number
}

export interface Cable {
  readonly dropV: number
  /** Heat in the cable on average over the duty, W; with no duty given, while the arc burns. */
  readonly powerLossW: number
  readonly resistanceOhm: number
  readonly allowedA: number | null
  readonly findings: readonly Finding[]
}

/**
 * What a welding cable loses, and whether it bears the current: R = ρ₂₀·(1 + α·(T − 20))·L/A, ΔU = I·R, P = I²·R·D.
 * Source: `copper`, `weldingCable`, `cableDrop`.
 *
 * @example weldingCable({ currentA: 100, loopLengthM: 100, areaMm2: 50, conductorTemperatureC: 75 }).dropV // 4.19
 */
export function weldingCable({ currentA, loopLengthM, areaMm2, conductorTemperatureC, dutyPercent }: CableQuestion): Cable {
  const resistanceOhm = RESISTIVITY * (1 + PER_KELVIN * ((conductorTemperatureC ?? USUAL_TEMPERATURE_C) - 20)) * loopLengthM / areaMm2
  const dropV = currentA * resistanceOhm
  // Without a duty the arc counts as burning all the time.
  const duty = dutyPercent ?? 100
  const allowedA = cableCarriesA(areaMm2, duty)
  const findings: Finding[] = []
  if (allowedA === null) findings.push(finding('hold', 'electrical.cable-off-table', { areaMm2 }, ['weldingCable']))
  else if (currentA > allowedA)
    findings.push(
      finding('hold', 'electrical.cable-too-small', { currentA, allowedA, areaMm2, dutyPercent: duty }, ['weldingCable']),
    )
  else findings.push(finding('note', 'electrical.cable-carries', { allowedA, areaMm2, dutyPercent: duty }, ['weldingCable']))
  if (dropV > DROP_LIMIT_V)
    findings.push(finding('caution', 'electrical.drop-high', { dropV, limitV: DROP_LIMIT_V }, ['cableDrop']))
  if (dutyPercent === undefined) findings.push(finding('note', 'electrical.duty-assumed', { dutyPercent: 100 }))
  if (conductorTemperatureC === undefined)
    findings.push(finding('note', 'electrical.temperature-assumed', { temperatureC: USUAL_TEMPERATURE_C }))
  return { dropV, powerLossW: currentA * dropV * duty / 100, resistanceOhm, allowedA, findings }
}
