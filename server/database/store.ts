import type { KitReadings } from '#core/site-facts/judge-kit'
import type { CylinderState } from '#core/streams/cylinder/cylinder'
import { calendarDueOn } from '#core/inspection/calendar-due'
import type { CheckListsState } from '#core/streams/check-lists/check-lists'
import { listsInForce, NO_OWN_LISTS } from '#core/streams/check-lists/check-lists'
import type { KitItem } from '#core/streams/kit-item/kit-item'
import { baysServed } from '#core/streams/kit-item/kit-item'
import type { Notice } from '#core/streams/notice/notice'
import type { Place } from '#core/streams/place/place'
import { tagIdOf } from '#core/ids/tag'
import type { CylinderReadingRow, ItemReading, NoticeReading, PlaceReading } from '#shared/readings'
import type { Queryable } from './connection'

/** The site's own check lists; none where it never edited one. */
export async function readCheckLists(db: Queryable, siteId: string): Promise<{ readonly version: number, readonly lists: CheckListsState }> {
  const { rows } = await db.query<{ version: number, lists: CheckListsState }>('select version, lists from check_lists_reading where site_id = $1', [siteId])
  return rows[0] ?? { version: 0, lists: NO_OWN_LISTS }
}

/** `now` sorts before every day. */
const asDate = (dueOn: string | null): string | null => dueOn === 'now' ? '-infinity' : dueOn

/** Lists decide when a thing is due: every thing of a kind is dated anew when its lists change. */
export async function writeCheckLists(db: Queryable, siteId: string, version: number, lists: CheckListsState): Promise<void> {
  await db.query(`insert into check_lists_reading (site_id, version, lists) values ($1, $2, $3)
    on conflict (site_id) do update set version = excluded.version, lists = excluded.lists`, [siteId, version, JSON.stringify(lists)])
  const inForce = listsInForce(lists)
  const BATCH = 5000
  for (let after = ''; ;) {
    const { rows } = await db.query<{ tag_id: string, item: KitItem }>('select tag_id, item from item_reading where site_id = $1 and tag_id > $2 order by tag_id limit $3', [siteId, after, BATCH])
    if (rows.length === 0) return
    await db.query(`update item_reading r set due_on = d.due_on::date from unnest($2::text[], $3::text[]) as d (tag_id, due_on)
      where r.site_id = $1 and r.tag_id = d.tag_id and r.due_on is distinct from d.due_on::date`, [siteId, rows.map(row => row.tag_id), rows.map(row => asDate(calendarDueOn(row.item, inForce)))])
    after = rows.at(-1)!.tag_id
  }
}

export async function writeItem(db: Queryable, siteId: string, tagId: string, version: number, item: KitItem | null): Promise<void> {
  // Only reports on a tag that nothing wears: the record has them, no table does.
  if (!item) return
  const { lists } = await readCheckLists(db, siteId)
  await db.query(`insert into item_reading (site_id, tag_id, version, kind, assigned_to, assigned_ids, is_out, is_retired, due_on, item) values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)
    on conflict (site_id, tag_id) do update set version = excluded.version, kind = excluded.kind, assigned_to = excluded.assigned_to, assigned_ids = excluded.assigned_ids,
      is_out = excluded.is_out, is_retired = excluded.is_retired, due_on = excluded.due_on, item = excluded.item`,
  [siteId, tagId, version, item.kind, item.assignment?.to ?? null, item.assignment === null ? [] : item.assignment.to === 'bay' ? baysServed(item.assignment) : [item.assignment.id], item.taggedOut !== null, item.isRetired, asDate(calendarDueOn(item, listsInForce(lists))), JSON.stringify(item)])
}

export async function writeCylinder(db: Queryable, siteId: string, tagId: string, version: number, cylinder: CylinderState | null): Promise<void> {
  if (!cylinder) return
  const { standing } = cylinder
  await db.query(`insert into cylinder_reading (site_id, tag_id, version, place_id, bay_id, is_returned, cylinder) values ($1, $2, $3, $4, $5, $6, $7)
    on conflict (site_id, tag_id) do update set version = excluded.version, place_id = excluded.place_id, bay_id = excluded.bay_id, is_returned = excluded.is_returned, cylinder = excluded.cylinder`,
  [siteId, tagId, version, standing?.in === 'place' ? standing.placeId : null, standing?.in === 'bay' ? standing.bayId : null, cylinder.isReturned, JSON.stringify(cylinder)])
}

