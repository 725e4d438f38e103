import { createHash } from 'node:crypto'
import type pg from 'pg'
import { kindOfStream, readLanded } from '#core/streams/kinds'
import type { StateOf } from '#core/streams/kinds'
import type { WearerRecord } from '#core/respirator/wearer'
import type { Wound } from '../../scripts/zonaris-verify.mjs'
import { DERIVED_TABLES } from './rebuild'
import { project } from '../tables/projections'
import { canonicalText, readBodies } from '../database/event'
import { sendInOrder } from '../database/statement'
import { SNAPSHOT_FORMAT } from '../database/snapshot'

/** Tables that stand beside the events and are read as if they were the record; a snapshot is looked at by itself. */
const READ_TABLES = DERIVED_TABLES.filter(table => table !== 'snapshot')

/**
 * Folds every stream of the record again, beside what is there, and compares: what screens and gates read must be what the events
 * give. In one transaction that sees one moment; what it makes is gone at its end.
 */
async function checkReadTables(db: pg.ClientBase, states: ReadonlyMap<string, unknown>, streams: readonly StreamRow[]): Promise<Wound[]> {
  const wounds: Wound[] = []
  // Of the same names, found before those that are served: what is projected below goes there.
  for (const table of READ_TABLES) await db.query(`create temporary table ${table} (like public.${table} including all) on commit drop`)
  for (const { site_id, stream_id, version } of streams) {
    if (version === 0) continue
    const { name } = kindOfStream(stream_id)
    await sendInOrder(db, await project(db, site_id, name, stream_id, version, states.get(`${site_id} ${stream_id}`)))
  }
  for (const table of READ_TABLES) {
    const sides = [
      ['public', 'pg_temp', 'has a row that the events do not give'],
      ['pg_temp', 'public', 'lacks a row that the events give'],
    ] as const
    for (const [one, other, says] of sides) {
      const { rows } = await db.query<{ site_id: string, row: string }>(
        `select row ->> 'site_id' as site_id, row::text from (
          select to_jsonb(t) as row from ${one}.${table} t except select to_jsonb(t) from ${other}.${table} t) x order by 1, 2 limit 20`,
      )
      for (const { site_id, row } of rows)
        wounds.push({ siteId: site_id, what: 'reading', where: table, says: `${says}: ${row.slice(0, 160)}` })
    }
  }
  return wounds
}

interface StreamRow {
  readonly site_id: string
  readonly stream_id: string
  readonly version: number
}

/** Folds start from snapshots: one that says something else than the events would be believed at the next decision. */
async function checkSnapshots(db: pg.ClientBase): Promise<Wound[]> {
  const { rows } = await db.query<{ site_id: string, stream_id: string, version: number, state: unknown }>(
    'select site_id, stream_id, version, state from snapshot where format = $1',
    [SNAPSHOT_FORMAT],
  )
  const wounds: Wound[] = []
  for (const { site_id, stream_id, version, state } of rows) {
    const { kind } = kindOfStream(stream_id)
    const bodies = (await readBodies(db, site_id, stream_id, 0)).filter(body => body.version <= version)
    const folded = bodies.reduce((before: unknown, body) => kind.evolve(before, readLanded(kind, body)), kind.initial)
    if (canonicalText(JSON.parse(JSON.stringify(folded))) !== canonicalText(state)) {
      wounds.push({ siteId: site_id, what: 'snapshot', where: stream_id, says: `of event ${version} is not what the events give` })
    }
  }
  return wounds
}

/** Health records are kept apart, and may be erased: only by an event that says so. What one says is hashed in the record. */
async function checkHealth(db: pg.ClientBase, states: ReadonlyMap<string, unknown>): Promise<Wound[]> {
  const { rows } = await db.query<{
    site_id: string
    person_id: string
    record_id: string
    salt: string
    mask: string
    fit: string | null
    medical: string | null
  }>(
    `select site_id, person_id, record_id::text, salt, mask,
      to_char(fit_tested_on, 'YYYY-MM-DD') as fit, to_char(medically_cleared_on, 'YYYY-MM-DD') as medical
    from wearer_health`,
  )
  const kept = new Map(rows.map(row => [`${row.site_id} person/${row.person_id}`, row]))
  const wounds: Wound[] = []
  for (const [key, state] of states) {
    const [siteId, streamId] = key.split(' ') as [string, string]
    if (kindOfStream(streamId).name !== 'person') continue
    const { health, hasLeft } = state as StateOf<'person'>
    const row = kept.get(key)
    kept.delete(key)
    const say = (says: string) => wounds.push({ siteId, what: 'health', where: streamId, says })
    if (health === null || hasLeft) {
      if (row) say('has a health record that the record does not know')
      continue
    }
    if (!row) {
      say('lost its health record without an event that erased it')
      continue
    }
    const record = { mask: row.mask, fitTestedOn: row.fit, medicallyClearedOn: row.medical } as WearerRecord
    const sha256 = createHash('sha256').update(row.salt).update(canonicalText(record)).digest('hex')
    if (row.record_id !== health.recordId || sha256 !== health.sha256) say('has a health record that was written anew')
  }
  for (const { site_id, person_id } of kept.values())
    wounds.push({ siteId: site_id, what: 'health', where: `person/${person_id}`, says: 'has a health record and no person' })
  return wounds
}

/**
 * Everything beside the events that is read as if it were the record: read tables, snapshots, health records. Streams whose events
 * do not read are passed over here; the check of the record names them.
 */
export async function checkDerived(db: pg.ClientBase): Promise<Wound[]> {
  const { rows: streams } = await db.query<StreamRow>(
    `select site_id, stream_id, max(version) as version from event group by site_id, stream_id order by site_id, stream_id`,
  )
  const states = new Map<string, unknown>()
  const unread: Wound[] = []
  for (const { site_id, stream_id } of streams) {
    try {
      const { kind } = kindOfStream(stream_id)
      const bodies = await readBodies(db, site_id, stream_id, 0)
      states.set(
        `${site_id} ${stream_id}`,
        bodies.reduce((before: unknown, body) => kind.evolve(before, readLanded(kind, body)), kind.initial),
      )
    } catch (error) {
      unread.push({
        siteId: site_id,
        what: 'fold',
        where: stream_id,
        says: `cannot be folded: ${error instanceof Error ? error.message : String(error)}`,
      })
    }
  }
  if (unread.length > 0) return unread
  return [...(await checkReadTables(db, states, streams)), ...(await checkSnapshots(db)), ...(await checkHealth(db, states))]
}
