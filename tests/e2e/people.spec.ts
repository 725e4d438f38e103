import { axeFindsNothing } from './axe-finds'
import type { APIRequestContext } from '@playwright/test'
import { choose, expect, PASSWORDS, serve, signIn, test, typeDay } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

const NAMES = Array.from({ length: 20 }, (_, i) => `Learner ${String.fromCharCode(65 + i)} Lockley`)

test('twenty learners get in as names that are pasted; pasted again, nobody is there twice', async ({ page }) => {
  await signIn(page, served, 'oskar', '/people')
  await page.getByRole('button', { name: 'Bring in a list' }).click()
  const list = page.getByRole('region', { name: 'Bring in a list' })
  await list.getByRole('button', { name: 'Bring in 0 people' }).click()
  await expect(list.getByText('Paste at least one name.')).toBeVisible()
  await list.getByLabel('Names, or a table').fill(NAMES.join('\n'))
  await list.getByLabel('Group or class of all').fill('Tuesday')
  await expect(list.getByText('20 added, 0 changed, 0 as they are, 0 that cannot be taken')).toBeVisible()
  await axeFindsNothing(page, { about: 'a list that is brought in' })
  await list.getByRole('button', { name: 'Bring in 20 people' }).click()
  await expect(list).toBeHidden()
  const table = page.getByRole('table', { name: 'People' })
  await page.getByLabel('Find in this list').fill('lockley')
  await expect(table.getByRole('row', { name: /Learner .* Lockley Tuesday/ })).toHaveCount(20)

  await page.getByRole('button', { name: 'Bring in a list' }).click()
  await list.getByLabel('Names, or a table').fill(NAMES.join('\n').toUpperCase())
  await list.getByLabel('Group or class of all').fill('Tuesday')
  await expect(list.getByText('0 added, 0 changed, 20 as they are, 0 that cannot be taken')).toBeVisible()
  await list.getByRole('button', { name: 'Bring in 0 people' }).click()
  await expect(list.getByText('Everybody in it is here as they are written.')).toBeVisible()
})

test('a table is read by its columns; what cannot be taken is said by line, and nothing of it is taken until then', async ({ page }) => {
  await signIn(page, served, 'oskar', '/people?do=list')
  const list = page.getByRole('region', { name: 'Bring in a list' })
  await list.getByLabel('Names, or a table').fill([
    'Booth;First name;Last name;Crew',
    '11;Ada;Brock;Evening',
    '99;Bo;Brock;Evening',
    '12;Kit;Amari;Evening',
    ';Ada;Brock;',
  ].join('\n'))
  const lines = list.getByRole('table')
  await expect(lines.getByRole('row', { name: /Bo Brock .* No such bay\./ })).toBeVisible()
  await expect(lines.getByRole('row', { name: /Kit Amari Evening .* Is here; changed\./ })).toBeVisible()
  await expect(lines.getByRole('row', { name: /Ada Brock.* Stands twice in this list\./ })).toHaveCount(2)
  await list.getByRole('button', { name: 'Bring in 1 person' }).click()
  await expect(list.getByText('3 lines cannot be taken: mend them above, or leave them out.')).toBeVisible()
  await lines.getByRole('button', { name: 'Another of that name Ada Brock' }).last().click()
  await expect(list.getByText('1 added, 1 changed, 0 as they are, 2 that cannot be taken')).toBeVisible()
  // A column that was guessed is put right: the bay is not taken, and nobody is wrong for it any more.
  await choose(list.getByLabel('Booth'), 'left out')
  await expect(list.getByText('2 added, 1 changed, 0 as they are, 1 that cannot be taken')).toBeVisible()
  await list.getByLabel('Leave out what cannot be taken (1)').check()
  await list.getByRole('button', { name: 'Bring in 3 people' }).click()
  await expect(list).toBeHidden()
  await expect(page.getByRole('row', { name: /^Kit Amari Evening .* at bay 12/ })).toBeVisible()
  await expect(page.getByRole('row', { name: /^Ada Brock/ })).toHaveCount(1)
})

