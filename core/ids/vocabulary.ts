/**
 * The one list of ids that Zonaris speaks, kebab-case, kept for ever once used: jobs in the log name them.
 * The words for them live in the message catalogue.
 */
export const PROCESSES = [
  'smaw', 'gmaw', 'fcaw-g', 'fcaw-s', 'gtaw', 'saw', 'paw', 'pac', 'cac-a', 'caw',
  'ofw', 'ofc', 'tb', 'ts', 'grinding', 'lbw',
] as const
export type ProcessId = typeof PROCESSES[number]

export const BASE_METALS = [
  'mild-steel', 'low-alloy-steel', 'stainless-steel', 'cast-iron', 'aluminium', 'magnesium', 'copper', 'brass', 'bronze', 'nickel-alloy',
  'titanium', 'bismuth-bronze', 'beryllium-copper',
] as const
export type BaseMetalId = typeof BASE_METALS[number]

export const COATINGS = [
  'none', 'zinc', 'zinc-strip', 'zinc-plated', 'zinc-primer', 'paint', 'primer', 'lead-paint', 'cadmium', 'chromium-plated',
  'aluminised', 'oil', 'yellow-passivate', 'unknown',
] as const
export type CoatingId = typeof COATINGS[number]

export const CONSUMABLES = [
  'e6010', 'e6011', 'e6013', 'e7018', 'e7024', 'e308l-16', 'e309l-16', 'eni-ci',
  'er70s-6', 'er308lsi', 'er4043', 'er5356', 'ersicu', 'e71t-1', 'e71t-8', 'e71t-gs', 'er70s-2', 'er308l', 'ercusi-a',
  'rg45', 'rbcuzn-a', 'bag-silver', 'tin-silver', 'em12k', 'carbon-rod', 'no-filler',
  'e316l-16', 'e2209-16', 'enicrmo-3', 'enicu-7', 'hardfacing-chromium', 'hardfacing-manganese',
  'er316l', 'er2209', 'ernicrmo-3', 'ernicu-7', 'low-manganese-wire', 'e70c-6m', 'e308lt1', 'e316lt1', 'own-sheet',
] as const
export type ConsumableId = typeof CONSUMABLES[number]

export const SHIELDING_GASES = [
  'argon', 'argon-co2', 'co2', 'argon-oxygen', 'argon-helium', 'helium', 'tri-mix', 'nitrogen', 'oxygen', 'air', 'argon-hydrogen', 'none',
] as const
export type ShieldingGasId = typeof SHIELDING_GASES[number]

export const POSITIONS = ['flat', 'horizontal', 'vertical', 'overhead'] as const
export type PositionId = typeof POSITIONS[number]

/** Where the head of whoever welds is kept, seen from the plume. */
export const HEADS = ['out-of-plume', 'beside-plume', 'in-plume', 'not-watched'] as const
export type HeadId = typeof HEADS[number]

export const CONFINEMENTS = ['open', 'against-wall', 'restricted', 'confined'] as const
export type ConfinementId = typeof CONFINEMENTS[number]

/** What a job answers about chlorinated degreaser and brake cleaner. */
export const RESIDUES = ['none', 'present', 'unknown'] as const
export type ResidueId = typeof RESIDUES[number]

/** What a job answers about tanks, drums and closed sections. */
export const CONTAINERS = ['not-a-container', 'opened-cleaned-tested', 'held-something', 'unknown-contents'] as const
export type ContainerId = typeof CONTAINERS[number]

export const ZONES = [
  'hair-head', 'ears', 'eyes', 'face', 'neck', 'lungs', 'hands', 'arms', 'torso', 'lap', 'legs', 'feet', 'pockets',
] as const
export type ZoneId = typeof ZONES[number]

/** What a cylinder holds by itself; a mix is given by its parts. */
export const CYLINDER_GASES = [
  'oxygen', 'argon', 'nitrogen', 'helium', 'hydrogen', 'carbon-dioxide', 'air', 'acetylene', 'propane', 'propylene', 'mps', 'natural-gas',
] as const
export type CylinderGasId = typeof CYLINDER_GASES[number]

/** What a flame burns with oxygen. */
export const FUEL_GASES = [
  'acetylene', 'propane', 'propylene', 'mps', 'natural-gas', 'hydrogen',
] as const satisfies readonly CylinderGasId[]
export type FuelGasId = typeof FUEL_GASES[number]

/** How much acetylene an hour may be drawn from one cylinder, as a part of what it holds when full. */
export const WITHDRAWAL_RULE_SETS = ['one-seventh', 'one-tenth', 'one-fifteenth'] as const
export type WithdrawalRuleSetId = typeof WITHDRAWAL_RULE_SETS[number]

/** What carries a tag and is inspected. */
export const EQUIPMENT_KINDS = [
  'arc-machine', 'welding-leads', 'electrode-holder', 'work-clamp', 'wire-feed-gun', 'tig-torch', 'water-cooler', 'engine-drive',
  'plasma-cutter', 'regulator', 'hose', 'flashback-arrestor', 'oxy-fuel-torch', 'grinder', 'bench-grinder', 'laser-welder',
  'extraction-arm', 'extraction-booth', 'helmet', 'laser-eyewear', 'curtain', 'blanket', 'respirator', 'extinguisher', 'gas-detector',
  'eyewash', 'first-aid',
] as const
export type EquipmentKindId = typeof EQUIPMENT_KINDS[number]

/** What somebody may be named competent for: a kind of equipment, or cylinders. */
export const COMPETENCES = [...EQUIPMENT_KINDS, 'cylinder'] as const
export type CompetenceId = typeof COMPETENCES[number]

/** What burns at the end of the hoses. */
export const TIPS = ['welding', 'cutting', 'heating-small', 'heating-medium', 'heating-large'] as const
export type TipId = typeof TIPS[number]

