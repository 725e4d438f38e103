import type { MonitorBoundId, MonitorQuantityId } from '../ids/monitor-ids'
import type { ShownUnit } from '../monitor/quantity-units'

/** Codes of instruments that stay at bays. */
export interface MonitorFindings {
  /** The value and the limit in the unit people read. */
  'monitor.over': { name: string, quantity: MonitorQuantityId, bound: MonitorBoundId, value: number, limit: number, unit: ShownUnit }
  /** The mean of what was heard so far is past the limit, and of less than the quarter of an hour. */
  'monitor.heading-over': {
    name: string
    quantity: MonitorQuantityId
    bound: MonitorBoundId
    value: number
    limit: number
    unit: ShownUnit
    minutes: number
  }
  'monitor.silent': { name: string, sinceIso: string }
  'monitor.never-heard': { name: string }
  'monitor.below-zero': { name: string }
  'monitor.flammable': { name: string, percent: number, limitPercent: number }
  'monitor.flammable-unproven': { name: string }
  'monitor.flow-low': { name: string, flowM3PerS: number, neededM3PerS: number }
}
