import type { Page } from '@playwright/test'
import { LASER_CHECKS } from '#core/ids/laser-ids'
import { listsFor } from '#core/inspection/built-in-lists'
import { axeFindsNothing } from './axe-finds'
import { choose, expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

const senderOf = (page: Page) => async (type: string, stream: string, payload: object): Promise<void> => {
  const at = new Date().toISOString()
  const data = {
    id: crypto.randomUUID(), type, streams: [{ id: stream, expectedVersion: null }], at, sentAt: at, deviceId: 'laser-walk-device-1',
    deviceSeq: 1, payload,
  }
  const answer = await page.request.post(`${served.url}/api/v1/commands`, { data })
  expect(answer.ok(), `${type}: ${await answer.text()}`).toBe(true)
}

const welds = (bay: string, send: ReturnType<typeof senderOf>): Promise<void> => send('station.set-job', `station/${bay}`, {
  job: { process: 'lbw', baseMetal: 'stainless-steel', coating: 'none', shieldingGas: 'argon', position: 'flat' },
})
async function aLaserStandsAt(bay: string, send: ReturnType<typeof senderOf>): Promise<void> {
  await send('item.assign', 'item/lw-1', { assignment: { to: 'bay', id: bay } })
  await welds(bay, send)
}

test('a laser bay: Eyes opens by its cell alone, and holds with one visitor without eyewear', async ({ page }) => {
  await signIn(page, served, 'maren', '/bay/bay-11?do=job')
  const send = senderOf(page)
  await aLaserStandsAt('bay-11', send)
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

test('a beam and filters of the register: what was tagged out, or went back to the rack, opens no cell', async ({ page }) => {
  await signIn(page, served, 'oskar', '/kit/lw-1')
  await page.getByRole('button', { name: 'Its plate' }).click()
  const plate = page.getByRole('group', { name: 'Its beam, as the plate and the maker say' })
  const write = page.getByRole('button', { name: 'Write it down' })
  // Half of a beam is none: what is missing is said, and what was typed stays.
  await plate.getByLabel('Power, continuous, W').fill('1500')
  await write.click()
  await expect(plate.getByText('A number in nm is needed.')).toBeVisible()
  for (const [label, value] of [['Wavelength, nm', '1070'], ['Divergence, full angle, mrad', '50'], ['Beam at the lens, mm', '5']] as const)
    await plate.getByLabel(label).fill(value)
  await choose(plate.getByLabel('Measured to'), '1/e')
  await write.click()
  await expect(plate).toBeHidden()
  const send = senderOf(page)
  await aLaserStandsAt('bay-9', send)
  await send('item.register', 'item/le-1', {
    kind: 'laser-eyewear', name: 'Eyewear of the laser', marks: { laserFilter: { od: 7, fromNm: 1000, toNm: 1100, damageRating: 8 } },
  })
  await send('item.register', 'item/lh-1', {
    kind: 'helmet', name: 'Helmet of the laser', marks: { laserFilter: { od: 4, fromNm: 1000, toNm: 1100, damageRating: 8 } },
  })
  for (const item of ['item/le-1', 'item/lh-1']) await send('item.assign', item, { assignment: { to: 'bay', id: 'bay-9' } })
  for (const kind of ['laser-eyewear', 'helmet'] as const) for (const { id, version, checks } of listsFor(kind))
    await send('item.inspect', kind === 'helmet' ? 'item/lh-1' : 'item/le-1', {
      listId: id,
      listVersion: version,
      answers: Object.fromEntries(checks.map(check => [check.id, check.asks === 'choice' ? check.passing[0]! : true])),
    })
  await page.goto(`${served.url}/bay/bay-9?do=eyes`)
  const cell = page.getByRole('region', { name: 'Laser cell' })
  const kept = 'As the register says: 1500 W at 1070 nm, divergence 50 mrad, 5 mm at the lens, measured to 1/e.'
  await expect(cell.getByText(kept)).toBeVisible()
  const first = cell.getByRole('group', { name: 'Person 1' })
  await choose(first.getByRole('combobox', { name: 'Laser eyewear' }), 'LE-1 · answers for this beam')
  await choose(first.getByRole('combobox', { name: 'Laser helmet' }), 'LH-1 · is not dark enough')
  await expect(first.getByText('density 4, 1000 to 1100 nm · LB 8')).toBeVisible()
  await cell.getByRole('button', { name: 'Looked: all so, 1 person in it' }).click()
  await expect(cell.getByText('Whoever runs it: the laser helmet (density 4) is not dark enough.')).toBeVisible()
  // Its marks were read wrong: written down anew, they answer at once, and nothing has to be looked over again.
  await send('item.correct', 'item/lh-1', {
    name: 'Helmet of the laser', marks: { laserFilter: { od: 6, fromNm: 1000, toNm: 1100, damageRating: 8 } },
  })
  const row = page.getByRole('link', { name: /^Bay 9, / })
  await expect(row).toHaveAttribute('aria-label', /Eyes open/)
  await send('item.tag-out', 'item/le-1', { reason: 'Crazed at the edge.' })
  await expect(row).toHaveAttribute('aria-label', /Eyes hold/)
  await send('item.assign', 'item/le-1', { assignment: null })
  await expect(row).toHaveAttribute('aria-label', /Eyes to do/)
  // What opened was left for what holds next.
  await page.goto(`${served.url}/bay/bay-9?do=eyes`)
  await expect(page.getByText('LE-1 is no laser eyewear of this bay, nor of whoever works here.')).toBeVisible()
  await expect(first.getByRole('combobox', { name: 'Laser eyewear' })).toContainText('LE-1 · not at this bay')
})

test('on the plan of its hall a laser points at a door, then at a wall; the plan of the hall shows both', async ({ page }) => {
  await signIn(page, served, 'maren', '/bay/bay-7?do=job')
  const send = senderOf(page)
  await aLaserStandsAt('bay-7', send)
  const filter = { od: 7, fromNm: 1000, toNm: 1100, damageRating: 8 }
  await send('station.check-laser-cell', 'station/bay-7', {
    laserTag: 'LW-1',
    beam: { powerW: 1500, wavelengthNm: 1070, divergenceMrad: 50, beamDiameterMm: 5, convention: '1/e' },
    answers: Object.fromEntries(LASER_CHECKS.map(check => [check, true])),
    present: [{ who: 'operator', eyewear: filter, helmet: filter }],
  })
  await page.goto(`${served.url}/bay/bay-7?do=eyes`)
  const cell = page.getByRole('region', { name: 'Laser cell' })
  const course = cell.getByRole('group', { name: 'Where what the work throws back ends' })
  const untold = 'Nobody said which way the laser points, and not every way ends at a wall or a barrier.'
  await expect(course.getByText(untold)).toBeVisible()
  // Flat work throws on ahead: to the gate on the right, and past whoever works at bays 5 and 6. The screen between stops no laser.
  await course.getByRole('radio', { name: 'flat under the torch' }).click()
  const torch = course.getByRole('slider', { name: 'Which way the torch points, from above' })
  const { width, height } = (await torch.boundingBox())!
  await torch.click({ position: { x: width * 0.9, y: height * 0.72 } })
  await expect(torch).toHaveAttribute('aria-valuetext', 'points to 0 degrees; 0 is along the plan to the right, 90 down')
  await expect(course.getByText('What the work throws back can reach a door, 50.1 ft off.')).toBeVisible()
  await expect(course.getByText(/^Bays 5 and 6 stand where/)).toBeVisible()
  await cell.getByRole('button', { name: /^Looked: all so/ }).click()
  const row = page.getByRole('link', { name: /^Bay 7, / })
  await expect(row).toHaveAttribute('aria-label', /Eyes hold/)
  await axeFindsNothing(page, { about: 'a laser on the plan of its hall', within: '.right' })
  // Turned by the keyboard to the wall behind, nothing is reached any more.
  await torch.focus()
  for (let turned = 0; turned < 90; turned += 15) await page.keyboard.press('ArrowRight')
  await expect(course.getByText('Seen from above, it ends at walls and barriers.')).toBeVisible()
  await cell.getByRole('button', { name: /^Looked: all so/ }).click()
  await expect(row).toHaveAttribute('aria-label', /Eyes open/)
  await page.goto(`${served.url}/hall/gate-hall`)
  await expect(page.getByText(/^Laser of bay 7: the dashed red field/)).toBeVisible()
  // With the next piece nobody said how it lies.
  await welds('bay-7', send)
  await page.goto(`${served.url}/bay/bay-7?do=eyes`)
  await expect(course.getByText(untold)).toBeVisible()
})
