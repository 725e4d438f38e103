import type { FilterFaultId, InTheCell, LaserCheckId, LaserFilterId } from '../ids/laser-ids'
import type { EquipmentKindId, GateId, ProcessId, ShadeRuleSetId, ShieldingGasId, ZoneId } from '../ids/vocabulary'
import type { GasNeedId } from '../ids/cylinder-ids'
import type { GlassesKind, HelmetFault } from '../ids/station-ids'
import type { RequirementId } from '../ids/ppe-ids'

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
  'eyes.helmet-range-unknown': { tag: string }
  'eyes.helmet-range-lighter': { tag: string, darkest: number, minimum: number, ruleSet: ShadeRuleSetId }
  'eyes.prescription': Record<string, never>
  /** What of it they bear in a day, a share of as many arcs as burn in sight; left out in what was recorded before they were counted. */
  'eyes.sight-open': { bay: string, distanceM: number | null, safeS: number | null, arcs?: number }
  'eyes.sight-unsaid': { bay: string, distanceM: number | null, safeS: number | null, arcs?: number }
  'eyes.sight-open-alone': Record<never, never>
  'eyes.helper-unseen': { name: string }
  'eyes.helper-lighter': { name: string, shade: number | null, minimum: number, ruleSet: ShadeRuleSetId }
  'eyes.helper-glasses': { name: string, kind: GlassesKind }
  'eyes.walls-throw-back': { walls: 'pale' | 'shiny' }
  'eyes.start-settled': { start: number }
  'eyes.start-darker': { start: number }
  'eyes.helmet-set-unsaid': { tag: string, minimum: number }
  'eyes.which-helmet': { tags: readonly string[], count: number }
  'eyes.set-helmet-to': { tag: string, shade: number }
  'eyes.tint-explains': { helmet: number, added: number, effective: number }
}

/** Codes of the Body gate. */
export interface BodyFindings {
  'eyes.laser-cell-to-check': Record<string, never>
  'eyes.laser-check-fails': { check: LaserCheckId }
  'eyes.laser-checks-unsaid': { checks: readonly LaserCheckId[], count: number }
  'eyes.laser-another': { tag: string, here: readonly string[] }
  'eyes.laser-beam-other': { tag: string }
  'eyes.laser-off-plan': Record<string, never>
  'eyes.laser-aim-untold': Record<string, never>
  'eyes.laser-way-out': { count: number, nearestM: number }
  'eyes.laser-bays-unplaced': { bays: readonly string[], count: number }
  'eyes.laser-bays-in-reach': { bays: readonly string[], count: number }
  'eyes.laser-filter-away': { who: InTheCell, what: LaserFilterId, tag: string }
  'eyes.laser-filter-since': { tag: string }
  'eyes.laser-filter-twice': { tag: string }
  'eyes.laser-filter-unmarked': { who: InTheCell, what: LaserFilterId, tag: string, requiredOd: number, wavelengthNm: number }
  'eyes.laser-nobody-told': Record<string, never>
  'eyes.laser-operator-untold': Record<string, never>
  'eyes.laser-helpers-untold': { count: number }
  'eyes.laser-without': { who: InTheCell, what: LaserFilterId, requiredOd: number, wavelengthNm: number }
  'eyes.laser-filter': {
    who: InTheCell
    what: LaserFilterId
    fault: FilterFaultId
    requiredOd: number
    wavelengthNm: number
    od: number
  }
  'eyes.laser-within': { eyeM: number, skinM: number }
  'body.job-first': Record<string, never>
  'body.zones-to-check': { zones: readonly ZoneId[], count: number }
  'body.garment-fails': { zone: ZoneId, requirement: RequirementId }
  'body.with-caution': { zones: readonly ZoneId[], count: number }
  'body.zone-fails': { zone: ZoneId, requirement: RequirementId }
  'body.noise-of-day': { twaDbA: number, targetDbA: number, nrrDb: number, worn: 'one' | 'muffs' | 'two' }
  'body.too-loud': { twaDbA: number, targetDbA: number }
  'body.heat-not-told': Record<string, never>
  'body.heat-old': { hours: number }
  'body.heat-rest': { effectiveC: number, limitC: number, workMin: number }
  'body.too-hot': { effectiveC: number, limitC: number }
  'body.requirement-changed': { zones: readonly ZoneId[], count: number }
}

/** Codes of the Gas gate. */
export interface GasFindings {
  'gas.none-connected': { need: GasNeedId, shieldingGas: ShieldingGasId | null }
  'gas.not-for-this-job': { tag: string }
  'gas.not-leak-tested': { tag: string }
  'gas.not-read': { tag: string }
  'gas.flow-unknown': { need: GasNeedId }
  'gas.time-unknown': Record<string, never>
  'gas.full-unknown': { tag: string }
  'gas.not-enough': { need: GasNeedId, leftM3: number, neededM3: number }
  'gas.enough': { need: GasNeedId, leftM3: number, neededM3: number }
}

/** Codes of the Machine gate. */
export interface MachineFindings {
  'machine.rating-unknown': { tag: string }
  'machine.current-unknown': Record<string, never>
  'machine.cable-unknown': { tag: string }
  'machine.over-maximum': { tag: string, currentA: number, maxCurrentA: number }
}

/** Codes of the station as a whole. */
export interface StationFindings {
  'station.unheard': { sinceIso: string }
  'station.stopped': { reason: string | null, at: string }
  'gate.job-first': { gate: GateId }
  'gate.facts-stale': { tag: string }
  'gate.item-missing': { kind: EquipmentKindId, needed: number, here: number }
  'gate.not-needed': { gate: GateId, process: ProcessId }
}
