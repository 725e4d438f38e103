import { randomUUID } from 'node:crypto'
import type { Page } from '@playwright/test'
import { choose, expect, serve, signIn, signInByHand, test } from './served'
import type { Served } from './served'
import { shopDayEndsAtMs } from '../../core/time/shop-day'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

/** Re-opens bays as one command of whoever is signed in on the page. */
async function reopenAll(page: Page, bays: readonly number[]): Promise<void> {
  const now = new Date().toISOString()
  const response = await page.request.post(`${served.url}/api/v1/commands`, {
    data: {
      id: randomUUID(),
      type: 'station.reopen',
      streams: bays.map(bay => ({ id: `station/bay-${bay}`, expectedVersion: null })),
      at: now,
      sentAt: now,
      deviceId: 'test',
      deviceSeq: 1,
      payload: { note: 'a drill' },
    },
  })
  expect(response.status()).toBe(200)
}

test('the board shows twelve bays without scrolling, and says which is clear to strike', async ({ page }) => {
  await signInByHand(page, served, 'maren')
  const rows = page.getByRole('link', { name: /^Bay \d+,/ })
  await expect(rows).toHaveCount(12)
  // Drawn, not only said: a rail of seven gates for each bay, each with its mark, and the word at its end.
  const marks = await rows.locator('svg.rail').evaluateAll(rails => rails.map(rail => rail.querySelectorAll('g > path, g > rect').length))
  expect(marks).toEqual(Array.from({ length: 12 }, () => 7))
  await expect(rows.locator('.word')).toHaveCount(12)
  await expect(page.getByText('1 clear to strike')).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeLessThanOrEqual(800)
  const last = await rows.last().boundingBox()
  expect(last!.y + last!.height).toBeLessThanOrEqual(800)
  await expect(page.getByRole('link', { name: /Bay 8, .* Stopped\. Arc ran blue/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /Bay 5, .* Gas not needed/ })).toBeVisible()
})

