import type { Finding } from '../findings/finding'
import type { SourceId } from '../source/book'
import type { ShadeRuleSetId } from '../ids/vocabulary'
import type { RuleSetAnswer } from './shade-question'

/** One row of a published table: it holds from `from` (inclusive) on, until the next row begins. */
export interface Band {
  /** Where the row begins. A value printed in two rows belongs to the darker, so a row begins at its printed lower end. */
  readonly from: number
  readonly answer: RuleSetAnswer
}

/** A table read by one quantity. */
export interface BandTable {
  readonly bands: readonly Band[]
  /** The last value printed; beyond it the table says nothing. Infinity where the last row is open. */
  readonly ends: number
  /** The first row covers everything under it ("< 60 A"); otherwise its `from` is the first value printed. */
  readonly openBelow: boolean
}

/**
 * The row index for a value, -1 beyond the table's end, or the first row when the value is below the table.
 * Tables have fewer than ten rows: walking them is faster than halving them.
 */
export function bandIndex(table: BandTable, value: number): number {
  if (value > table.ends) return -1
  const { bands } = table
  let index = 0
  while (index + 1 < bands.length && value >= bands[index + 1]!.from) index++
  return index
}

/** Is the value lighter than anything the table prints? */
export const belowTable = (table: BandTable, value: number): boolean => !table.openBelow && value < table.bands[0]!.from

/** The next number up: a row printed "> 500" begins here, so that 500 itself stays in the row before. */
export const above = (printed: number): number => printed * (1 + Number.EPSILON)

/** One row of a rule set, built once and shared by every answer that falls in it. */
export function ruleSetRow(
  ruleSet: ShadeRuleSetId,
  minimum: number | null,
  suggested: readonly [number, number] | null,
  source: SourceId,
  notes: readonly Finding[] = [],
): RuleSetAnswer {
  return Object.freeze({ ruleSet, minimum, suggested, source, notes })
}

/** Rows that begin at the values given, the first of them covering everything under it ("< 60 A"). */
export const openTable = (ends: number, ...rows: readonly (readonly [number, RuleSetAnswer])[]): BandTable =>
  ({ ends, openBelow: true, bands: rows.map(([from, answer]) => ({ from, answer })) })
