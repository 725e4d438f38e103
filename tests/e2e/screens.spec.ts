import { randomUUID } from 'node:crypto'
import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => { served = await serve() })
test.afterAll(() => served.stop())

const SCREENS = [
  '/', '/bay/bay-4', '/bay/bay-8', '/bay/bay-11?do=job', '/bay/bay-3?do=job', '/bay/bay-4?do=eyes', '/bay/bay-12?do=eyes', '/bay/bay-3?do=body', '/bay/bay-4?do=who', '/bay/bay-4?do=because-eyes', '/bay/bay-4?do=because-body',
  '/bay/bay-4?do=air', '/bay/bay-4?do=because-air', '/air', '/air/bay-4?do=open', '/air?do=hall-boat-shed', '/air?do=sheets',
  '/?ask=tig%2090%20stainless', '/people', '/set-up', '/house-rules', '/log', '/pin',
]

async function visitAll(page: Page, paths: readonly string[], look: (path: string) => Promise<void>): Promise<void> {
  for (const path of paths) {
    await page.goto(served.url + path)
    await expect(page.getByRole('navigation', { name: 'Areas' })).toBeVisible()
    await expect(page.getByText('Reading the shop')).toHaveCount(0)
    await look(path)
  }
}
/** The board beside an open bay is the same on every sheet: it is looked at once, whole, and then the sheet alone. */
const axeFindsNothing = async (page: Page, path: string, rules?: readonly string[]): Promise<void> => {
  const sheetOnly = /do=|ask=|bay-8/.test(path)
  const builder = rules ? new AxeBuilder({ page }).withRules([...rules]) : new AxeBuilder({ page })
  const { violations } = await (sheetOnly ? builder.include('.right') : builder).analyze()
  expect(violations.map(({ id, nodes }) => `${path} ${id}: ${nodes.map(node => node.html.slice(0, 160)).join(' | ')}`)).toEqual([])
}

for (const colorScheme of ['light', 'dark'] as const) {
  test(`axe finds nothing on any screen in the ${colorScheme} look`, async ({ browser }) => {
    test.setTimeout(180_000)
    const page = await (await browser.newContext({ colorScheme, reducedMotion: 'reduce' })).newPage()
    await page.goto(`${served.url}/sign-in`)
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
    await axeFindsNothing(page, '/sign-in')
    await signIn(page, served, 'oskar')
    // The other look has the same words and shapes: only what its colours can change is looked at again.
    await visitAll(page, SCREENS, path => axeFindsNothing(page, path, colorScheme === 'dark' ? ['color-contrast', 'link-in-text-block'] : undefined))
    await page.context().close()
  })
}

test('every screen fits a phone, and axe finds nothing on the ones used there', async ({ browser }) => {
  test.setTimeout(120_000)
  const page = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  await signIn(page, served, 'oskar')
  await visitAll(page, SCREENS, async (path) => {
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390)
    await expect(page.getByRole('link', { name: 'Floor' })).toBeInViewport()
    if (['/', '/bay/bay-4', '/bay/bay-3?do=job', '/bay/bay-3?do=body', '/bay/bay-4?do=air', '/air'].includes(path)) await axeFindsNothing(page, path)
  })
  await page.context().close()
})

test('every target on the sheet is large enough for a glove', async ({ page }) => {
  await signIn(page, served, 'maren')
  for (const path of ['/bay/bay-4', '/bay/bay-11?do=job', '/bay/bay-4?do=eyes', '/bay/bay-3?do=body']) {
    await page.goto(served.url + path)
    for (const key of await page.locator('.key:visible, .stop-key:visible').all()) {
      const box = await key.boundingBox()
      expect(Math.round(box!.height), await key.innerText()).toBeGreaterThanOrEqual(48)
    }
  }
})

test('a page that does not exist says so, and leads back', async ({ page }) => {
  await signIn(page, served, 'maren')
  await page.goto(`${served.url}/nowhere`)
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible()
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await page.getByRole('button', { name: 'Back to the floor' }).click()
  await expect(page.getByRole('link', { name: /^Bay 1,/ })).toBeVisible()
})

test('forty bays stay usable: every row a full target, any bay two keystrokes away', async ({ page }) => {
  await signIn(page, served, 'oskar')
  for (let bay = 13; bay <= 40; bay++) {
    const now = new Date().toISOString()
    const response = await page.request.post(`${served.url}/api/v1/commands`, { data: {
      id: randomUUID(), type: 'site.add-bay', streams: [{ id: 'site', expectedVersion: null }], at: now, sentAt: now, deviceId: 'test', deviceSeq: bay,
      payload: { bayId: `bay-${bay}`, areaId: 'gate-bays', label: String(bay), kind: 'designated' },
    } })
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
