import { readFileSync } from 'node:fs'
import { axeFindsNothing } from './axe-finds'
import { changeRules, choose, expect, measureInMetres, pressByKeyboard, serve, signIn, test } from './served'
import type { Served } from './served'
import { workbook } from '../workbook'

let served: Served
test.beforeAll(async () => {
  served = await serve()
  await measureInMetres(served)
})
test.afterAll(() => served.stop())

test('a galvanised job holds; tried, then stripped and with the hood moved, the gate opens', async ({ page }) => {
  await signIn(page, served, 'maren', '/air/bay-4')
  const said = page.locator('.sentence')
  await expect(said).toContainText('Zinc: up to')
  // No more of each than it takes: worked out beside the page, as the gate judges.
  await expect(page.getByRole('region', { name: 'How sure this is' }))
    .toContainText(/Together: Put the hood within \d+ cm of the arc; Strip at least \d+ mm on each side, both faces/)
  // Try what would help, together: nothing is recorded by it.
  await page.getByRole('button', { name: 'Try all' }).click()
  await expect(said).toContainText('Tried, not set.')
  await expect(said).toContainText('At most')
  await page.getByRole('button', { name: 'As it is' }).click()
  // A control answers while it is dragged.
  await page.getByLabel('Stripped each side').fill('30')
  await expect(said).not.toContainText('Zinc')
  await page.getByRole('button', { name: 'As it is' }).click()
  await expect(said).toContainText('Zinc: up to')

  await page.goto(`${served.url}/bay/bay-4?do=air`)
  await expect(page.getByText('Best fix:')).toContainText('Strip 29 mm on each side, both faces, then put the hood 20 cm beside the arc')
  await page.goto(`${served.url}/bay/bay-4?do=job&line=coating`)
  await page.getByRole('button', { name: 'stripped where the arc will be' }).click()
  await page.getByRole('button', { name: '30', exact: true }).click()
  await page.getByRole('button', { name: 'Set this job' }).click()
  await expect(page.getByRole('button', { name: /Change job|Fix first hold: Job/ })).toBeVisible()

  await page.goto(`${served.url}/bay/bay-4?do=air`)
  // The hood is put in its place and looked at by keyboard alone.
  const air = page.getByRole('region', { name: 'Air' })
  await expect(air).not.toContainText('Zinc')
  await expect(air).toContainText('Manganese: up to')
  await pressByKeyboard(page.getByRole('button', { name: '20', exact: true }))
  await pressByKeyboard(page.getByRole('button', { name: 'It stands 20 cm beside the arc' }))
  await expect(air).toContainText('The extraction is not checked today.')
  await pressByKeyboard(page.getByRole('button', { name: 'its damper is shut' }))
  await expect(air).toContainText('The extraction failed its check: its damper is shut.')
  await pressByKeyboard(page.getByRole('button', { name: 'All four: it draws' }))
  // Settled: what holds next stands open.
  await expect(page.getByRole('status').filter({ hasText: 'Air is open.' })).toBeVisible()
  await expect(page.getByRole('link', { name: /^Bay 4,/ })).toHaveAttribute('aria-label', /Air open/)
})

test('how sure it is is drawn beside the page, named by what matters most, and narrowed by watching a head', async ({ page }) => {
  await signIn(page, served, 'maren', '/air/bay-3')
  const sure = page.getByRole('region', { name: 'How sure this is' })
  const drawn = sure.getByRole('status').filter({ hasText: 'Of 10,000 draws' })
  await expect(drawn).toContainText('of the doubt is where the head is:')
  const number = page.locator('.sentence .number')
  const percentNow = async () => Number((await number.textContent())!.replace(' %', ''))
  const unwatched = await percentNow()
  await page.getByRole('radio', { name: 'out of the plume' }).check()
  await expect.poll(percentNow).toBeLessThan(unwatched)
  // Tried anew, drawn anew: where it takes long it may be left, and begun again.
  await expect(drawn).toBeVisible()
  await page.evaluate(() => {
    Object.assign(window, { realWorker: window.Worker })
    // One that never answers.
    window.Worker = class extends EventTarget {
      postMessage(): void {}
      terminate(): void {}
    } as unknown as typeof Worker
  })
  await page.getByRole('button', { name: 'As it is' }).click()
  await sure.getByRole('button', { name: 'Stop it here' }).click()
  await expect(sure).toContainText('Not drawn.')
  await page.evaluate(() => Object.assign(window, { Worker: (window as unknown as { realWorker: typeof Worker }).realWorker }))
  await sure.getByRole('button', { name: 'Draw it' }).click()
  await expect(drawn).toBeVisible()

  // Watched, it is said at the job, and counts there.
  await page.goto(`${served.url}/bay/bay-3?do=job&line=head`)
  await page.getByRole('button', { name: 'out of the plume' }).click()
  await page.getByRole('button', { name: 'Set this job' }).click()
  await expect(page.getByRole('button', { name: 'Change job' })).toBeVisible()
  await page.goto(`${served.url}/air/bay-3`)
  await expect(page.getByRole('radio', { name: 'out of the plume' })).toBeChecked()
  await expect.poll(percentNow).toBeLessThan(unwatched)
})

