import type { Decision } from '../decision'
import type { HouseRules, HouseRulesEvent } from './house-rules'

export interface HouseRulesCommands { 'house-rules.change': HouseRules }
export type HouseRulesCommand = { readonly type: 'house-rules.change', readonly payload: HouseRules }

/** A rule with parts is the same when all of them are, in whatever order they stand. */
const isSame = (a: unknown, b: unknown): boolean =>
  a === b
  || (typeof a === 'object' && typeof b === 'object' && a !== null && b !== null
    && JSON.stringify(Object.entries(a).sort()) === JSON.stringify(Object.entries(b).sort()))

/** House rules may always be changed by who may; unchanged rules leave no trace. */
export function decideHouseRules(rules: HouseRules, { payload }: HouseRulesCommand): Decision<HouseRulesEvent> {
  const keys = Object.keys(payload) as (keyof HouseRules)[]
  return keys.every(key => isSame(rules[key], payload[key]))
    ? { events: [] }
    : { events: [{ type: 'house-rules-changed', version: 10, payload }] }
}
