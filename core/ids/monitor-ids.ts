/** What a monitor that stays at a bay measures, and tells by itself. */
export const MONITOR_QUANTITIES = [
  'total-fume', 'carbon-monoxide', 'nitrogen-dioxide', 'nitric-oxide', 'ozone', 'oxygen', 'flammable-gas', 'hood-flow',
] as const
export type MonitorQuantityId = typeof MONITOR_QUANTITIES[number]

/** Those of them that exposure limits speak of. */
export type MonitoredSubstance = Exclude<MonitorQuantityId, 'oxygen' | 'flammable-gas' | 'hood-flow'>

/** What a reading can be over, or under. */
export const MONITOR_BOUNDS = ['ceiling', 'short-term', 'danger', 'oxygen-low', 'oxygen-high', 'flammable'] as const
export type MonitorBoundId = typeof MONITOR_BOUNDS[number]

/** What a device key is for: it reads the clearance, or it tells readings. None does both. */
export const KEY_PURPOSES = ['reads', 'tells'] as const
export type KeyPurposeId = typeof KEY_PURPOSES[number]
