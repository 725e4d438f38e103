import { spawn } from 'node:child_process'
import type { ChildProcess } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { rmSync } from 'node:fs'
import net from 'node:net'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { setTimeout as wait } from 'node:timers/promises'
import { test as base, expect, request } from '@playwright/test'
import type { Locator, Page } from '@playwright/test'
import pg from 'pg'
import type { HouseRules } from '#core/streams/house-rules/house-rules'
import { copyDemo, prepare, testCluster } from './demo-template'

const root = path.resolve(import.meta.dirname, '../..')

/** A running production build on a database of its own. */
export interface Served {
  readonly url: string
  readonly databaseUrl: string
  /** Where it keeps its anchors. */
  readonly anchors: string
  /** The code printed by a first start without the demo. */
  readonly firstRunCode: string | null
  /** Starts the same server again, perhaps at another instant. */
  readonly restart: (clock?: string) => Promise<void>
  readonly stop: () => Promise<void>
}

const freePort = (): Promise<number> => new Promise((resolve, reject) => {
  const probe = net.createServer()
  probe.once('error', reject)
  probe.listen(0, '127.0.0.1', () => {
    const { port } = probe.address() as net.AddressInfo
    probe.close(() => resolve(port))
  })
})

export async function serve({ demo = true, clock }: { demo?: boolean, clock?: string } = {}): Promise<Served> {
  const cluster = testCluster()
  const name = `e2e_${randomUUID().replaceAll('-', '')}`
  const admin = new pg.Client({ connectionString: `${cluster}/postgres` })
  await admin.connect()
  const port = await freePort()
  const url = `http://127.0.0.1:${port}`
  const anchors = path.join(tmpdir(), name)
  const env = (at?: string): NodeJS.ProcessEnv => ({
    ...process.env,
    DATABASE_URL: `${cluster}/${name}`,
    ZONARIS_DEMO: demo ? 'on' : 'off',
    NODE_ENV: 'production',
    NITRO_HOST: '127.0.0.1',
    NITRO_PORT: String(port),
    NITRO_SHUTDOWN_TIMEOUT: '500',
    NUXT_SESSION_PASSWORD: 'a password for tests only, long enough',
    NUXT_SESSION_COOKIE_SECURE: 'false',
    ZONARIS_ANCHORS: anchors,
    ZONARIS_ANCHOR_KEY: path.join(anchors, 'key.pem'),
    ...(at ? { ZONARIS_CLOCK: at } : {}),
  })
  const isCopy = demo && clock === undefined
  if (isCopy) await copyDemo(admin, name)
  else await admin.query(`create database ${name}`)
  const { firstRunCode } = isCopy ? { firstRunCode: null } : await prepare(`${cluster}/${name}`, env(clock))
  let child: ChildProcess | undefined
  const start = async (at?: string) => {
    child = spawn(process.execPath, [path.join(root, '.output/server/index.mjs')], {
      cwd: root,
      env: env(at),
      stdio: ['ignore', 'ignore', 'inherit'],
    })
    for (let tries = 0; ; tries++) {
      const up = await fetch(`${url}/api/v1/health`).then(response => response.ok, () => false)
      if (up) return
      if (tries > 100) throw new Error('the server did not come up')
      await wait(100)
    }
  }
  const end = async () => {
    if (!child || child.exitCode !== null) return
    const ended = new Promise(resolve => child!.once('close', resolve))
    child.kill('SIGTERM')
    await ended
  }
  await start(clock)
  return {
    url, firstRunCode, anchors, databaseUrl: `${cluster}/${name}`,
    restart: async (at) => {
      await end()
      await start(at)
    },
    stop: async () => {
      await end()
      await admin.query(`drop database ${name} with (force)`)
      await admin.end()
      rmSync(anchors, { recursive: true, force: true })
    },
  }
}

