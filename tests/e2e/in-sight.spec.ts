import { expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

test('a safety lead\'s header keeps a command line of 320 px, and notices hang from it without pushing the page', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await signIn(page, served, 'oskar')
  expect((await page.getByRole('search').first().boundingBox())!.width).toBeGreaterThanOrEqual(320)
  const board = page.getByLabel('Bays')
  const before = await board.boundingBox()
  await page.getByRole('button', { name: /to see$/ }).click()
  const told = page.getByLabel('What you were told')
  await expect(told.getByText('GR-2 is tagged out: Guard cracked, side handle gone.')).toBeVisible()
  expect(await board.boundingBox()).toEqual(before)
  // Each has a link that says where it goes; seen, it leaves, and the list goes with the last.
  await expect(told.getByRole('link', { name: 'Open GR-2' })).toBeVisible()
  await told.getByRole('button', { name: 'Seen' }).click()
  await expect(page.getByRole('button', { name: /to see$/ })).toHaveCount(0)
  await expect(told).toHaveCount(0)
  expect(await board.boundingBox()).toEqual(before)
})

test('all seven gates of an opened bay are in sight at 1280 by 800, beside what can be done', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await signIn(page, served, 'oskar', '/bay/bay-4')
  const stop = page.getByRole('button', { name: 'Stop bay 4' })
  await expect(stop).toBeInViewport({ ratio: 1 })
  const actionsTop = (await stop.boundingBox())!.y
  for (const gate of ['Job', 'Eyes', 'Body', 'Air', 'Gas', 'Machine', 'Fire']) {
    const because = page.getByRole('button', { name: `Because: ${gate}` })
    await expect(because, gate).toBeInViewport({ ratio: 1 })
    const { y, height } = (await because.boundingBox())!
    expect(y + height, gate).toBeLessThanOrEqual(actionsTop + 1)
  }
})

test('a choice is made by keyboard alone, and a list closes by Escape', async ({ page }) => {
  await signIn(page, served, 'oskar', '/log')
  const show = page.getByRole('combobox', { name: 'Kind' })
  await show.focus()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('option').first()).toBeVisible()
  await page.keyboard.type('house')
  await page.keyboard.press('Enter')
  await expect(show).toHaveText('House rules')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('option').first()).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('option')).toHaveCount(0)
})
