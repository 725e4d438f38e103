import type { Cause, DrawSet } from '../chance/draw-set'
import { ENDS } from '../chance/draw-set'
import type { Range } from '../range'
import { isGas } from '../fume/gases'
import { drawnEmission } from '../fume/drawn-emission'
import type { MadeOf } from '../fume/emission'
import type { SubstanceId } from '../ids/vocabulary'
import type { Aerosol, HallAir, HallHood } from '../ventilation/hall'
import { hallBalance, hallFlows } from '../ventilation/hall'
import type { HallModes } from '../ventilation/hall-modes'
import { hallModes } from '../ventilation/hall-modes'
import { keyed, lazily } from '../kept'
import type { Stay } from '../time/stays'
import type { HallDoubt, Posture } from './hall-doubt'
import { CERTAIN, MIXED } from './hall-doubt'
import type { DrawnModes, From, Listener, Visit } from './heard'
import { drawnModes, hear, listenerOf, MINUTE, runOf, SHORT_TERM_MIN, visitOfAll } from './heard'

/** One stretch of arc work at a bay, in minutes from the start of the shop day. */
export interface ArcWork {
  readonly fromMin: number
  readonly toMin: number
  /** Minutes of arc in an hour, above 0 and at most 60. */
  readonly arcMinPerH: number
  /** While the arc burns, mg/min. */
  readonly emission: Readonly<Partial<Record<SubstanceId, MadeOf>>>
  /** What of the near field is breathed; left out: as much as it is mixed through. */
  readonly posture?: Posture
}

/** One bay of a hall with its day. */
export interface HallBay {
  readonly hood: HallHood | null
  /** Share taken at the arc in the draught that was told; where that is doubted, in the calmest and in the strongest too. */
  readonly capture: Range
  readonly captureInCalm?: Range
  readonly captureInDraught?: Range
  readonly work: readonly ArcWork[]
}

/** What somebody breathes of one substance, mg/m³, with its spread. */
export interface Breathed {
  /** The shift's sum over eight hours. */
  readonly twa: Range
  /** The worst quarter of an hour. */
  readonly shortTerm: Range
  /** The highest while the arc burns. */
  readonly peak: Range
  /** Mean beside the arc while working, where it is breathed. */
  readonly nearField: Range
  /** Mean in the hall while working. */
  readonly farField: Range
  /** The part of the eight-hour sum that comes from other bays. */
  readonly twaFromOthers: Range
  /** The part of it that is breathed in the hall before, between and after the stretches of work: without a mask. */
  readonly twaBesides: Range
}

export type BreathedBySubstance = Readonly<Partial<Record<SubstanceId, Breathed>>>

/** The same draw by draw. */
export type Drawn = Readonly<Record<keyof Breathed, Float64Array>>
export type DrawnBySubstance = Readonly<Partial<Record<SubstanceId, Drawn>>>

export interface HallShiftOptions {
  /** Length of a shift, hours: whoever works is taken to stay in the hall that long. */
  readonly shiftHours: number
  /** Count the fume that the incoming air carries; on unless turned off. */
  readonly withBackground?: boolean
  /** How what is not known is drawn; left out: every input at its low end, middle and high end at once. */
  readonly draws?: DrawSet
  /** How far what is told of the hall may be off; left out: not at all. */
  readonly doubt?: HallDoubt
}

const REFERENCE_MIN = 480

/** What of short time a run at one's own bay adds to what the hall holds, draw by draw. */
const OF_RUNS = ['shortTerm', 'peak'] as const
type OwnRunOf = Readonly<Record<typeof OF_RUNS[number], Float64Array>>
interface UnitBreathed extends Pick<Drawn, typeof OF_SOURCE[number]> { readonly ownRun: OwnRunOf | null }

/** What somebody breathes for a part of a day, draw by draw and in percentiles. */
export interface PartOfAir { readonly drawn: DrawnBySubstance, readonly breathed: BreathedBySubstance }

