import pg from 'pg'
import { complain } from '../logging'

// Positions are bigint; they stay well inside what a double holds exactly.
pg.types.setTypeParser(pg.types.builtins.INT8, Number)

/** Anything that runs a query: a pool, or a client inside a transaction. */
export type Queryable = Pick<pg.ClientBase, 'query'>

/** The role that serves requests: it may insert and read events, and never change one. */
export const APP_ROLE = 'zonaris_app'

/**
 * A line that hangs without breaking is given up: the question fails, and is asked again over another one. The database stops its
 * work a little before that, so that nothing is half heard.
 */
export const SERVING_LIMITS = { connectionTimeoutMillis: 10_000, statement_timeout: 15_000, query_timeout: 20_000, keepAlive: true }

/**
 * A pool for serving requests. Every connection steps down to the application's role, so that append-only is the
 * database's own rule; where that role could not be made, triggers still refuse a change.
 *
 * @param url where the database is
 * @param asRole the role to step down to, or null where the given login may not
 * @param limits how long a question may take; none, for work that takes as long as it takes
 */
export function openPool(url: string, asRole: string | null = APP_ROLE, limits: Partial<typeof SERVING_LIMITS> = {}): pg.Pool {
  const pool = new pg.Pool({ connectionString: url, max: 12, ...limits, ...asRole === null ? {} : { options: `-c role=${asRole}` } })
  // A connection that breaks is replaced at the next query. Whoever holds it hears of it from the query in hand; without
  // a listener of its own, the same news would end the process.
  pool.on('connect', (client) => {
    client.on('error', () => {})
  })
  pool.on('error', error => complain('A connection was lost and will be replaced.', error))
  return pool
}

/** Runs work in one transaction on one connection: all of it, or none. */
export async function inTransaction<Result>(pool: pg.Pool, work: (client: pg.PoolClient) => Promise<Result>): Promise<Result> {
  const client = await pool.connect()
  try {
    await client.query('begin')
    const result = await work(client)
    await client.query('commit')
    client.release()
    return result
  } catch (error) {
    // A connection that cannot even roll back is thrown away, not put back into the pool.
    const broken = await client.query('rollback').then(() => false, () => true)
    client.release(broken)
    throw error
  }
}
