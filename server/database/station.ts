import type { Job } from '#core/job/job'
import type { Station } from '#core/streams/station/station'
import type { StationReading } from '#shared/readings'
import type { Queryable } from './connection'

export async function writeStation(db: Queryable, siteId: string, bayId: string, version: number, { gates: _gates, ...facts }: Station): Promise<void> {
  await db.query(`insert into station_reading (site_id, bay_id, version, person_id, stopped, facts) values ($1, $2, $3, $4, $5, $6)
    on conflict (site_id, bay_id) do update set version = excluded.version, person_id = excluded.person_id, stopped = excluded.stopped, facts = excluded.facts`,
  [siteId, bayId, version, facts.personId, facts.stop !== null, JSON.stringify(facts)])
}

export async function readStations(db: Queryable, siteId: string): Promise<StationReading[]> {
  const { rows } = await db.query<{ bay_id: string, version: number, facts: StationReading['facts'] }>(
    'select bay_id, version, facts from station_reading where site_id = $1 order by bay_id', [siteId])
  return rows.map(row => ({ bayId: row.bay_id, version: row.version, facts: row.facts }))
}

/** The job that stands at a bay; null when none does. */
export async function readJobAt(db: Queryable, siteId: string, bayId: string): Promise<Job | null> {
  const { rows } = await db.query<{ job: Job | null }>(`select facts->'job' as job from station_reading where site_id = $1 and bay_id = $2`, [siteId, bayId])
  return rows[0]?.job ?? null
}
