import { everyBay, request } from '../stream-kind'
import type { StreamKind } from '../stream-kind'
import { decideHouseRules } from './decide-house-rules'
import type { HouseRulesCommand } from './decide-house-rules'
import { evolveHouseRules, NEW_SITE_RULES, upcastHouseRules } from './house-rules'
import type { HouseRules, HouseRulesEvent } from './house-rules'

/** The rules of a house: every bay is judged by them. */
export const houseRulesKind: StreamKind<'house-rules', HouseRules, HouseRulesEvent, HouseRulesCommand> = {
  id: 'house-rules',
  initial: NEW_SITE_RULES,
  evolve: evolveHouseRules,
  newestVersions: { 'house-rules-changed': 10 },
  upcast: ({ typeVersion, payload }) => upcastHouseRules(typeVersion, payload),
  commands: { 'house-rules.change': request('change-house-rules', { touches: everyBay }) },
  decide: decideHouseRules,
}
