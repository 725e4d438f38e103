import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { HoodKindId } from '../ids/vocabulary'
import type { CaptureQuestion } from './capture'
import { isShotPast, RECEIVING_MARGIN } from './capture'
import { mouthAreaM2, mouthRadiusM, reachM, velocityAtMPerS } from './hood'
import { plumeAt, plumeHeatW, WEAK_PLUME_W } from './plume'
import { shieldGasLimit } from './shield-gas'

/** Velocity that a hood beside the arc must draw there, m/s: 100 ft/min. Source: `captureVelocity`. */
export const CAPTURE_VELOCITY_M_PER_S = 0.508
/** Against a draught it must draw twice as much. Source: `captureModel`. */
const DRAUGHT_FACTOR = 2
/** A table under the work: 150 ft³/min for each square foot. Source: `downdraft`. */
const TABLE_VELOCITY_M_PER_S = 0.762
/** A gun's extraction, m³/s: 60 m³/h. Source: `gunExtraction`. */
const GUN_FLOW_M3_PER_S = 60 / 3600

/** The distances at which a hood captures this fume and leaves this shield gas alone. */
export interface CaptureWindow {
  /** Velocity at the arc where the hood stands now, m/s; null when it cannot be said. */
  readonly velocityAtArcMPerS: number | null
  /** Nearest and farthest good distance, m; null when there is none. */
  readonly windowM: readonly [number, number] | null
  /** Too near below this (shield gas), m. */
  readonly nearestM: number | null
  /** Useless beyond this, m. */
  readonly farthestM: number | null
  readonly stands: 'within' | 'too-near' | 'too-far' | 'no-window' | 'unknown'
  readonly findings: readonly Finding[]
}

/** The velocity that a side hood must draw at the arc in this draught, m/s. */
export const neededVelocityMPerS = (crossDraughtMPerS: number): number =>
  Math.max(CAPTURE_VELOCITY_M_PER_S, DRAUGHT_FACTOR * crossDraughtMPerS)

/** The velocity that a hood of a kind must draw at the arc; a table under the work draws more. */
export const neededAtArcMPerS = (kind: HoodKindId, crossDraughtMPerS: number): number =>
  Math.max(kind === 'downdraft' ? TABLE_VELOCITY_M_PER_S : 0, neededVelocityMPerS(crossDraughtMPerS))

/** The greatest height at which an overhead mouth still covers the leaning plume and outdraws it, m. */
function receivingHeightM({ hood, process, currentA, crossDraughtMPerS }: CaptureQuestion): number {
  const heat = plumeHeatW(process, currentA)?.low ?? WEAK_PLUME_W
  const radius = mouthRadiusM(hood)
  const receives = (z: number): boolean => {
    const { halfWidthM, driftM, flowM3PerS } = plumeAt(heat, z, crossDraughtMPerS)
    return radius >= halfWidthM + driftM && hood.flowM3PerS >= RECEIVING_MARGIN.high * flowM3PerS
  }
  let low = 0
  let high = 3
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2
    if (receives(middle)) low = middle
    else high = middle
  }
  return low
}

/**
 * The capture window of a hood, where the hood stands in it, and why.
 * Beside the arc a hood must bend the plume: it draws 100 ft/min there, twice the draught if that is more.
 * Over the arc it only receives what rises: its mouth must cover the leaning plume and outdraw it.
 * Nearer than the shield gas bears is too near.
 * Source: `captureVelocity`, `receiving`, `shieldGas`, `openingVelocity`.
 */
