import { spawn } from 'node:child_process'
import path from 'node:path'
import pg from 'pg'

const root = path.resolve(import.meta.dirname, '../..')

/** Runs a script of the house to its end; what it wrote. */
export function runScript(script: string, env: NodeJS.ProcessEnv, more: readonly string[] = []): Promise<string> {
  return new Promise((resolve, reject) => {
    const child = spawn(
      process.execPath,
      [
        path.join(root, 'node_modules/tsx/dist/cli.mjs'),
        '--tsconfig',
        path.join(root, 'tsconfig.scripts.json'),
        path.join(root, script),
        ...more,
      ],
      { cwd: root, env, stdio: ['ignore', 'pipe', 'inherit'] },
    )
    let output = ''
    child.stdout.on('data', (data: Buffer) => {
      output += data.toString()
    })
    child.on('close', code => (code === 0 ? resolve(output) : reject(new Error(`${script} ended with ${code}`))))
  })
}

/** Databases that every file starts from that wants the demo at the machine's own time, named by when they were loaded, ms. */
const DEMO_TEMPLATE = 'e2e_template_'

/**
 * A demo older than this is loaded anew before it is copied, ms: its rounds fall due a few minutes after it is loaded, so on a slow
 * machine the last files of a run met a shop in which nobody had watched for a quarter of an hour.
 */
const DEMO_IS_FRESH_MS = 4 * 60_000
/** Held while the demo is loaded or copied, so that two workers load it once and none copies half of it. */
const DEMO_LOCK = 7_401

export function testCluster(): string {
  const cluster = process.env.ZONARIS_TEST_CLUSTER
  if (!cluster) throw new Error('ZONARIS_TEST_CLUSTER is not set: run the browser tests with npm test')
  return cluster
}

/** What `npm start` does before it serves, on a database that is there. Its last line is what it tells the server. */
export const prepare = async (databaseUrl: string, env: NodeJS.ProcessEnv): Promise<{ firstRunCode: string | null }> =>
  JSON.parse((await runScript('scripts/prepare.ts', { ...env, DATABASE_URL: databaseUrl })).trim().split('\n').at(-1)!) as {
    firstRunCode: string | null
  }

/** What was loaded for tests, the newest first. */
async function demoTemplates(admin: pg.Client): Promise<readonly string[]> {
  const { rows } = await admin.query<{ datname: string }>(
    'select datname from pg_database where starts_with(datname, $1) order by datname desc',
    [DEMO_TEMPLATE],
  )
  return rows.map(({ datname }) => datname)
}

/** The demo's database, loaded no longer than a few minutes ago; loads it where there is none. */
async function freshTemplate(admin: pg.Client): Promise<string> {
  const [newest] = await demoTemplates(admin)
  if (newest !== undefined && Date.now() - Number(newest.slice(DEMO_TEMPLATE.length)) < DEMO_IS_FRESH_MS) return newest
  const template = `${DEMO_TEMPLATE}${Date.now()}`
  // Under another name until all of it is there.
  await admin.query('drop database if exists e2e_loading with (force)')
  await admin.query('create database e2e_loading')
  await prepare(`${testCluster()}/e2e_loading`, { ...process.env, ZONARIS_DEMO: 'on' })
  await admin.query(`alter database e2e_loading rename to ${template}`)
  if (newest !== undefined) await admin.query(`drop database ${newest} with (force)`)
  return template
}

/** Makes a database that holds the demo as it stands minutes after it was loaded. */
export async function copyDemo(admin: pg.Client, name: string): Promise<void> {
  await admin.query('select pg_advisory_lock($1)', [DEMO_LOCK])
  try {
    await admin.query(`create database ${name} template ${await freshTemplate(admin)}`)
  } finally {
    await admin.query('select pg_advisory_unlock($1)', [DEMO_LOCK])
  }
}

/** Before any test: nothing that an earlier run left behind is taken for the demo. See `globalSetup` in playwright.config.ts. */
export default async function clearDemoTemplates(): Promise<void> {
  const admin = new pg.Client({ connectionString: `${testCluster()}/postgres` })
  await admin.connect()
  for (const left of await demoTemplates(admin)) await admin.query(`drop database ${left} with (force)`)
  await freshTemplate(admin)
  await admin.end()
}
