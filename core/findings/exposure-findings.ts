import type { ExposureRuleSetId, MaskId, SubstanceId } from '../ids/vocabulary'
import type { LimitKind, MixtureGroupId } from '../ids/exposure-ids'

/** Codes of the exposure area. */
export interface ExposureFindings {
  'exposure.over': {
    substance: SubstanceId
    ruleSet: ExposureRuleSetId
    kind: LimitKind
    mgPerM3: number
    limitMgPerM3: number
    fraction: number
    actionFraction: number
  }
  'exposure.under': { substance: SubstanceId, ruleSet: ExposureRuleSetId, kind: LimitKind, fraction: number, actionFraction: number }
  /** Left out, the sum of a shift. */
  'exposure.mixture-over': {
    group: MixtureGroupId
    ruleSet: ExposureRuleSetId
    fraction: number
    actionFraction: number
    span?: 'short-time'
  }
  'exposure.no-limit-for-fume': { ruleSets: readonly ExposureRuleSetId[] }
  'exposure.carcinogen': Record<string, never>
  'exposure.long-shift': { shiftHours: number, weekHours: number, factor: number }
  'exposure.strictest-assumed': Record<string, never>
  'exposure.limit-borrowed': { substance: SubstanceId, ruleSet: ExposureRuleSetId }
  'exposure.no-limit-known': { substance: SubstanceId }
  'exposure.near-field-assumed': { radiusM: number, airSpeedMPerS: number }
  'exposure.advises-only': Record<string, never>
  'respirator.needed': { apf: number, masks: readonly MaskId[] }
  'respirator.none-enough': { apf: number }
  'respirator.gas-not-filtered': { substances: readonly SubstanceId[] }
  'respirator.dust-mask': Record<string, never>
  'respirator.not-enough': { mask: MaskId, apf: number, neededApf: number }
  'respirator.enough': { mask: MaskId, apf: number, neededApf: number }
  /** Of what is allowed, breathed with this mask off for the rest of the work and between jobs. */
  'respirator.off-too-long': { mask: MaskId, apf: number, wornPercent: number, fraction: number }
  'respirator.wearer-unknown': Record<string, never>
  'respirator.wearer-not-ready': Record<string, never>
  'respirator.not-shaven': Record<string, never>
  'respirator.shave-not-checked': Record<string, never>
  'respirator.oxygen-lack': Record<string, never>
  'respirator.immediate-danger': { substances: readonly SubstanceId[] }
  'respirator.high-efficiency': { substances: readonly SubstanceId[] }
  'respirator.highest-for-unknown': { mask: MaskId }
  'respirator.not-in-register': { mask: MaskId }
}
