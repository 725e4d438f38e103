import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { exchanged, placedIn, slotsOf } from '#core/opening/class-slots'

const PLAN = { people: { 'bay-1': 'ada', 'bay-3': 'bo' }, left: ['cy'] }
const SLOTS = slotsOf(PLAN, ['bay-1', 'bay-2', 'bay-3'])

describe('a class placed by hand', () => {
  it('begins as it was planned, with empty bays and whoever is left over', () => {
    expect(SLOTS.map(({ bayId, personId }) => `${bayId} ${personId}`)).toEqual(['bay-1 ada', 'bay-2 null', 'bay-3 bo', 'null cy'])
    expect(placedIn(SLOTS)).toEqual(PLAN.people)
  })
  it('somebody goes to an empty bay, two exchange theirs, and one who was left over takes the bay of another', () => {
    expect(placedIn(exchanged(SLOTS, 0, 1))).toEqual({ 'bay-2': 'ada', 'bay-3': 'bo' })
    expect(placedIn(exchanged(SLOTS, 0, 2))).toEqual({ 'bay-1': 'bo', 'bay-3': 'ada' })
    expect(placedIn(exchanged(SLOTS, 3, 2))).toEqual({ 'bay-1': 'ada', 'bay-3': 'cy' })
  })
  it('whatever is exchanged, everybody is there once and no bay is lost', () => {
    fc.assert(fc.property(fc.array(fc.tuple(fc.integer({ min: -1, max: 6 }), fc.integer({ min: -1, max: 6 }))), (moves) => {
      const after = moves.reduce((slots, [a, b]) => exchanged(slots, a, b), SLOTS)
      expect(after.map(({ bayId }) => bayId)).toEqual(SLOTS.map(({ bayId }) => bayId))
      expect(after.flatMap(({ personId }) => personId ?? []).sort()).toEqual(['ada', 'bo', 'cy'])
    }))
  })
})
