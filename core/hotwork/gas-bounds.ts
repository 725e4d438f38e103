/** At and above this nobody works with fire, whatever the house says, % of the lower explosive limit. Source: `usConfined`. */
export const LEL_FORBIDS_AT_PERCENT = 10
/** Below this the air lacks oxygen. Source: `usConfined`. */
export const OXYGEN_LEAST_PERCENT = 19.5
/** Between these a catalytic sensor tells the truth about flammable gas, % oxygen. */
export const SENSOR_OXYGEN_PERCENT = { min: 12, max: 25 } as const
