import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assessStation } from '#core/clearance/assess-station'
import type { Surroundings } from '#core/clearance/surroundings'
import { UNKNOWN_AIR } from '#core/air/air-facts'
import { COOL } from '../clearance/told-heat'
import { NO_FIRE_AROUND } from '#core/clearance/fire-around'
import { NO_KIT } from '#core/clearance/kit-around'
import { NOBODY } from '#core/clearance/person-around'
import { bayLooks, doorLooks, soundAnswers } from '#core/opening/looks'
import { placeClass } from '#core/opening/place-class'
import { whereElse } from '#core/opening/where-else'
import { factsFromTold } from '#core/site-facts/told-site'
import { joinFacts } from '#core/site-facts/join-facts'
import { viewsOf } from '#core/site-facts/site-standing'
import type { Job } from '#core/job/job'
import { TIG_JOB, twoBayShop } from '../../../demo/two-bay-shop'
import { BUILT_IN_LISTS, listsFor } from '#core/inspection/built-in-lists'
import { judgeInspection } from '#core/inspection/judge-inspection'
import { decideStation } from '#core/streams/station/decide-station'
import { EMPTY_STATION, evolveStation } from '#core/streams/station/station'
import type { Station } from '#core/streams/station/station'
import { NEW_SITE_RULES } from '#core/streams/house-rules/house-rules'
import { payloadSchemas } from '#shared/contract/command-schemas'
import { streamIdSchema } from '#shared/contract/text-schema'
import { EQUIPMENT_KINDS } from '#core/ids/vocabulary'
import type { KitItem } from '#core/streams/kit-item/kit-item'

const [NOW, ENDS, TODAY] = ['2026-11-23T12:00:00.000Z', '2026-11-24T09:00:00.000Z', '2026-11-23']
const around: Surroundings = {
  rules: NEW_SITE_RULES, workplace: 'general', noiseElsewhere: () => [], now: NOW,
  air: { ...UNKNOWN_AIR, heat: COOL }, kit: NO_KIT, forPerson: () => NOBODY, fire: NO_FIRE_AROUND,
}
const station: Station = {
  ...EMPTY_STATION, personId: 'kit', job: { process: 'gmaw', currentA: 180 }, helmet: { shade: 12, at: NOW },
}
const thing = (over: Partial<KitItem> = {}): KitItem => ({
  tag: 'M-1', kind: 'arc-machine', name: 'Machine', marks: {}, assignment: { to: 'bay', id: 'bay-1' }, taggedOut: null, isRetired: false,
  lastEventAt: null, lists: {}, ...over,
})

describe('what sound answers', () => {
  it('passes every list that it answers at all, and answers none that asks for a number', () => {
    for (const kind of EQUIPMENT_KINDS) for (const list of listsFor(kind)) {
      const answers = soundAnswers(list, { marks: { lensKind: 'auto' } })
      if (answers) expect(judgeInspection(list, answers).result, list.id).toBe('passed')
      if (list.checks.some(({ asks }) => asks === 'measurement')) expect(answers, list.id).toBeNull()
    }
  })
  it('of a helmet only where its lens is known', () => {
    const [list] = listsFor('helmet')
    expect([soundAnswers(list!, { marks: {} }), soundAnswers(list!, { marks: { lensKind: 'fixed' } })?.['helmet-darkens']]).toEqual([
      null, 'fixed-lens',
    ])
  })
})

