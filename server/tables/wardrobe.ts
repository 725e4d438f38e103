import type { Wardrobe } from '#core/streams/wardrobe/wardrobe'
import { EMPTY_WARDROBE } from '#core/streams/wardrobe/wardrobe'
import { oneOfSite } from './one-of-site'
import { shapedAs } from './shaped'

/** The clothes that a shop lends. */
export const { write: writeWardrobe, read: readWardrobe }
  = oneOfSite('wardrobe_reading', 'wardrobe', shapedAs<Wardrobe>('wardrobe_reading', { lines: 'list' }), EMPTY_WARDROBE)
