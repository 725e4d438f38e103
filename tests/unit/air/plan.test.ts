import { describe, expect, it } from 'vitest'
import { directionDeg, endsOf, towards } from '#core/streams/hall/on-plan'
import { ductRuns, meetingDucts, outlineOf, seenFrom } from '../../../app/areas/hall/plan'
import type { HallPlan } from '#core/streams/hall/hall-plan'
import type { HallDucts } from '#core/ventilation/hall-ducts'

const PLAN: HallPlan = {
  outline: { xM: 0, yM: 0, lengthM: 20, widthM: 10 },
  things: [{ kind: 'duct-fan', xM: 18, yM: 1, towardsDeg: 0, lengthM: 1 }],
  ductsAt: { main: { xM: 10, yM: 1 } },
  hoodsTowardsDeg: {},
}
const duct = (id: string, into: string | null) =>
  ({ id, into, lengthM: 5, diameterM: 0.2, wall: 'galvanised', lossCoefficient: 1 }) as const
const DUCTS: HallDucts = {
  fan: [],
  ducts: [duct('main', null), duct('to 1', 'main'), duct('to 2', 'main')],
  hoods: [
    { bayId: 'one', ductId: 'to 1', entry: 'flanged-end', foundWith: 'all-open' },
    { bayId: 'two', ductId: 'to 2', entry: 'flanged-end', foundWith: 'all-open' },
  ],
}

describe('a hall on its grid', () => {
  it('ends where it was drawn, else three metres round its bays, else somewhere', () => {
    expect(outlineOf(PLAN, [{ xM: 90, yM: 90 }])).toEqual(PLAN.outline)
    expect(outlineOf(null, [{ xM: 4, yM: 3 }, { xM: 19, yM: 11 }])).toEqual({ xM: 1, yM: 0, lengthM: 21, widthM: 14 })
    expect(outlineOf(null, [])).toEqual({ xM: 0, yM: 0, lengthM: 10, widthM: 6 })
  })

  it('a bay that somebody put outside of it is in the picture all the same', () => {
    expect(seenFrom(PLAN.outline, [{ xM: 4, yM: 3 }])).toEqual(PLAN.outline)
    expect(seenFrom(PLAN.outline, [{ xM: -2, yM: 3 }, { xM: 5, yM: 14 }])).toEqual({ xM: -2, yM: 0, lengthM: 22, widthM: 14 })
  })

  it('a direction is measured from along the grid to across it, which is down on the plan', () => {
    expect(towards({ xM: 1, yM: 1 }, 0, 2)).toEqual({ xM: 3, yM: 1 })
    expect(towards({ xM: 1, yM: 1 }, 90, 2).yM).toBeCloseTo(3, 12)
    expect(directionDeg({ xM: 0, yM: 0 }, { xM: 0, yM: -1 }, 15)).toBe(270)
    expect(directionDeg({ xM: 0, yM: 0 }, { xM: 1, yM: -0.01 }, 15)).toBe(0)
    expect(directionDeg({ xM: 0, yM: 0 }, { xM: -1, yM: 0.2 }, 15)).toBe(165)
    expect(endsOf({ kind: 'wall', xM: 5, yM: 5, towardsDeg: 0, lengthM: 4 })).toEqual([{ xM: 3, yM: 5 }, { xM: 7, yM: 5 }])
  })

  it('ducts run from their hoods to where they meet and on to the fan; what nobody placed is not drawn', () => {
    expect(meetingDucts(DUCTS)).toEqual(['main'])
    const at = (bayId: string) => bayId === 'one' ? { xM: 4, yM: 3 } : null
    expect(ductRuns(DUCTS, PLAN, at)).toEqual([
      { id: 'main', from: { xM: 10, yM: 1 }, to: PLAN.things[0] },
      { id: 'to 1', from: { xM: 4, yM: 3 }, to: { xM: 10, yM: 1 } },
    ])
    expect(ductRuns(DUCTS, { ...PLAN, things: [], ductsAt: {} }, at)).toEqual([])
  })
})