test('the day of a person is told under their bay and to them; how long a mask is on is a house rule', async ({ page, browser }) => {
  await signIn(page, served, 'maren', '/air/bay-7')
  const day = page.getByRole('region', { name: 'The day of a person' })
  await expect(day).toContainText('Bay 7 08:00 to 12:00')
  await expect(day).toContainText('then in the hall 12:00 to 16:00, without a mask')
  await expect(day).toContainText('With the blower helmet on for 95 % of the work, and off in the hall')
  await expect(page.getByText('So worn, none protects more than 20 times.')).toBeVisible()

  await changeRules(served, { maskWornShare: 0.8 })
  await expect(page.getByText('So worn, none protects more than 5 times.')).toBeVisible()
  // A fifth of the work without it is too much of what it was needed for.
  await expect(page.getByRole('status').filter({ hasText: 'On for 80 % of the work and off between jobs' })).toBeVisible()
  await changeRules(served, { maskWornShare: 0.95 })
  await expect(page.getByText('So worn, none protects more than 20 times.')).toBeVisible()

  const own = await (await browser.newContext()).newPage()
  await signIn(own, served, 'imke', '/my-sign-in')
  const mine = own.getByRole('region', { name: 'What I breathe today' })
  await expect(mine).toContainText('Bay 4 08:00 to 12:00')
  await expect(mine).toContainText('not measured on you')
  // What was breathed on the days before was kept as each ended, and is hers to read: nobody else's.
  const kept = own.getByRole('region', { name: 'What I breathed, day by day' })
  await expect(kept.getByRole('row')).toHaveCount(9)
  await expect(kept).toContainText('The law asks that it is kept for 30 years at least')
  await kept.getByRole('button', { name: /^All of it/ }).first().click()
  await expect(kept.getByRole('row', { name: /^manganese middle/ })).toContainText('0.2 mg/m³, over the shift (California)')
  const readsOf = async (personId: string) => (await own.request.get(`${served.url}/api/v1/people/${personId}/air`)).status()
  expect([await readsOf('imke-tarrow'), await readsOf('teo-marsh')]).toEqual([200, 404])
  await own.context().close()
})

test('a hood not looked at today holds the bay', async ({ page }) => {
  await signIn(page, served, 'maren')
  const bay = page.getByRole('link', { name: /^Bay 6,/ })
  await expect(bay).toHaveAttribute('aria-label', /Air to do/)
  await page.goto(`${served.url}/bay/bay-6?do=air`)
  await expect(page.getByRole('region', { name: 'Air' })).toContainText('The extraction is not checked today.')
  await page.getByRole('button', { name: 'All four: it draws' }).click()
  await expect(bay).toHaveAttribute('aria-label', /Air open/)
})

const SAMPLES = [0.048, 0.062, 0.09, 0.056, 0.124, 0.074, 0.176, 0.104].map(
  (value, i) => `Shift ${i + 1};${String(value).replace('.', ',')}`,
)

