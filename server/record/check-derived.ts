import type pg from 'pg'
import { kindOfStream, readLanded } from '#core/streams/kinds'
import type { StateOf } from '#core/streams/kinds'
import type { FitTest } from '#core/respirator/fit-test'
import type { CareRecord } from '#core/shade/care'
import type { MaskId } from '#core/ids/vocabulary'
import type { WearerRecord } from '#core/respirator/wearer'
import type { Wound } from '../../scripts/zonaris-verify.mjs'
import { DERIVED_TABLES } from './rebuild'
import { project } from '../tables/projections'
import { hashOfApart } from './hash-apart'
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

/** A record that is kept apart, as it stands in its table. */
interface Apart { readonly recordId: string, readonly salt: string, readonly record: WearerRecord | CareRecord }

/** Records of people that are kept apart: of masks and dates, of eyes and body; each with what the chain knows of it. */
const APART: readonly {
  readonly name: string
  readonly stampOf: (person: StateOf<'person'>) => StateOf<'person'>['health']
  readonly read: (db: pg.ClientBase) => Promise<ReadonlyMap<string, Apart>>
}[] = [
  {
    name: 'health record',
    stampOf: ({ health }) => health,
    async read(db) {
      const { rows } = await db.query<{
        key: string
        record_id: string
        salt: string
        mask: MaskId
        fitted: string | null
        medical: string | null
        fit: FitTest | null
      }>(
        `select site_id || ' person/' || person_id as key, record_id::text, salt, mask,
          to_char(fit_tested_on, 'YYYY-MM-DD') as fitted, to_char(medically_cleared_on, 'YYYY-MM-DD') as medical, fit
        from wearer_health`,
      )
      return new Map(rows.map(({ key, record_id: recordId, salt, mask, fitted, medical, fit }) => [
        key,
        { recordId, salt, record: { mask, fitTestedOn: fitted, medicallyClearedOn: medical, ...(fit ? { fit } : {}) } },
      ]))
    },
  },
  {
    name: 'record of eyes and body',
    stampOf: ({ care }) => care,
    async read(db) {
      const { rows } = await db.query<{ key: string, record_id: string, salt: string, record: CareRecord }>(
        `select site_id || ' person/' || person_id as key, record_id::text, salt, record from person_care`,
      )
      return new Map(rows.map(({ key, record_id: recordId, salt, record }) => [key, { recordId, salt, record }]))
    },
  },
]

/** What is kept apart may be erased: only by an event that says so. What one says is hashed in the record. */
async function checkApart(db: pg.ClientBase, states: ReadonlyMap<string, unknown>): Promise<Wound[]> {
  const wounds: Wound[] = []
  for (const { name, stampOf, read } of APART) {
    const kept = new Map(await read(db))
    const say = (key: string, says: string) => {
      const [siteId, where] = key.split(' ') as [string, string]
      wounds.push({ siteId, what: 'health', where, says })
    }
    for (const [key, state] of states) {
      if (kindOfStream(key.split(' ')[1]!).name !== 'person') continue
      const person = state as StateOf<'person'>
      const [stamp, row] = [stampOf(person), kept.get(key)]
      kept.delete(key)
      if (stamp === null || person.hasLeft) {
        if (row) say(key, `has a ${name} that the record does not know`)
      } else if (!row) say(key, `lost its ${name} without an event that erased it`)
      else if (row.recordId !== stamp.recordId || hashOfApart(row.salt, row.record) !== stamp.sha256)
        say(key, `has a ${name} that was written anew`)
    }
    for (const key of kept.keys()) say(key, `has a ${name} and no person`)
  }
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
  return [...(await checkReadTables(db, states, streams)), ...(await checkSnapshots(db)), ...(await checkApart(db, states))]
}
