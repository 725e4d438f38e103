import type { SourceRef } from '../source/source-ref'
import { SOURCES } from '../source/sources'
import type { JurisdictionId, MaskId } from '../vocabulary/vocabulary'

/** What a mask can do. */
export interface Respirator {
  readonly mask: MaskId
  /** Assigned protection factor; null where this jurisdiction assigns none. A dust mask is no respirator anywhere. */
  readonly apf: number | null
  /** Seals to the face: needs a fit test and a clean shave. */
  readonly isTight: boolean
  /** Brings its own air: no gas passes and no filter is asked for. */
  readonly isSupplied: boolean
  readonly source: SourceRef
}

interface Row { readonly us: number | null, readonly uk: number | null, readonly isTight: boolean, readonly isSupplied: boolean }

/** Assigned protection factors of two schools. A hooded blower has 25, or 1000 only with the maker's proof: 25 is taken. */
const ROWS: Readonly<Record<MaskId, Row>> = {
  'dust-mask': { us: null, uk: null, isTight: false, isSupplied: false },
  'n95': { us: 10, uk: null, isTight: true, isSupplied: false },
  'ffp2': { us: null, uk: 10, isTight: true, isSupplied: false },
  'ffp3': { us: null, uk: 20, isTight: true, isSupplied: false },
  'half-p100': { us: 10, uk: 20, isTight: true, isSupplied: false },
  'full-p100': { us: 50, uk: 40, isTight: true, isSupplied: false },
  'papr-loose': { us: 25, uk: 20, isTight: false, isSupplied: false },
  'papr-helmet': { us: 25, uk: 40, isTight: false, isSupplied: false },
  'papr-tight-full': { us: 1000, uk: 40, isTight: true, isSupplied: false },
  'air-line-half': { us: 50, uk: null, isTight: true, isSupplied: true },
  'air-line-full': { us: 1000, uk: null, isTight: true, isSupplied: true },
  'scba': { us: 10_000, uk: null, isTight: true, isSupplied: true },
}

/** From the least protective to the most, as a shop would reach for them. */
const REACHED_FOR: readonly MaskId[] = ['dust-mask', 'n95', 'ffp2', 'half-p100', 'ffp3', 'papr-loose', 'papr-helmet', 'full-p100', 'air-line-half', 'papr-tight-full', 'air-line-full', 'scba']

/** Every mask with what it is worth here. Outside the United States the British factors are used. */
export function respiratorsIn(jurisdiction: JurisdictionId): readonly Respirator[] {
  const isUs = jurisdiction === 'us' || jurisdiction === 'us-ca'
  return REACHED_FOR.map((mask) => {
    const { us, uk, isTight, isSupplied } = ROWS[mask]
    return { mask, apf: isUs ? us : uk, isTight, isSupplied, source: isUs ? SOURCES.usApf : SOURCES.ukApf }
  })
}

export const respiratorOf = (mask: MaskId, jurisdiction: JurisdictionId): Respirator => respiratorsIn(jurisdiction).find(found => found.mask === mask)!
