import type { Cause, DrawSet } from '../chance/draw-set'
import type { Range } from '../range'
import { isGas } from '../fume/gases'
import { drawnEmission } from '../fume/drawn-emission'
import type { MadeOf } from '../fume/emission'
import type { SubstanceId } from '../ids/vocabulary'
import type { Aerosol, HallAir, HallHood } from '../ventilation/hall'
import { hallBalance, hallFlows } from '../ventilation/hall'
import { hallModes } from '../ventilation/hall-modes'
import type { LongHall } from '../ventilation/long-hall'
import { alongRates, passesM3PerS } from '../ventilation/long-hall'
import { keptWith, keyed, lazily, textOf } from '../kept'
import type { HallDoubt, Posture } from './hall-doubt'
import type { DrawnModes } from './heard'
import { drawnModes, withDecay, withLength } from './heard'

// What is not known of a hall, drawn: how its air moves, what its hoods take, what its arcs make. What two bays share (a table's factor,
// the draught of the hall) is drawn once for both, what is a bay's own by itself.

/** How something floats: particles, gases, which pass through filters, or ozone, which is gone by itself besides. */
export type Floats = Aerosol | 'ozone'
/** How a substance floats. */
export const floatsAs = (substance: SubstanceId): Floats => substance === 'ozone' ? 'ozone' : isGas(substance) ? 'gases' : 'particles'

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
  /** In which part of a long hall it stands; left out: nobody said, or the hall is not long. */
  readonly part?: number
}

/** What the doubts of one bay belong to. */
export const placeOf = (spot: number): string => `bay ${spot}`

/** A hall and its bays, draw by draw. A spot is a bay's place in their list. */
export interface DrawnHall {
  readonly count: number
  /** How it is cut along its length; null where it is not long. */
  readonly long: LongHall | null
  /** The same for halls whose air moves alike. */
  readonly airKey: () => string
  /** How its air moves. */
  readonly modes: (what: Floats) => DrawnModes
  /** Particles and gases move alike where no hood and no filter tells them apart: what to ask the modes for. */
  readonly moving: (what: Floats) => Floats
  /** Of what the hall holds where somebody stands: no hall is mixed evenly. */
  readonly mixing: Float64Array
  /** Share taken at the arc. */
  readonly taken: (spot: number) => Float64Array
  /** Of what is taken, the share that comes back into the hall. */
  readonly returned: (spot: number, what: Floats) => number
  readonly arcMinutes: (spot: number, arcMinPerH: number) => Float64Array
  /** What an arc makes while it burns, mg/min. */
  readonly madeOf: (spot: number, work: number, substance: SubstanceId) => Float64Array
  /** A doubt of a bay's own. */
  readonly ofBay: (range: Range, kind: Cause['doubt'], spot: number) => Float64Array
  /** What comes in with the air, settled, mg/m³ of fume; null where it is clean. */
  readonly incoming: () => Float64Array | null
}

/** How the air of halls moved lately: what burns in them changes nothing of it. */
const modesLately = keptWith<DrawSet, DrawnModes>(8)

/**
 * Draws a hall: each part is worked out when it is asked for, once.
 *
 * @param cut how it is cut along its length; null where it is not long
 */
export function drawHall(
  hall: HallAir,
  bays: readonly HallBay[],
  draws: DrawSet,
  doubt: HallDoubt,
  cut: LongHall | null = null,
): DrawnHall {
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
  const isFiltered = hall.filterEfficiency > 0 || bays.some(({ hood }) => hood?.returnsAir)
  const ofBay = (range: Range, kind: Cause['doubt'], spot: number): Float64Array => draws.harmful(range, { doubt: kind, of: placeOf(spot) })

  // Under the open sky there is no hall that could be long.
  const long = hall.isOpenAir ? null : cut
  const airKey = lazily(() => textOf([hall, bays.map(({ hood }) => hood), doubt, long]))
  const moving = (what: Floats): Floats =>
    what === 'ozone' && doubt.ozoneDecayPerH.high > 0 ? what : isFiltered ? what === 'ozone' ? 'gases' : what : 'particles'
  const modes = lazily((what: Floats): DrawnModes => modesLately(draws, `${what} ${airKey(null)}`, () => {
    if (what === 'ozone') {
      const perH = draws.protective(doubt.ozoneDecayPerH, { doubt: 'gas', of: 'ozone decay' })
      return withDecay(modes(moving('gases')), perH)
    }
    const ofEach = <Of>(at: (n: number) => Of): readonly Of[] =>
      isCertain ? new Array<Of>(count).fill(at(0)) : Array.from({ length: count }, (_, n) => at(n))
    const balances = ofEach(n => hallBalance(hallOf(n), bays, what))
    const mixed = drawnModes(balances.map(balance => hallModes(balance, bays.length)))
    return long
      ? withLength(mixed, long, ofEach(n => alongRates(long, balances[n]!, passesM3PerS(long, hallOf(n)))), balances)
      : mixed
  }))
  return {
    count,
    long,
    airKey: () => airKey(null),
    mixing,
    ofBay,
    moving,
    modes,
    arcMinutes: keyed((spot: number, arcMinPerH: number) => ({
      key: `${spot} ${arcMinPerH}`,
      make: () => ofBay(doubt.arcTime, 'arc-time', spot).map(factor => Math.min(60, arcMinPerH * factor)),
    })),
    madeOf: keyed((spot: number, work: number, substance: SubstanceId) => ({
      key: `${spot} ${work} ${substance}`,
      make: () => drawnEmission(bays[spot]!.work[work]!.emission[substance]!, placeOf(spot), draws),
    })),
    returned: (spot, what) => {
      const { hood } = bays[spot]!
      return hood?.returnsAir ? 1 - (what === 'particles' ? hood.filterEfficiency : 0) : 0
    },
    // In a weaker draught more is taken.
    taken: lazily((spot: number): Float64Array => {
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
    }),
    incoming: () => {
      if (hall.backgroundMgPerM3 === 0) return null
      // Settled from the start: the safe end of a hall that was closed overnight. At its low end clean air comes in.
      return ofHall({ low: 0, mid: 1, high: 1 }, 'incoming').map((part, n) => {
        const { outdoorM3PerS, hallFilterM3PerS, hoodFilterM3PerS } = hallFlows(hallOf(n), bays, 'particles')
        const through = outdoorM3PerS + hallFilterM3PerS + hoodFilterM3PerS
        return Math.min(1, part) * (through > 0 ? (hall.backgroundMgPerM3 * outdoorM3PerS) / through : hall.backgroundMgPerM3)
      })
    },
  }
}

/** The most that is made of something, mg/min. */
const mostOf = (parts: MadeOf = []): number =>
  parts.reduce((sum, part) => sum + part.reduce((product, { range }) => product * range.high, 1), 0)

/**
 * What of a substance a mg of incoming fume is taken to be: fume of unknown make-up, like the strongest that the work makes, 0 to 1; 0 of
 * gases, and where no fume is made.
 */
export function partOfFume(work: readonly ArcWork[], substance: SubstanceId): number {
  if (isGas(substance)) return 0
  const strongest = (one: SubstanceId): number => Math.max(0, ...work.map(({ emission }) => mostOf(emission[one])))
  const fume = strongest('total-fume')
  return fume === 0 ? 0 : Math.min(1, strongest(substance) / fume)
}
