import { spawn } from 'node:child_process'
import { createServer } from 'node:http'
import { readFileSync, existsSync, statSync } from 'node:fs'
import path from 'node:path'
import { gzipSync } from 'node:zlib'
import { chromium } from '@playwright/test'
import type { Page } from '@playwright/test'
import makeDemoTemplate from '../e2e/demo-template'
import { PASSWORDS, serve } from '../e2e/served'
import { findBrowser } from '../../scripts/browser.mjs'
import { report } from './ratio'

const root = path.resolve(import.meta.dirname, '../..')
/** Pages of the same stack: a heading alone, and a heading with the parts that the Floor loads. */
const BLANKS = { 'blank': 1.75, 'blank-parts': 1.45 } as const
const outputOf = (blank: string) => path.join(root, `tests/bench/${blank}/.output/public`)

/** JS and CSS that a page asks for until it is quiet, gzipped, in kB. */
async function weigh(page: Page, url: string, folder: string): Promise<number> {
  const asked = new Set<string>()
  page.on('response', (response) => {
    const { pathname } = new URL(response.url())
    if (/\.(js|css)$/.test(pathname)) asked.add(pathname)
  })
  await page.goto(url)
  await page.waitForLoadState('networkidle').catch(() => {})
  await page.waitForTimeout(1500)
  return [...asked].reduce((sum, name) => sum + gzipSync(readFileSync(path.join(folder, name)), { level: 9 }).length, 0) / 1000
}

async function serveFolder(folder: string): Promise<{ url: string, close: () => void }> {
  const server = createServer((request, response) => {
    const file = path.join(folder, new URL(request.url ?? '/', 'http://x').pathname)
    const found = existsSync(file) && statSync(file).isFile() ? file : path.join(folder, '200.html')
    const type = found.endsWith('.js') ? 'text/javascript' : found.endsWith('.css') ? 'text/css' : 'text/html'
    response.setHeader('content-type', type).end(readFileSync(found))
  })
  await new Promise<void>(resolve => server.listen(0, '127.0.0.1', resolve))
  const { port } = server.address() as { port: number }
  return { url: `http://127.0.0.1:${port}/`, close: () => server.close() }
}

async function buildBlank(blank: string): Promise<void> {
  const code = await new Promise<number | null>(resolve =>
    spawn(process.execPath, [path.join(root, 'node_modules/nuxt/bin/nuxt.mjs'), 'generate', path.join(root, 'tests/bench', blank)], {
      cwd: root,
      stdio: 'ignore',
    }).on('close', resolve),
  )
  if (code !== 0) throw new Error(`${blank} could not be built`)
}

for (const blank of Object.keys(BLANKS)) await buildBlank(blank)
await makeDemoTemplate()
const served = await serve()
const browser = await chromium.launch({
  executablePath: findBrowser() ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update',
    '--disable-sync',
  ],
})
try {
  const context = await browser.newContext()
  await context.request.post(`${served.url}/api/v1/sign-in`, { data: { loginName: 'maren', password: PASSWORDS.maren } })
  const floorKb = await weigh(await context.newPage(), `${served.url}/`, path.join(root, '.output/public'))
  for (const [blank, atMost] of Object.entries(BLANKS)) {
    const folder = await serveFolder(outputOf(blank))
    const blankKb = await weigh(await (await browser.newContext()).newPage(), folder.url, outputOf(blank))
    folder.close()
    const isLight = report({
      name: `first load of the Floor against ${blank === 'blank' ? 'a blank page' : 'a blank page of the same parts'}, JS and CSS`,
      ratio: floorKb / blankKb,
      atMost,
      absolutes: `${floorKb.toFixed(1)} kB against ${blankKb.toFixed(1)} kB gzip`,
    })
    if (!isLight) process.exitCode = 1
  }
} finally {
  await browser.close()
  await served.stop()
}
