import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'

/** A table with one row for each site: the version of its stream, and its whole state in one column. */
interface OneOfSite<State> {
  readonly write: (siteId: string, version: number, state: State) => Statement[]
  /** The state; that of a new site where nothing was ever said. */
  readonly read: (db: Queryable, siteId: string) => Promise<State & { readonly version: number }>
}

/**
 * How such a table is written and read.
 *
 * @param asState a row's state, checked
 * @param none what stands where there is no row
 */
export function oneOfSite<State extends object>(
  table: `${string}_reading`,
  column: string,
  asState: (told: unknown) => State,
  none: State,
): OneOfSite<State> {
  return {
    write: (siteId, version, state) => [
      {
        text: `insert into ${table} (site_id, version, ${column}) values ($1, $2, $3)
    on conflict (site_id) do update set version = excluded.version, ${column} = excluded.${column}`,
        values: [siteId, version, JSON.stringify(state)],
      },
    ],
    async read(db, siteId) {
      const { rows } = await db.query<{ version: number, state: unknown }>(
        `select version, ${column} as state from ${table} where site_id = $1`,
        [siteId],
      )
      return rows[0] ? { version: rows[0].version, ...asState(rows[0].state) } : { version: 0, ...none }
    },
  }
}
