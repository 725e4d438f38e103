import { axeFindsNothing } from './axe-finds'
import { choose, expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

test('a laser bay: Eyes opens by its cell alone, and holds with one visitor without eyewear', async ({ page }) => {
  await signIn(page, served, 'maren', '/bay/bay-11?do=job')
  const send = (type: string, stream: string, payload: object) => page.request.post(`${served.url}/api/v1/commands`, {
    data: {
      id: crypto.randomUUID(), type, streams: [{ id: stream, expectedVersion: null }], at: new Date().toISOString(),
      sentAt: new Date().toISOString(), deviceId: 'laser-walk-device-1', deviceSeq: 1, payload,
    },
  })
  await send('item.assign', 'item/lw-1', { assignment: { to: 'bay', id: 'bay-11' } })
  await send('station.set-job', 'station/bay-11', {
    job: { process: 'lbw', baseMetal: 'stainless-steel', coating: 'none', shieldingGas: 'argon', position: 'flat' },
  })
  await page.goto(`${served.url}/bay/bay-11?do=eyes`)
  const cell = page.getByRole('region', { name: 'Laser cell' })
  await expect(cell.getByText('The laser cell was not looked over today.')).toBeVisible()
  await expect(cell.getByLabel('Laser that stands here')).toContainText('LW-1')
  for (const [label, value] of [
    ['Power, continuous, W', '1500'], ['Wavelength, nm', '1070'], ['Divergence, full angle, mrad', '50'], ['Beam at the lens, mm', '5'],
  ] as const) await cell.getByLabel(label).fill(value)
  await choose(cell.getByLabel('Measured to'), '1/e')
  await expect(cell.getByText('Eyewear and helmet: density 5.9 or more at this wavelength, marked for this beam.')).toBeVisible()
  const wears = async (index: number, what: string) => {
    const filter = cell.getByRole('group', { name: `Person ${index}` }).getByRole('group', { name: what })
    for (const [label, value] of [['Density', '7'], ['From, nm', '1000'], ['To, nm', '1100'], ['LB', '8']] as const)
      await filter.getByLabel(label).fill(value)
  }
  await wears(1, 'laser eyewear')
  await wears(1, 'laser helmet')
  await axeFindsNothing(page, { about: 'a laser cell', within: '.right' })
  await cell.getByRole('button', { name: 'Looked: all so, 1 person in it' }).click()
  const row = page.getByRole('link', { name: /^Bay 11, / })
  await expect(row).toHaveAttribute('aria-label', /Eyes open/)
  // Somebody comes in to look, with a helmet and no eyewear. What was said of the cell stands there still.
  await page.goto(`${served.url}/bay/bay-11?do=eyes`)
  await cell.getByRole('button', { name: 'Somebody else is in it' }).click()
  await wears(2, 'laser helmet')
  await cell.getByRole('button', { name: 'Looked: all so, 2 people in it' }).click()
  await expect(row).toHaveAttribute('aria-label', /Eyes hold/)
  await expect(cell.getByText('Visitor has no laser eyewear.')).toBeVisible()
  await cell.getByRole('button', { name: 'Went out' }).last().click()
  await cell.getByRole('button', { name: /contact|nozzle on the work/ }).click()
  await cell.getByRole('button', { name: 'Looked: 1 not so, 1 person in it' }).click()
  await expect(cell.getByText('Not so in the laser cell: no beam without the nozzle on the work.')).toBeVisible()
})
