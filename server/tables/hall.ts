import type { Queryable } from '../database/connection'
import type { HallState } from '#core/streams/hall/hall'

export async function writeHall(db: Queryable, siteId: string, hallId: string, version: number, hall: HallState): Promise<void> {
  await db.query(
    `insert into hall_reading (site_id, hall_id, version, hall) values ($1, $2, $3, $4)
    on conflict (site_id, hall_id) do update set version = excluded.version, hall = excluded.hall`,
    [siteId, hallId, version, JSON.stringify(hall)],
  )
}
