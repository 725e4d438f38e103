// `npm test`: everything, in the order in which it fails fastest. Ends with "N passed, N failed" over all of it.
import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import { checkNode, DATA, ensureBuild, ensurePackages, installDebian, ROOT } from './machine.mjs'
import { ensureCluster } from './postgres.mjs'
import { run, say } from './say.mjs'

const bin = name => path.join(ROOT, 'node_modules', name)
const results = path.join(DATA, 'test-results')
const started = Date.now()

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
  }
  catch (error) {
    process.stderr.write(`${error.message}\n`)
    return false
  }
}

/** A run that ended badly counts as a failure even when every test in it passed: an error outside any test, say. */
const withEnd = (endedWell, { passed, failed }) => ({ passed, failed: endedWell || failed > 0 ? failed : 1 })

const readJson = file => existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null

function countVitest(file) {
  const report = readJson(file)
  return report ? { passed: report.numPassedTests, failed: report.numFailedTests + (report.numFailedTestSuites > 0 && report.numFailedTests === 0 ? 1 : 0) } : { passed: 0, failed: 1 }
}

function countPlaywright(file) {
  const report = readJson(file)
  return report ? { passed: report.stats.expected + report.stats.flaky, failed: report.stats.unexpected } : { passed: 0, failed: 1 }
}

await run(async () => {
  checkNode()
  await ensurePackages()
  if (!existsSync('/usr/bin/chromium') && !process.env.CHROMIUM) await installDebian('Chromium', ['chromium'])
  const cluster = await ensureCluster('test-pg', { preferredPort: 5644, fast: true })
  rmSync(results, { recursive: true, force: true })
  mkdirSync(results, { recursive: true })
  const counts = []
  const one = ok => counts.push({ passed: ok ? 1 : 0, failed: ok ? 0 : 1 })
  try {
    await step('prepare', [bin('nuxt/bin/nuxt.mjs'), 'prepare'])
    // None writes what another reads: side by side they take as long as the longest one.
    const lintAndBuild = async () => [await step('lint', [bin('eslint/bin/eslint.js'), '.', '--max-warnings', '0']), await isBuilt()]
    const [[linted, built], typed] = await Promise.all([lintAndBuild(), step('types', [bin('nuxt/bin/nuxt.mjs'), 'typecheck'])])
    for (const ok of [linted, typed, built]) one(ok)
    const env = { ZONARIS_TEST_CLUSTER: cluster.url }
    const vitestFile = path.join(results, 'vitest.json')
    const unitsEnded = await step('unit, reference and server', [bin('vitest/vitest.mjs'), 'run', '--reporter=dot', '--reporter=json', `--outputFile.json=${vitestFile}`], env)
    counts.push(withEnd(unitsEnded, countVitest(vitestFile)))
    if (built) {
      const playwrightFile = path.join(results, 'playwright.json')
      const browserEnded = await step('browser', [bin('@playwright/test/cli.js'), 'test'], { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: playwrightFile })
      counts.push(withEnd(browserEnded, countPlaywright(playwrightFile)))
    }
  }
  finally { cluster.stop() }
  const passed = counts.reduce((sum, count) => sum + count.passed, 0)
  const failed = counts.reduce((sum, count) => sum + count.failed, 0)
  say(`\nin ${Math.round((Date.now() - started) / 1000)} s`)
  say(`${passed} passed, ${failed} failed`)
  if (failed > 0 || passed === 0) process.exitCode = 1
})