describe('what is due', () => {
  const judged = (over: Partial<Station> = {}) => assessStation({ ...station, ...over }, around)
  const door = (over: Partial<Station> = {}, worn: readonly KitItem[] = []) => {
    const { byId, outfit, shade } = judged(over)
    return doorLooks('bay-1', { ...station, ...over }, byId, outfit, worn, {
      lists: BUILT_IN_LISTS, today: TODAY, usual: null, shade,
    })
  }
  it('at the door is helmet, glasses and outfit, and each of them in one word makes Body open', () => {
    const { looks } = door()
    expect(looks.map(({ of }) => ('part' in of ? of.part : of.tag))).toEqual(['helmet', 'glasses', 'outfit'])
    let after = station
    for (const { command } of looks) {
      expect(payloadSchemas[command.type].safeParse(command.payload).success, command.type).toBe(true)
      const decided = decideStation(after, command as Parameters<typeof decideStation>[1], {
        bayId: 'bay-1', now: NOW, at: NOW, by: 'maren', checksValidUntil: ENDS,
      })
      if ('events' in decided) after = decided.events.reduce(evolveStation, after)
    }
    expect(assessStation(after, around).byId.body.state).toBe('open')
    expect(assessStation(after, around).byId.eyes.state).toBe('open')
    expect(door(after).looks).toEqual([])
  })
  it('is what the helmet reads where nobody said it: the shade to start at, and of several helmets nothing', () => {
    const reads = (over: Partial<Station>, worn: readonly KitItem[] = []) =>
      door(over, worn).looks.find(({ of }) => 'part' in of && of.part === 'shade')?.command.payload
    const { start } = judged().shade!
    expect(start).toBeGreaterThan(10)
    expect(reads({ helmet: null })).toEqual({ shade: start })
    expect(reads({})).toBeUndefined()
    expect(reads({ helmet: null, job: { process: 'gmaw' } })).toBeUndefined()
    const helmet = (tag: string, shadeBands: [number, number][]) => thing({ tag, kind: 'helmet', marks: { lensKind: 'auto', shadeBands } })
    expect(reads({}, [helmet('H-9', [[5, 8], [13, 14]])])).toEqual({ shade: 13, tag: 'h-9' })
    expect(reads({ helmet: { shade: 13, at: NOW, tag: 'h-9' } }, [helmet('H-9', [[5, 8], [13, 14]])])).toBeUndefined()
    // Dark enough however it is set, and one of which nobody knows what it can: nothing to read.
    expect(reads({}, [helmet('H-9', [[13, 14]])])).toBeUndefined()
    expect(reads({}, [helmet('H-9', [])])).toBeUndefined()
    expect(reads({}, [helmet('H-9', [[9, 13]]), helmet('H-8', [[9, 13]])])).toBeUndefined()
  })
  it('of nobody is nothing: an empty bay passes no door', () =>
    expect(door({ personId: null })).toMatchObject({ looks: [], byThemselves: [] }))
  it('a zone that failed today is not passed with the rest', () => {
    const [first] = judged().outfit
    const failed = { passes: false, requirement: first!.requirement, at: NOW, validUntil: ENDS }
    const outfit = door({ zones: { [first!.zone]: failed } }).looks.find(({ of }) => 'part' in of && of.part === 'outfit')
    expect(JSON.stringify(outfit!.command.payload)).not.toContain(`"${first!.zone}"`)
  })
  it('at the bay is what was not looked at today; what is tagged out, or cannot be said in a word, is not', () => {
    const due = (items: readonly KitItem[]) => bayLooks('bay-1', judged().byId, items, BUILT_IN_LISTS, TODAY)
    const tags = ({ looks, byThemselves }: ReturnType<typeof due>) => [
      looks.map(({ of }) => ('tag' in of ? of.tag : of.part)), byThemselves,
    ]
    expect(tags(due([thing()]))).toEqual([['M-1', 'fire'], []])
    // Every look names a stream that the door knows.
    for (const { streamId } of due([thing()]).looks) expect(streamIdSchema.safeParse(streamId).success, streamId).toBe(true)
    expect(tags(due([thing({ taggedOut: { reason: 'cord', checks: [] } })]))).toEqual([['fire'], []])
    expect(tags(due([thing({ tag: 'H-9', kind: 'helmet' })]))).toEqual([['fire'], ['H-9']])
    const looked = { 'arc-machine.before-use': { passedOn: TODAY, eventsSince: [], doneAt: NOW } }
    expect(tags(due([thing({ lists: looked })]))).toEqual([['fire'], []])
    // What fell is looked at for that.
    const fell = { 'arc-machine.before-use': { passedOn: TODAY, eventsSince: ['dropped'], doneAt: NOW } } as const
    expect(tags(due([thing({ lists: fell })]))).toEqual([['fire'], ['M-1']])
    // Yesterday's look is none.
    const yesterday = { 'arc-machine.before-use': { ...looked['arc-machine.before-use'], passedOn: '2026-11-22' } }
    expect(tags(due([thing({ lists: yesterday })]))).toEqual([['M-1', 'fire'], []])
  })
})

