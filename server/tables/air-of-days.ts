import type { AirOfDay } from '#core/exposure/air-of-day'
import { personStream } from '#core/ids/streams'
import type { Queryable } from '../database/connection'

/** So many days at a time: a year and a little. */
export const DAYS_AT_A_TIME = 370

/**
 * What somebody breathed, day by day, newest first, as the record has it.
 *
 * @param before only days before this one, YYYY-MM-DD
 */
export async function readAirOfDays(
  db: Queryable,
  siteId: string,
  personId: string,
  before: string | null,
  limit = DAYS_AT_A_TIME,
): Promise<readonly AirOfDay[]> {
  const { rows } = await db.query<{ payload: AirOfDay }>(
    `select body_json -> 'payload' as payload from event
     where site_id = $1 and stream_id = $2 and type = 'air-of-day-kept' and ($3::text is null or body_json -> 'payload' ->> 'day' < $3)
     order by version desc limit $4`,
    [siteId, personStream(personId), before, limit],
  )
  return rows.map(({ payload }) => payload)
}
