import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { KPA_PER_PSI } from '../units'
import { readStampYears } from './stamp-years'
import type { StampedMonth } from './stamp-years'
import { US_SPECIFICATIONS } from './specifications'
import type { UsSpecificationId } from './specifications'

/** Letters after a date. On 4-series S is a proof test; on acetylene S is the shell and F the filler. */
export const STAMP_LETTERS = ['E', 'S', 'F', 'FS', 'UE'] as const
export type StampLetter = typeof STAMP_LETTERS[number]

/** One date on the shoulder, as read. */
export interface StampedTest {
  /** YYYY-MM */
  readonly on: string
  readonly overfill: boolean
  readonly star: boolean
  readonly letter: StampLetter | null
  /** The requalifier's number, read clockwise round its square. */
  readonly requalifier: string | null
  /** As typed. */
  readonly text: string
}

/** What the shoulder says. `null` where it does not say. */
export interface ReadStamps {
  readonly family: 'us' | 'eu' | null
  readonly specification: string | null
  readonly usSpecification: UsSpecificationId | null
  /** The prefix as it was typed, DOT or an older one; null where a bare specification stands. */
  readonly prefix: string | null
  /** Of the marks themselves, gauge, kPa. */
  readonly servicePressureKPa: number | null
  readonly isComposite: boolean
  readonly waterVolumeL: number | null
  /** The month after which it is never used again, YYYY-MM; null where no such mark stands. */
  readonly endsOn: string | null
  /** In the order of the shoulder: the maker's date first. */
  readonly tests: readonly StampedTest[]
  /** A hold among them means: the dates are not to be relied on. */
  readonly findings: readonly Finding[]
}

const KPA_PER_BAR = 100

/** Longest first, so that 3AAX is not read as 3AA. */
const BODIES = (Object.keys(US_SPECIFICATIONS) as UsSpecificationId[]).filter(id => id !== 'SP').sort((a, b) => b.length - a.length)
const US_MARK = new RegExp(`^(?:(DOT|ICC|TC|CTC|BTC)[ -]{0,3})?(${BODIES.join('|')})(?:[ -]{0,3}(\\d{2,4}))?$`, 'i')
const PERMIT = /^(?:DOT|TC)[ -]{0,3}(?:SP|SU|E)[ -]{0,3}(\d{3,6})(?:[ -].*)?$/i
const EU_STANDARD = /^(?:UN )?((?:EN )?ISO|EN)[ -]{0,3}(\d{3,5}(?:-\d{1,3})?)(?: USA)?$/i
const EU_MARK = /^(?:UN|\(UN\)|π|PI|RHO|Ρ)(?:[ -]{0,3}\d{4})?$/i
const EU_PRESSURE = /^(PW|PH|PT) ?(\d{2,4}) ?(?:BAR)?$/i
const WATER_VOLUME = /^(?:V ?)?(\d{1,4}(?:[.,]\d{1,3})?) ?L$|^V ?(\d{1,4}(?:[.,]\d{1,3})?)$/i
/** Marks that say nothing about dates: serial, weights, wall, threads, tare. */
const OTHER = /^(?:SN|S\/N|TW|REE|TARE)\b.*$|^\d{1,6}(?:[.,]\d{1,3})? ?(?:KG|LB|MM)$|^\d{1,2}[EP]$|^(?:UT|AA|H|SPUN|PLUG)$/i
/** An end of life is no test: after it the cylinder is done with. A life that is not limited says nothing. */
const END_OF_LIFE = /^(?:FINAL|FIN|EXPIRES|EXPIRY|EXP|END|UNTIL)\b[ .:-]{0,3}(.{0,20})$/i
const UNLIMITED_LIFE = /^NLL$/i
/** Marks on a ring may be from another day than the shell: which is which is asked. */
const ON_A_RING = /^(?:FOOT|NECK|COLLAR)?[ -]?(?:RING|COLLAR)\b/i
const COMPOSITE_STANDARDS = ['11119', '11515', '12245', '14427']

