import { describe, expect, it } from 'vitest'
import { darkestSteps } from '#core/shade/darkest-steps'
import { rackHelmetOf } from '#core/shade/rack-of-register'
import { solveRack } from '#core/shade/rack'
import { settableShades } from '#core/shade/settable-shades'
import { BUILT_IN_LISTS } from '#core/inspection/built-in-lists'
import type { KitItem } from '#core/streams/kit-item/kit-item'

describe('from the darkest, one lighter until the puddle is just seen', () => {
  it.each([
    [10, 12, [[9, 13]], [13, 12, 11, 10]],
    [10, 12, [[5, 14]], [14, 13, 12, 11, 10]],
    [10, 12, [[11, 11]], [11]],
    [10.5, 12, [[9, 13]], [13, 12, 11]],
    [10, 10, [[13, 14]], [13]],
    [10, 12, [[5, 8]], []],
    [8, 10, [[8.5, 9.5]], [9.5, 9, 8.5]],
  ] as const)('least %f, start %f, a helmet of %j: %j', (minimum, start, bands, steps) =>
    expect(darkestSteps(minimum, start, settableShades(bands))).toEqual(steps))
  it('of a helmet that nobody wrote down, whole shades', () => expect(darkestSteps(8, 10, null)).toEqual([12, 11, 10, 9, 8]))
})

describe('a helmet of the register, as the rack asks of it', () => {
  const ITEM: KitItem = {
    tag: 'H-1',
    kind: 'helmet',
    name: 'Auto',
    marks: { shadeBands: [[9, 13]], lensKind: 'auto', lightState: 4, switchingMs: 0.1 },
    assignment: null,
    taggedOut: null,
    isRetired: false,
    lastEventAt: null,
    lists: { 'helmet.before-use': { passedOn: '2026-11-23', eventsSince: [], doneAt: '2026-11-23T08:00:00.000Z' } },
  }
  const fit = (over: Partial<KitItem>, setTo?: number, today = '2026-11-23') =>
    solveRack([{ process: 'gmaw', currentA: 180 }], [rackHelmetOf({ ...ITEM, ...over }, today, BUILT_IN_LISTS, setTo)], {
      rules: { jurisdiction: 'us', basis: 'us-consensus' },
    }).helmets[0]!
  const codes = (...asked: Parameters<typeof fit>) => fit(...asked).findings.map(({ code }) => code)
  it('looked at today and set right it fits as it is; not looked at, with that step', () => {
    expect(fit({}, 12).fit).toBe('as-set')
    expect(fit({ lists: {} }, 12).fit).toBe('with-a-step')
    expect(codes({ lists: {} }, 12)).toContain('helmet.check-due')
    // Yesterday's look is none.
    expect(fit({}, 12, '2026-11-24').fit).toBe('with-a-step')
  })
  it('tagged out it cannot; of marks nobody wrote down nothing is made up', () => {
    expect(codes({ taggedOut: { reason: 'cracked', checks: [] } })).toContain('helmet.check-failed')
    expect(codes({ isRetired: true })).toContain('helmet.check-failed')
    expect(fit({ marks: { shadeBands: [[9, 13]] } }).fit).toBe('cannot')
    expect(codes({ marks: { shadeBands: [[9, 13]] } })).toContain('helmet.flash-unknown')
    expect(fit({ marks: {} }).fit).toBe('cannot')
    expect(fit({ marks: { shadeBands: [[12, 12]], lensKind: 'fixed' } }).fit).toBe('as-set')
  })
})
