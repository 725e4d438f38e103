import type { SampleValue } from './substitution'
import type { SampledPiece, UnsampledRule } from './shift-average'
import { shiftAverage } from './shift-average'

/** What a column of a table can be. */
export const SAMPLE_COLUMNS = ['shift', 'person', 'day', 'concentration', 'mass', 'volume', 'minutes', 'below', 'ignore'] as const
export type SampleColumn = typeof SAMPLE_COLUMNS[number]

export const CONCENTRATION_UNITS = { 'mg/m3': 1, 'ug/m3': 1e-3 } as const
export const MASS_UNITS = { mg: 1, ug: 1e-3 } as const
export const VOLUME_UNITS = { L: 1e-3, m3: 1 } as const

/** What parts the whole of a number from the rest. A table is written with one of them. */
export const DECIMAL_MARKS = ['.', ','] as const
export type DecimalMark = typeof DECIMAL_MARKS[number]
/** What parts the columns of a row. */
export const SEPARATORS = ['\t', ';', ',', '|'] as const
export type Separator = typeof SEPARATORS[number]
/** The order of a date whose parts are all numbers; null where the day cannot be told from the month. */
export const DATE_ORDERS = ['year-month-day', 'day-month-year', 'month-day-year'] as const
export type DateOrder = typeof DATE_ORDERS[number]

/** How a table is written, as far as it shows; null where it can be read in two ways, and then somebody is asked. */
export interface TableFormat { readonly separator: Separator, readonly decimal: DecimalMark | null, readonly dates: DateOrder | null }

/** How a table is to be read. */
export interface SampleReading {
  readonly decimal: DecimalMark
  /** Only asked where a column is a day. */
  readonly dates?: DateOrder | null
  readonly columns: readonly SampleColumn[]
  readonly concentrationUnit: keyof typeof CONCENTRATION_UNITS
  readonly massUnit: keyof typeof MASS_UNITS
  readonly volumeUnit: keyof typeof VOLUME_UNITS
  readonly unsampled: UnsampledRule
}

/** Why a row cannot be read; the row counts from 1, without the heading. */
export interface RowError {
  readonly row: number
  readonly column: SampleColumn
  readonly problem: 'missing' | 'not-a-number' | 'not-above-zero' | 'no-flag' | 'no-date'
  readonly text: string
}

/** A shift average with the rows it came from. */
export interface ShiftResult extends SampleValue {
  readonly label: string
  readonly minutes: number | null
  readonly rows: readonly number[]
}

const GUESSES: readonly (readonly [RegExp, SampleColumn])[] = [
  [/below|<|loq|lod|nd\b|flag/i, 'below'],
  [/person|worker|welder|name/i, 'person'],
  [/date|day\b/i, 'day'],
  [/shift/i, 'shift'],
  [/min|duration|time/i, 'minutes'],
  [/vol|litre|liter|\bl\b/i, 'volume'],
  [/conc|mg\s*\/\s*m|[uµ]g\s*\/\s*m|result|value|twa/i, 'concentration'],
  [/mass|weight|\bmg\b|[uµ]g/i, 'mass'],
]

/** A guess of what each column is, from its heading; the first column of numbers is the concentration when no heading says so. */
export function guessColumns(heading: readonly string[] | null, firstRow: readonly string[]): readonly SampleColumn[] {
  const taken = new Set<SampleColumn>()
  const guessed = firstRow.map((cell, i): SampleColumn => {
    const title = heading?.[i] ?? ''
    const guess = heading
      ? GUESSES.find(([pattern, column]) => pattern.test(title) && !taken.has(column))?.[1]
      : !taken.has('concentration') && isReading(cell)
          ? 'concentration'
          : undefined
    if (!guess) return 'ignore'
    taken.add(guess)
    return guess
  })
  return guessed
}

