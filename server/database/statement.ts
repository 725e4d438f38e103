import { createHash } from 'node:crypto'
import type pg from 'pg'
import type { Queryable } from './connection'

/** A statement with its values, not sent yet. */
export interface Statement {
  readonly text: string
  readonly values: readonly unknown[]
}

/** Statements of more parts than this are seldom met twice: they are not worth a plan that every connection keeps. */
const PLANNED_PARTS = 6

/** Sends a statement; its plan is kept by what it says. */
export function send<Row extends pg.QueryResultRow>(
  db: Queryable,
  { text, values }: Statement,
  isPlanned = true,
): Promise<pg.QueryResult<Row>> {
  const name = createHash('sha256').update(text).digest('hex').slice(0, 32)
  return db.query<Row>({ ...isPlanned ? { name } : {}, text, values: [...values] })
}

export async function sendInOrder(db: Queryable, statements: readonly Statement[]): Promise<void> {
  for (const statement of statements) await send(db, statement)
}

/** The same statement with its values counted from a later place. */
const movedBy = (text: string, by: number): string => text.replace(/\$(\d{1,5})/g, (_, nth: string) => `$${Number(nth) + by}`)

/**
 * Sends statements as one, with a last one of which the rows come back. None sees what another writes, and in no order: they must
 * change different rows, and none may ask whether another's is there.
 *
 * @param last begins with `with`, so that the others can stand before it; its names must not begin with `beside_`
 */
export function sendTogether<Row extends pg.QueryResultRow>(
  db: Queryable,
  beside: readonly Statement[],
  last: Statement,
): Promise<pg.QueryResult<Row>> {
  if (!/^\s*with\s/.test(last.text)) throw new TypeError('the last statement has to begin with "with"')
  const values: unknown[] = [...last.values]
  const parts: string[] = []
  for (const [index, statement] of beside.entries()) {
    parts.push(`beside_${index} as (${movedBy(statement.text, values.length)})`)
    values.push(...statement.values)
  }
  const text = [`with ${parts.join(',\n')}${parts.length > 0 ? ',' : ''}`, last.text.replace(/^\s*with\s/, '')].join('\n')
  return send<Row>(db, { text, values }, beside.length <= PLANNED_PARTS)
}
