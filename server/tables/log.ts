import type { LifeEntry, LogEntry } from '#shared/contract/readings'
import type { EventBody } from '../database/event'
import type { Queryable } from '../database/connection'

/** The long code behind a permit's paper opens its public page: it is for whoever holds the paper. */
function withoutToken(payload: unknown): unknown {
  if (typeof payload !== 'object' || payload === null || !('token' in payload)) return payload
  const { token: _token, ...rest } = payload
  return rest
}

/** Some streams by their ids, which an index finds; by the beginning of their ids (`item/%` for all of a kind); or all of them. */
function amongStreams(streamIds: readonly string[] | null): { readonly name: string, readonly where: string } {
  if (streamIds === null) return { name: 'log', where: '$4::text[] is null' }
  return streamIds.some(id => id.endsWith('%'))
    ? { name: 'log-of-kinds', where: 'e.stream_id like any($4)' }
    : { name: 'log-of-streams', where: 'e.stream_id = any($4)' }
}

/** Events of a site, newest first, before a position; of some streams only, or of all. */
export async function readLog(
  db: Queryable,
  siteId: string,
  { before, limit, streamIds }: { before: number | null, limit: number, streamIds: readonly string[] | null },
): Promise<LogEntry[]> {
  const { name, where } = amongStreams(streamIds)
  const { rows } = await db.query<{
    position: number
    stream_id: string
    version: number
    type: string
    body_json: EventBody
    hash: string
    actor_kind: LogEntry['actorKind']
    actor_name: string | null
  }>({
    name,
    text: `
    select e.position, e.stream_id, e.version, e.type, e.body_json, e.hash, e.actor_kind, p.name as actor_name
    from event e left join person_reading p on p.site_id = e.site_id and p.person_id = coalesce(e.actor_person_id, e.body_json -> 'actor' ->> 'forPersonId')
    where e.site_id = $1 and ($2::bigint is null or e.position < $2) and ${where}
    order by e.position desc limit $3`,
    values: [siteId, before, limit, streamIds],
  })
  return rows.map(({ position, stream_id, version, type, body_json, hash, actor_kind, actor_name }) => ({
    position,
    streamId: stream_id,
    version,
    type,
    at: body_json.at,
    recordedAt: body_json.recordedAt,
    actorKind: actor_kind,
    actorName: actor_name,
    payload: withoutToken(body_json.payload),
    hash,
  }))
}

/** What changed after a position: for those who listen. */
export async function readChanges(
  db: Queryable,
  siteId: string,
  after: number,
  limit = 500,
): Promise<{ position: number, streamId: string, type: string }[]> {
  const { rows } = await db.query<{ position: number, stream_id: string, type: string }>(
    'select position, stream_id, type from event where site_id = $1 and position > $2 order by position limit $3',
    [siteId, after, limit],
  )
  return rows.map(row => ({ position: row.position, streamId: row.stream_id, type: row.type }))
}

/** The whole life of one stream, newest first. */
export async function readLife(db: Queryable, siteId: string, streamId: string): Promise<LifeEntry[]> {
  const entries = await readLog(db, siteId, { before: null, limit: 500, streamIds: [streamId] })
  return entries.map(({ hash: _hash, streamId: _id, ...entry }) => entry)
}
