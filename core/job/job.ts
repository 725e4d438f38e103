import type {
  BaseMetalId,
  CoatingId,
  ConfinementId,
  ConsumableId,
  ContainerId,
  FuelGasId,
  HeadId,
  PositionId,
  ProcessId,
  ResidueId,
  ShieldingGasId,
  TipId,
  TransferId,
  WaterTableId,
  WorkplaceId,
} from '../ids/vocabulary'
import type { ShadeQuestion } from '../shade/shade-question'
import type { JobField } from '../ids/job-ids'

/** What one place is set to do today. Anything left out is not known. */
export interface Job {
  readonly process: ProcessId
  /** Arc current, A. */
  readonly currentA?: number
  /** Lowest and highest arc current, A. */
  readonly currentRangeA?: readonly [number, number]
  readonly consumable?: ConsumableId
  /** Rod, wire or tungsten diameter, mm. */
  readonly electrodeDiameterMm?: number
  /** Thickness of the work, mm. */
  readonly plateThicknessMm?: number
  /** Speed of the wire, m/min: the surest way to the mass melted. */
  readonly wireFeedMPerMin?: number
  /** Speed of the weld or cut along the joint, m/min. */
  readonly travelSpeedMPerMin?: number
  readonly acetyleneFlowLPerH?: number
  readonly oxygenFlowLPerH?: number
  /** Shielding or cutting gas, L/min. */
  readonly gasFlowLPerMin?: number
  /** What the flame burns. */
  readonly fuelGas?: FuelGasId
  /** What burns at the end of the hoses. */
  readonly tip?: TipId
  /** How the wire's metal crosses the arc. */
  readonly transfer?: TransferId
  /** Width of the cut, mm. */
  readonly kerfWidthMm?: number
  /** Where the water of the cutting table stands. */
  readonly waterTable?: WaterTableId
  readonly baseMetal?: BaseMetalId
  readonly coating?: CoatingId
  /** The coating is taken off where the arc will be. */
  readonly coatingStripped?: boolean
  /** How far the coating is taken off on each side of the joint, both faces, mm. */
  readonly strippedWidthMm?: number
  readonly shieldingGas?: ShieldingGasId
  readonly position?: PositionId
  readonly confinement?: ConfinementId
  /** Where the head is kept, as it was seen; how much of the plume is breathed hangs on it. */
  readonly head?: HeadId
  /** Local wall-clock times, HH:MM. */
  readonly startsAt?: string
  readonly endsAt?: string
  /** Minutes of arc in an hour of work, above 0 and at most 60. */
  readonly arcMinPerH?: number
  readonly residue?: ResidueId
  readonly container?: ContainerId
  /** Fields nobody has confirmed yet: they are shown in pencil, and hold the Job gate. */
  readonly assumed?: readonly JobField[]
}

/** A job for somebody else, or for another day: where a head was seen was seen of one welder at this work. */
export function withoutHead({ head: _head, assumed, ...job }: Job): Job {
  return assumed ? { ...job, assumed: assumed.filter(field => field !== 'head') } : job
}

/** Answers about one workpiece, or about one welder at it: what was so of that one is asked anew of the next. Water sinks overnight. */
const OF_ONE_PIECE: readonly JobField[] = ['head', 'residue', 'container', 'coatingStripped', 'strippedWidthMm', 'waterTable']

/** A job of before, set once more: what was answered of its workpiece is taken back, and nothing of it stands in pencil. */
export const setAgain = (job: Job): Partial<Job> =>
  ({ ...job, assumed: undefined, ...Object.fromEntries(OF_ONE_PIECE.map(field => [field, undefined])) })

/** A job as it is kept for other days: nothing that was answered of the workpiece of a day goes with it. */
export function forAnotherDay({
  residue: _residue, container: _container, coatingStripped: _stripped, strippedWidthMm: _width, waterTable: _water, ...job
}: Job): Job {
  const { assumed, ...kept } = withoutHead(job)
  const left = assumed?.filter(field => !OF_ONE_PIECE.includes(field)) ?? []
  return left.length > 0 ? { ...kept, assumed: left } : kept
}

/** The limits a job's numbers must keep, for the schema, the keypad and the tests alike. */
export const JOB_LIMITS = {
  currentA: { min: 0.1, max: 2000 },
  electrodeDiameterMm: { min: 0.2, max: 25 },
  plateThicknessMm: { min: 0.1, max: 1000 },
  wireFeedMPerMin: { min: 0.1, max: 40 },
  travelSpeedMPerMin: { min: 0.005, max: 20 },
  kerfWidthMm: { min: 0.5, max: 20 },
  strippedWidthMm: { min: 0, max: 500 },
  acetyleneFlowLPerH: { min: 1, max: 20000 },
  oxygenFlowLPerH: { min: 1, max: 100000 },
  gasFlowLPerMin: { min: 0.5, max: 500 },
  arcMinPerH: { min: 0.5, max: 60 },
} as const

/** The shade question that a job asks. */
export function shadeQuestionOf(job: Job, workplace: WorkplaceId): ShadeQuestion {
  const {
    process,
    currentA,
    currentRangeA,
    electrodeDiameterMm,
    plateThicknessMm,
    acetyleneFlowLPerH,
    oxygenFlowLPerH,
    baseMetal,
    shieldingGas,
  } = job
  return {
    process,
    currentA,
    currentRangeA,
    electrodeDiameterMm,
    plateThicknessMm,
    acetyleneFlowLPerH,
    oxygenFlowLPerH,
    baseMetal,
    shieldingGas,
    workplace,
  }
}