test('pasted samples that pass with one substitution and fail with another say so, and hold; more of them decide', async ({ page }) => {
  await signIn(page, served, 'oskar', '/air/bay-5')
  await page.getByRole('button', { name: 'Put samples in' }).click()
  const form = page.getByRole('form', { name: 'Put samples in' })
  await form
    .getByLabel('Results, typed or pasted')
    .fill(['Shift;Mn mg/m3', ...SAMPLES, ...[9, 10, 11, 12].map(n => `Shift ${n};<0,04`), 'Shift 13;none'].join('\n'))
  await expect(form.getByRole('alert').filter({ hasText: 'Row 13: concentration "none" is no number' })).toBeVisible()
  await expect(form.getByRole('status')).toContainText('The verdict turns on how the 4 of 12 results')
  await form.getByRole('button', { name: 'Record 12 results' }).click()
  // The form says what it comes to as well: what is looked for below is what was recorded.
  await expect(form).toHaveCount(0)
  const samples = page.getByRole('region', { name: 'Measured samples' })
  await expect(samples).toContainText('no decision')
  await expect(samples.getByRole('row', { name: /at the limit of quantification/ })).toContainText('passes')
  await expect(samples.getByRole('row', { name: /half that limit/ })).toContainText('fails')
  await page.goto(`${served.url}/`)
  await expect(page.getByRole('link', { name: /^Bay 5,/ })).toHaveAttribute('aria-label', /Air hold/)

  await page.goto(`${served.url}/air/bay-5`)
  await page.getByRole('button', { name: 'Put samples in' }).click()
  const file = {
    name: 'manganese.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('person,mass ug,volume L\nA,14,900\nB,19,910\nC,12,880\nD,22,905\nE,16,900\nF,18,890\n'),
  }
  await form.locator('input[type=file]').setInputFiles(file)
  await expect(form.getByRole('status')).toContainText('passes')
  await form.getByRole('button', { name: 'Record 6 results' }).click()
  // Two surveys of one job count as one sample.
  await expect(samples).toContainText('Measured: manganese passes (18 results')
  await expect(samples).toContainText(/Mean of shifts .* with 95 % confidence above/)
  await expect(samples.getByRole('list', { name: 'Where 95 % of shifts lie' }).first()).toContainText('over the limit')
  // A spreadsheet is read like what was pasted; what is no workbook leaves what is typed.
  await page.getByRole('button', { name: 'Put samples in' }).click()
  const sheet = workbook({ Lab: [['Person', 'Conc mg/m3'], ['P1', 0.011], ['P2', '<0.004'], ['P3', 0.009]] })
  const brought = page.getByRole('form', { name: 'Put samples in' })
  const chooseFile = (name: string, buffer: Buffer) => brought.locator('input[type=file]').setInputFiles({ name, mimeType: '', buffer })
  await chooseFile('lab.xlsx', Buffer.from(sheet))
  await expect(brought.getByText('lab.xlsx was read.')).toBeVisible()
  await expect(brought.getByRole('button', { name: 'Record 3 results' })).toBeVisible()
  await chooseFile('broken.xlsx', Buffer.from('PK no more'))
  await expect(brought.getByText('broken.xlsx is no workbook that can be read')).toBeVisible()
  await expect(brought.getByRole('button', { name: 'Record 3 results' })).toBeVisible()
  // All of it goes out: on paper, with method, place and who put it in, and as rows for a spreadsheet.
  const report = await page.request.get(served.url + await samples.getByRole('link', { name: 'Report to print' }).getAttribute('href'))
  expect([report.status(), report.headers()['content-type'], (await report.body()).subarray(0, 5).toString()])
    .toEqual([200, 'application/pdf', '%PDF-'])
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    samples.getByRole('button', { name: 'Save these 18 as CSV' }).click(),
  ])
  const rows = readFileSync(await saved.path(), 'utf8').split('\r\n')
  expect(rows[0]).toContain('Substance,Taken on,Label,mg/m³')
  expect(rows).toHaveLength(19)
  expect(rows.slice(1).every(row => row.startsWith('manganese,') && row.endsWith('speaks for what stands there now'))).toBe(true)
  await page.goto(`${served.url}/`)
  await expect(page.getByRole('link', { name: /^Bay 5,/ })).toHaveAttribute('aria-label', /Air open/)
})

test('three samples say how far off the reckoning was, and are carried to the same work elsewhere in pencil', async ({ page }) => {
  await signIn(page, served, 'oskar', '/air/bay-6')
  const off = page.getByRole('region', { name: 'How far off the reckoning was' })
  await page.getByRole('button', { name: 'Put samples in' }).click()
  const form = page.getByRole('form', { name: 'Put samples in' })
  await choose(form.getByRole('combobox', { name: 'Substance' }), /^iron$/)
  await form.getByLabel('Results, typed or pasted').fill('P1;0.4\nP2;0.55\nP3;0.7')
  await form.getByRole('button', { name: 'Record 3 results' }).click()
  await expect(form).toHaveCount(0)
  // Far more iron was found than was reckoned: the middle moves up, and it is said that something is not as it was told.
  await expect(off.getByRole('listitem').filter({ hasText: 'With 3 samples' })).toContainText(/middle [1-9]\d? %/)
  await expect(off).toContainText('beyond anything the reckoning held possible')
  await page.goto(`${served.url}/air/bay-5`)
  await expect(off).toContainText('3 samples of the same work at bay 6')
  await expect(off.getByRole('listitem').filter({ hasText: 'Carried here, in pencil' })).toBeVisible()
  // The shop's samples stand together by work and substance, with how they went over the months.
  await page.goto(`${served.url}/air?do=samples`)
  const groups = page.getByRole('region', { name: 'Samples of the shop' })
  await expect(groups.getByRole('row', { name: /iron 3 results .*fewer than six results/ })).toBeVisible()
  await groups.getByRole('button', { name: /^Look iron/ }).click()
  await expect(groups.getByRole('img', { name: 'Results by day' })).toBeVisible()
  // It opens and shuts nothing: the gate goes by what was said of this bay.
  await page.goto(`${served.url}/`)
  await expect(page.getByRole('link', { name: /^Bay 5,/ })).toHaveAttribute('aria-label', /Air open/)
})

