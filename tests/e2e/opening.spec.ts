import { axeFindsNothing } from './axe-finds'
import { choose, expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

test('the shop is opened bay by bay: a look and a door in one tap each; what no tap answers is said', async ({ page }) => {
  await signIn(page, served, 'maren', '/')
  await page.getByRole('link', { name: 'Open the shop' }).click()
  await expect(page.getByText('11 bays to go, 1 clear to strike')).toBeVisible()
  await axeFindsNothing(page, { about: 'opening the shop' })
  const rowOf = (label: string) => page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: new RegExp(`^${label} `) }) })
  // Bay 1 lacks its look for fire alone: one tap, and it goes among those that are clear.
  await rowOf('1').getByRole('button', { name: 'Looked: all sound at bay 1' }).click()
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
  await coming.getByRole('button', { name: 'Place 1 person' }).click()
  await expect(page.getByRole('heading', { name: /^11 Bo Brock/ })).toBeVisible()
  await expect(page.getByRole('heading', { name: /^4 Imke Tarrow/ })).toBeVisible()
})
