import type { LaserPieceId } from '../ids/laser-ids'
import type { HallPlan, Spot } from '../streams/hall/hall-plan'
import { endsOf, towards } from '../streams/hall/on-plan'
import type { LaserHazard } from './laser-hazard'

// Where a beam that is thrown back ends, seen from above: at a wall, at a barrier that bears it, or nowhere before somebody's eye.

/** Which way the torch points on the plan of its hall, and how the work lies before it. */
export interface LaserAim { readonly towardsDeg: number, readonly piece: LaserPieceId }

/** Where a laser works on the plan of its hall, and where else somebody may stand. */
export interface LaserGround {
  readonly plan: HallPlan
  readonly spot: Spot
  readonly others: readonly (Spot & { readonly label: string })[]
  /** Other bays of the hall of which nobody said where they stand, by what they are called. */
  readonly unplaced: readonly string[]
}

/** One line of what is thrown back: where it ends, or how far it harms an eye where nothing ends it before. */
export interface BeamRay {
  readonly towardsDeg: number
  readonly lengthM: number
  /** It meets a way out before it is harmless. */
  readonly leaves: boolean
}

export interface BeamCourse {
  /** False where the laser stands at the edge of what is drawn or outside of it: nothing can be said then. */
  readonly isOnPlan: boolean
  /** In order of direction: what may be thrown back, seen from above. */
  readonly fan: readonly BeamRay[]
  /** How many ways out it reaches, and how far off the nearest is; null where it reaches none. */
  readonly waysOut: { readonly count: number, readonly nearestM: number } | null
  /** Other bays from which it is seen, by what they are called. */
  readonly baysInReach: readonly string[]
}

/**
 * How far to each side of the torch's direction, seen from above, work throws a beam back, degrees: flat work on ahead, upright work back
 * at whoever holds the torch, to every side. A hand turns a torch; nobody publishes by how much.
 */
const THROWN: Readonly<Record<LaserPieceId, { readonly turnedDeg: number, readonly spreadDeg: number }>> = {
  flat: { turnedDeg: 0, spreadDeg: 60 },
  upright: { turnedDeg: 180, spreadDeg: 90 },
  any: { turnedDeg: 0, spreadDeg: 180 },
}
/** A door is drawn on its wall, or a hand's breadth beside it, m. */
const BESIDE_WALL_M = 0.3
/** Whoever works at a bay stands round its spot, m. */
const ROUND_SPOT_M = 1
/** Looked along besides the ends of all that is drawn: what crosses something else ends nowhere at its own end. */
const STEP_DEG = 1
/** To both sides of an end, degrees: past it the beam goes on. */
const PAST_END_DEG = 1e-4

interface Line { readonly from: Spot, readonly to: Spot }

const directionOf = (from: Spot, to: Spot): number => Math.atan2(to.yM - from.yM, to.xM - from.xM) * 180 / Math.PI
/** The difference of two directions, degrees, over -180 to 180. */
const turnFrom = (deg: number, other: number): number => {
  const turn = ((other - deg) % 360 + 360) % 360
  return turn > 180 ? turn - 360 : turn
}
const distanceOf = (one: Spot, other: Spot): number => Math.hypot(one.xM - other.xM, one.yM - other.yM)

/** How far along a direction a line is met, m; null where it is not. */
function metAtM(from: Spot, towardsDeg: number, { from: a, to: b }: Line): number | null {
  const ahead = towards({ xM: 0, yM: 0 }, towardsDeg, 1)
  const [lineX, lineY] = [b.xM - a.xM, b.yM - a.yM]
  const cross = ahead.xM * lineY - ahead.yM * lineX
  if (Math.abs(cross) < 1e-12) return null
  const [toX, toY] = [a.xM - from.xM, a.yM - from.yM]
  const alongM = (toX * lineY - toY * lineX) / cross
  const part = (toX * ahead.yM - toY * ahead.xM) / cross
  // A wall that is drawn through the very spot ends nothing: it would end everything.
  return alongM > 1e-9 && part >= 0 && part <= 1 ? alongM : null
}

function distanceToLineM(spot: Spot, { from, to }: Line): number {
  const [lineX, lineY] = [to.xM - from.xM, to.yM - from.yM]
  const squared = lineX ** 2 + lineY ** 2
  const part = squared === 0 ? 0 : ((spot.xM - from.xM) * lineX + (spot.yM - from.yM) * lineY) / squared
  const within = Math.min(1, Math.max(0, part))
  return distanceOf(spot, { xM: from.xM + within * lineX, yM: from.yM + within * lineY })
}

