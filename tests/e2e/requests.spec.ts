import type { Page } from '@playwright/test'
import { expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
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
