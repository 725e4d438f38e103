import type { LogKindId } from '#core/ids/log-kinds'
import { LOG_KIND } from '#core/ids/log-kinds'
import { placeStream, samplesStream, stationStream } from '#core/ids/streams'
import type { Instant } from '#core/time/instant'
import type { LifeEntry, LogEntry } from '#shared/contract/readings'
import type { EventBody } from '../database/event'
import type { Queryable } from '../database/connection'

/** The long code behind a permit's paper opens its public page: it is for whoever holds the paper. */
function withoutToken(payload: unknown): unknown {
  if (typeof payload !== 'object' || payload === null || !('token' in payload)) return payload
  const { token: _token, ...rest } = payload
  return rest
}

/** Streams by their ids, which an index finds, or by the beginning of their ids: `item/%` for all of a kind. */
type Among = readonly string[]

/** Which lines of the record are wanted; what is left out is not asked about. */
export interface Wanted {
  /** Nothing outside these. */
  readonly streamIds?: Among | null
  /** Somebody did it, or a device for them. */
  readonly personId?: string | null
  /** It happened at a bay, or to what stands or is used there. */
  readonly bayId?: string | null
  /** It happened at a place outside the bays, or to what stands there. */
  readonly placeId?: string | null
  /** It happened since one instant and before another. */
  readonly since?: Instant | null
  readonly until?: Instant | null
  /** It is of one kind. */
  readonly kind?: LogKindId | null
}

/** The parts of a search, each with its values: the text depends only on what is asked for, never on the values. */
class Search {
  readonly values: unknown[] = []
  readonly parts: string[] = []

  add(part: (...names: readonly string[]) => string, ...values: readonly unknown[]): void {
    this.parts.push(part(...values.map(value => `$${this.values.push(value)}`)))
  }

  among(ids: Among): void {
    if (ids.some(id => id.endsWith('%'))) this.add(all => `e.stream_id like any(${all}::text[])`, ids)
    else this.add(all => `e.stream_id = any(${all}::text[])`, ids)
  }
}

/** What became of a thing at a bay or a place names it in one of these ways; the permits there are found beside. */
const NAMES_BAY = `e.body_json -> 'payload' ->> 'bayId'`
const NAMES_PLACE = `coalesce(e.body_json -> 'payload' ->> 'placeId', e.body_json -> 'payload' -> 'place' ->> 'placeId')`

function searchFor(siteId: string, { before, wanted }: { readonly before: number | null, readonly wanted: Wanted }): Search {
  const search = new Search()
  // The site is the first of the values: the parts below call it $1.
  search.add(site => `e.site_id = ${site}`, siteId)
  if (before !== null) search.add(position => `e.position < ${position}`, before)
  if (wanted.streamIds) search.among(wanted.streamIds)
  if (wanted.personId)
    search.add(id => `(e.actor_person_id = ${id} or e.body_json -> 'actor' ->> 'forPersonId' = ${id})`, wanted.personId)
  if (wanted.bayId)
    search.add(
      (id, used, streams) => `(e.stream_id = any(${streams}::text[]) or ${NAMES_BAY} = ${id}
        or e.body_json -> 'payload' -> 'assignment' @> ${used}::jsonb or e.body_json -> 'payload' -> 'assignment' -> 'alsoIds' ? ${id}
        or e.stream_id in (select 'permit/' || permit_id from permit_reading p where p.site_id = $1 and p.bay_id = ${id}))`,
      wanted.bayId,
      JSON.stringify({ to: 'bay', id: wanted.bayId }),
      [stationStream(wanted.bayId), samplesStream(wanted.bayId)],
    )
  if (wanted.placeId)
    search.add(
      (id, stream) => `(e.stream_id = ${stream} or ${NAMES_PLACE} = ${id}
        or e.stream_id in (select 'permit/' || permit_id from permit_reading p where p.site_id = $1 and p.place_id = ${id}))`,
      wanted.placeId,
      placeStream(wanted.placeId),
    )
  // When it happened counts; nothing is recorded before it happened, but for a clock that runs a little fast.
  if (wanted.since)
    search.add(
      since => `(e.body_json ->> 'at')::timestamptz >= ${since}::timestamptz and e.recorded_at >= ${since}::timestamptz - interval '1 day'`,
      wanted.since,
    )
  if (wanted.until) search.add(until => `(e.body_json ->> 'at')::timestamptz < ${until}::timestamptz`, wanted.until)
  if (wanted.kind) {
    const { single, many, types, without } = LOG_KIND[wanted.kind]
    search.among([...single, ...many.map(name => `${name}/%`)])
    if (types) search.add(all => `e.type = any(${all}::text[])`, types)
    if (without) search.add(all => `e.type <> all(${all}::text[])`, without)
  }
  return search
}

