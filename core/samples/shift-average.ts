import type { SampleValue } from './substitution'

/** One piece of a shift as it was sampled. */
export interface SampledPiece { readonly mgPerM3: number, readonly isBelowLoq: boolean, readonly minutes: number }

/** What is said of the part of a shift that nobody sampled. */
export const UNSAMPLED_RULES = ['as-sampled', 'nothing', 'worst'] as const
export type UnsampledRule = typeof UNSAMPLED_RULES[number]

/**
 * Consecutive samples of one person to the average of their shift: Σ CᵢTᵢ over the time it counts for.
 * Pieces below the limit of quantification count at that limit; a shift is below it only when every piece is.
 *
 * @param unsampled `as-sampled` takes the mean for the rest, `nothing` clean air, `worst` the highest piece
 * @param referenceMin minutes of the reference shift, usually 480
 * @throws RangeError without a piece or without time
 * Source: `timeWeighted`.
 */
export function shiftAverage(pieces: readonly SampledPiece[], unsampled: UnsampledRule, referenceMin = 480): SampleValue {
  const sampledMin = pieces.reduce((total, { minutes }) => total + minutes, 0)
  if (!(sampledMin > 0)) throw new RangeError('sampling time is needed')
  const dose = pieces.reduce((total, { mgPerM3, minutes }) => total + mgPerM3 * minutes, 0)
  const isBelowLoq = pieces.every(piece => piece.isBelowLoq)
  if (unsampled === 'as-sampled') return { value: dose / sampledMin, isBelowLoq }
  const left = Math.max(0, referenceMin - sampledMin)
  const rest = unsampled === 'worst' ? Math.max(...pieces.map(({ mgPerM3 }) => mgPerM3)) : 0
  // A shift longer than the reference counts in full against it.
  return { value: (dose + rest * left) / Math.max(referenceMin, 1), isBelowLoq }
}
