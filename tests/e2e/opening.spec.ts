import type { Locator } from '@playwright/test'
import { axeFindsNothing } from './axe-finds'
import { shopDayEndsAtMs } from '#core/time/shop-day'
import { choose, expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

/** Air of so many °F at a humidity of 55 %, in the shade; not everybody is used to it. */
async function tellHeat(warm: Locator, airF: string): Promise<void> {
  await warm.getByLabel('Air').fill(airF)
  await warm.getByLabel('Humidity').fill('55')
  await warm.getByRole('radio', { name: 'No', exact: true }).click()
  await warm.getByRole('radio', { name: 'not all are used to such heat' }).click()
  await warm.getByRole('button', { name: 'Tell it' }).click()
}

test('the shop is opened bay by bay: a look and a door in one tap each; what no tap answers is said', async ({ page }) => {
  await signIn(page, served, 'maren', '/')
  await page.getByRole('link', { name: 'Open the shop' }).click()
  await expect(page.getByText('11 bays to go, 1 clear to strike')).toBeVisible()
  await axeFindsNothing(page, { about: 'opening the shop' })
  const rowOf = (label: string) => page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: new RegExp(`^${label} `) }) })
  // Bay 1 lacks its look for fire alone: one tap, and it goes among those that are clear.
  // What the shop accepted counts before it is read: a key that was answered does not show itself again in between.
  let read = () => {}
  const isRead = new Promise<void>((resolve) => {
    read = resolve
  })
  await page.route('**/api/v1/floor', async (route) => {
    await isRead
    await route.continue()
  })
  const answered = page.waitForResponse('**/api/v1/commands')
  await rowOf('1').getByRole('button', { name: 'Looked: all sound at bay 1' }).click()
  await (await answered).finished()
  // Polled: an expectation of a locator waits until what was asked is answered, and here the question is what stands before that.
  await expect.poll(() => page.getByText('10 bays to go, 2 clear to strike').isVisible()).toBe(true)
  read()
  await expect(page.getByText('10 bays to go, 2 clear to strike')).toBeVisible()
  // Bay 3 passes the door in one tap, and still holds for what no tap answers.
  await rowOf('3').getByRole('button', { name: 'Passes at the door at bay 3' }).click()
  await expect(rowOf('3').getByRole('button', { name: 'Passes at the door at bay 3' })).toBeHidden()
  await expect(rowOf('3').getByRole('link', { name: 'Fire' })).toBeVisible()
  // A zone that failed is not passed with the rest.
  await expect(rowOf('6').getByText('Torso did not pass.')).toBeVisible()
})

test('a class is placed in one go, each to their own bay; nobody who stands somewhere is moved', async ({ page }) => {
  await signIn(page, served, 'oskar', '/people?do=list')
  const list = page.getByRole('region', { name: 'Bring in a list' })
  const lines = ['Name;Group;Bay', 'Ada Brock;Evening;', 'Bo Brock;Evening;11', 'Cy Brock;Evening;4']
  await list.getByLabel('Names, or a table').fill(lines.join('\n'))
  await list.getByRole('button', { name: 'Bring in 3 people' }).click()
  await expect(list).toBeHidden()
  await page.goto(`${served.url}/opening`)
  const coming = page.getByRole('region', { name: 'A class comes in' })
  await choose(coming.getByLabel('A class comes in'), 'Evening')
  await expect(coming.getByText('11 Bo Brock')).toBeVisible()
  await expect(coming.getByText('No bay for: Ada Brock, Cy Brock.')).toBeVisible()
  // Put right by hand: two that are pressed exchange, and so does one that is dragged onto another.
  await coming.getByRole('button', { name: '11 Bo Brock' }).click()
  await expect(coming.getByText('Press where they go; an empty bay takes them.')).toBeVisible()
  await coming.getByRole('button', { name: 'no bay Cy Brock' }).click()
  await expect(coming.getByText('No bay for: Ada Brock, Bo Brock.')).toBeVisible()
  await coming.getByRole('button', { name: 'no bay Bo Brock' }).dragTo(coming.getByRole('button', { name: '11 Cy Brock' }))
  await expect(coming.getByText('No bay for: Ada Brock, Cy Brock.')).toBeVisible()
  await coming.getByRole('button', { name: 'Place 1 person' }).click()
  await expect(page.getByRole('heading', { name: /^11 Bo Brock/ })).toBeVisible()
  await expect(page.getByRole('heading', { name: /^4 Imke Tarrow/ })).toBeVisible()
})

