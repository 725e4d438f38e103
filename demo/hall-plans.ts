import type { HallPlan, PlanKind, PlanThing } from '#core/streams/hall/hall-plan'

/** Feet, as the yard measures its halls. */
const ft = (feet: number): number => Math.round(feet * 3048) / 10_000
/** A thing on a plan: what, where, which way, how long. */
const drawn = (kind: PlanKind, alongFt: number, acrossFt: number, towardsDeg: number, longFt: number): PlanThing =>
  ({ kind, xM: ft(alongFt), yM: ft(acrossFt), towardsDeg, lengthM: ft(longFt) })
const screen = (alongFt: number, acrossFt: number): PlanThing => drawn('screen', alongFt, acrossFt, 90, 10)

/** Bays of the gate hall stand along two walls, each arm behind its arc; a gate to the yard lets a draught in. */
export const HALL_PLANS: Readonly<Record<string, HallPlan>> = {
  'gate-hall': {
    outline: { xM: 0, yM: 0, lengthM: ft(96), widthM: ft(50) },
    things: [
      drawn('door', 96, 25, 90, 16), drawn('door', 8, 50, 0, 4),
      drawn('wall', 21, 5, 90, 10),
      screen(38, 10), screen(54, 10), screen(70, 10), screen(54, 36), screen(70, 36),
      drawn('blows-in', 0, 25, 0, 4), drawn('draws-out', 79, 50, 90, 4),
      drawn('draught', 86, 25, 180, 6),
      drawn('duct-fan', 87, 3, 0, 4),
    ],
    ductsAt: { main: { xM: ft(54), yM: ft(3) } },
    hoodsTowardsDeg: { 'bay-1': 270, 'bay-3': 270, 'bay-4': 270, 'bay-5': 270, 'bay-7': 90 },
  },
}
