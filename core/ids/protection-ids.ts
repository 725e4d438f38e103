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
