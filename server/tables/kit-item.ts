import { calendarDueOn } from '#core/inspection/calendar-due'
import { listsInForce } from '#core/streams/check-lists/check-lists'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import { baysServed } from '#core/streams/kit-item/kit-item'
import { tagIdOf } from '#core/ids/tag'
import type { KitItemReading } from '#shared/contract/readings'
import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import { readCheckLists } from './check-lists'
import { asDate } from './due-date'
import { asKitItem } from './states'

export async function writeKitItem(
  db: Queryable,
  siteId: string,
  tagId: string,
  version: number,
  item: KitItem | null,
): Promise<Statement[]> {
  // Only reports on a tag that nothing wears: the record has them, no table does.
  if (!item) return []
  const { lists } = await readCheckLists(db, siteId)
  return [
    {
      text: `insert into item_reading (site_id, tag_id, version, kind, assigned_to, assigned_ids, is_out, is_retired, due_on, item) values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)
    on conflict (site_id, tag_id) do update set version = excluded.version, kind = excluded.kind, assigned_to = excluded.assigned_to, assigned_ids = excluded.assigned_ids,
      is_out = excluded.is_out, is_retired = excluded.is_retired, due_on = excluded.due_on, item = excluded.item`,
      values: [
        siteId,
        tagId,
        version,
        item.kind,
        item.assignment?.to ?? null,
        item.assignment === null ? [] : item.assignment.to === 'bay' ? baysServed(item.assignment) : [item.assignment.id],
        item.taggedOut !== null,
        item.isRetired,
        asDate(calendarDueOn(item, listsInForce(lists))),
        JSON.stringify(item),
      ],
    },
  ]
}

interface KitItemRow {
  tag_id: string
  version: number
  item: unknown
  due: string | null
}
const KIT_ITEM_COLUMNS = `tag_id, version, item, case when due_on = '-infinity' then 'now' else to_char(due_on, 'YYYY-MM-DD') end as due`
const toKitItem = ({ tag_id, version, item, due }: KitItemRow): KitItemReading => ({
  tagId: tag_id,
  version,
  item: asKitItem(item),
  dueOn: due,
})

/** A thing by its tag. */
export async function readKitItem(db: Queryable, siteId: string, tag: string): Promise<KitItemReading | null> {
  const { rows } = await db.query<KitItemRow>(`select ${KIT_ITEM_COLUMNS} from item_reading where site_id = $1 and tag_id = $2`, [
    siteId,
    tagIdOf(tag),
  ])
  return rows[0] ? toKitItem(rows[0]) : null
}

/** What is tagged out, in the order of tags. */
export async function readOut(db: Queryable, siteId: string, limit: number): Promise<KitItemReading[]> {
  const { rows } = await db.query<KitItemRow>(
    `select ${KIT_ITEM_COLUMNS} from item_reading where site_id = $1 and is_out and not is_retired order by tag_id limit $2`,
    [siteId, limit],
  )
  return rows.map(toKitItem)
}

/** Where a page of the due list ended. */
export interface DueCursor {
  readonly dueOn: string
  readonly tagId: string
}

/**
 * What falls due by the calendar up to a day, soonest first; page by page.
 *
 * @param until YYYY-MM-DD, that day included
 */
export async function readDue(
  db: Queryable,
  siteId: string,
  until: string,
  limit: number,
  after: DueCursor | null = null,
): Promise<KitItemReading[]> {
  const { rows } = await db.query<KitItemRow>(
    `select ${KIT_ITEM_COLUMNS} from item_reading
    where site_id = $1 and not is_retired and due_on is not null and due_on <= $2::date and ($3::date is null or (due_on, tag_id) > ($3::date, $4))
    order by due_on, tag_id limit $5`,
    [siteId, until, after === null ? null : asDate(after.dueOn), after?.tagId ?? null, limit],
  )
  return rows.map(toKitItem)
}

/** How many are out, and how many fall due before and up to a day. Counted no further than a page can say. */
export async function countKit(
  db: Queryable,
  siteId: string,
  today: string,
): Promise<{ readonly out: number, readonly late: number, readonly all: number }> {
  const { rows } = await db.query<{ out: number, late: number, everything: number }>(
    `select
    (select count(*)::int from (select 1 from item_reading where site_id = $1 and is_out and not is_retired limit 1000) o) as out,
    (select count(*)::int from (select 1 from item_reading where site_id = $1 and not is_retired and due_on is not null and due_on < $2::date limit 1000) l) as late,
    (select count(*)::int from (select 1 from item_reading where site_id = $1 limit 1000) a) as everything`,
    [siteId, today],
  )
  return { out: rows[0]!.out, late: rows[0]!.late, all: rows[0]!.everything }
}

/** More than hang on any rack. */
export const HELMETS_AT_MOST = 300

/** Things by the beginning of their tag, or by kind; for choosing and for the register. */
export async function findKitItems(
  db: Queryable,
  siteId: string,
  { begins, kind, limit }: { begins: string, kind: string | null, limit: number },
): Promise<KitItemReading[]> {
  const { rows } = await db.query<KitItemRow>(
    `select ${KIT_ITEM_COLUMNS} from item_reading
    where site_id = $1 and tag_id like $2 and ($3::text is null or kind = $3) and not is_retired order by tag_id limit $4`,
    [siteId, `${tagIdOf(begins).replace(/[\\%_]/g, '\\$&')}%`, kind, limit],
  )
  return rows.map(toKitItem)
}

/** Kit items assigned to bays, people and places, for a round; or only what is of one bay, and worn by whoever stands there. */
export async function readAssigned(db: Queryable, siteId: string, bayId: string | null): Promise<KitItemReading[]> {
  const ofBay = `(assigned_to = 'bay' and assigned_ids @> array[$2::text])
    or (assigned_to = 'person' and assigned_ids && array(select person_id from station_reading where site_id = $1 and bay_id = $2 and person_id is not null))`
  const { rows } = await db.query<KitItemRow>(
    `select ${KIT_ITEM_COLUMNS} from item_reading
    where site_id = $1 and not is_retired and ${bayId === null ? 'assigned_to is not null' : `(${ofBay})`} order by tag_id`,
    bayId === null ? [siteId] : [siteId, bayId],
  )
  return rows.map(toKitItem)
}
