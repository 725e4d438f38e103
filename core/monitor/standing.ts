import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { HouseRules } from '../streams/house-rules/house-rules'
import type { MonitorQuantityId } from '../ids/monitor-ids'
import type { HeardAir } from './heard-air'
import { comparedWith, isHeadingPast } from './heard-air'
import type { MonitorBound } from './monitor-bounds'
import { isPast, monitorBounds } from './monitor-bounds'
import { shownReading } from './quantity-units'

/** What of the house's rules a reading is judged by. */
export type StandingRules = Pick<HouseRules, 'jurisdiction' | 'exposureBasis' | 'oxygenMaxPercent' | 'lelLimitPercent'>

/** An instrument of which something was heard. */
export interface HeardMonitor { readonly name: string, readonly quantity: MonitorQuantityId, readonly heard: HeardAir }

/** A zero that drifts further below than this share of the lowest bound is no zero. */
const DRIFT_SHARE = 0.1

/** How far below zero a reading may lie, in the unit of what is measured. */
function driftOf(bounds: readonly MonitorBound[]): number {
  const most = bounds.filter(({ isLeast }) => !isLeast).map(({ value }) => value)
  return most.length === 0 ? 0 : DRIFT_SHARE * Math.min(...most)
}

/**
 * What the readings of an instrument come to by themselves, whatever stands beside it and however long ago they were: past a bound it
 * stops; heading past one, below zero, or over what the house allows of what burns, it holds.
 *
 * @returns the gravest first; none where every bound is kept
 */
export function standingOf({ name, quantity, heard }: HeardMonitor, rules: StandingRules): readonly Finding[] {
  const bounds = monitorBounds(quantity, rules)
  const shown = (value: number, limit: number) => {
    const read = shownReading(quantity, value)
    return { name, quantity, value: read.value, limit: shownReading(quantity, limit).value, unit: read.unit }
  }
  const found: Finding[] = []
  const past = bounds.find(bound => isPast(bound, comparedWith(bound, heard)))
  const heading = past ? undefined : bounds.find(bound => isHeadingPast(bound, heard))
  if (past) {
    const { bound, value, source } = past
    found.push(finding('stop', 'monitor.over', { ...shown(comparedWith(past, heard), value), bound }, [source]))
  }
  if (heading) {
    const { bound, value, source } = heading
    found.push(finding('hold', 'monitor.heading-over', { ...shown(heard.mean, value), bound, minutes: heard.coveredS / 60 }, [source]))
  }
  if (!(heard.lowest >= -driftOf(bounds))) found.push(finding('hold', 'monitor.below-zero', { name }))
  if (quantity === 'flammable-gas' && !past && !(heard.highest <= rules.lelLimitPercent)) {
    const values = { name, percent: heard.highest, limitPercent: rules.lelLimitPercent }
    found.push(finding('hold', 'monitor.flammable', values, ['houseRule']))
  }
  return found
}
