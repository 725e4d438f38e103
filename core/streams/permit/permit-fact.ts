import type { KitItemFact } from '../../inspection/kit-item-fact'
import type { Permit } from './permit'

/** A permit as it is kept: with the token that only the paper carries. */
export interface KeptPermit { readonly permitId: string, readonly version: number, readonly permit: Permit }

/** A permit as it is shown and judged: without what only the paper carries. */
export type ShownPermit = Omit<Permit, 'token'>

/** A permit with what is assigned to it, judged for a shop day. */
export interface PermitFact {
  readonly permitId: string
  readonly version: number
  readonly permit: ShownPermit
  readonly kit: readonly KitItemFact[]
}

/** The permit without the token of its public page. */
export function shownPermit({ token: _token, ...shown }: Permit): ShownPermit {
  return shown
}
