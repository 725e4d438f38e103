import type { Reading } from '#core/monitor/heard-air'
import type { Monitor } from '#core/streams/monitor/monitor'
import type { HeardStretch } from '#shared/contract/readings'
import type { Instant } from '#core/time/instant'
import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import { asMonitor } from './states'

export function writeMonitor(siteId: string, monitorId: string, version: number, monitor: Monitor | null): Statement[] {
  if (monitor === null) return []
  return [
    {
      text: `insert into monitor_reading (site_id, monitor_id, version, monitor, is_removed) values ($1, $2, $3, $4, $5)
    on conflict (site_id, monitor_id) do update
      set version = excluded.version, monitor = excluded.monitor, is_removed = excluded.is_removed`,
      values: [siteId, monitorId, version, JSON.stringify(monitor), monitor.isRemoved],
    },
  ]
}

/** The monitors that are in use, of these ids. */
export async function readMonitors(db: Queryable, siteId: string, monitorIds: readonly string[]): Promise<ReadonlyMap<string, Monitor>> {
  const { rows } = await db.query<{ monitor_id: string, monitor: unknown }>(
    'select monitor_id, monitor from monitor_reading where site_id = $1 and monitor_id = any($2) and not is_removed',
    [siteId, monitorIds],
  )
  return new Map(rows.map(({ monitor_id: id, monitor }) => [id, asMonitor(monitor)]))
}

/** What an instrument told between two instants, in the order of time. */
export async function readValues(
  db: Queryable,
  siteId: string,
  monitorId: string,
  { fromAt, toAt }: { readonly fromAt: Instant, readonly toAt: Instant },
): Promise<readonly Reading[]> {
  const { rows } = await db.query<{ at: Date, value: number }>(
    'select at, value from instrument_value where site_id = $1 and monitor_id = $2 and at between $3 and $4 order by at, value',
    [siteId, monitorId, fromAt, toAt],
  )
  return rows.map(({ at, value }) => ({ at: at.toISOString(), value }))
}

/** What an instrument told over a stretch: of which at least something was heard. */
interface StretchRow { readonly at: Date, readonly lowest: number, readonly mean: number, readonly highest: number, readonly count: number }

/** What an instrument told from an instant on, stretch by stretch. */
export async function readStretches(
  db: Queryable,
  siteId: string,
  monitorId: string,
  fromAt: Instant,
  stretchS: number,
): Promise<readonly HeardStretch[]> {
  const { rows } = await db.query<StretchRow>(
    `select date_bin(make_interval(secs => $4), at, $3) as at,
       min(value) as lowest, avg(value) as mean, max(value) as highest, count(*)::int as count
     from instrument_value where site_id = $1 and monitor_id = $2 and at >= $3 group by 1 order by 1`,
    [siteId, monitorId, fromAt, stretchS],
  )
  return rows.map(({ at, ...heard }) => ({ ...heard, at: at.toISOString() }))
}

/** Keeps what an instrument told; what is kept already stays. @returns how many were new */
export async function keepValues(
  db: Queryable,
  siteId: string,
  monitorId: string,
  readings: readonly Reading[],
  toldAt: Instant,
): Promise<number> {
  const { rowCount } = await db.query(
    `insert into instrument_value (site_id, monitor_id, at, value, told_at)
     select $1, $2, at, value, $5 from unnest($3::timestamptz[], $4::double precision[]) as told (at, value) on conflict do nothing`,
    [siteId, monitorId, readings.map(({ at }) => at), readings.map(({ value }) => value), toldAt],
  )
  return rowCount ?? 0
}
