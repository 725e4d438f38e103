import type { Content } from 'pdfmake'
import { formatInTimeZone } from './paper-times'
import type { ShownPermit } from '#core/streams/permit/permit-fact'
import { quantitiesIn } from '#shared/words/quantities'
import type { UnitSystem } from '#core/units'
import { paperCode } from './paper-code'
import { line, makePdf } from './pdf'
import { languageHere } from '../language'
import { wordsHere } from '../words/here'
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
  const { papers: says, words, fireWords, hotworkWords } = wordsHere()
  const q = quantitiesIn(units, languageHere())
  const at = (iso: string): string => formatInTimeZone(iso, timeZone)
  const precautions = plan.precautions.map(({ id, restore }): Content[] => {
    const seen = seenTo[id]
    const how = !seen
      ? says.notSeenTo
      : seen.how === 'done'
        ? says.done(nameOf(seen.by), at(seen.at))
        : says.notNeeded(seen.reason ?? '', nameOf(seen.by))
    return [{ text: hotworkWords.precautions[id] + (restore ? says.putBackAfter : '') }, { text: how }]
  })
  return makePdf({
    info: { title: says.hotWorkPermit(code), author: siteName },
    pageMargins: [36, 36, 36, 48],
    defaultStyle: { font: 'Roboto', fontSize: 9.5 },
    footer: (page: number, pages: number) => ({
      text: says.footer(code, at(printedAt), page, pages),
      alignment: 'center',
      fontSize: 8,
      color: '#444444',
    }),
    content: [
      {
        columns: [
          [
            { text: says.hotWorkPermit(code), fontSize: 20, bold: true },
            { text: siteName, margin: [0, 2, 0, 4] },
            { text: says.whenPrinted(fireWords.phases[phase]), bold: true },
            { text: says.lapses(at(untilAt)), bold: true, fontSize: 13, margin: [0, 6, 0, 6] },
          ],
          address === null
            ? {
                width: 150,
                stack: [
                  { text: says.standsNowType, fontSize: 8 },
                  { text: code, fontSize: 18, bold: true },
                  { text: says.atTheShops, fontSize: 8 },
                ],
              }
            : {
                width: 110,
                stack: [
                  { image: await paperCode(address), width: 96 },
                  { text: says.standsNowOrType(code, new URL('/p', address).host), fontSize: 7 },
                ],
              },
        ],
      },
      line(says.place, request.place.where),
      line(says.work, `${request.job.what} (${words.processes[request.job.process]})`),
      line(says.whoWorks, request.operatorIds.map(nameOf).join(', ')),
      line(says.fromUntil, says.span(at(request.fromAt), at(untilAt))),
      line(says.circle, q.distance(plan.radiusM)),
      line(
        says.authorisedBy,
        authorisedBy === null
          ? says.nobodyYet
          : says.signed(nameOf(authorisedBy), authorisedAt === null ? '' : at(authorisedAt)),
      ),
      line(
        says.fireWatch,
        watchers.length === 0
          ? says.nobodyNamed
          : says.watchers(watchers.map(({ personId }) => nameOf(personId)).join(', '), plan.roundEveryMin),
      ),
      line(
        says.afterWork,
        says.watchThen(plan.afterMin, plan.monitoringMin, plan.visitEveryMin),
      ),
      ...(permit.closing
        ? [
            line(
              says.closed,
              says.closedBy(
                nameOf(permit.closing.by),
                permit.endedAt === null ? '' : at(permit.endedAt),
                permit.closing.missedLooks === 0
                  ? says.everyLook
                  : says.looksMissed(
                      permit.closing.missedLooks,
                      permit.visitsMissed.map(at).join(', ') || says.theLastOne,
                      permit.closing.reason ?? '',
                    ),
              ),
            ),
          ]
        : []),
      line(says.secondWay, secondChannel ?? says.secondScreen),
      ...(plan.needsGasTest
        ? [
            line(
              says.air,
              gas === null
                ? says.notTested
                : says.gas(gas.oxygenPercent, gas.lelPercent, at(gas.at), plan.retestMin),
            ),
          ]
        : []),
      { text: says.precautions, bold: true, fontSize: 12, margin: [0, 10, 0, 4] },
      { table: { widths: ['*', '*'], body: precautions.length > 0 ? precautions : [[says.none, '']] }, layout: 'lightHorizontalLines' },
      {
        text: says.stopAtOnce,
        margin: [0, 10, 0, 4],
      },
      line(
        says.call,
        [emergencyNumber, firePointNumber].filter(Boolean).join('; ') || says.noNumber,
      ),
      {
        text: says.advises,
        italics: true,
        margin: [0, 8, 0, 0],
      },
    ],
  })
}