/** `3-16+*`, `3 [A123] 16 + ★`, `6 (o) 98`, `8-2004 FS`. */
const US_DATE
  = /^(\d{1,2})[ ./-]{0,3}(?:[[(<] ?([A-Z0-9 /]{1,9}) ?[\])>]|\b([A-Z]\d{3})\b)?[ ./-]{0,3}(\d{4}|\d{2}) ?([+*★☆ ,]{0,6}(?:(?:FS|UE|E|S|F)\b)?[+*★☆ ,]{0,6})$/i
/** `16/05`, `2016-05`, perhaps after a country and an inspection body. */
const EU_DATE = /^(?:[A-Z]{1,4} )?(?:[A-Z0-9]{1,5} )?(\d{4}|\d{2}) ?[/.-] ?(\d{2})$/i
/** Year and month in full say themselves, whatever the family. */
const FULL_DATE = /^(\d{4}) ?[/.-] ?(\d{1,2})$/

/** Looks like somebody meant a date: a month, something, a year. */
const DATE_LIKE = /^\d{1,4}(?: ?[-/.] ?| )(?:[[(<].{0,20}[\])>] ?)?\d{2,4}\b/

interface RawDate extends StampedMonth {
  readonly overfill: boolean
  readonly star: boolean
  readonly letter: StampLetter | null
  readonly requalifier: string | null
  readonly text: string
}

/**
 * The requalifier's number as its square is read: clockwise from the upper left, so the lower row runs backwards.
 * @example requalifierOf('A1/32') // 'A123'
 */
function requalifierOf(text: string): string {
  const rows = text.toUpperCase().split('/').map(row => row.replaceAll(/\s/g, ''))
  const [upper = '', lower] = rows
  return lower === undefined ? upper : upper + [...lower].reverse().join('')
}

function readUsDate(text: string): RawDate | 'impossible' | null {
  const full = FULL_DATE.exec(text)
  const match = full ? null : US_DATE.exec(text)
  if (!full && !match) return null
  const month = Number(full ? full[2] : match![1])
  if (month < 1 || month > 12) return 'impossible'
  if (full) return { month, year: Number(full[1]), digits: 4, overfill: false, star: false, letter: null, requalifier: null, text }
  const [, , boxed, bare, year, marks = ''] = match!
  const letter = /FS|UE|E|S|F/i.exec(marks)?.[0].toUpperCase() as StampLetter | undefined
  // A single letter in the bracket is the inspector's mark at the maker's, not a number.
  const number = boxed ?? bare
  return {
    month,
    year: Number(year),
    digits: year!.length === 4 ? 4 : 2,
    overfill: marks.includes('+'),
    star: /[*★☆]/.test(marks),
    letter: letter ?? null,
    requalifier: number !== undefined && number.replaceAll(/[\s/]/g, '').length === 4 ? requalifierOf(number) : null,
    text,
  }
}

function readEuDate(text: string): RawDate | 'impossible' | null {
  const monthFirst = /^(\d{1,2}) ?[/.-] ?(\d{4})$/.exec(text)
  const match = monthFirst ? null : EU_DATE.exec(text)
  if (!monthFirst && !match) return null
  const year = monthFirst ? monthFirst[2]! : match![1]!
  const month = Number(monthFirst ? monthFirst[1] : match![2])
  if (month < 1 || month > 12) return 'impossible'
  return {
    month,
    year: Number(year),
    digits: year.length === 4 ? 4 : 2,
    overfill: false,
    star: false,
    letter: null,
    requalifier: null,
    text,
  }
}

/** A specification with its pressure and the dates after it, typed with nothing but spaces between: `3AA 2265 6-15+*`. */
const TYPED_IN_A_ROW = new RegExp(
  `^((?:(?:DOT|ICC|TC|CTC|BTC)[ -]{0,3})?(?:${BODIES.join('|')})[ -]{0,3}\\d{3,4}) (\\d{1,2} ?[-./ [(<].{0,200})$`,
  'i',
)

/** More than this is no shoulder; what is left of it is not read. */
const MAX_STAMPS_CHARS = 2000

/**
 * The marks, apart by ` / `, new lines, commas or semicolons; a slash without spaces belongs to a mark. Dates in a row are apart
 * by spaces. Blanks in a row become one first: every pattern here knows at most one, and takes no longer than the text is long.
 */
