import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { BaseMetalId, ProcessId } from '../ids/vocabulary'
import { PROCESS_TRAITS } from '../job/process-traits'

export const BYSTANDER_LIMITS = {
  effectiveIrradianceAt1mWPerM2: { min: 1e-4, max: 10_000 },
  distanceM: { min: 0.1, max: 1000 },
  arcMinutes: { min: 0, max: 1440 },
} as const

/** Weighted ultraviolet light that an unprotected eye or skin may take in a day of eight hours, J/m². Source: `ultravioletDay`. */
const DAY_J_PER_M2 = 30
const DAY_S = 8 * 3600

/** Upper ends of what was measured at one metre, W/m². They do not fall with the current. Source: `arcEnvelope`. */
const STEEL_W_PER_M2 = 8
const BRIGHTEST_W_PER_M2 = 25
const STICK_W_PER_M2 = 3
/** Nobody published a figure for it that is remembered: it is told, and holds. */
const TUNGSTEN_W_PER_M2 = 3

export interface BystanderQuestion {
  readonly process: ProcessId
  readonly baseMetal?: BaseMetalId
  /** Measured, weighted; otherwise the envelope of what was measured elsewhere counts. */
  readonly effectiveIrradianceAt1mWPerM2?: number
  readonly distanceM?: number
  /** For how long somebody sees the arc burn in a day. */
  readonly arcMinutes?: number
  /** Share of the ultraviolet light that 'wallReflectance' throw back, 0 to 1. */
  readonly wallReflectance?: number
}

export interface Bystander {
  /** At the distance asked about, 'wallReflectance' counted. */
  readonly effectiveIrradianceWPerM2?: number
  /** Unprotected, at that distance, in one day. */
  readonly safeSeconds?: number
  /** Unprotected, for the minutes asked about. */
  readonly safeDistanceM?: number
  readonly findings: readonly Finding[]
}

/** What an arc sends out at one metre, with what has to be said of it; null where nothing is known. */
function atOneMetre({ process, baseMetal, effectiveIrradianceAt1mWPerM2 }: BystanderQuestion): {
  readonly wPerM2: number | null
  readonly findings: readonly Finding[]
} {
  // Whatever was measured: ultraviolet light is the least of what a laser sends.
  if (PROCESS_TRAITS[process].heat === 'laser')
    return { wPerM2: null, findings: [finding('hold', 'bystander.laser-not-an-arc', {}, ['laserDistance'])] }
  if (effectiveIrradianceAt1mWPerM2 !== undefined) return { wPerM2: effectiveIrradianceAt1mWPerM2, findings: [] }
  const envelope = (wPerM2: number) => ({
    wPerM2,
    findings: [finding('note', 'bystander.envelope', { atOneMetreWPerM2: wPerM2 }, ['arcEnvelope'])],
  })
  if (process === 'fcaw-g' || process === 'fcaw-s') return envelope(STEEL_W_PER_M2)
  if (process === 'smaw') return envelope(STICK_W_PER_M2)
  if (process === 'gtaw')
    return {
      wPerM2: TUNGSTEN_W_PER_M2,
      findings: [finding('hold', 'bystander.not-measured', { process, atOneMetreWPerM2: TUNGSTEN_W_PER_M2 }, ['arcEnvelope'])],
    }
  if (process !== 'gmaw') return { wPerM2: null, findings: [finding('hold', 'bystander.no-envelope', { process }, ['arcEnvelope'])] }
  if (baseMetal === 'mild-steel' || baseMetal === 'low-alloy-steel' || baseMetal === 'stainless-steel') return envelope(STEEL_W_PER_M2)
  if (baseMetal === 'aluminium') return envelope(BRIGHTEST_W_PER_M2)
  return {
    wPerM2: BRIGHTEST_W_PER_M2,
    findings: [finding('caution', 'bystander.metal-unknown', { atOneMetreWPerM2: BRIGHTEST_W_PER_M2 }, ['arcEnvelope'])],
  }
}

/**
 * For how long, and from how far, somebody unprotected may see an arc in one day: E(d) = E₁·(1 + ρ)/d², t = 30/E,
 * d = √(E₁·(1 + ρ)·t/30), E weighted for ultraviolet light, t the time in which the arc is seen to burn.
 * Source: `ultravioletDay`, `arcEnvelope`, `wallReflectance`.
 *
 * @example bystander({ process: 'gmaw', effectiveIrradianceAt1mWPerM2: 7.85, distanceM: 10 }).safeSeconds // 382
 */
export function bystander(asked: BystanderQuestion): Bystander {
  const { distanceM, arcMinutes, wallReflectance } = asked
  const { wPerM2, findings: known } = atOneMetre(asked)
  const findings: Finding[] = [...known]
  if (distanceM === undefined && arcMinutes === undefined) findings.push(finding('hold', 'bystander.input-missing', {}))
  if (wPerM2 === null) return { findings }
  if (wallReflectance === undefined) findings.push(finding('caution', 'bystander.walls-unknown', {}, ['wallReflectance']))
  const withWalls = wPerM2 * (1 + (wallReflectance ?? 0))
  const seenS = arcMinutes === undefined ? null : arcMinutes * 60
  const effectiveIrradianceWPerM2 = distanceM === undefined ? null : withWalls / distanceM ** 2
  // The limit is of a day of eight hours: what it would allow beyond that nobody published.
  const safeSeconds = effectiveIrradianceWPerM2 === null ? null : Math.min(DAY_S, DAY_J_PER_M2 / effectiveIrradianceWPerM2)
  if (safeSeconds !== null && seenS !== null && distanceM !== undefined) {
    const said = { safeS: safeSeconds, seenS, distanceM }
    findings.push(seenS > safeSeconds
      ? finding('hold', 'bystander.too-long', said, ['ultravioletDay'])
      : finding('note', 'bystander.within', said, ['ultravioletDay']))
  }
  return {
    ...effectiveIrradianceWPerM2 === null ? {} : { effectiveIrradianceWPerM2 },
    ...safeSeconds === null ? {} : { safeSeconds },
    ...seenS === null ? {} : { safeDistanceM: Math.sqrt(withWalls * seenS / DAY_J_PER_M2) },
    findings,
  }
}
