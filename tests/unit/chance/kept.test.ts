import { expect, it } from 'vitest'
import { keptLately } from '#core/kept'

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
