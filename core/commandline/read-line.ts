import type { Job } from '../job/job'
import { PROCESS_TRAITS } from '../vocabulary/process-traits'
import type { BaseMetalId, CoatingId, ConfinementId, ConsumableId, PositionId, ProcessId, ShieldingGasId } from '../vocabulary/vocabulary'
import { CONSUMABLES } from '../vocabulary/vocabulary'
import { mmFromInch } from '../units'

/** What a typed line was understood to say. */
export interface ReadLine {
  /** The bay it names, as its label. */
  readonly bayLabel?: string
  readonly job: Partial<Job>
  /** Words that meant nothing here: perhaps somebody's name. */
  readonly unread: readonly string[]
}

type Meaning =
  | { readonly is: 'process', readonly id: ProcessId }
  | { readonly is: 'baseMetal', readonly id: BaseMetalId }
  | { readonly is: 'coating', readonly id: CoatingId }
  | { readonly is: 'shieldingGas', readonly id: ShieldingGasId }
  | { readonly is: 'position', readonly id: PositionId }
  | { readonly is: 'confinement', readonly id: ConfinementId }
  | { readonly is: 'stripped' }

const meanings = new Map<string, Meaning>()
const mean = (meaning: Meaning, words: string) => { for (const word of words.split(' ')) meanings.set(word, meaning) }

mean({ is: 'process', id: 'gmaw' }, 'mig mag gmaw migmag wire')
mean({ is: 'process', id: 'gtaw' }, 'tig gtaw heliarc')
mean({ is: 'process', id: 'smaw' }, 'stick smaw mma arc rod rods')
mean({ is: 'process', id: 'fcaw-g' }, 'flux fluxcore fluxcored flux-core flux-cored fcaw fcaw-g cored')
mean({ is: 'process', id: 'fcaw-s' }, 'gasless selfshielded self-shielded fcaw-s self')
mean({ is: 'process', id: 'pac' }, 'plasma pac plasmacut')
mean({ is: 'process', id: 'paw' }, 'paw plasmaweld microplasma')
mean({ is: 'process', id: 'cac-a' }, 'gouge gouging air-arc airarc cac-a cac')
mean({ is: 'process', id: 'caw' }, 'carbon-arc caw')
mean({ is: 'process', id: 'saw' }, 'subarc sub-arc submerged saw')
mean({ is: 'process', id: 'ofw' }, 'oxy oxyacetylene oxy-fuel oxyfuel gas ofw gasweld')
mean({ is: 'process', id: 'ofc' }, 'gascut burn burning torchcut ofc')
mean({ is: 'process', id: 'tb' }, 'braze brazing tb')
mean({ is: 'process', id: 'ts' }, 'solder soldering ts')
mean({ is: 'process', id: 'grinding' }, 'grind grinding grinder')
mean({ is: 'process', id: 'lbw' }, 'laser lbw')
mean({ is: 'baseMetal', id: 'mild-steel' }, 'steel mild mildsteel ms')
mean({ is: 'baseMetal', id: 'low-alloy-steel' }, 'lowalloy low-alloy chromoly')
mean({ is: 'baseMetal', id: 'stainless-steel' }, 'stainless ss inox')
mean({ is: 'baseMetal', id: 'cast-iron' }, 'cast castiron cast-iron')
mean({ is: 'baseMetal', id: 'aluminium' }, 'aluminium aluminum alu ali al')
mean({ is: 'baseMetal', id: 'magnesium' }, 'magnesium')
mean({ is: 'baseMetal', id: 'copper' }, 'copper cu')
mean({ is: 'baseMetal', id: 'brass' }, 'brass')
mean({ is: 'baseMetal', id: 'bronze' }, 'bronze')
mean({ is: 'baseMetal', id: 'nickel-alloy' }, 'nickel monel')
mean({ is: 'baseMetal', id: 'titanium' }, 'titanium ti')
mean({ is: 'coating', id: 'zinc' }, 'galvanised galvanized galv galvo zinc hdg')
mean({ is: 'coating', id: 'paint' }, 'painted paint')
mean({ is: 'coating', id: 'lead-paint' }, 'leadpaint lead-paint')
mean({ is: 'coating', id: 'primer' }, 'primer primed')
mean({ is: 'coating', id: 'cadmium' }, 'cadmium cad')
mean({ is: 'coating', id: 'chromium-plated' }, 'chrome chromed')
mean({ is: 'coating', id: 'yellow-passivate' }, 'yellow passivated yellowish')
mean({ is: 'coating', id: 'oil' }, 'oily oiled oil')
mean({ is: 'coating', id: 'none' }, 'bare clean uncoated')
mean({ is: 'coating', id: 'unknown' }, 'unknown')
mean({ is: 'stripped' }, 'stripped')
mean({ is: 'shieldingGas', id: 'argon' }, 'argon')
mean({ is: 'shieldingGas', id: 'co2' }, 'co2')
mean({ is: 'shieldingGas', id: 'argon-co2' }, 'mix argomix argon-co2')
mean({ is: 'shieldingGas', id: 'helium' }, 'helium')
mean({ is: 'position', id: 'flat' }, 'flat')
mean({ is: 'position', id: 'horizontal' }, 'horizontal')
mean({ is: 'position', id: 'vertical' }, 'vertical uphill downhill')
mean({ is: 'position', id: 'overhead' }, 'overhead oh')
mean({ is: 'confinement', id: 'confined' }, 'confined tank')
mean({ is: 'confinement', id: 'restricted' }, 'tight cramped')
mean({ is: 'confinement', id: 'against-wall' }, 'wall')

