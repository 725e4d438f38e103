import { choose, expect, measureInMetres, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
  await measureInMetres(served)
})
test.afterAll(() => served.stop())

test('the lead names somebody competent, and a house rule about cylinders says which bay it touches before it is saved', async ({
  page,
}) => {
  await signIn(page, served, 'oskar')
  await page.getByRole('link', { name: 'People' }).click()
  await page.getByRole('button', { name: 'Change Maren Holt' }).click()
  await page.getByText('Named competent for: grinder', { exact: true }).click()
  await page.getByRole('group', { name: 'Named competent for' }).getByRole('button', { name: 'regulator', exact: true }).click()
  await page.getByRole('button', { name: 'Name them' }).click()
  await expect(page.getByText('Named competent for: grinder, regulator')).toBeVisible()

  await page.locator('.account').getByRole('button').first().click()
  await page.getByRole('link', { name: 'House rules' }).click()
  await page.getByRole('radiogroup', { name: 'A cylinder past its test' }).getByRole('radio', { name: 'holds the bay' }).click()
  const preview = page.getByRole('region', { name: 'What would change' })
  await expect(preview.getByText('Gas: hold').first()).toBeVisible()
  await expect(preview.getByText(/MX-1 was due for its test on/)).toBeVisible()
  await page.getByRole('button', { name: /^Save, \d+ bays? change/ }).click()
  await page.getByRole('link', { name: 'Floor' }).click()
  await expect(page.getByRole('link', { name: /^Bay 3, .*Gas hold/ })).toBeVisible()
})

test('the electrical sums: duty and rest, what a cable loses, a voltage too high for a tight place, a test that fails', async ({
  page,
}) => {
  await signIn(page, served, 'maren', '/kit?do=sums')
  const duty = page.getByRole('region', { name: 'How long may the arc burn?' })
  await duty.getByLabel('Plate: rated at, A').fill('200')
  await duty.getByLabel('Plate: duty, %').fill('60')
  await duty.getByLabel('Set to, A').fill('250')
  // 60 % · (200/250)² = 38.4 %: 3.8 minutes of ten, rounded down, and 6.2 of rest, rounded up.
  await expect(duty.getByText('3.8 min')).toBeVisible()
  await expect(duty.getByText(/then 6\.2 min of rest\. Duty 38 %/)).toBeVisible()
  await page.getByRole('tab', { name: 'Cable' }).click()
  const cable = page.getByRole('region', { name: 'Does the cable bear it?' })
  await cable.getByLabel('Lead and return together, m').fill('40')
  await cable.getByLabel('Cross-section, mm²').fill('35')
  await expect(cable.getByText(/Take a larger cable/)).toBeVisible()
  await page.getByRole('tab', { name: 'Voltage' }).click()
  const open = page.getByRole('region', { name: 'Open-circuit voltage' })
  await choose(open.getByLabel('Kind'), 'alternating')
  await choose(open.getByLabel('Where it is used'), 'in a tight metal place')
  await open.getByLabel('Voltmeter, rms or direct, V').fill('72')
  await expect(open.getByText('48 V rms')).toBeVisible()
  await expect(open.getByText(/Take it out of service/)).toBeVisible()
  await page.getByRole('tab', { name: 'Test' }).click()
  const periodic = page.getByRole('region', { name: 'Readings of the periodic test' })
  await periodic.getByLabel('protective conductor, Ω').fill('0.5')
  await expect(periodic.getByText('Fails', { exact: true })).toBeVisible()
})

test('a thing is registered with its plate and given to a bay; flooded, it is due again', async ({ page }) => {
  await signIn(page, served, 'jun', '/kit?do=register')
  await page.getByLabel('Tag', { exact: true }).last().fill('m-77')
  await choose(page.getByLabel('What it is'), 'arc machine')
  await page.getByLabel('Name people know it by').fill('Spare machine')
  await page.getByLabel('Rated at, A').fill('160')
  await page.getByLabel('at a duty of, %').fill('40')
  await choose(page.getByLabel('Used by or kept at'), 'Bay 11')
  await page.getByRole('button', { name: 'Register it' }).click()
  await expect(page.getByRole('heading', { name: /M-77/ })).toBeVisible()
  await expect(page.locator('.item').getByText('arc machine, bay 11')).toBeVisible()
  await page.getByRole('button', { name: 'Something happened to it' }).click()
  await page.getByRole('button', { name: 'flooded', exact: true }).click()
  await expect(page.getByText('It was flooded')).toBeVisible()
  // The same tag again is refused, and what was typed stays.
  await page.goto(`${served.url}/kit?do=register`)
  await page.getByLabel('Tag', { exact: true }).last().fill('M-77')
  await choose(page.getByLabel('What it is'), 'hose')
  await page.getByLabel('Name people know it by').fill('Hose')
  await page.getByRole('button', { name: 'Register it' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'M-77 is worn by another thing' })).toBeVisible()
  await expect(page.getByLabel('Name people know it by')).toHaveValue('Hose')
})
