import type { Statement } from '../database/statement'
import type { HallState } from '#core/streams/hall/hall'

export function writeHall(siteId: string, hallId: string, version: number, hall: HallState): Statement[] {
  return [
    {
      text: `insert into hall_reading (site_id, hall_id, version, hall) values ($1, $2, $3, $4)
    on conflict (site_id, hall_id) do update set version = excluded.version, hall = excluded.hall`,
      values: [siteId, hallId, version, JSON.stringify(hall)],
    },
  ]
}
