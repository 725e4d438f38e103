import { choose, expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

test('a hall from above: what floats where and when, whose fume it is, and a hood tried elsewhere by tap and by keys', async ({ page }) => {
  await signIn(page, served, 'oskar')
  await page.goto(`${served.url}/air`)
  await page.getByRole('region', { name: 'Gate hall' }).getByRole('link', { name: 'Plan' }).click()
  await expect(page.getByRole('heading', { name: 'Plan of Gate hall' })).toBeVisible()
  const plan = page.getByRole('img', { name: /^Gate hall from above, to scale, with 6 bays/ })
  // The worst minute is shown first; before anybody burns there is nothing.
  await expect(plan).toContainText(/In the hall \d+ µg\/m³, 95\s% under \d+ µg\/m³/)
  await expect(page.getByText(/^manganese beside its limit of 0.2 mg\/m³ \(California/)).toBeVisible()
  const time = page.getByRole('slider', { name: 'At' })
  await expect(time).toHaveAttribute('aria-valuetext', '12:00')
  await time.fill('0')
  await expect(time).toHaveAttribute('aria-valuetext', '08:00')
  await expect(plan).toContainText('In the hall 0 mg/m³')
  await page.getByRole('button', { name: 'Worst: 12:00' }).click()
  await expect(plan).not.toContainText('In the hall 0 mg/m³')

  // Bay 4 is galvanised: its zinc is its own, and not counted in the hall while its air holds it.
  await choose(page.getByLabel('What floats'), 'zinc')
  const aside = page.getByRole('complementary')
  await aside.getByRole('button', { name: /^4/ }).click()
  const bay = page.getByRole('region', { name: 'Bay 4' })
  await expect(bay.getByText('Its own air holds it')).toBeVisible()
  await expect(bay.getByText('Whose zinc is breathed here')).toBeVisible()
  await expect(bay.getByRole('listitem').filter({ hasText: 'Its own arcs' })).toContainText(/(99|100)\s%/)

  // Its hood, by keys: each step says where it is and where it works; the share falls.
  const use = bay.getByRole('status')
  const hood = bay.getByRole('slider', { name: 'Hood to arc' })
  await expect(hood).toHaveAttribute('aria-valuetext', /^21.7 in beside the arc; it works from 1.9 in to 11.4 in$/)
  const before = await use.innerText()
  for (let i = 0; i < 31; i++) await hood.press('ArrowDown')
  await expect(hood).toHaveAttribute('aria-valuenow', '24')
  await expect(use).toContainText('tried, not set')
  await expect(use).toContainText(`as it stands ${before.split('\n').find(line => line.endsWith('times'))!}`)
  await expect(bay.getByText('Its own air holds it')).toBeVisible()
  await bay.getByRole('button', { name: 'As it is' }).click()
  await expect(use).not.toContainText('tried, not set')
  // By a tap: beside the arc, a hand's breadth to the right of it.
  const box = (await hood.boundingBox())!
  await page.mouse.click(box.x + box.width * 0.62, box.y + box.height / 2)
  await expect(hood).toHaveAttribute('aria-valuenow', '24')
  await bay.getByRole('button', { name: 'All bays' }).click()

  // Another bay breathes what its neighbours let loose.
  await choose(page.getByLabel('What floats'), 'manganese')
  await aside.getByRole('button', { name: /^1/ }).click()
  const one = page.getByRole('region', { name: 'Bay 1' })
  await expect(one.getByRole('listitem').filter({ hasText: 'Bay 7' })).toContainText(/^Bay 7\s?\d{1,2}\s%$/)
})

test('a hall is drawn: a thing added, moved by the arrow keys and by a tap, and kept; an instructor only looks', async ({ page }) => {
  await signIn(page, served, 'oskar', '/hall/boat-shed')
  await expect(page.getByText('Nobody drew this hall yet')).toBeVisible()
  await page.getByRole('button', { name: 'Draw it' }).click()
  await page.getByRole('button', { name: 'Wall', exact: true }).click()
  await expect(page.getByText('Drawn: 1')).toBeVisible()
  const wall = page.getByRole('button', { name: /^Wall, / })
  await expect(wall).toHaveText(/Wall, 18 ft along, 24.6 ft across/)
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Right', exact: true }).click()
  await expect(wall).toHaveText(/Wall, 20 ft along/)
  await page.getByRole('button', { name: 'Turn by 15 degrees' }).press('ArrowUp')
  await expect(wall).toHaveText(/24.1 ft across/)
  const plan = page.getByRole('img', { name: /^Boat shed from above/ })
  const box = (await plan.boundingBox())!
  await page.mouse.click(box.x + box.width / 3, box.y + box.height / 3)
  await expect(wall).not.toHaveText(/Wall, 20 ft along/)
  // A press that only picks a thing shifts nothing.
  const there = await wall.innerText()
  await wall.click()
  const middle = (await plan.locator('.grip').boundingBox())!
  await page.mouse.click(middle.x + middle.width / 2 + 9, middle.y + middle.height / 2 + 9)
  await expect(page.getByLabel('Length, ft')).toBeVisible()
  await expect(wall).toHaveText(there)
  await page.getByLabel('Length, ft').fill('nine')
  await expect(page.getByRole('button', { name: 'Keep the drawing' })).toBeVisible()
  await page.getByLabel('Length, ft').fill('9')
  await page.getByRole('button', { name: 'Keep the drawing' }).click()
  await expect(page.getByRole('button', { name: 'Draw it' })).toBeVisible()
  await expect(page.getByText('Nobody drew this hall yet')).toHaveCount(0)
  await expect(page.getByRole('list', { name: 'What is drawn' })).toContainText('Wall')

  await signIn(page, served, 'maren', '/hall/boat-shed')
  await expect(page.getByRole('list', { name: 'What is drawn' })).toContainText('Wall')
  await expect(page.getByRole('button', { name: 'Draw it' })).toHaveCount(0)
})
