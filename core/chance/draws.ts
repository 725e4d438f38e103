import type { Range } from '../range'

/** Numbers from 0 to 1 that the same seed repeats, on every machine (mulberry32). */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6D2B79F5) >>> 0
    let mixed = Math.imul(state ^ state >>> 15, 1 | state)
    mixed = (mixed + Math.imul(mixed ^ mixed >>> 7, 61 | mixed)) ^ mixed
    return ((mixed ^ mixed >>> 14) >>> 0) / 4294967296
  }
}

/**
 * Draws of several inputs at once, each spread evenly (Latin hypercube): of `count` slices of equal chance, every input is drawn once from
 * each, in an order of its own. Fewer draws then say as much as many independent ones.
 *
 * @returns for each input its `count` chances, 0 to 1
 * Source: McKay, Beckman and Conover 1979.
 */
export function latinHypercube(inputs: number, count: number, seed: number): readonly Float64Array[] {
  const next = randomFrom(seed)
  return Array.from({ length: inputs }, () => slicesOf(count, next))
}

/** One input of a Latin hypercube, drawn by a seed of its own. */
export const columnOf = (count: number, seed: number): Float64Array => slicesOf(count, randomFrom(seed))

/** So many chances, one from each slice, in an order that is drawn. */
function slicesOf(count: number, next: () => number): Float64Array {
  const slices = Float64Array.from({ length: count }, (_, slice) => (slice + next()) / count)
  for (let last = count - 1; last > 0; last--) {
    const other = Math.floor(next() * (last + 1))
    const kept = slices[last]!
    slices[last] = slices[other]!
    slices[other] = kept
  }
  return slices
}

/** Where the ends of a range stand among its values: a twentieth lies below, a twentieth above. House rule. */
const END_CHANCE = 0.05

/**
 * The value of a range that a share of all values lies below: straight from its low end at a twentieth over its middle at a half to its
 * high end at nineteen twentieths, and on as steeply beyond both, never under zero.
 *
 * @param chance 0 to 1
 * @example valueAt({ low: 1, mid: 2, high: 5 }, 0.95) // 5
 */
export function valueAt({ low, mid, high }: Range, chance: number): number {
  const half = 0.5 - END_CHANCE
  const slope = (chance < 0.5 ? mid - low : high - mid) / half
  return Math.max(0, mid + (chance - 0.5) * slope)
}

/**
 * What a share of values lies below, between the two that are nearest (as spreadsheets count it).
 *
 * @param sorted at least one value, the smallest first
 */
export function percentileOf(sorted: ArrayLike<number>, share: number): number {
  const at = share * (sorted.length - 1)
  const below = Math.floor(at)
  const [a, b] = [sorted[below]!, sorted[Math.min(below + 1, sorted.length - 1)]!]
  return a + (b - a) * (at - below)
}

/**
 * The 5th, 50th and 95th percentile of what was drawn.
 *
 * @param drawn at least one value, in any order, not written to afterwards
 * @param highShare where the high end is read instead of at nineteen twentieths
 */
export function spreadOf(drawn: Float64Array, highShare = 1 - END_CHANCE): Range {
  const at = (share: number): number => selected(drawn.slice(), share, drawn.length)
  let [low, mid]: (number | undefined)[] = []
  // A judgement reads the high end alone.
  return {
    get low() { return low ??= at(END_CHANCE) },
    get mid() { return mid ??= at(0.5) },
    high: at(highShare),
  }
}

/** As `percentileOf`, of values that are sorted only about the place that is asked for (Hoare's quick selection). */
function selected(values: Float64Array, share: number, count: number): number {
  const at = share * (count - 1)
  const below = Math.floor(at)
  let [from, to] = [0, count - 1]
  while (from < to) {
    const pivot = values[(from + to) >> 1]!
    let [left, right] = [from, to]
    while (left <= right) {
      while (values[left]! < pivot) left++
      while (values[right]! > pivot) right--
      if (left > right) break
      const kept = values[left]!
      values[left++] = values[right]!
      values[right--] = kept
    }
    if (below <= right) to = right
    else if (below >= left) from = left
    else break
  }
  let next = Infinity
  for (let n = below + 1; n < count; n++) next = Math.min(next, values[n]!)
  const a = values[below]!
  return below + 1 < count ? a + (next - a) * (at - below) : a
}
