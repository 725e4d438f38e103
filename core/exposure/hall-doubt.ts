import type { Job } from '../job/job'
import type { HeadId } from '../ids/vocabulary'
import type { Range } from '../range'
import { exactly, NOTHING } from '../range'
import { isJet } from '../ventilation/capture'

/** How far what is told of a hall may be from what is so: each a factor of it, its 5th, 50th and 95th percentile. */
export interface HallDoubt {
  /** Of the air speed at the bays: what dilutes a plume, and what a hood works against. */
  readonly draught: Range
  /** Of the radius of the near field. */
  readonly nearField: Range
  /** Of the air blown in. */
  readonly supply: Range
  /** Of what the hall holds where somebody stands: no hall is mixed evenly. */
  readonly mixing: Range
  /** Of the minutes of arc in an hour. */
  readonly arcTime: Range
  /** What of the ozone in a hall is gone in an hour on its walls and its dust, parts of it an hour: no factor. Nothing: it stays. */
  readonly ozoneDecayPerH: Range
}

/** Taken as told, to the digit: for what is compared with a worked example. */
export const CERTAIN: HallDoubt = {
  draught: exactly(1), nearField: exactly(1), supply: exactly(1), mixing: exactly(1), arcTime: exactly(1),
  ozoneDecayPerH: NOTHING,
}

/** What a gate counts. Sources: `hallDoubt`, `stillAir`, `ozoneDecay`. */
export const USUAL_DOUBT: HallDoubt = {
  // One reading of a draught that comes and goes; surveys found 0.06 to 0.3 m/s from shop to shop.
  draught: { low: 0.5, mid: 1, high: 1.6 },
  // 0.3 to 0.8 m are usual about half a metre.
  nearField: { low: 0.7, mid: 1, high: 1.4 },
  supply: { low: 0.8, mid: 1, high: 1.15 },
  mixing: { low: 0.6, mid: 1, high: 2 },
  arcTime: { low: 0.75, mid: 1, high: 1.25 },
  // 2 to 6 indoors, 3 as a rule; found in rooms with more surface than a hall has, so half the low end counts as possible.
  ozoneDecayPerH: { low: 1, mid: 3, high: 6 },
}

/**
 * What of their own near field somebody breathes, beyond what the hall holds: its fume is not spread through it evenly, who keeps out of
 * the plume breathes less than its mean and who leans into it more, and a helmet keeps some of it off.
 */
export interface Posture {
  /** Over a shift. */
  readonly shift: Range
  /** Over one run of the arc: for so long a head may well stay in the plume. */
  readonly run: Range
}

/** The near field mixed through, as the two zones have it. */
export const MIXED: Posture = { shift: exactly(1), run: exactly(1) }

/**
 * In the plume and out of it are a factor of 3 to 10 apart, and inside a helmet is 30 to 70 % of what is outside. Where nobody watched, all
 * of it may be. Source: `posture`.
 */
export const ANY_POSTURE: Posture = { shift: { low: 0.08, mid: 0.25, high: 1 }, run: { low: 0.2, mid: 0.6, high: 1.5 } }
const SEEN: Readonly<Record<Exclude<HeadId, 'not-watched'>, Posture>> = {
  'in-plume': { shift: { low: 0.3, mid: 0.7, high: 1.5 }, run: { low: 0.5, mid: 1, high: 2 } },
  'beside-plume': { shift: { low: 0.08, mid: 0.22, high: 0.7 }, run: { low: 0.2, mid: 0.5, high: 1.2 } },
  'out-of-plume': { shift: { low: 0.05, mid: 0.1, high: 0.4 }, run: { low: 0.1, mid: 0.25, high: 0.8 } },
}
/** A jet throws most of its fume past whoever cuts. Source: `posture`. */
export const BEHIND_A_JET: Posture = { shift: { low: 0.02, mid: 0.1, high: 0.6 }, run: { low: 0.06, mid: 0.3, high: 1.2 } }

const worse = (a: Range, b: Range): Range => ({ low: Math.max(a.low, b.low), mid: Math.max(a.mid, b.mid), high: Math.max(a.high, b.high) })
const worseOf = (a: Posture, b: Posture): Posture => ({ shift: worse(a.shift, b.shift), run: worse(a.run, b.run) })

/**
 * How somebody stands to the plume of their job. Overhead, and where there is no room to step aside, nobody keeps out of it for long: what
 * is said there can only make it worse. In pencil nobody has said it. Shares of the near field, 1 where it is mixed through.
 * Source: `posture`.
 */
export function postureOf({ process, head, position, confinement, assumed }: Job): Posture {
  const isSaid = head !== undefined && head !== 'not-watched' && !assumed?.includes('head')
  const usual = isJet(process) ? BEHIND_A_JET : ANY_POSTURE
  if (!isSaid) return usual
  const isFree = position !== undefined && position !== 'overhead' && confinement === 'open'
  return isFree && !isJet(process) ? SEEN[head] : worseOf(usual, SEEN[head])
}
