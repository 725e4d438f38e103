import type { Job } from '#core/job/job'
import type { StillThere } from '#core/streams/site/still-there'
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

/** Who works at these bays, and what stands at them or is for them. */
export async function readStillThere(db: Queryable, siteId: string, bayIds: readonly string[]): Promise<StillThere[]> {
  const { rows } = await db.query<{ bay_id: string, what: StillThere['what'], name: string }>(
    `
    select s.bay_id, 'person' as what, coalesce(p.name, s.person_id) as name from station_reading s
      left join person_reading p on p.site_id = s.site_id and p.person_id = s.person_id
    where s.site_id = $1 and s.bay_id = any($2) and s.person_id is not null
    union all
    select bay_id, 'permit', permit ->> 'code' from permit_reading where site_id = $1 and is_open and bay_id = any($2)
    union all
    select bay_id, 'cylinder', cylinder ->> 'tag' from cylinder_reading where site_id = $1 and not is_returned and bay_id = any($2)
    order by bay_id, what, name`,
    [siteId, bayIds],
  )
  return rows.map(({ bay_id: bayId, what, name }) => ({ bayId, what, name }))
}

/** Bays at which people stand or help now whose day was also spent at these bays, and at which these people stand. */
export async function baysOfPeople(
  db: Queryable,
  siteId: string,
  bayIds: readonly string[],
  personIds: readonly string[],
): Promise<string[]> {
  const { rows } = await db.query<{ bay_id: string }>(
    `
    with people as (
      select person_id from station_reading where site_id = $1 and bay_id = any($2)
      union select one ->> 'personId' from station_reading, jsonb_array_elements((facts -> 'earlierJobs') || (facts -> 'helpers')) one
        where site_id = $1 and bay_id = any($2)
      union select unnest($3::text[]))
    select bay_id from station_reading where site_id = $1 and (person_id in (select person_id from people) or exists (
      select 1 from jsonb_array_elements(facts -> 'helpers') one where one ->> 'personId' in (select person_id from people)))
    order by bay_id`,
    [siteId, bayIds, personIds],
  )
  return rows.map(row => row.bay_id)
}
