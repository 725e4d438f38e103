import type { Content } from 'pdfmake'
import type { BayCard } from '#core/card/bay-card'
import type { RequirementId } from '#core/ids/ppe-ids'
import type { Job } from '#core/job/job'
import type { OutfitRequirement } from '#core/ppe/required-outfit'
import type { UnitSystem } from '#core/units'
import { quantitiesIn } from '#shared/words/quantities'
import { requirementLine } from '#shared/words/requirement-line'
import type { CallNumbers } from '#shared/contract/readings'
import type { Instant } from '#core/time/instant'
import { languageHere } from '../language'
import { wordsHere } from '../words/here'
import { paperCode } from './paper-code'
import { formatInTimeZone } from './paper-times'
import { makePdf } from './pdf'

/** What stands on every paper of this kind. */
export interface CardsOf {
  readonly siteName: string
  readonly timeZone: string
  readonly units: UnitSystem
  readonly calls: CallNumbers
  readonly printedAt: Instant
}
/** A card with the address of how it stands now. */
export interface AddressedCard { readonly card: BayCard, readonly address: string }

/** The work in a few words. */
function workOf(job: Job, units: UnitSystem): string {
  const { words } = wordsHere()
  const q = quantitiesIn(units, languageHere())
  const { currentA, currentRangeA } = job
  const one = currentA === undefined ? null : q.current(currentA)
  const current = currentRangeA ? `${currentRangeA[0]}–${q.current(currentRangeA[1])}` : one
  return [words.processes[job.process], current, job.baseMetal && words.baseMetals[job.baseMetal]].filter(Boolean).join(', ')
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)
const callLine = ({ emergencyNumber, firePointNumber, firstAidNumber }: CallNumbers): string =>
  [...new Set([emergencyNumber, firePointNumber, firstAidNumber].filter(Boolean))].join('; ') || wordsHere().cardWords.noNumber

const shadeLine = (card: BayCard): string => {
  const { cardWords } = wordsHere()
  return card.shade === null ? cardWords.noShade : `${cardWords.startAt(card.shade.start)}, ${cardWords.neverUnder(card.shade.minimum)}`
}

/** Whose it is, as of when, and who decides. */
const footOf = ({ siteName, timeZone, printedAt }: Pick<CardsOf, 'siteName' | 'timeZone' | 'printedAt'>) => {
  const { cardWords: says } = wordsHere()
  const text = `${siteName}   ${says.asOf(formatInTimeZone(printedAt, timeZone))}   ${says.advises}`
  return (): Content => ({ text, alignment: 'center', fontSize: 8 })
}

/** A bay's card to carry: large type, a code to how it stands now. */
export async function cardPaper(
  { card, address }: AddressedCard,
  { siteName, timeZone, units, calls, printedAt }: CardsOf,
): Promise<Buffer> {
  const { cardWords: says, words } = wordsHere()
  const list = (title: string, lines: readonly string[]): Content[] => [
    { text: title, bold: true, fontSize: 15, margin: [0, 10, 0, 3] },
    { ul: [...lines], fontSize: 13 },
  ]
  const body: Content[] = card.job === null
    ? [{ text: says.noJob, fontSize: 18, bold: true }]
    : [
        { text: workOf(card.job, units), fontSize: 16 },
        { text: `${says.shade} ${card.shade?.start ?? ''}`, fontSize: 34, bold: true, margin: [0, 6, 0, 0] },
        { text: shadeLine(card), fontSize: 14, margin: [0, 0, 0, 6] },
        ...card.zones.map((line): Content => ({
          columns: [
            { text: capital(words.zones[line.zone]), bold: true, width: 110 },
            { text: requirementLine(words, line), width: '*' },
          ],
          fontSize: 13,
          margin: [0, 2, 0, 2],
        })),
        ...list(says.keepInMind, card.reminders.map(id => says.reminders[id])),
      ]
  return makePdf({
    info: { title: says.bay(card.label), author: siteName },
    pageMargins: [36, 36, 36, 40],
    defaultStyle: { font: 'Roboto', fontSize: 12 },
    footer: footOf({ siteName, timeZone, printedAt }),
    content: [
      {
        columns: [
          [{ text: says.bay(card.label), fontSize: 40, bold: true }, { text: card.firstName ?? '', fontSize: 20 }],
          { width: 120, stack: [{ image: await paperCode(address), width: 110 }, { text: says.standsNow, fontSize: 9 }] },
        ],
      },
      ...body,
      ...list(says.whenItGoesWrong, says.wrong),
      { text: `${says.call}: ${callLine(calls)}`, bold: true, fontSize: 16, margin: [0, 12, 0, 0] },
    ],
  })
}

