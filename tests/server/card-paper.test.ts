import { describe, expect, it } from 'vitest'
import jsQR from 'jsqr'
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'
import type { BayCard } from '#core/card/bay-card'
import { inLanguage } from '#server/language'
import { cardPaper, classSheet, shoppingList } from '#server/paper/card-paper'
import type { CardsOf } from '#server/paper/card-paper'

async function textOf(pdf: Buffer): Promise<string> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 }).promise
  const pages = await Promise.all(Array.from({ length: document.numPages }, async (_, i) =>
    (await (await document.getPage(i + 1)).getTextContent()).items.map(item => ('str' in item ? item.str : '')).join(' ')))
  return pages.join(' ').replace(/\s+/g, ' ').replace(/([-/]) /g, '$1')
}
interface Picture { readonly width: number, readonly height: number, readonly data: Uint8ClampedArray }
/** The pictures of a first page, each point as red, green, blue and opaque. */
async function picturesOf(pdf: Buffer): Promise<Picture[]> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 }).promise
  const page = await document.getPage(1)
  const { fnArray, argsArray } = await page.getOperatorList()
  const names = fnArray.flatMap((fn, index) => fn === OPS.paintImageXObject ? [(argsArray[index] as [string])[0]] : [])
  return Promise.all(names.map(name => new Promise<Picture>((resolve) => {
    page.objs.get(name, ({ width, height, data }: Picture) => {
      const step = data.length / (width * height)
      const points = new Uint8ClampedArray(width * height * 4).fill(255)
      for (let i = 0; i < width * height; i++) for (let c = 0; c < 3; c++) points[i * 4 + c] = data[i * step + (step < 3 ? 0 : c)]!
      resolve({ width, height, data: points })
    })
  })))
}
const card: BayCard = {
  bayId: 'bay-5', label: '5', firstName: 'Pia', word: 'hold',
  job: { process: 'smaw', currentA: 110, baseMetal: 'mild-steel', position: 'flat' },
  shade: { minimum: 8, start: 10 },
  zones: [
    { zone: 'eyes', requirement: 'clear-rated-glasses' }, { zone: 'hands', requirement: 'lined-gauntlet' },
    { zone: 'torso', requirement: 'fr-jacket' },
  ],
  reminders: ['glasses-while-chipping', 'gloves-dry', 'head-out-of-the-plume'],
}
const of: CardsOf = {
  siteName: 'Fenmarsh Lockworks', timeZone: 'America/New_York', units: 'us', printedAt: '2026-11-30T13:00:00.000Z',
  calls: { emergencyNumber: '911', firePointNumber: '', firstAidNumber: 'ext. 12', gasSupplierNumber: '' },
}
const address = 'https://yard.example/c/abcdefghijklmnopqrstuvwx'

describe('a card to carry', () => {
  it('says shade, clothes, reminders, what to do and whom to call, and a first name at most', async () => {
    const text = await textOf(await cardPaper({ card, address }, of))
    for (const said of ['Bay 5', 'Pia', 'Shade 10', 'never under 8', 'Glasses stay on', '20 minutes', 'Call: 911; ext. 12', '110 A'])
      expect(text).toContain(said)
  })
  it('says the same in Spanish, with no English left', async () => {
    const text = await inLanguage('es', async () => textOf(await cardPaper({ card, address }, of)))
    for (const said of ['Puesto 5', 'Sombra 10', 'nunca menos de 8', 'Los lentes se quedan puestos', 'Llamar: 911'])
      expect(text).toContain(said)
    expect(text).not.toMatch(/\b(?:the|gloves|jacket|under|call)\b/i)
  })
  it.each(['en', 'es'] as const)('carries a code that independent readers read as its address: %s', async (language) => {
    const [code] = await picturesOf(await inLanguage(language, () => cardPaper({ card, address }, of)))
    expect(jsQR(code!.data, code!.width, code!.height)?.data).toBe(address)
  })
  it('of a bay without a job says so, and no number of any shade', async () => {
    const text = await textOf(await cardPaper({ card: { ...card, job: null, shade: null, zones: [], reminders: [] }, address }, of))
    expect(text).toContain('No job is set here yet')
    expect(text).not.toContain('Shade')
  })
  it('where no shade answers, none is printed', async () => {
    const text = await textOf(await cardPaper({ card: { ...card, shade: null }, address }, of))
    expect(text).toContain('No shade number answers here')
    expect(text).not.toMatch(/Shade \d/)
  })
})

it('a class on one sheet, each with bay, work and what to wear', async () => {
  const cards = [{ card, address }, { card: { ...card, bayId: 'bay-6', label: '6', firstName: 'Sol' }, address }]
  const text = await textOf(await classSheet('Morning class', cards, of))
  for (const said of ['Class sheet: Morning class', 'Pia', 'Sol', 'start at 10']) expect(text).toContain(said)
  expect(await textOf(await classSheet('Evening', [], of))).toContain('Nobody of this class stands at a bay yet.')
})
it('what to bring is said in plain words, and nothing where nothing lacks', async () => {
  const needed = [{ requirement: 'leather-boots-covered-laces' }, { requirement: 'hearing-protection-rated', leastNrrDb: 22 }] as const
  const text = await textOf(await shoppingList('Runa', needed, of))
  expect(text).toContain('To bring next time: Runa')
  expect(text).toMatch(/boots/i)
  expect(text).toContain('NRR 22 or more')
  expect(await textOf(await shoppingList('Runa', [], of))).toContain('Nothing: what was told today passes')
})
