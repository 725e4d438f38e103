import type { Queryable } from '../database/connection'
import type { FumeDataSheets } from '#core/streams/fume-sheets/fume-sheets'

export async function writeSheets(db: Queryable, siteId: string, version: number, sheets: FumeDataSheets): Promise<void> {
  await db.query(
    `insert into fume_sheets_reading (site_id, version, sheets) values ($1, $2, $3)
    on conflict (site_id) do update set version = excluded.version, sheets = excluded.sheets`,
    [siteId, version, JSON.stringify(sheets)],
  )
}
