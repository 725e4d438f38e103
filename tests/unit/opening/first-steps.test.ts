import { describe, expect, it } from 'vitest'
import { judgeMachine } from '#core/clearance/machine-gate'
import { NO_KIT } from '#core/clearance/kit-around'
import type { GateState } from '#core/clearance/gate'
import { GATES, PROCESSES } from '#core/ids/vocabulary'
import type { GateId } from '#core/ids/vocabulary'
import { TAG_PATTERN } from '#core/ids/tag'
import { FIRST_STEPS, firstSteps, nearestHold } from '#core/opening/first-steps'
import type { BayBegun, ShopBegun } from '#core/opening/first-steps'
import { bayRows } from '#core/opening/bay-rows'
import { starterCounts, STARTER_KINDS, starterKit } from '#core/opening/starter-kit'
import { EMPTY_STATION } from '#core/streams/station/station'

const gates = (over: Partial<Record<GateId, GateState>> = {}): BayBegun['gates'] =>
  Object.fromEntries(GATES.map(gate => [gate, { state: over[gate] ?? 'to-do' }])) as BayBegun['gates']
const OPEN = Object.fromEntries(GATES.map(gate => [gate, 'open'])) as Record<GateId, GateState>
const BAY: BayBegun = {
  bayId: 'bay-1',
  label: '1',
  hallId: 'shed',
  isDesignated: true,
  isFitted: true,
  kinds: ['arc-machine', 'extinguisher'],
  hasCylinder: false,
  hasPerson: true,
  hasJob: true,
  isClear: true,
  gates: gates(OPEN),
}
const WHOLE: ShopBegun = { bays: [BAY], halls: [{ hallId: 'shed', name: 'Shed', isDescribed: true }], hasNumbers: true, hands: 1 }
const undone = (shop: ShopBegun) => firstSteps(shop).filter(({ isDone }) => !isDone).map(({ id }) => id)
const withBay = (over: Partial<BayBegun>): ShopBegun => ({ ...WHOLE, bays: [{ ...BAY, ...over }] })

describe('what a new shop still lacks', () => {
  it('everything, of an empty one', () => {
    expect(undone({ bays: [], halls: [], hasNumbers: false, hands: 0 })).toEqual(FIRST_STEPS)
  })
  it('nothing, once a bay is clear', () => {
    expect(undone(WHOLE)).toEqual([])
  })
  it.each<[string, ShopBegun, string]>([
    ['no numbers', { ...WHOLE, hasNumbers: false }, 'numbers'],
    ['nobody who may strike', { ...WHOLE, hands: 0 }, 'people'],
    ['a hall whose air nobody described', { ...WHOLE, halls: [{ hallId: 'shed', name: 'Shed', isDescribed: false }] }, 'air'],
    ['a bay of which nobody said what draws its fume', withBay({ isFitted: false }), 'air'],
    ['nothing to weld with', withBay({ kinds: ['extinguisher'] }), 'kit'],
    ['nothing to put a fire out', withBay({ kinds: ['arc-machine'] }), 'kit'],
    ['a regulator with nothing behind it', withBay({ kinds: ['arc-machine', 'extinguisher', 'regulator'] }), 'gas'],
    ['a torch with nothing behind it', withBay({ kinds: ['oxy-fuel-torch', 'extinguisher'] }), 'gas'],
    ['nobody at any bay', withBay({ hasPerson: false }), 'work'],
    ['no job at any bay', withBay({ hasJob: false }), 'work'],
    ['no bay clear', withBay({ isClear: false, gates: gates({ ...OPEN, fire: 'to-do' }) }), 'gates'],
    ['a stopped bay, all of whose gates are open', withBay({ isClear: false }), 'gates'],
  ])('%s', (_what, shop, step) => {
    expect(undone(shop)).toEqual([step])
  })
  it('a spot on a structure gets its extinguisher with its permit', () => {
    expect(undone(withBay({ kinds: ['arc-machine'], isDesignated: false }))).toEqual([])
  })
  it('a cylinder that stands there is enough to be judged; what draws no gas needs none', () => {
    expect(undone(withBay({ kinds: ['arc-machine', 'extinguisher', 'regulator'], hasCylinder: true }))).toEqual([])
  })
  it('names what lacks', () => {
    const lacking = (id: string, shop: ShopBegun) => firstSteps(shop).find(step => step.id === id)!.lacking
    const airless = [{ hallId: 'shed', name: 'Shed', isDescribed: false }]
    expect(lacking('air', { ...withBay({ isFitted: false }), halls: airless })).toEqual(['Shed', '1'])
    expect(lacking('kit', withBay({ kinds: [] }))).toEqual(['1'])
  })
  it('goes on at the bay that is nearest, at its first gate that is not open', () => {
    const bays: readonly BayBegun[] = [
      { ...BAY, bayId: 'far', gates: gates({ job: 'open' }) },
      { ...BAY, bayId: 'near', gates: gates({ ...OPEN, gas: 'not-needed', eyes: 'hold', fire: 'to-do' }) },
      { ...BAY, bayId: 'empty', hasJob: false, gates: gates({ ...OPEN, job: 'to-do' }) },
    ]
    expect(nearestHold(bays)).toEqual({ bayId: 'near', label: '1', gate: 'eyes' })
    expect(nearestHold([BAY])).toBeNull()
    // Stopped with all its gates open: it is put right where it was stopped, not at a gate.
    expect(nearestHold([{ ...BAY, isClear: false }])).toBeNull()
  })
})

