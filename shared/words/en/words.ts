import type {
  BaseMetalId,
  BayKindId,
  CoatingId,
  ConfinementId,
  HeadId,
  ConsumableId,
  ContainerId,
  ExposureBasisId,
  ExposureRuleSetId,
  ExtractionKindId,
  GateId,
  HoodKindId,
  JurisdictionId,
  MaskId,
  PositionId,
  ProcessId,
  ResidueId,
  SubstanceId,
  SubstitutionId,
  TransferId,
  WaterTableId,
  RoleId,
  ShadeRuleSetId,
  ShieldingGasId,
  WorkplaceId,
  ZoneId,
} from '#core/ids/vocabulary'
import type { GateState, Word } from '#core/clearance/gate'
import type { AdviceKind } from '#core/air/air-advice'
import type { AirInputId } from '#core/air/air-doubt'
import type { FlowMethod } from '#core/streams/hall/hall'
import type { SampleVerdict, LimitKind, MixtureGroupId } from '#core/ids/exposure-ids'
import type { DateOrder, DecimalMark, SampleColumn, Separator } from '#core/samples/read-samples'
import type { UnsampledRule } from '#core/samples/shift-average'
import type { JobField } from '#core/ids/job-ids'
import type { ShadeInput } from '#core/ids/shade-ids'
import type { FumeInput } from '#core/ids/fume-ids'
import type { ExtractionFault } from '#core/ids/air-ids'
import type { SampledFraction } from '#core/exposure/limits'
import type { GlassesKind, HelmetFault } from '#core/ids/station-ids'
import type { OutfitReason, RequirementId } from '#core/ids/ppe-ids'
import type { MonitorBoundId, MonitorQuantityId } from '#core/ids/monitor-ids'
import type { RightId } from '#core/ids/rights'
import type { Basis } from '#core/source/source-ref'

