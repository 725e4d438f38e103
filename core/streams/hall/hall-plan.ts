// How a hall is drawn: where its walls, doors and fans stand. What is judged by it: where a laser's beam may end, and of
// its air how long it is.

/** What is drawn of a hall besides its bays. */
export const PLAN_KINDS = ['wall', 'screen', 'laser-barrier', 'door', 'blows-in', 'draws-out', 'draught', 'duct-fan'] as const
export type PlanKind = typeof PLAN_KINDS[number]

/** A spot on the grid of a hall, m. */
export interface Spot { readonly xM: number, readonly yM: number }

/** One thing on a plan: its middle, the way it lies or blows, and how long it is. */
export interface PlanThing extends Spot {
  readonly kind: PlanKind
  /** 0 is along the grid, 90 across it; a wall lies that way, a fan or a draught blows that way. */
  readonly towardsDeg: number
  readonly lengthM: number
}

export interface HallPlan {
  /** The corner of the hall nearest the grid's origin, and how far it reaches, m. */
  readonly outline: Spot & { readonly lengthM: number, readonly widthM: number }
  readonly things: readonly PlanThing[]
  /** Where ducts meet that have no hood at their end, by their name. */
  readonly ductsAt: Readonly<Record<string, Spot>>
  /** The side of its arc on which the hood of a bay stands; left out: nobody said. */
  readonly hoodsTowardsDeg: Readonly<Record<string, number>>
}

export const PLAN_LIMITS = {
  gridM: { min: -1000, max: 1000 },
  outlineM: { min: 1, max: 500 },
  lengthM: { min: 0.1, max: 500 },
  towardsDeg: { min: 0, max: 360 },
  things: 200,
  /** Meeting points of ducts: no system has more. */
  meetings: 120,
} as const
