import { getDayOfWeek, parseDate } from '@internationalized/date'
import type { HouseRules, RegulatorRuleId } from '../streams/house-rules/house-rules'
import type { CylinderState } from '../streams/cylinder/cylinder'

/** Which regulators come off, and when, by the site's rule. */
export interface RegulatorList {
  readonly rule: RegulatorRuleId
  /** The day by which they come off, YYYY-MM-DD; null where they stay on. */
  readonly by: string | null
  readonly isToday: boolean
  /** Connected cylinders, those at a bay first. */
  readonly list: readonly CylinderState[]
}

/** Monday 0 to Sunday 6, whatever the calendar of the language begins with. */
const weekday = (date: string): number => getDayOfWeek(parseDate(date), 'en-GB', 'mon')

/**
 * The end-of-week list: every cylinder whose regulator is still on. Off weekly, they come off on the site's last working
 * day; off daily, today; on in daily use, none does. Source: `regulatorSchools`.
 *
 * @param today the shop day, YYYY-MM-DD
 */
export function regulatorsToTakeOff(
  cylinders: readonly CylinderState[],
  { regulatorRule, weekEndsOn }: Pick<HouseRules, 'regulatorRule' | 'weekEndsOn'>,
  today: string,
): RegulatorList {
  const list = cylinders.filter(({ isConnected }) => isConnected)
  if (regulatorRule === 'on-in-daily-use') return { rule: regulatorRule, by: null, isToday: false, list: [] }
  const daysLeft = regulatorRule === 'off-daily' ? 0 : (weekEndsOn - 1 - weekday(today) + 7) % 7
  return { rule: regulatorRule, by: parseDate(today).add({ days: daysLeft }).toString(), isToday: daysLeft === 0, list }
}
