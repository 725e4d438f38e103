import type { SourceId } from '../source/book'
import { LAWS } from '../law/laws'
import type { JurisdictionId, MaskId } from '../ids/vocabulary'

/** What a mask can do. */
export interface Respirator {
  readonly mask: MaskId
  /** Assigned protection factor; null where this jurisdiction assigns none. A dust mask is no respirator anywhere. */
  readonly apf: number | null
  /** Seals to the face: needs a fit test and a clean shave. */
  readonly isTight: boolean
  /** Brings its own air: no gas passes and no filter is asked for. */
  readonly isSupplied: boolean
  /** Its filter is of the highest class: what United States law asks for against lead and cadmium. */
  readonly isHighEfficiency: boolean
  /** Full face, its own air, and a way out when that fails: for too little oxygen, immediate danger, and what nobody knows. */
  readonly isForDanger: boolean
  readonly source: SourceId
}

interface Row {
  readonly us: number | null
  readonly uk: number | null
  readonly isTight: boolean
  readonly isSupplied: boolean
  readonly isHighEfficiency: boolean
  readonly isForDanger: boolean
}

const filter = (us: number | null, uk: number | null, isTight: boolean, isHighEfficiency: boolean): Row => ({
  us,
  uk,
  isTight,
  isSupplied: false,
  isHighEfficiency,
  isForDanger: false,
})
const supplied = (us: number | null, uk: number | null, isForDanger: boolean): Row => ({
  us,
  uk,
  isTight: true,
  isSupplied: true,
  isHighEfficiency: true,
  isForDanger,
})

/**
 * Assigned protection factors of two schools. A hooded blower has 25, or 1000 only with the maker's proof: 25 is taken.
 * An air line without a word on its valve may be of constant flow, for which the British list is not recalled: none.
 */
const ROWS: Readonly<Record<MaskId, Row>> = {
  'dust-mask': filter(null, null, false, false),
  'n95': filter(10, null, true, false),
  'ffp2': filter(null, 10, true, false),
  'ffp3': filter(null, 20, true, false),
  'half-p100': filter(10, 20, true, true),
  'full-p100': filter(50, 40, true, true),
  'papr-loose': filter(25, 20, false, true),
  'papr-helmet': filter(25, 40, false, true),
  'papr-tight-full': filter(1000, 40, true, true),
  'air-line-half': supplied(50, null, false),
  'air-line-full': supplied(1000, null, false),
  'air-line-positive': supplied(1000, 2000, false),
  'air-line-escape': supplied(1000, 2000, true),
  'scba': supplied(10_000, 2000, true),
}

/** From the least protective to the most, as a shop would reach for them. */
const REACHED_FOR: readonly MaskId[] = [
  'dust-mask', 'n95', 'ffp2', 'half-p100', 'ffp3', 'papr-loose', 'papr-helmet', 'full-p100', 'air-line-half', 'papr-tight-full',
  'air-line-full', 'air-line-positive', 'air-line-escape', 'scba',
]

const FACTORS = { us: 'usApf', uk: 'ukApf' } as const

/** Every mask with what it is worth here. Outside the United States the British factors are used. */
export function respiratorsIn(jurisdiction: JurisdictionId): readonly Respirator[] {
  const whose = LAWS[jurisdiction].respiratorFactors
  return REACHED_FOR.map((mask) => {
    const { us, uk, ...traits } = ROWS[mask]
    return { mask, apf: { us, uk }[whose], ...traits, source: FACTORS[whose] }
  })
}

export const respiratorOf = (mask: MaskId, jurisdiction: JurisdictionId): Respirator =>
  respiratorsIn(jurisdiction).find(found => found.mask === mask)!