const processes: Record<ProcessId, string> = {
  'smaw': 'Stick',
  'gmaw': 'MIG/MAG',
  'fcaw-g': 'Flux-core, gas',
  'fcaw-s': 'Flux-core, self-shielded',
  'gtaw': 'TIG',
  'saw': 'Submerged arc',
  'paw': 'Plasma weld',
  'pac': 'Plasma cut',
  'cac-a': 'Air-arc gouge',
  'caw': 'Carbon arc',
  'ofw': 'Gas weld',
  'ofc': 'Gas cut',
  'tb': 'Torch braze',
  'ts': 'Torch solder',
  'grinding': 'Grind',
  'lbw': 'Laser weld',
}
/** As short as a board row. */
const processesShort: Record<ProcessId, string> = {
  ...processes,
  'gmaw': 'MIG',
  'fcaw-g': 'Flux-core gas',
  'fcaw-s': 'Flux-core',
  'saw': 'Sub-arc',
  'cac-a': 'Gouge',
}
const baseMetals: Record<BaseMetalId, string> = {
  'mild-steel': 'mild steel',
  'low-alloy-steel': 'low-alloy steel',
  'stainless-steel': 'stainless',
  'cast-iron': 'cast iron',
  'aluminium': 'aluminium',
  'magnesium': 'magnesium',
  'copper': 'copper',
  'brass': 'brass',
  'bronze': 'bronze',
  'nickel-alloy': 'nickel alloy',
  'titanium': 'titanium',
  'bismuth-bronze': 'bismuth bronze',
  'beryllium-copper': 'beryllium copper',
}
const coatings: Record<CoatingId, string> = {
  'none': 'bare',
  'zinc': 'galvanised',
  'zinc-strip': 'galvanised sheet, off the strip',
  'zinc-plated': 'zinc plated',
  'zinc-primer': 'zinc-rich primer',
  'paint': 'painted',
  'primer': 'primed',
  'lead-paint': 'lead paint',
  'cadmium': 'cadmium',
  'chromium-plated': 'chrome plated',
  'aluminised': 'aluminised',
  'oil': 'oiled',
  'yellow-passivate': 'yellowish plating',
  'unknown': 'not known',
}
const consumables: Record<ConsumableId, string> = {
  'e6010': 'E6010',
  'e6011': 'E6011',
  'e6013': 'E6013',
  'e7018': 'E7018',
  'e7024': 'E7024',
  'e308l-16': 'E308L-16',
  'e309l-16': 'E309L-16',
  'eni-ci': 'ENi-CI',
  'er70s-6': 'ER70S-6',
  'er308lsi': 'ER308LSi',
  'er4043': 'ER4043',
  'er5356': 'ER5356',
  'ersicu': 'silicon bronze wire',
  'e71t-1': 'E71T-1',
  'e71t-8': 'E71T-8',
  'e71t-gs': 'E71T-GS',
  'er70s-2': 'ER70S-2',
  'er308l': 'ER308L',
  'ercusi-a': 'ERCuSi-A',
  'rg45': 'RG45',
  'rbcuzn-a': 'brass rod',
  'bag-silver': 'silver braze',
  'tin-silver': 'tin-silver',
  'em12k': 'EM12K',
  'carbon-rod': 'carbon rod',
  'no-filler': 'no filler',
  'e316l-16': 'E316L-16',
  'e2209-16': 'E2209-16 (duplex)',
  'enicrmo-3': 'ENiCrMo-3',
  'enicu-7': 'ENiCu-7',
  'hardfacing-chromium': 'hardfacing rod, chromium',
  'hardfacing-manganese': 'hardfacing rod, manganese',
  'er316l': 'ER316L',
  'er2209': 'ER2209 (duplex)',
  'ernicrmo-3': 'ERNiCrMo-3',
  'ernicu-7': 'ERNiCu-7',
  'low-manganese-wire': 'low-manganese wire',
  'e70c-6m': 'E70C-6M (metal-cored)',
  'e308lt1': 'E308LT1',
  'e316lt1': 'E316LT1',
  'own-sheet': 'another, by the shop\'s own sheet',
}
const transfers: Record<TransferId, string> = {
  'short-circuit': 'short circuit', 'globular': 'large drops', 'spray': 'spray', 'pulsed': 'pulsed',
}
const waterTables: Record<WaterTableId, string> = { 'dry': 'dry', 'touching': 'water at the plate', 'under-water': 'under water' }
const shieldingGases: Record<ShieldingGasId, string> = {
  'argon': 'argon',
  'argon-co2': 'argon + CO₂',
  'co2': 'CO₂',
  'argon-oxygen': 'argon + oxygen',
  'argon-helium': 'argon + helium',
  'helium': 'helium',
  'tri-mix': 'tri-mix',
  'nitrogen': 'nitrogen',
  'oxygen': 'oxygen',
  'air': 'air in cylinders',
  'argon-hydrogen': 'argon + hydrogen',
  'none': 'none',
}
const positions: Record<PositionId, string> = { flat: 'flat', horizontal: 'horizontal', vertical: 'vertical', overhead: 'overhead' }
const heads: Record<HeadId, string> = {
  'out-of-plume': 'out of the plume',
  'beside-plume': 'beside it',
  'in-plume': 'in the plume',
  'not-watched': 'nobody watched',
}
const confinements: Record<ConfinementId, string> = {
  'open': 'in the open',
  'against-wall': 'against a wall',
  'restricted': 'tight spot',
  'confined': 'confined space',
}
const residues: Record<ResidueId, string> = { none: 'none on it', present: 'on it', unknown: 'not known' }
const containers: Record<ContainerId, string> = {
  'not-a-container': 'not a container',
  'opened-cleaned-tested': 'opened, cleaned, tested',
  'held-something': 'held something',
  'unknown-contents': 'not known what',
}
const zones: Record<ZoneId, string> = {
  'hair-head': 'hair and head',
  'ears': 'ears',
  'eyes': 'eyes',
  'face': 'face',
  'neck': 'neck',
  'lungs': 'lungs',
  'hands': 'hands',
  'arms': 'arms',
  'torso': 'torso',
  'lap': 'lap',
  'legs': 'legs',
  'feet': 'feet',
  'pockets': 'pockets',
}
const gates: Record<GateId, string> = { job: 'Job', eyes: 'Eyes', body: 'Body', air: 'Air', gas: 'Gas', machine: 'Machine', fire: 'Fire' }
/** As short as the head of a narrow column. */
const gatesShort: Record<GateId, string> = { ...gates, machine: 'Mach.' }
const ruleSets: Record<ShadeRuleSetId, string> = {
  'us-legal': 'US law', 'us-consensus': 'US consensus', 'eu': 'European table', 'house': 'House minimum', 'darkest-first': 'Darkest first',
}
const jurisdictions: Record<JurisdictionId, string> = {
  'us': 'United States',
  'us-ca': 'California',
  'eu': 'European Union',
  'uk': 'United Kingdom',
  'de': 'Germany',
}
const workplaces: Record<WorkplaceId, string> = { general: 'shop', construction: 'construction' }
const bayKinds: Record<BayKindId, string> = { designated: 'designated bay', structure: 'spot on a structure' }
const roles: Record<RoleId, string> = {
  'learner': 'learner',
  'welder': 'welder',
  'instructor': 'instructor',
  'safety-lead': 'safety lead',
  'permit-authoriser': 'permit authoriser',
  'fire-watch': 'fire watch',
  'store-keeper': 'store keeper',
  'auditor': 'auditor',
}
const gateStates: Record<GateState, string> = {
  'open': 'open',
  'hold': 'hold',
  'stop': 'stop',
  'to-do': 'to do',
  'not-needed': 'not needed',
}
const stationWords: Record<Word, string> = { 'clear-to-strike': 'Clear to strike', 'hold': 'Hold', 'stopped': 'Stopped' }
const jobFields: Record<JobField, string> = {
  currentA: 'the current',
  currentRangeA: 'the current range',
  consumable: 'the rod or wire',
  electrodeDiameterMm: 'its diameter',
  plateThicknessMm: 'the thickness',
  wireFeedMPerMin: 'the wire feed',
  travelSpeedMPerMin: 'the travel speed',
  strippedWidthMm: 'how wide it is stripped',
  gasFlowLPerMin: 'the gas flow',
  fuelGas: 'the fuel gas',
  tip: 'the tip',
  transfer: 'how the metal crosses',
  kerfWidthMm: 'the width of the cut',
  waterTable: 'where the water stands',
  acetyleneFlowLPerH: 'the acetylene flow',
  oxygenFlowLPerH: 'the oxygen flow',
  baseMetal: 'the base metal',
  coating: 'the coating',
  coatingStripped: 'whether it is stripped',
  shieldingGas: 'the shielding gas',
  position: 'the position',
  confinement: 'the surroundings',
  head: 'where the head is kept',
  startsAt: 'the start time',
  endsAt: 'the end time',
  arcMinPerH: 'the arc minutes',
  residue: 'degreaser residue',
  container: 'whether it is a container',
}
const shadeInputs: Record<ShadeInput, string> = {
  currentA: 'the current',
  plateThicknessMm: 'the plate thickness',
  acetyleneFlowLPerH: 'the acetylene flow',
  oxygenFlowLPerH: 'the oxygen flow',
}
const glasses: Record<GlassesKind, string> = { 'clear-rated': 'clear, impact rated', 'tinted': 'tinted', 'none': 'none' }
const helmetFaults: Record<HelmetFault, string> = {
  'battery': 'the cells are flat',
  'lens': 'the lens is damaged',
  'light-leak': 'light shows through',
  'shell': 'the shell is cracked',
  'slow': 'it darkens late',
}
/** The rating that American labels carry, of the better where two are worn. */
const labelAtLeast = (nrrDb: string | number): string => `NRR ${nrrDb} or more`
const requirements: Record<RequirementId, string> = {
  'cap-hair-covered': 'Cap under the helmet, all hair covered',
  'flame-resistant-hood': 'Flame-resistant hood under the helmet, hair and ears covered',
  'bare-head-hair-tied': 'Hair tied back',
  'ear-plugs-sparks': 'Ear plugs: they keep sparks out too',
  'hearing-protection': 'Hearing protection that sparks cannot melt',
  'hearing-protection-rated': 'Hearing protection against the day\'s noise, that sparks cannot melt',
  'hearing-protection-two': 'Ear plugs and muffs over them, both labels read',
  'clear-rated-glasses': 'Clear, impact-rated glasses, always on',
  'flame-goggles': 'Goggles of the flame\'s shade',
  'laser-eyewear': 'Eyewear rated for this laser',
  'welding-helmet': 'Welding helmet of the shade above',
  'face-shield': 'Face shield over the glasses',
  'laser-helmet': 'Helmet rated for this laser',
  'collar-closed': 'Collar closed, no skin showing',
  'neck-leather': 'Leather or flame-resistant cape over the neck',
  'fume-see-air-gate': 'Head out of the plume; the Air gate says what else',
  'supplied-air-to-be-judged': 'Supplied air unless the Air gate says otherwise',
  'thin-dexterous-gauntlet': 'Thin leather welding gloves, gauntlet cuff',
  'lined-gauntlet': 'Thick lined leather gauntlets',
  'leather-work-gloves': 'Leather work gloves, nothing loose',
  'fr-sleeves': 'Flame-resistant sleeves to the wrist',
  'leather-sleeves': 'Leather sleeves',
  'cotton-or-fr-jacket': 'Heavy cotton, wool or flame-resistant jacket, no synthetics under it',
  'fr-jacket': 'Flame-resistant jacket, no synthetics under it',
  'leather-jacket': 'Full leather jacket',
  'leather-apron': 'Leather apron',
  'lap-covered-by-jacket': 'Jacket long enough to cover the lap',
  'long-trousers-no-cuffs': 'Long cotton or wool trousers, no turn-ups',
  'fr-trousers': 'Flame-resistant trousers, no turn-ups',
  'leather-leggings': 'Leather leggings over the trousers',
  'leather-boots-covered-laces': 'Leather boots over the ankle, trousers outside, laces covered',
  'pockets-closed-no-lighter': 'Pockets shut, no lighter or matches, no loose jewellery',
}
const outfitReasons: Record<OutfitReason, string> = {
  'arc-radiation': 'the arc burns bare skin in minutes',
  'reflected-arc': 'arcs reflect round the back of a helmet',
  'light-spatter': 'light spatter',
  'heavy-spatter': 'heavy spatter and heat',
  'falling-sparks': 'overhead work and gouging drop metal on you',
  'dexterity': 'the torch needs a fine touch',
  'flame-light': 'the flame and the puddle glare',
  'grinding-fragments': 'grinding throws fragments',
  'noise': 'it is loud enough to harm',
  'noise-of-neighbours': 'what others do in the hall is loud enough to harm',
  'coating-fume': 'the coating burns off as fume',
  'confined-air': 'air runs out and gas collects in a confined space',
  'slag-pops': 'slag pops when the helmet lifts',
  'synthetics-melt': 'synthetics melt and stick',
  'laser-beam': 'the beam blinds, also reflected',
  'hot-metal': 'hot metal',
  'every-arc-makes-fume': 'every arc and flame makes fume or gas',
  'sparks-catch': 'sparks catch in every opening',
}
const rights: Record<RightId, string> = {
  'request-permit': 'ask for permits',
  'work-permit': 'do this under a permit',
  'stand-watch': 'stand watch here',
  'authorise-permit': 'answer for permits',
  'reopen-permit': 'let stopped hot work go on',
  'see-floor': 'see the floor',
  'stop': 'stop work',
  'reopen': 're-open a stopped bay',
  'set-jobs': 'set jobs',
  'door-checks': 'do the door checks',
  'place-people': 'place people at bays',
  'describe-air': 'describe halls, hoods and data sheets',
  'record-samples': 'record samples',
  'health-fields': 'see and write health fields',
  'change-house-rules': 'change house rules',
  'manage-people': 'manage people',
  'set-up-site': 'set up the site',
  'read-records': 'read the log',
  'inspect': 'inspect and tag out',
  'work-gas': 'read and set the gas of this bay',
  'use-gas': 'move and connect cylinders',
  'assign-kit': 'assign equipment',
  'keep-store': 'keep the store and its lists',
  'release': 'release from tag-out',
  'hand-over': 'hand the bay over',
}

