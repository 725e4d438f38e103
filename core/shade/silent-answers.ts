import { finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import type { ProcessId, ShadeRuleSetId } from '../ids/vocabulary'
import type { RuleSetAnswer } from './shade-question'
import { ruleSetRow } from './band-table'
import type { ShadeInput } from '../ids/shade-ids'

/** The rule set has rows for the process but cannot be read: the question lacks a quantity. */
export const lacksInput = (ruleSet: ShadeRuleSetId, process: ProcessId, input: ShadeInput, source: SourceId): RuleSetAnswer =>
  ruleSetRow(ruleSet, null, null, source, [finding('hold', 'shade.input-missing', { process, input }, [source])])

/** The current lies beyond the last row printed: a hold, never an extrapolation. */
export const beyondCurrent = (
  ruleSet: ShadeRuleSetId,
  process: ProcessId,
  currentA: number,
  tableEndsA: number,
  source: SourceId,
): RuleSetAnswer =>
  ruleSetRow(ruleSet, null, null, source, [
    finding('hold', 'shade.current-beyond-table', { process, currentA, tableEndsA, ruleSet }, [source]),
  ])

/** The gas flow lies beyond the last row printed. */
export const beyondFlow = (
  ruleSet: ShadeRuleSetId,
  process: ProcessId,
  flowLPerH: number,
  tableEndsLPerH: number,
  source: SourceId,
): RuleSetAnswer =>
  ruleSetRow(ruleSet, null, null, source, [
    finding('hold', 'shade.flow-beyond-table', { process, flowLPerH, tableEndsLPerH, ruleSet }, [source]),
  ])

/** The rule set prints nothing for the process. */
export const noRow = (ruleSet: ShadeRuleSetId, process: ProcessId, source: SourceId): RuleSetAnswer =>
  ruleSetRow(ruleSet, null, null, source, [finding('note', 'shade.no-row', { process, ruleSet }, [source])])
