import { describe, expect, it } from 'vitest'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import { decidePermit } from '#core/streams/permit/decide-permit'
import { evolvePermit } from '#core/streams/permit/evolve-permit'
import type { Permit, PermitCommand } from '#core/streams/permit/permit'
import { shownPermit } from '#core/streams/permit/permit-fact'
import { daySheet } from '#server/paper/day-sheet'
import { inLanguage } from '#server/language'
import { permitPaper } from '#server/paper/permit-paper'
import { anchorLine, readAnchorLine } from '../../scripts/zonaris-verify.mjs'
import { contextAt, REQUEST } from '../unit/hotwork/permit-world'

/** The text of a PDF, as an independent reader finds it. */
async function textOf(pdf: Buffer): Promise<string> {
  const document = await getDocument({ data: new Uint8Array(pdf), useSystemFonts: false, verbosity: 0 }).promise
  const pages = await Promise.all(
    Array.from({ length: document.numPages }, async (_, i) =>
      (await (await document.getPage(i + 1)).getTextContent()).items.map(item => ('str' in item ? item.str : '')).join(' '),
    ),
  )
  // A line may break after a hyphen or a slash; the reader puts a space there.
  return pages.join(' ').replace(/\s+/g, ' ').replace(/([-/]) /g, '$1')
}
const NAMES: Readonly<Record<string, string>> = { kit: 'Kit Amari', hedda: 'Hedda Moss', oskar: 'Oskar Fenn' }
function permitAfter(commands: readonly (readonly [string, PermitCommand])[]): Permit {
  return commands.reduce<Permit | null>((permit, [by, command]) => {
    const decided = decidePermit(permit, command, contextAt({ at: '2026-11-24T08:05:00.000Z', by, isSigned: true }))
    return 'events' in decided ? decided.events.reduce(evolvePermit, permit) : permit
  }, null)!
}
const paperOf = async (permit: Permit, address: string | null) =>
  textOf(
    await permitPaper({
      permit: shownPermit(permit),
      siteName: 'Fenmarsh Lockworks',
      timeZone: 'America/New_York',
      units: 'metric',
      nameOf: id => NAMES[id] ?? id,
      address,
      emergencyNumber: '999',
      firePointNumber: '',
      printedAt: '2026-11-24T08:10:00.000Z',
    }),
  )

describe('the paper of a permit', () => {
  const asked = permitAfter([['kit', { type: 'permit.request', payload: REQUEST }]])
  it('says place, people, when it lapses in the shop\'s own zone, and that code and fire authority rule', async () => {
    const walked = permitAfter([
      ['kit', { type: 'permit.request', payload: REQUEST }],
      ...asked.plan.precautions.map(({ id }) => ['kit', { type: 'permit.see-to', payload: { precaution: id, how: 'done' } }] as const),
      ['oskar', { type: 'permit.authorise', payload: { watcherIds: ['hedda'], secondChannel: 'radio 2', nearSeen: [] } }],
    ])
    const text = await paperOf(walked, 'https://yard.example/p/token')
    for (const said of [
      'Hot work permit HW-TEST', 'Lock gate 3, upstream leaf', 'Kit Amari', 'Hedda Moss', 'Oskar Fenn',
      'LAPSES Tue, 24 Nov 2026, 07:00 GMT-5', 'radio 2', 'Local code and the fire authority rule', 'yard.example/p',
      'Floor swept to the circle', 'Call 999',
    ])
      expect(text).toContain(said)
    expect(text).not.toContain(walked.token)
  })
  it('says the same in Spanish to who reads Spanish, and nothing in English but what people typed', async () => {
    const inEnglish = await paperOf(asked, 'https://yard.example/p/token')
    const text = await inLanguage('es', () => paperOf(asked, 'https://yard.example/p/token'))
    for (const said of [
      'Permiso de trabajo en caliente HW-TEST', 'Lock gate 3, upstream leaf', 'VENCE mar', '24 de nov de 2026', '07:00 GMT-5',
      'nadie todavía: esto no es un permiso', 'Piso barrido hasta el círculo', 'Llamar 999', 'Mandan el reglamento local y los bomberos',
      'Vigía de incendios',
    ])
      expect(text.toLowerCase()).toContain(said.toLowerCase())
    expect(text.replaceAll(REQUEST.job.what, '')).not.toMatch(/\b(?:the|watch|seen|after|work)\b/i)
    const numbers = (said: string) => (said.match(/\d+/g) ?? []).sort()
    expect(numbers(text)).toEqual(numbers(inEnglish))
  })
  it('before it is authorised it says that it is no permit; without an address it gives the code to type', async () => {
    const text = await paperOf(asked, null)
    expect(text).toContain('nobody yet: this is no permit')
    expect(text).toContain('How it stands now: type HW-TEST')
    expect(text).toContain('not seen to')
  })
})

describe('the sheet of a day', () => {
  it('carries the anchor in one line that is read back, and says how it is checked', async () => {
    const anchor = {
      siteId: 'fenmarsh',
      day: '2026-11-27',
      sealVersion: 12,
      position: 831,
      headsSha256: 'ab'.repeat(32),
      sealHash: 'cd'.repeat(32),
      signature: 'x'.repeat(86),
    }
    const text = await textOf(
      await daySheet({
        siteName: 'Fenmarsh Lockworks',
        timeZone: 'Europe/London',
        printedAt: '2026-11-28T05:00:00.000Z',
        streams: 134,
        anchor,
        line: anchorLine(anchor),
        publicKeyPem: 'a key',
      }),
    )
    expect(text).toContain('831 entries in 134 streams, seal no. 12')
    expect(text).toContain('zonaris-verify.mjs export.jsonl')
    const printed = text.slice(text.indexOf('ZONARIS1'))
    expect(readAnchorLine(printed.split(' ').slice(0, 8).join(' '))).toEqual(anchor)
  })
})