/** "<0.2" and "0,2" are numbers too, as laboratories write them, and thousands may be set apart. */
const READING = {
  '.': /^[<≤]?\s*(?:\d{1,3}(?:[, ]\d{3})+|\d{1,12})(?:\.\d{1,12})?(?:e-?\d{1,2})?$/i,
  ',': /^[<≤]?\s*(?:\d{1,3}(?:[. ]\d{3})+|\d{1,12})(?:,\d{1,12})?(?:e-?\d{1,2})?$/i,
} as const
const isReading = (text: string, decimal?: DecimalMark): boolean =>
  (decimal ? [decimal] : DECIMAL_MARKS).some(mark => READING[mark].test(text.trim()))

const DATE = /^(\d{1,4})[-/.](\d{1,2})[-/.](\d{1,4})$/
const OTHER_MARK: Readonly<Record<DecimalMark, DecimalMark>> = { '.': ',', ',': '.' }

/**
 * How a table is written. The separator is the one that gives every row the same number of cells, more than one if any does;
 * a comma only where the numbers do not need it. The decimal mark is what stands in numbers that are no thousands.
 *
 * @param text as pasted or read from a file
 */
export function detectFormat(text: string): TableFormat {
  const lines = text.slice(0, 100_000).split(/\r?\n/).filter(line => line.trim() !== '').slice(0, 200)
  const widths = (separator: Separator): readonly number[] => lines.map(line => line.split(separator).length)
  const isEven = (separator: Separator): boolean =>
    widths(separator).every(width => width === widths(separator)[0]) && (widths(separator)[0] ?? 1) > 1
  const strong = (['\t', ';', '|'] as const).find(separator => widths(separator).some(width => width > 1))
  // In one column "0,31" is a number: a comma parts columns where it gives even rows of which not every cell is bare digits.
  const byComma = isEven(',') && lines.some(line => line.split(',').some(cell => !/^[<≤]?\d{0,12}$/.test(cell.trim())))
  const separator = strong ?? (byComma ? ',' : ';')
  const cells = lines.flatMap(line => line.split(separator)).map(cell => cell.trim()).filter(cell => /\d/.test(cell))
  const shows = (mark: DecimalMark): boolean => cells.some((cell) => {
    const parts = cell.replace(/^[<≤]\s*/, '').split(mark)
    return (
      parts.length === 2
      && /^\d{0,12}$/.test(parts[0]!)
      && /^\d{1,12}$/.test(parts[1]!)
      && (parts[1]!.length !== 3 || parts[0]! === '0' || parts[0]!.length > 3)
    )
  })
  const [point, comma] = [shows('.'), separator !== ',' && shows(',')]
  const hasEither = cells.some(cell => !DATE.test(cell) && (cell.includes('.') || (separator !== ',' && cell.includes(','))))
  // "1,250" alone may be one and a quarter, or one thousand two hundred and fifty: nobody knows, and it is asked.
  const decimal = point !== comma ? (point ? '.' : ',') : point || hasEither ? null : '.'
  return { separator, decimal, dates: detectDates(cells) }
}

function detectDates(cells: readonly string[]): DateOrder | null {
  const dates = cells.map(cell => DATE.exec(cell)).filter(match => match !== null)
  if (dates.length > 0 && dates.every(match => match[1]!.length === 4)) return 'year-month-day'
  const isPossible = (order: 'day-month-year' | 'month-day-year') => dates.every((match) => {
    const [first, second] = [Number(match[1]), Number(match[2])]
    return order === 'day-month-year' ? first <= 31 && second <= 12 : first <= 12 && second <= 31
  })
  const [byDay, byMonth] = [isPossible('day-month-year'), isPossible('month-day-year')]
  return dates.length === 0 || byDay === byMonth ? null : byDay ? 'day-month-year' : 'month-day-year'
}

/** A day as YYYY-MM-DD; null when it is none in this order. */
function dayOf(text: string, order: DateOrder | null): string | null {
  const match = DATE.exec(text.trim().split(/[ T]/)[0]!)
  if (!match || order === null) return null
  const [first, second, third] = [match[1]!, match[2]!, match[3]!]
  const [year, month, day]
    = order === 'year-month-day' ? [first, second, third] : order === 'day-month-year' ? [third, second, first] : [third, first, second]
  const full = year.length === 2 ? `20${year}` : year
  const iso = `${full}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`
  const instant = new Date(`${iso}T00:00:00Z`)
  return full.length === 4 && !Number.isNaN(instant.getTime()) && instant.toISOString().startsWith(iso) ? iso : null
}

