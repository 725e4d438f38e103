import { choose, expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

test('a hood that was measured with the others shut draws less beside them, in the hall and at its bay', async ({ page }) => {
  await signIn(page, served, 'oskar')
  await page.goto(`${served.url}/air?do=hall-gate-hall`)
  const ducts = page.getByRole('region', { name: 'Ducts that bays share' })
  await expect(ducts).toContainText('4 of 5 hoods at work draw what they must.')
  const row = (bay: string) => ducts.getByRole('listitem').filter({ has: page.getByRole('button', { name: `Damper of bay ${bay}:` }) })
  await expect(row('7')).toContainText('706 cfm of 706 cfm measured; must draw 530 cfm')

  await ducts.getByRole('button', { name: 'Change' }).click()
  const line = ducts.getByRole('group', { name: 'to bay 7' })
  await choose(line.getByLabel('Its flow was measured with'), 'only its damper open')
  await ducts.getByRole('button', { name: 'Save the ducts' }).click()
  await expect(ducts).toContainText('3 of 5 hoods at work draw what they must.')
  await expect(ducts).toContainText('Of the 3 that draw enough by themselves, at most 1 may be open at once, whichever.')

  // What is tried moves at once, and tells nobody anything.
  for (const bay of ['1', '3', '4', '5']) await ducts.getByRole('button', { name: `Damper of bay ${bay}: Open` }).click()
  await expect(row('7')).toContainText('706 cfm of 706 cfm measured')
  await page.goto(`${served.url}/air/bay-7`)
  await expect(page.getByText(/With 5 dampers open on its ducts the hood draws \d+ cfm, not the 706 cfm it was found to draw/).first())
    .toBeVisible()
})
