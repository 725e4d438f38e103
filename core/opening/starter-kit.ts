import { MACHINE_KIT } from '../clearance/machine-gate'
import type { EquipmentKindId, ProcessId } from '../ids/vocabulary'
import { tagIdOf } from '../ids/tag'
import { PROCESS_TRAITS } from '../job/process-traits'
import type { BayBegun } from './first-steps'
import type { KitItemCommands, KitItemMarks, OnPaper } from '../streams/kit-item/kit-item'

/** Kinds of a starter set, in the order of its list, with the letters of their tags. House rule: any tag does. */
const TAG_LETTERS = {
  'arc-machine': 'M',
  'welding-leads': 'L',
  'work-clamp': 'C',
  'electrode-holder': 'EH',
  'wire-feed-gun': 'G',
  'tig-torch': 'T',
  'plasma-cutter': 'PC',
  'grinder': 'GR',
  'laser-welder': 'LW',
  'regulator': 'R',
  'flashback-arrestor': 'FA',
  'hose': 'HO',
  'oxy-fuel-torch': 'OT',
  'extraction-arm': 'X',
  'extinguisher': 'EX',
  'helmet': 'H',
} as const satisfies Partial<Record<EquipmentKindId, string>>
export type StarterKindId = keyof typeof TAG_LETTERS
export const STARTER_KINDS = Object.keys(TAG_LETTERS) as StarterKindId[]

/** Of these a flame bay needs one for each of its two gases. */
const IN_PAIRS: ReadonlySet<EquipmentKindId> = new Set(['regulator', 'flashback-arrestor'])

/** What a bay has of each kind for these processes: what its gates ask for, something to draw the fume, and a helmet. */
export function starterCounts(processes: readonly ProcessId[]): ReadonlyMap<StarterKindId, number> {
  const isFlame = processes.some(process => PROCESS_TRAITS[process].heat === 'flame')
  const drawsGas = processes.some(process => PROCESS_TRAITS[process].usesGas && process !== 'pac')
  const isArc = processes.some(process => PROCESS_TRAITS[process].byCurrent && process !== 'pac')
  const asked = new Set<EquipmentKindId>([
    ...processes.flatMap(process => MACHINE_KIT[process].map(({ kinds }) => kinds[0]!)),
    ...drawsGas ? ['regulator'] as const : [],
    ...isFlame ? ['flashback-arrestor', 'hose', 'oxy-fuel-torch'] as const : [],
    ...isArc ? ['helmet'] as const : [],
    ...processes.length > 0 ? ['extraction-arm', 'extinguisher'] as const : [],
  ])
  return new Map(STARTER_KINDS.filter(kind => asked.has(kind)).map(kind => [kind, isFlame && IN_PAIRS.has(kind) ? 2 : 1]))
}

/** What is said of all things of one kind: their plate, what papers say, and for an extinguisher how far it hangs from the work. */
export interface StarterSaid {
  readonly marks: KitItemMarks
  readonly onPaper: readonly OnPaper[]
  readonly distanceM?: number
}

/**
 * What each bay lacks of its set, tagged: a thing of bay 3 is called after it where that tag is free. Helmets lie in the rack until they
 * are given out. Nothing of it was looked at, and what nobody said of it is left unsaid: its gates hold until somebody does.
 *
 * @param said by kind; a kind that is left out is not here
 * @param taken tags that are worn already, as their ids
 */
export function starterKit(
  { bays, counts, said, taken, named }: {
    readonly bays: readonly Pick<BayBegun, 'bayId' | 'label' | 'kinds'>[]
    readonly counts: ReadonlyMap<StarterKindId, number>
    readonly said: Readonly<Partial<Record<StarterKindId, StarterSaid>>>
    readonly taken: ReadonlySet<string>
    readonly named: (kind: StarterKindId, label: string) => string
  },
): KitItemCommands['item.register-many']['items'] {
  const worn = new Set(taken)
  const items: Record<string, KitItemCommands['item.register-many']['items'][string]> = {}
  for (const { bayId, label, kinds } of bays) for (const [kind, count] of counts) {
    const told = said[kind]
    // Helmets go with people: a bay that has anything had its share of them.
    const here = kind === 'helmet' && kinds.length > 0 ? count : kinds.filter(one => one === kind).length
    for (let nth = here + 1; told && nth <= count; nth++) {
      const tag = freeTag(TAG_LETTERS[kind], /^\d{1,4}$/.test(label) ? Number(label) : 1, worn)
      worn.add(tag)
      const { marks, onPaper, distanceM } = told
      items[tag] = {
        kind,
        name: named(kind, label),
        marks,
        onPaper,
        assignment: kind === 'helmet' ? null : { to: 'bay', id: bayId, ...distanceM === undefined ? {} : { distanceM } },
      }
    }
  }
  return items
}

/** The first of M-3, M-3B, M-3C ... and then of M-4, M-5 ... that nothing wears. */
function freeTag(letters: string, number: number, worn: ReadonlySet<string>): string {
  const first = tagIdOf(`${letters}-${number}`)
  const seconds = ['', 'b', 'c', 'd'].map(tail => `${first}${tail}`).find(tag => !worn.has(tag))
  if (seconds !== undefined) return seconds
  for (let next = number + 1; ; next++) {
    const tag = tagIdOf(`${letters}-${next}`)
    if (!worn.has(tag)) return tag
  }
}
