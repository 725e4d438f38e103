import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { LASER_PIECES } from '#core/ids/laser-ids'
import { beamCourse } from '#core/laser/beam-course'
import type { LaserAim, LaserGround } from '#core/laser/beam-course'
import type { PlanKind, PlanThing } from '#core/streams/hall/hall-plan'

// Plane geometry worked by hand: a hall of 20 x 12 m, the laser in its middle, a door of 2 m in its right wall, 10 m off.
const SPOT = { xM: 10, yM: 6 }
const HAZARD = { eyeHazardDistanceM: 123.6, diffuseEyeDistanceM: 3.09 }
const thing = (kind: PlanKind, xM: number, yM: number, towardsDeg: number, lengthM: number): PlanThing =>
  ({ kind, xM, yM, towardsDeg, lengthM })
const DOOR = thing('door', 20, 6, 90, 2)
const ground = (things: readonly PlanThing[] = [DOOR], others: LaserGround['others'] = [], spot = SPOT): LaserGround => ({
  plan: { outline: { xM: 0, yM: 0, lengthM: 20, widthM: 12 }, things, ductsAt: {}, hoodsTowardsDeg: {} }, spot, others, unplaced: [],
})
const aim = (towardsDeg: number, piece: LaserAim['piece'] = 'flat'): LaserAim => ({ towardsDeg, piece })
const waysOut = (things: readonly PlanThing[], how: LaserAim | undefined, hazard = HAZARD) =>
  beamCourse(ground(things), hazard, how).waysOut
const inReach = (xM: number, yM: number, things: readonly PlanThing[], how: LaserAim | undefined) =>
  beamCourse(ground(things, [{ label: '2', xM, yM }]), HAZARD, how).baysInReach

describe('by what input would a reflection that leaves read as one that ends', () => {
  it('a door ahead of flat work, behind the torch at upright work; neither to its side', () => {
    expect(waysOut([DOOR], aim(0))).toEqual({ count: 1, nearestM: 10 })
    expect(waysOut([DOOR], aim(180, 'upright'))).toEqual({ count: 1, nearestM: 10 })
    expect(waysOut([DOOR], aim(90))).toBeNull()
    expect(waysOut([DOOR], aim(0, 'upright'))).toBeNull()
  })
  it('nobody said which way it points: it goes to every side', () => expect(waysOut([DOOR], undefined)).toEqual({ count: 1, nearestM: 10 }))
  it('a barrier or a wall before the door ends it, and a screen against arcs does not', () => {
    expect(waysOut([DOOR, thing('laser-barrier', 15, 6, 90, 4)], aim(0))).toBeNull()
    expect(waysOut([DOOR, thing('wall', 15, 6, 90, 4)], aim(0))).toBeNull()
    expect(waysOut([DOOR, thing('screen', 15, 6, 90, 4)], aim(0))).not.toBeNull()
  })
  // Half of the door is 1 m, and a hand more: 0.65 m at half of the way. A centimetre less lets the beam by, a tenth of a degree.
  it('a barrier that is a centimetre short', () => {
    expect(waysOut([DOOR, thing('laser-barrier', 15, 6, 90, 1.28)], aim(0))).not.toBeNull()
    expect(waysOut([DOOR, thing('laser-barrier', 15, 6, 90, 1.32)], aim(0))).toBeNull()
  })
  it('a door drawn a hand beside its wall, inside or outside of it', () => {
    for (const xM of [19.8, 20.2]) expect(waysOut([thing('door', xM, 6, 90, 2)], aim(0))?.count).toBe(1)
  })
  it('a narrow way between two steps of the look', () =>
    expect(waysOut([thing('door', 20, 6.09, 90, 0.1), thing('wall', 19, 6, 90, 0.1)], aim(0))).not.toBeNull())
  it('a wall drawn through the laser itself ends nothing', () => {
    for (const deg of [0, 45, 90]) expect(waysOut([DOOR, thing('wall', 10, 6, deg, 1)], aim(0))).not.toBeNull()
  })
  it('on the edge of what is drawn, or outside of it, nothing is said', () => {
    for (const xM of [-1, 0, 20, 25]) expect(beamCourse(ground([], [], { xM, yM: 6 }), HAZARD, aim(0)).isOnPlan).toBe(false)
    expect(beamCourse(ground(), HAZARD, aim(0)).isOnPlan).toBe(true)
  })
})

