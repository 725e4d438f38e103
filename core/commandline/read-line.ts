import { plain } from './plain'
import type { Job } from '../job/job'
import { PROCESS_TRAITS } from '../job/process-traits'
import type { ConsumableId, ProcessId } from '../ids/vocabulary'
import { CONSUMABLES } from '../ids/vocabulary'
import { mmFromInch } from '../units'
import { meaningOf, PAIRS } from './vocabulary'

/** One way in which words may be meant: the whole line written so that nothing else can be, and what the words say then. */
export interface LineOption {
  readonly line: string
  readonly job: Partial<Job>
}
/** Words that can be meant in more than one way. Nothing of them is taken until somebody chose. */
export interface LineDoubt {
  readonly words: string
  readonly options: readonly LineOption[]
}

/** What a typed line was understood to say. */
export interface ReadLine {
  /** The bay it names, as its label. */
  readonly bayLabel?: string
  /** What can be meant in one way only. */
  readonly job: Partial<Job>
  readonly doubts: readonly LineDoubt[]
  /** Words that meant nothing here: perhaps somebody's name. */
  readonly unread: readonly string[]
}

const consumableOf = (word: string): ConsumableId | undefined =>
  CONSUMABLES.find(id => id === word || id === `e${word}` || id.replaceAll('-', '') === word)

