import { readFileSync } from 'node:fs'
import { axeFindsNothing } from './axe-finds'
import { choose, expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

test('a page opens on what most needs somebody, and how to read it is one tap away', async ({ page }) => {
  await signIn(page, served, 'oskar', '/kit')
  const first = page.getByRole('region', { name: 'First of all' })
  await expect(first).toContainText('GR-2, Small grinder')
  await expect(first).toContainText('Guard cracked')
  await expect(first.getByText('a check by the calendar is past its day')).toBeHidden()
  await first.getByText('How kit stands').click()
  await expect(first.getByText('a check by the calendar is past its day')).toBeVisible()
  await first.getByRole('link', { name: /^Open GR-2/ }).click()
  await expect(page).toHaveURL(/\/kit\/gr-2$/)
  await page.getByRole('link', { name: 'Gas', exact: true }).click()
  await expect(first).toContainText('It stands 11.2 ft from OX-6; 20 ft or a rated wall is the rule.')
  await expect(first.getByRole('link', { name: 'Open AC-12' })).toBeVisible()
  await page.getByRole('link', { name: 'Air', exact: true }).click()
  // What nobody knows comes before what is known to be too much: never a bay whose air is open.
  await expect(page.getByRole('heading', { name: /^Air of bay \d+/ })).toBeVisible()
  await expect(page.getByRole('heading', { name: /^Air of bay (?:1|2|3|5|7) / })).toHaveCount(0)
})

test('what an area is about and what its words mean is told where a learner meets it', async ({ page }) => {
  await signIn(page, served, 'maren', '/bay/bay-3?do=eyes')
  await page.getByRole('button', { name: 'What is Eyes?' }).click()
  await expect(page.getByRole('dialog')).toContainText('the higher the number, the darker')
  await axeFindsNothing(page)
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.getByRole('link', { name: 'Kit', exact: true }).click()
  await page.getByText('What the words mean').click()
  await expect(page.getByRole('main')).toContainText('Nobody uses it until somebody named for it has put it right')
})

test('a page that was not read says nothing of what needs nobody', async ({ page }) => {
  await page.route('**/api/v1/kit?*', route => route.fulfill({ status: 503, json: { error: 'away' } }))
  await signIn(page, served, 'oskar', '/kit')
  const first = page.getByRole('region', { name: 'First of all' })
  await expect(first.getByText('How kit stands')).toBeVisible()
  await expect(page.getByRole('main')).not.toContainText('Nothing is')
})

test('`?` shows the keys, keeps the keyboard while it is open, and goes by Escape', async ({ page }) => {
  await signIn(page, served, 'maren')
  await expect(page.getByRole('link', { name: /^Bay 1,/ })).toBeVisible()
  await page.keyboard.press('?')
  const keys = page.getByRole('dialog', { name: 'Keys' })
  await expect(keys).toContainText('Ask, or open a bay')
  await axeFindsNothing(page)
  await page.keyboard.press('Tab')
  await expect(keys.locator(':focus')).toHaveCount(1)
  await page.keyboard.press('Escape')
  await expect(keys).toHaveCount(0)
  await page.keyboard.press('/')
  await page.keyboard.type('mig?')
  await expect(keys).toHaveCount(0)
})

test('a list is taken out as CSV, and printed without what is pressed', async ({ page }) => {
  await signIn(page, served, 'oskar', '/log')
  await expect(page.getByRole('row')).toHaveCount(61)
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save these 60 as CSV' }).click()])
  expect(file.suggestedFilename()).toMatch(/^zonaris-log-\d{4}-\d\d-\d\d\.csv$/)
  const lines = readFileSync((await file.path())!, 'utf8').split('\r\n')
  expect(lines).toHaveLength(61)
  expect(lines[0]).toBe('\uFEFFNo.,When,Who,Where,What,Fingerprint')
  expect(lines[1]).toMatch(/^\d+,\d{4}-.*,[\da-f]{64}$/)
  await page.emulateMedia({ media: 'print', colorScheme: 'dark' })
  await expect(page.getByText(/^Printed .*The screen says what stands now\.$/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Stop all' })).toBeHidden()
  await expect(page.getByRole('navigation', { name: 'Areas' })).toBeHidden()
  await expect(page.getByRole('columnheader', { name: 'When' })).toBeVisible()
  expect(await page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe('rgb(255, 255, 255)')
})

test('before the door: whom to call, and how the bays stand on a device that the shop knows', async ({ page, browser }) => {
  const stranger = await (await browser.newContext()).newPage()
  await stranger.goto(`${served.url}/sign-in`)
  const call = stranger.getByRole('region', { name: 'Something happened?' })
  await expect(call).toContainText('911 from any yard telephone')
  await expect(stranger.getByRole('region', { name: 'Today' })).toHaveCount(0)
  await stranger.goto(`${served.url}/help`)
  await expect(stranger.getByText('911 from any yard telephone')).toBeVisible()
  await stranger.context().close()

  await signIn(page, served, 'maren')
  await page.request.post(`${served.url}/api/v1/sign-out`, { data: {} })
  await page.goto(`${served.url}/sign-in`)
  const today = page.getByRole('region', { name: 'Today' })
  await expect(today).toContainText('Today at Fenmarsh Lockworks')
  await expect(today).toContainText('clear to strike')
  await expect(today).toContainText(/1 stopped/)
  // A shop that is not heard stands as nothing.
  await page.route('**/api/v1/public/shop', route => route.abort())
  await page.reload()
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
  await expect(today).toHaveCount(0)
})

test('how the bays stood is not shown once it is old, also where the shop hangs; whom to call stays', async ({ page }) => {
  await signIn(page, served, 'imke')
  await page.request.post(`${served.url}/api/v1/sign-out`, { data: {} })
  await page.clock.install()
  await page.goto(`${served.url}/sign-in`)
  const today = page.getByRole('region', { name: 'Today' })
  await expect(today).toContainText('clear to strike')
  // Asked again, it hangs.
  await page.route('**/api/v1/public/shop', () => {})
  await page.clock.runFor(40_000)
  await expect(today).toBeVisible()
  await page.clock.runFor(10_000)
  await expect(today).toHaveCount(0)
  await expect(page.getByText('911 from any yard telephone')).toBeVisible()
})

test('after a gate is settled the next hold opens, and whatever others do moves no page', async ({ page, browser }) => {
  await signIn(page, served, 'maren', '/bay/bay-7?do=eyes')
  const elsewhere = await (await browser.newContext()).newPage()
  await signIn(elsewhere, served, 'oskar', '/bay/bay-7?do=eyes')
  await expect(elsewhere.getByRole('button', { name: 'Passed' })).toBeVisible()
  await page.getByRole('button', { name: 'Passed' }).click()
  await expect(page.getByRole('status').filter({ hasText: 'Eyes is open. Next: Machine.' })).toBeVisible()
  await expect(page).toHaveURL(/do=machine/)
  await expect(elsewhere.getByRole('button', { name: /^Bay 7|Back to bay 7/ }).first()).toBeVisible()
  await expect(elsewhere).toHaveURL(/do=eyes/)
  await elsewhere.context().close()
})

test('what is refused is said beside the key that was pressed, and in sight', async ({ page }) => {
  await signIn(page, served, 'maren', '/bay/bay-12?do=eyes')
  await page.route('**/api/v1/commands', route => route.fulfill({
    status: 409,
    json: {
      commandId: 'x',
      findings: [{ severity: 'hold', code: 'x', message: 'Refused for a test.', todo: null, brief: '', sources: [] }],
    },
  }))
  const key = page.getByRole('button', { name: 'clear, impact rated' })
  await key.click()
  const refused = page.getByRole('alert').filter({ hasText: 'Refused for a test.' })
  await expect(refused).toBeInViewport()
  const [above, below] = [(await key.boundingBox())!, (await refused.boundingBox())!]
  expect(below.y - (above.y + above.height)).toBeLessThan(80)
  expect(below.y).toBeGreaterThan(above.y)
})

test('a form\'s key can always be pressed: what lacks is said where it lacks, by keyboard alone, until it is mended', async ({ page }) => {
  await signIn(page, served, 'oskar', '/people')
  await page.getByRole('button', { name: 'Add somebody' }).focus()
  await page.keyboard.press('Enter')
  const form = page.getByRole('region', { name: 'Person' })
  const name = form.getByLabel('Name')
  await form.getByRole('button', { name: 'Add', exact: true }).focus()
  await page.keyboard.press('Enter')
  await expect(form.getByText('Needed.')).toBeVisible()
  await expect(name).toBeFocused()
  await expect(name).toHaveAttribute('aria-invalid', 'true')
  await page.keyboard.type('Ines Calder')
  await expect(form.getByText('Needed.')).toHaveCount(0)
  // The second thing: nobody without a role. What was typed stays.
  await form.getByRole('button', { name: 'learner' }).focus()
  await page.keyboard.press('Space')
  await name.focus()
  await page.keyboard.press('Enter')
  await expect(form.getByText('At least one role.')).toBeVisible()
  await expect(form.getByRole('button', { name: 'learner' })).toBeFocused()
  await page.keyboard.press('Space')
  await expect(form.getByText('At least one role.')).toHaveCount(0)
  await expect(name).toHaveValue('Ines Calder')
  await name.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('cell', { name: 'Ines Calder', exact: true })).toBeVisible()
})

test('a form goes out also where its schema does not come: the server reads it all the same', async ({ page }) => {
  await signIn(page, served, 'oskar', '/people')
  await page.getByRole('button', { name: 'Add somebody' }).click()
  await page.route('**/_nuxt/**', route => route.abort())
  // Pressed twice before the shop has answered, it is sent once.
  await page.route('**/api/v1/commands', async (route) => {
    await new Promise(resolve => setTimeout(resolve, 700))
    await route.continue()
  })
  await page.getByRole('region', { name: 'Person' }).getByLabel('Name').fill('Ansel Roe')
  await page.getByRole('button', { name: 'Add', exact: true }).dblclick()
  await expect(page.getByRole('cell', { name: 'Ansel Roe', exact: true })).toBeVisible()
  await page.waitForTimeout(1500)
  await expect(page.getByRole('cell', { name: 'Ansel Roe', exact: true })).toHaveCount(1)
})

test('what people were told is seen in one go, and leaves by itself once it is put right', async ({ page, browser }) => {
  const screenOf = async (who: Parameters<typeof signIn>[2], at: string) => {
    const screen = await (await browser.newContext()).newPage()
    await signIn(screen, served, who, at)
    return screen
  }
  const maren = await screenOf('maren', '/kit')
  const tagOut = async (tag: string) => {
    await maren.goto(`${served.url}/kit/${tag}`)
    await maren.getByRole('button', { name: 'Tag out' }).click()
    await maren.getByLabel('Why').fill('cracked')
    await maren.getByRole('button', { name: 'Tag it out' }).click()
    await expect(maren.getByText('cracked').first()).toBeVisible()
  }
  await signIn(page, served, 'oskar', '/kit')
  const told = page.getByRole('status', { name: 'What you were told' })
  const key = page.locator('.told-key')
  await tagOut('gr-3')
  await tagOut('fa-4')
  await expect(key).toContainText('3')
  await key.click()
  await expect(told.getByText('FA-4 is tagged out')).toBeVisible()
  // Somebody named puts it right: nobody has to say that they saw it.
  await told.getByRole('link', { name: 'Open FA-4' }).click()
  await page.getByRole('button', { name: 'Release' }).click()
  await page.getByLabel('What was repaired').fill('a new one inside')
  await page.getByRole('button', { name: 'Release it' }).click()
  await expect(key).toContainText('2')
  await key.click()
  await expect(told.getByText('FA-4 is tagged out')).toHaveCount(0)
  await told.getByRole('button', { name: 'All 2 seen' }).click()
  await expect(key).toHaveCount(0)
})

test('lists that are no tables are found and sorted alike, and stand as they came when that is closed', async ({ page }) => {
  await signIn(page, served, 'oskar', '/gas')
  const tags = page.locator('.row .tag')
  await page.getByRole('button', { name: 'Find and sort' }).click()
  const asItCame = await tags.allTextContents()
  expect(asItCame.length).toBeGreaterThan(8)
  await page.getByLabel('Find in this list').fill('acetylene')
  await expect(page.getByText(`4 of ${asItCame.length}`)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save these 4 as CSV' })).toBeVisible()
  await page.getByLabel('Find in this list').fill('')
  await choose(page.getByLabel('Sorted by'), 'Tag')
  await expect(tags.first()).toHaveText('AC-3')
  await page.getByRole('button', { name: 'sorted upwards' }).click()
  await expect(tags.last()).toHaveText('AC-3')
  await page.getByRole('button', { name: 'All as it comes' }).click()
  await expect(tags).toHaveText(asItCame)
  await page.goto(`${served.url}/kit`)
  await page.getByRole('button', { name: 'Find and sort' }).click()
  await page.getByLabel('Find in this list').fill('extinguisher bay 4')
  await expect(page.locator('.row')).toHaveCount(1)
  await page.getByLabel('Find in this list').fill('nothing of the kind')
  await expect(page.getByText('Nothing like it in this list.')).toBeVisible()
})

test('what is half typed is not lost by another language unasked', async ({ page }) => {
  await signIn(page, served, 'tove', '/hot-work?do=request')
  const where = page.getByLabel('Place, as people call it')
  await where.fill('Sluice rack 2')
  await page.getByRole('button', { name: 'Tove Ridd', exact: true }).click()
  await page.getByRole('button', { name: 'Español' }).click()
  await expect(page.getByText('What is typed here and not sent would be lost.')).toBeVisible()
  await expect(where).toHaveValue('Sluice rack 2')
  await page.getByRole('button', { name: 'Español' }).click()
  await expect(page.getByRole('heading', { name: 'Pedir un permiso' })).toBeVisible()
})
