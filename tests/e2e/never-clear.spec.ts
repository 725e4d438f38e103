import { axeFindsNothing } from './axe-finds'
import { expect, serve, signIn, test } from './served'
import type { Served } from './served'
import { runStandIn } from './stand-in'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

test('a stop goes through behind a command that the server keeps failing on', async ({ page, browser }) => {
  const other = await (await browser.newContext()).newPage()
  await signIn(other, served, 'maren')
  await signIn(page, served, 'oskar')
  await page.route('**/api/v1/commands*', async (route) => {
    const { type } = route.request().postDataJSON() as { type: string }
    await (type === 'station.check-extraction' ? route.fulfill({ status: 500, json: {} }) : route.continue())
  })
  await page.goto(`${served.url}/bay/bay-6?do=air`)
  await page.getByRole('button', { name: 'All four: it draws' }).click()
  await page.goto(`${served.url}/bay/bay-6`)
  await page.getByRole('button', { name: 'Stop bay 6' }).click()
  await expect(other.getByRole('link', { name: /^Bay 6, .* Stopped\./ })).toBeVisible()
  await page.getByRole('button', { name: 'Stop all' }).click()
  await expect(other.getByText('12 stopped')).toBeVisible()
  await page.unroute('**/api/v1/commands*')
  // Something in between that answers in the shop's place has heard nothing: the stop is kept, and says so.
  await page.route('**/api/v1/commands*', route => route.fulfill({ status: 404, json: { error: 'no such page' } }))
  await page.getByRole('button', { name: 'Stop all' }).click()
  await expect(page.getByRole('alert', { name: 'Not yet heard' })).toContainText('Stop all: kept here, not yet heard')
  await page.unroute('**/api/v1/commands*')
  await expect(page.getByRole('alert', { name: 'Not yet heard' })).toHaveCount(0)
  // One reason, every bay that this person may re-open.
  await page.goto(served.url)
  await expect(async () => {
    // What waited is sent now, and a bay that changed under the hand is asked for once more.
    await page.getByLabel('12 bays are stopped. What was put right?').fill('Drill, nothing was wrong')
    await page.getByRole('button', { name: /^Re-open 12/ }).click({ timeout: 3000 })
    await expect(other.getByText('0 stopped')).toBeVisible({ timeout: 5000 })
  }).toPass({ timeout: 40_000 })
  await other.context().close()
})