/** Lines that replace what a line before them said: they tell from what to what. Several things of one stream are told apart by a field. */
const REPLACES: Readonly<Record<string, { readonly types: readonly string[], readonly by?: string }>> = {
  'house-rules-changed': { types: ['house-rules-changed'] },
  'person-changed': { types: ['person-added', 'person-changed'] },
  'competences-named': { types: ['competences-named'] },
  'bay-changed': { types: ['bay-added', 'bay-changed'], by: 'bayId' },
  'helmet-set': { types: ['helmet-set'] },
  'hood-placed': { types: ['hood-placed'] },
  'gate-changed': { types: ['gate-changed'], by: 'gate' },
}

/** A line of the record as it is read. */
interface EventRow {
  position: number
  stream_id: string
  version: number
  type: string
  body_json: EventBody
  hash: string
  actor_kind: LogEntry['actorKind']
  actor_name: string | null
  permit_where: string | null
}

/** What the replaced lines said, by the position of the line that replaced them. */
async function readReplaced(
  db: Queryable,
  siteId: string,
  rows: readonly Pick<EventRow, 'position' | 'stream_id' | 'version' | 'type' | 'body_json'>[],
): Promise<ReadonlyMap<number, unknown>> {
  const asked = rows.filter(({ type }) => type in REPLACES).map(({ position, stream_id, version, type, body_json }) => {
    const { types, by = null } = REPLACES[type]!
    return { position, stream_id, version, types, by, id: by === null ? null : (body_json.payload as Record<string, string>)[by] }
  })
  if (asked.length === 0) return new Map()
  const { rows: found } = await db.query<{ position: number, payload: unknown }>({
    name: 'log-replaced',
    text: `
    select a.position, b.body_json -> 'payload' as payload
    from jsonb_to_recordset($2::jsonb) as a (position bigint, stream_id text, version integer, types jsonb, by text, id text)
    cross join lateral (
      select body_json from event b
      where b.site_id = $1 and b.stream_id = a.stream_id and b.version < a.version and a.types ? b.type
        and (a.by is null or b.body_json -> 'payload' ->> a.by = a.id)
      order by b.version desc limit 1
    ) b`,
    values: [siteId, JSON.stringify(asked)],
  })
  return new Map(found.map(({ position, payload }) => [Number(position), payload]))
}

/** Events of a site, newest first, before a position: those that are wanted. */
export async function readLog(
  db: Queryable,
  siteId: string,
  { before, limit, wanted }: { readonly before: number | null, readonly limit: number, readonly wanted: Wanted },
): Promise<LogEntry[]> {
  const search = searchFor(siteId, { before, wanted })
  const { rows } = await db.query<EventRow>({
    text: `
    select e.position, e.stream_id, e.version, e.type, e.body_json, e.hash, e.actor_kind, p.name as actor_name,
      w.permit -> 'request' -> 'place' ->> 'where' as permit_where
    from event e
    left join person_reading p on p.site_id = e.site_id
      and p.person_id = coalesce(e.actor_person_id, e.body_json -> 'actor' ->> 'forPersonId')
    left join permit_reading w on w.site_id = e.site_id
      and w.permit_id = case when e.stream_id like 'permit/%' then substr(e.stream_id, 8) end
    where ${search.parts.join(' and ')}
    order by e.position desc limit $${search.values.push(limit)}`,
    values: search.values,
  })
  const replaced = await readReplaced(db, siteId, rows)
  return rows.map(({ position, stream_id, version, type, body_json, hash, actor_kind, actor_name, permit_where }) => ({
    position,
    streamId: stream_id,
    version,
    type,
    at: body_json.at,
    recordedAt: body_json.recordedAt,
    actorKind: actor_kind,
    actorName: actor_name,
    about: permit_where,
    payload: withoutToken(body_json.payload),
    was: replaced.get(Number(position)) ?? null,
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
  const entries = await readLog(db, siteId, { before: null, limit: 500, wanted: { streamIds: [streamId] } })
  return entries.map(({ hash: _hash, streamId: _id, about: _about, ...entry }) => entry)
}
