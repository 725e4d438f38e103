import type { Range } from '../range'
import { NOTHING } from '../range'
import type { ProcessId } from '../ids/vocabulary'
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
    low: Math.min(
      at(heat.low, crossDraughtMPerS * 1.5, low, RECEIVING_MARGIN.low),
      at(heat.high, crossDraughtMPerS * 1.5, low, RECEIVING_MARGIN.low),
    ),
    mid: at(heat.mid, crossDraughtMPerS, mid, RECEIVING_MARGIN.mid),
    high: at(heat.mid, crossDraughtMPerS * 0.5, high, RECEIVING_MARGIN.high),
  }
}

/**
 * A plume drags in the air beside it at about this share of its own speed: that is a draught across a hood at its side. Source:
 * `entrainment`.
 */
const ENTRAINED_SHARE = 0.1
/** Nearer than this the plume is not formed yet, m. */
const PLUME_FORMED_M = 0.1

/** The draught that a hood beside the arc works against: the hall's, and what the plume itself drags sideways. U = √(U² + (0.1·w)²). */
export function effectiveDraughtMPerS({ distanceM, process, currentA, crossDraughtMPerS }: Omit<CaptureQuestion, 'hood'>): number {
  const heat = plumeHeatW(process, currentA)?.high ?? WEAK_PLUME_W
  const { centreMPerS } = plumeAt(heat, Math.max(distanceM, PLUME_FORMED_M), crossDraughtMPerS)
  return Math.hypot(crossDraughtMPerS, ENTRAINED_SHARE * centreMPerS)
}

/**
 * The most that field studies found of well-placed hoods, whatever a model says; less for an arm that people move. Source:
 * `capturedInField`.
 */
const BEST_BUILT_IN: Range = { low: 0.9, mid: 0.95, high: 0.98 }
const BEST_MOVED: Range = { low: 0.8, mid: 0.88, high: 0.95 }

const atMost = (share: Range, best: Range): Range => ({
  low: Math.min(share.low, best.low),
  mid: Math.min(share.mid, best.mid),
  high: Math.min(share.high, best.high),
})

/** Processes that throw their fume in a jet faster than any hood draws. */
const JETS: ReadonlySet<ProcessId> = new Set(['pac', 'ofc', 'cac-a', 'grinding'])
export const isJet = (process: ProcessId): boolean => JETS.has(process)
/** Kinds that stand in the way of a jet: round the work, or under the cut. Source: `downdraft`. */
const STOPS_JET = (kind: Hood['kind'], process: ProcessId): boolean =>
  kind === 'booth' || (kind === 'downdraft' && (process === 'pac' || process === 'ofc'))

/** Does the fume of this process shoot past this hood? */
export const isShotPast = ({ hood, process }: Pick<CaptureQuestion, 'hood' | 'process'>): boolean =>
  JETS.has(process) && !STOPS_JET(hood.kind, process)

/**
 * Share of the fume that a hood takes at the arc, 0 to 1, with its spread; undefined when the mouth's size is not known.
 * Gases go with the air and are taken no better than the fume. An engineering model: no published constant stands behind
 * it, its spread says so, and no hood is credited with more than field studies found.
 * Source: `captureModel`, `receiving`, `downdraft`, `gunExtraction`, `entrainment`, `capturedInField`.
 */
export function captureEfficiency(question: CaptureQuestion): Range | undefined {
  const { hood } = question
  if (hood.kind !== 'gun' && mouthAreaM2(hood) === undefined) return undefined
  if (isShotPast(question)) return NOTHING
  return atMost(modelledShare(question), hood.isMovable ? BEST_MOVED : BEST_BUILT_IN)
}

function modelledShare(question: CaptureQuestion): Range {
  const { hood, distanceM, crossDraughtMPerS } = question
  if (hood.kind === 'gun') {
    const flow = Math.min(1, hood.flowM3PerS / GUN_FLOW_M3_PER_S)
    return { low: GUN_SHARE.low * flow, mid: GUN_SHARE.mid * flow, high: GUN_SHARE.high * flow }
  }
  if (hood.kind === 'overhead') return receivedShare(question)
  const velocity = velocityAtMPerS(hood, distanceM)!
  const draught = effectiveDraughtMPerS(question)
  if (hood.kind === 'canopy') {
    // Hot fume is received, cold fume is drawn: whichever takes more.
    const received = receivedShare(question)
    const drawn = captureShare(velocity, draught)
    return { low: Math.max(received.low, drawn.low), mid: Math.max(received.mid, drawn.mid), high: Math.max(received.high, drawn.high) }
  }
  return captureShare(
    velocity,
    hood.kind === 'downdraft'
      ? Math.hypot(crossDraughtMPerS, RISE_AGAINST_TABLE_M_PER_S)
      : hood.kind === 'booth'
        ? crossDraughtMPerS
        : draught,
  )
}
