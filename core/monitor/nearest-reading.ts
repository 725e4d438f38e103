import type { HouseRules } from '../streams/house-rules/house-rules'
import type { Monitor } from '../streams/monitor/monitor'
import type { MonitorQuantityId } from '../ids/monitor-ids'
import type { Instant } from '../time/instant'
import { comparedWith } from './heard-air'
import { speaks } from './judge-monitors'
import { monitorBounds } from './monitor-bounds'
import type { ShownUnit } from './quantity-units'
import { shownReading } from './quantity-units'

/** What an instrument reads now, in the unit people read. */
export interface ReadNow { readonly quantity: MonitorQuantityId, readonly value: number, readonly unit: ShownUnit }

/**
 * The reading of several instruments that is nearest to what it is compared with; of one that is silent nothing is said.
 *
 * @returns null where none speaks
 */
export function nearestReading(
  monitors: readonly Monitor[],
  rules: Pick<HouseRules, 'jurisdiction' | 'exposureBasis' | 'oxygenMaxPercent'>,
  now: Instant,
): ReadNow | null {
  const read = monitors.flatMap((monitor) => {
    const { heard, quantity } = monitor
    if (heard === null || !speaks(monitor, now)) return []
    const shares = monitorBounds(quantity, rules).map((bound) => {
      const value = comparedWith(bound, heard)
      return bound.isLeast ? bound.value / value : value / bound.value
    })
    const { value, unit } = shownReading(quantity, heard.value)
    return [{ share: Math.max(0, ...shares), quantity, value: Number(value.toPrecision(3)), unit }]
  })
  const [nearest] = read.sort((a, b) => b.share - a.share)
  return nearest ? { quantity: nearest.quantity, value: nearest.value, unit: nearest.unit } : null
}
