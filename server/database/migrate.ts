import { readFile } from 'node:fs/promises'
import path from 'node:path'
import { fileURLToPath } from 'node:url'
import pg from 'pg'
import Postgrator from 'postgrator'
import { APP_ROLE } from './connection'

/** A start that cannot go on, told in plain words. */
export class CannotMigrate extends Error {}

export interface Migrated {
  /** Files that were run now. */
  readonly applied: readonly string[]
  /** The role to serve requests as, or null where the login may neither make it nor step down to it. */
  readonly servingRole: string | null
}

/** Made by `scripts/postgres.mjs` in a cluster of our own. */
const SERVING_LOGIN = 'zonaris_serve'

const here = path.dirname(fileURLToPath(import.meta.url))
export const MIGRATIONS_FOLDER = path.join(here, 'migrations')

/** Any number, the same in every process: two that start together migrate one after the other. */
const MIGRATION_LOCK = 7_204_011

const why = (error: unknown): string => error instanceof Error ? error.message : String(error)

/** Makes the serving role, lets this login step down to it, and grants it what serving takes. */
async function prepareServingRole(client: pg.Client): Promise<string | null> {
  try {
    await client.query('begin')
    const { rowCount } = await client.query('select 1 from pg_roles where rolname = $1', [APP_ROLE])
    if (rowCount === 0) await client.query(`create role ${APP_ROLE} nologin`)
    const { rows } = await client.query<{ member: boolean }>(`select pg_has_role(current_user, $1, 'member') as member`, [APP_ROLE])
    if (!rows[0]!.member) await client.query(`grant ${APP_ROLE} to current_user`)
    await client.query(await readFile(path.join(here, 'grants.sql'), 'utf8'))
    // The login that serves our own cluster may become the application's role, and no other.
    const serving = await client.query('select 1 from pg_roles where rolname = $1', [SERVING_LOGIN])
    if (serving.rowCount === 1) await client.query(`grant ${APP_ROLE} to ${SERVING_LOGIN}`)
    await client.query('commit')
    return APP_ROLE
  } catch (error) {
    await client.query('rollback')
    // 42501: insufficient privilege. 23505/42710: another start made the role in the same moment; it is there now.
    const { code } = error as { code?: string }
    if (code === '23505' || code === '42710') return prepareServingRole(client)
    if (code === '42501') return null
    throw error
  }
}

/**
 * Brings a database up to date: every numbered file once, in order, all of them in one transaction, so that a file that
 * fails leaves the database as it was.
 *
 * @param url a login that owns the database
 * @param folder where the numbered files are
 * @throws CannotMigrate for an edited file, a file that fails, or a database newer than this program
 */
export async function migrate(url: string, folder = MIGRATIONS_FOLDER): Promise<Migrated> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    await client.query('select pg_advisory_lock($1)', [MIGRATION_LOCK])
    const postgrator = new Postgrator({
      migrationPattern: path.join(folder, '*.sql'), driver: 'pg', schemaTable: 'schema_version', newline: 'LF',
      execQuery: query => client.query(query),
    })
    let running = ''
    postgrator.on('migration-started', ({ filename }) => {
      running = path.basename(filename)
    })
    await client.query('begin')
    let applied: readonly { readonly filename: string }[]
    try {
      const [has, max] = [await postgrator.getDatabaseVersion(), await postgrator.getMaxVersion()]
      if (has > max)
        throw new CannotMigrate(
          `The database is at version ${has}, newer than this program, which knows ${max}. Start the newer program.`,
        )
      applied = await postgrator.migrate()
      await client.query('commit')
    } catch (error) {
      await client.query('rollback')
      if (error instanceof CannotMigrate) throw error
      const edited = /MD5 checksum failed for migration \[(\d+)\]/.exec(why(error))
      if (edited)
        throw new CannotMigrate(
          `Migration ${edited[1]} was edited after it had run here. Put the file back as it was, and write the change as a new migration.`,
        )
      throw new CannotMigrate(`Migration ${running || 'files'} failed, and nothing of it was kept: ${why(error)}`)
    }
    return { applied: applied.map(({ filename }) => path.basename(filename)), servingRole: await prepareServingRole(client) }
  } finally { await client.end() }
}
