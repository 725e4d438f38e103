import type { DeratingId, ProtectorKindId } from '../ids/protection-ids'

export interface HearingProtector {
  /** The rating on its label. */
  readonly nrrDb: number
  readonly kind?: ProtectorKindId
}

/** Share of the label that is kept, by kind. Source: `protectorByKind`. */
const KEPT: Readonly<Record<ProtectorKindId, number>> = { 'muff': 0.75, 'formable-plug': 0.5, 'plug': 0.3 }
/** What an A-weighted level leaves of a label made for C-weighted ones, dB. Source: `usProtectorRating`. */
const WEIGHTING_DB = 7
/** Two at once: the better one and so much. Source: `usProtectorRating`. */
const SECOND_DB = 5

/** What protectors take away, dB, never less than nothing. Source: `usProtectorRating`, `protectorByKind`. */
export function attenuationDb(protectors: readonly HearingProtector[], derate: DeratingId): number {
  const one = ({ nrrDb, kind }: HearingProtector): number => {
    if (derate === 'by-kind') return nrrDb * KEPT[kind ?? 'plug'] - WEIGHTING_DB
    return (nrrDb - WEIGHTING_DB) / (derate === 'half' ? 2 : 1)
  }
  if (protectors.length === 0) return 0
  return Math.max(0, Math.max(...protectors.map(one)) + (protectors.length > 1 ? SECOND_DB : 0))
}

/**
 * The least label, whole dB, with which one protector, or the better of two, takes so much away; by kind that of a muff, which keeps most.
 * The other way round from `attenuationDb`.
 */
export function labelNeededDb(takenDb: number, worn: 1 | 2, derate: DeratingId): number {
  const byOne = takenDb - (worn === 2 ? SECOND_DB : 0)
  const label = derate === 'by-kind' ? (byOne + WEIGHTING_DB) / KEPT.muff : byOne * (derate === 'half' ? 2 : 1) + WEIGHTING_DB
  return Math.max(0, Math.ceil(label - 1e-9))
}
