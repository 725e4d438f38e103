import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import type { CheckListsState } from '#core/streams/check-lists/check-lists'
import { NO_OWN_LISTS, listsInForce } from '#core/streams/check-lists/check-lists'
import { calendarDueOn } from '#core/inspection/calendar-due'
import { asDate } from './due-date'
import { asCheckLists, asKitItem } from './states'

/** The site's own check lists; none where it never edited one. */
export async function readCheckLists(
  db: Queryable,
  siteId: string,
): Promise<{ readonly version: number, readonly lists: CheckListsState }> {
  const { rows } = await db.query<{ version: number, lists: unknown }>(
    'select version, lists from check_lists_reading where site_id = $1',
    [siteId],
  )
  return rows[0] ? { version: rows[0].version, lists: asCheckLists(rows[0].lists) } : { version: 0, lists: NO_OWN_LISTS }
}

/** Lists decide when a thing is due: every thing of a kind is dated anew when its lists change. */
export async function writeCheckLists(db: Queryable, siteId: string, version: number, lists: CheckListsState): Promise<Statement[]> {
  await db.query(
    `insert into check_lists_reading (site_id, version, lists) values ($1, $2, $3)
    on conflict (site_id) do update set version = excluded.version, lists = excluded.lists`,
    [siteId, version, JSON.stringify(lists)],
  )
  const inForce = listsInForce(lists)
  const BATCH = 5000
  for (let after = ''; ;) {
    const { rows } = await db.query<{ tag_id: string, item: unknown }>(
      'select tag_id, item from item_reading where site_id = $1 and tag_id > $2 order by tag_id limit $3',
      [siteId, after, BATCH],
    )
    if (rows.length === 0) return []
    await db.query(
      `update item_reading r set due_on = d.due_on::date from unnest($2::text[], $3::text[]) as d (tag_id, due_on)
      where r.site_id = $1 and r.tag_id = d.tag_id and r.due_on is distinct from d.due_on::date`,
      [siteId, rows.map(row => row.tag_id), rows.map(row => asDate(calendarDueOn(asKitItem(row.item), inForce)))],
    )
    after = rows.at(-1)!.tag_id
  }
}