test('the safety lead describes a hall and a bay\'s extraction; what is wrong stays typed and is named', async ({ page }) => {
  await signIn(page, served, 'oskar', '/air?do=hall-boat-shed')
  const volume = page.getByLabel('Volume, m³')
  await volume.fill('2')
  await expect(page.getByText('At least 5 m³.')).toBeVisible()
  await expect(volume).toHaveValue('2')
  await page.getByRole('button', { name: 'Save the hall' }).click()
  await expect(volume).toBeFocused()
  await expect(page.getByText('Saved. Every bay')).toHaveCount(0)
  await volume.fill('1600')
  await page.getByRole('button', { name: 'Save the hall' }).click()
  await expect(page.getByText('Saved. Every bay of this hall is judged anew.')).toBeVisible()
  const bay = page.getByRole('listitem').filter({ has: page.locator('.no', { hasText: /^10$/ }) })
  await bay.getByRole('button', { name: 'Change' }).click()
  await bay.getByLabel('Diameter').fill('16')
  await choose(bay.getByLabel('Flow known from'), 'suction behind the hood')
  await bay.getByLabel('Suction behind the hood, Pa').fill('400')
  await bay.getByLabel('Duct diameter').fill('16')
  await bay.getByRole('button', { name: 'Take 1530 m³/h from the readings' }).click()
  await bay.getByRole('button', { name: 'Save' }).click()
  await expect(bay).toContainText('movable arm, 1530 m³/h (suction behind the hood), ducted out')
})

test('a hall is tried out before it exists: too small for so many bays, it does once it is wider', async ({ page }) => {
  await signIn(page, served, 'oskar', '/air')
  await page.getByRole('link', { name: 'A hall to be' }).click()
  const hall = page.getByRole('article').filter({ has: page.getByRole('heading', { name: 'A hall that is not there yet' }) })
  const says = hall.getByRole('status').filter({ hasText: /\S/ })
  for (const [label, typed] of [['Length', '20'], ['Width', '15'], ['Ceiling', '6'], ['Air blown in', '10000']] as const)
    await hall.getByLabel(label).fill(typed)
  await hall.getByLabel(/^Like bay 3:/).fill('6')
  await hall.getByLabel(/^Like bay 1:/).fill('4')
  // What nobody said is not guessed.
  await expect(says).toHaveText(/^Say its three sides/)
  await hall.getByLabel('Air speed at the bays').fill('0.15')
  await expect(says).toHaveText('The air would not do for 1 of 2 kinds.')
  const answer = hall.getByRole('region', { name: 'What it comes to' })
  await expect(answer.getByRole('listitem').filter({ hasText: '6 like bay 3' })).toContainText('180 m³ of hall for each welder')
  await hall.getByLabel('Width').fill('40')
  await expect(says).toHaveText('The air would do for all 10 bays at once.')
  await expect(says).toBeInViewport()
  await axeFindsNothing(page, { about: 'a hall to be', within: '.right' })
  // A count that cannot be read is not none, and a hall as large as a town is no hall.
  await hall.getByLabel(/^Like bay 5:/).fill('two')
  await expect(says).toHaveText('One of the counts is no number of bays.')
  await expect(answer).toBeHidden()
  await hall.getByLabel(/^Like bay 5:/).fill('0')
  await expect(says).toHaveText('The air would do for all 10 bays at once.')
  for (const side of ['Length', 'Width']) await hall.getByLabel(side).fill('500')
  await expect(says).toHaveText(/^A hall holds 5 m³ to 1000000 m³/)
  await hall.getByLabel('Width').fill('40')
  await hall.getByLabel(/^Like bay 5:/).fill('15')
  await expect(says).toHaveText('At most 24 bays at once.')
  await expect(answer).toBeHidden()
})