/** How a wire's metal crosses its arc. */
export const TRANSFERS = ['short-circuit', 'globular', 'spray', 'pulsed'] as const
export type TransferId = typeof TRANSFERS[number]

/** Where the water of a cutting table stands: none or well below, touching the plate, or over it. */
export const WATER_TABLES = ['dry', 'touching', 'under-water'] as const
export type WaterTableId = typeof WATER_TABLES[number]

/** Whose rules cylinders are stored by. */
export const STORAGE_BASES = ['us', 'uk'] as const
export type StorageBasisId = typeof STORAGE_BASES[number]

export const GATES = ['job', 'eyes', 'body', 'air', 'gas', 'machine', 'fire'] as const
export type GateId = typeof GATES[number]

export const SHADE_RULE_SETS = ['us-legal', 'us-consensus', 'eu', 'house', 'darkest-first'] as const
export type ShadeRuleSetId = typeof SHADE_RULE_SETS[number]

/** The rule sets a site may take as its basis (a house minimum is set by its number). */
export const SHADE_BASES = ['us-legal', 'us-consensus', 'eu', 'darkest-first'] as const
export type ShadeBasisId = typeof SHADE_BASES[number]

export const JURISDICTIONS = ['us', 'us-ca', 'eu', 'uk', 'de'] as const
export type JurisdictionId = typeof JURISDICTIONS[number]

export const WORKPLACES = ['general', 'construction'] as const
export type WorkplaceId = typeof WORKPLACES[number]

export const BAY_KINDS = ['designated', 'structure'] as const
export type BayKindId = typeof BAY_KINDS[number]

/** What an arc puts into the air that a limit or a body knows. Metals as the element; gases as themselves. */
export const SUBSTANCES = [
  'total-fume', 'iron', 'manganese', 'chromium', 'chromium-vi', 'nickel', 'zinc', 'copper', 'aluminium', 'lead', 'cadmium', 'fluorides',
  'ozone', 'nitrogen-dioxide', 'nitric-oxide', 'carbon-monoxide', 'beryllium',
] as const
export type SubstanceId = typeof SUBSTANCES[number]

/** Bodies of exposure limits. */
export const EXPOSURE_RULE_SETS = ['us-legal', 'us-consensus', 'us-ca', 'eu', 'uk', 'de'] as const
export type ExposureRuleSetId = typeof EXPOSURE_RULE_SETS[number]

/** What a site may take as its basis for exposure limits: one body, or the strictest of all known. */
export const EXPOSURE_BASES = ['strictest', ...EXPOSURE_RULE_SETS] as const
export type ExposureBasisId = typeof EXPOSURE_BASES[number]

/** How a hood takes fume: `opening` beside the arc, `overhead` over the rising plume, and so on. */
export const HOOD_KINDS = ['opening', 'slot', 'canopy', 'overhead', 'bench', 'downdraft', 'booth', 'gun'] as const
export type HoodKindId = typeof HOOD_KINDS[number]

/** Extraction equipment of a bay. An `arm` is moved by hand: beside the arc it is an opening, above it an overhead hood. */
export const EXTRACTION_KINDS = ['arm', 'opening', 'slot', 'canopy', 'bench', 'downdraft', 'booth', 'gun'] as const
export type ExtractionKindId = typeof EXTRACTION_KINDS[number]

/** What is worn over nose and mouth. */
export const MASKS = [
  'dust-mask', 'n95', 'ffp2', 'ffp3', 'half-p100', 'full-p100', 'papr-loose', 'papr-helmet', 'papr-tight-full', 'air-line-half',
  'air-line-full', 'air-line-positive', 'air-line-escape', 'scba',
] as const
export type MaskId = typeof MASKS[number]

/** How a result below the limit of quantification is counted. */
export const SUBSTITUTIONS = ['loq', 'loq-root-2', 'loq-half', 'regression', 'likelihood', 'beta'] as const
export type SubstitutionId = typeof SUBSTITUTIONS[number]

export const ROLES = [
  'learner', 'welder', 'instructor', 'safety-lead', 'permit-authoriser', 'fire-watch', 'store-keeper', 'auditor',
] as const
export type RoleId = typeof ROLES[number]

/** All lists under one roof, for `GET /api/v1/vocabulary`. */
export const VOCABULARY = {
  processes: PROCESSES,
  baseMetals: BASE_METALS,
  coatings: COATINGS,
  consumables: CONSUMABLES,
  shieldingGases: SHIELDING_GASES,
  cylinderGases: CYLINDER_GASES,
  fuelGases: FUEL_GASES,
  withdrawalRuleSets: WITHDRAWAL_RULE_SETS,
  storageBases: STORAGE_BASES,
  equipmentKinds: EQUIPMENT_KINDS,
  competences: COMPETENCES,
  tips: TIPS,
  transfers: TRANSFERS,
  waterTables: WATER_TABLES,
  positions: POSITIONS,
  confinements: CONFINEMENTS,
  heads: HEADS,
  residues: RESIDUES,
  containers: CONTAINERS,
  zones: ZONES,
  gates: GATES,
  shadeRuleSets: SHADE_RULE_SETS,
  jurisdictions: JURISDICTIONS,
  workplaces: WORKPLACES,
  substances: SUBSTANCES,
  exposureRuleSets: EXPOSURE_RULE_SETS,
  exposureBases: EXPOSURE_BASES,
  hoodKinds: HOOD_KINDS,
  extractionKinds: EXTRACTION_KINDS,
  masks: MASKS,
  substitutions: SUBSTITUTIONS,
  bayKinds: BAY_KINDS,
  roles: ROLES,
} as const
export type VocabularyList = keyof typeof VOCABULARY