/** Two words that together say something else than each alone. */
const PAIRS: readonly (readonly [string, string, string])[] = [
  ['plasma', 'weld', 'paw'], ['plasma', 'cut', 'pac'], ['gas', 'cut', 'ofc'], ['oxy', 'cut', 'ofc'], ['torch', 'cut', 'ofc'], ['flame', 'cut', 'ofc'], ['gas', 'weld', 'ofw'],
  ['flux', 'core', 'flux'], ['air', 'arc', 'gouge'], ['carbon', 'arc', 'caw'], ['cast', 'iron', 'cast'], ['lead', 'paint', 'leadpaint'], ['low', 'alloy', 'lowalloy'], ['self', 'shielded', 'self'],
]

/** Words shorter than this are taken as written: too much is one letter away from them. */
const FORGIVEN_FROM = 5

/** Are two words one slip apart: a letter more, a letter less, another letter, or two swapped? */
export function oneSlipApart(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false
  let start = 0
  while (start < a.length && start < b.length && a[start] === b[start]) start++
  let [endA, endB] = [a.length, b.length]
  while (endA > start && endB > start && a[endA - 1] === b[endB - 1]) [endA, endB] = [endA - 1, endB - 1]
  const [restA, restB] = [a.slice(start, endA), b.slice(start, endB)]
  return (restA.length <= 1 && restB.length <= 1) || (restA.length === 2 && restB.length === 2 && restA[0] === restB[1] && restA[1] === restB[0])
}

function meaningOf(word: string): Meaning | undefined {
  const exact = meanings.get(word)
  if (exact || word.length < FORGIVEN_FROM) return exact
  const close = [...meanings].filter(([known]) => known.length >= FORGIVEN_FROM && (known.startsWith(word) || oneSlipApart(word, known)))
  const ids = new Set(close.map(([, meaning]) => JSON.stringify(meaning)))
  return ids.size === 1 ? close[0]![1] : undefined
}

const consumableOf = (word: string): ConsumableId | undefined => CONSUMABLES.find(id => id === word || id === `e${word}` || id.replaceAll('-', '') === word)

/** A length as typed: `3.2mm`, `1/8in`, `5/32"`, `0.035"`. */
function lengthMm(word: string): number | undefined {
  const mm = /^(\d+(?:\.\d+)?)mm$/.exec(word)
  if (mm) return Number(mm[1])
  const fraction = /^(\d+)\/(\d+)(?:in|")?$/.exec(word)
  if (fraction && Number(fraction[2]) > 0) return mmFromInch(Number(fraction[1]) / Number(fraction[2]))
  const inch = /^(\d*\.?\d+)(?:in|")$/.exec(word)
  return inch ? mmFromInch(Number(inch[1])) : undefined
}

function join(words: readonly string[]): string[] {
  const joined: string[] = []
  for (let i = 0; i < words.length; i++) {
    const pair = PAIRS.find(([first, second]) => first === words[i] && words[i + 1] !== undefined && words[i + 1]!.startsWith(second))
    joined.push(pair ? pair[2] : words[i]!)
    if (pair) i++
  }
  return joined
}

/**
 * Reads a line as somebody types it at a bay: `mig 180 galvanised`, `tig 80-120 ss overhead`, `stick 3.2mm`, `bay 4`.
 * Misspelt words are forgiven where only one meaning is near. Nothing is guessed: what is not understood is handed back.
 *
 * @param line the text typed
 */
export function readLine(line: string): ReadLine {
  const text = line.toLowerCase().replace(/(\d)\s*(?:to|–|-)\s*(\d)/g, '$1-$2').replace(/(\d)\s+(mm|in|a|amp|amps)\b/g, '$1$2').replace(/["]/g, 'in')
  const words = join(text.split(/[\s,]+/).filter(Boolean))
  const job: { -readonly [Field in keyof Job]?: Job[Field] } = {}
  const unread: string[] = []
  let bayLabel: string | undefined
  const lengths: number[] = []
  for (let i = 0; i < words.length; i++) {
    const word = words[i]!
    if (word === 'bay' && words[i + 1] !== undefined) {
      bayLabel = words[++i]
      continue
    }
    const range = /^(\d+(?:\.\d+)?)-(\d+(?:\.\d+)?)a?(?:mps?)?$/.exec(word)
    const current = /^(\d+(?:\.\d+)?)(?:a|amp|amps)?$/.exec(word)
    const length = lengthMm(word)
    const consumable = consumableOf(word)
    const meaning = meaningOf(word)
    if (range) job.currentRangeA = [Math.min(Number(range[1]), Number(range[2])), Math.max(Number(range[1]), Number(range[2]))]
    else if (consumable) job.consumable = consumable
    else if (current) job.currentA = Number(current[1])
    else if (length !== undefined) lengths.push(length)
    else if (!meaning) unread.push(word)
    else if (meaning.is === 'stripped') job.coatingStripped = true
    else Object.assign(job, { [meaning.is]: meaning.id })
  }
  if (job.currentRangeA) delete job.currentA
  // A coating says nothing about the metal under it; a galvanised job still has to name its steel.
  for (const length of lengths) {
    const isPlate = job.process !== undefined && (!PROCESS_TRAITS[job.process].needsDiameter || job.electrodeDiameterMm !== undefined || length > 8)
    Object.assign(job, isPlate ? { plateThicknessMm: length } : { electrodeDiameterMm: length })
  }
  return { bayLabel, job, unread }
}