/** The shift of a hall, solved: what is breathed at any of its bays. */
export interface HallShift {
  /**
   * What the person at one bay breathes over the shift, from every arc in the hall: every substance that any bay emits.
   *
   * @param isCounted which bays' arcs burn; all when left out
   * @param visit only these minutes, of somebody who spends the rest of the day elsewhere
   * @throws RangeError when the bay has no work to breathe at
   */
  at(spot: number, isCounted?: (spot: number) => boolean, visit?: Visit): BreathedBySubstance
  /** The same draw by draw. */
  drawnAt(spot: number, isCounted?: (spot: number) => boolean, visit?: Visit): DrawnBySubstance
  /** Both. */
  partAt(spot: number, isCounted?: (spot: number) => boolean, visit?: Visit): PartOfAir
}

/** What the doubts of one bay belong to. */
export const placeOf = (spot: number): string => `bay ${spot}`

/** What of a source is added up; the part of the others and the peak follow from it. */
const OF_SOURCE = ['twa', 'shortTerm', 'nearField', 'farField', 'twaBesides'] as const satisfies readonly (keyof Breathed)[]
export const KINDS = [...OF_SOURCE, 'peak', 'twaFromOthers'] as const satisfies readonly (keyof Breathed)[]

/**
 * Solves the shift of a hall.
 * The hall is linear: each stretch of work is a unit source run through the exact solution, and every substance at every bay is a sum of
 * those responses. Arc time is spread evenly over its stretch for the eight-hour sum; for the short term and the peak all arc minutes of
 * an hour are taken to come in one run, on top of the hall as it stands at its fullest while they work. What is not known is drawn: what
 * two bays share (a table's factor, the draught of the hall) is drawn once for both, what is a bay's own by itself.
 *
 * @param bays every bay of the hall; one without work breathes nothing and is not asked
 * Source: `twoZone`, `hallDoubt`, `posture`; the sum derived here.
 */
