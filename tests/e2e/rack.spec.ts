import { axeFindsNothing } from './axe-finds'
import { shopDayEndsAtMs } from '#core/time/shop-day'
import { expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

test('of the rack a helmet with a gap and a slow one are refused, another is given in one tap, and its shade is said', async ({ page }) => {
  await signIn(page, served, 'maren', '/bay/bay-5?do=eyes')
  const eyes = page.getByRole('region', { name: 'Eyes' })
  const rack = eyes.getByRole('region', { name: 'From the rack' })
  await expect(rack.getByRole('listitem').filter({ hasText: 'H-4' })).toContainText('fits with a step, at shade 10')
  await expect(rack.getByRole('listitem').filter({ hasText: 'H-1' })).toContainText('Noor Hale has it')
  await rack.getByText('Cannot do it: 2').click()
  await expect(rack.getByRole('listitem').filter({ hasText: 'H-5' })).toContainText('gap')
  await expect(rack.getByRole('listitem').filter({ hasText: 'H-6' })).toContainText(/dark/i)
  await axeFindsNothing(page, { about: 'the rack', within: '.right' })
  await rack.getByRole('button', { name: 'Give it to Pia Vance H-4' }).click()
  await expect(rack.getByRole('listitem').filter({ hasText: 'H-4' })).toContainText('theirs')
  // What was said before was said of another helmet.
  await expect(eyes.getByText('H-4 can be set lighter than 10, and nobody said what it is set to.')).toBeVisible()
  await eyes.getByRole('group', { name: /What is their helmet set to/ }).getByRole('button', { name: '10', exact: true }).click()
  await expect(eyes.getByText('H-4 can be set lighter than 10')).toBeHidden()
  await expect(rack.getByRole('listitem').filter({ hasText: 'H-4' })).toContainText('fits as it is, at shade 10')
})

test('the shade is found from the darkest and kept: the next job of this person starts there, never under the least', async ({ page }) => {
  await signIn(page, served, 'maren', '/bay/bay-2?do=eyes')
  await page.getByRole('link', { name: 'Find the shade, from the darkest' }).click()
  const darkest = page.getByRole('region', { name: 'Find the shade' })
  await expect(darkest.getByText('Strike on scrap and look at the puddle.')).toBeVisible()
  const steps = await darkest.getByRole('listitem').allTextContents()
  expect(steps.map(Number)).toEqual([...steps.map(Number)].sort((a, b) => b - a))
  expect(steps.length).toBeGreaterThan(2)
  expect(Math.min(...steps.map(Number))).toBeGreaterThanOrEqual(10)
  await axeFindsNothing(page, { about: 'finding the shade', within: '.right' })
  for (let i = 1; i < steps.length; i++) await darkest.getByRole('button', { name: 'Too dark: one lighter' }).click()
  await expect(darkest.getByText('This is the least for this job.')).toBeVisible()
  await expect(darkest.getByRole('button', { name: 'Too dark: one lighter' })).toBeDisabled()
  await darkest.getByRole('button', { name: 'The puddle is just seen' }).click()
  const eyes = page.getByRole('region', { name: 'Eyes' })
  await expect(eyes.getByText('They start at 10, which they found for themselves.')).toBeVisible()
  // It is theirs the next day too, when all that was looked at is due again.
  await served.restart(new Date(shopDayEndsAtMs(Date.now(), 'America/New_York', 4) + 220 * 60_000).toISOString())
  await signIn(page, served, 'maren', '/bay/bay-2?do=eyes')
  await expect(page.getByRole('link', { name: /^Bay 2,/ })).toHaveAttribute('aria-label', /Eyes to do/)
  await expect(eyes.getByText('They start at 10, which they found for themselves.')).toBeVisible()
  // Another job of another band is nobody's settled work.
  await page.goto(`${served.url}/bay/bay-3?do=darkest`)
  await expect(darkest.getByText('The bay is not clear to strike')).toBeVisible()
  await expect(darkest.getByRole('button', { name: 'The puddle is just seen' })).toBeDisabled()
})
