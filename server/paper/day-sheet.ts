import { createHash } from 'node:crypto'
import type { Anchor } from '../../scripts/zonaris-verify.mjs'
import { paperCode } from './paper-code'
import { formatInTimeZone } from './paper-times'
import { line, makePdf } from './pdf'
import { wordsHere } from '../words/here'
import type { Instant } from '#core/time/instant'

/** What the sheet of a day is made from. */
export interface DaySheetOf {
  readonly siteName: string
  readonly timeZone: string
  readonly printedAt: Instant
  readonly streams: number
  readonly anchor: Anchor
  /** The anchor in one line, as `zonaris-verify --line` takes it. */
  readonly line: string
  readonly publicKeyPem: string
}

/** Digits in groups of eight: so that two papers can be compared by eye. */
const inGroups = (hex: string): string => hex.match(/.{1,8}/g)?.join(' ') ?? hex

/** The seal of a day to print and keep: whoever writes the record anew later does not write this paper anew. */
export async function daySheet({
  siteName,
  timeZone,
  printedAt,
  streams,
  anchor,
  line: words,
  publicKeyPem,
}: DaySheetOf): Promise<Buffer> {
  const { papers: says } = wordsHere()
  const { day, position, headsSha256, sealHash, sealVersion } = anchor
  return makePdf({
    info: { title: says.daySheet(day), author: siteName },
    pageMargins: [36, 36, 36, 48],
    defaultStyle: { font: 'Roboto', fontSize: 10 },
    content: [
      { text: says.daySheet(day), fontSize: 20, bold: true },
      { text: siteName, margin: [0, 2, 0, 10] },
      {
        columns: [
          { width: 190, image: await paperCode(words), fit: [180, 180] },
          {
            width: '*',
            stack: [
              line(says.sealed, says.sealedSaid(position, streams, sealVersion)),
              line(says.digest, inGroups(headsSha256)),
              line(says.seal, inGroups(sealHash)),
              line(says.key, inGroups(createHash('sha256').update(publicKeyPem).digest('hex').slice(0, 32))),
              line(says.printed, formatInTimeZone(printedAt, timeZone)),
            ],
          },
        ],
      },
      {
        text: says.keepThis,
        margin: [0, 12, 0, 4],
      },
      { text: says.toCheck, margin: [0, 0, 0, 2] },
      {
        text: `node zonaris-verify.mjs export.jsonl --key anchor-key.pub.pem --line "${says.lineBelow}"`,
        fontSize: 9,
        margin: [0, 0, 0, 6],
      },
      { text: words, fontSize: 8 },
    ],
  })
}
