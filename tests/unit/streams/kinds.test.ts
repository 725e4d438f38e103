import { describe, expect, it } from 'vitest'
import { NOW } from '../clearance/bay-world'
import { COMMAND_SAMPLES } from '../../command-samples'
import { answering } from '#core/streams/asks'
import type { Answers, Asks } from '#core/streams/asks'
import type { CommandOf } from '#core/streams/commands'
import { COMMAND_TYPES, decidesAlone, kindNamed, kindNameOf, KINDS, kindOfStream, readLanded, ruleOf } from '#core/streams/kinds'
import { NO_OWN_LISTS } from '#core/streams/check-lists/check-lists'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import type { Scene } from '#core/streams/scene'
import { noFacts } from '#core/site-facts/site-facts'
import { factsFromTold } from '#core/site-facts/told-site'
import { CLEAR_SHOP } from '../never-clear/shops'

const { facts } = factsFromTold(CLEAR_SHOP)
const scene: Scene = {
  id: 'one',
  site: facts.site,
  rules: NEW_SITE_RULES,
  now: NOW,
  at: NOW,
  actor: { kind: 'person', personId: 'maren' },
  holder: { roles: ['instructor'], areaId: null, bayId: null },
  isSigned: true,
}
/** An answer to everything that can be asked: nothing is known. */
const NOTHING: Answers = {
  people: {},
  posts: {},
  places: {},
  permits: {},
  jobAt: null,
  standsAt: null,
  stillAt: [],
  lists: NO_OWN_LISTS,
  safetyLeads: 2,
  helpers: [],
  nearPermits: [],
  screens: 0,
  permitKit: [],
  codes: { code: 'HW-1', token: 't' },
  air: noFacts(NOW),
  keptReadings: [],
}
/** States of a kind: as it begins, and one in the middle of its life, where the clear shop has one. */
const statesOf = (name: string): readonly unknown[] => [
  kindNamed(name as keyof typeof KINDS).initial,
  ...({ item: [facts.items[0]], cylinder: [facts.cylinders[0]], permit: [facts.permits[0]?.permit], station: [facts.stations['bay-1']] }[
    name
  ] ?? []),
]
const commandOf = (type: keyof typeof COMMAND_SAMPLES): CommandOf => ({ type, payload: COMMAND_SAMPLES[type] }) as CommandOf

describe('every kind of stream', () => {
  it('is called by its address', () => {
    for (const [name, { id }] of Object.entries(KINDS)) expect(id).toBe(name)
    expect(kindOfStream('item/m-1')).toMatchObject({ name: 'item', id: 'm-1' })
    expect(kindOfStream('seal')).toMatchObject({ name: 'seal', id: 'seal' })
    expect(() => kindOfStream('item/m-1/more')).toThrow('no stream is called')
  })
  it('refuses an event that is newer than the program, and reads every older one', () => {
    for (const [name, kind] of Object.entries(KINDS)) {
      for (const [type, newest] of Object.entries('newestVersions' in kind ? (kind.newestVersions ?? {}) : {})) {
        const read = () => readLanded(kindNamed(name as keyof typeof KINDS), { type, typeVersion: newest + 1, payload: {} })
        expect(read, type).toThrow('newer than this program')
      }
    }
    expect(() => readLanded(kindNamed('place'), { type: 'place-described', typeVersion: 2, payload: {} })).toThrow(
      'newer than this program',
    )
    expect(readLanded(kindNamed('place'), { type: 'place-described', typeVersion: 1, payload: { name: 'Cage' } })).toEqual({
      type: 'place-described',
      version: 1,
      payload: { name: 'Cage' },
    })
  })
})

describe('every command', () => {
  it('belongs to one kind', () => {
    const all = Object.values(KINDS).flatMap(({ commands }) => Object.keys(commands))
    expect(new Set(all).size).toBe(all.length)
    for (const type of COMMAND_TYPES) expect(Object.keys(kindNamed(kindNameOf(type)).commands)).toContain(type)
  })
  it('is decided from what it asks, and asks for what it is decided from', () => {
    for (const type of COMMAND_TYPES) {
      const [command, kind, { asks }] = [commandOf(type), kindNamed(kindNameOf(type)), ruleOf(type)]
      for (const state of statesOf(kind.id)) {
        const asked = asks?.(state, command, scene) ?? {}
        const found = Object.fromEntries((Object.keys(asked) as (keyof Asks)[]).map(question => [question, NOTHING[question]]))
        expect(() => kind.decide(state, command, { ...scene, answer: answering(found) }), type).not.toThrow()
      }
    }
  })
  it('that looks at more than it names has the site to itself; a look at one bay shares it', () => {
    expect((['station.set-job', 'person.add', 'site.make-key', 'permit.round', 'cylinder.read'] as const).map(decidesAlone)).toEqual([
      true,
      true,
      true,
      true,
      true,
    ])
    expect((['station.stop', 'station.check-helmet', 'notice.see', 'place.describe', 'seal.day'] as const).map(decidesAlone)).toEqual([
      false,
      false,
      false,
      false,
      false,
    ])
  })
})

it('an answer that nobody looked for is not made up', () => {
  const answer = answering({ screens: 0, jobAt: null })
  expect([answer('screens'), answer('jobAt')]).toEqual([0, null])
  expect(() => answer('posts')).toThrow('nobody asked for posts')
})
