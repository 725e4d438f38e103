import type { GateId, ProcessId, ShadeRuleSetId, ZoneId } from '../vocabulary/vocabulary'
import type { GlassesKind, HelmetFault } from '../station/station'
import type { RequirementId } from '../ppe/required-outfit'

/** Codes of the Eyes gate. */
export interface EyesFindings {
  'eyes.job-first': Record<string, never>
  'eyes.helmet-not-set': { minimum: number, start: number }
  'eyes.helmet-lighter': { helmet: number, minimum: number, ruleSet: ShadeRuleSetId }
  'eyes.helmet-below-start': { helmet: number, start: number }
  'eyes.helmet-not-checked': Record<string, never>
  'eyes.helmet-fault': { fault: HelmetFault | 'unnamed' }
  'eyes.glasses-not-checked': { process: ProcessId }
  'eyes.glasses-wrong': { kind: GlassesKind }
  'eyes.tint-explains': { helmet: number, added: number, effective: number }
}

/** Codes of the Body gate. */
export interface BodyFindings {
  'body.job-first': Record<string, never>
  'body.zones-to-check': { zones: readonly ZoneId[], count: number }
  'body.zone-fails': { zone: ZoneId, requirement: RequirementId }
  'body.requirement-changed': { zones: readonly ZoneId[], count: number }
}

/** Codes of the station as a whole. */
export interface StationFindings {
  'station.stopped': { reason: string | null, at: string }
  'gate.not-judged-yet': { gate: GateId }
  'gate.not-needed': { gate: GateId, process: ProcessId }
}
