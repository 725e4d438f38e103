import { createHash } from 'node:crypto'
import type { Anchor } from '../../scripts/zonaris-verify.mjs'
import { paperCode } from './paper-code'
import { formatInTimeZone } from './paper-times'
import { line, makePdf } from './pdf'
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
  const { day, position, headsSha256, sealHash, sealVersion } = anchor
  return makePdf({
    info: { title: `Day sheet ${day}`, author: siteName },
    pageMargins: [36, 36, 36, 48],
    defaultStyle: { font: 'Roboto', fontSize: 10 },
    content: [
      { text: `Day sheet ${day}`, fontSize: 20, bold: true },
      { text: siteName, margin: [0, 2, 0, 10] },
      {
        columns: [
          { width: 190, image: await paperCode(words), fit: [180, 180] },
          {
            width: '*',
            stack: [
              line('Sealed', `${position} entries in ${streams} streams, seal no. ${sealVersion}`),
              line('Digest of all heads', inGroups(headsSha256)),
              line('Seal', inGroups(sealHash)),
              line('Key', inGroups(createHash('sha256').update(publicKeyPem).digest('hex').slice(0, 32))),
              line('Printed', formatInTimeZone(printedAt, timeZone)),
            ],
          },
        ],
      },
      {
        text: 'Keep this where whoever looks after the database does not reach: another building, the insurer, a folder with a lock.',
        margin: [0, 12, 0, 4],
      },
      { text: 'To check the record against it, with no more than an export and the public key:', margin: [0, 0, 0, 2] },
      {
        text: 'node zonaris-verify.mjs export.jsonl --key anchor-key.pub.pem --line "the line below, or what the code says"',
        fontSize: 9,
        margin: [0, 0, 0, 6],
      },
      { text: words, fontSize: 8 },
    ],
  })
}