const requirementAt = ({ zones }: BayCard, zone: 'hands' | 'torso'): RequirementId | undefined =>
  zones.find(one => one.zone === zone)?.requirement

/** A class on one sheet: each with bay, work, shade, gloves and jacket, and a code to how it stands now. */
export async function classSheet(
  group: string,
  cards: readonly AddressedCard[],
  { siteName, timeZone, units, calls, printedAt }: CardsOf,
): Promise<Buffer> {
  const { cardWords: says, words } = wordsHere()
  const cell = (text: string): Content => ({ text, fontSize: 11 })
  const rows = await Promise.all(cards.map(async ({ card, address }): Promise<Content[]> => {
    const [gloves, jacket] = [requirementAt(card, 'hands'), requirementAt(card, 'torso')]
    return [
      { text: card.label, fontSize: 22, bold: true },
      cell(card.firstName ?? ''),
      cell(card.job === null ? says.noJob : workOf(card.job, units)),
      { text: card.job === null ? '' : shadeLine(card), bold: true, fontSize: 11 },
      cell(gloves ? words.requirements[gloves] : ''),
      cell(jacket ? words.requirements[jacket] : ''),
      { image: await paperCode(address), width: 52 },
    ]
  }))
  const head = [says.bay(''), says.who, says.work, says.shade, says.gloves, says.jacket, says.code].map((text): Content =>
    ({ text: text.trim(), bold: true }))
  return makePdf({
    info: { title: says.classSheet(group), author: siteName },
    pageOrientation: 'landscape',
    pageMargins: [30, 30, 30, 36],
    defaultStyle: { font: 'Roboto', fontSize: 11 },
    footer: footOf({ siteName, timeZone, printedAt }),
    content: [
      { text: says.classSheet(group), fontSize: 22, bold: true, margin: [0, 0, 0, 8] },
      rows.length === 0
        ? { text: says.nobodyPlaced }
        : {
            table: { headerRows: 1, dontBreakRows: true, widths: [40, 70, '*', 90, 120, 130, 56], body: [head, ...rows] },
            layout: 'lightHorizontalLines',
          },
      { text: `${says.call}: ${callLine(calls)}`, bold: true, fontSize: 14, margin: [0, 10, 0, 0] },
    ],
  })
}

type Needed = Pick<OutfitRequirement, 'requirement' | 'leastNrrDb'>
/** What somebody has to bring next time, in plain words. */
export function shoppingList(name: string, needed: readonly Needed[], { siteName, timeZone, printedAt }: CardsOf): Promise<Buffer> {
  const { cardWords: says, words } = wordsHere()
  return makePdf({
    info: { title: says.toBring(name), author: siteName },
    pageMargins: [48, 48, 48, 40],
    defaultStyle: { font: 'Roboto', fontSize: 16 },
    footer: footOf({ siteName, timeZone, printedAt }),
    content: [
      { text: says.toBring(name), fontSize: 26, bold: true, margin: [0, 0, 0, 10] },
      ...needed.length === 0
        ? [{ text: says.toBringNothing }]
        : [
            { text: says.toBringLead, margin: [0, 0, 0, 10] as [number, number, number, number] },
            { ul: needed.map(line => requirementLine(words, line)) },
            { text: says.notThese, bold: true, margin: [0, 16, 0, 0] as [number, number, number, number] },
          ],
    ],
  })
}
