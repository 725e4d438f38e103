import { mFromFt } from '../units'

/** Whose circle is kept clear. Source: `usHotWork`, `consensusHotWork`; the others are house choices, from memory. */
export const RADIUS_RULES = ['25-ft', '10-m', '35-ft', '15-m'] as const
export type RadiusRuleId = typeof RADIUS_RULES[number]

/** Radius of each rule, m. 25 ft is older shop practice and smaller than the law's circle: under US law the larger binds. */
export const RADIUS_OF_RULE_M: Readonly<Record<RadiusRuleId, number>> = {
  '25-ft': mFromFt(25),
  '10-m': 10,
  '35-ft': mFromFt(35),
  '15-m': 15,
}
