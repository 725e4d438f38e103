import { createHash } from 'node:crypto'
import canonicalize from 'canonicalize'
import type { Actor } from '#core/streams/decision'
import type { AnswerKey } from './command-answer'
import type { Queryable } from './connection'
import { send, sendTogether } from './statement'
import type { Statement } from './statement'
import type { Instant } from '#core/time/instant'

/** An event as decided, before it is given its place in the chain. */
export interface DecidedEvent {
  readonly streamId: string
  readonly type: string
  readonly version: number
  readonly payload: unknown
}

/** What the canonical text of an event says. It is what is hashed. */
export interface EventBody {
  readonly siteId: string
  readonly streamId: string
  readonly version: number
  readonly type: string
  readonly typeVersion: number
  readonly at: Instant
  readonly recordedAt: Instant
  readonly actor: Actor
  readonly commandId: string
  readonly payload: unknown
}

/** An event with its canonical text and its place in the chain. */
export interface ChainedEvent {
  readonly streamId: string
  readonly version: number
  readonly type: string
  readonly text: string
  readonly prevHash: string
  readonly hash: string
}

/** The head of a stream: how many events it has, and the hash of the last. */
export interface Head { readonly version: number, readonly hash: string }

export const NEW_STREAM: Head = { version: 0, hash: '' }

/** SHA-256, hex, over the hash before and the canonical text of the event. */
export const chainHash = (prevHash: string, text: string): string => createHash('sha256').update(prevHash).update(text).digest('hex')

/** Canonical JSON text (RFC 8785). */
export function canonicalText(body: unknown): string {
  const text = canonicalize(body)
  if (text === undefined) throw new TypeError('only JSON can be written canonically')
  return text
}

/** Puts an event at the end of its stream. */
export function chain(head: Head, body: Omit<EventBody, 'version'>): { readonly event: ChainedEvent, readonly head: Head } {
  const version = head.version + 1
  const text = canonicalText({ ...body, version })
  const hash = chainHash(head.hash, text)
  return { event: { streamId: body.streamId, version, type: body.type, text, prevHash: head.hash, hash }, head: { version, hash } }
}

/** `update` for streams that may change, `share` for those only read from. */
export type LockMode = 'update' | 'share'

const LOCKS: { readonly [Mode in LockMode]: string } = { update: 'for no key update', share: 'for share' }
const lockText = (nth: number, mode: LockMode): string => `select stream_id, version, head_hash from (
  select stream_id, version, head_hash from stream where site_id = $1 and stream_id = any($${nth}) order by stream_id ${LOCKS[mode]}) locked`

interface HeadRow { readonly stream_id: string, readonly version: number, readonly head_hash: string }
const headsOf = (rows: readonly HeadRow[]): Map<string, Head> =>
  new Map(rows.map(({ stream_id, version, head_hash }) => [stream_id, { version, hash: head_hash }]))

/** Locks the heads of streams in sorted order and reads them; a stream not there yet is made. */
export async function lockHeads(
  db: Queryable,
  siteId: string,
  streamIds: readonly string[],
  mode: LockMode,
): Promise<Map<string, Head>> {
  const sorted = [...new Set(streamIds)].sort()
  if (sorted.length === 0) return new Map()
  const read = async () => headsOf((await send<HeadRow>(db, { text: lockText(2, mode), values: [siteId, sorted] })).rows)
  const heads = await read()
  if (heads.size === sorted.length) return heads
  await db.query('insert into stream (site_id, stream_id) select $1, unnest($2::text[]) on conflict do nothing', [siteId, sorted])
  return read()
}

/**
 * Locks what every decision looks at and then, in the same question, streams that may change: each in sorted order, one after the
 * other, as two questions would. What is not there yet is not made.
 */
export async function lockHeadsAfter(
  db: Queryable,
  siteId: string,
  first: { readonly streamIds: readonly string[], readonly mode: LockMode },
  streamIds: readonly string[],
): Promise<Map<string, Head>> {
  const text = `${lockText(2, first.mode)} union all ${lockText(3, 'update')}`
  return headsOf((await send<HeadRow>(db, { text, values: [siteId, first.streamIds, streamIds] })).rows)
}

/** The canonical texts of a stream's events after a version, in order; up to a version, where one is named. */
export async function readBodies(
  db: Queryable,
  siteId: string,
  streamId: string,
  afterVersion: number,
  upTo: number | null = null,
): Promise<EventBody[]> {
  const { rows } = await db.query<{ body: string }>(
    `select body from event where site_id = $1 and stream_id = $2 and version > $3 and ($4::int is null or version <= $4) order by version`,
    [siteId, streamId, afterVersion, upTo],
  )
  return rows.map(({ body }) => JSON.parse(body) as EventBody)
}

/** The head of a stream as it was at a place in the record. */
export async function headUpTo(db: Queryable, siteId: string, streamId: string, position: number): Promise<Head> {
  const { rows } = await db.query<Head>(
    'select version, hash from event where site_id = $1 and stream_id = $2 and position <= $3 order by version desc limit 1',
    [siteId, streamId, position],
  )
  return rows[0] ?? NEW_STREAM
}

