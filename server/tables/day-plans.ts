import type { DayPlans } from '#core/streams/day-plans/day-plans'
import { NO_DAY_PLANS } from '#core/streams/day-plans/day-plans'
import { oneOfSite } from './one-of-site'
import { shapedAs } from './shaped'

/** The days that a site keeps to open them again. */
export const { write: writeDayPlans, read: readDayPlans }
  = oneOfSite('day_plans_reading', 'plans', shapedAs<DayPlans>('day_plans_reading', { plans: 'list' }), NO_DAY_PLANS)
