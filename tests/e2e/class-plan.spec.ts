import { choose, expect, serve, signIn, test, typeTime } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

test('a class is planned so that nobody comes over, and goes to its bays part by part', async ({ page }) => {
  await signIn(page, served, 'maren', '/class-plan')
  await choose(page.getByRole('combobox', { name: 'The class' }), 'Morning class')
  await typeTime(page.getByRole('group', { name: 'From', exact: true }), '13:00')
  await typeTime(page.getByRole('group', { name: 'Until', exact: true }), '15:00')
  // More than three hours' work of two bays gives: why, and what would do.
  const plan = page.getByRole('region', { name: 'The plan' })
  await page.getByRole('button', { name: 'Plan it' }).click()
  await expect(plan).toContainText(/Whoever gets least gets \d+ min of arc, not 10 min/)
  await expect(plan).toContainText('Kit Amari is signed off for the job of no bay.')

  await page.getByRole('textbox', { name: 'In equal parts' }).fill('4')
  await page.getByRole('textbox', { name: 'Arc for each, min' }).fill('2')
  await expect(plan).toContainText('What is asked above was changed since: plan it anew.')
  await expect(plan.getByRole('button', { name: 'Place them for 13:00 to 14:00' })).toBeDisabled()
  await page.getByRole('button', { name: 'Plan it' }).click()
  await expect(plan).toContainText('Everybody gets at least 2 min of arc, and nobody comes over.')
  const row = (name: string) => plan.getByRole('row').filter({ hasText: name })
  await expect(row('Teo Marsh')).toContainText('Bay 3')
  // A coating that nobody stripped puts its bay out of the plan, whoever would stand there.
  await expect(plan.getByRole('table')).not.toContainText('Bay 4')

  // Looked away from and come back to, what was asked and answered is still there.
  await page.getByRole('link', { name: 'Air', exact: true }).click()
  await expect(plan).toHaveCount(0)
  await page.goBack()
  await expect(page.getByRole('textbox', { name: 'In equal parts' })).toHaveValue('4')
  await expect(plan).toContainText('Everybody gets at least 2 min of arc, and nobody comes over.')
  await expect(plan).not.toContainText('What is asked above was changed since')

  const parts = await row('Teo Marsh').getByRole('cell').allInnerTexts()
  const [from, to] = ['13:00', '13:30', '14:00', '14:30', '15:00'].slice(parts.findIndex(text => text.trim() === 'Bay 3') - 1)
  await plan.getByRole('button', { name: `Place them for ${from} to ${to}` }).click()
  await expect(plan).toContainText(`They stand as planned from ${from}; each job runs for this part.`)
  await page.goto(`${served.url}/bay/bay-3`)
  await expect(page.getByRole('main').getByText('Teo Marsh').first()).toBeVisible()
  // Whoever the plan puts nowhere in this part stands at no bay of the class.
  const fourth = page.getByRole('link', { name: /^Bay 4,/ })
  await expect(fourth).toBeVisible()
  await expect(fourth).not.toHaveAttribute('aria-label', /Imke Tarrow/)
  await expect(fourth).not.toContainText('Imke Tarrow')
})
