import type { Page } from '@playwright/test'
import { choose, expect, serve, signIn, test } from './served'
import type { PASSWORDS, Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

const row = (page: Page, bay: string, says: RegExp) => page.getByRole('link', { name: new RegExp(`^Bay ${bay}, .*${says.source}`) })
async function as(
  browser: { newContext: (options?: object) => Promise<{ newPage: () => Promise<Page> }> },
  who: keyof typeof PASSWORDS,
  phone = false,
): Promise<Page> {
  const page = await (await browser.newContext(phone ? { viewport: { width: 390, height: 844 }, hasTouch: true } : {})).newPage()
  await signIn(page, served, who)
  return page
}

test('a full round with a failed arrestor closes two bays on another screen at once; only somebody named releases it', async ({
  browser,
}) => {
  const [board, phone] = [await as(browser, 'oskar'), await as(browser, 'maren', true)]
  await expect(row(board, '10', /Gas open/)).toBeVisible()
  await expect(row(board, '11', /Gas to do/)).toBeVisible()

  await phone.getByRole('link', { name: 'Kit', exact: true }).click()
  await phone.getByRole('link', { name: 'Walk a round' }).click()
  // By its tag, out of turn: it was looked at this morning, and somebody sees soot on it now.
  const find = phone.locator('.round').getByRole('search')
  await find.getByLabel('Tag').fill('fa-3')
  await find.getByRole('button', { name: 'Find', exact: true }).click()
  await phone.getByRole('link', { name: 'Open it' }).click()
  await phone.getByRole('button', { name: 'Do it for the look before use' }).click()
  await phone.getByRole('button', { name: 'Something is wrong with FA-3' }).click()
  await phone.getByRole('button', { name: 'no: No soot, not tripped' }).click()
  await phone.getByRole('button', { name: 'The rest is in order' }).click()
  await phone.getByLabel('What is wrong, in a few words').fill('Sooted inside')
  await phone.getByRole('button', { name: 'Record, and tag FA-3 out' }).click()
  await expect(phone.getByText('Tagged out', { exact: true })).toBeVisible()

  // The other screen hears of it, in its rows and as a notice; nobody has seen it yet.
  await expect(row(board, '10', /Gas hold/)).toBeVisible()
  await expect(row(board, '11', /Gas hold/)).toBeVisible()
  await expect(phone.getByText('not yet seen').first()).toBeVisible()
  await board.getByRole('button', { name: /to see$/ }).click()
  const told = board.getByLabel('What you were told')
  await expect(told.getByText('FA-3 is tagged out: Sooted inside.')).toBeVisible()
  await told.locator('p', { hasText: 'FA-3' }).getByRole('button', { name: 'Seen' }).click()
  await expect(told.getByText('FA-3')).toHaveCount(0)
  await expect(phone.getByText(/seen \d\d:\d\d/).first()).toBeVisible()

  // Maren is named for grinders, not for arrestors.
  await phone.getByRole('button', { name: 'Release' }).click()
  await phone.getByLabel('What was repaired, and how it was tested').fill('New arrestor')
  await phone.getByRole('button', { name: 'Release it' }).click()
  await expect(phone.getByRole('alert').filter({ hasText: 'somebody named as competent for a flashback arrestor' })).toBeVisible()
  await expect(phone.getByLabel('What was repaired, and how it was tested')).toHaveValue('New arrestor')
  // Jun is.
  const jun = await as(browser, 'jun')
  await jun.keyboard.press('/')
  await jun.keyboard.type('fa-3')
  await expect(jun.getByText(/FA-3, Arrestor, acetylene outlet: FA-3 is tagged out/)).toBeVisible()
  await jun.keyboard.press('Enter')
  await jun.getByRole('button', { name: 'Release' }).click()
  await jun.getByLabel('What was repaired, and how it was tested').fill('New arrestor fitted, tested on the rig.')
  await jun.getByRole('button', { name: 'Release it' }).click()
  await expect(jun.getByText('Not before it is looked at')).toBeVisible()
  // Repaired: the yearly test is asked for again, and then the look.
  await jun.getByRole('button', { name: 'Do it for the yearly test' }).click()
  await jun.getByRole('button', { name: /^yes: Shuts and holds/ }).click()
  await jun.getByLabel('Years since first use, years').fill('0')
  await jun.getByRole('button', { name: 'Record: passed' }).click()
  // Recorded, its list is folded again: what stands below has moved, and moves no more under the mouse.
  await expect(jun.getByRole('button', { name: 'Do it for the yearly test' })).toBeVisible()
  await jun.getByRole('button', { name: 'Do it for the look before use' }).click()
  await jun.getByRole('button', { name: 'All in order for FA-3' }).click()
  await expect(jun.getByText('In service', { exact: true })).toBeVisible()
  await expect(row(board, '10', /Gas open/)).toBeVisible()
  // Its whole life on one page.
  for (const line of ['Registered: flashback arrestor', 'Sooted inside', 'New arrestor fitted'])
    await expect(jun.getByText(line).first()).toBeVisible()
})

test('the round leads in walking order, takes a pass in one tap, and a look that nobody can do now is left for later', async ({
  browser,
}) => {
  const maren = await as(browser, 'maren', true)
  await maren.getByRole('link', { name: 'Kit', exact: true }).click()
  await maren.getByRole('link', { name: 'Walk a round' }).click()
  const tag = maren.locator('.stop-at .tag')
  await expect(tag).toHaveText('EX-1')
  const done = Number.parseInt(await maren.locator('.count').innerText())
  await maren.getByRole('button', { name: 'Not here now: later' }).click()
  await expect(tag).toHaveText('M-7')
  // A second tap on the same spot, in the very moment in which the next thing stands there, meets no key of it.
  await maren.evaluate(() => {
    const key = [...document.querySelectorAll('button')].find(({ textContent }) => textContent.includes('All in order'))!
    const { x, y, width, height } = key.getBoundingClientRect()
    const tag = () => document.querySelector('.stop-at .tag')?.textContent
    const before = tag()
    new MutationObserver((_changes, observer) => {
      if (tag() === undefined || tag() === before) return
      observer.disconnect()
      const met = document.elementFromPoint(x + width / 2, y + height / 2)
      document.documentElement.dataset.met = met?.closest('button') ? 'a key' : 'no key'
    }).observe(document.body, { subtree: true, childList: true, characterData: true })
  })
  await maren.getByRole('button', { name: 'All in order for M-7' }).click()
  await expect(tag).toHaveText('L-7')
  await expect(maren.locator('html')).toHaveAttribute('data-met', 'no key')
  await expect(maren.locator('.count')).toContainText(String(done + 1))
})

test('a bay\'s machine gate opens from its own panel: everything looked at in one tap', async ({ browser }) => {
  const maren = await as(browser, 'maren')
  await row(maren, '7', /Machine to do/).click()
  await maren.getByRole('button', { name: /^Machine to do/ }).click()
  const panel = maren.getByRole('region', { name: 'Machine' })
  await panel.getByRole('button', { name: /^Looked at all \d: in order/ }).click()
  // The grinder's wheel is measured, not only looked at.
  await panel.getByRole('button', { name: 'Look at GR-3' }).click()
  await panel.getByLabel('Speed marked on the wheel against the tool, % of tool speed').fill('110')
  await panel.getByRole('button', { name: 'The rest is in order' }).click()
  await panel.getByRole('button', { name: 'Record: passed' }).click()
  await expect(row(maren, '7', /Machine open/)).toBeVisible()
})

test('end of class: the bay is handed over in a tap, signed by who leaves, and the next class sees what was left', async ({ browser }) => {
  const maren = await as(browser, 'maren', true)
  await maren.goto(`${served.url}/bay/bay-4?do=handover`)
  await maren.getByRole('button', { name: /Floor swept/ }).click()
  await maren.getByLabel('A word for the next class').fill('Broom is broken')
  await maren.getByRole('button', { name: 'Somebody else signs with their PIN' }).click()
  await choose(maren.getByLabel('Who signs'), 'Imke Tarrow')
  await maren.getByLabel('PIN').fill('1532')
  await maren.getByRole('button', { name: 'Sign and hand over' }).click()
  await expect(maren.getByText('Handed over with 1 not done.')).toBeVisible()
  await expect(maren.getByText(/Imke Tarrow, .*Broom is broken/)).toBeVisible()
})

test('a list is edited into a new version, and what was done keeps the old one', async ({ browser }) => {
  const jun = await as(browser, 'jun')
  await jun.goto(`${served.url}/kit/lists`)
  await choose(jun.getByLabel('For', { exact: true }), 'work clamp')
  await jun.getByRole('button', { name: 'Edit the look before use' }).click()
  await jun.getByLabel('A check of your own, said as it should be').fill('Number painted on')
  await jun.getByRole('button', { name: 'Add', exact: true }).click()
  await jun.getByRole('button', { name: 'Save version 2' }).click()
  await expect(jun.locator('.list h3')).toContainText('version 2')
  await expect(jun.getByText('Number painted on')).toBeVisible()
  await jun.goto(`${served.url}/kit/c-1`)
  await expect(jun.getByText('the look before use, version 1: passed')).toBeVisible()
})
