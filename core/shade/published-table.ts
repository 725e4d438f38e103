import { finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import type { ProcessId, ShadeRuleSetId } from '../ids/vocabulary'
import type { RuleSetAnswer, ShadeQuestion } from './shade-question'
import type { BandTable } from './band-table'
import { above, bandIndex, ruleSetRow } from './band-table'
import { beyondCurrent, lacksInput, noRow } from './silent-answers'

/** A published table as a whole: rows by current (A), rows by plate thickness (mm), and processes with one number. */
export interface PublishedTable {
  readonly ruleSet: ShadeRuleSetId
  readonly source: SourceId
  readonly byCurrent: Partial<Record<ProcessId, BandTable>>
  readonly byThickness: Partial<Record<ProcessId, BandTable>>
  readonly always: Partial<Record<ProcessId, RuleSetAnswer>>
}

/**
 * Covered electrodes are printed with a size beside each current. Sizes in mm, as the lower end of their row:
 * under 3/32 in; 3/32 to 5/32; 5/32 to 1/4; over 1/4. Metric nominal sizes (2.4, 4.0, 6.4) read as their inch twins,
 * and a size printed in two rows belongs to the darker.
 */
const ELECTRODE_ROW_FROM_MM = [0, 2.38, 3.96, above(6.4)] as const

/** The row of the covered-electrode table that a rod of this diameter (mm) is printed in, from 0. */
export function electrodeRow(diameterMm: number): number {
  let row = 0
  while (row + 1 < ELECTRODE_ROW_FROM_MM.length && diameterMm >= ELECTRODE_ROW_FROM_MM[row + 1]!) row++
  return row
}

const withCaution = ({ ruleSet, minimum, suggested, source, notes }: RuleSetAnswer, caution: RuleSetAnswer['notes'][number]) =>
  ruleSetRow(ruleSet, minimum, suggested, source, [...notes, caution])

/** The electrode's size decides when the current is unknown, or when it sits in a darker row than the current. */
function readByCurrent(
  { ruleSet, source }: PublishedTable,
  table: BandTable,
  question: ShadeQuestion,
  currentA: number | undefined,
): RuleSetAnswer {
  const { process, electrodeDiameterMm } = question
  const bySize = process === 'smaw' && electrodeDiameterMm !== undefined ? electrodeRow(electrodeDiameterMm) : -1
  if (currentA === undefined) {
    if (bySize < 0) return lacksInput(ruleSet, process, 'currentA', source)
    return withCaution(
      table.bands[bySize]!.answer,
      finding('caution', 'shade.electrode-only', { process, electrodeDiameterMm: electrodeDiameterMm! }, [source]),
    )
  }
  const byCurrent = bandIndex(table, currentA)
  if (byCurrent < 0) return beyondCurrent(ruleSet, process, currentA, table.ends, source)
  if (bySize <= byCurrent) return table.bands[byCurrent]!.answer
  const { answer } = table.bands[bySize]!
  return withCaution(
    answer,
    finding(
      'caution',
      'shade.electrode-decides',
      { process, electrodeDiameterMm: electrodeDiameterMm!, currentA, shade: answer.minimum! },
      [source],
    ),
  )
}

/** The rows by plate thickness, or undefined where the table has none for the process. */
export function readByThickness(
  { ruleSet, source, byThickness }: PublishedTable,
  { process, plateThicknessMm }: ShadeQuestion,
): RuleSetAnswer | undefined {
  const table = byThickness[process]
  if (!table) return undefined
  if (plateThicknessMm === undefined) return lacksInput(ruleSet, process, 'plateThicknessMm', source)
  return table.bands[bandIndex(table, plateThicknessMm)]!.answer
}

/** Reads a published table; a process without a row answers null with a note. */
export function readPublished(published: PublishedTable, question: ShadeQuestion, currentA: number | undefined): RuleSetAnswer {
  const table = published.byCurrent[question.process]
  if (table) return readByCurrent(published, table, question, currentA)
  return (
    readByThickness(published, question)
    ?? published.always[question.process]
    ?? noRow(published.ruleSet, question.process, published.source)
  )
}
