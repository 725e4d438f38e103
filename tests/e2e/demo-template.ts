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

/** The database that every file starts from that wants the demo at the machine's own time: loaded before all tests, then copied. */
export const DEMO_TEMPLATE = 'e2e_template'

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

/** Before any test: see `globalSetup` in playwright.config.ts. */
export default async function makeDemoTemplate(): Promise<void> {
  const cluster = testCluster()
  const admin = new pg.Client({ connectionString: `${cluster}/postgres` })
  await admin.connect()
  await admin.query(`drop database if exists ${DEMO_TEMPLATE} with (force)`)
  await admin.query(`create database ${DEMO_TEMPLATE}`)
  await prepare(`${cluster}/${DEMO_TEMPLATE}`, { ...process.env, ZONARIS_DEMO: 'on' })
  await admin.end()
}
