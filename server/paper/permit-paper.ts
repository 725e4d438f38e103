import type { Content } from 'pdfmake'
import { formatInTimeZone } from './paper-times'
import type { ShownPermit } from '#core/streams/permit/permit-fact'
import { fireWords } from '#shared/words/en/fire-words'
import { hotworkWords } from '#shared/words/en/hotwork-words'
import { words } from '#shared/words/en/words'
import { quantitiesIn } from '#shared/words/quantities'
import type { UnitSystem } from '#core/units'
import { paperCode } from './paper-code'
import { line, makePdf } from './pdf'
import type { Instant } from '#core/time/instant'

/** What the paper is made from. */
export interface PaperOf {
  readonly permit: ShownPermit
  readonly siteName: string
  readonly timeZone: string
  readonly units: UnitSystem
  readonly nameOf: (personId: string) => string
  /** The address of the public page; null without `PUBLIC_URL`: then the short code is typed. */
  readonly address: string | null
  readonly emergencyNumber: string
  readonly firePointNumber: string
  readonly printedAt: Instant
}

/** The permit to print: what was seen to, who answers, until when, and a code that opens how it stands now. */
export async function permitPaper({
  permit,
  siteName,
  timeZone,
  units,
  nameOf,
  address,
  emergencyNumber,
  firePointNumber,
  printedAt,
}: PaperOf): Promise<Buffer> {
  const { code, request, plan, seenTo, watchers, authorisedBy, authorisedAt, untilAt, phase, gas, secondChannel } = permit
  const q = quantitiesIn(units)
  const at = (iso: string): string => formatInTimeZone(iso, timeZone)
  const precautions = plan.precautions.map(({ id, restore }): Content[] => {
    const seen = seenTo[id]
    const how = !seen
      ? 'not seen to'
      : seen.how === 'done'
        ? `done, ${nameOf(seen.by)}, ${at(seen.at)}`
        : `not needed: ${seen.reason ?? ''} (${nameOf(seen.by)})`
    return [{ text: hotworkWords.precautions[id] + (restore ? ' (put back after)' : '') }, { text: how }]
  })
  return makePdf({
    info: { title: `Hot work permit ${code}`, author: siteName },
    pageMargins: [36, 36, 36, 48],
    defaultStyle: { font: 'Roboto', fontSize: 9.5 },
    footer: (page: number, pages: number) => ({
      text: `${code}   printed ${at(printedAt)}   page ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 8,
      color: '#444444',
    }),
    content: [
      {
        columns: [
          [
            { text: `Hot work permit ${code}`, fontSize: 20, bold: true },
            { text: siteName, margin: [0, 2, 0, 4] },
            { text: `When this was printed: ${fireWords.phases[phase]}.`, bold: true },
            { text: `LAPSES ${at(untilAt)}. After that this paper allows nothing.`, bold: true, fontSize: 13, margin: [0, 6, 0, 6] },
          ],
          address === null
            ? {
                width: 150,
                stack: [
                  { text: 'How it stands now: type', fontSize: 8 },
                  { text: code, fontSize: 18, bold: true },
                  { text: 'at the shop\'s Zonaris, under /p', fontSize: 8 },
                ],
              }
            : {
                width: 110,
                stack: [
                  { image: await paperCode(address), width: 96 },
                  { text: `How it stands now, or type ${code} at ${new URL('/p', address).host}/p`, fontSize: 7 },
                ],
              },
        ],
      },
      line('Place', request.place.where),
      line('Work', `${request.job.what} (${words.processes[request.job.process]})`),
      line('Who works', request.operatorIds.map(nameOf).join(', ')),
      line('From, until', `${at(request.fromAt)} to ${at(untilAt)}`),
      line('Circle to keep clear', q.distance(plan.radiusM)),
      line(
        'Authorised by',
        authorisedBy === null
          ? 'nobody yet: this is no permit'
          : `${nameOf(authorisedBy)}, signed ${authorisedAt === null ? '' : at(authorisedAt)}`,
      ),
      line(
        'Fire watch',
        watchers.length === 0
          ? 'nobody named'
          : `${watchers.map(({ personId }) => nameOf(personId)).join(', ')}: no other task; a round every ${plan.roundEveryMin} min`,
      ),
      line(
        'After the work',
        `${plan.afterMin} min of watch, then ${plan.monitoringMin} min of monitoring, a look every ${plan.visitEveryMin} min`,
      ),
      ...(permit.closing
        ? [
            line(
              'Closed',
              `${nameOf(permit.closing.by)}, ${permit.endedAt === null ? '' : at(permit.endedAt)}; ${permit.closing.missedLooks === 0 ? 'every look was made' : `WITH ${permit.closing.missedLooks} LOOKS MISSED (${permit.visitsMissed.map(at).join(', ') || 'the last one'}): ${permit.closing.reason ?? ''}`}`,
            ),
          ]
        : []),
      line('Second way to reach the watch', secondChannel ?? 'a second screen'),
      ...(plan.needsGasTest
        ? [
            line(
              'Air',
              gas === null
                ? 'not tested'
                : `${gas.oxygenPercent} % oxygen, ${gas.lelPercent} % of the lower explosive limit, ${at(gas.at)}; again every ${plan.retestMin} min`,
            ),
          ]
        : []),
      { text: 'Precautions', bold: true, fontSize: 12, margin: [0, 10, 0, 4] },
      { table: { widths: ['*', '*'], body: precautions.length > 0 ? precautions : [['none', '']] }, layout: 'lightHorizontalLines' },
      {
        text: 'Stop at once when anything changes: wind, people, materials, smell, alarm, a missed round. Anybody stops; whoever authorised lets it go on.',
        margin: [0, 10, 0, 4],
      },
      line(
        'Call',
        [emergencyNumber, firePointNumber].filter(Boolean).join('; ') || 'no number is written down here: know it before you start',
      ),
      {
        text: 'Zonaris advises. Local code and the fire authority rule; this paper replaces neither.',
        italics: true,
        margin: [0, 8, 0, 0],
      },
    ],
  })
}
