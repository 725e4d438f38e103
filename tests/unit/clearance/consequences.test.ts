import { describe, expect, it } from 'vitest'
import { changeOf, withConsequences } from '#core/clearance/consequences'
import type { Bystanders, Change } from '#core/clearance/consequences'
import { gateChanges } from '#core/clearance/gate-changes'
import { joinFacts } from '#core/site-facts/join-facts'
import { withChanges } from '#core/site-facts/site-facts'
import { viewsOf } from '#core/site-facts/site-standing'
import { factsFromTold } from '#core/site-facts/told-site'
import { EMPTY_STATION, evolveStation } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { NOBODY } from '#core/streams/person/person'
import { CLEAR_SHOP } from '../never-clear/shops'

const { facts } = factsFromTold(CLEAR_SHOP)
const bay = facts.site.bays.find(({ bayId }) => bayId === 'bay-1')!
/** The station of the clear bay with its gates on record as they stand. */
const clear: Station = gateChanges(facts.stations['bay-1']!, viewsOf(joinFacts(facts))(bay)).reduce(
  evolveStation,
  facts.stations['bay-1']!,
)
const cylinder = facts.cylinders.find(({ standing }) => standing?.in === 'bay' && standing.bayId === 'bay-1')!

const bystanders = (over: Partial<Bystanders> = {}): Bystanders => ({
  scene: {
    id: '',
    site: facts.site,
    rules: facts.rules,
    now: facts.now,
    at: facts.now,
    actor: { kind: 'person', personId: 'wim-askew' },
    holder: 'system',
    isSigned: false,
  },
  facts,
  recordsGates: true,
  followers: [{ bayId: 'bay-1', station: clear, isLiving: true }],
  workingPermits: [],
  people: [
    { personId: 'ebba', roles: ['safety-lead'], areaId: null },
    { personId: 'wim-askew', roles: ['store-keeper'], areaId: null },
  ],
  noticeStreamOf: index => `notice/n-${index}`,
  say: ({ code }) => `said ${code}`,
  ...over,
})
const typesOf = (changes: readonly Change[]) =>
  changes.map(({ streamId, events }) => `${streamId}: ${events.map(({ type }) => type).join(', ')}`)
const leak = changeOf(`cylinder/${cylinder.tag.toLowerCase()}`, 'cylinder', cylinder.tag.toLowerCase(), cylinder, [
  { type: 'danger-found', version: 1, payload: { danger: 'leak', at: facts.now } },
  { type: 'cylinder-tagged-out', version: 1, payload: { reason: 'hisses' } },
])