describe('a starter set', () => {
  const BAYS = [{ bayId: 'bay-1', label: '1', kinds: [] }, { bayId: 'bay-2', label: 'B', kinds: [] }]
  const plain = Object.fromEntries(STARTER_KINDS.map(kind => [kind, { marks: {}, onPaper: [] }]))
  const set = (over: Partial<Parameters<typeof starterKit>[0]> = {}) =>
    starterKit({ bays: BAYS, counts: starterCounts(['smaw', 'ofc']), said: plain, taken: new Set(), named: kind => kind, ...over })
  it.each(PROCESSES)('has all that the machine gate asks for: %s', (process) => {
    const job = { process } as const
    const { findings } = judgeMachine({ ...EMPTY_STATION, job }, NO_KIT, '2026-11-28T09:00:00.000Z')
    const asked = findings.flatMap(({ code, values }) => (code === 'gate.item-missing' ? [(values as { kind: string }).kind] : []))
    expect([...starterCounts([process]).keys()]).toEqual(expect.arrayContaining(asked))
  })
  it('a flame has a regulator and an arrestor for each of its gases', () => {
    expect(['regulator', 'flashback-arrestor', 'hose'].map(kind => starterCounts(['ofc']).get(kind as 'hose'))).toEqual([2, 2, 1])
    expect(starterCounts([]).size).toBe(0)
  })
  it('gives each a tag that nothing wears, and called after its bay where it can be', () => {
    const items = set({ taken: new Set(['m-1', 'ex-1', 'ex-1b', 'ex-1c', 'ex-1d']) })
    const tags = Object.keys(items)
    expect(tags).toEqual(expect.arrayContaining(['m-1b', 'ex-2', 'fa-1', 'fa-1b']))
    expect(tags.every(tag => TAG_PATTERN.test(tag))).toBe(true)
    expect(tags).toHaveLength([...starterCounts(['smaw', 'ofc']).values()].reduce((sum, count) => sum + count, 0) * BAYS.length)
  })
  it('gives a bay only what it lacks', () => {
    const bays = [{ ...BAYS[0]!, kinds: ['arc-machine', 'regulator'] as const }]
    const kinds = Object.values(set({ bays })).map(({ kind }) => kind)
    expect([kinds.includes('arc-machine'), kinds.filter(kind => kind === 'regulator').length, kinds.includes('helmet')])
      .toEqual([false, 1, false])
  })
  it('leaves out what is not here, keeps helmets in the rack, and says the rest as it was said', () => {
    const extinguisher = { marks: { madeOn: '2024-02-01' }, onPaper: [], distanceM: 6 }
    const items = Object.values(set({ said: { helmet: plain.helmet!, extinguisher } }))
    expect(new Set(items.map(({ kind }) => kind))).toEqual(new Set(['helmet', 'extinguisher']))
    expect(items.find(({ kind }) => kind === 'helmet')!.assignment).toBeNull()
    expect(items.find(({ kind }) => kind === 'extinguisher')).toMatchObject({
      marks: { madeOn: '2024-02-01' },
      assignment: { to: 'bay', id: 'bay-1', distanceM: 6 },
    })
  })
})

describe('where bays stand, by how far it is from one to the next', () => {
  const nearestM = (places: ReturnType<typeof bayRows>, nth: number) =>
    Math.min(...places.filter((_, other) => other !== nth).map(({ xM, yM }) => Math.hypot(xM - places[nth]!.xM, yM - places[nth]!.yM)))
  it.each([[12, 3, 20], [12, 1.5, 8], [5, 4, 2], [3, 3, undefined]] as const)(
    '%i bays, %s m apart, in a hall of %s m',
    (count, apartM, lengthM) => {
      const places = bayRows(count, apartM, lengthM)
      expect(places).toHaveLength(count)
      // As near as it was said, and never farther: a neighbour's fume is not thinned by a guess.
      for (let nth = 0; nth < count; nth++) expect(nearestM(places, nth)).toBeCloseTo(apartM, 9)
      if (lengthM !== undefined && lengthM > apartM) expect(places.every(({ xM }) => xM <= lengthM)).toBe(true)
    })
  it('more of them stand beside the last one that is there, as near as was said', () => {
    const last = { xM: 7, yM: 5 }
    const places = bayRows(4, 2, 8, last)
    expect(Math.hypot(places[0]!.xM - last.xM, places[0]!.yM - last.yM)).toBeCloseTo(2, 9)
    for (let nth = 0; nth < 4; nth++) expect(nearestM([...places, last], nth)).toBeLessThanOrEqual(2 + 1e-9)
  })
  it('are none where there are none', () => {
    expect(bayRows(0, 3, 12)).toEqual([])
  })
})