const piecesOf = (stamps: string): readonly string[] => stamps.slice(0, MAX_STAMPS_CHARS).replaceAll(/[^\S\n]+/g, ' ').split(/[\n;,|]/)
  .flatMap(line => ` ${line} `.split(' / ')).map(piece => piece.trim()).filter(Boolean).flatMap((piece) => {
    const row = TYPED_IN_A_ROW.exec(piece)
    return row ? [row[1]!, ...row[2]!.split(/ (?=\d{1,2}[-./]\d{2,4}\b)/)] : [piece]
  })

/** `2030/05`, `05/2030`, `05-30`: the month of an end of life; null when it cannot be read for sure. */
function endOfLifeMonth(text: string): string | null {
  const yearFirst = /^(\d{4}) ?[/.-] ?(\d{1,2})$/.exec(text)
  const monthFirst = yearFirst ? null : /^(\d{1,2}) ?[/.-] ?(\d{4})$/.exec(text)
  const month = Number(yearFirst?.[2] ?? monthFirst?.[1] ?? 0)
  return month >= 1 && month <= 12 ? `${yearFirst?.[1] ?? monthFirst![2]}-${String(month).padStart(2, '0')}` : null
}

/**
 * Reads the shoulder of a cylinder. Specification first, for the same letter and the same digits mean other things on
 * other specifications: 07/08 is August 2007 on a European stamp and July 2008 on a US one.
 * What cannot be read for sure is a hold that asks, never a guess.
 * Source: `usMarks`, `euMarks`, `stampYears`.
 *
 * @param stamps marks as typed, apart by ` / ` or new lines
 * @param today YYYY-MM-DD, for no test lies in the future
 * @example readStamps('DOT-3AA2400 / 3-06 / 3-16+*', '2026-11-23').tests[1].on // '2016-03'
 */
