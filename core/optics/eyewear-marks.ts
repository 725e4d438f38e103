import type { SourceRef } from '../source/source-ref'
import { EYEWEAR_SOURCES } from '../source/eyewear-sources'

/** What a mark on glasses says of them, as far as somebody under a helmet asks. */
export const EYEWEAR_MEANINGS = [
  'impact', 'no-impact', 'low-energy-impact', 'robust', 'extremes', 'welding-shade', 'ultraviolet', 'infrared', 'light', 'photochromic',
] as const
export type EyewearMeaningId = typeof EYEWEAR_MEANINGS[number]

export interface EyewearMark {
  /** As it stands on the lens or the side. */
  readonly mark: string
  readonly meaning: EyewearMeaningId
  /** With this one, and clear, they are what is asked for under a helmet. */
  readonly isAskedFor: boolean
  readonly source: SourceRef
}

const { usEyewearMarks: us, euEyewearMarks: eu } = EYEWEAR_SOURCES
const mark = (printed: string, meaning: EyewearMeaningId, source: SourceRef, isAskedFor = false): EyewearMark =>
  ({ mark: printed, meaning, isAskedFor, source })

/** Marks of two schools, those that are asked for first. Sources: ANSI Z87.1-2020; EN 166:2001, both from memory. */
export const EYEWEAR_MARKS: readonly EyewearMark[] = [
  mark('Z87+', 'impact', us, true),
  mark('Z87', 'no-impact', us),
  mark('W…', 'welding-shade', us),
  mark('U…', 'ultraviolet', us),
  mark('R…', 'infrared', us),
  mark('L…', 'light', us),
  mark('V', 'photochromic', us),
  mark('F', 'low-energy-impact', eu, true),
  mark('FT', 'extremes', eu, true),
  mark('S', 'robust', eu),
]
