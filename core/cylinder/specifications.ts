import type { SourceId } from '../source/book'

/** How a specification's next requalification is found. */
export type IntervalRule
  = | { readonly kind: 'years', readonly years: number, readonly source: SourceId }
    | { readonly kind: 'star', readonly source: SourceId }
    | { readonly kind: 'low-pressure', readonly source: SourceId }
    | { readonly kind: 'acetylene', readonly source: SourceId }
    | { readonly kind: 'none', readonly source: SourceId }
    | { readonly kind: 'not-refillable', readonly source: SourceId }
    | { readonly kind: 'permit', readonly source: SourceId }

const years = (count: number): IntervalRule => ({ kind: 'years', years: count, source: 'usRequalification' })
const LOW: IntervalRule = { kind: 'low-pressure', source: 'usLowPressure' }

/**
 * Interval rule by US specification. Where the table allows a longer interval under conditions nobody can read
 * from the shoulder, the shorter one stands. Source: `usRequalification`.
 */
export const US_SPECIFICATIONS = {
  '3': years(5),
  '3A': { kind: 'star', source: 'usRequalification' },
  '3AA': { kind: 'star', source: 'usRequalification' },
  '3AM': years(5),
  '3AAM': years(5),
  '3ALM': years(5),
  '3A480X': years(5),
  '3AX': years(5),
  '3AAX': years(5),
  '3T': years(5),
  '3AL': years(5),
  '3B': years(5),
  '3BN': years(5),
  '3E': { kind: 'none', source: 'usRequalification' },
  '3HT': years(3),
  '4AA480': years(5),
  '4B': LOW,
  '4BA': LOW,
  '4BW': LOW,
  '4B240ET': LOW,
  '4D': years(5),
  '4DA': years(5),
  '4DS': years(5),
  '4E': years(5),
  '4L': { kind: 'none', source: 'usRequalification' },
  '8': { kind: 'acetylene', source: 'usAcetyleneDates' },
  '8AL': { kind: 'acetylene', source: 'usAcetyleneDates' },
  '39': { kind: 'not-refillable', source: 'usNotRefillable' },
  'SP': { kind: 'permit', source: 'usPermit' },
} as const satisfies Readonly<Record<string, IntervalRule>>

export type UsSpecificationId = keyof typeof US_SPECIFICATIONS

/** Marked with + they may be filled to 110 %: seamless steel only, never aluminium, never a liquefied or dissolved gas. */
export const PLUS_SPECIFICATIONS: readonly UsSpecificationId[] = ['3A', '3AX', '3AA', '3AAX', '3T']
