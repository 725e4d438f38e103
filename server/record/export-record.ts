import type pg from 'pg'
import type { ExportRow } from '../../scripts/zonaris-verify.mjs'

/** Rows fetched at a time. */
const PAGE = 2000

interface EventRow {
  site_id: string
  stream_id: string
  version: number
  position: number
  type: string
  body: string
  prev_hash: string
  hash: string
  recorded_at: Date
  actor_kind: string
  actor_person_id: string | null
  command_id: string
  json_stands: boolean
}

const toRow = (row: EventRow): ExportRow => ({
  kind: 'event',
  siteId: row.site_id,
  streamId: row.stream_id,
  version: row.version,
  position: row.position,
  type: row.type,
  body: row.body,
  prevHash: row.prev_hash,
  hash: row.hash,
  recordedAt: row.recorded_at.toISOString(),
  actorKind: row.actor_kind,
  actorPersonId: row.actor_person_id,
  commandId: row.command_id,
  jsonStands: row.json_stands,
})

/**
 * The record as it stands, row by row: counters, heads, and every event with its columns, in the order of positions. Ask inside a
 * transaction that sees one moment.
 *
 * @param siteId one site, or all (null)
 */
export async function* exportRecord(db: pg.ClientBase, siteId: string | null): AsyncGenerator<ExportRow> {
  // Whatever has a counter, a stream or an event is a site: one of the three left alone is found.
  const { rows: sites } = await db.query<{ site_id: string, position: number | null }>(
    `select s.site_id, p.position
      from (select site_id from site_position union select site_id from stream union select distinct site_id from event) s
      left join site_position p on p.site_id = s.site_id where $1::text is null or s.site_id = $1 order by s.site_id`,
    [siteId],
  )
  for (const { site_id, position } of sites) {
    yield { kind: 'site', siteId: site_id, position: position ?? 0 }
    const { rows: streams } = await db.query<{ stream_id: string, version: number, head_hash: string }>(
      'select stream_id, version, head_hash from stream where site_id = $1 order by stream_id',
      [site_id],
    )
    for (const row of streams)
      yield { kind: 'stream', siteId: site_id, streamId: row.stream_id, version: row.version, headHash: row.head_hash }
    // From below every number: one that somebody set below zero is read too.
    for (let after = Number.MIN_SAFE_INTEGER, streamAfter = ''; ;) {
      // Two at one position would be a wound: the stream decides, so that neither is passed over.
      const { rows } = await db.query<EventRow>(
        `select site_id, stream_id, version, position, type, body, prev_hash, hash, recorded_at,
          actor_kind, actor_person_id, command_id::text, body_json = body::jsonb as json_stands
        from event where site_id = $1 and (position, stream_id) > ($2, $3) order by position, stream_id limit ${PAGE}`,
        [site_id, after, streamAfter],
      )
      for (const row of rows) yield toRow(row)
      const last = rows.at(-1)
      if (!last || rows.length < PAGE) break
      after = last.position
      streamAfter = last.stream_id
    }
  }
}