test('signed out and offline, a stop is kept, said in large words, and heard when the line is back', async ({ page, browser }) => {
  await signIn(page, served, 'oskar')
  const tablet = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  // A line that is cut before anything was read says so too.
  await tablet.route('**/api/v1/floor', route => route.abort())
  await signIn(tablet, served, 'imke')
  await tablet.context().setOffline(true)
  await expect(tablet.getByText('The shop is not heard')).toBeVisible()
  await tablet.unroute('**/api/v1/floor')
  await tablet.context().setOffline(false)
  await expect(tablet.getByText('The shop is not heard')).toHaveCount(0)
  await expect(tablet.getByRole('link', { name: /^Bay 1, / })).toBeVisible()
  await tablet.context().setOffline(true)
  // At once, and with what still counts.
  await expect(tablet.getByText('Not heard since')).toBeVisible()
  await tablet.context().setOffline(false)
  await expect(tablet.getByText('Not heard since')).toHaveCount(0)
  await tablet.getByRole('button', { name: 'Imke Tarrow' }).click()
  await tablet.getByRole('button', { name: 'Sign out', exact: true }).click()
  await expect(tablet.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await tablet.context().setOffline(true)
  await tablet.getByRole('button', { name: 'Stop all' }).click()
  await expect(tablet.getByRole('alert').filter({ hasText: 'Stop all: kept here, not yet heard' })).toBeVisible()
  await expect(page.getByText('12 stopped')).toHaveCount(0)
  await tablet.context().setOffline(false)
  await expect(page.getByText('12 stopped')).toBeVisible()
  await expect(tablet.getByText('Every bay is stopped. Sign in to say why.')).toBeVisible()
  await expect(tablet.getByText('not yet heard')).toHaveCount(0)
  await page.getByLabel(/bays are stopped. What was put right/).fill('Drill')
  await page.getByRole('button', { name: /^Re-open 12/ }).click()
  await expect(page.getByText('0 stopped')).toBeVisible()
  await tablet.context().close()
})

test('what was put right says nothing of a bay that stopped while it was written', async ({ page, browser }) => {
  const other = await (await browser.newContext()).newPage()
  await signIn(other, served, 'maren', '/bay/bay-5')
  await signIn(page, served, 'oskar', '/bay/bay-3')
  await page.getByRole('button', { name: 'Stop bay 3' }).click()
  await page.goto(`${served.url}/bay/bay-4`)
  await page.getByRole('button', { name: 'Stop bay 4' }).click()
  await page.goto(served.url)
  const why = page.getByRole('textbox', { name: /bays are stopped. What was put right/ })
  await why.fill('The hoods draw again')
  const meant = page.getByRole('button', { name: /^Re-open \d: 3, 4(, 8)?$/ })
  await expect(meant).toBeVisible()
  await other.getByRole('button', { name: 'Stop bay 5' }).click()
  await expect(page.getByText('Stopped since you began to write, and not among them: 5.')).toBeVisible()
  await why.fill('The hoods draw again, all of them')
  await meant.click()
  await expect(page.getByText('1 stopped')).toBeVisible()
  await expect(page.getByRole('link', { name: /^Bay 5, .*Stopped/ })).toBeVisible()

  // Unless it is said of it too.
  await page.goto(`${served.url}/bay/bay-6`)
  await page.getByRole('button', { name: 'Stop bay 6' }).click()
  await page.goto(served.url)
  await why.fill('Nothing was wrong')
  await other.goto(`${served.url}/bay/bay-7`)
  await other.getByRole('button', { name: 'Stop bay 7' }).click()
  await page.getByRole('button', { name: 'Put right there too' }).click()
  await page.getByRole('button', { name: 'Re-open 3: 5, 6, 7' }).click()
  await expect(page.getByText('0 stopped')).toBeVisible()
  await other.context().close()
})

test('a board that is told of a change and cannot read it says so, and shows it when it can', async ({ page, browser }) => {
  const other = await (await browser.newContext()).newPage()
  await signIn(other, served, 'maren')
  await expect(other.getByText('0 stopped')).toBeVisible()
  await other.route('**/api/v1/floor', route => route.fulfill({ status: 500, json: {} }))
  await signIn(page, served, 'oskar', '/bay/bay-6')
  await page.getByRole('button', { name: 'Stop bay 6' }).click()
  await expect(other.getByText('Not heard since')).toBeVisible()
  await other.unroute('**/api/v1/floor')
  // Asked for again at the next beat, without another change.
  await expect(other.getByText('1 stopped')).toBeVisible()
  await expect(other.getByText('Not heard since')).toHaveCount(0)
  await other.context().close()
})

test('a watch that is abandoned is said on the wall and on every screen until somebody comes', async ({ page, browser }) => {
  const wall = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  await signIn(wall, served, 'maren', '/hot-work/wall')
  const watch = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  await signIn(watch, served, 'wim')
  // Somebody who is named nowhere in it.
  await signIn(page, served, 'jun')
  await watch.goto(`${served.url}/hot-work/slip-winch`)
  const at = new Date().toISOString()
  const left = await watch.request.post(`${served.url}/api/v1/commands`, {
    headers: { origin: served.url },
    data: {
      id: crypto.randomUUID(),
      type: 'permit.leave-post',
      streams: [{ id: 'permit/slip-winch', expectedVersion: null }],
      payload: {},
      at,
      sentAt: at,
      deviceId: 'phone-wim',
      deviceSeq: 1,
    },
  })
  expect(left.status()).toBe(200)
  await expect(wall.getByText(/Nobody watches/).first()).toBeVisible()
  await expect(page.getByRole('alert', { name: 'Nobody watches' })).toContainText('Nobody watches Slipway, winch frame', {
    timeout: 15_000,
  })
  for (const one of [wall, watch]) await one.context().close()
})

test('the command line shows what it read, and asks where a word can be meant in two ways', async ({ page }) => {
  await signIn(page, served, 'maren')
  const line = page.getByLabel('Ask, or open a bay')
  await line.fill('mig tig 180')
  await expect(page.getByText('mig tig?')).toBeVisible()
  await axeFindsNothing(page, { within: '.answer' })
  await line.press('Enter')
  await expect(page).toHaveURL(`${served.url}/`)
  await expect(line).toHaveValue('mig tig 180')
  await page.getByRole('button', { name: /^TIG/ }).click()
  await expect(page.getByLabel('Read so far')).toContainText('180 A')
  await line.fill('tig 120 frobnicate')
  await expect(page.getByText('"frobnicate" is not understood.')).toBeVisible()
  await page.getByRole('button', { name: 'Leave it out' }).click()
  await line.press('Enter')
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText('120 A')
})

test('an interlock strikes at a clear bay only, and closes when it hears nothing', async ({ page }) => {
  const shop = await serve()
  await signIn(page, shop, 'oskar', '/set-up')
  await page.getByLabel('What it is for').fill('Interlock of bay 2')
  await page.getByRole('button', { name: 'Make a key' }).click()
  const key = (await page.locator('.key-itself').textContent())!
  expect(key).toHaveLength(43)
  expect((await fetch(`${shop.url}/api/v1/clearance`)).status).toBe(401)
  expect((await fetch(`${shop.url}/api/v1/clearance`, { headers: { authorization: 'Bearer nonsense' } })).status).toBe(401)
  expect((await fetch(`${shop.url}/api/v1/floor`, { headers: { authorization: `Bearer ${key}` } })).status).toBe(401)
  const { said, end } = runStandIn('interlock', [shop.url, 'bay-2'], key)
  try {
    await expect.poll(said).toContain('ENABLED bay-2: clear to strike')
    await page.goto(`${shop.url}/bay/bay-2`)
    await page.getByRole('button', { name: 'Stop bay 2' }).click()
    await expect.poll(() => said().trim().split('\n').at(-1)).toContain('OFF bay-2')
    await page.getByRole('button', { name: 'Burn or near miss' }).click()
    await page.getByRole('button', { name: 'Put right: re-open bay 2' }).click()
    await expect.poll(() => said().trim().split('\n').at(-1)).toContain('ENABLED bay-2')
    await page.goto('about:blank')
    await shop.stop()
    await expect.poll(() => said().trim().split('\n').at(-1)).toMatch(/OFF bay-2: nothing heard for 1\d s/)
  } finally { end() }
})

test('the clearance of a shop told in full: one bay of two is clear, and one fact less makes it hold', async ({ request }) => {
  const { paths } = (await (await request.get(`${served.url}/api/v1/openapi.json`)).json()) as {
    paths: Record<
      string,
      { post: { requestBody: { content: Record<string, { example: { told: { type: string, stream: string }[] } }> } } }
    >
  }
  const shop = paths['/api/v1/assess/clearance']!.post.requestBody.content['application/json']!.example
  const ask = async (data: object) =>
    (await (await request.post(`${served.url}/api/v1/assess/clearance`, { data })).json()) as {
      bays: { bayId: string, word: string, reason: { code: string } | null, gates: unknown[] }[]
      unaccepted: unknown[]
    }
  const full = await ask(shop)
  expect([full.bays.map(({ word, gates }) => `${word} ${gates.length}`), full.unaccepted]).toEqual([['clear-to-strike 7', 'hold 7'], []])
  const less = await ask({
    ...shop,
    told: shop.told.filter(({ type, stream }) => !(type === 'station.check-glasses' && stream === 'station/bay-1')),
  })
  expect(less.bays[0]).toMatchObject({ word: 'hold', reason: { code: 'eyes.glasses-not-checked' } })
  const late = await request.post(`${served.url}/api/v1/assess/clearance`, { data: { ...shop, now: '2026-11-28T08:00:00.000Z' } })
  expect(late.status()).toBe(422)
})