export const PASSWORDS = {
  maren: 'mitre-sill-maren',
  oskar: 'paddle-gear-oskar',
  imke: 'quoin-post-imke',
  bea: 'weir-board-bea',
  jun: 'stop-plank-jun',
  hedda: 'lock-beam-hedda',
  wim: 'tow-path-wim',
  tove: 'cill-stone-tove',
  ebba: 'gate-paddle-ebba',
} as const

/**
 * Runs in the page: while a command is on its way, and until its answer and what is read anew for it are drawn, `html` says so. A key
 * that is pressed in between may move away under the mouse as the answer comes in: on a slow machine such a press was lost. What is
 * read because others did something is waited for by nobody.
 */
function markWhatIsAsked(): void {
  const own = window.fetch
  let asked = 0
  const tell = (change: number) => {
    asked += change
    document.documentElement.toggleAttribute('data-asking', asked > 0)
  }
  const drawn = () => requestAnimationFrame(() => setTimeout(() => tell(-1)))
  window.fetch = (...request) => {
    const [input, init] = request
    const method = init?.method ?? (input instanceof Request ? input.method : 'GET')
    if (method.toUpperCase() !== 'POST' && asked === 0) return own(...request)
    tell(1)
    return own(...request).finally(drawn)
  }
}

const waiting = new WeakSet<Page>()
/** From here on each press and each word typed waits until what was asked before is answered and drawn. */
export async function actWhenAnswered(page: Page): Promise<void> {
  // Once for a page, however many sign in there one after the other: two that follow its requests take the mark from each other.
  if (waiting.has(page)) return
  waiting.add(page)
  await page.addInitScript(markWhatIsAsked)
  // Waited for in the page, frame by frame: the tool's own wait looks again only every half second.
  const answered = () => page.waitForFunction(() => !document.documentElement.hasAttribute('data-asking')).then(() => {})
  await page.addLocatorHandler(page.locator('html[data-asking]'), answered, { noWaitAfter: true })
}

/** Somebody signed in, on a page that is drawn. How it is done by hand is walked where signing in is what is looked at. */
export async function signIn(page: Page, served: Served, who: keyof typeof PASSWORDS, at = '/'): Promise<void> {
  await actWhenAnswered(page)
  const signedIn = await page.context().request.post(`${served.url}/api/v1/sign-in`, { data: { loginName: who, password: PASSWORDS[who] } })
  expect(signedIn.status()).toBe(200)
  await page.goto(served.url + at)
  await expect(page.getByRole('navigation', { name: 'Areas' })).toBeVisible()
}

export async function signInByHand(page: Page, served: Served, who: keyof typeof PASSWORDS): Promise<void> {
  await actWhenAnswered(page)
  await page.goto(`${served.url}/sign-in`)
  await page.getByLabel('Name', { exact: true }).fill(who)
  await page.getByLabel('Password').fill(PASSWORDS[who])
  await page.getByRole('button', { name: 'Sign in' }).click()
  await expect(page.getByRole('navigation', { name: 'Areas' })).toBeVisible()
}

/**
 * Every page of these tests: no request leaves the machine, nothing is written to the console as an error. What a test opened for somebody
 * else is closed as it ends: left open, sixty boards of ended shops ticked on in the browser, and asked for a server that was gone, under
 * every test after them.
 */
export const test = base.extend<{ watched: undefined }>({
  watched: [async ({ browser, context }, use) => {
    const before = browser.contexts()
    const complaints: string[] = []
    context.on('request', (request) => {
      if (!/^(http:\/\/127\.0\.0\.1|data:|blob:)/.test(request.url())) complaints.push(`asked ${request.url()}`)
    })
    context.on('console', (message) => {
      // The browser itself reports every answer of 4xx, and a lost connection, as an error; those are asserted where they are meant.
      if (message.type() === 'error' && !/Failed to load resource|ERR_/.test(message.text())) complaints.push(message.text())
    })
    context.on('weberror', error => complaints.push(String(error.error())))
    await use(undefined)
    for (const opened of browser.contexts().filter(one => !before.includes(one))) await opened.close()
    expect(complaints).toEqual([])
  }, { auto: true }],
})

