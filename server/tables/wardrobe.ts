import type { Wardrobe } from '#core/streams/wardrobe/wardrobe'
import { EMPTY_WARDROBE } from '#core/streams/wardrobe/wardrobe'
import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import { shapedAs } from './shaped'

const asWardrobe = shapedAs<Wardrobe>('wardrobe_reading', { lines: 'list' })

export function writeWardrobe(siteId: string, version: number, wardrobe: Wardrobe): Statement[] {
  return [
    {
      text: `insert into wardrobe_reading (site_id, version, wardrobe) values ($1, $2, $3)
    on conflict (site_id) do update set version = excluded.version, wardrobe = excluded.wardrobe`,
      values: [siteId, version, JSON.stringify(wardrobe)],
    },
  ]
}

/** The shop's clothes; none where nobody ever counted any. */
export async function readWardrobe(db: Queryable, siteId: string): Promise<Wardrobe & { readonly version: number }> {
  const { rows } = await db.query<{ version: number, wardrobe: unknown }>(
    'select version, wardrobe from wardrobe_reading where site_id = $1',
    [siteId],
  )
  return rows[0] ? { version: rows[0].version, ...asWardrobe(rows[0].wardrobe) } : { version: 0, ...EMPTY_WARDROBE }
}