test('a weld is planned from end to end, seen elsewhere; a late change is refused and stays typed; a reload keeps all', async ({
  page,
  browser,
}) => {
  await signIn(page, served, 'maren')
  const other = await (await browser.newContext()).newPage()
  await signIn(other, served, 'oskar', '/bay/bay-11?do=job')
  await expect(other.getByRole('region', { name: 'Job card' })).toBeVisible()

  await page.getByRole('link', { name: /^Bay 11,/ }).click()
  await page.getByRole('button', { name: 'Set a job' }).click()
  const card = page.getByRole('region', { name: 'Job card' })
  await card.getByRole('button', { name: 'MIG/MAG', exact: true }).click()
  const pad = card.getByRole('group', { name: 'Current: keypad' })
  for (const digit of [1, 8, 5]) await pad.getByRole('button', { name: `digit ${digit}` }).click()
  await card.getByRole('button', { name: 'Current: 5 A less' }).click()
  await expect(card.getByLabel('Current, A')).toHaveValue('180')
  await expect(card.getByText('12', { exact: true }).first()).toBeVisible()
  await expect(card.getByText('never under 10, US law')).toBeVisible()
  await card.getByRole('button', { name: 'Next' }).click()
  for (const key of ['ER70S-6']) await card.getByRole('button', { name: key, exact: true }).click()
  await card.getByLabel('Diameter, in').fill('0.045')
  await card.getByRole('button', { name: 'Next' }).click()
  await card.getByRole('button', { name: 'argon + CO₂' }).click()
  await card.getByLabel('Thickness, in').fill('0.25')
  await card.getByRole('button', { name: 'Next' }).click()
  for (const key of ['mild steel', 'bare', 'flat', 'in the open', '20', '08:00 to 12:00', 'none on it', 'not a container'])
    await card.getByRole('button', { name: key, exact: true }).click()
  await card.getByRole('button', { name: 'Set this job', exact: true }).click()
  // Settled: what holds next stands open.
  await expect(page.getByRole('status').filter({ hasText: 'Job is open. Next: Eyes.' })).toBeVisible()
  await page.getByRole('button', { name: 'Back to bay 11' }).click()
  await expect(page.getByRole('button', { name: /Job open Everything is known/ })).toBeVisible()

  await expect(other.getByRole('link', { name: /^Bay 11, nobody, MIG 180 A · mild steel/ })).toBeVisible()
  await expect(other.getByText('Somebody else changed bay 11 while this card was open. Yours is kept.')).toBeVisible()
  const late = other.getByRole('region', { name: 'Job card' })
  await late.getByRole('button', { name: 'TIG', exact: true }).click()
  await late.getByLabel('Current, A').fill('95')
  await late.getByRole('button', { name: /Set this job/ }).click()
  await expect(late.getByRole('alert').filter({ hasText: 'Somebody else changed this in the meantime' })).toBeVisible()
  await expect(late.getByLabel('Current, A')).toHaveValue('95')
  await late.getByRole('button', { name: 'I have looked; keep mine' }).click()
  await late.getByRole('button', { name: /Set this job/ }).click()
  await expect(page.getByRole('link', { name: /^Bay 11, nobody, TIG 95 A/ })).toBeVisible()

  await page.goto(`${served.url}/bay/bay-11`)
  await page.getByRole('button', { name: 'Place somebody' }).click()
  await page.getByRole('button', { name: /^Kit Amari/ }).click()
  await page.goto(`${served.url}/bay/bay-11?do=eyes`)
  await page.getByLabel('Another shade').fill('99')
  await page.getByRole('button', { name: 'Set', exact: true }).click()
  await expect(page.getByText('A shade from 1.2 to 16 is needed')).toBeVisible()
  await expect(page.getByLabel('Another shade')).toHaveValue('99')
  await page.getByRole('button', { name: '12', exact: true }).click()
  await page.getByRole('button', { name: 'Passed' }).click()
  await page.getByRole('button', { name: 'clear, impact rated' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Eyes is open. Next: Body.' })).toBeVisible()
  await page.getByRole('button', { name: 'Everything passes' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Body is open.' })).toBeVisible()
  await page.reload()
  await page.goto(`${served.url}/bay/bay-11`)
  await expect(page.getByRole('link', { name: /^Bay 11, Kit Amari, TIG 95 A.* Eyes open, Body open/ })).toBeVisible()
  await other.context().close()
})

test('a house rule shows which bays change before it is saved, and closes their gates after', async ({ page, browser }) => {
  await signIn(page, served, 'maren')
  const lead = await (await browser.newContext()).newPage()
  await signIn(lead, served, 'oskar', '/house-rules')
  await lead.getByRole('radio', { name: '13', exact: true }).click()
  const preview = lead.getByRole('region', { name: 'What would change' })
  await expect(preview).toContainText('Bay 1')
  await expect(preview).toContainText('Eyes: hold')
  await expect(page.getByRole('link', { name: /^Bay 1, .* Eyes open/ })).toBeVisible()
  await lead.getByRole('button', { name: /^Save,/ }).click()
  await expect(page.getByRole('link', { name: /^Bay 1, .* Eyes hold/ })).toBeVisible()
  await lead.getByRole('radio', { name: '10', exact: true }).click()
  await lead.getByRole('button', { name: /^Save,/ }).click()
  await expect(page.getByRole('link', { name: /^Bay 1, .* Eyes open/ })).toBeVisible()
  await lead.context().close()
})

test('Stop stops at once, asks why after, and only who may re-opens', async ({ page, browser }) => {
  const learner = await (await browser.newContext()).newPage()
  await signIn(learner, served, 'imke')
  await signIn(page, served, 'maren')
  await learner.goto(`${served.url}/bay/bay-5`)
  await learner.getByRole('button', { name: 'Stop bay 5' }).click()
  await expect(page.getByRole('link', { name: /^Bay 5, .* Stopped\./ })).toBeVisible()
  await learner.getByRole('button', { name: 'Odd colour or smell' }).click()
  await expect(page.getByRole('link', { name: /^Bay 5, .* Odd colour or smell/ })).toBeVisible()
  await expect(learner.getByRole('button', { name: /Put right/ })).toHaveCount(0)
  await choose(learner.getByLabel('Who signs'), 'Maren Holt')
  await learner.getByLabel('PIN').fill('1111')
  await learner.getByRole('button', { name: 'Sign and re-open' }).click()
  await expect(learner.getByRole('alert').filter({ hasText: 'That PIN does not match' })).toBeVisible()
  await learner.getByLabel('PIN').fill('2806')
  await learner.getByRole('button', { name: 'Sign and re-open' }).click()
  await expect(learner.getByRole('button', { name: 'Stop bay 5' })).toBeVisible()
  await learner.getByRole('button', { name: 'Stop all' }).click()
  await expect(page.getByText('12 stopped')).toBeVisible()
  await page.goto(`${served.url}/bay/bay-5`)
  await page.getByRole('button', { name: 'Burn or near miss' }).click()
  await page.getByRole('button', { name: 'Put right: re-open bay 5' }).click()
  await expect(page.getByText('11 stopped')).toBeVisible()
  await reopenAll(page, [1, 2, 3, 4, 6, 7, 8, 9, 10, 11, 12])
  await expect(page.getByText('0 stopped')).toBeVisible()
  await learner.context().close()
})

test('a tablet that is signed out still stops the shop with one tap', async ({ page, browser }) => {
  await signIn(page, served, 'maren')
  const tablet = await (await browser.newContext()).newPage()
  await signIn(tablet, served, 'imke')
  await tablet.getByRole('button', { name: 'Imke Tarrow' }).click()
  await tablet.getByRole('button', { name: 'Sign out', exact: true }).click()
  await expect(tablet.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await tablet.getByRole('button', { name: 'Stop all' }).click()
  await expect(tablet.getByText('Every bay is stopped. Sign in to say why.')).toBeVisible()
  await expect(page.getByText('12 stopped')).toBeVisible()
  await reopenAll(page, Array.from({ length: 12 }, (_, i) => i + 1))
  await expect(page.getByText('0 stopped')).toBeVisible()
  await tablet.context().close()
})

test('pencil is confirmed by a tap, and one job goes to many bays at once', async ({ page }) => {
  await signIn(page, served, 'maren', '/bay/bay-4')
  await expect(page.getByRole('button', { name: /Job hold Arc minutes still in pencil/ })).toBeVisible()
  await page.getByRole('link', { name: /^2 min arc an hour.*confirm or correct/ }).click()
  const card = page.getByRole('region', { name: 'Job card' })
  await card.getByRole('button', { name: 'That is right' }).click()
  await card.getByRole('button', { name: /^Also on/ }).click()
  for (const bay of ['5', '6']) await card.getByRole('button', { name: bay, exact: true }).click()
  await card.getByRole('button', { name: 'Set on 3 bays' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Job is open.' })).toBeVisible()
  for (const bay of [5, 6])
    await expect(page.getByRole('link', { name: new RegExp(`^Bay ${bay}, .*Stick 165 A · galvanised.* Body to do`) })).toBeVisible()
})

test('the command line answers at once, opens a bay and fills a job card', async ({ page }) => {
  await signIn(page, served, 'maren')
  await page.keyboard.press('/')
  await page.keyboard.type('mig 180 galvanised')
  await expect(page.getByText('Start at 12, never under 10 (US law).')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('region', { name: 'Answer' })).toContainText('Thick lined leather gauntlets')
  await page.keyboard.press('/')
  await page.keyboard.type('imke')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/bay\/bay-4/)
  await page.keyboard.press('/')
  await page.keyboard.type('bay 3 tig 90 stainles overhead')
  await page.keyboard.press('Enter')
  const card = page.getByRole('region', { name: 'Job card' })
  await expect(card.getByRole('button', { name: /Process TIG/ })).toBeVisible()
  await expect(card.getByRole('button', { name: /Current 90 A/ })).toBeVisible()
  await expect(card.getByRole('button', { name: /Position overhead/ })).toBeVisible()
  // What the line left unsaid is of the job before: in pencil, until whoever has read it says that all of it is so.
  await expect(card.locator('.pencil')).not.toHaveCount(0)
  await card.getByRole('button', { name: /^All \d+ in pencil are so$/ }).click()
  await expect(card.locator('.pencil')).toHaveCount(0)
  // A number that cannot be read is not the one that stood there before.
  await card.getByRole('button', { name: /Current 90 A/ }).click()
  await card.getByLabel('Current, A').fill('9o')
  await expect(card.getByText('A number in A is needed.')).toBeVisible()
  await expect(card.getByRole('button', { name: /Current 90 A/ })).toHaveCount(0)
  await expect(card.getByRole('button', { name: /^Set this job.*to say/ })).toBeVisible()
  await card.getByLabel('Current, A').fill('95')
  await expect(card.getByRole('button', { name: /Current 95 A/ })).toBeVisible()
  await card.getByRole('button', { name: /Current 95 A/ }).press('Escape')
  await page.keyboard.press('b')
  await expect(page.getByRole('region', { name: /^Because/ })).toContainText('Sources')
})

test('what is done without a connection is kept through a reload and sent when it is back', async ({ page, context, browser }) => {
  await signIn(page, served, 'maren')
  const watcher = await (await browser.newContext()).newPage()
  await signIn(watcher, served, 'oskar')
  await page.goto(`${served.url}/bay/bay-7?do=eyes`)
  await expect(page.getByRole('button', { name: 'Passed' })).toBeVisible()
  await context.route('**/api/v1/commands', route => route.abort())
  await page.getByRole('button', { name: 'Passed' }).click()
  await expect(page.getByRole('link', { name: /^Bay 7, .* Eyes open/ })).toBeVisible()
  await expect(page.getByText('not sent yet')).toBeVisible()
  await expect(watcher.getByRole('link', { name: /^Bay 7, .* Eyes to do/ })).toBeVisible()
  await page.reload()
  await expect(page.getByText('not sent yet')).toBeVisible()
  await context.unroute('**/api/v1/commands')
  await expect(watcher.getByRole('link', { name: /^Bay 7, .* Eyes open/ })).toBeVisible()
  await expect(page.getByText('not sent yet')).toHaveCount(0)
  await watcher.context().close()
})

test('a refusal that comes after a reload is told, not lost', async ({ page, context }) => {
  await signIn(page, served, 'maren', '/bay/bay-6')
  await context.route('**/api/v1/commands', route => route.abort())
  await page.goto(`${served.url}/bay/bay-6?do=who`)
  await page.getByRole('button', { name: /^Ada Quill/ }).click()
  await expect(page.getByText('not sent yet')).toBeVisible()
  const now = new Date().toISOString()
  const raced = await page.request.post(`${served.url}/api/v1/commands`, {
    data: {
      id: randomUUID(),
      type: 'station.clear-job',
      streams: [{ id: 'station/bay-6', expectedVersion: null }],
      at: now,
      sentAt: now,
      deviceId: 'test',
      deviceSeq: 1,
      payload: {},
    },
  })
  expect(raced.status()).toBe(200)
  await page.reload()
  await context.unroute('**/api/v1/commands')
  await page.getByRole('button', { name: /Refused$/ }).click()
  await expect(page.getByText(/Something you did earlier was refused: Somebody else changed this/)).toBeVisible()
  await page.getByRole('paragraph').filter({ hasText: 'Something you did earlier' }).getByRole('button', { name: 'Seen' }).click()
  await expect(page.getByText(/Something you did earlier/)).toHaveCount(0)
})

test('today\'s checks lapse by themselves at the shop-day hour, on an open board too', async ({ page }) => {
  const dayEndsMs = shopDayEndsAtMs(Date.now(), 'America/New_York', 4)
  // Signed in shortly before the day ends, whatever the hour of this run: a session of this morning would not live until then.
  await served.restart(new Date(dayEndsMs - 300_000).toISOString())
  await signIn(page, served, 'maren')
  await expect(page.getByRole('link', { name: /^Bay 1, .* Body open/ })).toBeVisible()
  // Twelve seconds of shop day are left when the server is back: the open board finds it by itself.
  await served.restart(new Date(dayEndsMs - 12_000).toISOString())
  await expect(page.getByRole('link', { name: /^Bay 1, .* Eyes to do, Body to do/ })).toBeVisible({ timeout: 50_000 })
  await served.restart()
})
