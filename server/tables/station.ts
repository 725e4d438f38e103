import type { Job } from '#core/job/job'
import type { Station } from '#core/streams/station/station'
import type { StationReading } from '#shared/contract/readings'
import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import { asStationFacts } from './states'

export function writeStation(siteId: string, bayId: string, version: number, { gates: _gates, ...facts }: Station): Statement[] {
  return [
    {
      text: `insert into station_reading (site_id, bay_id, version, person_id, stopped, facts) values ($1, $2, $3, $4, $5, $6)
    on conflict (site_id, bay_id) do update set version = excluded.version, person_id = excluded.person_id, stopped = excluded.stopped, facts = excluded.facts`,
      values: [siteId, bayId, version, facts.personId, facts.stop !== null, JSON.stringify(facts)],
    },
  ]
}

export async function readStations(db: Queryable, siteId: string): Promise<StationReading[]> {
  const { rows } = await db.query<{ bay_id: string, version: number, facts: unknown }>(
    'select bay_id, version, facts from station_reading where site_id = $1 order by bay_id',
    [siteId],
  )
  return rows.map(row => ({ bayId: row.bay_id, version: row.version, facts: asStationFacts(row.facts) }))
}

/** The job that stands at a bay; null when none does. */
export async function readJobAt(db: Queryable, siteId: string, bayId: string): Promise<Job | null> {
  const { rows } = await db.query<{ job: Job | null }>(
    `select facts->'job' as job from station_reading where site_id = $1 and bay_id = $2`,
    [siteId, bayId],
  )
  return rows[0]?.job ?? null
}

/** Who stands at a bay; null for nobody. */
export async function readStandsAt(db: Queryable, siteId: string, bayId: string): Promise<string | null> {
  const { rows } = await db.query<{ person_id: string | null }>(
    'select person_id from station_reading where site_id = $1 and bay_id = $2',
    [siteId, bayId],
  )
  return rows[0]?.person_id ?? null
}

/** Bays at which people stand now whose day was also spent at these bays, and at which these people stand. */
export async function baysOfPeople(
  db: Queryable,
  siteId: string,
  bayIds: readonly string[],
  personIds: readonly string[],
): Promise<string[]> {
  const { rows } = await db.query<{ bay_id: string }>(
    `
    select bay_id from station_reading where site_id = $1 and person_id in (
      select person_id from station_reading where site_id = $1 and bay_id = any($2)
      union select job ->> 'personId' from station_reading, jsonb_array_elements(facts -> 'earlierJobs') job where site_id = $1 and bay_id = any($2)
      union select unnest($3::text[]))
    order by bay_id`,
    [siteId, bayIds, personIds],
  )
  return rows.map(row => row.bay_id)
}
