import type { Queryable } from '../database/connection'
import type { SamplesState } from '#core/streams/samples/samples'

export async function writeSamples(
  db: Queryable,
  siteId: string,
  bayId: string,
  version: number,
  { surveys }: SamplesState,
): Promise<void> {
  await db.query(
    `insert into samples_reading (site_id, bay_id, version, surveys) values ($1, $2, $3, $4)
    on conflict (site_id, bay_id) do update set version = excluded.version, surveys = excluded.surveys`,
    [siteId, bayId, version, JSON.stringify(surveys)],
  )
}
