import type { HoodKindId } from '../ids/vocabulary'

/** A hood as it is built. A round mouth has a diameter, any other a width and a height. */
export interface Hood {
  readonly kind: HoodKindId
  readonly diameterM?: number
  /** Long side of a mouth that is not round, or of a table, m. */
  readonly widthM?: number
  readonly heightM?: number
  /** A flat rim at least as wide as the square root of the mouth's area. */
  readonly flanged: boolean
  readonly flowM3PerS: number
  /** An arm that people move by hand: it seldom stands as well as a hood that was built in. */
  readonly isMovable?: boolean
}

export const HOOD_LIMITS = {
  diameterM: { min: 0.02, max: 3 },
  widthM: { min: 0.02, max: 10 },
  heightM: { min: 0.005, max: 10 },
  flowM3PerS: { min: 0, max: 50 },
  distanceM: { min: 0, max: 5 },
  crossDraughtMPerS: { min: 0, max: 10 },
} as const

/** Area of the mouth, m²; undefined when its size is not known. A gun is known by its flow alone. */
export function mouthAreaM2({ kind, diameterM, widthM, heightM }: Hood): number | undefined {
  if (kind === 'gun') return 0
  if (diameterM !== undefined) return Math.PI / 4 * diameterM ** 2
  return widthM !== undefined && heightM !== undefined ? widthM * heightM : undefined
}

/** Radius of a round mouth of the same area, m; half the short side where it is not round, so that nothing is overstated. */
export const mouthRadiusM = ({ diameterM, widthM, heightM }: Hood): number =>
  diameterM !== undefined ? diameterM / 2 : Math.min(widthM ?? 0, heightM ?? 0) / 2

/**
 * Velocity that a hood draws at a distance on its axis, m/s.
 * Plain opening Q/(10x² + A); flanged a third more; opening resting on a plane Q/(5x² + A); slot Q/(3.7·L·x), flanged
 * Q/(2.6·L·x), never above its face; canopy Q/(1.4·P·x); a table is a uniform sink in a plane,
 * Q/A·(2/π)·arctan(LW/(2x·√(4x² + L² + W²))); a booth draws its face velocity wherever the work stands inside it.
 * Source: `openingVelocity`, `slotVelocity`, `canopyVelocity`, `uniformSink`.
 *
 * @param distanceM from the mouth to the arc, 0 or more
 * @returns undefined when the size of the mouth is not known
 * @example velocityAtMPerS({ kind: 'opening', diameterM: 0.16, flanged: false, flowM3PerS: 1000 / 3600 }, 0.3) // 0.3019
 */
export function velocityAtMPerS(hood: Hood, distanceM: number): number | undefined {
  const { kind, flowM3PerS, flanged, widthM, heightM, diameterM } = hood
  const area = mouthAreaM2(hood)
  if (area === undefined) return undefined
  // Never above its face: the larger of two areas divides, which is no 0 for any mouth, however near.
  switch (kind) {
    case 'opening': case 'overhead': return flowM3PerS / ((flanged ? 0.75 : 1) * (10 * distanceM ** 2 + area))
    case 'bench': return flowM3PerS / (5 * distanceM ** 2 + area)
    case 'slot': {
      const length = Math.max(widthM ?? diameterM ?? 0, heightM ?? 0)
      return flowM3PerS / Math.max(area, (flanged ? 2.6 : 3.7) * length * distanceM)
    }
    case 'canopy': {
      const perimeter = diameterM !== undefined ? Math.PI * diameterM : 2 * ((widthM ?? 0) + (heightM ?? 0))
      return flowM3PerS / Math.max(area, 1.4 * perimeter * distanceM)
    }
    case 'downdraft': {
      const [long, short] = diameterM !== undefined ? [Math.sqrt(area), Math.sqrt(area)] : [widthM!, heightM!]
      const face = flowM3PerS / area
      return distanceM === 0
        ? face
        : ((face * 2) / Math.PI) * Math.atan((long * short) / (2 * distanceM * Math.sqrt(4 * distanceM ** 2 + long ** 2 + short ** 2)))
    }
    case 'booth': return flowM3PerS / area
    // At the nozzle itself; the gun is judged by its flow.
    case 'gun': return undefined
  }
}

/** The farthest distance at which a hood still draws a velocity, m: 0 when not even at its face. */
export function reachM(hood: Hood, velocityMPerS: number): number {
  const at = (x: number): number => velocityAtMPerS(hood, x) ?? 0
  if (at(0) < velocityMPerS) return 0
  let near = 0
  let far = 10
  if (at(far) >= velocityMPerS) return far
  for (let i = 0; i < 60; i++) {
    const middle = (near + far) / 2
    if (at(middle) >= velocityMPerS) near = middle
    else far = middle
  }
  return near
}

/** The school of `rectangleVelocity` holds from about here on: distance over the square root of the mouth's area (recalled). */
const NEAREST_MEASURED = 0.05

/**
 * Velocity in front of a plain rectangular mouth by a second school, m/s. Nearer than it holds, the velocity at its nearest, which is
 * the lower one. Source: `rectangleVelocity`.
 *
 * @param flowM3PerS 0 or more
 * @param widthM of the mouth, over 0; `heightM` the same, in either order
 * @param distanceM from the mouth, on its axis, 0 or more
 */
export function rectangleVelocityMPerS(flowM3PerS: number, widthM: number, heightM: number, distanceM: number): number {
  const [long, short] = widthM >= heightM ? [widthM, heightM] : [heightM, widthM]
  const area = long * short
  const x = Math.max(distanceM / Math.sqrt(area), NEAREST_MEASURED)
  const alpha = x * (long / short) ** (0.2 * x ** (-1 / 3))
  return flowM3PerS / area / (0.93 + 8.58 * alpha ** 2)
}