test('a hall that is too hot holds whoever works there; cooled and told again it does not', async ({ page }) => {
  await signIn(page, served, 'maren', '/bay/bay-9?do=body')
  const body = page.getByRole('region', { name: 'Body' })
  const warm = page.getByRole('region', { name: 'How warm is it?' })
  const again = warm.getByRole('button', { name: 'Tell how warm it is now' })
  await again.click()
  await tellHeat(warm, '97')
  await expect(body).toContainText('Too hot here to work in leathers')
  await again.click()
  await tellHeat(warm, '79')
  await expect(body).toContainText(/Work (?:30|45) min of each hour and rest the others/)
  await page.goto(served.url)
  await expect(page.getByRole('link', { name: /^Bay 9, Ivo Reyes/ })).toHaveAttribute('aria-label', /Body open/)
})

test('at 07:40 of the next day all holds; what is due of twelve bays is said in well under sixty taps', async ({ page }) => {
  await served.restart(new Date(shopDayEndsAtMs(Date.now(), 'America/New_York', 4) + 220 * 60_000).toISOString())
  await signIn(page, served, 'maren', '/opening')
  await expect(page.getByText('12 bays to go, 0 clear to strike')).toBeVisible()
  // How warm it is is told once for the halls that it was read of; what is told of one says nothing of another.
  const warm = page.getByRole('region', { name: 'How warm is it?' })
  await warm.getByRole('button', { name: 'Tell it' }).click()
  await expect(warm.getByText('Air, humidity and sun are needed, or the index.')).toBeVisible()
  const shed = warm.getByRole('button', { name: 'Boat shed' })
  await expect(shed).toHaveAttribute('aria-pressed', 'true')
  await shed.click()
  await tellHeat(warm, '54')
  await expect(warm.getByRole('button', { name: 'Gate hall' })).toHaveAttribute('aria-pressed', 'false')
  await expect(shed).toHaveAttribute('aria-pressed', 'true')
  await tellHeat(warm, '56')
  await expect(warm.getByRole('button', { name: 'How warm is it?' })).toBeVisible()
  const keys = page.getByRole('button', { name: /^(Brushed: all tight|Looked: all sound|Passes at the door)/ })
  await expect(page.getByRole('button', { name: /^Brushed: all tight at bay 1\b/ })).toBeVisible()
  expect(await keys.count()).toBeLessThanOrEqual(40)
  // What one tap says is recorded: three of them, and the bay is clear.
  for (const key of ['Brushed: all tight', 'Looked: all sound', 'Passes at the door']) {
    await page.getByRole('button', { name: new RegExp(`^${key} at bay 1\\b`) }).click()
    await expect(page.getByRole('button', { name: new RegExp(`^${key} at bay 1\\b`) })).toBeHidden()
  }
  await expect(page.getByText('11 bays to go, 1 clear to strike')).toBeVisible()
  // One job for two bays, and for one that cannot be cleared the bays that have what it takes.
  const job = page.getByRole('region', { name: 'One job for many bays' })
  await choose(job.getByLabel('One job for many bays'), /TIG 85 A/)
  for (const bay of [/^7\b/, /^11\b/]) await job.getByRole('button', { name: bay }).click()
  await job.getByRole('button', { name: 'Set it on 2 bays' }).click()
  const seven = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: /^7 / }) })
  await expect(seven.getByText('No argon is connected here.')).toBeVisible()
  await seven.getByRole('button', { name: /Which other bay can take it/ }).click()
  await expect(seven.getByText(/Air, gas and machine are there:|No other bay has the air/)).toBeVisible()
  // A bay without a machine never takes it.
  await expect(seven.getByRole('link', { name: /^Bay (?:10|12)\b/ })).toHaveCount(0)
})

test('the shop is closed, one look and one tap after the other; what is watched and what falls due is named', async ({ page }) => {
  await signIn(page, served, 'maren', '/closing')
  const gas = page.getByRole('region', { name: 'Gas that was opened' })
  // One look, one tap: nothing that nobody went to is shut with the rest.
  for (const tag of ['AC-3', 'AR-1', 'AR-2', 'AR-8', 'MX-1', 'OX-1']) {
    await gas.getByRole('button', { name: `Shut, bled, screwed back ${tag}` }).click()
    await expect(gas.getByRole('button', { name: `Shut, bled, screwed back ${tag}` })).toBeHidden()
  }
  await expect(gas.getByText('No cylinder at a bay is open.')).toBeVisible()
  const bays = page.getByRole('region', { name: 'Bays to hand over' })
  await bays.getByRole('button', { name: 'All in order Bay 1', exact: true }).click()
  await expect(bays.getByRole('button', { name: 'All in order Bay 1', exact: true })).toBeHidden()
  await expect(bays.getByRole('button', { name: 'All in order Bay 2', exact: true })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Still watched' })).toContainText('Gate by the timber stacks')
  await expect(page.getByRole('region', { name: 'Due by tomorrow' })).toContainText('EX-1')
})
