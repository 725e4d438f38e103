import Papa from 'papaparse'

/** A list as it is taken out of the page: what its columns are called, and its rows. */
export interface TakenOut {
  readonly fields: readonly string[]
  readonly data: readonly (readonly (string | number)[])[]
}

/** All of a list whose end is not here yet: read on until its end, or until it is told to stop. Null when it was stopped. */
export type TakeWhole = (
  told: (count: number, share: number | null) => void,
  signal: AbortSignal,
) => Promise<TakenOut | { readonly refused: string } | null>

/** What a spreadsheet may take for the beginning of a formula, after any blanks, in the wide letters of other keyboards too. */
const FORMULA = /^\s*[=+\-@＝＋－＠]|^[\t\r\n]/

/**
 * A list as CSV (RFC 4180, UTF-8, lines ended by CR LF). What a spreadsheet would take for a formula is handed over as text: somebody
 * typed it, and it is opened on another's machine.
 */
export const csvOf = ({ fields, data }: TakenOut): string =>
  Papa.unparse({ fields: [...fields], data: data.map(row => [...row]) }, { escapeFormulae: FORMULA, newline: '\r\n' })
