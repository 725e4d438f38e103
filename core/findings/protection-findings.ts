import type { GarmentConditionId, GarmentFactId, GarmentId } from '../ids/garment-ids'
import type { RequirementId } from '../ids/ppe-ids'
import type { DeratingId, NoiseRuleId } from '../ids/protection-ids'
import type { ProcessId, ZoneId } from '../ids/vocabulary'

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

/** What somebody has on, zone by zone. */
export interface GarmentFindings {
  'garment.nothing-worn': { zone: ZoneId, requirement: RequirementId }
  'garment.not-for-this': { item: GarmentId, requirement: RequirementId }
  'garment.material-unknown': { item: GarmentId, percent: number }
  'garment.melts': { item: GarmentId, percent: number }
  'garment.melts-a-little': { item: GarmentId, percent: number }
  'garment.material-too-light': { item: GarmentId, requirement: RequirementId }
  'garment.chars': { item: GarmentId }
  'garment.not-looked-at': { item: GarmentId }
  'garment.condition': { item: GarmentId, condition: GarmentConditionId }
  'garment.fact-unknown': { item: GarmentId, fact: GarmentFactId }
  'garment.fact-wrong': { item: GarmentId, fact: GarmentFactId }
  'garment.tinted': Record<never, never>
  'garment.noise-decides': Record<never, never>
  'garment.label-unread': { item: GarmentId, twaDbA: number, targetDbA: number, nrrDb: number | null }
  'garment.protector-too-weak': { protectedDbA: number, twaDbA: number, targetDbA: number, nrrDb: number | null }
  'garment.base-layer-not-told': Record<never, never>
  'garment.air-decides': Record<never, never>
  'garment.laser-decides': Record<never, never>
  'garment.passes': { item: GarmentId, requirement: RequirementId }
}

/** A helmet of the rack for a job and a person. */
export interface HelmetFindings {
  'helmet.shade-not-known': Record<never, never>
  'helmet.no-shade-needed': Record<never, never>
  'helmet.too-light': { darkest: number, minimum: number }
  'helmet.gap': { below: number | null, above: number, minimum: number, start: number }
  'helmet.lighter-than-start': { shade: number, start: number }
  'helmet.set-to': { shade: number }
  'helmet.set-right': { shade: number }
  'helmet.set-between-jobs': { shade: number }
  'helmet.set-unknown': { shade: number }
  'helmet.flash-too-long': { flashS: number, allowedS: number, switchingMs: number }
  'helmet.flash-unknown': Record<never, never>
  'helmet.battery-flat': Record<never, never>
  'helmet.battery-to-see-to': Record<never, never>
  'helmet.plates-to-see-to': Record<never, never>
  'helmet.check-failed': Record<never, never>
  'helmet.check-due': Record<never, never>
  'helmet.one-darker': { start: number }
  'helmet.settled': { shade: number }
  'helmet.jobs-differ': { lightest: number, darkest: number }
}

export interface ProtectionFindings
  extends
  HelmetFindings,
  LaserFindings,
  BystanderFindings,
  NoiseFindings,
  HeatFindings,
  GarmentFindings {}
