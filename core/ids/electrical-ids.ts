/** Where somebody stands who may touch a live electrode. */
export const SHOCK_ENVIRONMENTS = ['dry', 'wet', 'confined'] as const
export type ShockEnvironment = typeof SHOCK_ENVIRONMENTS[number]

/** Readings of the periodic test, in the order they are taken. */
export const ELECTRICAL_TESTS = [
  'protectiveConductorOhm', 'supplyToWeldingMOhm', 'weldingToProtectiveMOhm', 'supplyToProtectiveMOhm', 'supplyToAccessibleMOhm',
  'primaryLeakageMA', 'weldingLeakageMA', 'touchCurrentMA',
] as const
export type ElectricalTestId = typeof ELECTRICAL_TESTS[number]
