import type { DeratingId, NoiseRuleId } from '../ids/protection-ids'
import type { ProcessId } from '../ids/vocabulary'

/** Light of a laser: what the beam does, and whether eyewear answers. */
export interface LaserFindings {
  'laser.ten-seconds-count': { exposureS: number, countedS: number }
  'laser.taken-as-1e': { factor: number }
  'laser.converted': { divergenceMrad: number, beamDiameterMm: number | null }
  'laser.diameter-unknown': Record<never, never>
  'laser.nobody-within': { eyeM: number, skinM: number }
  'laser.diffuse-within': { eyeM: number, reflectance: number }
  'laser.eyewear-not-given': { requiredOd: number, wavelengthNm: number }
  'laser.eyewear-too-light': { od: number, requiredOd: number, wavelengthNm: number }
  'laser.damage-rating-unknown': { irradianceWPerM2: number | null }
  'laser.damage-rating-too-low': { rating: number, needed: number, irradianceWPerM2: number }
  'laser.damage-cannot-be-said': Record<never, never>
  'laser.eyewear-answers': { od: number, requiredOd: number, wavelengthNm: number }
}

/** An arc that somebody else sees. */
export interface BystanderFindings {
  'bystander.no-envelope': { process: ProcessId }
  'bystander.not-measured': { process: ProcessId, atOneMetreWPerM2: number }
  'bystander.metal-unknown': { atOneMetreWPerM2: number }
  'bystander.envelope': { atOneMetreWPerM2: number }
  'bystander.walls-unknown': Record<never, never>
  'bystander.input-missing': Record<never, never>
  'bystander.too-long': { safeS: number, seenS: number, distanceM: number }
  'bystander.within': { safeS: number, seenS: number, distanceM: number }
  'bystander.laser-not-an-arc': Record<never, never>
}

/** A day of noise. */
export interface NoiseFindings {
  'noise.nothing-counts': { rule: NoiseRuleId, thresholdDbA: number }
  'noise.under-action': { rule: NoiseRuleId, twaDbA: number }
  'noise.over-action': { rule: NoiseRuleId, twaDbA: number, actionDbA: number }
  'noise.over-limit': { rule: NoiseRuleId, twaDbA: number, limitDbA: number }
  'noise.level-too-high': { levelDbA: number, highestDbA: number }
  'noise.protection-missing': { twaDbA: number }
  'noise.derate-assumed': { derate: DeratingId }
  'noise.kind-assumed': { keptPercent: number }
  'noise.nrr-in-europe': Record<never, never>
  'noise.protected': { protectedDbA: number, targetDbA: number }
  'noise.protector-too-weak': { protectedDbA: number, targetDbA: number }
  'noise.hears-nothing': { protectedDbA: number, leastDbA: number }
}

/** Heat at work. */
export interface HeatFindings {
  'heat.estimated': { wbgtC: number, isInSun: boolean }
  'heat.clothing-by-school': { addedC: number }
  'heat.within': { effectiveC: number, limitC: number }
  'heat.rest-needed': { effectiveC: number, limitC: number, workMin: number }
  'heat.no-work': { effectiveC: number, limitC: number }
  'heat.not-acclimatised': Record<never, never>
}

export interface ProtectionFindings extends LaserFindings, BystanderFindings, NoiseFindings, HeatFindings {}
