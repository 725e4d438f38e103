import { readdirSync, readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import type { Finding, FindingCode } from '#core/findings/finding'
import { NEW_SITE_RULES, upcastHouseRules } from '#core/streams/house-rules/house-rules'
import { LANGUAGES } from '#shared/words/language'
import { dayIn } from '#shared/words/site-times'
import { besidesBoard } from '#shared/words/en/besides-board'
import { learnSentences, speak } from '#shared/words/speak'
import { serverWords as serverEnglish } from '../../../server/words/en'
import { serverWords as serverSpanish } from '../../../server/words/es'
import { fieldInSpanish } from '#shared/words/es/fields'
import { spanish } from '../../../app/words/es'
import { SAMPLES } from './finding-samples'

learnSentences(besidesBoard)

/** Words as this test walks them: rooms in rooms, with texts, lists of texts and sentences at the leaves. */
type Room = Readonly<Record<string, unknown>>

const path = (relative: string) => fileURLToPath(new URL(`../../../${relative}`, import.meta.url))
/** Every file of words that has a sister in the other language. */
const files = ['app/words', 'shared/words'].flatMap(room =>
  readdirSync(path(`${room}/en`)).filter(name => !/(?:findings|besides-board)\.ts$/.test(name)).map(name => ({ room, name })),
)
const pairs: (readonly [name: string, english: Room, spanish: Room])[] = [['server', serverEnglish, serverSpanish]]
for (const { room, name } of files)
  pairs.push([`${room}/${name}`, await import(path(`${room}/en/${name}`)) as Room, await import(path(`${room}/es/${name}`)) as Room])

/** The leaves of both, side by side. */
function* leaves(english: unknown, other: unknown, at: string): Generator<readonly [at: string, english: unknown, spanish: unknown]> {
  if (typeof english === 'object' && english !== null) {
    expect(typeof other, at).toBe('object')
    expect(Object.keys(other as Room).sort(), at).toEqual(Object.keys(english).sort())
    for (const key of Object.keys(english)) yield* leaves((english as Room)[key], (other as Room)[key], `${at}.${key}`)
  } else yield [at, english, other]
}
const all = pairs.flatMap(([name, english, other]) => [...leaves(english, other, name)])

/** What is the same in both: names, marks, units, codes to type, and words that both languages have. */
const ALIKE = new Set([
  'Zonaris', 'Gas', 'PIN', 'in, ft, cfh, cfm', '/welcome', ', PIN', 'no', 'No', 'sample', 'sulfur', 'horizontal', 'vertical', 'California', 'MIG/MAG',
  'TIG', 'MIG', 'magnesium', 'cadmium', 'instructor', 'auditor', 'zinc', 'argon', 'plasma', 'extinguisher', 'titanium', 'manganese', 'gas', 'Error', 'local',
])
const said = (leaf: unknown, blanks: readonly string[]): string =>
  typeof leaf === 'function' ? String((leaf as (...given: readonly string[]) => unknown)(...blanks)) : String(leaf)
const BLANKS = ['⟦1⟧', '⟦2⟧', '⟦3⟧', '⟦4⟧', '⟦5⟧', '⟦6⟧']
/** Sentences that read an id, and no blank. */
const READS_IDS = /\.(?:lists|aKind|everySoMany)$/

describe('English and Spanish', () => {
  it('say the same things: every room has the same words, and each is the same kind of thing', () => {
    expect(all.length).toBeGreaterThan(2000)
    for (const [at, english, other] of all) expect(typeof other, at).toBe(typeof english)
  })
  it('lose no blank: whatever number or name an English sentence holds, the Spanish one holds too', () => {
    for (const [at, english, other] of all) {
      if (typeof english !== 'function' || READS_IDS.test(at)) continue
      const held = (text: string) => BLANKS.filter(blank => text.includes(blank))
      expect(held(said(other, BLANKS)), at).toEqual(held(said(english, BLANKS)))
    }
  })
  it('are two: no sentence of one stands in the other, and no Spanish one is half English', () => {
    for (const [at, english, other] of all) {
      if (READS_IDS.test(at)) continue
      const [first, second] = [said(english, BLANKS), said(other, BLANKS)]
      expect(second.trim() === '' && first.trim() !== '', at).toBe(false)
      expect(second, at).not.toMatch(/(?:^|[\s"(])(?:the|is|are|of|and|not|with|by|for|what|this|that|whoever|nobody)(?=[\s.,:;?)]|$)/i)
      if (first.split(' ').length >= 3 && /[a-z]{3}/.test(first) && !ALIKE.has(first)) expect(second, at).not.toBe(first)
    }
  })
})

const sample = (code: FindingCode): Finding => ({ severity: 'hold', code, values: SAMPLES[code], sources: [] })
const numbers = (text: string): string[] => (text.match(/\d+(?:[.,]\d+)?/g) ?? []).sort()
/** Where one language writes a number as a word. */
const COUNTED_IN_WORDS = new Set<FindingCode>([])

describe('every finding in Spanish', () => {
  it.each(Object.keys(SAMPLES) as FindingCode[])('%s is a plain sentence with the same numbers as in English', (code) => {
    for (const units of ['metric', 'us'] as const) {
      const [english, other] = LANGUAGES.map(language => speak(sample(code), units, language))
      for (const text of [other!.message, other!.brief, ...other!.todo === null ? [] : [other!.todo]])
        expect(text, code).toMatch(/^["¿A-ZÁÉÍÓÚÑ\d].*[.?]$/s)
      expect(`${other!.message}${other!.todo}`).not.toMatch(/undefined|NaN|\[object|null [a-z]/)
      expect(other!.todo === null, code).toBe(english!.todo === null)
      if (!COUNTED_IN_WORDS.has(code))
        expect(numbers(`${other!.message} ${other!.todo ?? ''}`), code).toEqual(numbers(`${english!.message} ${english!.todo ?? ''}`))
    }
  })
})

describe('what is wrong with a field', () => {
  /** Every sentence of the contract that whoever typed may read. */
  const sentences = readdirSync(path('shared/contract')).filter(name => !/^(?:openapi|routes|answers)/.test(name)).flatMap((name) => {
    const source = ts.createSourceFile(name, readFileSync(path(`shared/contract/${name}`), 'utf8'), ts.ScriptTarget.Latest, true)
    const found: string[] = []
    const visit = (node: ts.Node): void => {
      if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return
      if (ts.isCallExpression(node) && ts.isPropertyAccessExpression(node.expression) && /^(?:describe|meta)$/.test(node.expression.name.text))
        return visit(node.expression)
      if (ts.isStringLiteral(node) && / /.test(node.text) && /[a-z]{2}/.test(node.text)) found.push(node.text)
      else ts.forEachChild(node, visit)
    }
    visit(source)
    return found
  })
  /** What follows a number is no sentence by itself. */
  const UNITS = new Set([
    'of optical density', 'turns a minute', 'times the limit', 'as the name says', '% by volume', '% of the lower explosive limit',
    'as a geometric standard deviation', 'velocity pressures', 'of the damper\'s travel',
  ])

  it('is said in Spanish too, whatever field it is', () => {
    expect(sentences.length).toBeGreaterThan(60)
    for (const sentence of sentences) if (!UNITS.has(sentence)) expect(fieldInSpanish(sentence), sentence).not.toBeNull()
    for (const [english, expected] of [
      ['at least 10 A', 'al menos 10 A'],
      ['at most 1000 turns a minute', 'cuando mucho 1000 vueltas por minuto'],
      ['a number in % by volume', 'un número en % en volumen'],
      ['one of: a, b', 'uno de: a, b'],
      ['60 min or less', '60 min o menos'],
    ] as const) expect(fieldInSpanish(english)).toBe(expected)
  })
})

describe('a day', () => {
  it('is said in words, with its year, in both languages; what is no day stays as it is', () => {
    expect(dayIn('en')('2019-03-07')).toBe('7 Mar 2019')
    expect(dayIn('es')('2019-03-07')).toMatch(/^7 mar\.? 2019$/)
    expect(dayIn('en')('2019-03')).toBe('Mar 2019')
    expect(dayIn('en')('soon')).toBe('soon')
  })
})

it('a site that chose its rules before there were two languages speaks English', () => {
  const { language: _language, ...before } = NEW_SITE_RULES
  expect(upcastHouseRules(4, { ...before, units: 'us' }).payload).toEqual({ ...NEW_SITE_RULES, units: 'us', language: 'en' })
})
it('all of Spanish is in the one file that is fetched for it', () => {
  expect(Object.keys(spanish).length).toBe(33)
})
