import { axeFindsNothing, COLOUR_RULES } from './axe-finds'
import { followWhatIsAsked, isDrawn, SCREENS, show } from './screens'
import { expect, PASSWORDS, serve, signIn, test } from './served'
import type { Served } from './served'
import type { Browser, Page } from '@playwright/test'
import { SOURCE_BOOK } from '#core/source/book'
import { LOCALES } from '#shared/words/language'
import { speak } from '#shared/words/speak'
import type { FindingCode } from '#core/findings/finding'
import { spanish } from '../../app/words/es'
import { SAMPLES } from '../unit/words/finding-samples'

let served: Served
test.beforeAll(async () => {
  served = await serve()
})
test.afterAll(() => served.stop())

/** A browser that asks for Spanish, as a North American one does. */
const spanishPage = async (browser: Browser): Promise<Page> =>
  (await browser.newContext({ locale: 'es-US', colorScheme: 'light', reducedMotion: 'reduce' })).newPage()

test('the sign-in speaks as the browser does; whoever signs in is spoken to as they chose, on every device', async ({ browser }) => {
  const page = await spanishPage(browser)
  await page.goto(`${served.url}/sign-in`)
  await expect(page.getByRole('heading', { name: 'Entrar' })).toBeVisible()
  await expect(page.locator('html')).toHaveAttribute('lang', 'es')
  await page.getByLabel('Nombre', { exact: true }).fill('maren')
  await page.getByLabel('Contraseña').fill('no es esta')
  await page.getByRole('button', { name: 'Entrar' }).click()
  await expect(page.getByText('El nombre y la contraseña no coinciden.')).toBeVisible()
  await page.getByLabel('Contraseña').fill(PASSWORDS.maren)
  await page.getByRole('button', { name: 'Entrar' }).click()
  // She chose no language and her site speaks English: so is she spoken to, whatever the browser is.
  await page.getByRole('button', { name: 'Maren Holt' }).click()
  await page.getByRole('button', { name: 'Español' }).click()
  await expect(page.getByRole('link', { name: 'Piso' })).toBeVisible()
  await expect(page.getByText('1 pueden encender')).toBeVisible()
  await page.reload()
  await expect(page.getByRole('link', { name: 'Piso' })).toBeVisible()
  const other = await (await browser.newContext({ locale: 'en-US' })).newPage()
  await other.request.post(`${served.url}/api/v1/sign-in`, { data: { loginName: 'maren', password: PASSWORDS.maren } })
  await other.goto(served.url)
  await expect(other.getByRole('link', { name: 'Piso' })).toBeVisible()
  // Signed out, this device follows its browser again, and its own switch.
  await other.getByRole('button', { name: 'Maren Holt' }).click()
  await other.getByRole('button', { name: 'Salir', exact: true }).click()
  await expect(other.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await other.getByRole('button', { name: 'Español' }).click()
  await expect(other.getByRole('heading', { name: 'Entrar' })).toBeVisible()
  await other.reload()
  await expect(other.getByRole('heading', { name: 'Entrar' })).toBeVisible()
})

test('in Spanish from the first hold to clear to strike', async ({ browser }) => {
  const page = await spanishPage(browser)
  await signInSpeaking(page, 'maren')
  const row = page.getByRole('link', { name: /^Puesto 1,/ })
  await expect(row).toHaveAttribute('aria-label', /Espere\. Toca la revisión contra incendio\./)
  await row.click()
  await page.getByRole('button', { name: 'Arreglar la primera espera: Fuego' }).click()
  await page.getByRole('button', { name: 'Revisado: todo en orden' }).click()
  await expect(row).toHaveAttribute('aria-label', /Puede encender/)
  await page.keyboard.press('/')
  await page.keyboard.type('mig 180 galvanizado')
  await expect(page.getByText('Empiece con 12, nunca menos de 10 (Ley EE. UU.).')).toBeVisible()
  await page.keyboard.press('Escape')
  // What is refused is refused in Spanish too.
  const refused = await page.request.post(`${served.url}/api/v1/commands`, { headers: { 'accept-language': 'es' }, data: { type: 'x' } })
  expect(JSON.stringify(await refused.json())).toContain('Algo de lo enviado no se puede usar')
})

/** Somebody signed in who chose Spanish. */
async function signInSpeaking(page: Page, who: keyof typeof PASSWORDS): Promise<void> {
  await page.request.post(`${served.url}/api/v1/sign-in`, { data: { loginName: who, password: PASSWORDS[who] } })
  expect((await page.request.post(`${served.url}/api/v1/preferences`, { data: { language: 'es' } })).status()).toBe(200)
  await page.goto(served.url)
  await expect(page.getByRole('navigation', { name: 'Áreas' })).toBeVisible()
}

/** What is said in a text; a fingerprint says nothing. */
const wordsOf = (text: string): string[] => text.toLowerCase().replaceAll(/\b[\da-f]{8}\b/g, '').match(/\p{L}{3,}/gu) ?? []

/** Every word that Zonaris may say in Spanish, and what is the same in every language: units, codes, the documents it cites. */
function spanishVocabulary(): Set<string> {
  const texts: string[] = []
  const walk = (leaf: unknown): void => {
    if (typeof leaf === 'string') texts.push(leaf)
    else if (typeof leaf === 'function') {
      // A sentence that reads an id instead of a blank says nothing for a blank.
      const said: unknown = (leaf as (...blanks: string[]) => unknown)('0', '0', '0', '0', '0', '0')
      if (typeof said === 'string') texts.push(said)
    } else if (typeof leaf === 'object' && leaf !== null) Object.values(leaf).forEach(walk)
  }
  walk(spanish)
  for (const id of ['before-use', 'weekly', 'monthly', 'quarterly', 'yearly', 'electrical', 'gas-path', 'examination', 'calibration'])
    texts.push(spanish.kitWords.lists(id))
  for (const code of Object.keys(SAMPLES) as FindingCode[])
    for (const units of ['metric', 'us'] as const) {
      const { message, todo, brief } = speak({ code, values: SAMPLES[code] }, units, 'es')
      texts.push(message, todo ?? '', brief)
    }
  // What a sentence chooses by its values, and no sample chose.
  texts.push('esconden', 'una máquina de soldar', 'cilindros cilindro puntos punto', 'a una persona', 'suelde')
  for (const { document, clause = '', edition = '' } of Object.values(SOURCE_BOOK)) texts.push(document, clause, edition)
  for (let month = 0; month < 12; month++)
    texts.push(new Intl.DateTimeFormat(LOCALES.es, { month: 'short', weekday: 'short' }).format(Date.UTC(2026, month, 1 + month)))
  for (let day = 1; day < 8; day++) texts.push(new Intl.DateTimeFormat(LOCALES.es, { weekday: 'short' }).format(Date.UTC(2026, 0, day)))
  return new Set(texts.flatMap(wordsOf))
}

/** What somebody typed, wherever the server tells it; what the server itself says is no part of it. */
function dataOf(value: unknown, key: string, found: Set<string>): void {
  if (typeof value === 'string') {
    if (!['message', 'todo', 'error', 'text'].includes(key)) wordsOf(value).forEach(word => found.add(word))
  } else if (typeof value === 'object' && value !== null)
    for (const [name, inner] of Object.entries(value)) {
      wordsOf(name.replaceAll('-', ' ')).forEach(word => /^[a-z]+-/.test(name) && found.add(word))
      dataOf(inner, name, found)
    }
}

// English, typed into the demo by its people, and read by no reader as the program's own.
const TYPED = [
  'arc', 'ran', 'blue', 'white', 'fluff', 'the', 'tube', 'english', 'español',
  // A year that is not typed yet, as Spanish writes it in a day: dd/mm/aaaa.
  'aaaa',
]

for (const [part, screens] of [['first', SCREENS.slice(0, 24)], ['second', SCREENS.slice(24)]] as const)
  test(`no screen speaks English to whoever reads Spanish, axe finds nothing, and all fits a phone: ${part} half`, async ({ browser }) => {
    test.setTimeout(400_000)
    const page = await spanishPage(browser)
    const typed = new Set(TYPED)
    page.on('response', async (response) => {
      if (!response.url().includes('/api/v1/') || response.url().includes('/events')) return
      dataOf(await response.json().catch(() => null), '', typed)
    })
    const stillAsked = followWhatIsAsked(page)
    await signInSpeaking(page, 'oskar')
    const known = spanishVocabulary()
    const strangers: string[] = []
    for (const path of screens) {
      await page.setViewportSize({ width: 1280, height: 800 })
      await show(page, served, path)
      await isDrawn(page, stillAsked)
      const texts = await page.evaluate(() => {
        const said: string[] = []
        const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
        while (walker.nextNode()) {
          const { parentElement, textContent } = walker.currentNode
          if (!parentElement?.closest('script, style, [lang]:not(html)')) said.push(textContent ?? '')
        }
        for (const element of document.querySelectorAll('[aria-label], [title], [placeholder]'))
          for (const name of ['aria-label', 'title', 'placeholder']) said.push(element.getAttribute(name) ?? '')
        return said
      })
      for (const text of texts) {
        const strange = wordsOf(text).filter(word => !known.has(word) && !typed.has(word))
        if (strange.length > 0) strangers.push(`${path}: ${strange.join(' ')} in "${text.trim().slice(0, 120)}"`)
      }
      const isSheet = /^\/(?!people|door).*do=/.test(path)
      await axeFindsNothing(page, { without: COLOUR_RULES, about: path, ...isSheet ? { within: '.right' } : {} })
      await page.setViewportSize({ width: 390, height: 844 })
      await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(390)
    }
    expect([...new Set(strangers)]).toEqual([])
    await page.context().close()
  })

test('all seven gates of an opened bay are in sight in Spanish too, whose words are longer', async ({ browser }) => {
  const page = await spanishPage(browser)
  await page.setViewportSize({ width: 1280, height: 800 })
  await signInSpeaking(page, 'maren')
  await page.goto(`${served.url}/bay/bay-4`)
  const keys = page.getByRole('button', { name: 'Parar el puesto 4' })
  await expect(keys).toBeVisible()
  const above = (await keys.boundingBox())!.y
  for (const gate of ['Trabajo', 'Ojos', 'Cuerpo', 'Aire', 'Gas', 'Máquina', 'Fuego']) {
    const line = (await page.getByRole('button', { name: new RegExp(`^${gate} `) }).boundingBox())!
    expect(line.y + line.height, gate).toBeLessThanOrEqual(above + 1)
  }
})

test('a language that cannot be fetched is said, and the board goes on in the one it has', async ({ page }) => {
  await signIn(page, served, 'hedda')
  // The sheet itself is here: an open tablet fetches it once the board stands.
  await page.getByRole('button', { name: 'Hedda Moss' }).click()
  await expect(page.getByRole('button', { name: 'Español' })).toBeVisible()
  await page.route('**/_nuxt/*.js', route => route.abort())
  await page.getByRole('button', { name: 'Español' }).click()
  await expect(page.getByText('The words of that language could not be fetched.')).toBeVisible()
  await expect(page.getByRole('link', { name: 'Floor' })).toBeVisible()
  await page.request.post(`${served.url}/api/v1/preferences`, { data: { language: 'en' } })
})

test('another language than the site\'s is nobody else\'s', async ({ browser, page }) => {
  const other = await spanishPage(browser)
  await signInSpeaking(other, 'imke')
  await signIn(page, served, 'hedda')
  await expect(page.getByRole('link', { name: 'Floor' })).toBeVisible()
  await expect(other.getByRole('link', { name: 'Piso' })).toBeVisible()
})

test('the safety lead\'s header keeps a command line of 320 px in Spanish too', async ({ browser }) => {
  const page = await spanishPage(browser)
  await page.setViewportSize({ width: 1280, height: 800 })
  await signInSpeaking(page, 'oskar')
  // What was told stands beside it.
  await expect(page.getByRole('button', { name: /por ver/ })).toBeVisible()
  expect((await page.getByRole('search').boundingBox())!.width).toBeGreaterThanOrEqual(320)
  // In a shop that nobody watches over for a while, that somebody should: longer, and it pushes nothing away.
  await served.restart(new Date(Date.now() + 17 * 60_000).toISOString())
  await expect(page.getByRole('button', { name: /Nadie vigila/ })).toBeVisible()
  expect((await page.getByRole('search').boundingBox())!.width).toBeGreaterThanOrEqual(320)
})
