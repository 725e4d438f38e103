import type { SampleValue } from './substitution'
import type { SampledPiece, UnsampledRule } from './shift-average'
import { shiftAverage } from './shift-average'

/** What a column of a table can be. */
export const SAMPLE_COLUMNS = ['shift', 'concentration', 'mass', 'volume', 'minutes', 'below', 'ignore'] as const
export type SampleColumn = typeof SAMPLE_COLUMNS[number]

export const CONCENTRATION_UNITS = { 'mg/m3': 1, 'ug/m3': 1e-3 } as const
export const MASS_UNITS = { mg: 1, ug: 1e-3 } as const
export const VOLUME_UNITS = { L: 1e-3, m3: 1 } as const

/** How a table is to be read. */
export interface SampleReading {
  readonly columns: readonly SampleColumn[]
  readonly concentrationUnit: keyof typeof CONCENTRATION_UNITS
  readonly massUnit: keyof typeof MASS_UNITS
  readonly volumeUnit: keyof typeof VOLUME_UNITS
  readonly unsampled: UnsampledRule
}

/** Why a row cannot be read; the row counts from 1, without the heading. */
export interface RowError { readonly row: number, readonly column: SampleColumn, readonly problem: 'missing' | 'not-a-number' | 'not-above-zero' | 'no-flag', readonly text: string }

/** A shift average with the rows it came from. */
export interface ShiftResult extends SampleValue { readonly label: string, readonly minutes: number | null, readonly rows: readonly number[] }

const GUESSES: readonly (readonly [RegExp, SampleColumn])[] = [
  [/below|<|loq|lod|nd\b|flag/i, 'below'], [/shift|person|worker|name|date/i, 'shift'], [/min|duration|time/i, 'minutes'],
  [/vol|litre|liter|\bl\b/i, 'volume'], [/conc|mg\s*\/\s*m|[uµ]g\s*\/\s*m|result|value|twa/i, 'concentration'], [/mass|weight|\bmg\b|[uµ]g/i, 'mass'],
]

/** A guess of what each column is, from its heading; the first column of numbers is the concentration when no heading says so. */
export function guessColumns(heading: readonly string[] | null, firstRow: readonly string[]): readonly SampleColumn[] {
  const taken = new Set<SampleColumn>()
  const guessed = firstRow.map((cell, i): SampleColumn => {
    const title = heading?.[i] ?? ''
    const guess = heading ? GUESSES.find(([pattern, column]) => pattern.test(title) && !taken.has(column))?.[1] : !taken.has('concentration') && isReading(cell) ? 'concentration' : undefined
    if (!guess) return 'ignore'
    taken.add(guess)
    return guess
  })
  return guessed
}

/** "<0.2" and "0,2" are numbers too, as laboratories write them. */
const isReading = (text: string): boolean => /^[<≤]?\s*\d+(?:[.,]\d+)?(?:e-?\d+)?$/i.test(text.trim())

/** A heading has no number in it. */
export const looksLikeHeading = (row: readonly string[]): boolean => row.every(cell => !isReading(cell))

const toNumber = (text: string): number => Number(text.trim().replace(/^[<≤]\s*/, '').replace(',', '.'))

const YES = /^(?:1|true|yes|y|x|<|nd|below)$/i
const NO = /^(?:0|false|no|n|-|)$/i

interface Piece extends SampledPiece { readonly label: string, readonly hasMinutes: boolean, readonly row: number }

/**
 * Reads a table of personal samples, row by row: concentration, or mass with volume; "<" or a flag marks a result below the
 * limit of quantification. Rows of the same shift are put together to its average. A row that cannot be read is named and left out.
 *
 * @param rows cells as text, without the heading
 */
export function readSamples(rows: readonly (readonly string[])[], reading: SampleReading): { readonly results: readonly ShiftResult[], readonly errors: readonly RowError[] } {
  const errors: RowError[] = []
  const pieces: Piece[] = []
  rows.forEach((cells, i) => {
    const row = i + 1
    const at = (column: SampleColumn): string | undefined => {
      const index = reading.columns.indexOf(column)
      return index < 0 ? undefined : (cells[index] ?? '').trim()
    }
    const number = (column: SampleColumn): number | null => {
      const text = at(column) ?? ''
      const problem = text === '' ? 'missing' : !isReading(text) ? 'not-a-number' : toNumber(text) > 0 ? null : 'not-above-zero'
      if (problem) errors.push({ row, column, problem, text })
      return problem ? null : toNumber(text)
    }
    if (cells.every(cell => cell.trim() === '')) return
    const usesMass = !reading.columns.includes('concentration')
    const amount = usesMass ? number('mass') : number('concentration')
    const volume = usesMass ? number('volume') : 1
    const minutesText = at('minutes')
    const minutes = minutesText === undefined || minutesText === '' ? null : number('minutes')
    const flag = at('below')
    if (flag !== undefined && !YES.test(flag) && !NO.test(flag)) errors.push({ row, column: 'below', problem: 'no-flag', text: flag })
    else if (amount !== null && volume !== null && !(minutesText && minutes === null)) {
      const sign = /^[<≤]/.test(at(usesMass ? 'mass' : 'concentration') ?? '')
      const mgPerM3 = usesMass ? amount * MASS_UNITS[reading.massUnit] / (volume * VOLUME_UNITS[reading.volumeUnit]) : amount * CONCENTRATION_UNITS[reading.concentrationUnit]
      pieces.push({ label: at('shift') || `Row ${row}`, mgPerM3, isBelowLoq: sign || (flag !== undefined && YES.test(flag)), minutes: minutes ?? 1, hasMinutes: minutes !== null, row })
    }
  })
  const shifts = groupByLabel(pieces)
  const results = [...shifts].map(([label, parts]): ShiftResult => {
    const timed = parts.every(({ hasMinutes }) => hasMinutes)
    return { label, rows: parts.map(({ row }) => row), minutes: timed ? parts.reduce((total, { minutes }) => total + minutes, 0) : null, ...shiftAverage(parts, timed ? reading.unsampled : 'as-sampled') }
  })
  return { results, errors }
}

function groupByLabel(pieces: readonly Piece[]): Map<string, Piece[]> {
  const groups = new Map<string, Piece[]>()
  for (const piece of pieces) groups.set(piece.label, [...groups.get(piece.label) ?? [], piece])
  return groups
}
