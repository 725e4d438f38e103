import { asLanded, request } from '../stream-kind'
import type { StreamKind } from '../stream-kind'
import { decideWardrobe, EMPTY_WARDROBE, evolveWardrobe } from './wardrobe'
import type { Wardrobe, WardrobeCommand, WardrobeEvent } from './wardrobe'

/** The clothes that the shop lends. No gate rests on what hangs there, only on what somebody has on. */
export const wardrobeKind: StreamKind<'wardrobe', Wardrobe, WardrobeEvent, WardrobeCommand> = {
  id: 'wardrobe',
  initial: EMPTY_WARDROBE,
  evolve: evolveWardrobe,
  upcast: asLanded,
  commands: { 'wardrobe.count': request('keep-store') },
  decide: decideWardrobe,
}
