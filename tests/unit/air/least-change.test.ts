import { describe, expect, it } from 'vitest'
import { dayQuestion } from '#core/air/air-facts'
import { judgedDay } from '#core/air/judged-day'
import { leastChanges, leastTogether } from '#core/air/least-change'
import type { LeastChange } from '#core/air/least-change'
import type { DayQuestion } from '#core/air/person-day'
import type { WhatIf } from '#core/air/what-if'
import { tryOut } from '#core/air/what-if'
import type { Station } from '#core/streams/station/station'
import { facts, ready, RULES, STICK } from './air-of-a-shop'

// What it would take: each just enough, and one step less is not.

const dayOf = (stations: Record<string, Station>, over: Parameters<typeof facts>[1] = {}): DayQuestion =>
  dayQuestion(facts(stations, over), 'one')!
const fractionOf = (question: DayQuestion, change: WhatIf): number =>
  judgedDay({ ...question, hall: tryOut(question.hall, 'one', change) }, RULES)!.exposure.fraction!
const one = (found: readonly LeastChange[], kind: LeastChange['kind']) => found.find(least => least.kind === kind)!

describe('the least that keeps somebody under', () => {
  const FAR = { placement: 'beside', distanceM: 0.35 } as const
  const busy = { one: ready({ job: { ...STICK, arcMinPerH: 8 }, hoodPosition: FAR }) }
  it('is nothing where nobody is over, and where there is no job', () => {
    expect(leastChanges(dayOf({ one: ready() }), RULES)).toEqual([])
    expect(leastChanges({ ...dayOf(busy), bayId: 'elsewhere' }, RULES)).toEqual([])
  })
  it('is just enough of each, as the gate judges: a step less is over', () => {
    const question = dayOf(busy)
    const found = leastChanges(question, RULES)
    expect(found.map(({ kind }) => kind)).toEqual(['distance', 'flow', 'arc'])
    for (const { change, fractionAfter } of found) {
      expect(fractionAfter).toBeLessThanOrEqual(RULES.actionFraction)
      expect(fractionOf(question, change)).toBeCloseTo(fractionAfter, 9)
    }
    const { distanceM } = one(found, 'distance').change
    expect(fractionOf(question, { distanceM: distanceM! + 0.01, placement: 'beside' })).toBeGreaterThan(RULES.actionFraction)
    const { arcMinPerH } = one(found, 'arc').change
    expect(fractionOf(question, { arcMinPerH: arcMinPerH! + 1 })).toBeGreaterThan(RULES.actionFraction)
  })
  it('is told cheapest first by what the site says that each costs, and what nobody priced after that: nothing else changes', () => {
    const question = dayOf(busy)
    const inOrder = (changeCosts: (typeof RULES)['changeCosts']) => leastChanges(question, { ...RULES, changeCosts })
    const kindsOf = (found: readonly LeastChange[]) => found.map(({ kind }) => kind)
    expect(kindsOf(inOrder({ arc: 1, distance: 5 }))).toEqual(['arc', 'distance', 'flow'])
    expect(kindsOf(inOrder({ flow: 0 }))).toEqual(['flow', 'distance', 'arc'])
    for (const least of leastChanges(question, RULES)) expect(inOrder({ arc: 1, flow: 0 })).toContainEqual(least)
  })
  it('counts the other arcs of the hall, and leaves out what is not enough at its most', () => {
    const others = Object.fromEntries(['a', 'b', 'c', 'd', 'e', 'f'].map(id =>
      [id, ready({ personId: id, job: { ...STICK, arcMinPerH: 6 }, hoodPosition: { placement: 'beside', distanceM: 0.2 } })]))
    const at = (arcMinPerH: number) => dayOf({ one: ready({ job: { ...STICK, arcMinPerH }, hoodPosition: FAR }), ...others })
    const crowded = leastChanges(at(7), RULES)
    expect(one(crowded, 'others').change.othersShare).toBeLessThan(1)
    // Somebody over by their own arc alone is not helped by others' stopping.
    expect(leastChanges(at(20), RULES).map(({ kind }) => kind)).not.toContain('others')
  })
  it('takes together no more of each than it takes beside the others', () => {
    const question = dayOf({
      one: ready({ job: { ...STICK, coating: 'zinc' }, hoodPosition: { placement: 'beside', distanceM: 0.55 } }),
    })
    expect(leastChanges(question, RULES).map(({ kind }) => kind)).not.toContain('strip')
    const { change, changes, fractionAfter } = leastTogether(question, RULES)!
    expect(changes.map(({ kind }) => kind)).toEqual(['strip', 'distance'])
    expect(fractionAfter).toBeLessThanOrEqual(RULES.actionFraction)
    expect(fractionOf(question, change)).toBeCloseTo(fractionAfter, 9)
    for (const less of [{ strippedWidthMm: change.strippedWidthMm! - 1 }, { distanceM: change.distanceM! + 0.01 }])
      expect(fractionOf(question, { ...change, ...less })).toBeGreaterThan(RULES.actionFraction)
    expect(leastTogether(dayOf({ one: ready() }), RULES)).toBeNull()
    // What costs the site most is let back first: with stripping dearer than the hood's place, less of it is left.
    const dear = leastTogether(question, { ...RULES, changeCosts: { strip: 9, distance: 1 } })!
    expect(dear.changes.map(({ kind }) => kind)).toEqual(['distance', 'strip'])
    expect(dear.change.strippedWidthMm).toBeLessThanOrEqual(change.strippedWidthMm!)
    expect(dear.change.distanceM).toBeLessThanOrEqual(change.distanceM!)
  })
  it('strips no more than it takes', () => {
    const question = dayOf({ one: ready({ job: { ...STICK, coating: 'zinc', arcMinPerH: 3 } }) })
    const strip = one(leastChanges(question, RULES), 'strip')
    const { strippedWidthMm } = strip.change
    expect(strip.fractionAfter).toBeLessThanOrEqual(RULES.actionFraction)
    expect(fractionOf(question, { strippedWidthMm: strippedWidthMm! - 1 })).toBeGreaterThan(RULES.actionFraction)
  })
  it('blows in more where there is no hood', () => {
    const question = dayOf({ one: ready({ job: { ...STICK, arcMinPerH: 2 }, hoodPosition: null }) }, { extraction: null })
    for (const { kind } of leastChanges(question, RULES)) expect(['supply', 'arc']).toContain(kind)
  })
})