/** A heading has no number in it. */
export const looksLikeHeading = (row: readonly string[]): boolean => row.every(cell => !isReading(cell))

/** Read by the table's own decimal mark; the other one, and spaces, set thousands apart. */
const toNumber = (text: string, decimal: DecimalMark): number =>
  Number(
    text
      .trim()
      .replace(/^[<≤]\s*/, '')
      .replaceAll(' ', '')
      .replaceAll(OTHER_MARK[decimal], '')
      .replace(decimal, '.'),
  )

const YES = /^(?:1|true|yes|y|x|<|nd|below)$/i
const NO = /^(?:0|false|no|n|-|)$/i

interface Piece extends SampledPiece { readonly label: string, readonly hasMinutes: boolean, readonly row: number }

/**
 * Reads a table of personal samples, row by row: concentration, or mass with volume; "<" or a flag marks a result below the
 * limit of quantification. Rows of the same shift are put together to its average. A row that cannot be read is named and left out.
 *
 * @param rows cells as text, without the heading
 */
export function readSamples(
  rows: readonly (readonly string[])[],
  reading: SampleReading,
): { readonly results: readonly ShiftResult[], readonly errors: readonly RowError[] } {
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
      const problem
        = text === ''
          ? 'missing'
          : !isReading(text, reading.decimal)
              ? 'not-a-number'
              : toNumber(text, reading.decimal) > 0
                ? null
                : 'not-above-zero'
      if (problem) errors.push({ row, column, problem, text })
      return problem ? null : toNumber(text, reading.decimal)
    }
    if (cells.every(cell => cell.trim() === '')) return
    const usesMass = !reading.columns.includes('concentration')
    const amount = usesMass ? number('mass') : number('concentration')
    const volume = usesMass ? number('volume') : 1
    const minutesText = at('minutes')
    const minutes = minutesText === undefined || minutesText === '' ? null : number('minutes')
    const flag = at('below')
    // One person on one day is one shift: rows of the same name on another day are another.
    const dayText = at('day')
    const day = dayText ? dayOf(dayText, reading.dates ?? null) : null
    if (dayText && day === null) errors.push({ row, column: 'day', problem: 'no-date', text: dayText })
    else if (flag !== undefined && !YES.test(flag) && !NO.test(flag))
      errors.push({ row, column: 'below', problem: 'no-flag', text: flag })
    else if (amount !== null && volume !== null && !(minutesText && minutes === null)) {
      const sign = /^[<≤]/.test(at(usesMass ? 'mass' : 'concentration') ?? '')
      const mgPerM3 = usesMass
        ? (amount * MASS_UNITS[reading.massUnit]) / (volume * VOLUME_UNITS[reading.volumeUnit])
        : amount * CONCENTRATION_UNITS[reading.concentrationUnit]
      pieces.push({
        label: [at('person'), day, at('shift')].filter(Boolean).join(', ') || `Row ${row}`,
        mgPerM3,
        isBelowLoq: sign || (flag !== undefined && YES.test(flag)),
        minutes: minutes ?? 1,
        hasMinutes: minutes !== null,
        row,
      })
    }
  })
  const shifts = groupByLabel(pieces)
  const results = [...shifts].map(([label, parts]): ShiftResult => {
    const timed = parts.every(({ hasMinutes }) => hasMinutes)
    return {
      label,
      rows: parts.map(({ row }) => row),
      minutes: timed ? parts.reduce((total, { minutes }) => total + minutes, 0) : null,
      ...shiftAverage(parts, timed ? reading.unsampled : 'as-sampled'),
    }
  })
  return { results, errors }
}

function groupByLabel(pieces: readonly Piece[]): Map<string, Piece[]> {
  const groups = new Map<string, Piece[]>()
  for (const piece of pieces) groups.set(piece.label, [...groups.get(piece.label) ?? [], piece])
  return groups
}