/** Is this what the chain of a stream says at a version? */
export async function isOfChain(db: Queryable, siteId: string, streamId: string, { version, hash }: Head): Promise<boolean> {
  const { rowCount } = await db.query(
    'select 1 from event where site_id = $1 and stream_id = $2 and version = $3 and hash = $4', [siteId, streamId, version, hash])
  return rowCount === 1
}

/** What an append is known by: when, by whom, under which command, and the answer that is kept for it. */
export interface Appended {
  readonly recordedAt: Instant
  readonly actorKind: Actor['kind']
  readonly actorPersonId: string | null
  readonly key: AnswerKey
  /** What is answered; the position that was taken is put into it. */
  readonly answer: { readonly status: number, readonly body: object }
}

/**
 * Appends events, moves the heads, takes the site's next positions, keeps the command's answer and writes what is derived: one
 * statement, the last of its transaction, so that the site's counter is held for as short as can be and positions have no gaps.
 *
 * @param derived what writes the read tables; each changes rows of its own
 * @returns the last position taken
 */
export async function append(
  db: Queryable,
  events: readonly ChainedEvent[],
  derived: readonly Statement[],
  { recordedAt, actorKind, actorPersonId, key: { siteId, isHouse, commandId }, answer: { status, body } }: Appended,
): Promise<number> {
  const { rows } = await sendTogether<{ position: number }>(db, derived, {
    text: `
    with next as (
      insert into site_position as p (site_id, position) values ($1, $2)
      on conflict (site_id) do update set position = p.position + $2 returning position
    ), appended as (
      insert into event (site_id, stream_id, version, position, type, body, prev_hash, hash, recorded_at, actor_kind, actor_person_id, command_id)
      select $1, e.stream_id, e.version, next.position - $2 + e.nth, e.type, e.body, e.prev_hash, e.hash, $9, $10, $11, $12
      from next, unnest($3::text[], $4::int[], $5::text[], $6::text[], $7::text[], $8::text[])
        with ordinality as e (stream_id, version, type, body, prev_hash, hash, nth)
    ), moved as (
      update stream s set version = h.version, head_hash = h.hash
      from (select distinct on (stream_id) stream_id, version, hash from unnest($3::text[], $4::int[], $8::text[]) as u (stream_id, version, hash)
            order by stream_id, version desc) h
      where s.site_id = $1 and s.stream_id = h.stream_id
    ), answered as (
      update command_answer set status = $13, answer = $14::jsonb || jsonb_build_object('position', next.position)
      from next where site_id = $1 and by_house = $15 and command_id = $12
    )
    select position from next`,
    values: [
      siteId,
      events.length,
      events.map(e => e.streamId),
      events.map(e => e.version),
      events.map(e => e.type),
      events.map(e => e.text),
      events.map(e => e.prevHash),
      events.map(e => e.hash),
      recordedAt,
      actorKind,
      actorPersonId,
      commandId,
      status,
      JSON.stringify(body),
      isHouse,
    ],
  })
  return rows[0]!.position
}

/** Where the chain of a stream breaks. */
export interface Break { readonly streamId: string, readonly version: number, readonly what: 'text' | 'link' | 'gap' | 'head' | 'columns' }

/**
 * Reads every event of a site again and checks its hash, its link to the event before, that no version is missing, that
 * the columns say what the text says, and that the stream's head is the last.
 *
 * @returns the breaks found; empty when the record stands
 */
export async function verifyChains(db: Queryable, siteId: string): Promise<Break[]> {
  const breaks: Break[] = []
  const { rows: streams } = await db.query<{ stream_id: string, version: number, head_hash: string }>(
    'select stream_id, version, head_hash from stream where site_id = $1 order by stream_id', [siteId])
  for (const { stream_id: streamId, version: headVersion, head_hash } of streams) {
    const { rows } = await db.query<{ version: number, type: string, body: string, prev_hash: string, hash: string }>(
      'select version, type, body, prev_hash, hash from event where site_id = $1 and stream_id = $2 order by version', [siteId, streamId])
    let before: Head = NEW_STREAM
    for (const row of rows) {
      const at = (what: Break['what']) => breaks.push({ streamId, version: row.version, what })
      const body = JSON.parse(row.body) as EventBody
      if (row.version !== before.version + 1) at('gap')
      if (row.prev_hash !== before.hash) at('link')
      if (chainHash(row.prev_hash, row.body) !== row.hash) at('text')
      if (body.siteId !== siteId || body.streamId !== streamId || body.version !== row.version || body.type !== row.type) at('columns')
      before = { version: row.version, hash: row.hash }
    }
    if (before.version !== headVersion || before.hash !== head_hash) breaks.push({ streamId, version: headVersion, what: 'head' })
  }
  return breaks
}
