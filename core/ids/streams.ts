/** Ids of the streams. One site's streams are its own: the site is part of the key everywhere. */
export const SITE_STREAM = 'site'

export const HOUSE_RULES_STREAM = 'house-rules'

export const SEAL_STREAM = 'seal'

export const stationStream = (bayId: string): string => `station/${bayId}`

export const FUME_SHEETS_STREAM = 'fume-sheets'

export const hallStream = (hallId: string): string => `hall/${hallId}`

export const samplesStream = (bayId: string): string => `samples/${bayId}`

export const CHECK_LISTS_STREAM = 'check-lists'

export const WARDROBE_STREAM = 'wardrobe'

export const DAY_PLANS_STREAM = 'day-plans'

export const kitItemStream = (tagId: string): string => `item/${tagId}`

export const cylinderStream = (tagId: string): string => `cylinder/${tagId}`

export const placeStream = (placeId: string): string => `place/${placeId}`

export const monitorStream = (monitorId: string): string => `monitor/${monitorId}`

export const permitStream = (permitId: string): string => `permit/${permitId}`

export const noticeStream = (noticeId: string): string => `notice/${noticeId}`

export const personStream = (personId: string): string => `person/${personId}`

/** Streams of which a site has one, and streams of which it has many. */
export const SINGLE = ['site', 'house-rules', 'seal', 'fume-sheets', 'check-lists', 'wardrobe', 'day-plans'] as const

export const MANY = ['station', 'person', 'hall', 'samples', 'item', 'cylinder', 'place', 'notice', 'permit', 'monitor'] as const

export type StreamKindName = typeof SINGLE[number] | typeof MANY[number]

/** The kind of a stream, and the id behind it. */
export function readStreamId(streamId: string): { readonly kind: StreamKindName, readonly id: string } | null {
  const [name, id, ...more] = streamId.split('/')
  if (more.length > 0) return null
  const single = SINGLE.find(kind => kind === name)
  if (single && id === undefined) return { kind: single, id: single }
  const many = MANY.find(kind => kind === name)
  return many && id ? { kind: many, id } : null
}
