import { setTimeout as wait } from 'node:timers/promises'
import { choose, expect, measureInMetres, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
// A Friday morning in winter: the week ends today.
const FRIDAY = '2026-11-27T13:00:00.000Z'
test.beforeAll(async () => {
  served = await serve({ clock: FRIDAY })
  await measureInMetres(served)
})
test.afterAll(() => served.stop())

test('a cylinder comes in: its shoulder is read, it lay, it has to stand, and then it is connected step by step', async ({ page }) => {
  await signIn(page, served, 'jun')
  await page.getByRole('link', { name: 'Gas', exact: true }).click()
  await page.getByRole('link', { name: 'Receive' }).click()
  await page.getByLabel('Tag', { exact: true }).fill('ac-30')
  await choose(page.getByLabel('Gas on the label'), 'acetylene')
  await page.getByLabel(/^Marks on the shoulder/).fill('DOT-8AL\n5-19')
  await expect(page.getByText('Next test by 31 May 2029.')).toBeVisible()
  await page.getByLabel('Content when full, m³').fill('9.3')
  await page.getByLabel('Tare, cap off, kg').fill('80')
  const receive = page.getByRole('button', { name: 'Received' })
  // Nothing is sent as long as something lacks: it is said where it lacks, and the first of it is under the hand.
  await receive.click()
  await expect(page.getByText('Choose one.')).toHaveCount(2)
  await page.getByRole('radio', { name: 'It lay', exact: true }).click()
  await expect(page.getByText('Choose one.')).toHaveCount(1)
  await page.getByLabel('For how long, min').fill('20')
  await expect(page.getByText(/It then stands for 60 min/)).toBeVisible()
  await choose(page.getByLabel('Place', { exact: true }), 'Cylinder cage')
  await page.getByLabel('Along the grid, m').fill('50.6')
  await page.getByLabel('Across the grid, m').fill('0.5')
  for (const confirmed of ['Upright', 'Chained', 'Cap on']) await page.getByRole('button', { name: confirmed, exact: true }).click()
  await receive.click()
  await expect(page.getByRole('heading', { name: /AC-30/ })).toBeVisible()
  await expect(page.getByText(/its solvent settles until 09:00/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Connect' })).toBeDisabled()

  // An hour later it may be used.
  await served.restart('2026-11-27T14:00:30.000Z')
  await page.reload()
  await page.getByRole('button', { name: 'Connect' }).click()
  await choose(page.getByLabel('At bay'), /\b11$/)
  await expect(page.locator('.steps .step').first()).toBeVisible()
  for (const step of await page.locator('.steps .step').all()) await step.click()
  await page.getByRole('button', { name: 'Connected; now the leak test' }).click()
  await expect(page.getByText('bay 11, connected, upright, chained, cap off')).toBeVisible()
  await page.getByRole('button', { name: 'Weigh' }).click()
  await page.getByLabel('Weighs, regulator and cap off, kg').fill('87.5')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText(/6\.7\d m³/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Working pressure' }).click()
  await page.getByLabel('Delivery gauge shows, bar').fill('1.2')
  await page.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText(/above 1\.03 bar it can burst by itself/).first()).toBeVisible()

  // A joint leaks: the bay stops, and the page says what to do.
  await page.getByRole('button', { name: 'Leak test' }).click()
  await page.getByRole('button', { name: 'leaks Hose at its far end' }).click()
  await page.getByRole('button', { name: 'It leaks: stop the bay' }).click()
  await expect(page.getByRole('heading', { name: 'AC-30: it leaks. acetylene.' })).toBeVisible()
  await expect(page.getByText('No flame, no switch, no spark near it.')).toBeVisible()
  await page.getByRole('link', { name: 'Floor' }).click()
  await expect(page.getByRole('link', { name: /^Bay 11, .*Stopped/ })).toBeVisible()
})

test('what can be done with gas comes with the list, all at once: no key moves from under a hand', async ({ page }) => {
  let isHeld = true
  await page.route('**/api/v1/gas*', async (route) => {
    while (isHeld) await wait(20)
    await route.continue()
  })
  await signIn(page, served, 'jun')
  await page.getByRole('link', { name: 'Gas', exact: true }).click()
  await expect(page.getByText('Reading the store')).toBeVisible()
  const keys = page.locator('main header.top').getByRole('link')
  await expect(keys).toHaveCount(0)
  isHeld = false
  await expect(keys).toHaveText(['Receive', /^Regulators on: \d/, 'Sums'])
})

test('a conflict in the cage is resolved by moving a cylinder', async ({ page }) => {
  await signIn(page, served, 'jun')
  await page.getByRole('link', { name: 'Gas', exact: true }).click()
  await expect(page.getByText('9 cylinders · 3 too near')).toBeVisible()
  await page.getByText('AC-12').first().click()
  await page.getByRole('button', { name: 'Move', exact: true }).click()
  await expect(page.getByText(/Here it stands 2\.\d+ m from|Here it stands 3\.\d+ m from/)).toBeVisible()
  await page.getByLabel('Along the grid, m').fill('48.6')
  await page.getByLabel('Across the grid, m').fill('1.4')
  await expect(page.getByText('Here it keeps every distance.')).toBeVisible()
  for (const confirmed of ['Upright', 'Chained', 'Cap on']) await page.getByRole('button', { name: confirmed, exact: true }).click()
  await page.getByRole('button', { name: 'It stands there' }).click()
  await expect(page.getByText('9 cylinders · distances kept')).toBeVisible()
})

test('on the last day of the week the regulators come off, one tap each', async ({ page }) => {
  await signIn(page, served, 'maren')
  await page.getByRole('link', { name: 'Gas', exact: true }).click()
  await page.getByRole('link', { name: /^Regulators on:/ }).click()
  await expect(page.getByText('today', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Off, cap on AR-2' }).click()
  await expect(page.getByRole('button', { name: 'Off, cap on AR-2' })).toHaveCount(0)
})

test('the pump room says what is left to breathe, and a bay says how long its gas lasts', async ({ page }) => {
  await signIn(page, served, 'imke')
  await page.getByRole('link', { name: 'Gas', exact: true }).click()
  await expect(page.getByText(/If all of AR-9 leaked out in here: 15\.\d % oxygen, too little to breathe/)).toBeVisible()
  await page.getByRole('link', { name: /^AR-1 / }).click()
  await expect(page.getByText(/This job: enough, it takes/)).toBeVisible()
  await expect(page.getByText(/at this flow at least/)).toBeVisible()
  // A learner receives, moves and connects nothing.
  for (const name of ['Connect', 'Move', 'Back to the supplier']) await expect(page.getByRole('button', { name })).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Leak, fire, heat' })).toBeVisible()
})
