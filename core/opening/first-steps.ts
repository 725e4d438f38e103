import type { GateId, EquipmentKindId } from '../ids/vocabulary'
import { GATES } from '../ids/vocabulary'
import type { Gate } from '../clearance/gate'
import { GATE_OF_KIND } from '../clearance/kit-around'

/** What a shop is made of before it strikes its first arc, in the order in which one thing needs the other. */
export const FIRST_STEPS = ['halls', 'numbers', 'kit', 'people', 'air', 'work', 'gas', 'gates'] as const
export type FirstStepId = typeof FIRST_STEPS[number]

/** A bay in use, as far as setting up asks. */
export interface BayBegun {
  readonly bayId: string
  readonly label: string
  readonly hallId: string
  readonly isDesignated: boolean
  /** What it has by way of extraction was said, if only that it has none. */
  readonly isFitted: boolean
  readonly kinds: readonly EquipmentKindId[]
  /** A cylinder stands there. */
  readonly hasCylinder: boolean
  readonly hasPerson: boolean
  readonly hasJob: boolean
  /** By its whole verdict: a stopped bay, or one of which nothing was heard, is not clear whatever its gates say. */
  readonly isClear: boolean
  readonly gates: Readonly<Record<GateId, Pick<Gate, 'state'>>>
}

export interface ShopBegun {
  readonly bays: readonly BayBegun[]
  /** Halls in use, and whether their air was described. */
  readonly halls: readonly { readonly hallId: string, readonly name: string, readonly isDescribed: boolean }[]
  /** Whether anybody wrote down whom to call. */
  readonly hasNumbers: boolean
  /** How many who may strike an arc there are. */
  readonly hands: number
}

/** A step, and what it still lacks by name; a step without names lacks the thing itself. */
export interface FirstStep {
  readonly id: FirstStepId
  readonly isDone: boolean
  readonly lacking: readonly string[]
}

const isOpen = ({ state }: Pick<Gate, 'state'>): boolean => state === 'open' || state === 'not-needed'
const opened = ({ gates }: BayBegun): number => GATES.filter(gate => isOpen(gates[gate])).length

/** Something to weld or cut with, and in a designated bay something to put a fire out: a spot on a structure gets it with its permit. */
export const lacksKit = ({ kinds, isDesignated }: BayBegun): boolean =>
  !kinds.some(kind => GATE_OF_KIND[kind] === 'machine' || kind === 'oxy-fuel-torch') || (isDesignated && !kinds.includes('extinguisher'))

/** Kit that draws gas, and no cylinder to draw it from. */
export const lacksGas = ({ kinds, hasCylinder }: Pick<BayBegun, 'kinds' | 'hasCylinder'>): boolean =>
  !hasCylinder && (kinds.includes('regulator') || kinds.includes('oxy-fuel-torch'))

/**
 * What a new shop still lacks, step by step, until one bay is clear to strike. Nothing here opens a gate: each step says only that there
 * is something to judge.
 */
export function firstSteps({ bays, halls, hasNumbers, hands }: ShopBegun): readonly FirstStep[] {
  const bare = bays.filter(lacksKit).map(({ label }) => label)
  const gasless = bays.filter(lacksGas).map(({ label }) => label)
  const airless = [
    ...halls.filter(({ hallId, isDescribed }) => !isDescribed && bays.some(bay => bay.hallId === hallId)).map(({ name }) => name),
    ...bays.filter(({ isFitted }) => !isFitted).map(({ label }) => label),
  ]
  const step = (id: FirstStepId, isDone: boolean, lacking: readonly string[] = []): FirstStep => ({ id, isDone, lacking })
  return [
    step('halls', bays.length > 0),
    step('numbers', hasNumbers),
    step('kit', bays.length > 0 && bare.length === 0, bare),
    step('people', hands > 0),
    step('air', bays.length > 0 && airless.length === 0, airless),
    step('work', bays.some(({ hasPerson, hasJob }) => hasPerson && hasJob)),
    step('gas', bays.length > 0 && gasless.length === 0, gasless),
    step('gates', bays.some(({ isClear }) => isClear)),
  ]
}

/** Where the shortest way to the first arc goes on: the bay that is nearest to clear, and its first gate that is not open. */
export function nearestHold(bays: readonly BayBegun[]): { readonly bayId: string, readonly label: string, readonly gate: GateId } | null {
  const holding = bays.flatMap((bay) => {
    const gate = GATES.find(one => !isOpen(bay.gates[one]))
    return gate !== undefined && bay.hasPerson && bay.hasJob ? [{ bay, gate }] : []
  })
  const nearest = holding.toSorted((a, b) => opened(b.bay) - opened(a.bay))[0]
  return nearest ? { bayId: nearest.bay.bayId, label: nearest.bay.label, gate: nearest.gate } : null
}