const monitorQuantities: Record<MonitorQuantityId, string> = {
  'total-fume': 'dust',
  'carbon-monoxide': 'carbon monoxide',
  'nitrogen-dioxide': 'nitrogen dioxide',
  'nitric-oxide': 'nitric oxide',
  'ozone': 'ozone',
  'oxygen': 'oxygen',
  'flammable-gas': 'flammable gas',
  'hood-flow': 'flow of the hood',
}
const monitorBounds: Record<MonitorBoundId, string> = {
  'ceiling': 'ceiling',
  'short-term': 'short-term limit',
  'danger': 'immediate danger to life',
  'oxygen-low': 'least oxygen',
  'oxygen-high': 'most oxygen',
  'flammable': 'part of what burns',
}
const substances: Record<SubstanceId, string> = {
  'total-fume': 'total fume',
  'iron': 'iron',
  'manganese': 'manganese',
  'chromium': 'chromium',
  'chromium-vi': 'chromium(VI)',
  'nickel': 'nickel',
  'zinc': 'zinc',
  'copper': 'copper',
  'aluminium': 'aluminium',
  'lead': 'lead',
  'cadmium': 'cadmium',
  'fluorides': 'fluorides',
  'ozone': 'ozone',
  'nitrogen-dioxide': 'nitrogen dioxide',
  'nitric-oxide': 'nitric oxide',
  'carbon-monoxide': 'carbon monoxide',
  'beryllium': 'beryllium',
}
const exposureRuleSets: Record<ExposureRuleSetId, string> = {
  'us-legal': 'US law',
  'us-consensus': 'US consensus',
  'us-ca': 'California',
  'eu': 'European Union',
  'uk': 'United Kingdom',
  'de': 'Germany',
}
/** As short as the head of a column. */
const exposureRuleSetsShort: Record<ExposureRuleSetId, string> = { ...exposureRuleSets, eu: 'EU', uk: 'UK' }
const exposureBases: Record<ExposureBasisId, string> = { ...exposureRuleSets, strictest: 'The strictest of all' }
const limitKinds: Record<LimitKind, string> = {
  'twa': 'over the shift',
  'short-term': 'in a quarter of an hour',
  'ceiling': 'at any moment',
}
const hoodKinds: Record<HoodKindId, string> = {
  opening: 'opening beside the arc',
  slot: 'slot',
  canopy: 'canopy',
  overhead: 'hood over the arc',
  bench: 'opening at the bench',
  downdraft: 'downdraft table',
  booth: 'booth',
  gun: 'extraction on the gun',
}
const extractionKinds: Record<ExtractionKindId, string> = {
  arm: 'movable arm',
  opening: 'fixed opening',
  slot: 'slot',
  canopy: 'canopy',
  bench: 'opening at the bench',
  downdraft: 'downdraft table',
  booth: 'booth',
  gun: 'extraction on the gun',
}
const placements: Record<'beside' | 'above', string> = { beside: 'beside the arc', above: 'over the arc' }
const flowMethods: Record<FlowMethod, string> = {
  'traverse': 'duct traverse',
  'static-pressure': 'suction behind the hood',
  'face-velocity': 'speed at the face',
  'maker': 'maker\'s figure, not measured',
}
const masks: Record<MaskId, string> = {
  'dust-mask': 'dust mask',
  'n95': 'N95 mask',
  'ffp2': 'FFP2 mask',
  'ffp3': 'FFP3 mask',
  'half-p100': 'half mask, P3 or P100',
  'full-p100': 'full mask, P3 or P100',
  'papr-loose': 'blower with loose hood',
  'papr-helmet': 'blower helmet',
  'papr-tight-full': 'blower, tight full mask',
  'air-line-half': 'air line, half mask',
  'air-line-full': 'air line, full mask',
  'air-line-positive': 'air line, full mask, positive pressure',
  'air-line-escape': 'air line, full mask, with escape set',
  'scba': 'breathing set',
}
const mixtureGroups: Record<MixtureGroupId, string> = {
  'airways': 'what irritates the airways',
  'lung-cancer': 'what causes lung cancer',
  'nerves': 'what harms the nerves',
  'kidneys': 'what harms the kidneys',
  'blood-oxygen': 'what keeps oxygen from the blood',
  'lung-load': 'what loads the lungs with dust',
}
const fumeInputs: Record<FumeInput, string> = {
  current: 'the current or the wire feed',
  consumable: 'the rod or wire',
  baseMetal: 'the base metal',
  coating: 'the coating',
  strippedWidth: 'how wide the coating is stripped on each side',
  plateThickness: 'how thick the plate is',
  arcTime: 'the arc minutes in an hour',
  hours: 'the hours of work',
}
const extractionFaults: Record<ExtractionFault, string> = {
  'off': 'it is off',
  'damper-shut': 'its damper is shut',
  'out-of-position': 'it is out of position',
  'no-draw': 'it draws no smoke',
}
const substitutions: Record<SubstitutionId, string> = {
  'loq': 'at the limit of quantification',
  'loq-root-2': 'that limit over √2',
  'loq-half': 'half that limit',
  'regression': 'regression on ranks',
  'likelihood': 'largest likelihood',
  'beta': 'β-substitution',
}
const sampleVerdicts: Record<SampleVerdict, string> = { 'compliant': 'passes', 'non-compliant': 'fails', 'no-decision': 'no decision' }
const separators: Record<Separator, string> = { '\t': 'tab', ';': 'semicolon', ',': 'comma', '|': 'bar' }
const decimalMarks: Record<DecimalMark, string> = { '.': 'a point: 0.25', ',': 'a comma: 0,25' }
const dateOrders: Record<DateOrder, string> = {
  'year-month-day': 'year, month, day',
  'day-month-year': 'day, month, year',
  'month-day-year': 'month, day, year',
}
const sampleColumns: Record<SampleColumn, string> = {
  shift: 'shift',
  person: 'person',
  day: 'day',
  concentration: 'concentration',
  mass: 'mass',
  volume: 'air volume',
  minutes: 'minutes',
  below: 'below limit?',
  ignore: 'not used',
}
const unsampledRules: Record<UnsampledRule, string> = {
  'as-sampled': 'like the part sampled',
  'nothing': 'as clean air',
  'worst': 'like the worst piece',
}
const adviceKinds: Record<AdviceKind, string> = {
  'strip': 'Strip the coating',
  'consumable': 'Another process or consumable',
  'move-hood': 'Move the hood',
  'more-flow': 'Draw more air',
  'fewer-arcs': 'Fewer arcs at once',
  'respirator': 'A respirator',
}

