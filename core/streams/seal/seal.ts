import type { Decision } from '../decision'

/** One day's seal over every stream of the site: whoever holds it can tell later that nothing before it was altered. */
export interface Seal {
  /** The shop day that ended, YYYY-MM-DD. */
  readonly day: string
  /** SHA-256, hex, over the sorted lines "stream id, version, head hash" of every stream but the seal's own. */
  readonly headsSha256: string
  readonly streams: number
  /** The last position sealed. */
  readonly position: number
}

export interface SealCommands { 'seal.day': Seal }
export type SealCommand = { readonly type: 'seal.day', readonly payload: Seal }
export type SealEvent = { readonly type: 'day-sealed', readonly version: 1, readonly payload: Seal }
export interface Seals { readonly last: Seal | null }
export const NO_SEALS: Seals = { last: null }

export const evolveSeals = (_seals: Seals, event: SealEvent): Seals => ({ last: event.payload })

/** A day is sealed once. */
export function decideSeal(seals: Seals, { payload }: SealCommand): Decision<SealEvent> {
  return seals.last && seals.last.day >= payload.day ? { events: [] } : { events: [{ type: 'day-sealed', version: 1, payload }] }
}
