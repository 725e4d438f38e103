import type { Cause } from './draw-set'

/** A part of an answer's doubt, 0 to 1, and what it comes from. */
export interface Driver<Id extends string> { readonly input: Id, readonly share: number }

/** Where each value stands among all of them, 0 for the smallest; equal ones in the order they came. */
function ranksOf(values: Float64Array): Float64Array {
  const order = Uint32Array.from(values, (_, n) => n).sort((a, b) => values[a]! - values[b]!)
  const ranks = new Float64Array(values.length)
  order.forEach((n, rank) => {
    ranks[n] = rank
  })
  return ranks
}

/**
 * Correlation of the ranks of two columns, −1 to 1: 1 − 6·Σd²/(n³ − n). Ties rank in the order they came.
 *
 * @param a at least two values, and as many in `b`: of fewer it is no number
 * @example rankCorrelation([1, 2, 3], [10, 30, 20]) // 0.5
 * Source: Spearman 1904.
 */
export function rankCorrelation(a: Float64Array, b: Float64Array): number {
  const [ranksA, ranksB] = [ranksOf(a), ranksOf(b)]
  const n = a.length
  let sum = 0
  for (let at = 0; at < n; at++) sum += (ranksA[at]! - ranksB[at]!) ** 2
  return 1 - 6 * sum / (n ** 3 - n)
}

/**
 * Which of the things that are not known an answer's doubt comes from: the squares of their rank correlations, as shares of them all. What
 * chance alone would correlate (one in n) is taken off first.
 *
 * @param causes chances of each thing that was drawn, draw by draw
 * @param inputOf what a cause is told as; several causes may be one input
 * @returns the largest first; empty when nothing that was drawn matters
 */
export function driversOf<Id extends string>(
  values: Float64Array,
  causes: ReadonlyMap<Cause, Float64Array>,
  inputOf: (cause: Cause) => Id,
): readonly Driver<Id>[] {
  const shares = new Map<Id, number>()
  let total = 0
  for (const [cause, chances] of causes) {
    const part = Math.max(0, rankCorrelation(values, chances) ** 2 - 1 / values.length)
    if (part === 0) continue
    total += part
    shares.set(inputOf(cause), (shares.get(inputOf(cause)) ?? 0) + part)
  }
  return [...shares].map(([input, part]) => ({ input, share: part / total })).sort((a, b) => b.share - a.share)
}