export function readStamps(stamps: string, today: string): ReadStamps {
  const findings: Finding[] = []
  const us: { id: UsSpecificationId, prefix: string | null, text: string, pressureKPa: number | null }[] = []
  const eu: { text: string, isComposite: boolean }[] = []
  let isEu = false
  let euPressureKPa: number | null = null
  let waterVolumeL: number | null = null
  const endings: string[] = []
  const rest: string[] = []
  if (stamps.length > MAX_STAMPS_CHARS)
    findings.push(finding('hold', 'stamp.unreadable', { text: `${stamps.slice(0, 40)} ...` }, ['usMarks']))
  for (const piece of piecesOf(stamps)) {
    const ending = END_OF_LIFE.exec(piece)
    if (UNLIMITED_LIFE.test(piece)) continue
    if (ending) {
      const month = endOfLifeMonth(ending[1]!.trim())
      if (month === null) findings.push(finding('hold', 'stamp.end-of-life', { text: piece }, ['euMarks']))
      else endings.push(month)
      continue
    }
    if (ON_A_RING.test(piece)) {
      findings.push(finding('hold', 'stamp.ring-asks', { text: piece }, ['usMarks']))
      continue
    }
    if (piece.includes('?')) {
      findings.push(finding('hold', 'stamp.unreadable', { text: piece }, ['usMarks']))
      continue
    }
    const permit = PERMIT.exec(piece)
    // A bare 3, 8 or 39 is more likely part of a date: those need their prefix.
    const mark = permit ? null : US_MARK.exec(piece)
    const standard = EU_STANDARD.exec(piece)
    const pressure = EU_PRESSURE.exec(piece)
    const volume = WATER_VOLUME.exec(piece)
    if (permit) us.push({ id: 'SP', prefix: null, text: `DOT-SP ${permit[1]}`, pressureKPa: null })
    else if (mark && (mark[1] !== undefined || /[A-Z]/i.test(mark[2]!) || piece === '8')) {
      const id = mark[2]!.toUpperCase() as UsSpecificationId
      const metric = id.endsWith('M')
      us.push({
        id,
        prefix: mark[1]?.toUpperCase() ?? null,
        text: `${(mark[1] ?? 'DOT').toUpperCase()}-${id}`,
        pressureKPa: mark[3] === undefined ? null : Number(mark[3]) * (metric ? KPA_PER_BAR : KPA_PER_PSI),
      })
    } else if (standard) {
      isEu = true
      eu.push({
        text: `${standard[1]!.toUpperCase()} ${standard[2]}`,
        isComposite: COMPOSITE_STANDARDS.some(code => standard[2]!.startsWith(code)),
      })
    } else if (EU_MARK.test(piece)) isEu = true
    else if (pressure) {
      isEu = true
      if (pressure[1]!.toUpperCase() === 'PW') euPressureKPa = Number(pressure[2]) * KPA_PER_BAR
    } else if (volume) waterVolumeL = Number((volume[1] ?? volume[2])!.replace(',', '.'))
    else if (!OTHER.test(piece)) rest.push(piece)
  }

  const specifications = [...new Map(us.map(({ id, text, pressureKPa }) => [`${id} ${pressureKPa ?? ''}`, text])).values()]
  if (us.length > 0 && isEu) findings.push(finding('hold', 'stamp.two-families', {}, ['usMarks', 'euMarks']))
  if (specifications.length > 1)
    findings.push(
      finding('hold', 'stamp.two-specifications', { first: specifications[0]!, second: specifications[1]! }, ['usMarks']),
    )
  const family = us.length > 0 && !isEu ? 'us' : isEu && us.length === 0 ? 'eu' : null

  const raw: RawDate[] = []
  for (const piece of rest) {
    const looksLikeSpecification = /^(?:DOT|ICC|TC|CTC|BTC)\b/i.test(piece)
    const date = looksLikeSpecification ? null : family === 'eu' ? readEuDate(piece) : readUsDate(piece)
    if (looksLikeSpecification) findings.push(finding('hold', 'stamp.specification-unknown', { text: piece }, ['usMarks']))
    else if (date === 'impossible' || (date === null && DATE_LIKE.test(piece)))
      findings.push(
        finding('hold', 'stamp.date-impossible', { text: piece }, [family === 'eu' ? 'euMarks' : 'usMarks']),
      )
    else if (date === null) findings.push(finding('note', 'stamp.not-read', { text: piece }))
    else raw.push(date)
  }
  if (us.length === 0 && !isEu && !findings.some(({ code }) => code === 'stamp.specification-unknown'))
    findings.push(finding('hold', 'stamp.specification-missing', {}, ['usMarks']))

  const base = {
    family,
    specification: us[0]?.text ?? eu[0]?.text ?? (isEu ? 'UN' : null),
    usSpecification: family === 'us' ? us[0]!.id : null,
    prefix: us[0]?.prefix ?? null,
    servicePressureKPa: us[0]?.pressureKPa ?? euPressureKPa,
    isComposite: eu.some(standard => standard.isComposite),
    waterVolumeL,
    endsOn: endings.sort()[0] ?? null,
  } as const
  // Years in full need no order: somebody may have typed the newest first.
  const ordered = raw.every(({ digits }) => digits === 4) ? [...raw].sort((a, b) => a.year * 12 + a.month - b.year * 12 - b.month) : raw
  const readings = readStampYears(ordered, today)
  const texts = raw.map(({ text }) => text)
  if (raw.length === 0 && !findings.some(({ code }) => code === 'stamp.unreadable' || code === 'stamp.date-impossible'))
    findings.push(finding('hold', 'stamp.date-missing', {}, ['usMarks']))
  else if (readings.length === 0) findings.push(finding('hold', 'stamp.dates-disagree', { dates: texts }, ['stampYears']))
  else if (readings.length > 1) findings.push(finding('hold', 'stamp.years-ambiguous', { dates: texts }, ['stampYears']))
  // Without a family nobody knows whether the month or the year stands first.
  const years = readings.length === 1 && family !== null ? readings[0]! : null
  const tests
    = years === null
      ? []
      : ordered.map(({ month, overfill, star, letter, requalifier, text }, index): StampedTest => ({
          on: `${years[index]}-${String(month).padStart(2, '0')}`,
          overfill,
          star,
          letter,
          requalifier,
          text,
        }))
  return { ...base, tests, findings }
}
