/** How a beam is measured: to the edge of 63 % of its power, as the formulas want it, or of 86 %, as makers print it. */
export const BEAM_CONVENTIONS = ['1/e', '1/e2'] as const
export type BeamConvention = typeof BEAM_CONVENTIONS[number]

/** By whose rule a day of noise is counted. */
export const NOISE_RULES = ['us-hearing-conservation', 'us-limit', 'us-recommended', 'eu'] as const
export type NoiseRuleId = typeof NOISE_RULES[number]

/** How much less than its label a protector is taken to do. */
export const DERATINGS = ['none', 'half', 'by-kind'] as const
export type DeratingId = typeof DERATINGS[number]

export const PROTECTOR_KINDS = ['muff', 'formable-plug', 'plug'] as const
export type ProtectorKindId = typeof PROTECTOR_KINDS[number]

/** How hard somebody works, as the heat limits class it. */
export const WORK_RATES = ['rest', 'light', 'moderate', 'heavy', 'very-heavy'] as const
export type WorkRateId = typeof WORK_RATES[number]

/** What is worn, as the heat limits class it. */
export const HEAT_CLOTHING = [
  'work-clothes', 'coverall', 'sms-coverall', 'polyolefin-coverall', 'double-layer', 'welding-leathers', 'vapour-barrier',
  'vapour-barrier-hood',
] as const
export type HeatClothingId = typeof HEAT_CLOTHING[number]

/** A lens of one shade, or one that turns dark by itself. */
export const HELMET_KINDS = ['fixed', 'auto'] as const
export type HelmetKindId = typeof HELMET_KINDS[number]

export const BATTERY_STATES = ['good', 'low', 'flat'] as const
export type BatteryStateId = typeof BATTERY_STATES[number]

export const COVER_PLATE_STATES = ['sound', 'worn'] as const
export type CoverPlateStateId = typeof COVER_PLATE_STATES[number]

/** How a helmet came through the look of the day. */
export const HELMET_CHECKS = ['passed', 'failed'] as const
export type HelmetCheckId = typeof HELMET_CHECKS[number]

/** How a helmet of the rack suits a job and a person. */
export const HELMET_FITS = ['as-set', 'with-a-step', 'cannot'] as const
export type HelmetFit = typeof HELMET_FITS[number]
