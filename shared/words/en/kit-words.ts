import type { CylinderGasId, EquipmentKindId, CompetenceId, TipId, WithdrawalRuleSetId } from '#core/ids/vocabulary'
import type { DangerId, GasNeedId } from '#core/ids/cylinder-ids'
import type { ItemEventId } from '#core/ids/kit-ids'

const gases: Record<CylinderGasId, string> = {
  'oxygen': 'oxygen',
  'argon': 'argon',
  'nitrogen': 'nitrogen',
  'helium': 'helium',
  'hydrogen': 'hydrogen',
  'carbon-dioxide': 'carbon dioxide',
  'air': 'air',
  'acetylene': 'acetylene',
  'propane': 'propane',
  'propylene': 'propylene',
  'mps': 'MPS gas',
  'natural-gas': 'natural gas',
}
const equipmentKinds: Record<EquipmentKindId, string> = {
  'arc-machine': 'arc machine',
  'welding-leads': 'welding leads',
  'electrode-holder': 'electrode holder',
  'work-clamp': 'work clamp',
  'wire-feed-gun': 'wire-feed gun',
  'tig-torch': 'TIG torch',
  'water-cooler': 'water cooler',
  'engine-drive': 'engine drive',
  'plasma-cutter': 'plasma cutter',
  'regulator': 'regulator',
  'hose': 'hose',
  'flashback-arrestor': 'flashback arrestor',
  'oxy-fuel-torch': 'oxy-fuel torch',
  'grinder': 'grinder',
  'bench-grinder': 'bench grinder',
  'laser-welder': 'laser welder',
  'extraction-arm': 'extraction arm',
  'extraction-booth': 'extraction booth',
  'helmet': 'helmet',
  'laser-eyewear': 'laser eyewear',
  'curtain': 'curtain',
  'blanket': 'fire blanket',
  'respirator': 'respirator',
  'extinguisher': 'extinguisher',
  'gas-detector': 'gas detector',
  'eyewash': 'eyewash',
  'first-aid': 'first-aid kit',
}
const itemEvents: Record<ItemEventId, string> = {
  dropped: 'dropped',
  flooded: 'flooded',
  repaired: 'repaired',
  flashback: 'in a flashback',
  overheated: 'overheated',
  moved: 'moved',
}
const withdrawalRuleSets: Record<WithdrawalRuleSetId, string> = {
  'one-seventh': 'a seventh an hour',
  'one-tenth': 'a tenth an hour',
  'one-fifteenth': 'a fifteenth an hour',
}
const listNames: Readonly<Record<string, string>> = {
  'before-use': 'the look before use',
  'weekly': 'the weekly look',
  'monthly': 'the monthly look',
  'quarterly': 'the quarterly test',
  'yearly': 'the yearly test',
  'electrical': 'the electrical test',
  'gas-path': 'the gas path test',
  'examination': 'the examination',
  'calibration': 'the calibration',
}
/** A list by its id; one that the site named goes by that name. */
const lists = (listId: string): string => {
  const name = listId.split('.').at(-1)!
  return listNames[name] ?? name.replaceAll('-', ' ')
}
const competences: Record<CompetenceId, string> = { ...equipmentKinds, cylinder: 'cylinder' }
const dangers: Record<DangerId, string> = {
  'leak': 'it leaks',
  'in-fire': 'it stands in a fire',
  'hot': 'it is hot',
  'flashback': 'a flame ran back into it',
}
const gasNeeds: Record<GasNeedId, string> = { shielding: 'shielding gas', oxygen: 'oxygen', fuel: 'fuel gas', cutting: 'cutting gas' }
const tips: Record<TipId, string> = {
  'welding': 'welding tip',
  'cutting': 'cutting tip',
  'heating-small': 'small heating head',
  'heating-medium': 'medium heating head',
  'heating-large': 'large heating head',
}
/** `an arc machine`, `a hose`. */
const aKind = (kind: CompetenceId): string => `${/^[aeio]/i.test(competences[kind]) ? 'an' : 'a'} ${competences[kind]}`

/** Words of Gas and Kit that the board speaks too. */
export const kitWords = { gases, equipmentKinds, competences, aKind, itemEvents, withdrawalRuleSets, lists, dangers, gasNeeds, tips }
