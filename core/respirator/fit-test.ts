import type { MaskId } from '../ids/vocabulary'

/** By the wearer's own taste or smell, or by an instrument that counts. */
export const FIT_METHODS = ['qualitative', 'quantitative'] as const
export type FitMethodId = typeof FIT_METHODS[number]

/** How a fit test went. */
export interface FitTest {
  /** Maker's name and size of the very mask; empty where nobody wrote it down. */
  readonly model: string
  readonly method: FitMethodId
  readonly passed: boolean
  /** What the instrument counted; null by taste or smell, or where nobody wrote it down, and then it proves nothing. */
  readonly factor: number | null
  /** When the next one is due, YYYY-MM-DD; null for the site's own months. */
  readonly nextOn: string | null
}

const FULL_FACE: ReadonlySet<MaskId> = new Set([
  'full-p100', 'papr-tight-full', 'air-line-full', 'air-line-positive', 'air-line-escape', 'scba',
])

/**
 * The fit factor that a mask which seals must come to when it is counted: 100 for half a face, 500 for a whole one.
 * Source: 29 CFR 1910.134(f)(7), recalled from memory; check your edition.
 */
export const leastFitFactor = (mask: MaskId): number => FULL_FACE.has(mask) ? 500 : 100

/** Behind a filter alone, so that a test by taste or smell proves too little of it. */
const COUNTED_ONLY: ReadonlySet<MaskId> = new Set(['full-p100'])

/**
 * Whether a test speaks for a mask: passed, by a method that proves enough of it, and with the factor it must come to where it was
 * counted. A count that nobody wrote down proves nothing.
 * Source: 29 CFR 1910.134(f)(6) to (f)(8), recalled from memory; check your edition.
 */
export const speaksFor = ({ passed, method, factor }: FitTest, mask: MaskId): boolean =>
  passed && (method === 'quantitative' ? factor !== null && factor >= leastFitFactor(mask) : !COUNTED_ONLY.has(mask))
