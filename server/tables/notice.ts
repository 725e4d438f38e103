import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import type { Notice } from '#core/streams/notice/notice'
import type { NoticeReading } from '#shared/contract/readings'
import { isMended } from '#core/streams/notice/mended'
import { asCylinder, asKitItem, asNotice, asPermit } from './states'

export function writeNotice(siteId: string, noticeId: string, version: number, notice: Notice | null): Statement[] {
  if (!notice) return []
  return [
    {
      text: `insert into notice_reading (site_id, notice_id, version, about, given_at, notice) values ($1, $2, $3, $4, $5, $6)
    on conflict (site_id, notice_id) do update set version = excluded.version, notice = excluded.notice`,
      values: [siteId, noticeId, version, notice.about, notice.givenAt, JSON.stringify(notice)],
    },
    {
      text: `insert into notice_told (site_id, notice_id, person_id, seen_at) select $1, $2, t.person_id, t.seen_at from unnest($3::text[], $4::timestamptz[]) as t (person_id, seen_at)
    on conflict (site_id, notice_id, person_id) do update set seen_at = excluded.seen_at`,
      values: [
        siteId,
        noticeId,
        notice.to.map(({ personId }) => personId),
        notice.to.map(({ personId }) => notice.seenAt[personId] ?? null),
      ],
    },
  ]
}

const toNotice = (row: { notice_id: string, notice: unknown }): NoticeReading => ({ noticeId: row.notice_id, ...asNotice(row.notice) })

interface UnseenRow { notice_id: string, notice: unknown, item: unknown, cylinder: unknown, permit: unknown }

/** So many are told at once; the rest comes up as these go. */
const AT_ONCE = 50

/**
 * What a person has been told, has not seen yet, and is not put right meanwhile, newest first. What is put right takes nobody's place:
 * however much of it there is, what still stands behind it is told.
 */
export async function readUnseen(db: Queryable, siteId: string, personId: string): Promise<NoticeReading[]> {
  const open: NoticeReading[] = []
  for (let from = 0; open.length < AT_ONCE; from += AT_ONCE) {
    const read = await readTold(db, siteId, personId, from)
    open.push(...read.filter(({ isMended }) => !isMended).map(({ notice }) => notice))
    if (read.length < AT_ONCE) break
  }
  return open.slice(0, AT_ONCE)
}

/** The next few that a person has not seen, each with whether the thing says that it is put right. */
async function readTold(
  db: Queryable, siteId: string, personId: string, from: number,
): Promise<readonly { readonly notice: NoticeReading, readonly isMended: boolean }[]> {
  const { rows } = await db.query<UnseenRow>(
    `select n.notice_id, n.notice, i.item, c.cylinder, p.permit
    from notice_told t join notice_reading n on n.site_id = t.site_id and n.notice_id = t.notice_id
    left join item_reading i on n.about like 'item/%' and i.site_id = n.site_id and i.tag_id = substr(n.about, 6)
    left join cylinder_reading c on n.about like 'cylinder/%' and c.site_id = n.site_id and c.tag_id = substr(n.about, 10)
    left join permit_reading p on n.about like 'permit/%' and p.site_id = n.site_id and p.permit_id = substr(n.about, 8)
    where t.site_id = $1 and t.person_id = $2 and t.seen_at is null order by n.given_at desc, n.notice_id limit $3 offset $4`,
    [siteId, personId, AT_ONCE, from],
  )
  return rows.map((row) => {
    const notice = toNotice(row)
    const now = {
      item: row.item === null ? null : asKitItem(row.item),
      cylinder: row.cylinder === null ? null : asCylinder(row.cylinder),
      permit: row.permit === null ? null : asPermit(row.permit),
    }
    return { notice, isMended: isMended(notice, now) }
  })
}

/** Who was told about a thing, the newest notice first. */
export async function readNoticesAbout(db: Queryable, siteId: string, streamId: string): Promise<NoticeReading[]> {
  const { rows } = await db.query<{ notice_id: string, notice: unknown }>(
    'select notice_id, notice from notice_reading where site_id = $1 and about = $2 order by given_at desc, notice_id limit 20',
    [siteId, streamId],
  )
  return rows.map(toNotice)
}
