import { asLanded, request } from '../stream-kind'
import type { StreamKind } from '../stream-kind'
import { decidePlace, evolvePlace } from './place'
import type { Place, PlaceCommand, PlaceEvent } from './place'

/** A place on the site's grid: where cylinders stand and hot work is done. */
export const placeKind: StreamKind<'place', Place | null, PlaceEvent, PlaceCommand> = {
  id: 'place',
  initial: null,
  evolve: evolvePlace,
  upcast: asLanded,
  commands: { 'place.describe': request('keep-store'), 'place.lay-out-store': request('keep-store') },
  decide: (place, command, { id }) => decidePlace(place, id, command),
}
