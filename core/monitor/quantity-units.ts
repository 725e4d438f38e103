import { isGas, mgPerM3FromPpm } from '../fume/gases'
import type { MonitorQuantityId } from '../ids/monitor-ids'

/** The unit in which people read what is measured; inside, a concentration is mg/m³. */
export type ShownUnit = 'ppm' | 'mg/m³' | '%' | 'm³/s'

/** Parts of a million make so much of the unit inside; null where the quantity is no gas. */
const perPpm = (quantity: MonitorQuantityId): number | null =>
  quantity !== 'oxygen' && quantity !== 'flammable-gas' && quantity !== 'hood-flow' && isGas(quantity) ? mgPerM3FromPpm(quantity, 1) : null

/** A value as the instrument itself shows it. @example shownReading('carbon-monoxide', 28.64) // about 25 ppm */
export function shownReading(quantity: MonitorQuantityId, value: number): { readonly value: number, readonly unit: ShownUnit } {
  const gas = perPpm(quantity)
  if (gas !== null) return { value: value / gas, unit: 'ppm' }
  if (quantity === 'hood-flow') return { value, unit: 'm³/s' }
  return { value, unit: quantity === 'total-fume' ? 'mg/m³' : '%' }
}

const SHARES = { '/': 100, '%': 1, '/100': 1 } as const
const MASSES = { 'kg/m3': 1e6, 'ug/m3': 1e-3, 'mg/m3': 1 } as const
const FLOWS = { 'm3/s': 1, 'l/s': 1e-3 } as const

/**
 * Units in which a quantity may be told, each with what one of it makes of the unit inside: mg/m³, % or m³/s. They are those
 * that RFC 8428 and RFC 8798 register, and `mg/m3`, which is in neither and can mean nothing else.
 */
export function unitsOf(quantity: MonitorQuantityId): Readonly<Record<string, number>> {
  const gas = perPpm(quantity)
  if (gas !== null) return { 'ppm': gas, '/': 1e6 * gas, ...MASSES }
  if (quantity === 'total-fume') return MASSES
  return quantity === 'hood-flow' ? FLOWS : SHARES
}
