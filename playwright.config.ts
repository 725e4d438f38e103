import { availableParallelism } from 'node:os'
import { defineConfig } from '@playwright/test'
import { findBrowser } from './scripts/browser.mjs'

/** Each test file starts its own server on its own database: see tests/e2e/served.ts. */
export default defineConfig({
  testDir: 'tests/e2e',
  outputDir: 'test-results',
  globalSetup: './tests/e2e/demo-template.ts',
  // A browser and a server each: on two cores a third is slower, on more of them there is room.
  workers: Math.min(4, Math.max(2, availableParallelism())),
  // A walk that passes at the second try hides a fault: none is tried twice.
  retries: 0,
  // Two workers and a database share two cores, perhaps with somebody else's work or a cold disk: a slow answer is not a wrong one, and
  // nothing waits as long as this but where it would fail.
  timeout: 180_000,
  expect: { timeout: 60_000 },
  forbidOnly: !!process.env.CI,
  reporter: [['list'], ['json']],
  use: {
    browserName: 'chromium',
    headless: true,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'America/New_York',
    // Recording a trace of every test costs a third of the run; ask for one when a failure needs it.
    trace: process.env.ZONARIS_TRACE ? 'retain-on-failure' : 'off',
    launchOptions: {
      executablePath: findBrowser() ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
        '--disable-component-update', '--disable-sync',
      ],
    },
  },
})