describe('who else it reaches', () => {
  it('ahead of flat work, however far in the hall; not behind it but off a matt face', () => {
    expect(inReach(18, 6, [], aim(0))).toEqual(['2'])
    expect(inReach(18, 6, [], aim(180))).toEqual([])
    // Whoever stands a metre nearer than the spot of a bay 4 m off is within the 3.09 m of a matt face.
    expect(inReach(14, 6, [], aim(180))).toEqual(['2'])
  })
  it('behind a wall or a barrier it reaches nobody, behind a screen against arcs it does', () => {
    expect(inReach(14, 6, [thing('laser-barrier', 12, 6, 90, 10)], aim(0))).toEqual([])
    expect(inReach(14, 6, [thing('wall', 12, 6, 90, 10)], aim(0))).toEqual([])
    expect(inReach(14, 6, [thing('screen', 12, 6, 90, 10)], aim(0))).toEqual(['2'])
    // As wide as the spot alone is hidden: whoever stands beside it is not.
    expect(inReach(14, 6, [thing('laser-barrier', 12, 6, 90, 0.6)], aim(0))).toEqual(['2'])
  })
})

it('a weak beam is harmless before it gets out', () => {
  const weak = { eyeHazardDistanceM: 4, diffuseEyeDistanceM: 0.2 }
  expect(waysOut([DOOR], undefined, weak)).toBeNull()
  const { fan } = beamCourse(ground(), weak, undefined)
  for (const { lengthM } of fan) expect(lengthM).toBe(4)
})

const things = fc.array(fc.record<PlanThing>({
  kind: fc.constantFrom<PlanKind>('wall', 'screen', 'laser-barrier', 'door'),
  xM: fc.integer({ min: 0, max: 20 }), yM: fc.integer({ min: 0, max: 12 }),
  towardsDeg: fc.integer({ min: 0, max: 359 }), lengthM: fc.integer({ min: 1, max: 8 }),
}), { maxLength: 6 })
const aims = fc.option(fc.record<LaserAim>({
  towardsDeg: fc.integer({ min: 0, max: 360 }), piece: fc.constantFrom(...LASER_PIECES),
}), { nil: undefined })
const others = [{ label: '2', xM: 16.3, yM: 3.2 }, { label: '3', xM: 3.1, yM: 9.7 }]

it('one more barrier never lets anything out that ended before, nor does it bring anybody in reach', () => {
  fc.assert(fc.property(things, aims, fc.integer({ min: 1, max: 19 }), fc.integer({ min: 0, max: 359 }), (drawn, how, xM, deg) => {
    const before = beamCourse(ground(drawn, others), HAZARD, how)
    const after = beamCourse(ground([...drawn, thing('laser-barrier', xM + 0.13, 4.7, deg, 3)], others), HAZARD, how)
    expect(after.waysOut?.count ?? 0).toBeLessThanOrEqual(before.waysOut?.count ?? 0)
    for (const bay of after.baysInReach) expect(before.baysInReach).toContain(bay)
  }))
})

it('a stronger beam reaches no less, and to say which way it points never adds anything', () => {
  fc.assert(fc.property(things, aims, fc.double({ min: 0.5, max: 30, noNaN: true }), (drawn, how, eyeHazardDistanceM) => {
    const weak = beamCourse(ground(drawn, others), { eyeHazardDistanceM, diffuseEyeDistanceM: eyeHazardDistanceM / 40 }, how)
    const strong = beamCourse(ground(drawn, others), HAZARD, how)
    const anyhow = beamCourse(ground(drawn, others), HAZARD, undefined)
    expect(strong.waysOut?.count ?? 0).toBeGreaterThanOrEqual(weak.waysOut?.count ?? 0)
    expect(anyhow.waysOut?.count ?? 0).toBeGreaterThanOrEqual(strong.waysOut?.count ?? 0)
    for (const bay of weak.baysInReach) expect(strong.baysInReach).toContain(bay)
    for (const bay of strong.baysInReach) expect(anyhow.baysInReach).toContain(bay)
  }))
})
