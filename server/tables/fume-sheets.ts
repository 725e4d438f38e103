import type { Statement } from '../database/statement'
import type { FumeDataSheets } from '#core/streams/fume-sheets/fume-sheets'

export function writeSheets(siteId: string, version: number, sheets: FumeDataSheets): Statement[] {
  return [
    {
      text: `insert into fume_sheets_reading (site_id, version, sheets) values ($1, $2, $3)
    on conflict (site_id) do update set version = excluded.version, sheets = excluded.sheets`,
      values: [siteId, version, JSON.stringify(sheets)],
    },
  ]
}