export async function writePlace(db: Queryable, siteId: string, placeId: string, version: number, place: Place | null): Promise<void> {
  if (!place) return
  await db.query(`insert into place_reading (site_id, place_id, version, place) values ($1, $2, $3, $4)
    on conflict (site_id, place_id) do update set version = excluded.version, place = excluded.place`, [siteId, placeId, version, JSON.stringify(place)])
}

export async function writeNotice(db: Queryable, siteId: string, noticeId: string, version: number, notice: Notice | null): Promise<void> {
  if (!notice) return
  await db.query(`insert into notice_reading (site_id, notice_id, version, about, given_at, notice) values ($1, $2, $3, $4, $5, $6)
    on conflict (site_id, notice_id) do update set version = excluded.version, notice = excluded.notice`, [siteId, noticeId, version, notice.about, notice.givenAt, JSON.stringify(notice)])
  await db.query(`insert into notice_told (site_id, notice_id, person_id, seen_at) select $1, $2, t.person_id, t.seen_at from unnest($3::text[], $4::timestamptz[]) as t (person_id, seen_at)
    on conflict (site_id, notice_id, person_id) do update set seen_at = excluded.seen_at`, [siteId, noticeId, notice.to.map(({ personId }) => personId), notice.to.map(({ personId }) => notice.seenAt[personId] ?? null)])
}

export async function readPlaces(db: Queryable, siteId: string): Promise<PlaceReading[]> {
  const { rows } = await db.query<{ place_id: string, version: number, place: Place }>('select place_id, version, place from place_reading where site_id = $1 order by place_id', [siteId])
  return rows.map(row => ({ placeId: row.place_id, version: row.version, place: row.place }))
}

/** Places by their ids; one that is not known is not there. */
export async function readPlacesById(db: Queryable, siteId: string, placeIds: readonly string[]): Promise<Record<string, Place>> {
  const { rows } = await db.query<{ place_id: string, place: Place }>('select place_id, place from place_reading where site_id = $1 and place_id = any($2)', [siteId, placeIds])
  return Object.fromEntries(rows.map(({ place_id, place }) => [place_id, place]))
}

interface ItemRow { tag_id: string, version: number, item: KitItem, due: string | null }
const ITEM_COLUMNS = `tag_id, version, item, case when due_on = '-infinity' then 'now' else to_char(due_on, 'YYYY-MM-DD') end as due`
const toItem = ({ tag_id, version, item, due }: ItemRow): ItemReading => ({ tagId: tag_id, version, item, dueOn: due })

/** A thing by its tag. */
export async function readItem(db: Queryable, siteId: string, tag: string): Promise<ItemReading | null> {
  const { rows } = await db.query<ItemRow>(`select ${ITEM_COLUMNS} from item_reading where site_id = $1 and tag_id = $2`, [siteId, tagIdOf(tag)])
  return rows[0] ? toItem(rows[0]) : null
}

/** What is tagged out, in the order of tags. */
export async function readOut(db: Queryable, siteId: string, limit: number): Promise<ItemReading[]> {
  const { rows } = await db.query<ItemRow>(`select ${ITEM_COLUMNS} from item_reading where site_id = $1 and is_out and not is_retired order by tag_id limit $2`, [siteId, limit])
  return rows.map(toItem)
}

/** Where a page of the due list ended. */
export interface DueCursor { readonly dueOn: string, readonly tagId: string }

/**
 * What falls due by the calendar up to a day, soonest first; page by page.
 *
 * @param until YYYY-MM-DD, that day included
 */
export async function readDue(db: Queryable, siteId: string, until: string, limit: number, after: DueCursor | null = null): Promise<ItemReading[]> {
  const { rows } = await db.query<ItemRow>(`select ${ITEM_COLUMNS} from item_reading
    where site_id = $1 and not is_retired and due_on is not null and due_on <= $2::date and ($3::date is null or (due_on, tag_id) > ($3::date, $4))
    order by due_on, tag_id limit $5`, [siteId, until, after === null ? null : asDate(after.dueOn), after?.tagId ?? null, limit])
  return rows.map(toItem)
}

/** How many are out, and how many fall due before and up to a day. Counted no further than a page can say. */
export async function countKit(db: Queryable, siteId: string, today: string): Promise<{ readonly out: number, readonly late: number, readonly all: number }> {
  const { rows } = await db.query<{ out: number, late: number, everything: number }>(`select
    (select count(*)::int from (select 1 from item_reading where site_id = $1 and is_out and not is_retired limit 1000) o) as out,
    (select count(*)::int from (select 1 from item_reading where site_id = $1 and not is_retired and due_on is not null and due_on < $2::date limit 1000) l) as late,
    (select count(*)::int from (select 1 from item_reading where site_id = $1 limit 1000) a) as everything`, [siteId, today])
  return { out: rows[0]!.out, late: rows[0]!.late, all: rows[0]!.everything }
}

