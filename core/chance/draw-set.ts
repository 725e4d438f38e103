import type { Range } from '../range'
import { exactly } from '../range'
import { columnOf, spreadOf, valueAt } from './draws'

/** What is not known for certain, by kind: an answer's doubt is shared out among these. */
export const DOUBTS = [
  'melting', 'factor', 'share', 'burn-off', 'gas', 'arc-time', 'capture', 'posture', 'draught', 'near-field', 'supply', 'mixing',
  'incoming',
] as const
export type DoubtId = typeof DOUBTS[number]

/** One thing that is not known: its kind, and what it belongs to. Whatever shares both is drawn together. */
export interface Cause { readonly doubt: DoubtId, readonly of: string }

/**
 * A way to draw the values of everything that is not known, and to say what comes out of them. Every value is drawn so that a higher
 * chance harms more: what protects is drawn from its high end down.
 */
export interface DrawSet {
  /** Values of each quantity. */
  readonly count: number
  /** What a quantity with a spread comes to, draw by draw: to be read, not written. */
  harmful(range: Range, cause: Cause): Float64Array
  /** The same of what protects: high where harm is low. */
  protective(range: Range, cause: Cause): Float64Array
  /** The low end, middle and high end of what was worked out, draw by draw; no number anywhere is no number everywhere. */
  spread(values: Float64Array): Range
  /** Chances, 0 to 1, draw by draw, of each cause that was asked for. */
  causes(): ReadonlyMap<Cause, Float64Array>
}

/** Every input at its low end, middle and high end at once: no chance, the extremes of what may be. */
export const ENDS: DrawSet = {
  count: 3,
  harmful: ({ low, mid, high }) => Float64Array.of(low, mid, high),
  protective: ({ low, mid, high }) => Float64Array.of(high, mid, low),
  spread: values => ({ low: values[0]!, mid: values[1]!, high: values[2]! }),
  causes: () => new Map(),
}

/** How often somebody may ask for, and what a seed may be. */
export const DRAW_LIMITS = { draws: { min: 100, max: 20_000 }, seed: { min: 0, max: 0xFFFFFFFF } } as const

/** A number of a text, the same on every machine (FNV-1a). */
function numberOf(text: string): number {
  let hash = 0x811C9DC5
  for (let at = 0; at < text.length; at++) hash = Math.imul(hash ^ text.charCodeAt(at), 0x01000193)
  return hash >>> 0
}

/**
 * Many draws of everything at once (Latin hypercube): each cause has a column of its own that its name and the seed decide, so that what
 * is asked besides changes no draw, and the same question has the same answer. More harm in any input never lowers a percentile.
 *
 * @param count at least 20: fewer say nothing of one in twenty
 * @param highShare where the high end is read; left out: at nineteen twentieths
 */
export function drawSet(count: number, seed: number, highShare?: number): DrawSet {
  const columns = new Map<string, { readonly cause: Cause, readonly chances: Float64Array }>()
  const chancesOf = (cause: Cause): Float64Array => {
    const key = `${cause.doubt} ${cause.of}`
    const found = columns.get(key)
    if (found) return found.chances
    const chances = columnOf(count, numberOf(`${seed} ${key}`))
    columns.set(key, { cause, chances })
    return chances
  }
  /** The same quantity is asked for again and again: of each substance of a fume, how much of the wire melts. */
  const known = new WeakMap<Range, Map<string, Float64Array>>()
  const drawn = (range: Range, cause: Cause, harms: boolean): Float64Array => {
    const ofRange = known.get(range) ?? new Map<string, Float64Array>()
    known.set(range, ofRange)
    const key = `${harms} ${cause.doubt} ${cause.of}`
    const found = ofRange.get(key)
    if (found) return found
    const values = new Float64Array(count)
    ofRange.set(key, values)
    // What is certain has no column: nothing hangs on it.
    if (range.low === range.high) return values.fill(range.mid)
    const chances = chancesOf(cause)
    for (let n = 0; n < count; n++) values[n] = valueAt(range, harms ? chances[n]! : 1 - chances[n]!)
    return values
  }
  return {
    count,
    harmful: (range, cause) => drawn(range, cause, true),
    protective: (range, cause) => drawn(range, cause, false),
    spread: values => holdsNoNumber(values) ? exactly(NaN) : spreadOf(values, highShare),
    causes: () => new Map([...columns.values()].map(({ cause, chances }) => [cause, chances])),
  }
}

/** A sum is no number when any part of it is not. */
function holdsNoNumber(values: Float64Array): boolean {
  for (let n = 0; n < values.length; n++) if (Number.isNaN(values[n])) return true
  return false
}

const JUDGED_COUNT = 500
const JUDGED_SEED = 95
/** Few draws may read a percentile too low: the high end of a judgement is read a little above the 95th. House rule. */
const JUDGED_HIGH_SHARE = 0.965

/**
 * The draws of every judgement: few enough to answer while somebody looks, the same each time. How far they are from many draws is
 * bounded in `tests/unit/air/judged-draws.test.ts`. The columns are drawn once and kept.
 */
export const JUDGED: DrawSet = drawSet(JUDGED_COUNT, JUDGED_SEED, JUDGED_HIGH_SHARE)
