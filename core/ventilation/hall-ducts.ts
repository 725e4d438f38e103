import { keptLately, textOf } from '../kept'
import type { DuctSystem, FanPoint } from './duct-balance'
import { balanceDucts } from './duct-balance'
import type { DuctWallId } from './duct-friction'
import { DUCT_ROUGHNESS_MM } from './duct-friction'
import type { HoodEntryId } from './hood-flow'
import { ENTRY_COEFFICIENTS } from './hood-flow'

/** Which dampers stood open when the flow of a hood was found: all of the system, or only its own. */
export const FLOW_FOUND_WITH = ['own-open', 'all-open'] as const
export type FlowFoundWith = typeof FLOW_FOUND_WITH[number]

export interface HallDuct {
  readonly id: string
  /** The duct that it leads into; null leads to the fan. */
  readonly into: string | null
  readonly lengthM: number
  readonly diameterM: number
  readonly wall: DuctWallId
  /** Elbows, junctions and an arm's inside, together, in velocity pressures. */
  readonly lossCoefficient: number
}

/** The hood of a bay at the end of a duct. */
export interface DuctedHood {
  readonly bayId: string
  readonly ductId: string
  readonly entry: HoodEntryId
  readonly foundWith: FlowFoundWith
}

/** The ducts of a hall, with one fan for the hoods of several bays. */
export interface HallDucts {
  /** In the order of flow, from no flow on. */
  readonly fan: readonly FanPoint[]
  readonly filter?: FanPoint | undefined
  readonly ducts: readonly HallDuct[]
  readonly hoods: readonly DuctedHood[]
}

export const HALL_DUCTS_LIMITS = {
  flowM3PerS: { min: 0, max: 100 },
  pressurePa: { min: 0, max: 50_000 },
  lengthM: { min: 0, max: 500 },
  diameterM: { min: 0.05, max: 2 },
  lossCoefficient: { min: 0, max: 100 },
} as const

/** What is known of a hood besides its duct. */
export interface HoodOnDucts {
  readonly bayId: string
  /** As it was found when it was measured, or as its maker says. */
  readonly flowM3PerS: number
  readonly isMakers: boolean
  /** Somebody saw today that its damper is shut. */
  readonly isSeenShut: boolean
}

/** What a hood on ducts draws with the dampers that stand open. */
export interface DrawnHood {
  /** Null: the system has no balance, or its fan is asked for more than its curve tells. Nobody knows. */
  readonly flowM3PerS: number | null
  /** The other bays whose dampers stand open, or may. */
  readonly openBays: readonly string[]
}

const asSystem = ({ hoods, ...system }: HallDucts, isOpen: (bayId: string) => boolean): DuctSystem => ({
  ...system,
  ducts: system.ducts.map(({ wall, ...duct }) => ({ ...duct, roughnessMm: DUCT_ROUGHNESS_MM[wall] })),
  hoods: hoods.map(({ bayId, ductId, entry }) => ({
    id: bayId, ductId, entryLoss: 1 / ENTRY_COEFFICIENTS[entry] ** 2 - 1, openShare: isOpen(bayId) ? 1 : 0,
  })),
})

const lately = keptLately<ReadonlyMap<string, number> | null>(256)

/** What every hood draws with these open, by the laws of the system alone; null without a balance that its fan's curve covers. */
function drawnBySystem(ducts: HallDucts, isOpen: (bayId: string) => boolean): ReadonlyMap<string, number> | null {
  const system = asSystem(ducts, isOpen)
  return lately(textOf(system), () => {
    const { isBalanced, fan, hoods } = balanceDucts(system)
    if (!isBalanced || fan.flowM3PerS > system.fan.at(-1)!.flowM3PerS) return null
    return new Map(hoods.map(({ id, flowM3PerS }) => [id, flowM3PerS]))
  })
}

/**
 * What the hoods of a hall draw now that they share a fan. A damper counts as open unless somebody saw it shut today: an open mouth that
 * nobody works at takes its share all the same. A flow that was measured falls as the system says since then, and never rises: measured ×
 * what the system lets it draw now ÷ what it let it draw then. A maker's flow is one that nobody measured: no more than the system gives.
 *
 * @param known what is known of the hoods; one that stands on the ducts and is not known counts as open
 * @returns of every hood on the ducts that is known
 * @throws RangeError where a hood's way does not end at the fan
 * Source: `ductFriction`; the share derived here.
 */
export function drawnHoods(ducts: HallDucts, known: readonly HoodOnDucts[]): ReadonlyMap<string, DrawnHood> {
  const shut = new Set(known.filter(({ isSeenShut }) => isSeenShut).map(({ bayId }) => bayId))
  const isOpen = (bayId: string): boolean => !shut.has(bayId)
  const drawn = (hood: DuctedHood, { flowM3PerS, isMakers }: HoodOnDucts): number | null => {
    // One that is shut is judged as it would draw once it is opened.
    const now = drawnBySystem(ducts, bayId => bayId === hood.bayId || isOpen(bayId))?.get(hood.bayId)
    if (now === undefined) return null
    if (isMakers) return Math.min(flowM3PerS, now)
    const then = drawnBySystem(ducts, bayId => hood.foundWith === 'all-open' || bayId === hood.bayId)?.get(hood.bayId)
    return then ? flowM3PerS * Math.min(1, now / then) : null
  }
  return new Map(ducts.hoods.flatMap((hood) => {
    const one = known.find(({ bayId }) => bayId === hood.bayId)
    const openBays = ducts.hoods.map(({ bayId }) => bayId).filter(bayId => bayId !== hood.bayId && isOpen(bayId))
    return one ? [[hood.bayId, { flowM3PerS: drawn(hood, one), openBays }]] : []
  }))
}
