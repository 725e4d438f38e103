import { describe, expect, it } from 'vitest'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { measuredAt, surveyedAt } from '#core/air/surveyed'
import type { Survey } from '#core/streams/samples/samples'
import { inLanguage } from '#server/language'
import { samplesReport } from '#server/paper/samples-report'
import { facts, ready } from '../unit/air/air-of-a-shop'

async function textOf(pdf: Buffer): Promise<string> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 }).promise
  const pages = await Promise.all(Array.from({ length: document.numPages }, async (_, i) =>
    (await (await document.getPage(i + 1)).getTextContent()).items.map(item => ('str' in item ? item.str : '')).join(' ')))
  return pages.join(' ').replace(/\s+/g, ' ')
}
const known = facts({ one: ready() })
const place = surveyedAt(known, 'one')!
const survey = (over: Partial<Survey> = {}): Survey => ({
  surveyId: 'mn', substance: 'manganese', takenOn: '2026-02-20', withdrawn: false, place,
  results: [0.004, 0.006, 0.005, 0.007, 0.004, 0.006]
    .map((mgPerM3, i) => ({ label: `P${i + 1}`, mgPerM3, isBelowLoq: i === 0, minutes: 470 })),
  ...over,
})
const report = (surveys: readonly Survey[]) => samplesReport({
  siteName: 'Fenmarsh Lockworks', timeZone: 'America/New_York', units: 'us', printedAt: '2026-03-02T13:00:00.000Z', bayLabel: '4',
  hallName: 'Gate hall', measured: measuredAt({ ...known, surveys: { one: surveys } }, 'one'),
  putIn: new Map([['mn', { name: 'Oskar Fenn', at: '2026-02-21T13:00:00.000Z' }]]),
})

describe('a report of samples', () => {
  it('says method, place, results by label, limit with its document, verdict, who put them in, and has room to sign', async () => {
    const text = await textOf(await report([survey()]))
    for (const said of [
      'Samples of air, bay 4', 'manganese: passes', 'Gate hall, bay 4', '165 A', 'P1', '< 4 ', '20 Feb 2026', '470 min',
      '95th percentile under the limit with',
      '1 below the limit of quantification', 'geometric mean', 'speaks for what stands there now', 'Oskar Fenn', 'Sampled by', 'Judged by',
      'check your current edition',
    ])
      expect(text).toContain(said)
    expect(text).toMatch(/706 cfm|arm/)
  })
  it('keeps what is withdrawn or of other work in sight, and lets none of it speak', async () => {
    const other = survey({ surveyId: 'old', place: { ...place, jobKey: '[["process","gmaw"]]' } })
    const text = await textOf(await report([survey({ withdrawn: true }), other]))
    for (const said of ['Withdrawn: not counted.', 'taken at other work', 'No samples speak for the work', 'not written down'])
      expect(text).toContain(said)
    expect(text).not.toContain('manganese: passes')
  })
  it('of fewer than three samples decides nothing', async () => {
    const text = await textOf(await report([survey({ results: survey().results.slice(0, 2) })]))
    expect(text).toContain('manganese: no decision')
    expect(text).toContain('Take more before anything is decided.')
  })
  it('says the same in Spanish, with no English left', async () => {
    const text = await inLanguage('es', async () => textOf(await report([survey()])))
    for (const said of ['Muestras de aire, puesto 4', 'Promedio del turno', 'Tomó las muestras', 'media geométrica'])
      expect(text).toContain(said)
    expect(text).not.toMatch(/\b(?:limit of|samples|under the|taken)\b/i)
  })
})
