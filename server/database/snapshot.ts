import type { Queryable } from './connection'
import type { Statement } from './statement'

/** A stream's state as folded up to a version. */
export interface Snapshot { readonly version: number, readonly state: unknown }

/** Raised when the shape of a folded state changes: older snapshots are then not read. */
export const SNAPSHOT_FORMAT = 9

export async function readSnapshot(db: Queryable, siteId: string, streamId: string): Promise<Snapshot | null> {
  const { rows } = await db.query<{ version: number, state: unknown }>(
    'select version, state from snapshot where site_id = $1 and stream_id = $2 and format = $3', [siteId, streamId, SNAPSHOT_FORMAT])
  return rows[0] ?? null
}

/** What keeps a stream's state as it is after an event. */
export const writeSnapshot = (siteId: string, streamId: string, { version, state }: Snapshot): Statement => ({
  text: `insert into snapshot (site_id, stream_id, version, format, state) values ($1, $2, $3, $4, $5)
    on conflict (site_id, stream_id) do update set version = excluded.version, format = excluded.format, state = excluded.state`,
  values: [siteId, streamId, version, SNAPSHOT_FORMAT, JSON.stringify(state)],
})
