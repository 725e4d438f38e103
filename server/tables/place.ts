import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import type { Place } from '#core/streams/place/place'
import type { PlaceReading } from '#shared/contract/readings'
import { asPlace } from './states'

export function writePlace(siteId: string, placeId: string, version: number, place: Place | null): Statement[] {
  if (!place) return []
  return [
    {
      text: `insert into place_reading (site_id, place_id, version, place) values ($1, $2, $3, $4)
    on conflict (site_id, place_id) do update set version = excluded.version, place = excluded.place`,
      values: [siteId, placeId, version, JSON.stringify(place)],
    },
  ]
}

export async function readPlaces(db: Queryable, siteId: string): Promise<PlaceReading[]> {
  const { rows } = await db.query<{ place_id: string, version: number, place: unknown }>(
    'select place_id, version, place from place_reading where site_id = $1 order by place_id',
    [siteId],
  )
  return rows.map(row => ({ placeId: row.place_id, version: row.version, place: asPlace(row.place) }))
}

/** Places by their ids; one that is not known is not there. */
export async function readPlacesById(db: Queryable, siteId: string, placeIds: readonly string[]): Promise<Record<string, Place>> {
  const { rows } = await db.query<{ place_id: string, place: unknown }>(
    'select place_id, place from place_reading where site_id = $1 and place_id = any($2)',
    [siteId, placeIds],
  )
  return Object.fromEntries(rows.map(({ place_id, place }) => [place_id, asPlace(place)]))
}
