import pg from 'pg'
import { axeFindsNothing } from './axe-finds'
import { expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())
test.use({ viewport: { width: 390, height: 844 } })

test('whoever comes as usual is ready in four taps, on a phone', async ({ page }) => {
  await signIn(page, served, 'maren', '/door')
  await page.getByRole('button', { name: /Kit Amari/ }).click()
  const kit = page.getByRole('region', { name: 'Kit Amari' })
  await kit.getByRole('button', { name: 'As usual, all of it sound' }).click()
  await kit.getByRole('button', { name: /^Asked each day.*Yes, all of it/ }).click()
  await expect(kit.getByText('Everything passes.')).toBeVisible()
  await kit.getByRole('button', { name: 'Record' }).click()
  await expect(page.getByRole('button', { name: /Kit Amari.*ready/ })).toBeVisible()
  await axeFindsNothing(page, { about: 'a class at the door' })
  // What the bay says is the same, without another tap.
  await page.goto(`${served.url}/bay/bay-12?do=body`)
  await expect(page.getByRole('region', { name: 'Body' }).getByText('what is worn passes')).not.toHaveCount(0)
  await expect(page.getByRole('region', { name: 'Body' }).getByText('what is worn does not pass')).toHaveCount(0)
})

test('what melts is told, a jacket is lent, and when it goes back the bay holds again', async ({ page }) => {
  await signIn(page, served, 'maren', '/door?who=noor-hale')
  const noor = page.getByRole('region', { name: 'Noor Hale' })
  await noor.getByRole('button', { name: 'As usual, all of it sound' }).click()
  await noor.getByRole('button', { name: /^Asked each day/ }).click()
  await expect(noor.getByRole('status').filter({ hasText: '2 zones do not pass' })).toBeVisible()
  await noor.getByRole('button', { name: /torso/i }).click()
  const torso = noor.getByRole('region', { name: 'torso' })
  await expect(torso.getByText('Shirt: 65 % melts onto skin.')).toBeVisible()
  await axeFindsNothing(page, { about: 'a zone at the door' })
  await torso.getByRole('button', { name: /Lend flame-resistant jacket.*L/ }).click()
  await expect(noor.getByText('Everything passes.')).toBeVisible()
  await noor.getByRole('button', { name: 'Record' }).click()
  await expect(page.getByRole('button', { name: /Noor Hale.*ready.*lent: flame-resistant jacket/ })).toBeVisible()
  await page.goto(`${served.url}/door?do=stock`)
  await expect(page.getByText('Noor Hale')).toBeVisible()
  await page.goto(`${served.url}/door?who=noor-hale`)
  await noor.getByRole('button', { name: 'Came back' }).click()
  await expect(noor.getByRole('region', { name: 'Has of the shop' })).toBeHidden()
  await page.goto(`${served.url}/bay/bay-8?do=body`)
  const body = page.getByRole('region', { name: 'Body' })
  await expect(body.getByRole('group', { name: 'arms' })).toBeVisible()
  await expect(body.getByText('what is worn does not pass')).toHaveCount(1)
})

test('who comes in trainers is turned away with what to bring, and no tick of the bay passes it', async ({ page }) => {
  await signIn(page, served, 'maren', '/door?who=runa-okafor')
  const runa = page.getByRole('region', { name: 'Runa Okafor' })
  await runa.getByRole('button', { name: /feet/i }).click()
  const feet = runa.getByRole('region', { name: 'feet' })
  await feet.getByRole('button', { name: 'trainers' }).click()
  await expect(feet.getByText('The shop has nothing counted that does here.')).toBeVisible()
  await expect(runa.getByRole('region', { name: 'To bring next time' })).toContainText(/boots/i)
  await runa.getByRole('button', { name: 'Record' }).click()
  await expect(runa.getByRole('button', { name: 'Record' })).toBeDisabled()
  await page.goto(`${served.url}/bay/bay-2?do=body`)
  const body = page.getByRole('region', { name: 'Body' })
  await expect(body.getByText('what is worn does not pass')).toBeVisible()
  await page.goto(`${served.url}/bay/bay-2`)
  const reason = page.getByText(/Feet: (clothes do not pass|what they have on does not pass)\./)
  await expect(reason.filter({ visible: true }).first()).toBeVisible()
})

test('a bay\'s card opens how it stands for whoever holds it, signed in or not, with a first name at most', async ({ page, browser }) => {
  await signIn(page, served, 'maren', '/door')
  await expect(page.getByRole('link', { name: /English Class sheet to print/ })).toBeVisible()
  for (const path of ['bays/bay-5/card?language=es', 'class-sheet?group=Morning%20class', 'people/pia-vance/to-bring']) {
    const paper = await page.request.get(`${served.url}/api/v1/${path}`)
    expect([paper.status(), paper.headers()['content-type']], path).toEqual([200, 'application/pdf'])
  }
  const client = new pg.Client({ connectionString: served.databaseUrl })
  await client.connect()
  const { rows: [kept] } = await client.query<{ token: string }>('select token from bay_card where bay_id = $1', ['bay-5'])
  await client.end()
  const anybody = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  await anybody.goto(`${served.url}/c/${kept!.token}`)
  await expect(anybody.getByRole('heading', { name: /^Bay 5 Pia/ })).toBeVisible()
  await expect(anybody.getByText('Glasses stay on when the helmet goes up: slag flies while it cools.')).toBeVisible()
  expect(await anybody.getByRole('main').textContent()).not.toContain('Vance')
  await axeFindsNothing(anybody, { about: 'a card' })
  await anybody.goto(`${served.url}/c/${kept!.token.slice(0, -2)}xx`)
  await expect(anybody.getByText('There is no card by this code. Ask for a new one.')).toBeVisible()
  await anybody.context().close()
})
