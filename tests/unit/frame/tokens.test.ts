import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'

const APP = join(import.meta.dirname, '../../../app')
/** Drawings have a scale of their own: their letters are as large as what they draw. */
const DRAWINGS: ReadonlySet<string> = new Set(['areas/air/AirHall.vue'])
/** Paper is measured in points. */
const PAPER = /font-size: \d+pt/

const styles = readdirSync(APP, { recursive: true, encoding: 'utf8' })
  .filter(name => /\.(vue|css)$/.test(name))
  .map(name => ({ name, text: readFileSync(join(APP, name), 'utf8') }))
const tokens = styles.find(({ name }) => name.endsWith('tokens.css'))!.text
const linesWith = (pattern: RegExp) => styles
  .filter(({ name }) => !DRAWINGS.has(name))
  .flatMap(({ name, text }) => text.split('\n').map(line => ({ name, line })))
  .filter(({ line }) => pattern.test(line) && !PAPER.test(line))
  .map(({ name, line }) => `${name}: ${line.trim()}`)

describe('one short scale', () => {
  it('of type: sizes stand in tokens.css, and are few', () => {
    expect(linesWith(/font-size: *[\d.]/)).toEqual([])
    const sizes = [...tokens.matchAll(/--type-\w+: (\d+)px/g)].map(([, size]) => Number(size))
    expect(sizes.length).toBeGreaterThan(5)
    expect(sizes.length).toBeLessThan(10)
    expect(sizes).toEqual(sizes.toSorted((a, b) => a - b))
  })

  it('of lines: thin, rule and heavy; a post beside what is said is thicker, and of its own', () => {
    expect(linesWith(/\b[1-3]px (?:solid|dashed|dotted)/)).toEqual([])
  })

  it('of space: what parts things, and what lies between a thing and its edge', () => {
    // A space as large as a target or a bar makes room for that, and is no part of the scale; a pixel takes a border's weight back.
    const spaces = /(?:gap|padding|margin)[a-z-]*: [^;]*?(?<![\w.])-?(?:[2-9]|[12]\d|3[0-2])px/
    expect(linesWith(spaces)).toEqual([])
    const steps = [...tokens.matchAll(/--space-\d+: (\d+)px/g)].map(([, size]) => Number(size))
    expect(steps).toHaveLength(10)
    expect(steps).toEqual(steps.toSorted((a, b) => a - b))
  })

  it('uses no token that is not there', () => {
    const there = new Set([...tokens.matchAll(/--((?:type|line|space)-\w+):/g)].map(([, name]) => name))
    const used = styles.flatMap(({ text }) => [...text.matchAll(/var\(--((?:type|line|space)-\w+)\)/g)].map(([, name]) => name))
    expect(used.filter(name => !there.has(name))).toEqual([])
  })
})