test('what is known of somebody\'s eyes makes them start darker, is seen by who needs it, and is erased', async ({ page, playwright }) => {
  await signIn(page, served, 'oskar', '/people')
  await page.getByRole('button', { name: 'Change Imke Tarrow' }).click()
  await expect(page.getByRole('region', { name: 'What they breathed, day by day' }).getByRole('row')).toHaveCount(9)
  await expect(page.getByRole('region', { name: 'Clothes' })).toContainText('Nobody told yet what they usually have on.')
  const care = page.getByRole('form', { name: 'Eyes and body' })
  await care.getByLabel('headaches or gritty eyes after work').check()
  await care.getByLabel('What they told of how they feel at work').fill('Gritty after vertical up')
  await care.getByLabel('Jacket, coverall').fill('S')
  await care.getByRole('button', { name: 'Write it down' }).click()
  await expect(care.getByText('Written down. The log keeps only that there is a record.')).toBeVisible()
  await page.goto(`${served.url}/bay/bay-4?do=because-eyes`)
  await expect(page.getByText(/They start one darker, at/)).toBeVisible()
  const learner = await playwright.request.newContext()
  const signedIn = await learner.post(`${served.url}/api/v1/sign-in`, { data: { loginName: 'tove', password: PASSWORDS.tove } })
  expect(signedIn.status()).toBe(200)
  expect(await (await learner.get(`${served.url}/api/v1/care`)).json()).toEqual({ care: [] })
  expect(await (await learner.get(`${served.url}/api/v1/floor`)).text()).not.toContain('Gritty')
  // Sizes are for whoever dresses people.
  const sizesFor = async (who: APIRequestContext) =>
    (await (await who.get(`${served.url}/api/v1/wardrobe`)).json() as { sizes: Record<string, object> }).sizes
  expect(await sizesFor(learner)).toEqual({})
  expect((await sizesFor(page.request))['imke-tarrow']).toEqual({ body: 'S' })
  expect((await learner.post(`${served.url}/api/v1/care`, { data: { personId: 'imke-tarrow', care: null } })).status()).toBe(409)
  await learner.dispose()
  await page.goto(`${served.url}/people?who=imke-tarrow`)
  await care.getByRole('button', { name: 'Erase this record' }).click()
  await page.getByRole('button', { name: 'Erase it' }).click()
  await expect(care.getByText('Erased for good.')).toBeVisible()
  await expect(care.getByLabel('headaches or gritty eyes after work')).not.toBeChecked()
  await expect(care.getByLabel('Jacket, coverall')).toHaveValue('')
  expect(await sizesFor(page.request)).not.toHaveProperty('imke-tarrow')
})

test('who helps at an arc is told, stands at its head, is judged with their whole day, and goes again', async ({ page }) => {
  await signIn(page, served, 'maren', '/bay/bay-2?do=who')
  const helpers = page.getByRole('region', { name: 'Who helps at this arc?' })
  await choose(helpers.getByLabel('Somebody'), /^Pia Vance/)
  await helpers.getByRole('button', { name: 'Helps here' }).click()
  await expect(helpers.getByRole('list', { name: 'Help here' })).toContainText('Pia Vance')
  await expect(page.getByRole('heading', { name: /^Bay 2/ })).toContainText('helped by Pia Vance')
  // The same light reaches them: nobody strikes here until somebody looked before their eyes.
  const eyes = page.getByRole('form', { name: 'Eyes of Pia Vance' })
  await expect(eyes).toContainText('Nobody looked at their eyes.')
  const saw = async (shade: string, glasses: string) => {
    await choose(eyes.getByLabel('Shade before the eyes'), shade)
    await choose(eyes.getByLabel('Glasses under it'), glasses)
    await eyes.getByRole('button', { name: 'Looked at' }).click()
  }
  await saw('4', 'clear, impact rated')
  await expect(eyes).toContainText('Shade 4; glasses clear, impact rated')
  await axeFindsNothing(page, { about: 'who helps', within: '.right' })
  await page.goto(`${served.url}/bay/bay-2?do=because-eyes`)
  await expect(page.getByText(/^Pia Vance helps here with shade 4 before the eyes/)).toBeVisible()
  // Where eyes are looked at, theirs are.
  await page.goto(`${served.url}/bay/bay-2?do=eyes`)
  await expect(page.getByRole('heading', { name: 'Pia Vance helps here' })).toBeVisible()
  await saw('11', 'clear, impact rated')
  // Settled, it gives way to what holds next.
  await expect(eyes).toHaveCount(0)
  await page.goto(`${served.url}/bay/bay-2?do=because-eyes`)
  await expect(page.getByRole('region', { name: /^Because: Eyes/i })).toBeVisible()
  await expect(page.getByText(/Pia Vance helps here/)).toHaveCount(0)
  await page.goto(`${served.url}/bay/bay-2?do=because-air`)
  await expect(page.getByText(/^Pia Vance, who helps here, breathes/)).toBeVisible()
  // Their own bay counts what they breathe here.
  await page.goto(`${served.url}/air/bay-5`)
  await expect(page.getByText('Helps at bay 2')).toBeVisible()
  await page.goto(`${served.url}/bay/bay-2?do=who`)
  await helpers.getByRole('button', { name: 'Pia Vance goes' }).click()
  await expect(page.getByRole('heading', { name: /^Bay 2/ })).not.toContainText('helped by')
})

