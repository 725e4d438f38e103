import Papa from 'papaparse'
import type { SenmlRecord } from '#core/monitor/senml'
import type { InputError } from '#shared/contract/readings'

/** The columns of a log, as its heading names them. */
const COLUMNS = ['time', 'name', 'unit', 'value'] as const
type Column = typeof COLUMNS[number]

/** A day, a time, and its zone: a clock without one may be hours from when it was. */
const INSTANT = /^\d{4}-\d{2}-\d{2}[T ]\d{2}:\d{2}(?::\d{2}(?:\.\d{1,9})?)?(?:Z|[+-]\d{2}:\d{2})$/
const NUMBER = /^[+-]?\d{1,15}(?:\.\d{1,15})?(?:[eE][+-]?\d{1,3})?$/
/** Seconds below this count from now in SenML: in a log they are no time of a calendar. */
const CALENDAR_FROM_S = 2 ** 28

/** A log as the records of a pack, each row by itself, or what is wrong with it, row by row. */
export type CsvLog = { readonly records: readonly SenmlRecord[] } | { readonly fields: InputError['fields'] }

/**
 * Reads a log of readings written as CSV (RFC 4180): a heading with time, name, unit and value in whatever order, then a reading a row,
 * with a point for decimals. Times are instants with their zone, or seconds since 1970. What a column besides says is passed over.
 *
 * @param text as it came; rows are numbered from 0, without the heading
 */
export function recordsOfCsv(text: string): CsvLog {
  const { data: [heading = [], ...rows] } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' })
  const named = heading.map(cell => cell.trim().toLowerCase())
  const missing = COLUMNS.filter(column => named.filter(one => one === column).length !== 1)
  if (missing.length > 0)
    return { fields: missing.map(path => ({ path, message: 'a heading with time, name, unit and value, each once' })) }

  const fields: { path: string, message: string }[] = []
  const records = rows.map((row, index): SenmlRecord => {
    const cell = (column: Column): string => (row[named.indexOf(column)] ?? '').trim()
    const wrong = (column: Column, message: string): undefined => {
      fields.push({ path: `${index}.${column}`, message })
    }
    const time = cell('time')
    const seconds = INSTANT.test(time) ? Date.parse(time.replace(' ', 'T')) / 1000 : NUMBER.test(time) ? Number(time) : NaN
    const value = cell('value')
    return {
      n: cell('name'),
      u: cell('unit'),
      t: seconds >= CALENDAR_FROM_S
        ? seconds
        : wrong('time', 'an instant with its zone, as 2026-12-01T09:30:00Z, or seconds since 1970'),
      v: NUMBER.test(value) ? Number(value) : wrong('value', 'a number with a point for decimals'),
    }
  })
  return fields.length > 0 ? { fields } : { records }
}
