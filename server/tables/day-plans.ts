import type { DayPlans } from '#core/streams/day-plans/day-plans'
import { NO_DAY_PLANS } from '#core/streams/day-plans/day-plans'
import type { Queryable } from '../database/connection'
import type { Statement } from '../database/statement'
import { shapedAs } from './shaped'

const asDayPlans = shapedAs<DayPlans>('day_plans_reading', { plans: 'list' })

export function writeDayPlans(siteId: string, version: number, plans: DayPlans): Statement[] {
  return [
    {
      text: `insert into day_plans_reading (site_id, version, plans) values ($1, $2, $3)
    on conflict (site_id) do update set version = excluded.version, plans = excluded.plans`,
      values: [siteId, version, JSON.stringify(plans)],
    },
  ]
}

/** The days that a site keeps; none where nobody ever kept one. */
export async function readDayPlans(db: Queryable, siteId: string): Promise<DayPlans & { readonly version: number }> {
  const { rows } = await db.query<{ version: number, plans: unknown }>(
    'select version, plans from day_plans_reading where site_id = $1',
    [siteId],
  )
  return rows[0] ? { version: rows[0].version, ...asDayPlans(rows[0].plans) } : { version: 0, ...NO_DAY_PLANS }
}
