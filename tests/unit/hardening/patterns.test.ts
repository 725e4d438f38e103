import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import vm from 'node:vm'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { wordId } from '#core/ids/word-id'
import { readStamps } from '#core/cylinder/read-stamps'

const root = path.resolve(import.meta.dirname, '../../..')

/** Every pattern that stands in the house's own code, as it is written. */
function patternsIn(file: string): readonly string[] {
  const text = readFileSync(path.join(root, file), 'utf8')
  const found: string[] = []
  const look = (node: ts.Node): void => {
    if (ts.isRegularExpressionLiteral(node)) found.push(node.text)
    ts.forEachChild(node, look)
  }
  const scripts = file.endsWith('.vue') ? [...text.matchAll(/<script[^>]*>([^]*?)<\/script>/g)].map(match => match[1]!) : [text]
  for (const script of scripts) look(ts.createSourceFile(file, script, ts.ScriptTarget.Latest))
  return found
}

const FILES = ['core', 'shared', 'server', 'app', 'standins'].flatMap(folder =>
  readdirSync(path.join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter(file => /\.(?:ts|vue)$/.test(file))
    .map(file => path.join(folder, file)),
)
const PATTERNS = [...new Map(FILES.flatMap(file => patternsIn(file).map(pattern => [pattern, file] as const)))]

/** What a pattern may choke on: one thing many times, after something it may begin with, before something it cannot end with. */
const UNITS = [
  ' ',
  '\t',
  '0',
  '9',
  'a',
  'Z',
  '-',
  '.',
  ',',
  '/',
  '(',
  '[',
  '+',
  '*',
  ':',
  ';',
  '\n',
  '0 ',
  ' 0',
  'a ',
  '- ',
  '0.',
  '1/',
  ' /',
  '.-/ ',
]
const BEGINNINGS = ['', '1', '3-06', 'DOT-', 'EN ', 'a', '01 99', '(', '<']
const LONG = 30_000
/** Far beyond what a linear pattern takes, also on a machine with other work, and far under the minutes of a quadratic one, ms. */
const PATIENCE_MS = 15_000

describe('a pattern takes no longer than its text is long', () => {
  it('is looked for where patterns are', () => {
    expect(PATTERNS.length).toBeGreaterThan(60)
  })
  it.each(PATTERNS)('%s of %s', (pattern) => {
    const look = `for (const unit of units) for (const begin of beginnings) {
      const text = begin + unit.repeat(${LONG}) + '\\u0001'
      text.replace(pattern, '')
    }`
    expect(() =>
      vm.runInNewContext(`const pattern = ${pattern}; ${look}`, { units: UNITS, beginnings: BEGINNINGS }, { timeout: PATIENCE_MS }),
    ).not.toThrow()
  })
})

describe('the shoulder of a cylinder', () => {
  it('of a thousand blanks is read as soon as one of none', () => {
    const text = `01 99${' '.repeat(1990)}x`
    const read = vm.runInNewContext(
      'readStamps(text)',
      { readStamps: (stamps: string) => readStamps(stamps, '2026-11-28'), text },
      { timeout: PATIENCE_MS },
    ) as ReturnType<typeof readStamps>
    expect(read.tests).toEqual([])
  })
  it('that is longer than any shoulder is a hold', () => {
    expect(
      readStamps(`DOT-3AA2400 / 3-16${' / 3-16'.repeat(400)}`, '2026-11-28').findings.map(({ severity, code }) => [severity, code]),
    ).toContainEqual(['hold', 'stamp.unreadable'])
  })
  it('takes blanks, however many, for one', () => {
    const tidy = readStamps('DOT-3AA2400 / 3-06 / 3 [A123] 16 +*', '2026-11-28')
    expect(
      readStamps('DOT-3AA2400    /\t 3-06 /\n  3   [A123]    16   +*', '2026-11-28').tests.map(({ on, requalifier }) => [
        on,
        requalifier,
      ]),
    ).toEqual(tidy.tests.map(({ on, requalifier }) => [on, requalifier]))
    expect(tidy.tests.at(-1)).toMatchObject({ on: '2016-03', requalifier: 'A123', overfill: true, star: true })
  })
})

describe('an id from what was typed', () => {
  it.each([
    ['Gate bays, east', 'gate-bays-east'],
    ['  Déjà vu  ', 'deja-vu'],
    ['---', 'hall'],
    ['№ 7', 'no-7'],
    [`${'a'.repeat(39)} b`, 'a'.repeat(39)],
  ])('%s is %s', (typed, id) => expect(wordId(typed, 'hall')).toBe(id))
})