describe('what a decision brings with it', () => {
  it('a danger stops the bay in the same breath, tells who must hear, and not who did it', () => {
    const changes = withConsequences([leak], bystanders())
    expect(typesOf(changes)).toEqual([
      expect.stringContaining('danger-found'),
      'notice/n-0: notice-given',
      'station/bay-1: stopped, gate-changed',
    ])
    expect(changes[1]!.events[0]!.payload).toMatchObject({ to: [{ personId: 'ebba', as: 'safety-lead' }], bayIds: ['bay-1'] })
    expect(changes[2]!.after).toMatchObject({
      stop: { reason: 'said cylinder.danger', by: 'wim-askew' },
      gates: { gas: { state: 'stop' } },
    })
  })
  it('it stops a bay also where nothing ever happened; other news leaves such a bay alone', () => {
    const fresh = { bayId: 'bay-1', station: EMPTY_STATION, isLiving: false }
    expect(withConsequences([leak], bystanders({ followers: [fresh] })).at(-1)!.after).toMatchObject({
      stop: { reason: 'said cylinder.danger' },
    })
    const out = changeOf(leak.streamId, 'cylinder', leak.id, cylinder, [leak.events[1]!])
    expect(typesOf(withConsequences([out], bystanders({ followers: [fresh] }))).filter(line => line.startsWith('station/'))).toEqual([])
  })
  it('a bay that is stopped already keeps its first reason', () => {
    const stopped: Station = { ...clear, stop: { at: facts.now, by: 'ebba', reason: 'smell' } }
    const changes = withConsequences([leak], bystanders({ followers: [{ bayId: 'bay-1', station: stopped, isLiving: true }] }))
    expect(changes.at(-1)!.after).toMatchObject({ stop: { reason: 'smell' } })
    expect(typesOf(changes).at(-1)).toBe('station/bay-1: gate-changed')
  })
  it('whoever leaves the site stands at none of its bays, and the gates say so', () => {
    const left = changeOf(`person/${clear.personId}`, 'person', clear.personId!, { ...NOBODY, name: 'Runa' }, [
      { type: 'person-left', version: 1, payload: {} },
    ])
    const at = withConsequences([left], bystanders()).at(-1)!
    expect([at.streamId, at.events[0]!.type, (at.after as Station).personId]).toEqual(['station/bay-1', 'person-placed', null])
    expect((at.after as Station).gates.eyes!.state).not.toBe('open')
  })
  it('a bay that is used again forgets what was seen there, and its gates say so', () => {
    const closed = { ...facts.site, bays: facts.site.bays.map(one => (one.bayId === 'bay-1' ? { ...one, closed: true } : one)) }
    const used = changeOf('site', 'site', 'site', closed, [{ type: 'bay-changed', version: 1, payload: bay }])
    const at = withConsequences([used], bystanders()).at(-1)!
    expect(at.events[0]).toEqual({ type: 'place-changed', version: 1, payload: { at: facts.now } })
    expect((at.after as Station).gates.fire!.state).not.toBe('open')
    const renamed = changeOf('site', 'site', 'site', facts.site, [{ type: 'bay-changed', version: 1, payload: { ...bay, label: '1a' } }])
    expect(typesOf(withConsequences([renamed], bystanders()))).toEqual(['site: bay-changed'])
  })
  it('what changed nothing brings nothing; what no bay rests on has no gates', () => {
    const nothing = changeOf('check-lists', 'check-lists', 'check-lists', facts.lists, [])
    expect(withConsequences([nothing], bystanders())).toEqual([nothing])
    expect(withConsequences([leak], bystanders({ facts: null, followers: [] })).map(({ name }) => name)).toEqual(['cylinder', 'notice'])
  })
  it('a bay or a permit at work whose facts nobody read is not taken for unchanged', () => {
    expect(() => withConsequences([leak], bystanders({ facts: null }))).toThrow('nobody read')
    const item = facts.items[0]!
    const out = changeOf(`item/${item.tag.toLowerCase()}`, 'item', item.tag.toLowerCase(), item, [
      { type: 'item-tagged-out', version: 1, payload: { reason: 'x', checks: [] } },
    ])
    const working = { permitId: 'p', permit: facts.permits[0]!.permit, items: [] }
    expect(() => withConsequences([out], bystanders({ facts: null, followers: [], workingPermits: [working] }))).toThrow('nobody read')
  })
  it('the changed bay itself is judged with what was decided, and what stands as it was is not recorded again', () => {
    const looked = (passed: boolean) =>
      changeOf('station/bay-1', 'station', 'bay-1', clear, [
        {
          type: 'glasses-checked',
          version: 1,
          payload: { kind: passed ? 'clear-rated' : 'none', at: facts.now, validUntil: '2099-01-01T00:00:00.000Z' },
        },
      ])
    const alone = bystanders({ followers: [] })
    expect(typesOf(withConsequences([looked(true)], alone))).toEqual(['station/bay-1: glasses-checked'])
    const [change] = withConsequences([looked(false)], alone)
    expect(change!.events.map(({ type }) => type)).toEqual(['glasses-checked', 'gate-changed'])
    expect(change!.after).toMatchObject({ gates: { eyes: { state: 'hold' } } })
    expect(withConsequences([looked(false)], { ...alone, recordsGates: false })[0]!.events).toHaveLength(1)
  })
})

describe('the facts once changes stand', () => {
  const after = (name: Change['name'], id: string, state: unknown) => withChanges(facts, [{ name, id, after: state }])
  it('each kind that gates rest on takes its place; others leave them as they are', () => {
    expect(after('cylinder', leak.id, { ...cylinder, isEmpty: true }).cylinders.find(({ tag }) => tag === cylinder.tag)!.isEmpty).toBe(
      true,
    )
    expect(after('cylinder', leak.id, { ...cylinder, isEmpty: true }).cylinders).toHaveLength(facts.cylinders.length)
    expect(after('item', facts.items[0]!.tag.toLowerCase(), null).items).toHaveLength(facts.items.length - 1)
    expect(after('permit', facts.permits[0]!.permitId, null).permits).toHaveLength(facts.permits.length - 1)
    expect(after('station', 'bay-1', EMPTY_STATION).stations['bay-1']).toBe(EMPTY_STATION)
    expect(after('house-rules', 'house-rules', { ...facts.rules, shadeMinimum: 13 }).rules.shadeMinimum).toBe(13)
    expect(after('place', 'cage', null)).toBe(facts)
    expect(after('notice', 'n', null)).toBe(facts)
  })
  it('a face seen today says what it says until the day ends, and nothing of somebody without a mask', () => {
    const masked = { ...facts, wearers: { runa: { mask: 'full-p100', readyUntil: null, isShaven: null } } } as const
    const seen = (isShaven: boolean, validUntil: string) =>
      withChanges(masked, [
        { name: 'person', id: 'runa', after: { ...NOBODY, shaven: { isShaven, validUntil, at: facts.now } } },
      ]).wearers.runa!
        .isShaven
    expect([seen(true, '2099-01-01T00:00:00.000Z'), seen(false, '2099-01-01T00:00:00.000Z'), seen(true, facts.now)]).toEqual([
      true,
      false,
      null,
    ])
    const unmasked = after('person', 'nobody-with-a-mask', { ...NOBODY, name: 'Nora' })
    expect([unmasked.wearers, unmasked.welders['nobody-with-a-mask']?.name]).toEqual([facts.wearers, 'Nora'])
    const leaver = after('person', 'runa', { ...NOBODY, name: 'Runa', hasLeft: true })
    expect(leaver.welders.runa).toBeUndefined()
  })
})
