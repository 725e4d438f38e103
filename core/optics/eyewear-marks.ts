import type { SourceId } from '../source/book'

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
  readonly source: SourceId
}

const mark = (printed: string, meaning: EyewearMeaningId, source: SourceId, isAskedFor = false): EyewearMark =>
  ({ mark: printed, meaning, isAskedFor, source })

/** Marks of two schools, those that are asked for first. Sources: ANSI Z87.1-2020; EN 166:2001, both from memory. */
export const EYEWEAR_MARKS: readonly EyewearMark[] = [
  mark('Z87+', 'impact', 'usEyewearMarks', true),
  mark('Z87', 'no-impact', 'usEyewearMarks'),
  mark('W…', 'welding-shade', 'usEyewearMarks'),
  mark('U…', 'ultraviolet', 'usEyewearMarks'),
  mark('R…', 'infrared', 'usEyewearMarks'),
  mark('L…', 'light', 'usEyewearMarks'),
  mark('V', 'photochromic', 'usEyewearMarks'),
  mark('F', 'low-energy-impact', 'euEyewearMarks', true),
  mark('FT', 'extremes', 'euEyewearMarks', true),
  mark('S', 'robust', 'euEyewearMarks'),
]
