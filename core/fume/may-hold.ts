import type { BaseMetalId, ConsumableId, ProcessId, SubstanceId } from '../ids/vocabulary'
import { PROCESS_TRAITS } from '../job/process-traits'
import { gasesNobodyPublishes } from './gases'

/** The most that a substance may be of the fume, % by mass; `ANY` where no published family says. */
export type AtMostPercent = Readonly<Partial<Record<SubstanceId, number>>>
const ANY = 100

/** The highest shares that any published family of the same metals shows. Source: `fumeComposition`, `alloys`. */
const STEEL: AtMostPercent = { manganese: 15 }
const STAINLESS: AtMostPercent = { 'manganese': 15, 'chromium-vi': 5, 'nickel': 8 }
const FLUX: AtMostPercent = { fluorides: 20 }

/** What a metal that is worked on may send up, whoever measured it or not. */
const OF_METAL: Readonly<Record<BaseMetalId, AtMostPercent>> = {
  'mild-steel': STEEL,
  'low-alloy-steel': STAINLESS,
  'stainless-steel': STAINLESS,
  'cast-iron': STEEL,
  'aluminium': { manganese: 1 },
  'magnesium': { manganese: 1 },
  'titanium': {},
  'copper': { copper: ANY },
  'brass': { zinc: ANY, copper: ANY, lead: ANY },
  'bronze': { copper: ANY, lead: ANY, zinc: ANY, manganese: ANY },
  'bismuth-bronze': { copper: ANY, zinc: ANY, lead: ANY },
  'beryllium-copper': { beryllium: ANY, copper: ANY },
  'nickel-alloy': { 'nickel': 75, 'chromium-vi': 5, 'manganese': 15, 'copper': ANY },
}

/** What a consumable may bring besides. */
const OF_CONSUMABLE: Readonly<Record<ConsumableId, AtMostPercent>> = {
  'e6010': STEEL,
  'e6011': STEEL,
  'e6013': STEEL,
  'e7024': STEEL,
  'e7018': { ...STEEL, ...FLUX },
  'e308l-16': { ...STAINLESS, ...FLUX },
  'e309l-16': { ...STAINLESS, ...FLUX },
  'eni-ci': { nickel: 75, manganese: 1, ...FLUX },
  'er70s-6': STEEL,
  'er70s-2': STEEL,
  'er308lsi': STAINLESS,
  'er308l': STAINLESS,
  'er4043': {},
  'er5356': { manganese: 1 },
  'ersicu': { copper: ANY, manganese: 15, zinc: 10 },
  'ercusi-a': { copper: ANY, manganese: 15, zinc: 10 },
  'e71t-1': { ...STEEL, ...FLUX },
  'e71t-8': { ...STEEL, ...FLUX },
  'e71t-gs': { ...STEEL, ...FLUX },
  'rg45': STEEL,
  'rbcuzn-a': { zinc: ANY, copper: ANY, ...FLUX },
  'bag-silver': { cadmium: ANY, zinc: ANY, copper: ANY, ...FLUX },
  'tin-silver': {},
  'em12k': { ...STEEL, ...FLUX },
  'carbon-rod': { copper: 10 },
  'no-filler': {},
  'e316l-16': { ...STAINLESS, ...FLUX },
  'e2209-16': { ...STAINLESS, ...FLUX },
  'enicrmo-3': { 'nickel': 75, 'chromium-vi': 5, 'manganese': 15, ...FLUX },
  'enicu-7': { nickel: 75, copper: ANY, manganese: 15, ...FLUX },
  'hardfacing-chromium': { 'manganese': 35, 'chromium-vi': 5, 'nickel': 8, ...FLUX },
  'hardfacing-manganese': { 'manganese': 35, 'chromium-vi': 5, 'nickel': 8, ...FLUX },
  'er316l': STAINLESS,
  'er2209': STAINLESS,
  'ernicrmo-3': { 'nickel': 75, 'chromium-vi': 5, 'manganese': 15 },
  'ernicu-7': { nickel: 75, copper: ANY, manganese: 15 },
  'low-manganese-wire': STEEL,
  'e70c-6m': { ...STEEL, ...FLUX },
  'e308lt1': { ...STAINLESS, ...FLUX },
  'e316lt1': { ...STAINLESS, ...FLUX },
  // What its sheet does not name it may be made of.
  'own-sheet': {
    'manganese': ANY, 'chromium-vi': ANY, 'nickel': ANY, 'copper': ANY, 'zinc': ANY, 'lead': ANY, 'cadmium': ANY, 'fluorides': ANY,
    'beryllium': ANY,
  },
}

/** Flames and pastes without an arc make no ozone; grinding makes no gas. */
const gasesOf = (process: ProcessId): readonly SubstanceId[] => {
  const { heat } = PROCESS_TRAITS[process]
  const ofHeat: readonly SubstanceId[] = heat === 'open-arc' || heat === 'laser' ? ['ozone'] : heat === 'flame' ? ['nitrogen-dioxide'] : []
  return [...new Set([...ofHeat, ...gasesNobodyPublishes(process)])]
}

/**
 * What the fume of a job may hold by what it is made of, and at most how much of it: so that a substance nobody measured
 * is asked about where it can be, and only there. Zinc and other coatings are reckoned by what burns off.
 *
 * @example mayHold('gtaw', 'er308l', 'stainless-steel')['chromium-vi'] // 5
 */
export function mayHold(process: ProcessId, consumable: ConsumableId | undefined, baseMetal: BaseMetalId | undefined): AtMostPercent {
  const parts = [baseMetal ? OF_METAL[baseMetal] : {}, consumable ? OF_CONSUMABLE[consumable] : {}]
  const highest: Partial<Record<SubstanceId, number>> = {}
  for (const part of parts)
    for (const [substance, percent] of Object.entries(part) as [SubstanceId, number][])
      highest[substance] = Math.max(highest[substance] ?? 0, percent)
  return highest
}

/**
 * What has to be measured before fume that nobody publishes may be breathed: all of it together, what it may hold, and the gases of its
 * heat.
 */
export const toBeMeasured = (
  process: ProcessId,
  consumable: ConsumableId | undefined,
  baseMetal: BaseMetalId | undefined,
): readonly SubstanceId[] => [
  'total-fume',
  ...(Object.keys(mayHold(process, consumable, baseMetal)) as SubstanceId[]),
  ...gasesOf(process),
]

/** Metals that boil off at an arc or a flame, with what rises from them. Source: boiling points; `alloys`. */
const BOILS_OFF: Readonly<Partial<Record<BaseMetalId, readonly SubstanceId[]>>> = {
  'brass': ['zinc', 'copper', 'lead'],
  'bronze': ['copper', 'zinc', 'lead'],
  'magnesium': ['total-fume'],
  // Bismuth itself has no limit: it counts with all the fume.
  'bismuth-bronze': ['total-fume', 'copper', 'zinc'],
  // Copper carries it up: where copper smokes there is beryllium.
  'beryllium-copper': ['beryllium', 'copper'],
}

/** What boils off the metal itself, for a process hot enough; none for soldering and grinding. */
export const boilsOff = (process: ProcessId, baseMetal: BaseMetalId | undefined): readonly SubstanceId[] =>
  baseMetal === undefined || process === 'ts' || process === 'grinding' ? [] : (BOILS_OFF[baseMetal] ?? [])