describe('which other bay can take a job', () => {
  const job: Job = { ...TIG_JOB }
  const { facts } = factsFromTold(twoBayShop(true))
  const views = viewsOf(joinFacts(facts))
  const other = (bayId: string) => {
    const bay = facts.site.bays.find(one => one.bayId === bayId)!
    return { bay, station: { ...EMPTY_STATION, ...facts.stations[bayId] }, view: views(bay) }
  }
  const takers = (others: readonly ReturnType<typeof other>[], of = job) => whereElse(of, 'runa-okafor', others)
  it('is one where air, gas and machine are there, whatever looks are due; never one where any of them lacks, or that is stopped', () => {
    const [one, gate] = [other('bay-1'), other('gate-3')]
    expect(takers([one, gate])).toEqual([{ bayId: 'bay-1', isFree: false }])
    expect(takers([{ ...one, station: { ...one.station, personId: null } }])).toEqual([{ bayId: 'bay-1', isFree: true }])
    expect(takers([{ ...one, station: { ...one.station, extractionCheck: null } }])).toHaveLength(1)
    expect(takers([{ ...one, station: { ...one.station, stop: { at: NOW, by: 'kit', reason: null } } }])).toEqual([])
    expect(takers([{ ...one, view: { ...one.view, kit: NO_KIT } }])).toEqual([])
    expect(takers([{ ...one, view: { ...one.view, air: UNKNOWN_AIR } }])).toEqual([])
    expect(takers([one], { ...job, shieldingGas: 'argon-co2', process: 'gmaw' })).toEqual([])
  })
})

describe('a class on bays', () => {
  const bays = (...people: (string | null)[]) => people.map((personId, i) => ({ bayId: `bay-${i + 1}`, personId }))
  const all = () => true
  it('each to their own, the rest in order to what is free, nobody sent away', () => {
    const comers = [{ personId: 'a', bayId: null }, { personId: 'b', bayId: 'bay-3' }, { personId: 'c', bayId: 'bay-2' }]
    expect(placeClass(bays(null, 'x', null, null), comers, all)).toEqual({ people: { 'bay-3': 'b', 'bay-1': 'a', 'bay-4': 'c' }, left: [] })
  })
  it('whoever stands there stays, whoever is on watch is left, and so is whom there is no bay for', () => {
    const comers = ['a', 'b', 'c', 'd'].map(personId => ({ personId, bayId: null }))
    expect(placeClass(bays('a', null), comers, id => id !== 'b')).toEqual({ people: { 'bay-2': 'c' }, left: ['b', 'd'] })
  })
  it('stands nobody at two bays, two at one, or anybody where somebody is', () => {
    const ids = fc.constantFrom('a', 'b', 'c', 'd', 'e')
    fc.assert(fc.property(
      fc.array(fc.option(ids), { maxLength: 6 }),
      fc.uniqueArray(fc.record({ personId: ids, bayId: fc.option(fc.constantFrom('bay-1', 'bay-2', 'bay-9')) }), {
        selector: ({ personId }) => personId,
      }),
      (people, comers) => {
        const open = bays(...people)
        const plan = placeClass(open, comers, all)
        const placed = Object.values(plan.people)
        expect(new Set(placed).size).toBe(placed.length)
        for (const [bayId, personId] of Object.entries(plan.people)) {
          expect(open.find(bay => bay.bayId === bayId)?.personId).toBeNull()
          expect(people).not.toContain(personId)
        }
      },
    ))
  })
})
