import type { Range } from '../range'
import { NOTHING } from '../range'
import type { ProcessId } from '../vocabulary/vocabulary'
import type { Hood } from './hood'
import { mouthAreaM2, mouthRadiusM, velocityAtMPerS } from './hood'
import { plumeAt, plumeHeatW, WEAK_PLUME_W } from './plume'

/** A hood at work: how far from the arc, in what draught, over which arc. */
export interface CaptureQuestion {
  readonly hood: Hood
  readonly distanceM: number
  readonly process: ProcessId
  readonly currentA?: number
  readonly crossDraughtMPerS: number
}

/** Logistic fall of capture with draught: the middle values, and the spread of their ends. Source: `captureModel`. */
const R50: Range = { low: 1.0, mid: 0.75, high: 0.5 }
const STEEPNESS = [3, 4, 6] as const

/**
 * Share captured where a hood draws `velocity` at the arc against `draught`, 0 to 1: η = 1/(1 + (r50·U/V)^m).
 * The low end takes the worst of the spread (r50 1.0; m 3 or 6, whichever is worse there).
 *
 * @example captureShare(0.5, 0.25).mid // 0.98061
 */
export function captureShare(velocityMPerS: number, draughtMPerS: number): Range {
  if (velocityMPerS <= 0) return NOTHING
  const at = (r50: number, m: number): number => 1 / (1 + (r50 * draughtMPerS / velocityMPerS) ** m)
  return {
    low: Math.min(...STEEPNESS.map(m => at(R50.low, m))),
    mid: at(R50.mid, 4),
    high: Math.max(...STEEPNESS.map(m => at(R50.high, m))),
  }
}

/** A plume rises away from a table: counted as a draught that leaves 95 % captured at 0.76 m/s through the grille. Source: `downdraft`. */
const RISE_AGAINST_TABLE_M_PER_S = 0.485

/** What a gun's own extraction takes at its working flow. Source: `gunExtraction`. */
const GUN_SHARE: Range = { low: 0.7, mid: 0.85, high: 0.95 }
const GUN_FLOW_M3_PER_S = 60 / 3600

/** The most that a hood over a plume receives, even in still air. */
const RECEIVED_AT_BEST: Range = { low: 0.9, mid: 0.95, high: 0.98 }
/** How many times the plume's own flow an overhead hood should draw. Source: `receiving`. */
export const RECEIVING_MARGIN: Range = { low: 3, mid: 2, high: 1.5 }

/** What a hood over the arc receives of the rising plume. */
export function receivedShare({ hood, distanceM, process, currentA, crossDraughtMPerS }: CaptureQuestion): Range {
  const heat = plumeHeatW(process, currentA) ?? { low: WEAK_PLUME_W / 2, mid: WEAK_PLUME_W, high: WEAK_PLUME_W }
  const radius = mouthRadiusM(hood)
  const height = Math.max(distanceM, 0.02)
  const at = (convectiveW: number, draught: number, best: number, margin: number): number => {
    const { flowM3PerS, halfWidthM, driftM } = plumeAt(convectiveW, height, draught)
    // Whole while the mouth covers the leaning plume, nothing once it leans clear of the mouth.
    const covered = Math.min(1, Math.max(0, (radius + halfWidthM - driftM) / (2 * halfWidthM)), (radius / halfWidthM) ** 2)
    return best * covered * Math.min(1, hood.flowM3PerS / (margin * flowM3PerS))
  }
  const { low, mid, high } = RECEIVED_AT_BEST
  return {
    low: Math.min(at(heat.low, crossDraughtMPerS * 1.5, low, RECEIVING_MARGIN.low), at(heat.high, crossDraughtMPerS * 1.5, low, RECEIVING_MARGIN.low)),
    mid: at(heat.mid, crossDraughtMPerS, mid, RECEIVING_MARGIN.mid),
    high: at(heat.mid, crossDraughtMPerS * 0.5, high, RECEIVING_MARGIN.high),
  }
}

/**
 * Share of the fume that a hood takes at the arc, 0 to 1, with its spread; undefined when the mouth's size is not known.
 * An engineering model: no published constant stands behind it, and its spread says so.
 * Source: `captureModel`, `receiving`, `downdraft`, `gunExtraction`.
 */
export function captureEfficiency(question: CaptureQuestion): Range | undefined {
  const { hood, distanceM, crossDraughtMPerS } = question
  if (hood.kind === 'gun') {
    const flow = Math.min(1, hood.flowM3PerS / GUN_FLOW_M3_PER_S)
    return { low: GUN_SHARE.low * flow, mid: GUN_SHARE.mid * flow, high: GUN_SHARE.high * flow }
  }
  if (mouthAreaM2(hood) === undefined) return undefined
  if (hood.kind === 'overhead') return receivedShare(question)
  const velocity = velocityAtMPerS(hood, distanceM)!
  if (hood.kind === 'canopy') {
    // Hot fume is received, cold fume is drawn: whichever takes more.
    const received = receivedShare(question)
    const drawn = captureShare(velocity, crossDraughtMPerS)
    return { low: Math.max(received.low, drawn.low), mid: Math.max(received.mid, drawn.mid), high: Math.max(received.high, drawn.high) }
  }
  return captureShare(velocity, hood.kind === 'downdraft' ? Math.hypot(crossDraughtMPerS, RISE_AGAINST_TABLE_M_PER_S) : crossDraughtMPerS)
}
