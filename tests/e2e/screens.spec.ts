import AxeBuilder from '@axe-core/playwright'
import { expect, serve, signIn, test } from './served'
import type { Served } from './served'

let served: Served
test.beforeAll(async () => { served = await serve() })
test.afterAll(() => served.stop())

const SCREENS = [
  '/', '/bay/bay-4', '/bay/bay-8', '/bay/bay-11?do=job', '/bay/bay-3?do=job', '/bay/bay-4?do=eyes', '/bay/bay-12?do=eyes', '/bay/bay-3?do=body', '/bay/bay-4?do=who', '/bay/bay-4?do=because-eyes', '/bay/bay-4?do=because-body',
  '/?ask=tig%2090%20stainless', '/people', '/set-up', '/house-rules', '/log', '/pin',
]

for (const look of ['light', 'dark'] as const) {
  for (const [width, height] of [[1280, 800], [390, 844]] as const) {
    test(`axe finds nothing on any screen: ${look} look, ${width} wide`, async ({ browser }) => {
      test.setTimeout(180_000)
      const page = await (await browser.newContext({ colorScheme: look, viewport: { width, height }, reducedMotion: 'reduce' })).newPage()
      await page.goto(`${served.url}/sign-in`)
      await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible()
      expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
      await signIn(page, served, 'oskar')
      for (const path of SCREENS) {
        await page.goto(served.url + path)
        await expect(page.getByRole('button', { name: 'Stop all' })).toBeVisible()
        await expect(page.getByText('Reading the board')).toHaveCount(0)
        const { violations } = await new AxeBuilder({ page }).analyze()
        expect(violations.map(({ id, nodes }) => `${path} ${id}: ${nodes.map(node => node.html.slice(0, 160)).join(' | ')}`)).toEqual([])
        if (width === 390) expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390)
      }
      await page.context().close()
    })
  }
}

test('every target on the sheet is large enough for a glove', async ({ page }) => {
  await signIn(page, served, 'maren')
  for (const path of ['/bay/bay-4', '/bay/bay-11?do=job', '/bay/bay-4?do=eyes', '/bay/bay-3?do=body']) {
    await page.goto(served.url + path)
    for (const key of await page.locator('.key:visible, .stop-key:visible').all()) {
      const box = await key.boundingBox()
      expect(Math.round(box!.height), await key.innerText()).toBeGreaterThanOrEqual(48)
    }
  }
})

test('a page that does not exist says so, and leads back', async ({ page }) => {
  await signIn(page, served, 'maren')
  await page.goto(`${served.url}/nowhere`)
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible()
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([])
  await page.getByRole('button', { name: 'Back to the floor' }).click()
  await expect(page.getByRole('link', { name: /^Bay 1,/ })).toBeVisible()
})
