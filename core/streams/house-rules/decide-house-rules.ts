import type { Decision } from '../decision'
import type { HouseRules, HouseRulesEvent } from './house-rules'

export interface HouseRulesCommands { 'house-rules.change': HouseRules }
export type HouseRulesCommand = { readonly type: 'house-rules.change', readonly payload: HouseRules }

/** House rules may always be changed by who may; unchanged rules leave no trace. */
export function decideHouseRules(rules: HouseRules, { payload }: HouseRulesCommand): Decision<HouseRulesEvent> {
  const keys = Object.keys(payload) as (keyof HouseRules)[]
  return keys.every(key => rules[key] === payload[key])
    ? { events: [] }
    : { events: [{ type: 'house-rules-changed', version: 9, payload }] }
}