/** What an answer about air hangs on, and what would settle it. */
const airInputs: Record<AirInputId, string> = {
  'melting': 'how much wire melts',
  'factor': 'how much the consumable smokes',
  'share': 'what its fume is made of',
  'burn-off': 'how much coating burns off',
  'gas': 'how much gas the arc makes',
  'arc-time': 'how long the arc burns',
  'capture': 'what the hood takes',
  'posture': 'where the head is',
  'draught': 'how the air moves at the bay',
  'near-field': 'how far the plume spreads',
  'supply': 'how much air comes in',
  'mixing': 'how the hall mixes',
  'incoming': 'what the incoming air carries',
  'others': 'what the other bays do',
}
const airLevers: Record<AirInputId, string> = {
  'melting': 'Set the wire feed, or weigh what an hour takes.',
  'factor': 'Put in the maker\'s data sheet.',
  'share': 'Put in the maker\'s data sheet, or have a sample analysed.',
  'burn-off': 'Strip it, or say how thick the plate is and how fast the arc goes.',
  'gas': 'Measure it with a monitor.',
  'arc-time': 'Time the arc for an hour.',
  'capture': 'Look with smoke, and mark where it stands.',
  'posture': 'Watch, and say at the job where it is kept.',
  'draught': 'Measure it where the arc is.',
  'near-field': 'Only samples at the collar settle it.',
  'supply': 'Measure what is blown in.',
  'mixing': 'Sample in the hall, away from the arcs.',
  'incoming': 'Sample it where it comes in.',
  'others': 'Fewer arcs at once, or their hoods.',
}

