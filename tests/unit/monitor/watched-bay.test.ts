import { expect, it } from 'vitest'
import { mgPerM3FromPpm } from '#core/fume/gases'
import { judgeSite } from '#core/site-facts/judge-site'
import { factsFromTold } from '#core/site-facts/told-site'
import type { Monitor } from '#core/streams/monitor/monitor'
import { minutesAfter } from '#core/time/instant'
import { CLEAR_SHOP } from '../never-clear/shops'

/** A bay that is clear by everything else, with an instrument at it. */
const { facts } = factsFromTold(CLEAR_SHOP)
const NOW = facts.now
const CO = (ppm: number) => mgPerM3FromPpm('carbon-monoxide', ppm)
const heardAt = (minutesAgo: number, ppm: number): Monitor['heard'] => ({
  at: minutesAfter(NOW, -minutesAgo), value: CO(ppm), mean: CO(ppm), coveredS: 900, lowest: CO(ppm), highest: CO(ppm),
})
const monitor = (over: Partial<Monitor>): Monitor => ({
  name: 'CO', senmlName: 'co', bayIds: ['bay-1'], quantity: 'carbon-monoxide', silentAfterS: 120, placedAt: minutesAfter(NOW, -300),
  isRemoved: false, heard: heardAt(0.5, 3), over: null, silentSince: null, ...over,
})
const wordWith = (...monitors: readonly Monitor[]): string => {
  const judged = judgeSite({ ...facts, monitors: Object.fromEntries(monitors.map((one, i) => [`m-${i}`, one])) })
  return judged.find(({ bay }) => bay.bayId === 'bay-1')!.verdict.word
}

it('is clear with one that is heard within its limits, and with one that stands elsewhere or was taken away', () => {
  expect(wordWith()).toBe('clear-to-strike')
  expect(wordWith(monitor({}))).toBe('clear-to-strike')
  expect(wordWith(monitor({ bayIds: ['bay-2'], heard: heardAt(0.5, 2000) }))).toBe('clear-to-strike')
  expect(wordWith(monitor({ isRemoved: true, heard: null }))).toBe('clear-to-strike')
})
it.each<readonly [string, string, Partial<Monitor>]>([
  ['past its limit', 'stopped', { heard: heardAt(0.5, 2000) }],
  ['past its limit, and silent since', 'stopped', { heard: heardAt(30, 2000) }],
  ['silent', 'hold', { heard: heardAt(2, 3) }],
  ['never heard', 'hold', { heard: null }],
  ['past its limit by the mean alone', 'stopped', { heard: { ...heardAt(0.5, 3)!, mean: CO(2000) } }],
  ['heading past its limit by the little that was heard', 'hold', { heard: { ...heardAt(0.5, 3)!, mean: CO(2000), coveredS: 60 } }],
  ['past its limit within the quarter of an hour', 'stopped', { heard: { ...heardAt(0.5, 3)!, highest: CO(2000) } }],
  ['at several bays', 'stopped', { bayIds: ['bay-9', 'bay-1'], heard: heardAt(0.5, 2000) }],
])('%s: %s', (_what, word, over) => {
  expect(wordWith(monitor(over))).toBe(word)
  // One that is well says nothing for another.
  expect(wordWith(monitor({}), monitor(over))).toBe(word)
})
it('says first what the instrument reads: it overrules what is worked out', () => {
  const judged = judgeSite({ ...facts, monitors: { m: monitor({ heard: heardAt(0.5, 2000) }) } })
  expect(judged.find(({ bay }) => bay.bayId === 'bay-1')!.verdict.byId.air.findings[0]).toMatchObject({ code: 'monitor.over' })
})