/** What ends a beam on a plan, and what lets it out. A screen against arcs is neither: it goes through. */
function drawnOn({ outline, things }: HallPlan): { readonly solid: readonly Line[], readonly doors: readonly Line[] } {
  const lineOf = (thing: HallPlan['things'][number]): Line => {
    const [from, to] = endsOf(thing)
    return { from, to }
  }
  const { xM, yM, lengthM, widthM } = outline
  const corners: readonly Spot[] = [
    { xM, yM }, { xM: xM + lengthM, yM }, { xM: xM + lengthM, yM: yM + widthM }, { xM, yM: yM + widthM },
  ]
  return {
    solid: [
      ...corners.map((from, i) => ({ from, to: corners[(i + 1) % corners.length]! })),
      ...things.filter(({ kind }) => kind === 'wall' || kind === 'laser-barrier').map(lineOf),
    ],
    doors: things.filter(({ kind }) => kind === 'door').map(lineOf),
  }
}

/**
 * Where what a laser's work throws back can go, seen from above: which ways out and which other bays it reaches while it still harms an
 * eye. Straight it is counted as strong as it came (a mirror's reflection); off a matt face it reaches every side, less far. A door counts
 * as a way out, shut or not; a screen against arcs stops nothing, for it is no barrier for a laser.
 * Source: `laserDistance`; how a beam is thrown back: common practice, no source.
 *
 * Heights are not drawn: what goes over a barrier is not seen here, and is looked at in the cell.
 *
 * @param aim left out: nobody said, and it may go to every side
 */
export function beamCourse(
  { plan, spot, others }: LaserGround,
  { eyeHazardDistanceM, diffuseEyeDistanceM = 0 }: Pick<LaserHazard, 'eyeHazardDistanceM' | 'diffuseEyeDistanceM'>,
  aim: LaserAim | undefined,
): BeamCourse {
  const { xM, yM, lengthM: longM, widthM: deepM } = plan.outline
  const isOnPlan = spot.xM > xM && spot.xM < xM + longM && spot.yM > yM && spot.yM < yM + deepM
  if (!isOnPlan) return { isOnPlan, fan: [], waysOut: null, baysInReach: [] }
  const { solid, doors } = drawnOn(plan)
  const { turnedDeg, spreadDeg } = THROWN[aim?.piece ?? 'any']
  const middleDeg = (aim?.towardsDeg ?? 0) + turnedDeg
  const isThrown = (deg: number): boolean => Math.abs(turnFrom(middleDeg, deg)) <= spreadDeg

  /** The first that is met in a direction: how far off, and which door, if it is one or one stands in it. */
  function endIn(deg: number): { readonly atM: number, readonly door: number | null } {
    let atM = Infinity
    let door: number | null = null
    for (const line of solid) {
      const met = metAtM(spot, deg, line)
      if (met === null || met >= atM) continue
      atM = met
      const where = towards(spot, deg, met)
      const through = doors.findIndex(one => distanceToLineM(where, one) <= BESIDE_WALL_M)
      door = through === -1 ? null : through
    }
    for (const [index, line] of doors.entries()) {
      const met = metAtM(spot, deg, line)
      if (met !== null && met < atM) [atM, door] = [met, index]
    }
    return { atM, door }
  }

  const ends = [...solid, ...doors].flatMap(({ from, to }) => [from, to])
    .map(end => directionOf(spot, end))
    .flatMap(deg => [deg - PAST_END_DEG, deg, deg + PAST_END_DEG])
    .map(deg => turnFrom(middleDeg, deg))
    .filter(turn => Math.abs(turn) <= spreadDeg)
  const steps = Array.from({ length: 2 * spreadDeg / STEP_DEG + 1 }, (_, i) => i * STEP_DEG - spreadDeg)
  const turns = [...new Set([...ends, ...steps])].sort((one, other) => one - other)

  /** How far off each door is that it reaches. */
  const out = new Map<number, number>()
  const fan = turns.map((turn): BeamRay => {
    const towardsDeg = middleDeg + turn
    const { atM, door } = endIn(towardsDeg)
    const leaves = door !== null && atM <= eyeHazardDistanceM
    if (leaves) out.set(door, Math.min(out.get(door) ?? Infinity, atM))
    return { towardsDeg, lengthM: Math.min(eyeHazardDistanceM, atM), leaves }
  })

  const round = Array.from({ length: 8 }, (_, i) => i * 45)
  const isInReach = (other: Spot): boolean => [other, ...round.map(deg => towards(other, deg, ROUND_SPOT_M))].some((where) => {
    const [deg, far] = [directionOf(spot, where), distanceOf(spot, where)]
    const isLit = far <= diffuseEyeDistanceM || (far <= eyeHazardDistanceM && isThrown(deg))
    return isLit && far <= endIn(deg).atM
  })
  return {
    isOnPlan,
    fan,
    waysOut: out.size === 0 ? null : { count: out.size, nearestM: Math.min(...out.values()) },
    baysInReach: others.filter(isInReach).map(({ label }) => label),
  }
}
