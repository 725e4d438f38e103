import type { ProcessId, ShadeRuleSetId } from '../ids/vocabulary'
import type { ShadeInput } from '../ids/shade-ids'

/** Codes of the shade area, with the values they carry. */
export interface ShadeFindings {
  'shade.input-missing': { process: ProcessId, input: ShadeInput }
  'shade.current-beyond-table': { process: ProcessId, currentA: number, tableEndsA: number, ruleSet: ShadeRuleSetId }
  'shade.flow-beyond-table': { process: ProcessId, flowLPerH: number, tableEndsLPerH: number, ruleSet: ShadeRuleSetId }
  'shade.below-table': { process: ProcessId, ruleSet: ShadeRuleSetId }
  'shade.no-row': { process: ProcessId, ruleSet: ShadeRuleSetId }
  'shade.no-minimum-printed': { process: ProcessId, ruleSet: ShadeRuleSetId }
  'shade.row-not-shipped': { process: ProcessId, ruleSet: ShadeRuleSetId }
  'shade.no-rule-set-answers': { process: ProcessId }
  'shade.laser-not-a-shade': { process: ProcessId }
  'shade.clear-glasses-only': { process: ProcessId }
  'shade.buried-arc-flash': { process: ProcessId }
  'shade.older-edition': { ruleSet: ShadeRuleSetId }
  'shade.electrode-decides': { process: ProcessId, electrodeDiameterMm: number, currentA: number, shade: number }
  'shade.electrode-only': { process: ProcessId, electrodeDiameterMm: number }
  'shade.construction-size-unknown': { process: ProcessId, shade: number }
  'shade.construction-nearest-row': { process: ProcessId }
  'shade.visible-arc': { process: ProcessId }
  'shade.sodium-light': { process: ProcessId }
  'shade.house-not-for-process': { process: ProcessId }
  'shade.no-house-minimum': { process: ProcessId }
  'shade.law-silent': { process: ProcessId, ruleSet: ShadeRuleSetId }
  'shade.strictest-assumed': { ruleSet: ShadeRuleSetId }
  'shade.start-darkest': { shade: number, minimum: number }
  'shade.worn-lighter': { worn: number, minimum: number, ruleSet: ShadeRuleSetId }
  'shade.worn-below-start': { worn: number, start: number }
  'shade.tint-not-counted': { worn: number, effective: number }
}
