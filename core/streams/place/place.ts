import type { Decision } from '../decision'
import { finding } from '../../findings/finding'
import type { Barrier, Combustible } from '../../cylinder/storage'

/** A closed room, as the air in it is reckoned. */
export interface Room { readonly volumeM3: number, readonly supplyM3PerS: number }

/** What stands about in a store: walls that part, and what burns. All on the site's one grid. */
export interface StoreLayout {
  readonly barriers: readonly (Barrier & { readonly name: string })[]
  readonly combustibles: readonly Combustible[]
}

/** A place of the site on its one grid: a store, a spot on a structure, a corner of a hall. */
export interface Place {
  readonly name: string
  /** Storey: 0 is the ground. */
  readonly level: number
  /** Corner of its outline nearest the grid's origin, m, and how far it reaches from there. */
  readonly xM: number
  readonly yM: number
  readonly widthM: number
  readonly depthM: number
  /** Null: open air. */
  readonly room: Room | null
  /** Null: cylinders are not stored here. */
  readonly store: StoreLayout | null
}

export const PLACE_LIMITS = {
  level: { min: -10, max: 100 },
  gridM: { min: -10_000, max: 10_000 },
  sizeM: { min: 0.1, max: 2000 },
  volumeM3: { min: 1, max: 1e6 },
  supplyM3PerS: { min: 0, max: 1000 },
  wallHeightM: { min: 0.1, max: 30 },
  ratingMin: { min: 0, max: 480 },
} as const

export interface PlaceCommands {
  'place.describe': Omit<Place, 'store'>
  'place.lay-out-store': { readonly store: StoreLayout | null }
}
export type PlaceCommand = { [T in keyof PlaceCommands]: { readonly type: T, readonly payload: PlaceCommands[T] } }[keyof PlaceCommands]

export type PlaceEvent
  = | { readonly type: 'place-described', readonly version: 1, readonly payload: PlaceCommands['place.describe'] }
    | { readonly type: 'store-laid-out', readonly version: 1, readonly payload: PlaceCommands['place.lay-out-store'] }

export function evolvePlace(place: Place | null, event: PlaceEvent): Place | null {
  if (event.type === 'place-described') return { store: null, ...place, ...event.payload }
  return place && { ...place, store: event.payload.store }
}

/** Decides a change to a place: it is described before anything is kept in it. */
export function decidePlace(place: Place | null, placeId: string, command: PlaceCommand): Decision<PlaceEvent> {
  if (command.type === 'place.describe') return { events: [{ type: 'place-described', version: 1, payload: command.payload }] }
  return place
    ? { events: [{ type: 'store-laid-out', version: 1, payload: command.payload }] }
    : { refused: [finding('hold', 'command.unknown-stream', { streamId: placeId })] }
}