/** House rules that a walk needs otherwise than the demo has them. */
export async function changeRules(served: Served, change: Partial<HouseRules>): Promise<void> {
  const lead = await request.newContext({ baseURL: served.url })
  await lead.post('/api/v1/sign-in', { data: { loginName: 'oskar', password: PASSWORDS.oskar } })
  const { rules } = await (await lead.get('/api/v1/floor')).json() as { rules: HouseRules }
  const { now } = await (await lead.get('/api/v1/session')).json() as { now: string }
  const changed = await lead.post('/api/v1/commands', {
    data: {
      id: randomUUID(),
      type: 'house-rules.change',
      streams: [{ id: 'house-rules', expectedVersion: null }],
      at: now,
      sentAt: now,
      deviceId: 'rules',
      deviceSeq: 1,
      payload: { ...rules, ...change },
    },
  })
  expect(changed.status(), await changed.text()).toBe(200)
  await lead.dispose()
}
/** The demo measures in feet; some walks type metres. */
export const measureInMetres = (served: Served): Promise<void> => changeRules(served, { units: 'metric' })

/** Chooses from a list by what it says. */
export async function choose(list: Locator, says: string | RegExp): Promise<void> {
  await list.click()
  await list.page().getByRole('option', { name: says, exact: typeof says === 'string' }).click()
}

/** Chooses from a long list: types a part of what it says, and takes what is left. */
export async function chooseFrom(list: Locator, typed: string, says: string): Promise<void> {
  await list.click()
  await list.page().getByPlaceholder('Type to find').fill(typed)
  await list.page().getByRole('option', { name: says }).click()
}

/** Goes to something as who has no mouse does, and fails where Tab does not lead there. */
export async function tabTo(target: Locator): Promise<void> {
  await expect(target).toBeVisible()
  // The shorter way: on from what has the focus, or back from it; what is opened beside a list stands at the end of the page.
  const isAhead = await target.evaluate((element) => {
    const now = document.activeElement ?? document.body
    return now !== document.body && (now.compareDocumentPosition(element) & Node.DOCUMENT_POSITION_FOLLOWING) !== 0
  })
  for (let step = 0; step < 200; step++) {
    if (await target.evaluate(element => element === document.activeElement)) return
    await target.page().keyboard.press(isAhead ? 'Tab' : 'Shift+Tab')
  }
  throw new Error(`Tab does not lead to ${target}`)
}
export async function pressByKeyboard(target: Locator): Promise<void> {
  await tabTo(target)
  await target.page().keyboard.press('Enter')
}
export async function typeByKeyboard(target: Locator, text: string): Promise<void> {
  await tabTo(target)
  await target.page().keyboard.type(text)
}

/** Chooses from a list that typing goes along in. */
export async function chooseByKeyboard(list: Locator, typed: string): Promise<void> {
  await pressByKeyboard(list)
  const option = list.page().getByRole('option', { name: typed }).first()
  await expect(option).toBeVisible()
  await list.page().keyboard.type(typed, { delay: 10 })
  await expect(option).toHaveAttribute('data-highlighted', '')
  await list.page().keyboard.press('Enter')
}

/** Types a time of day, HH:MM, part by part. */
export async function typeTime(field: Locator, time: string): Promise<void> {
  await field.getByRole('spinbutton').first().click()
  await field.page().keyboard.type(time.replace(':', ''))
}

/** Types a day part by part. */
export async function typeDay(field: Locator, day: string): Promise<void> {
  const [year, month, date] = day.split('-')
  const parts: Readonly<Record<string, string>> = { year: year!, month: month!, day: date! }
  const places = field.getByRole('spinbutton')
  await places.first().click()
  // In the order in which the field asks for them, which differs from shop to shop.
  for (const place of await places.all()) {
    const part = await place.getAttribute('data-reka-date-field-segment')
    await field.page().keyboard.type(parts[part!]!, { delay: 20 })
  }
}

export { expect }
