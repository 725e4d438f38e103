// `npm test`: everything, in the order in which it fails fastest. Ends with "N passed, N failed" over all of it.
// `npm test -- --only unit|server|browser` runs one part; `--grep PATTERN` besides, only what fits it.
import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import { parseArgs } from 'node:util'
import { ensureBrowser } from './browser.mjs'
import { checkNode, DATA, ensureBuild, ensurePackages, ROOT } from './machine.mjs'
import { ensureCluster } from './postgres.mjs'
import { CannotGoOn, run, say } from './say.mjs'

const PARTS = ['unit', 'server', 'browser']
const bin = name => path.join(ROOT, 'node_modules', name)
const results = path.join(DATA, 'test-results')
const started = Date.now()

/** What is asked for: one part or all of them, and what of it. */
function asked() {
  // A pattern that was left out asks for everything.
  const args = process.argv.slice(2).filter((arg, i, all) => arg !== '--grep' || i < all.length - 1)
  const { values: { only, grep } } = parseArgs({ args, options: { only: { type: 'string' }, grep: { type: 'string' } } })
  if (only !== undefined && !PARTS.includes(only)) throw new CannotGoOn(`--only is ${only}: one of ${PARTS.join(', ')} is needed.`)
  return { only, grep }
}

/** Runs a step with its output shown; true when it passed. */
function step(name, args, env = {}) {
  const began = Date.now()
  say(`\n== ${name}`)
  return new Promise((resolve) => {
    const child = spawn(process.execPath, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } })
    child.on('close', (code) => {
      say(`== ${name}: ${code === 0 ? 'passed' : 'FAILED'} in ${Math.round((Date.now() - began) / 1000)} s`)
      resolve(code === 0)
    })
  })
}

async function isBuilt() {
  try {
    await ensureBuild()
    return true
  } catch (error) {
    process.stderr.write(`${error.message}\n`)
    return false
  }
}

/** A run that ended badly counts as a failure even when every test in it passed: an error outside any test, say. */
const withEnd = (endedWell, { passed, failed }) => ({ passed, failed: endedWell || failed > 0 ? failed : 1 })
const ofStep = ok => ({ passed: ok ? 1 : 0, failed: ok ? 0 : 1 })

const readJson = file => existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null

function countVitest(file) {
  const report = readJson(file)
  return report
    ? {
        passed: report.numPassedTests,
        failed: report.numFailedTests + (report.numFailedTestSuites > 0 && report.numFailedTests === 0 ? 1 : 0),
      }
    : { passed: 0, failed: 1 }
}

function countPlaywright(file) {
  const report = readJson(file)
  return report ? { passed: report.stats.expected + report.stats.flaky, failed: report.stats.unexpected } : { passed: 0, failed: 1 }
}

/** Tests of the core, or of the server against its database, or both. */
async function runVitest(name, projects, grep, env) {
  const file = path.join(results, 'vitest.json')
  const args = [
    bin('vitest/vitest.mjs'),
    'run',
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${file}`,
    ...projects.map(one => `--project=${one}`),
    ...(grep ? [grep] : []),
  ]
  return withEnd(await step(name, args, env), countVitest(file))
}

async function runBrowser(grep, env) {
  if (!await isBuilt()) return ofStep(false)
  const file = path.join(results, 'playwright.json')
  const args = [bin('@playwright/test/cli.js'), 'test', ...grep ? ['--grep', grep] : []]
  return withEnd(await step('browser', args, { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: file }), countPlaywright(file))
}

/** Everything, side by side where none writes what another reads. */
async function runAll(env) {
  await step('prepare', [bin('nuxt/bin/nuxt.mjs'), 'prepare'])
  const lintAndBuild = async () => [await step('lint', [bin('eslint/bin/eslint.js'), '.', '--max-warnings', '0']), await isBuilt()]
  const checkTypes = async () => [
    await step('types of the app', [bin('vue-tsc/bin/vue-tsc.js'), '--noEmit', '-p', '.nuxt/tsconfig.app.json']),
    await step('types of everything else', [bin('typescript7/bin/tsc'), '--noEmit', '-p', 'tsconfig.scripts.json']),
  ]
  const [[linted, built], typed] = await Promise.all([lintAndBuild(), checkTypes()])
  const counts = [linted, ...typed, built].map(ofStep)
  counts.push(await runVitest('unit, reference and server', ['core', 'server'], undefined, env))
  if (built) counts.push(await runBrowser(undefined, env))
  return counts
}

function runOne(part, grep, env) {
  if (part === 'unit') return runVitest('unit and reference', ['core'], grep, env)
  return part === 'server' ? runVitest('server', ['server'], grep, env) : runBrowser(grep, env)
}

await run(async () => {
  checkNode()
  const { only, grep } = asked()
  await ensurePackages()
  if (only === undefined || only === 'browser') await ensureBrowser()
  const cluster = only === 'unit' ? null : await ensureCluster('test-pg', { preferredPort: 5644, fast: true })
  rmSync(results, { recursive: true, force: true })
  mkdirSync(results, { recursive: true })
  const env = cluster ? { ZONARIS_TEST_CLUSTER: cluster.url } : {}
  let counts = []
  try {
    counts = only === undefined ? await runAll(env) : [await runOne(only, grep, env)]
  } finally {
    cluster?.stop()
  }
  const passed = counts.reduce((sum, count) => sum + count.passed, 0)
  const failed = counts.reduce((sum, count) => sum + count.failed, 0)
  say(`\nin ${Math.round((Date.now() - started) / 1000)} s`)
  say(`${passed} passed, ${failed} failed`)
  if (failed > 0 || passed === 0) process.exitCode = 1
})
