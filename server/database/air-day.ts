import type { Queryable } from './connection'

export interface SiteToLookAt {
  readonly siteId: string
  readonly timeZone: string
  readonly shopDayHour: number
  /** The last shop day of which it was looked at what people breathed; null before the first. */
  readonly lastDay: string | null
}

/** Every site, with the last day that was looked at. */
export async function sitesToLookAt(db: Queryable): Promise<SiteToLookAt[]> {
  const { rows } = await db.query<{ site_id: string, time_zone: string, shop_day_hour: number, day: string | null }>({
    name: 'air-days',
    text: `
    select s.site_id, s.site ->> 'timeZone' as time_zone, coalesce((r.rules ->> 'shopDayHour')::int, 4) as shop_day_hour, a.day
    from site_reading s
      left join house_rules_reading r on r.site_id = s.site_id
      left join air_day a on a.site_id = s.site_id
    order by s.site_id`,
  })
  return rows.map(row => ({ siteId: row.site_id, timeZone: row.time_zone, shopDayHour: row.shop_day_hour, lastDay: row.day }))
}

/** A day was looked at, whoever worked on it. Two who did so at once agree. */
export async function lookedAtAir(db: Queryable, siteId: string, day: string): Promise<void> {
  await db.query(
    `insert into air_day as a (site_id, day) values ($1, $2)
     on conflict (site_id) do update set day = greatest(a.day, excluded.day)`,
    [siteId, day],
  )
}
