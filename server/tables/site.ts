import type { Site } from '#core/streams/site/site'
import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import type { Versioned } from './versioned'
import { asSite } from './states'

export async function readSite(db: Queryable, siteId: string): Promise<Versioned<Site> | null> {
  const { rows } = await db.query<{ version: number, site: unknown }>('select version, site from site_reading where site_id = $1', [
    siteId,
  ])
  return rows[0] ? { version: rows[0].version, value: asSite(rows[0].site) } : null
}

export function writeSite(siteId: string, version: number, site: Site): Statement[] {
  return [
    {
      text: `insert into site_reading (site_id, version, site) values ($1, $2, $3)
    on conflict (site_id) do update set version = excluded.version, site = excluded.site`,
      values: [siteId, version, JSON.stringify(site)],
    },
  ]
}

/** Does any site exist yet? */
export async function anySite(db: Queryable): Promise<boolean> {
  const { rows } = await db.query<{ there: boolean }>('select exists (select 1 from site_reading) as there')
  return rows[0]!.there
}

/** The one site that there is; null where there is none, or several. */
export async function onlySite(db: Queryable): Promise<string | null> {
  const { rows } = await db.query<{ site_id: string }>('select site_id from site_reading limit 2')
  return rows.length === 1 ? rows[0]!.site_id : null
}

/** The last position of a site. */
export async function readPosition(db: Queryable, siteId: string): Promise<number> {
  const { rows } = await db.query<{ position: number }>('select position from site_position where site_id = $1', [siteId])
  return rows[0]?.position ?? 0
}
