import { axeFindsNothing } from './axe-finds'
import { expect, serve, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve({ demo: false })
})
test.afterAll(() => served.stop())

test('an empty site is opened with the printed code, set up and used', async ({ page }) => {
  await page.goto(served.url)
  await expect(page.getByRole('heading', { name: 'Open the shop' })).toBeVisible()
  await axeFindsNothing(page)
  const fill = async (entries: Record<string, string>) => {
    for (const [label, value] of Object.entries(entries)) await page.getByLabel(label, { exact: true }).fill(value)
  }
  await fill({
    'Code': 'AAAA-BBBB-CCCC',
    'Name of the shop': 'Sallow Yard',
    'Time zone': 'Europe/London',
    'Your name': 'Wren Sallow',
    'Sign-in name': 'wren',
    'Password': 'long enough words',
  })
  await page.getByRole('button', { name: 'Open the shop' }).click()
  await expect(page.getByText('use the code that the last start printed')).toBeVisible()
  await expect(page.getByLabel('Name of the shop')).toHaveValue('Sallow Yard')
  await fill({ Code: served.firstRunCode! })
  await page.getByRole('button', { name: 'Open the shop' }).click()

  await expect(page.getByRole('heading', { name: 'Set-up' })).toBeVisible()
  await page.getByLabel('Another hall').fill('Shed')
  await page.getByRole('button', { name: 'Add hall' }).click()
  await expect(page.getByText('Shed', { exact: true }).first()).toBeVisible()
  await page.getByLabel('Another area').fill('Benches')
  await page.getByRole('button', { name: 'Add area' }).click()
  await expect(page.getByText('Benches', { exact: true }).first()).toBeVisible()
  await page.getByLabel('Number or name').fill('1')
  await page.getByRole('button', { name: 'Add bay' }).click()
  await expect(page.getByLabel('Number or name')).toHaveValue('2')

  await page.getByRole('link', { name: 'People' }).click()
  await page.getByRole('button', { name: 'Add somebody' }).click()
  await page.getByLabel('Name', { exact: true }).fill('Alder Finch')
  await page.getByRole('button', { name: 'Add', exact: true }).click()
  await expect(page.getByRole('cell', { name: 'Alder Finch', exact: true })).toBeVisible()

  await page.getByRole('link', { name: 'Floor' }).click()
  await page.getByRole('link', { name: /^Bay 1, nobody, no job yet/ }).click()
  await page.getByRole('button', { name: 'Place somebody' }).click()
  await page.getByRole('button', { name: 'Alder Finch' }).click()
  await expect(page.getByRole('link', { name: /^Bay 1, Alder Finch/ })).toBeVisible()
})
