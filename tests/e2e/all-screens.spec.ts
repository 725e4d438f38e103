import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'
import { axeFindsNothing, COLOUR_RULES } from './axe-finds'
import { followWhatIsAsked, isDrawn, SCREENS, show } from './screens'
import { expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

// The longest file by far: called so that it is begun first, and no worker is left alone with it at the end.

const PHONE = { width: 390, height: 844 } as const
const TABLET = { width: 1280, height: 800 } as const
/** The screens that are used on a phone: there axe looks too. */
const ON_A_PHONE: readonly string[] = [
  '/', '/bay/bay-4', '/bay/bay-3?do=job', '/bay/bay-3?do=body', '/bay/bay-4?do=air', '/air', '/gas', '/gas/ac-7', '/kit', '/kit/gr-2',
  '/kit/round', '/bay/bay-10?do=gas', '/bay/bay-3?do=handover', '/bay/bay-1?do=fire', '/hot-work', '/hot-work/slip-winch',
  '/hot-work/gate-3-strap', '/help', '/help/cylinder-in-fire',
]
/** The board beside an open bay is the same on every sheet: it is looked at once, whole, and then the sheet alone. */
const isSheet = (path: string): boolean => /^\/(?!people|door).*do=|ask=|bay-8|\/gas\/|\/kit\/|\/hot-work\/(?!wall)/.test(path)

async function isAccessible(page: Page, path: string, which: { rules?: readonly string[], without?: readonly string[] } = {}) {
  await axeFindsNothing(page, { ...which, about: path, ...isSheet(path) ? { within: '.right' } : {} })
}

test('axe finds nothing on the pages before anybody is signed in', async ({ page }) => {
  for (const [path, button] of [['/sign-in', 'Sign in'], ['/welcome', 'Set my sign-in']] as const) {
    await page.goto(`${served.url}${path}`)
    await expect(page.getByRole('button', { name: button })).toBeVisible()
    await isAccessible(page, path)
  }
})

// A few screens a test: what fails is named sooner, and no test is as long as the slowest machine is patient.
const PER_TEST = 8
for (let first = 0; first < SCREENS.length; first += PER_TEST) {
  const paths = SCREENS.slice(first, first + PER_TEST)
  test(`axe finds nothing in either look, and all fits a phone: ${paths[0]} to ${paths.at(-1)}`, async ({ browser }) => {
    test.setTimeout(300_000)
    const page = await (await browser.newContext({ colorScheme: 'light', reducedMotion: 'reduce' })).newPage()
    const stillAsked = followWhatIsAsked(page)
    await signIn(page, served, 'oskar')
    for (const path of paths) {
      await page.emulateMedia({ colorScheme: 'light' })
      await page.setViewportSize(TABLET)
      await show(page, served, path)
      await isDrawn(page, stillAsked)
      if (isSheet(path)) await expect(page.locator('.right')).toBeVisible()
      await isAccessible(page, path)
      await page.emulateMedia({ colorScheme: 'dark' })
      await expect(page.locator('html')).toHaveClass(/dark/)
      await isAccessible(page, path, { rules: COLOUR_RULES })
      await page.setViewportSize(PHONE)
      // A chart takes its new width a moment after the window has its own.
      await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(PHONE.width)
      await expect(page.getByRole('link', { name: 'Floor' })).toBeInViewport()
      if (ON_A_PHONE.includes(path)) await isAccessible(page, path, { without: COLOUR_RULES })
    }
    await page.context().close()
  })
}

test('every target on the sheet is large enough for a glove', async ({ page }) => {
  await signIn(page, served, 'maren')
  for (const path of [
    '/bay/bay-4', '/bay/bay-11?do=job', '/bay/bay-4?do=eyes', '/bay/bay-3?do=body', '/bay/bay-10?do=gas', '/bay/bay-3?do=handover',
  ]) {
    await show(page, served, path)
    await expect(page.getByRole('heading', { name: new RegExp(`^Bay ${/bay-(\d+)/.exec(path)![1]}\\b`) })).toBeVisible()
    await expect(page.locator('.right .key').first()).toBeVisible()
    const small = await page
      .locator('.key:visible, .stop-key:visible')
      .evaluateAll(keys => keys.filter(key => Math.round(key.getBoundingClientRect().height) < 48).map(key => key.textContent))
    expect(small, path).toEqual([])
  }
})

test('a page that does not exist says so, and leads back', async ({ page }) => {
  await signIn(page, served, 'maren')
  await page.goto(`${served.url}/nowhere`)
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible()
  await axeFindsNothing(page)
  await page.getByRole('button', { name: 'Back to the floor' }).click()
  await expect(page.getByRole('link', { name: /^Bay 1,/ })).toBeVisible()
})

test('forty bays stay usable: every row a full target, any bay two keystrokes away', async ({ page }) => {
  await signIn(page, served, 'oskar')
  for (let bay = 13; bay <= 40; bay++) {
    const now = new Date().toISOString()
    const response = await page.request.post(`${served.url}/api/v1/commands`, {
      data: {
        id: randomUUID(),
        type: 'site.add-bay',
        streams: [{ id: 'site', expectedVersion: null }],
        at: now,
        sentAt: now,
        deviceId: 'test',
        deviceSeq: bay,
        payload: { bayId: `bay-${bay}`, areaId: 'gate-bays', label: String(bay), kind: 'designated' },
      },
    })
    expect(response.status()).toBe(200)
  }
  const rows = page.getByRole('link', { name: /^Bay \d+,/ })
  await expect(rows).toHaveCount(40)
  expect((await rows.last().boundingBox())!.height).toBeGreaterThanOrEqual(56)
  await page.keyboard.press('/')
  await page.keyboard.type('bay 37')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /Bay 37/ })).toBeInViewport()
  await expect(page.getByRole('button', { name: 'Stop bay 37' })).toBeInViewport()
  await expect(page.getByRole('link', { name: /^Bay 37,/ })).toBeInViewport()
})
