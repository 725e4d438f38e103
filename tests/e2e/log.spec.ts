import { readFileSync } from 'node:fs'
import { axeFindsNothing } from './axe-finds'
import { choose, chooseFrom, expect, serve, signIn, test, typeDay } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

test('a rule that changes says from what to what, before it is saved and in the record ever after', async ({ page }) => {
  await signIn(page, served, 'oskar', '/house-rules')
  for (const [from, to] of [['50 %', '25 %'], ['25 %', '50 %']] as const) {
    await page.getByRole('radio', { name: to, exact: true }).click()
    await expect(page.getByRole('region', { name: 'What would change' })).toContainText(`Action fraction ${from} → ${to}`)
    await page.getByRole('button', { name: /^Save/ }).click()
    await expect(page.getByText('Saved.')).toBeVisible()
  }
  await page.goto(`${served.url}/log?kind=rules`)
  const rows = page.getByRole('row')
  await expect(rows.nth(1)).toContainText('Action fraction: 25 % → 50 %')
  await expect(rows.nth(2)).toContainText('Action fraction: 50 % → 25 %')
})

test('the record is narrowed in the address bar; a row leads to what it is about', async ({ page }) => {
  await signIn(page, served, 'oskar', '/log')
  await choose(page.getByLabel('Kind'), 'Stops and re-openings')
  await expect(page).toHaveURL(/\/log\?kind=stops$/)
  await expect(page.getByRole('row').nth(1)).toContainText('Stopped')
  await expect(page.getByRole('link', { name: 'Bay 8' }).first()).toHaveAttribute('href', '/bay/bay-8')
  // Back is back.
  await page.goBack()
  await expect(page).toHaveURL(/\/log$/)
  await chooseFrom(page.getByLabel('Who did it'), 'tove', 'Tove Ridd')
  await expect(page).toHaveURL(/by=/)
  await expect(page.getByRole('row').nth(1)).toContainText('Tove Ridd')
  await chooseFrom(page.getByLabel('Thing, permit or person'), 'timber', 'Gate by the timber stacks')
  // Which permit, not only that it was one.
  const row = page.getByRole('row').nth(1)
  await expect(row).toContainText('Tove Ridd')
  await expect(row.getByRole('link', { name: 'Gate by the timber stacks' })).toHaveAttribute('href', '/hot-work/timber-bolts')
  await page.getByRole('button', { name: 'All of it' }).click()
  await typeDay(page.getByRole('group', { name: 'Shop day' }), '2019-02-03')
  await expect(page).toHaveURL(/\/log\?day=2019-02-03$/)
  await expect(page.getByText('Nothing of that is recorded.')).toBeVisible()
  await page.reload()
  await expect(page.getByText('Nothing of that is recorded.')).toBeVisible()
})

test('a fingerprint is one tap away', async ({ page }) => {
  await signIn(page, served, 'bea', '/log?kind=seals')
  await page.getByRole('button', { name: /^Fingerprint of line/ }).first().click()
  const sheet = page.getByRole('dialog')
  await expect(sheet).toContainText(/[\da-f]{64}/)
  await expect(sheet).toContainText('Recorded')
  await page.keyboard.press('Escape')
  await expect(sheet).toHaveCount(0)
})

test('all of the record is saved, whatever the page shows of it; stopped, or not read to its end, nothing is', async ({ page }) => {
  await signIn(page, served, 'oskar', '/log')
  const saveAll = page.getByRole('button', { name: 'Save all as CSV' })
  const newest = Number(await page.getByRole('row').nth(1).getByRole('button').first().textContent())
  const [file] = await Promise.all([page.waitForEvent('download'), saveAll.click()])
  const lines = readFileSync((await file.path())!, 'utf8').trim().split('\r\n')
  expect(lines.length - 1).toBe(newest)

  let saved = 0
  page.on('download', () => saved++)
  let isCut = false
  await page.route('**/api/v1/log?*before=*', async (route) => {
    await new Promise(resolve => setTimeout(resolve, 400))
    await (isCut ? route.abort() : route.continue())
  })
  await saveAll.click()
  await expect(page.getByText('200 lines read so far')).toBeVisible()
  await expect(page.getByRole('progressbar')).toBeVisible()
  await page.getByRole('button', { name: 'Stop it here' }).click()
  await expect(page.getByRole('progressbar')).toHaveCount(0)
  isCut = true
  await saveAll.click()
  await expect(page.getByText(/^Nothing was saved\./)).toBeVisible()
  expect(saved).toBe(0)
})

test('whoever has gone back in the record stays there while others go on', async ({ page, browser }) => {
  await signIn(page, served, 'oskar', '/log')
  await page.getByRole('button', { name: 'Older' }).click()
  const rows = page.getByRole('row')
  await expect(rows).toHaveCount(121)
  const oldest = await rows.last().textContent()
  const there = await (await browser.newContext()).newPage()
  await signIn(there, served, 'maren', '/bay/bay-5')
  await there.getByRole('button', { name: 'Stop bay 5' }).click()
  await expect(rows.nth(1)).toContainText('Stopped')
  await expect(rows.last()).toHaveText(oldest!)
  expect(await rows.count()).toBeGreaterThan(121)
  await there.context().close()
})

test('a day is chosen from the calendar, in the reader\'s language, by keyboard too', async ({ page }) => {
  await signIn(page, served, 'oskar', '/log')
  await page.getByRole('button', { name: 'Choose from the calendar: Shop day' }).click()
  await expect(page.getByRole('button', { name: 'A month back' })).toBeVisible()
  await axeFindsNothing(page)
  await page.getByRole('button', { name: 'A month back' }).press('Enter')
  await page.getByRole('button', { name: /\b15\b/ }).press('Enter')
  await expect(page).toHaveURL(/day=\d{4}-\d\d-15$/)
})

test('a list is sorted by what stands over it, and narrowed by typing', async ({ page }) => {
  await signIn(page, served, 'oskar', '/people')
  const first = page.getByRole('row').nth(1)
  await page.getByRole('button', { name: 'Name', exact: true }).click()
  await expect(first).toContainText('Ada Quill')
  await page.getByRole('button', { name: /^Name sorted upwards/ }).click()
  await expect(first).toContainText('Wim')
  await page.getByLabel('Find in this list').fill('fire ebba')
  await expect(page.getByRole('row')).toHaveCount(2)
  await expect(first).toContainText('Ebba Lund')
  await page.getByLabel('Find in this list').fill('nobody of that name')
  await expect(page.getByText('Nothing like it in this list.')).toBeVisible()
})
