import { choose, expect, measureInMetres, serve, signIn, test, typeDay } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
  await measureInMetres(served)
})
test.afterAll(() => served.stop())

test('a shoulder is read as it is typed; what is left, and how many acetylene cylinders a head takes', async ({ page }) => {
  await signIn(page, served, 'maren')
  await page.getByRole('link', { name: 'Gas', exact: true }).click()
  await page.getByRole('link', { name: 'Sums' }).click()
  const shoulder = page.getByRole('region', { name: 'Read a shoulder' })
  await shoulder.getByLabel(/^Marks/).fill('DOT-3AA2400\n3-06\n3-16+*')
  await expect(shoulder.getByText('Choose the gas: the interval depends on it.')).toBeVisible()
  await choose(shoulder.getByLabel('Gas', { exact: true }), 'oxygen')
  // Size and filling not known: the short interval, and the star says why.
  await expect(shoulder.getByText('31 Mar 2021').first()).toBeVisible()
  await expect(shoulder.getByText(/The star does not count here/)).toBeVisible()
  await shoulder.getByLabel('Water volume, L').fill('43.8')
  await choose(shoulder.getByLabel('Filled', { exact: true }), 'taken out each time')
  await expect(shoulder.getByText(/^31 Mar$/).first()).toBeVisible()
  await expect(shoulder.getByText('Not used before its fill date is known.')).toBeVisible()
  await typeDay(shoulder.getByRole('group', { name: 'Last filled on' }), '2026-02-10')
  await expect(shoulder.getByText('May be used up; may not be filled.')).toBeVisible()
  await shoulder.getByLabel(/^Marks/).fill('DOT-3AA2400\n16/03')
  await expect(shoulder.getByText('It cannot be read for sure.')).toBeVisible()
  await expect(shoulder.getByText(/16\/03 cannot be a date/)).toBeVisible()

  await page.getByRole('tab', { name: 'Left' }).click()
  const left = page.getByRole('region', { name: 'How much is left' })
  await choose(left.getByLabel('Gas in it'), 'argon')
  await left.getByLabel('Water volume of it, L').fill('50')
  await left.getByLabel('Temperature of it, °C').fill('20')
  await left.getByLabel('Gauge shows, bar').fill('150')
  await left.getByLabel('Flow, L/min').fill('12')
  await expect(left.getByText(/at this flow at least/)).toBeVisible()
  await choose(left.getByLabel('Gas in it'), 'acetylene')
  await expect(left.getByText(/Acetylene is dissolved/)).toBeVisible()
  await left.getByLabel('Weighs, with gas, kg').fill('88.45')
  await left.getByLabel('Tare, cap off, kg').fill('80.06')
  await expect(left.getByText('7.59 m³', { exact: true })).toBeVisible()

  await page.getByRole('tab', { name: 'Acetylene' }).click()
  const draw = page.getByRole('region', { name: 'Acetylene: how many cylinders' })
  await draw.getByLabel('In one full cylinder, m³').fill('9.345')
  await draw.getByLabel('The tip takes, m³/h').fill('2.265')
  await expect(draw.getByText('4 cylinders', { exact: true })).toBeVisible()
  await expect(draw.getByText('Manifold 4 cylinders before lighting.')).toBeVisible()
})
