import type { Page } from '@playwright/test'
import { expect, measureInMetres, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
  await measureInMetres(served)
})
test.afterAll(() => served.stop())

/** What a page asks the server for, from now on; the stream of changes is asked for once and never ends. */
function follow(page: Page): () => readonly string[] {
  const asked: string[] = []
  page.on('request', (request) => {
    const { pathname } = new URL(request.url())
    if (pathname.startsWith('/api/v1/') && !pathname.endsWith('/events') && request.method() === 'GET')
      asked.push(pathname.slice('/api/v1/'.length))
  })
  return () => asked
}

/** Longer than the shop needs to tell of a change, and than two beats. */
const ALL_TOLD_MS = 11_000

test('one thing done to a cylinder asks for two readings where it is done, and for the board alone elsewhere', async ({
  browser,
  page,
}) => {
  const there = await (await browser.newContext()).newPage()
  await signIn(there, served, 'oskar')
  await there.getByRole('link', { name: 'Hot work', exact: true }).click()
  await expect(there.getByRole('heading', { name: /Hot work/ }).first()).toBeVisible()
  await signIn(page, served, 'jun')
  await page.getByRole('link', { name: 'Gas', exact: true }).click()
  await page.getByRole('link', { name: /AC-7/ }).first().click()
  await page.getByRole('button', { name: 'Weigh' }).click()
  await page.getByLabel('Weighs, regulator and cap off, kg').fill('84.5')
  const [here, elsewhere] = [follow(page), follow(there)]
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByRole('button', { name: 'Write it down' })).toHaveCount(0)
  await page.waitForTimeout(ALL_TOLD_MS)
  expect([...here()].sort()).toEqual(['cylinders/ac-7', 'floor'])
  expect(elsewhere()).toEqual(['floor'])
  await there.context().close()
})

test('one thing done to kit asks for two readings, and the list beside it shows it', async ({ page }) => {
  await signIn(page, served, 'maren', '/kit')
  const out = page.locator('section', { has: page.getByRole('heading', { name: /^Out/ }) })
  await page.getByLabel('Tag').first().fill('fa-3')
  await page.getByRole('button', { name: 'Find', exact: true }).click()
  await page.getByRole('button', { name: 'Tag out', exact: true }).click()
  await page.getByLabel('Why').fill('Sooted inside')
  await expect(out.getByText('FA-3')).toHaveCount(0)
  const here = follow(page)
  await page.getByRole('button', { name: 'Tag it out' }).click()
  await expect(out.getByText('FA-3')).toBeVisible()
  await page.waitForTimeout(ALL_TOLD_MS)
  expect([...here()].sort()).toEqual(['floor', 'items/fa-3'])
  // Once it is closed the list reads what it passed over.
  await page.getByRole('link', { name: 'Close' }).click()
  await expect.poll(() => here().filter(asked => asked === 'kit')).toHaveLength(1)
  await expect(out.getByText('FA-3')).toBeVisible()
})

test('what an opened page cannot read, the list beside it asks for itself', async ({ browser, page }) => {
  await signIn(page, served, 'maren', '/kit/m-6')
  await expect(page.getByRole('heading', { name: /M-6/ })).toBeVisible()
  const out = page.locator('section', { has: page.getByRole('heading', { name: /^Out/ }) })
  await page.route('**/api/v1/items/m-6', route => route.fulfill({ status: 500, json: {} }))
  const there = await (await browser.newContext()).newPage()
  await signIn(there, served, 'jun', '/kit/m-6')
  await there.getByRole('button', { name: 'Tag out', exact: true }).click()
  await there.getByLabel('Why').fill('Burnt')
  await there.getByRole('button', { name: 'Tag it out' }).click()
  await expect(out.getByText('M-6')).toBeVisible()
  await there.context().close()
})

test('one thing done to a permit asks for two readings, and the board beside it shows it', async ({ page }) => {
  await signIn(page, served, 'oskar', '/hot-work')
  const working = page.locator('.row', { hasText: /working/i }).first()
  await working.click()
  await page.getByRole('button', { name: 'Stop this work' }).click()
  const here = follow(page)
  await page.getByRole('button', { name: /conditions|changed|weather/i }).first().click()
  await expect(page.locator('.left .row.chosen').getByText('Stopped')).toBeVisible()
  await page.waitForTimeout(ALL_TOLD_MS)
  expect([...here()].map(asked => asked.replace(/permits\/.*/, 'permits/...')).sort()).toEqual(['floor', 'permits/...'])
})

test('a page hears of what another screen did to what it shows', async ({ browser, page }) => {
  const there = await (await browser.newContext()).newPage()
  await signIn(there, served, 'jun', '/gas/ac-7')
  await there.getByRole('button', { name: 'Weigh' }).click()
  await there.getByLabel('Weighs, regulator and cap off, kg').fill('82')
  await signIn(page, served, 'oskar', '/gas/ac-7')
  await expect(page.getByRole('heading', { name: /AC-7/ })).toBeVisible()
  const before = await page.locator('main, .right').first().innerText()
  await there.getByRole('button', { name: 'Write it down' }).click()
  await expect.poll(() => page.locator('main, .right').first().innerText()).not.toBe(before)
  await there.context().close()
})
