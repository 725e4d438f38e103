import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import type { CylinderState } from '#core/streams/cylinder/cylinder'
import type { CylinderReadingRow } from '#shared/contract/readings'
import { tagIdOf } from '#core/ids/tag'
import { asCylinder } from './states'

export function writeCylinder(siteId: string, tagId: string, version: number, cylinder: CylinderState | null): Statement[] {
  if (!cylinder) return []
  const { standing } = cylinder
  return [
    {
      text: `insert into cylinder_reading (site_id, tag_id, version, place_id, bay_id, is_returned, cylinder) values ($1, $2, $3, $4, $5, $6, $7)
    on conflict (site_id, tag_id) do update set version = excluded.version, place_id = excluded.place_id, bay_id = excluded.bay_id, is_returned = excluded.is_returned, cylinder = excluded.cylinder`,
      values: [
        siteId,
        tagId,
        version,
        standing?.in === 'place' ? standing.placeId : null,
        standing?.in === 'bay' ? standing.bayId : null,
        cylinder.isReturned,
        JSON.stringify(cylinder),
      ],
    },
  ]
}

/** Cylinders that are here; or one, wherever it is. */
export async function readCylinders(db: Queryable, siteId: string, tag: string | null = null): Promise<CylinderReadingRow[]> {
  const { rows } = await db.query<{ tag_id: string, version: number, cylinder: unknown }>(
    `select tag_id, version, cylinder from cylinder_reading where site_id = $1 and ${tag === null ? 'not is_returned' : 'tag_id = $2'} order by tag_id`,
    tag === null ? [siteId] : [siteId, tagIdOf(tag)],
  )
  return rows.map(row => ({ tagId: row.tag_id, version: row.version, cylinder: asCylinder(row.cylinder) }))
}
