import type { Queryable } from '../database/connection'
import type { Instant } from '#core/time/instant'

/**
 * A device on which somebody of the site signed in. It outlives their session: it stops work, calls for help, and gives the rounds of
 * who signed in there last.
 */
export interface Device {
  readonly siteId: string
  readonly deviceId: string
  readonly name: string
  /** Whoever signed in there last. */
  readonly personId: string
  readonly firstAt: Instant
  readonly signedInAt: Instant
}

interface DeviceRow {
  site_id: string
  device_id: string
  name: string
  person_id: string
  first_at: Date
  signed_in_at: Date
}

const COLUMNS = 'site_id, device_id, name, person_id, first_at, signed_in_at'
const toDevice = (row: DeviceRow): Device => ({
  siteId: row.site_id,
  deviceId: row.device_id,
  name: row.name,
  personId: row.person_id,
  firstAt: row.first_at.toISOString(),
  signedInAt: row.signed_in_at.toISOString(),
})

/** Null for one that was never signed in on, or was taken back. */
export async function readDevice(db: Queryable, siteId: string, deviceId: string): Promise<Device | null> {
  const { rows } = await db.query<DeviceRow>(`select ${COLUMNS} from device where site_id = $1 and device_id = $2`, [siteId, deviceId])
  return rows[0] ? toDevice(rows[0]) : null
}

/** From now on the device acts for this person. One that has a name keeps it. */
export async function keepDevice(
  db: Queryable,
  { siteId, deviceId, name, personId }: Pick<Device, 'siteId' | 'deviceId' | 'name' | 'personId'>,
  nowIso: string,
): Promise<void> {
  await db.query(
    `insert into device (site_id, device_id, name, person_id, first_at, signed_in_at) values ($1, $2, $3, $4, $5, $5)
    on conflict (site_id, device_id) do update set person_id = excluded.person_id, signed_in_at = excluded.signed_in_at`,
    [siteId, deviceId, name, personId, nowIso],
  )
}

/** The devices of a person, or (null) of everybody, the last used first, with when each screen was last heard. */
export async function readDevices(
  db: Queryable,
  siteId: string,
  personId: string | null,
): Promise<(Device & { readonly heardAt: Instant | null, readonly personName: string })[]> {
  const { rows } = await db.query<DeviceRow & { heard_at: Date | null, person_name: string }>(
    `
    select ${COLUMNS.split(', ')
      .map(column => `d.${column}`)
      .join(', ')}, s.heard_at, p.name as person_name
    from device d join person_reading p on p.site_id = d.site_id and p.person_id = d.person_id
      left join screen_heard s on s.site_id = d.site_id and s.device_id = d.device_id
    where d.site_id = $1 and ($2::text is null or d.person_id = $2) order by d.signed_in_at desc, d.device_id`,
    [siteId, personId],
  )
  return rows.map(row => ({ ...toDevice(row), heardAt: row.heard_at?.toISOString() ?? null, personName: row.person_name }))
}

export async function nameDevice(db: Queryable, siteId: string, deviceId: string, name: string): Promise<void> {
  await db.query('update device set name = $3 where site_id = $1 and device_id = $2', [siteId, deviceId, name])
}

/** Takes a device back: its sessions end with it, and its cookie opens nothing. */
export async function dropDevice(db: Queryable, siteId: string, deviceId: string): Promise<void> {
  for (const table of ['session', 'screen_heard', 'device']) {
    await db.query(`delete from ${table} where site_id = $1 and device_id = $2`, [siteId, deviceId])
  }
}

/** Takes back every device that acts for a person, but for one that may stay. */
export async function dropDevicesOf(db: Queryable, siteId: string, personId: string, but: string | null = null): Promise<void> {
  const { rows } = await db.query<{ device_id: string }>(
    'select device_id from device where site_id = $1 and person_id = $2 and device_id is distinct from $3',
    [siteId, personId, but],
  )
  for (const { device_id } of rows) await dropDevice(db, siteId, device_id)
}