test('what else reaches people is worked out beside the air: an arc that others see, a laser, noise, heat', async ({ page }) => {
  await signIn(page, served, 'maren', '/air')
  await page.getByRole('link', { name: 'Light, noise, heat' }).click()
  const arc = page.getByRole('region', { name: 'Who else sees the arc?' })
  await choose(arc.getByLabel('Process'), 'MIG/MAG')
  await choose(arc.getByLabel('Metal'), 'aluminium')
  await arc.getByLabel('How far off, m').fill('5')
  // 25 W/m² at 1 m is 1 W/m² at 5 m: 30 J/m² are there in 30 s.
  await expect(arc.getByText('30 s')).toBeVisible()
  await arc.getByLabel('Sees it burn for, min').fill('3')
  await expect(arc.getByText('Put up a screen, go further off, or wear a filter.')).toBeVisible()
  await page.getByRole('tab', { name: 'Laser' }).click()
  const laser = page.getByRole('region', { name: 'How far does the laser reach?' })
  const beam = { 'Power, W': '2000', 'Wavelength, nm': '1070', 'Divergence, mrad': '50', 'Beam at the lens, across, mm': '5' }
  for (const [field, value] of Object.entries(beam))
    await laser.getByLabel(field).fill(value)
  await expect(laser.getByText('142.8 m', { exact: false }).first()).toBeVisible()
  await expect(laser.getByText(/No eyewear was told: optical density 6\.1/)).toBeVisible()
  await page.getByRole('tab', { name: 'Noise' }).click()
  const noise = page.getByRole('region', { name: 'A day of noise' })
  await noise.getByLabel('Level at the ear, dBA').fill('95')
  await noise.getByLabel('For, h').fill('8')
  await expect(noise.getByText('95 dBA', { exact: false }).first()).toBeVisible()
  await expect(noise.getByText(/No protector was told/)).toBeVisible()
  // A stretch that is half told is no part of a day.
  await noise.getByRole('button', { name: 'Another stretch of the day' }).click()
  await expect(noise.getByText(/No protector was told/)).toHaveCount(0)
  await page.getByRole('tab', { name: 'Heat' }).click()
  const heat = page.getByRole('region', { name: 'Heat at work' })
  await heat.getByLabel('Measured index (WBGT), °C').fill('29.5')
  await choose(heat.getByLabel('How hard is the work?'), 'moderate')
  await choose(heat.getByLabel('What is worn'), 'work clothes')
  await expect(heat.getByText('of work in each hour')).toHaveCount(0)
  await heat.getByRole('radiogroup', { name: 'Used to heat' }).getByRole('radio', { name: 'Yes' }).click()
  await expect(heat.getByText('Work 30 min of each hour, and rest the others.')).toBeVisible()
})

test('walls and screens are said of a bay: Eyes cautions of what comes back, holds where a neighbour sees the arc', async ({ page }) => {
  await signIn(page, served, 'oskar', '/air?do=hall-boat-shed')
  const hall = page.locator('.right')
  await hall.getByRole('listitem').filter({ hasText: /^2/ }).getByRole('button', { name: 'Change' }).click()
  await choose(hall.getByLabel('Walls and screens round it'), 'bright metal')
  await hall.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(hall.getByLabel('Walls and screens round it')).toHaveCount(0)
  await page.goto(`${served.url}/bay/bay-2?do=because-eyes`)
  await expect(page.getByText(/The walls round here are shiny/)).toBeVisible()
  // A caution: the bay stays as it was.
  await expect(page.getByRole('link', { name: /^Bay 2, .*Clear to strike/ })).toBeVisible()
  // Told that nothing keeps the arc from the next bay, it holds. Nobody measured a TIG arc, so no seconds are said of it.
  await page.goto(`${served.url}/air?do=hall-boat-shed`)
  await hall.getByRole('listitem').filter({ hasText: /^2/ }).getByRole('button', { name: 'Change' }).click()
  await choose(hall.getByLabel('Keeps the arc from others'), 'nothing')
  await hall.getByRole('button', { name: 'Save', exact: true }).click()
  await expect(hall.getByLabel('Keeps the arc from others')).toHaveCount(0)
  await page.goto(`${served.url}/bay/bay-2?do=because-eyes`)
  await expect(page.getByText(/Nothing keeps this arc out of the eyes at bay \d+, .* away\./)).toBeVisible()
  await expect(page.getByRole('link', { name: /^Bay 2, .*Hold/ })).toBeVisible()
})
