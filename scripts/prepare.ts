import { randomBytes } from 'node:crypto'
import pg from 'pg'
import { clockFrom, nowIso } from '#server/clock'
import { rebuildIfOtherShape } from '#server/record/rebuild'
import { openPool } from '#server/database/connection'
import { offerFirstRun } from '#server/tables/first-run'
import { CannotMigrate, migrate } from '#server/database/migrate'
import { anySite } from '#server/tables/site'
import { codeSha256, oneTimeCode } from '#server/secrets'
import type { DemoSignIn } from '../demo/load'
import { loadDemo } from '../demo/load'

/** May the login that serves do anything to the database? */
async function isSuperuser(url: string): Promise<boolean> {
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  try {
    const { rows } = await client.query<{ may: boolean }>(
      'select rolsuper or rolcreaterole as may from pg_roles where rolname = session_user',
    )
    return rows[0]?.may ?? true
  } finally { await client.end() }
}

/**
 * What a start does before it serves: migrate, make the shared secret, load the demo once or offer the first run.
 * Prints one line of JSON for scripts/start.mjs; a failure is one plain sentence on standard error.
 */
async function prepare(url: string): Promise<void> {
  const { applied, servingRole } = await migrate(url)
  const owner = new pg.Client({ connectionString: url })
  await owner.connect()
  await owner.query(`insert into installation_secret (name, secret) values ('session', $1) on conflict do nothing`, [
    randomBytes(48).toString('base64url'),
  ])
  const { rows } = await owner.query<{ secret: string }>(`select secret from installation_secret where name = 'session'`)
  await owner.end()

  const clock = clockFrom(process.env.ZONARIS_CLOCK)
  const pool = openPool(url, servingRole)
  try {
    await rebuildIfOtherShape(pool)
    const isEmpty = !await anySite(pool)
    let signIns: readonly DemoSignIn[] = []
    let firstRunCode: string | null = null
    if (isEmpty && process.env.ZONARIS_DEMO === 'off') {
      firstRunCode = oneTimeCode()
      await offerFirstRun(pool, codeSha256(firstRunCode), nowIso(clock))
    } else if (process.env.ZONARIS_DEMO !== 'off') signIns = await loadDemo({ pool, clock, announce: () => {} }, isEmpty)
    process.stdout.write(
      `${JSON.stringify({ applied, servingRole, servesAsSuperuser: await isSuperuser(process.env.ZONARIS_SERVING_URL || url), sessionSecret: rows[0]!.secret, signIns, firstRunCode })}\n`,
    )
  } finally { await pool.end() }
}

const url = process.env.DATABASE_URL ?? ''
try {
  await prepare(url)
} catch (error) {
  const { code } = error as { code?: string }
  const unreachable = ['ECONNREFUSED', 'ENOTFOUND', 'ETIMEDOUT', 'EHOSTUNREACH', '3D000', '28000', '28P01', '57P03'].includes(code ?? '')
  const plain
    = error instanceof CannotMigrate
      ? error.message
      : unreachable
        ? `The database cannot be reached: ${(error as Error).message || code}. Look at DATABASE_URL and whether the server runs.`
        : null
  process.stderr.write(plain ?? `${(error as Error).stack}\n`)
  process.exitCode = plain ? 3 : 1
}