/** A length as typed: `3.2mm`, `1/8in`, `5/32"`, `0.035"`. */
function lengthMm(word: string): number | undefined {
  const mm = /^(\d+(?:\.\d+)?)mm$/.exec(word)
  if (mm) return Number(mm[1])
  const fraction = /^(\d+)\/(\d+)(?:in|")?$/.exec(word)
  if (fraction && Number(fraction[2]) > 0) return mmFromInch(Number(fraction[1]) / Number(fraction[2]))
  const inch = /^(\d+|\d*\.\d+)(?:in|")$/.exec(word)
  return inch ? mmFromInch(Number(inch[1])) : undefined
}

/** A word, with what was typed for it. */
interface Word {
  readonly is: string
  readonly typed: string
}

function join(typed: readonly string[]): Word[] {
  const joined: Word[] = []
  for (let i = 0; i < typed.length; i++) {
    const next = typed[i + 1]
    const pair = next === undefined ? undefined : PAIRS.find(([first, second]) => first === typed[i] && next.startsWith(second))
    joined.push(pair ? { is: pair[2], typed: `${typed[i]} ${next}` } : { is: typed[i]!, typed: typed[i]! })
    if (pair) i++
  }
  return joined
}

/** Sizes in which rods, wires and tungstens are sold, mm, inch sizes among them: a length that is none of them is a plate. */
const SOLD_MM: Readonly<Partial<Record<ProcessId, readonly number[]>>> = {
  'smaw': [1.6, 2, 2.4, 2.5, 3.2, 3.25, 4, 4.8, 5, 5.6, 6, 6.3, 6.4, 8],
  'gmaw': [0.6, 0.8, 0.9, 1, 1.2, 1.4, 1.6, 2, 2.4],
  'fcaw-g': [0.9, 1, 1.2, 1.4, 1.6, 2, 2.4],
  'fcaw-s': [0.9, 1, 1.2, 1.4, 1.6, 1.7, 2, 2.4],
  'gtaw': [0.5, 1, 1.6, 2, 2.4, 3.2, 4, 4.8],
  'paw': [0.5, 1, 1.6, 2, 2.4, 3.2, 4, 4.8],
  'saw': [2, 2.4, 3.2, 4, 5],
}
const isSold = (process: ProcessId, mm: number): boolean => SOLD_MM[process]?.some(sold => Math.abs(sold - mm) <= 0.06) ?? false
/** A bare number under this is no current anybody strikes an arc with, but for the finest. */
const LEAST_USUAL_A = 15

/** Words in doubt, each with what might stand for them. */
interface Doubt {
  readonly words: readonly string[]
  readonly options: readonly { readonly says: string, readonly job: Partial<Job> }[]
}

interface Gathered {
  readonly job: { -readonly [Field in keyof Job]?: Job[Field] }
  readonly doubts: Doubt[]
  readonly unread: string[]
  readonly processes: Map<ProcessId, string>
  readonly hints: { readonly ids: readonly ProcessId[], readonly typed: string }[]
  readonly numbers: { readonly value: number, readonly typed: string }[]
  readonly lengths: { readonly mm: number, readonly typed: string, readonly of: 'electrodeDiameterMm' | 'plateThicknessMm' | null }[]
  flame: string | null
  cuts: string | null
  welds: string | null
  bayLabel?: string
}

/** Puts down one of a kind; a second one that says something else is a doubt between both. */
function setOnce<Field extends keyof Job>(
  found: Gathered,
  said: Map<string, string>,
  field: Field,
  value: Job[Field],
  typed: string,
): void {
  const before = found.job[field]
  if (before !== undefined && before !== value) {
    found.doubts.push({
      words: [said.get(field)!, typed],
      options: [
        [said.get(field)!, before],
        [typed, value],
      ].map(([says, one]) => ({ says: says as string, job: { [field]: one } as Partial<Job> })),
    })
    return
  }
  found.job[field] = value
  said.set(field, typed)
}

/**
 * Reads a line as somebody types it at a bay: `mig 180 galvanised`, `tig 80-120 ss overhead`, `stick 140 3.2`, `bay 4`.
 * Misspelt words are forgiven where only one meaning is near. Nothing is guessed: what can be meant in two ways is handed back
 * as a doubt with its ways, what is not understood as it was typed.
 *
 * @param line the text typed
 */
export function readLine(line: string): ReadLine {
  const text = plain(line.slice(0, 200))
    .replace(/(\d)\s*(?:to|–|-)\s*(\d)/g, '$1-$2')
    .replace(/(\d)\s+(mm|in|a|amp|amps)\b/g, '$1$2')
    .replace(/["]/g, 'in')
    .replace(/\b(oxy|self|flux|lead|low|cast|carbon|air|sub)-(?=[a-z])/g, '$1 ')
    .replace(/\boxy ?acetylene\b/g, 'oxy acetylene')
    .replace(/\bargon[-/ ]co2\b/g, 'argonmix')
  const words = join(text.split(/[\s,;]+/).filter(Boolean))
  const found: Gathered = {
    job: {},
    doubts: [],
    unread: [],
    processes: new Map(),
    hints: [],
    numbers: [],
    lengths: [],
    flame: null,
    cuts: null,
    welds: null,
  }
  const said = new Map<string, string>()
  for (let i = 0; i < words.length; i++) {
    if ((words[i]!.is === 'bay' || words[i]!.is === 'puesto') && words[i + 1] !== undefined) found.bayLabel = words[++i]!.typed
    else gather(found, said, words, i)
  }
  decideProcess(found)
  decideLengths(found)
  decideNumbers(found)
  const { bayLabel, job, unread } = found
  const doubts = found.doubts.map(({ words: asked, options }): LineDoubt => ({
    words: asked.join(' '),
    options: options.map(({ says, job: meant }) => ({
      line: [...words.map(({ typed }) => typed).filter(typed => !asked.includes(typed)), says].filter(Boolean).join(' '),
      job: meant,
    })),
  }))
  return { bayLabel, job, doubts, unread }
}

function gather(found: Gathered, said: Map<string, string>, words: readonly Word[], i: number): void {
  const { is: word, typed } = words[i]!
  const range = /^(\d{1,6}(?:\.\d{1,4})?)-(\d{1,6}(?:\.\d{1,4})?)a?(?:mps?)?$/.exec(word)
  const current = /^(\d{1,6}(?:\.\d{1,4})?)(?:a|amp|amps)$/.exec(word)
  const bare = /^\d{1,6}(?:\.\d{1,4})?$/.exec(word)
  const length = lengthMm(word)
  const consumable = consumableOf(word)
  if (range) {
    const [low, high] = [Math.min(Number(range[1]), Number(range[2])), Math.max(Number(range[1]), Number(range[2]))]
    if (found.job.currentRangeA || found.job.currentA !== undefined) found.unread.push(typed)
    else found.job.currentRangeA = [low, high]
    return
  }
  if (consumable) return setOnce(found, said, 'consumable', consumable, typed)
  if (current && found.job.currentRangeA) return void found.unread.push(typed)
  if (current) return setOnce(found, said, 'currentA', Number(current[1]), typed)
  if (bare) return void found.numbers.push({ value: Number(bare[0]), typed })
  if (length !== undefined) {
    const beside = [words[i - 1], words[i + 1]].map(other => other && meaningOf(other.is)).find(meaning => meaning?.is === 'of')
    return void found.lengths.push({ mm: length, typed, of: beside?.is === 'of' ? beside.field : null })
  }
  const meaning = meaningOf(word)
  if (!meaning) return void found.unread.push(typed)
  switch (meaning.is) {
    case 'nothing':
      // Within somebody's name it is a part of the name.
      if (i > 0 && words[i - 1]!.typed === found.unread.at(-1)) found.unread.push(typed)
      return
    case 'stripped':
      return void (found.job.coatingStripped = true)
    case 'process':
      return void found.processes.set(meaning.id, typed)
    case 'hint':
      return void found.hints.push({ ids: meaning.ids, typed })
    case 'of':
      return void (meaning.hint.length > 0 && found.hints.push({ ids: meaning.hint, typed }))
    case 'flame':
      return void (found.flame ??= typed)
    case 'cut':
      return void (found.cuts ??= typed)
    case 'weld':
      return void (found.welds ??= typed)
    case 'fuelGas':
      found.flame ??= typed
      return setOnce(found, said, 'fuelGas', meaning.id, typed)
    default:
      return setOnce(found, said, meaning.is, meaning.id as never, typed)
  }
}

/** Which process is meant: by its own name first; by a flame with cutting or welding; by what lies about only where nothing else says. */
function decideProcess(found: Gathered): void {
  const { processes, hints, job, doubts, flame, cuts, welds } = found
  const option = (id: ProcessId) => ({ says: id, job: { process: id } })
  if (flame !== null) {
    if (cuts !== null && welds === null) processes.set('ofc', `${flame} ${cuts}`)
    else if (welds !== null && cuts === null) processes.set('ofw', `${flame} ${welds}`)
    else if (![...processes.keys()].some(id => FLAMES.has(id))) {
      doubts.push({ words: [flame], options: [option('ofw'), option('ofc'), option('tb')] })
      return
    }
  }
  if (processes.size > 1) {
    doubts.push({ words: [...processes.values()], options: [...processes.keys()].map(option) })
    return
  }
  const named = [...processes.keys()][0]
  if (named !== undefined) {
    job.process = named
    return
  }
  // Cutting and welding narrow what a hint leaves open: gas cutting, plasma welding.
  const narrowed = hints
    .map(({ ids, typed }) => ({ typed, ids: ids.filter(id => (cuts !== null ? CUTS.has(id) : welds !== null ? !CUTS.has(id) : true)) }))
    .filter(({ ids }) => ids.length > 0)
  const meant = narrowed
    .map(({ ids }) => ids)
    .reduce<readonly ProcessId[] | null>(
      (both, ids) =>
        both === null
          ? ids
          : both.filter(id => ids.includes(id)).length > 0
            ? both.filter(id => ids.includes(id))
            : [...new Set([...both, ...ids])],
      null,
    )
  const shielded
    = job.shieldingGas !== undefined ? (meant?.filter(id => id !== 'fcaw-s' && id !== 'smaw' && !FLAMES.has(id)) ?? null) : meant
  const possible = shielded !== null && shielded.length > 0 ? shielded : meant
  if (possible === null) {
    if (cuts !== null) doubts.push({ words: [cuts], options: [option('pac'), option('ofc')] })
  } else if (possible.length === 1) job.process = possible[0]!
  else doubts.push({ words: narrowed.map(({ typed }) => typed), options: possible.map(option) })
}
const FLAMES: ReadonlySet<ProcessId> = new Set(['ofw', 'ofc', 'tb', 'ts'])
const CUTS: ReadonlySet<ProcessId> = new Set(['ofc', 'pac'])

/** A length is of what stands beside it; or of a rod or wire when it is one that is sold; or of the plate. */
function decideLengths({ lengths, job, doubts }: Gathered): void {
  for (const { mm, typed, of } of lengths) {
    const field
      = of
        ?? (job.process !== undefined && job.electrodeDiameterMm === undefined && isSold(job.process, mm)
          ? 'electrodeDiameterMm'
          : 'plateThicknessMm')
    if (job.process === undefined && of === null)
      doubts.push({
        words: [typed],
        options: [
          { says: `rod ${typed}`, job: { electrodeDiameterMm: mm } },
          { says: `plate ${typed}`, job: { plateThicknessMm: mm } },
        ],
      })
    else if (job[field] !== undefined && job[field] !== mm)
      doubts.push({
        words: [typed],
        options: [
          { says: `rod ${typed}`, job: { electrodeDiameterMm: mm } },
          { says: `plate ${typed}`, job: { plateThicknessMm: mm } },
        ],
      })
    else job[field] = mm
  }
}

/** A number without a unit is a current; a second one that is a size of rod or wire is that; anything else is asked. */
function decideNumbers(found: Gathered): void {
  const { numbers, job, doubts } = found
  const hasCurrent = job.currentA !== undefined || job.currentRangeA !== undefined
  const size = numbers.find(
    ({ value }) =>
      value < LEAST_USUAL_A
      && job.electrodeDiameterMm === undefined
      && job.process !== undefined
      && isSold(job.process, value)
      && (numbers.length > 1 || hasCurrent || !Number.isInteger(value)),
  )
  if (size) job.electrodeDiameterMm = size.value
  const rest = numbers.filter(one => one !== size)
  const [first, second] = rest
  if (!first) return
  const asked = (one: typeof first): Doubt['options'] => [
    { says: `${one.typed}a`, job: { currentA: one.value } },
    ...(job.electrodeDiameterMm === undefined && job.process !== undefined && isSold(job.process, one.value)
      ? [{ says: `rod ${one.typed}mm`, job: { electrodeDiameterMm: one.value } }]
      : []),
    { says: `plate ${one.typed}mm`, job: { plateThicknessMm: one.value } },
  ]
  if (second !== undefined || hasCurrent) {
    for (const one of rest)
      doubts.push({
        words: [one.typed],
        options:
          rest.length === 2 && !hasCurrent
            ? [
                { says: `${one.typed}a`, job: { currentA: one.value } },
                { says: '', job: {} },
              ]
            : asked(one),
      })
    return
  }
  const byCurrent = job.process === undefined || PROCESS_TRAITS[job.process].byCurrent
  if (!byCurrent)
    doubts.push({
      words: [first.typed],
      options: [
        { says: `plate ${first.typed}mm`, job: { plateThicknessMm: first.value } },
        { says: '', job: {} },
      ],
    })
  else if (first.value < LEAST_USUAL_A) doubts.push({ words: [first.typed], options: asked(first) })
  else job.currentA = first.value
}