export function hallShift(
  hall: HallAir,
  bays: readonly HallBay[],
  { shiftHours, withBackground = true, draws = ENDS, doubt = CERTAIN }: HallShiftOptions,
): HallShift {
  const { count } = draws
  const ofHall = (range: Range, kind: Cause['doubt']): Float64Array => draws.harmful(range, { doubt: kind, of: 'hall' })
  // A weak draught mixes little: it is drawn from its high end down, and so is the radius and what is blown in.
  const draught = draws.protective(doubt.draught, { doubt: 'draught', of: 'hall' })
  const radius = draws.protective(doubt.nearField, { doubt: 'near-field', of: 'hall' })
  const supply = draws.protective(doubt.supply, { doubt: 'supply', of: 'hall' })
  const mixing = ofHall(doubt.mixing, 'mixing')
  const isCertain = [doubt.draught, doubt.nearField, doubt.supply].every(({ low, high }) => low === high)

  const hallOf = (n: number): HallAir => ({
    ...hall,
    supplyM3PerS: hall.supplyM3PerS * supply[n]!,
    nearFieldRadiusM: hall.nearFieldRadiusM * radius[n]!,
    airSpeedMPerS: hall.airSpeedMPerS * draught[n]!,
  })
  /** Where no hood and no filter tells them apart, particles and gases move alike. */
  const isFiltered = hall.filterEfficiency > 0 || bays.some(({ hood }) => hood?.returnsAir)
  const modesOf = lazily((what: Aerosol): DrawnModes => {
    const at = (n: number) => hallModes(hallBalance(hallOf(n), bays, what), bays.length)
    return drawnModes(isCertain ? new Array<HallModes>(count).fill(at(0)) : Array.from({ length: count }, (_, n) => at(n)))
  })
  const moving = (what: Aerosol): Aerosol => isFiltered ? what : 'particles'

  const listeners = lazily((spot: number) => listenerOf(spot, visitOfAll(bays[spot]!.work, shiftHours)))
  const heardOf = keyed((what: Aerosol, source: Stay, from: From, listener: Listener) => ({
    key: `${what} ${source.fromMin} ${source.toMin} ${from} ${listener.key}`,
    make: () => hear(modesOf(what), source, from, listener),
  }))
  const arcMinutes = keyed((spot: number, arcMinPerH: number) => ({
    key: `${spot} ${arcMinPerH}`,
    make: () => ofBay(doubt.arcTime, 'arc-time', spot).map(factor => Math.min(60, arcMinPerH * factor)),
  }))
  const runs = keyed((what: Aerosol, spot: number, arcMinPerH: number) => ({
    key: `${what} ${spot} ${arcMinPerH}`,
    make: () => runOf(modesOf(what), arcMinutes(spot, arcMinPerH)),
  }))
  function ofBay(range: Range, kind: Cause['doubt'], spot: number): Float64Array {
    return draws.harmful(range, { doubt: kind, of: placeOf(spot) })
  }

  /** Share taken at the arc: in a weaker draught more. */
  const taken = lazily((spot: number): Float64Array => {
    const { capture, captureInCalm = capture, captureInDraught = capture } = bays[spot]!
    const cause: Cause = { doubt: 'capture', of: placeOf(spot) }
    const usual = draws.protective(capture, cause)
    if (isCertain || (captureInCalm === capture && captureInDraught === capture)) return usual.map(share => Math.min(1, share))
    const [calm, strong] = [draws.protective(captureInCalm, cause), draws.protective(captureInDraught, cause)]
    const { low, mid, high } = doubt.draught
    return usual.map((share, n) => {
      const times = draught[n]!
      // As told to the digit there is nothing between: 0 of 0 would make the share no number.
      if (times === mid) return Math.min(1, share)
      const [end, part] = times < mid ? [calm[n]!, (mid - times) / (mid - low)] : [strong[n]!, (times - mid) / (high - mid)]
      return Math.min(1, share + (end - share) * Math.min(1, part))
    })
  })
  /** What an arc makes while it burns, mg/min. */
  const madeOf = keyed((spot: number, work: number, substance: SubstanceId) => ({
    key: `${spot} ${work} ${substance}`,
    make: () => drawnEmission(bays[spot]!.work[work]!.emission[substance]!, placeOf(spot), draws),
  }))

  /**
   * What a source of 1 mg/min while the arc burns makes a listener breathe, kind by kind. Of short time it is what the hall holds; a run
   * of their own arc comes on top.
   */
  function breathedOfUnit(what: Aerosol, from: number, index: number, listener: Listener): UnitBreathed {
    const bay = bays[from]!
    const work = bay.work[index]!
    const isOwn = from === listener.spot
    const moves = moving(what)
    const inNear = heardOf(moves, work, isOwn ? 'own' : 'other', listener)
    const returned = bay.hood?.returnsAir ? 1 - (what === 'particles' ? bay.hood.filterEfficiency : 0) : 0
    const inHall = returned > 0 ? heardOf(moves, work, 'hall', listener) : null
    // What burnt at their bay while they were not at work there was somebody else's run.
    const isTheirs = isOwn && listener.work.some(({ fromMin, toMin }) => fromMin < work.toMin && toMin > work.fromMin)
    const run = isTheirs ? runs(moves, from, work.arcMinPerH) : null
    const minutes = arcMinutes(from, work.arcMinPerH)
    const share = taken(from)
    const posture = work.posture ?? MIXED
    const [shiftLong, runLong] = [ofBay(posture.shift, 'posture', from), ofBay(posture.run, 'posture', from)]
    const unit: UnitBreathed = {
      ...nothingOf(OF_SOURCE, count),
      ownRun: run && nothingOf(OF_RUNS, count),
    }
    for (let n = 0; n < count; n++) {
      // Responses are to 1 mg/s.
      const loose = (1 - share[n]!) / MINUTE
      const back = (share[n]! * returned) / MINUTE
      const duty = minutes[n]! / 60
      const even = mixing[n]!
      const far = duty * even * (loose * inNear.workFar[n]! + back * (inHall?.workFar[n] ?? 0))
      const near = duty * (loose * inNear.workNear[n]! * (isOwn ? shiftLong[n]! : 1) + back * (inHall?.workNear[n] ?? 0))
      const besides = duty * even * (loose * inNear.besides[n]! + back * (inHall?.besides[n] ?? 0))
      const farAtMost = duty * even * (loose * inNear.farAtMost[n]! + back * (inHall?.farAtMost[n] ?? 0))
      const twa = Math.max(0, far + near + besides) / REFERENCE_MIN
      unit.twa[n] = twa
      unit.twaBesides[n] = Math.max(0, besides) / REFERENCE_MIN
      unit.nearField[n] = Math.max(0, far + near) / listener.workMin
      unit.farField[n] = far / listener.workMin
      unit.shortTerm[n] = farAtMost
      if (!run) continue
      unit.ownRun!.shortTerm[n] = loose * (even * run.farQuarter[n]! + runLong[n]! * run.nearQuarter[n]!)
      unit.ownRun!.peak[n] = loose * (even * run.farAtEnd[n]! + runLong[n]! * run.nearAtEnd[n]!)
    }
    return unit
  }
  /** Whoever is asked about: of a visit, or with all the work of the bay. */
  function listenerFor(spot: number, visit?: Visit): Listener {
    const own = bays[spot]
    if (!own || (visit ?? own).work.length === 0) throw new RangeError('a bay without work has nobody to breathe')
    return visit ? listenerOf(spot, visit) : listeners(spot)
  }
  function drawnOf(isCounted: (spot: number) => boolean, listener: Listener): DrawnBySubstance {
    const own = bays[listener.spot]!
    const breathed: Partial<Record<SubstanceId, Drawn>> = {}
    // One quarter of an hour holds the runs of jobs that follow each other: those add up, and of what lies apart the worse counts.
    const together = inTurn(own.work)
    const ownRuns: Partial<Record<SubstanceId, Map<number, OwnRunOf>>> = {}
    const addFrom = (from: number): void => {
      if (!isCounted(from)) return
      bays[from]!.work.forEach((work, index) => {
        const unitOf = lazily((what: Aerosol) => breathedOfUnit(what, from, index, listener))
        for (const substance of Object.keys(work.emission) as SubstanceId[]) {
          const mgPerMin = madeOf(from, index, substance)
          const unit = unitOf(isGas(substance) ? 'gases' : 'particles')
          const sum = breathed[substance] ??= nothingOf(KINDS, count)
          for (const kind of OF_SOURCE) addProduct(sum[kind], mgPerMin, unit[kind])
          if (unit.ownRun) {
            const ofTurn = ownRuns[substance] ??= new Map()
            const run = ofTurn.get(together[index]!) ?? nothingOf(OF_RUNS, count)
            ofTurn.set(together[index]!, run)
            for (const kind of OF_RUNS) addProduct(run[kind], mgPerMin, unit.ownRun[kind])
          }
        }
      })
    }
    bays.forEach((_, from) => from === listener.spot || addFrom(from))
    for (const sum of Object.values(breathed)) sum.twaFromOthers.set(sum.twa)
    addFrom(listener.spot)
    for (const sum of Object.values(breathed)) sum.peak.set(sum.shortTerm)
    for (const [substance, ofTurn] of Object.entries(ownRuns) as [SubstanceId, Map<number, OwnRunOf>][])
      for (const kind of OF_RUNS) addWorst(breathed[substance]![kind], [...ofTurn.values()].map(run => run[kind]))
    if (withBackground && hall.backgroundMgPerM3 > 0) addIncoming(own, listener, breathed)
    return breathed
  }

  /** Adds what the incoming air carries: fume of unknown make-up, taken to be like the bay's own at its strongest. */
  function addIncoming(own: HallBay, listener: Listener, breathed: Partial<Record<SubstanceId, Drawn>>): void {
    // Settled from the start: the safe end of a hall that was closed overnight. At its low end clean air comes in.
    const incoming = ofHall({ low: 0, mid: 1, high: 1 }, 'incoming')
    const settled = incoming.map((part, n) => {
      const { outdoorM3PerS, hallFilterM3PerS, hoodFilterM3PerS } = hallFlows(hallOf(n), bays, 'particles')
      const through = outdoorM3PerS + hallFilterM3PerS + hoodFilterM3PerS
      return Math.min(1, part) * (through > 0 ? (hall.backgroundMgPerM3 * outdoorM3PerS) / through : hall.backgroundMgPerM3)
    })
    const strongest = (substance: SubstanceId): number => Math.max(0, ...own.work.map(work => mostOf(work.emission[substance])))
    const fume = strongest('total-fume')
    const hours = listener.stayMin / REFERENCE_MIN
    for (const [substance, sum] of Object.entries(breathed) as [SubstanceId, Drawn][]) {
      if (isGas(substance) || fume === 0) continue
      const part = Math.min(1, strongest(substance) / fume)
      for (const kind of KINDS) {
        const times = part * (SUMMED.has(kind) ? kind === 'twaBesides' ? hours - listener.workMin / REFERENCE_MIN : hours : 1)
        for (let n = 0; n < count; n++) sum[kind][n]! += settled[n]! * times
      }
    }
  }

  const asked = keyed((isCounted: (spot: number) => boolean, listener: Listener) => ({
    key: `${listener.spot} ${bays.map((_, from) => isCounted(from) ? 1 : 0).join('')} ${listener.key}`,
    make: (): PartOfAir => {
      const drawn = drawnOf(isCounted, listener)
      return { drawn, breathed: breathedOf(drawn, draws) }
    },
  }))
  const partAt: HallShift['partAt'] = (spot, isCounted = () => true, visit = undefined) => asked(isCounted, listenerFor(spot, visit))
  return {
    partAt,
    drawnAt: (...of) => partAt(...of).drawn,
    at: (...of) => partAt(...of).breathed,
  }
}