test('whoever is not signed off for the process is said so; a house that holds for it holds the bay until they are', async ({ page }) => {
  await signIn(page, served, 'oskar', '/bay/bay-3?do=who')
  const who = page.getByRole('region', { name: 'Who stands here' })
  await expect(who.getByRole('group', { name: 'Usually at this bay' }).getByRole('button', { name: /^Teo Marsh/ })).toBeVisible()
  await who.getByLabel('Find somebody').fill('kit')
  await who.getByRole('button', { name: /^Kit Amari.*not signed off/ }).click()
  await page.goto(`${served.url}/bay/bay-3?do=because-job`)
  await expect(page.getByText('Kit Amari is not signed off for MIG/MAG.')).toBeVisible()
  await page.goto(`${served.url}/house-rules`)
  await page.getByRole('radiogroup', { name: 'Signing off for a process' }).getByRole('radio', { name: 'holds the bay' }).click()
  await page.getByRole('button', { name: /^Save/ }).click()
  await expect(page.getByText('Saved.')).toBeVisible()
  await page.goto(`${served.url}/bay/bay-3`)
  await expect(page.getByRole('button', { name: /^Job hold/i })).toBeVisible()
  await page.goto(`${served.url}/people?who=kit-amari`)
  await expect(page.getByRole('region', { name: 'Clothes' })).toContainText(/Usually: ear plugs; .*leather/)
  await page.getByText('Signed off for: nothing yet').click()
  await page.getByRole('button', { name: 'MIG/MAG', exact: true }).click()
  await expect(page.getByRole('button', { name: /^MIG\/MAG by Oskar Fenn/ })).toBeVisible()
  await page.goto(`${served.url}/bay/bay-3`)
  await expect(page.getByRole('button', { name: /^Job open/i })).toBeVisible()
  // What was taught and is over takes the sign-off along; a day to come is refused, and what was typed stays.
  await page.goto(`${served.url}/people?who=kit-amari`)
  await page.getByText('Signed off for: MIG/MAG').click()
  await page.getByRole('button', { name: 'Write down a training' }).click()
  const training = page.getByRole('form', { name: 'Write down a training' })
  await choose(training.getByLabel('Process'), 'MIG/MAG')
  await training.getByLabel('Taught by').fill('Maren Holt')
  await typeDay(training.getByRole('group', { name: 'Taught on' }), '2099-01-12')
  await training.getByRole('button', { name: 'Write it down' }).click()
  await expect(training.getByText(/12 Jan 2099 is still to come/)).toBeVisible()
  await typeDay(training.getByRole('group', { name: 'Taught on' }), '2024-01-12')
  await typeDay(training.getByRole('group', { name: 'Stands until' }), '2025-01-12')
  await training.getByRole('button', { name: 'Write it down' }).click()
  await expect(page.getByText('stood until 12 Jan 2025: the sign-off counts no more')).toBeVisible()
  await page.goto(`${served.url}/bay/bay-3?do=because-job`)
  await expect(page.getByText('What Kit Amari was taught of MIG/MAG stood until 12 Jan 2025.')).toBeVisible()
  await page.goto(`${served.url}/bay/bay-3`)
  await expect(page.getByRole('button', { name: /^Job hold/i })).toBeVisible()
})

test('a fit test is of one mask: failed, or by smell for a whole face, nobody is ready; another mask begins untested', async ({ page }) => {
  await signIn(page, served, 'oskar', '/people?who=dov-lindqvist')
  const readyUntil = async () => {
    const { air } = await (await page.request.get(`${served.url}/api/v1/floor`)).json() as {
      air: { wearers: Record<string, { readyUntil: string | null }> }
    }
    return air.wearers['dov-lindqvist']!.readyUntil
  }
  const mask = page.getByRole('form', { name: 'Mask' })
  const write = async () => {
    await mask.getByRole('button', { name: 'Write it down' }).click()
    await expect(mask.getByText('Written down. The log keeps only that there is a record.')).toBeVisible()
  }
  expect(await readyUntil()).not.toBeNull()
  await mask.getByRole('radio', { name: 'counted by an instrument' }).click()
  await mask.getByRole('radio', { name: 'passed', exact: true }).click()
  await mask.getByLabel('Fit factor').fill('99')
  await write()
  expect(await readyUntil()).toBeNull()
  await mask.getByLabel('Fit factor').fill('140')
  await write()
  expect(await readyUntil()).not.toBeNull()
  await mask.getByRole('radio', { name: 'failed', exact: true }).click()
  await write()
  expect(await readyUntil()).toBeNull()
  // Another mask: nothing that was said of the first is said of it.
  await choose(mask.getByLabel('Mask worn'), 'full mask, P3 or P100')
  await expect(mask.getByRole('radio', { name: 'failed', exact: true })).not.toBeChecked()
  await expect(mask.getByLabel('Fit factor')).toHaveCount(0)
  await write()
  expect(await readyUntil()).toBeNull()
})

test('the roll is taken out and brought in again as it is: nobody changes', async ({ page }) => {
  await signIn(page, served, 'oskar', '/people')
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: /^Save these \d+ as CSV/ }).click()
  const path = await (await saved).path()
  await page.getByRole('button', { name: 'Bring in a list' }).click()
  const list = page.getByRole('region', { name: 'Bring in a list' })
  const chooser = page.waitForEvent('filechooser')
  await list.getByRole('button', { name: /^Choose a file/ }).click()
  await (await chooser).setFiles(path)
  await expect(list.getByText(/^0 added, 0 changed, \d{2} as they are, 0 that cannot be taken$/)).toBeVisible()
})
