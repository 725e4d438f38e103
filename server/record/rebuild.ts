import type pg from 'pg'
import { inTransaction } from '../database/connection'
import { readBodies } from '../database/event'
import type { Queryable } from '../database/connection'
import { sendInOrder } from '../database/statement'
import { kindOfStream, readLanded } from '#core/streams/kinds'
import { project } from '../tables/projections'

/** Tables that are derived from the events and from nothing else. */
export const DERIVED_TABLES = [
  'site_reading', 'house_rules_reading', 'station_reading', 'person_reading', 'hall_reading', 'fume_sheets_reading', 'samples_reading',
  'monitor_reading',
  'check_lists_reading', 'item_reading', 'cylinder_reading', 'place_reading', 'notice_reading', 'notice_told', 'permit_duty',
  'permit_post', 'permit_reading', 'wardrobe_reading', 'day_plans_reading', 'deadline', 'snapshot',
] as const

async function siteStreams(db: Queryable): Promise<{ site_id: string, stream_id: string, version: number }[]> {
  // No stream is born or grows until the new rows stand: a lock on those that are there would miss one born meanwhile.
  await db.query('lock table stream in exclusive mode')
  const { rows } = await db.query<{ site_id: string, stream_id: string, version: number }>(
    'select site_id, stream_id, version from stream where version > 0 order by site_id, stream_id')
  return rows
}

/**
 * Drops what the read tables hold and folds every stream again, in one transaction: readers see the old rows until the
 * new ones stand.
 *
 * @param pool with the owner's rights or the application's
 * @returns how many streams were folded
 */
export async function rebuild(pool: pg.Pool): Promise<number> {
  return inTransaction(pool, async (db) => {
    const streams = await siteStreams(db)
    for (const table of DERIVED_TABLES) await db.query(`delete from ${table}`)
    for (const { site_id, stream_id, version } of streams) {
      const { kind, name } = kindOfStream(stream_id)
      const bodies = await readBodies(db, site_id, stream_id, 0)
      const state = bodies.reduce((before, body) => kind.evolve(before, readLanded(kind, body)), kind.initial)
      await sendInOrder(db, await project(db, site_id, name, stream_id, version, state))
    }
    return streams.length
  })
}

/** Raised whenever what is folded or projected changes its shape: the next start folds everything anew. */
export const READ_SHAPE = 18

/**
 * Folds everything anew where what is derived was written by a program of another shape.
 * @returns how many streams were folded; null when nothing had to be
 */
export async function rebuildIfOtherShape(pool: pg.Pool): Promise<number | null> {
  const { rows } = await pool.query<{ shape: number }>('select shape from read_shape')
  if (rows[0]?.shape === READ_SHAPE) return null
  const folded = await rebuild(pool)
  await pool.query('insert into read_shape (shape) values ($1) on conflict (one) do update set shape = excluded.shape', [READ_SHAPE])
  return folded
}