/** Things by the beginning of their tag, or by kind; for choosing and for the register. */
export async function findItems(db: Queryable, siteId: string, { begins, kind, limit }: { begins: string, kind: string | null, limit: number }): Promise<ItemReading[]> {
  const { rows } = await db.query<ItemRow>(`select ${ITEM_COLUMNS} from item_reading
    where site_id = $1 and tag_id like $2 and ($3::text is null or kind = $3) and not is_retired order by tag_id limit $4`,
  [siteId, `${tagIdOf(begins).replace(/[\\%_]/g, '\\$&')}%`, kind, limit])
  return rows.map(toItem)
}

/** Things assigned to bays, people and places, for a round. */
export async function readAssigned(db: Queryable, siteId: string): Promise<ItemReading[]> {
  const { rows } = await db.query<ItemRow>(`select ${ITEM_COLUMNS} from item_reading where site_id = $1 and assigned_to is not null and not is_retired order by tag_id`, [siteId])
  return rows.map(toItem)
}

/** Cylinders that are here; or one, wherever it is. */
export async function readCylinders(db: Queryable, siteId: string, tag: string | null = null): Promise<CylinderReadingRow[]> {
  const { rows } = await db.query<{ tag_id: string, version: number, cylinder: CylinderState }>(
    `select tag_id, version, cylinder from cylinder_reading where site_id = $1 and ${tag === null ? 'not is_returned' : 'tag_id = $2'} order by tag_id`, tag === null ? [siteId] : [siteId, tagIdOf(tag)])
  return rows.map(row => ({ tagId: row.tag_id, version: row.version, cylinder: row.cylinder }))
}

const toNotice = (row: { notice_id: string, notice: Notice }): NoticeReading => ({ noticeId: row.notice_id, ...row.notice })

/** What a person has been told and has not seen yet, newest first. */
export async function readUnseen(db: Queryable, siteId: string, personId: string): Promise<NoticeReading[]> {
  const { rows } = await db.query<{ notice_id: string, notice: Notice }>(`select n.notice_id, n.notice from notice_told t join notice_reading n on n.site_id = t.site_id and n.notice_id = t.notice_id
    where t.site_id = $1 and t.person_id = $2 and t.seen_at is null order by n.given_at desc, n.notice_id limit 50`, [siteId, personId])
  return rows.map(toNotice)
}

/** Who was told about a thing, the newest notice first. */
export async function readNoticesAbout(db: Queryable, siteId: string, streamId: string): Promise<NoticeReading[]> {
  const { rows } = await db.query<{ notice_id: string, notice: Notice }>('select notice_id, notice from notice_reading where site_id = $1 and about = $2 order by given_at desc, notice_id limit 20', [siteId, streamId])
  return rows.map(toNotice)
}

/** The part of one question that reads what stands and is worn at some bays; all of them where none is named. */
export const KIT_SELECT = `
  (select lists from check_lists_reading where site_id = $1) as lists,
  (select jsonb_agg(item order by tag_id) from item_reading where site_id = $1 and assigned_to = 'bay' and ($2::text[] is null or assigned_ids && $2)) as at_bays,
  (select jsonb_agg(item order by tag_id) from item_reading where site_id = $1 and assigned_to = 'permit' and not is_retired
    and assigned_ids && array(select permit_id from permit_reading where site_id = $1 and is_open and bay_id is not null and ($2::text[] is null or bay_id = any($2)))) as at_permits,
  (select jsonb_agg(item order by tag_id) from item_reading where site_id = $1 and assigned_to = 'person' and ($2::text[] is null
    or assigned_ids && ($3::text[] || array(select person_id from station_reading where site_id = $1 and bay_id = any($2) and person_id is not null)))) as worn,
  (select jsonb_agg(cylinder order by tag_id) from cylinder_reading where site_id = $1 and bay_id is not null and ($2::text[] is null or bay_id = any($2))) as cylinders`

export interface KitRow { lists: CheckListsState | null, at_bays: readonly KitItem[] | null, at_permits: readonly KitItem[] | null, worn: readonly KitItem[] | null, cylinders: readonly CylinderState[] | null }
export const toKitReadings = ({ lists, at_bays, at_permits, worn, cylinders }: KitRow): KitReadings =>
  ({ lists: lists ?? NO_OWN_LISTS, items: [...at_bays ?? [], ...at_permits ?? [], ...worn ?? []], cylinders: cylinders ?? [] })
