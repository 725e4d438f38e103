import { expect, it } from 'vitest'
import { keptLately, keptWith, namesLately, textOf } from '#core/kept'

it('keeps the answers asked for lately, also null and undefined ones, and lets the one asked for longest ago go', () => {
  let made = 0
  const kept = keptLately<number | null | undefined>(2)
  const ask = (key: string, value: number | null | undefined) => kept(key, () => {
    made++
    return value
  })
  expect([ask('a', 1), ask('b', null), ask('a', 9), ask('b', 9)]).toEqual([1, null, 1, null])
  expect(made).toBe(2)
  // `a` was asked for longest ago.
  ask('c', undefined)
  expect([ask('b', 9), ask('c', 9)]).toEqual([null, undefined])
  expect(ask('a', 3)).toBe(3)
  expect(made).toBe(4)
})

it('keeps answers apart by the thing they belong to', () => {
  const kept = keptWith<object, string>(1)
  const [one, other] = [{}, {}]
  expect([kept(one, 'a', () => 'one'), kept(other, 'a', () => 'other'), kept(one, 'a', () => 'again')]).toEqual(['one', 'other', 'one'])
  // Of each thing so many, whatever is asked of the others.
  kept(one, 'b', () => 'b')
  expect([kept(other, 'a', () => 'again'), kept(one, 'a', () => 'again')]).toEqual(['other', 'again'])
})

it('never gives a text the name of another, also when it was forgotten', () => {
  const nameOf = namesLately(2)
  const [a, b] = [nameOf('a'), nameOf('b')]
  expect(nameOf('a')).toBe(a)
  const c = nameOf('c')
  const later = [nameOf('b'), nameOf('a')]
  expect(new Set([a, b, c, ...later]).size).toBe(5)
})

it('tells apart what JSON makes one null of: air without end and air that is no number are not the same hall', () => {
  const texts = [NaN, Infinity, -Infinity, null].map(supplyM3PerS => textOf({ supplyM3PerS }))
  expect(new Set(texts).size).toBe(4)
  expect(textOf({ a: [1, null, 'x'] })).toBe('{"a":[1,null,"x"]}')
})