export function captureWindow(question: CaptureQuestion): CaptureWindow {
  const { hood, distanceM, process, crossDraughtMPerS } = question
  const nothing = { velocityAtArcMPerS: null, windowM: null, nearestM: null, farthestM: null }
  if (hood.kind === 'gun') {
    const enough = hood.flowM3PerS >= GUN_FLOW_M3_PER_S
    return {
      ...nothing,
      stands: enough ? 'within' : 'no-window',
      findings: [
        enough
          ? finding('note', 'capture.gun', { flowM3PerS: hood.flowM3PerS }, ['gunExtraction'])
          : finding('hold', 'capture.gun-weak', { flowM3PerS: hood.flowM3PerS, neededM3PerS: GUN_FLOW_M3_PER_S }, [
              'gunExtraction',
            ]),
      ],
    }
  }
  if (mouthAreaM2(hood) === undefined)
    return { ...nothing, stands: 'unknown', findings: [finding('hold', 'capture.size-unknown', { kind: hood.kind })] }
  const velocity = velocityAtMPerS(hood, distanceM)!
  if (hood.kind === 'booth') return boothWindow(question, velocity)
  if (isShotPast(question))
    return {
      ...nothing,
      velocityAtArcMPerS: velocity,
      stands: 'no-window',
      findings: [finding('caution', 'capture.jet-passes', { process }, ['captureModel'])],
    }

  const gas = shieldGasLimit(process)
  const nearestM = gas ? reachM(hood, gas.limitMPerS) : 0
  const receives = hood.kind === 'overhead' || hood.kind === 'canopy'
  const needed = neededAtArcMPerS(hood.kind, crossDraughtMPerS)
  const drawnToM = reachM(hood, needed)
  const farthestM = receives ? Math.max(receivingHeightM(question), drawnToM) : drawnToM
  const windowM = farthestM > nearestM ? [nearestM, farthestM] as const : null
  const stands = windowM === null ? 'no-window' : distanceM < nearestM ? 'too-near' : distanceM > farthestM ? 'too-far' : 'within'
  const findings: Finding[] = []
  if (stands === 'too-far') {
    findings.push(
      receives
        ? finding('hold', 'capture.plume-missed', { distanceM, farthestM, crossDraughtMPerS }, ['receiving'])
        : finding('hold', 'capture.too-far', { distanceM, farthestM, velocityMPerS: velocity, neededMPerS: needed }, [
            'captureVelocity',
            'openingVelocity',
          ]),
    )
  }
  if (stands === 'too-near')
    findings.push(
      finding('caution', 'capture.too-near', { distanceM, nearestM, velocityMPerS: velocity, limitMPerS: gas!.limitMPerS }, [
        'shieldGas',
      ]),
    )
  if (stands === 'no-window')
    findings.push(finding('hold', 'capture.no-window', { nearestM, farthestM }, ['captureVelocity', 'shieldGas']))
  if (stands === 'within' && gas && velocity > gas.cautionMPerS)
    findings.push(
      finding('caution', 'capture.gas-may-suffer', { velocityMPerS: velocity, cautionMPerS: gas.cautionMPerS }, ['shieldGas']),
    )
  if (stands === 'within')
    findings.push(
      receives
        ? finding('note', 'capture.receives', { distanceM, farthestM }, ['receiving'])
        : finding('note', 'capture.draws', { velocityMPerS: velocity, neededMPerS: needed }, ['captureVelocity']),
    )
  if (receives && question.currentA === undefined && plumeHeatW(process, undefined) === null)
    findings.push(finding('caution', 'capture.plume-assumed', { convectiveW: WEAK_PLUME_W }, ['plume']))
  if (receives) findings.push(finding('note', 'capture.head-outside', {}, ['receiving']))
  return { velocityAtArcMPerS: velocity, windowM, nearestM, farthestM, stands, findings }
}

/** In a booth the work stands inside: its face velocity is what counts. */
function boothWindow({ crossDraughtMPerS }: CaptureQuestion, velocity: number): CaptureWindow {
  const needed = neededVelocityMPerS(crossDraughtMPerS)
  const enough = velocity >= needed
  return {
    velocityAtArcMPerS: velocity, windowM: null, nearestM: null, farthestM: null, stands: enough ? 'within' : 'no-window',
    findings: [enough
      ? finding('note', 'capture.draws', { velocityMPerS: velocity, neededMPerS: needed }, ['captureVelocity'])
      : finding('hold', 'capture.face-slow', { velocityMPerS: velocity, neededMPerS: needed }, ['captureVelocity'])],
  }
}
