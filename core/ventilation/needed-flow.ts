import { neededAtArcMPerS } from './capture-window'
import type { Hood } from './hood'

/**
 * The flow with which a hood draws at the arc what it must, m³/s: the velocity there grows as the flow does.
 *
 * @param velocityAtArcMPerS what it draws there now, with the flow it has
 * @returns null over the arc and on a gun, which work otherwise, and where the velocity cannot be said
 * Source: `captureVelocity`, `openingVelocity`, `downdraft`.
 */
export function neededFlowM3PerS({ kind, flowM3PerS }: Hood, velocityAtArcMPerS: number | null, crossDraughtMPerS: number): number | null {
  if (kind === 'overhead' || kind === 'canopy' || kind === 'gun' || !velocityAtArcMPerS) return null
  return flowM3PerS * neededAtArcMPerS(kind, crossDraughtMPerS) / velocityAtArcMPerS
}
