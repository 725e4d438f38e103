import type { CompetenceId, CylinderGasId, EquipmentKindId, TipId, WithdrawalRuleSetId } from '#core/ids/vocabulary'
import type { DangerId, GasNeedId } from '#core/ids/cylinder-ids'
import type { ItemEventId } from '#core/ids/kit-ids'
import type { kitWords as English } from '../en/kit-words'

const gases: Record<CylinderGasId, string> = {
  'oxygen': 'oxígeno',
  'argon': 'argón',
  'nitrogen': 'nitrógeno',
  'helium': 'helio',
  'hydrogen': 'hidrógeno',
  'carbon-dioxide': 'dióxido de carbono',
  'air': 'aire',
  'acetylene': 'acetileno',
  'propane': 'propano',
  'propylene': 'propileno',
  'mps': 'gas MPS',
  'natural-gas': 'gas natural',
}
const equipmentKinds: Record<EquipmentKindId, string> = {
  'arc-machine': 'máquina de soldar',
  'welding-leads': 'cables de soldar',
  'electrode-holder': 'portaelectrodo',
  'work-clamp': 'pinza de tierra',
  'wire-feed-gun': 'pistola de alambre',
  'tig-torch': 'antorcha TIG',
  'water-cooler': 'enfriador de agua',
  'engine-drive': 'máquina con motor',
  'plasma-cutter': 'cortadora de plasma',
  'regulator': 'regulador',
  'hose': 'manguera',
  'flashback-arrestor': 'arrestallamas',
  'oxy-fuel-torch': 'soplete oxicombustible',
  'grinder': 'esmeriladora',
  'bench-grinder': 'esmeril de banco',
  'laser-welder': 'soldadora láser',
  'extraction-arm': 'brazo de extracción',
  'extraction-booth': 'cabina de extracción',
  'helmet': 'careta',
  'laser-eyewear': 'lentes para láser',
  'curtain': 'cortina',
  'blanket': 'manta ignífuga',
  'respirator': 'respirador',
  'extinguisher': 'extintor',
  'gas-detector': 'detector de gas',
  'eyewash': 'lavaojos',
  'first-aid': 'botiquín',
}
const FEMININE: ReadonlySet<CompetenceId> = new Set<CompetenceId>([
  'arc-machine', 'work-clamp', 'wire-feed-gun', 'tig-torch', 'engine-drive', 'plasma-cutter', 'hose', 'grinder', 'laser-welder',
  'extraction-booth', 'helmet', 'curtain', 'blanket',
])
const itemEvents: Record<ItemEventId, string> = {
  dropped: 'caída',
  flooded: 'inundación',
  repaired: 'reparación',
  flashback: 'retroceso de flama',
  overheated: 'sobrecalentamiento',
  moved: 'traslado',
}
const withdrawalRuleSets: Record<WithdrawalRuleSetId, string> = {
  'one-seventh': 'un séptimo por hora',
  'one-tenth': 'un décimo por hora',
  'one-fifteenth': 'un quinceavo por hora',
}
const listNames: Readonly<Record<string, string>> = {
  'before-use': 'la revisión antes de usar',
  'weekly': 'la revisión semanal',
  'monthly': 'la revisión mensual',
  'quarterly': 'la prueba trimestral',
  'yearly': 'la prueba anual',
  'electrical': 'la prueba eléctrica',
  'gas-path': 'la prueba del paso de gas',
  'examination': 'el examen',
  'calibration': 'la calibración',
}
/** A list by its id; one that the site named goes by that name. */
const lists = (listId: string): string => {
  const name = listId.split('.').at(-1)!
  return listNames[name] ?? name.replaceAll('-', ' ')
}
const competences: Record<CompetenceId, string> = { ...equipmentKinds, cylinder: 'cilindro' }
const dangers: Record<DangerId, string> = {
  'leak': 'tiene fuga',
  'in-fire': 'está en un incendio',
  'hot': 'está caliente',
  'flashback': 'le entró una flama',
}
const gasNeeds: Record<GasNeedId, string> = {
  shielding: 'gas de protección',
  oxygen: 'oxígeno',
  fuel: 'gas combustible',
  cutting: 'gas de corte',
}
const tips: Record<TipId, string> = {
  'welding': 'boquilla de soldar',
  'cutting': 'boquilla de corte',
  'heating-small': 'cabezal de calentar, chico',
  'heating-medium': 'cabezal de calentar, mediano',
  'heating-large': 'cabezal de calentar, grande',
}
/** `una máquina de soldar`, `un regulador`; what comes in plural takes no article. */
const aKind = (kind: CompetenceId): string =>
  kind === 'welding-leads' ? competences[kind] : `${FEMININE.has(kind) ? 'una' : 'un'} ${competences[kind]}`

export const kitWords: typeof English = {
  gases, equipmentKinds, competences, aKind, itemEvents, withdrawalRuleSets, lists, dangers, gasNeeds, tips,
}