/** What is breathed, substance by substance, of what was drawn. */
export const breathedOf = (drawn: DrawnBySubstance, draws: DrawSet): BreathedBySubstance =>
  Object.fromEntries(Object.entries(drawn).map(([substance, of]) => [substance, spreadsOf(of, draws)]))

/** Each kind's spread is worked out when it is first read: a gate reads three of them, and those of few substances. */
function spreadsOf(drawn: Drawn, draws: DrawSet): Breathed {
  const breathed = {} as Breathed
  for (const kind of KINDS) {
    let known: Range | undefined
    Object.defineProperty(breathed, kind, { enumerable: true, get: () => known ??= draws.spread(drawn[kind]) })
  }
  return breathed
}

/** The most that is made of something, mg/min. */
const mostOf = (parts: MadeOf = []): number =>
  parts.reduce((sum, part) => sum + part.reduce((product, { range }) => product * range.high, 1), 0)

/** Kinds that are summed over the day. */
export const SUMMED: ReadonlySet<keyof Breathed> = new Set(['twa', 'twaFromOthers', 'twaBesides'])

const nothingOf = <Kind extends string>(kinds: readonly Kind[], count: number): Record<Kind, Float64Array> =>
  Object.fromEntries(kinds.map(kind => [kind, new Float64Array(count)])) as Record<Kind, Float64Array>

/** Adds the largest of several, draw by draw. What is no number is not the smaller one: it stays. */
function addWorst(sum: Float64Array, [first, ...others]: readonly Float64Array[]): void {
  const worst = others.length === 0 ? first! : first!.slice()
  for (const run of others) for (let n = 0; n < worst.length; n++) worst[n] = Math.max(worst[n]!, run[n]!)
  for (let n = 0; n < sum.length; n++) sum[n]! += worst[n]!
}

/** Which stretches of work follow each other so soon that a quarter of an hour holds parts of both: a number for each. */
function inTurn(work: readonly Stay[]): readonly number[] {
  const order = work.map((_, index) => index).sort((a, b) => work[a]!.fromMin - work[b]!.fromMin)
  const turns = new Array<number>(work.length)
  let [turn, endsMin] = [0, -Infinity]
  for (const index of order) {
    const { fromMin, toMin } = work[index]!
    if (fromMin - endsMin >= SHORT_TERM_MIN) turn++
    turns[index] = turn
    endsMin = Math.max(endsMin, toMin)
  }
  return turns
}

function addProduct(sum: Float64Array, a: Float64Array, b: Float64Array): void {
  for (let n = 0; n < sum.length; n++) sum[n]! += a[n]! * b[n]!
}