/** Which part of the dust a limit or a sample is of. */
const sampledFractions: Record<SampledFraction, string> = { total: 'total', inhalable: 'inhalable', respirable: 'respirable' }

/** How far a source may be trusted, said after it. */
const bases: Record<Basis, string> = {
  published: 'Published; recalled from memory, check your current edition.',
  practice: '',
  derived: 'Derived here.',
  house: '',
}

/** The words of one language for every id of the vocabulary. A second language is a second object of this type. */
export const words = {
  processes,
  processesShort,
  baseMetals,
  coatings,
  consumables,
  shieldingGases,
  transfers,
  waterTables,
  positions,
  confinements,
  heads,
  residues,
  containers,
  zones,
  gates,
  gatesShort,
  ruleSets,
  jurisdictions,
  workplaces,
  bayKinds,
  roles,
  gateStates,
  stationWords,
  jobFields,
  shadeInputs,
  glasses,
  helmetFaults,
  requirements,
  labelAtLeast,
  outfitReasons,
  rights,
  monitorQuantities,
  monitorBounds,
  substances,
  exposureRuleSets,
  exposureRuleSetsShort,
  exposureBases,
  limitKinds,
  hoodKinds,
  extractionKinds,
  placements,
  flowMethods,
  masks,
  mixtureGroups,
  fumeInputs,
  extractionFaults,
  substitutions,
  sampleVerdicts,
  sampleColumns,
  separators,
  decimalMarks,
  dateOrders,
  unsampledRules,
  adviceKinds,
  airInputs,
  airLevers,
  bases,
  sampledFractions,
}
export type Words = typeof words
