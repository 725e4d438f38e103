import type { CellValue } from 'read-excel-file/universal'
import Papa from 'papaparse'

/** A spreadsheet larger than this is no list that anybody means to bring in, bytes. */
export const MOST_BYTES = 4_000_000
const MOST_ROWS = 5000
const IS_WORKBOOK = /\.xlsx$/i

/** A file of a list as text: as it stands, or the sheet of a workbook with its cells parted by tabs; or why it could not be read. */
export type ListText
  = | { readonly text: string, readonly sheet: { readonly name: string, readonly of: number } | null }
    | { readonly refused: 'too-large' | 'not-a-workbook' | 'empty' }

/** A cell as it is written in a list: a point for decimals, days as YYYY-MM-DD. */
function cellText(cell: CellValue | Date | null): string {
  if (cell === null) return ''
  return cell instanceof Date ? cell.toISOString().slice(0, 10) : String(cell)
}

/** Rows of a sheet as a list that is read like one that was pasted; what is empty at its end is left out. */
export function rowsAsText(rows: readonly (readonly (CellValue | Date | null)[])[]): string {
  const filled = rows.slice(0, MOST_ROWS).map(row => row.map(cellText)).filter(row => row.some(cell => cell.trim() !== ''))
  return Papa.unparse(filled, { delimiter: '\t', newline: '\n' })
}

/** Reads a file that somebody chose: CSV, text, or the first sheet of a workbook that holds anything. Nothing leaves the page. */
export async function readListFile(file: File): Promise<ListText> {
  if (file.size > MOST_BYTES) return { refused: 'too-large' }
  if (!IS_WORKBOOK.test(file.name)) return { text: await file.text(), sheet: null }
  const { default: readWorkbook } = await import('read-excel-file/universal')
  const sheets = await readWorkbook(await file.arrayBuffer()).catch(() => null)
  if (!sheets) return { refused: 'not-a-workbook' }
  const held = sheets.map(({ sheet, data }) => ({ name: sheet, text: rowsAsText(data as (CellValue | Date | null)[][]) }))
  const first = held.find(({ text }) => text !== '')
  return first ? { text: first.text, sheet: { name: first.name, of: held.length } } : { refused: 'empty' }
}
