/** One column of a list: what stands over it, what its cells say, and how rows are sorted by it. */
export interface TableColumnOf<Row> {
  readonly id: string
  readonly header: string
  /** What a cell says, where no slot draws it; rows are found by it. */
  readonly said?: (row: Row) => string
  /** What it says where the list is taken out for another program, where that is another thing. */
  readonly taken?: (row: Row) => string | number
  /** What rows are sorted by in this column; by what it says, where it is only said that they are. */
  readonly by?: true | ((row: Row) => string | number)
  /** Numbers and codes of ours stand in print, what people wrote in chalk, what a row is called heavy. */
  readonly look?: 'print' | 'chalk' | 'named'
  /** Takes a line of its own on a phone, stands at the end of its row, or is never broken. */
  readonly place?: 'wide' | 'end' | 'whole'
  /** What marks the column's header out, and a cell of this row. */
  readonly mark?: string
  readonly marks?: (row: Row) => string
  /** The header is heard and not seen: a column of keys. */
  readonly isHeard?: boolean
}
