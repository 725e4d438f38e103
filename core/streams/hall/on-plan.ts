import type { PlanThing, Spot } from './hall-plan'

// Directions and lengths on the grid of a hall.

/** Metres from one spot towards a direction, in degrees from along the grid to across it. */
export function towards({ xM, yM }: Spot, towardsDeg: number, m: number): Spot {
  const angle = towardsDeg * Math.PI / 180
  return { xM: xM + m * Math.cos(angle), yM: yM + m * Math.sin(angle) }
}

/** Both ends of what lies on a plan. */
export const endsOf = (thing: PlanThing): readonly [Spot, Spot] =>
  [towards(thing, thing.towardsDeg, -thing.lengthM / 2), towards(thing, thing.towardsDeg, thing.lengthM / 2)]

/** The direction from one spot to another, degrees, in whole steps, 0 to under 360. */
export function directionDeg(from: Spot, to: Spot, stepDeg: number): number {
  const angle = Math.atan2(to.yM - from.yM, to.xM - from.xM) * 180 / Math.PI
  return (Math.round(angle / stepDeg) * stepDeg + 360) % 360
}
