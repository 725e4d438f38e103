import { textOf } from '../kept'
import { between, joined, leavesAtMin, minutesOf } from '../time/stays'
import type { Stay } from '../time/stays'
import type { HallModes } from '../ventilation/hall-modes'
import { risen, risenSum } from '../ventilation/hall-modes'
import type { HallBalance } from '../ventilation/hall'
import type { LongHall } from '../ventilation/long-hall'
import { alongWeight } from '../ventilation/long-hall'

// What somebody in a hall hears of a source of 1 mg/s, draw by draw: sums of the hall's modes over their minutes.

/** What part of a day somebody spends at a bay: at work there, and besides in its hall. */
export interface Visit {
  readonly work: readonly Stay[]
  readonly besides: readonly Stay[]
  /** They help at its arc: they stand wherever there is room, whatever was seen of who welds. */
  readonly helps?: boolean
}

/** Seconds. */
export const MINUTE = 60
export const SHORT_TERM_MIN = 15
const QUARTER_S = SHORT_TERM_MIN * MINUTE

/** How the day of one listener is cut: while working they stand in their near field, else in the hall. */
export interface Listener {
  readonly spot: number
  readonly work: readonly Stay[]
  /** Between their stretches of work, in the hall. */
  readonly besides: readonly Stay[]
  readonly workMin: number
  /** Minutes in the hall altogether. */
  readonly stayMin: number
  readonly helps: boolean
  /** The same for all who come and go alike. */
  readonly key: string
}

export function listenerOf(spot: number, visit: Visit): Listener {
  const [work, besides] = [joined(visit.work), joined(visit.besides)]
  const workMin = minutesOf(work)
  const helps = visit.helps === true
  const key = `${textOf([work, besides])}${helps ? ' helps' : ''}`
  return { spot, work, besides, workMin, stayMin: workMin + minutesOf(besides), helps, key }
}

/** Whoever works at a bay stays for their shift. */
export function visitOfAll(stays: readonly Stay[], shiftHours: number): Visit {
  const work = joined(stays)
  return { work, besides: between(work, leavesAtMin(work, shiftHours)) }
}

/** Where a source sits, as a listener hears it. */
export type From = 'own' | 'other' | 'hall'

/** A listener's answer to a source of 1 mg/s, draw by draw: sums over minutes, mg·min/m³, and mg/m³. */
export interface Heard {
  /** What the hall holds while they work, and what their near field holds beyond it. */
  readonly workFar: Float64Array
  readonly workNear: Float64Array
  /** What the hall holds while they do not. */
  readonly besides: Float64Array
  /** What the hall holds at its fullest while they work. */
  readonly farAtMost: Float64Array
}

/** The modes of a hall, draw by draw: their rates, and their weights for a source here or there. */
export interface DrawnModes {
  readonly count: number
  readonly slow: Float64Array
  readonly fast: Float64Array
  readonly apart: Float64Array
  readonly weights: Readonly<Record<From, Weights>>
  /** What a long hall has beyond being mixed evenly; null where it is not long. */
  readonly length: ModesAlong | null
}

/** The modes along a hall: the rate of each, draw by draw, and one over its volume, 1/m³. */
interface ModesAlong { readonly long: LongHall, readonly rates: readonly Float64Array[], readonly perM3: Float64Array }

/** One mode along a hall as it is met in one part of a source in another, draw by draw. */
interface AlongMode { readonly rate: Float64Array, readonly weight: number, readonly perM3: Float64Array }

/** In which parts of a long hall a source and whoever hears it stand; left out: nobody said. */
export interface Between { readonly from?: number | undefined, readonly to?: number | undefined }

/** The modes along a hall between two of its parts; none where it is not long. */
export const alongBetween = ({ length }: DrawnModes, { from, to }: Between): readonly AlongMode[] =>
  length?.rates.map((rate, mode) => ({ rate, weight: alongWeight(length.long, mode, from, to), perM3: length.perM3 })) ?? []
/** Of the two first modes in the far field, and of all three in what a near field has beyond it. */
type Weights = Readonly<Record<'farSlow' | 'farFast' | 'nearSlow' | 'nearFast' | 'nearApart', Float64Array>>

export function drawnModes(modes: readonly HallModes[]): DrawnModes {
  const of = (value: (mode: HallModes) => number): Float64Array => Float64Array.from(modes, value)
  const weights = (far: 'farOfNear' | 'farOfFar', near: 'nearOfNear' | 'farOfNear', apart: (mode: HallModes) => number): Weights => ({
    farSlow: of(mode => mode[far][0]),
    farFast: of(mode => mode[far][1]),
    nearSlow: of(mode => mode[near][0] - mode[far][0]),
    nearFast: of(mode => mode[near][1] - mode[far][1]),
    nearApart: of(apart),
  })
  return {
    count: modes.length,
    length: null,
    slow: of(({ rates }) => rates[0]),
    fast: of(({ rates }) => rates[1]),
    apart: of(({ rates }) => rates[2]),
    weights: {
      own: weights('farOfNear', 'nearOfNear', ({ own }) => own),
      other: weights('farOfNear', 'nearOfNear', ({ other }) => other),
      hall: weights('farOfFar', 'farOfNear', () => 0),
    },
  }
}

/**
 * The modes of a hall that is long besides.
 *
 * @param rates of the modes along it, draw by draw
 */
export const withLength = (
  modes: DrawnModes,
  long: LongHall,
  rates: readonly (readonly number[])[],
  balances: readonly HallBalance[],
): DrawnModes => ({
  ...modes,
  length: {
    long,
    rates: Array.from({ length: long.parts - 1 }, (_, mode) => Float64Array.from(rates, of => of[mode]!)),
    perM3: Float64Array.from(balances, ({ farM3 }) => 1 / farM3),
  },
})

/**
 * The modes of what is gone by itself wherever it floats, at a rate of its own: each is so much faster, and weighs what it did.
 *
 * @param perH draw by draw, 1/h
 * Source: first-order loss, the same in every zone; derived.
 */
export function withDecay(modes: DrawnModes, perH: Float64Array): DrawnModes {
  const faster = (rates: Float64Array): Float64Array => rates.map((rate, n) => rate - perH[n]! / 3600)
  const { length } = modes
  return {
    ...modes,
    slow: faster(modes.slow),
    fast: faster(modes.fast),
    apart: faster(modes.apart),
    length: length && { ...length, rates: length.rates.map(faster) },
  }
}

/** When, in parts of the time that the slowest mode along a hall takes, what came from its other end may be thickest. */
const AFTER_PARTS = [0.08, 0.12, 0.18, 0.27, 0.4, 0.6, 0.9, 1.35, 2, 3]

/** What a listener breathes of a source that runs for a stretch of the day; in a long hall also by how far apart they stand. */
export function hear(modes: DrawnModes, source: Stay, from: From, { work, besides }: Listener, apartBy: Between = {}): Heard {
  const { count, weights, ...rates } = modes
  const along = alongBetween(modes, apartBy)
  const heard = {
    workFar: new Float64Array(count),
    workNear: new Float64Array(count),
    besides: new Float64Array(count),
    farAtMost: new Float64Array(count),
  }
  const { farSlow, farFast, nearSlow, nearFast, nearApart } = weights[from]
  const onS = (source.toMin - source.fromMin) * MINUTE
  const after = (atMin: number): number => (atMin - source.fromMin) * MINUTE
  const spans = (stays: readonly Stay[]) =>
    stays.map(({ fromMin, toMin }) => ({ begins: after(fromMin), ends: after(toMin) })).filter(({ ends }) => ends > 0)
  const [working, idle] = [spans(work), spans(besides)]
  // A hall is fullest as its source ends, or as somebody's work begins or ends.
  const peaks = working.flatMap(({ begins, ends }) => [begins, ends, Math.min(Math.max(onS, begins), ends)])
  const farAt = (n: number, at: number): number => {
    let there = farSlow[n]! * risen(rates.slow[n]!, at, onS) + farFast[n]! * risen(rates.fast[n]!, at, onS)
    for (const { rate, weight, perM3 } of along) there += weight * perM3[n]! * risen(rate[n]!, at, onS)
    return there
  }
  for (let n = 0; n < count; n++) {
    const slow = rates.slow[n]!
    const fast = rates.fast[n]!
    const apart = rates.apart[n]!
    let far = 0
    let near = 0
    let rest = 0
    let most = 0
    for (const { begins, ends } of working) {
      const bySlow = risenSum(slow, ends, onS) - risenSum(slow, begins, onS)
      const byFast = risenSum(fast, ends, onS) - risenSum(fast, begins, onS)
      far += farSlow[n]! * bySlow + farFast[n]! * byFast
      near += nearSlow[n]! * bySlow + nearFast[n]! * byFast
      if (from !== 'hall') near += nearApart[n]! * (risenSum(apart, ends, onS) - risenSum(apart, begins, onS))
    }
    for (const { begins, ends } of idle)
      rest
        += farSlow[n]! * (risenSum(slow, ends, onS) - risenSum(slow, begins, onS))
          + farFast[n]! * (risenSum(fast, ends, onS) - risenSum(fast, begins, onS))
    for (const { rate, weight, perM3 } of along) {
      const [w, r] = [weight * perM3[n]!, rate[n]!]
      for (const { begins, ends } of working) far += w * (risenSum(r, ends, onS) - risenSum(r, begins, onS))
      for (const { begins, ends } of idle) rest += w * (risenSum(r, ends, onS) - risenSum(r, begins, onS))
    }
    for (const at of peaks) most = Math.max(most, farAt(n, at))
    // Along a long hall most comes some time after the source has ended: as long as its slowest mode takes, or a part of that.
    if (along.length > 0)
      for (const { begins, ends } of working)
        for (const part of AFTER_PARTS)
          most = Math.max(most, farAt(n, Math.min(Math.max(onS - part / along[0]!.rate[n]!, begins), ends)))
    heard.workFar[n] = far / MINUTE
    heard.workNear[n] = near / MINUTE
    heard.besides[n] = rest / MINUTE
    heard.farAtMost[n] = most
  }
  return heard
}

/** One run of the arc at the listener's own bay, from clean air, of 1 mg/s: the hall, and what the near field has beyond it. */
export interface OwnRun {
  readonly farAtEnd: Float64Array
  readonly nearAtEnd: Float64Array
  readonly farQuarter: Float64Array
  readonly nearQuarter: Float64Array
}

/** Mean of a mode over the worst quarter of an hour of a run, clean minutes after a short one counted. */
const meanOfQuarter = (rate: number, onS: number): number =>
  (risenSum(rate, Math.max(onS, QUARTER_S), onS) - risenSum(rate, Math.max(0, onS - QUARTER_S), onS)) / QUARTER_S

export function runOf(modes: DrawnModes, runMin: Float64Array, part?: number): OwnRun {
  const { count, weights, ...rates } = modes
  const along = alongBetween(modes, { from: part, to: part })
  const run = {
    farAtEnd: new Float64Array(count), nearAtEnd: new Float64Array(count),
    farQuarter: new Float64Array(count), nearQuarter: new Float64Array(count),
  }
  const { farSlow, farFast, nearSlow, nearFast, nearApart } = weights.own
  for (let n = 0; n < count; n++) {
    const onS = runMin[n]! * MINUTE
    const slow = rates.slow[n]!
    const fast = rates.fast[n]!
    const apart = rates.apart[n]!
    const slowEnd = risen(slow, onS, onS)
    const fastEnd = risen(fast, onS, onS)
    const apartEnd = risen(apart, onS, onS)
    run.farAtEnd[n] = farSlow[n]! * slowEnd + farFast[n]! * fastEnd
    run.nearAtEnd[n] = nearSlow[n]! * slowEnd + nearFast[n]! * fastEnd + nearApart[n]! * apartEnd
    const bySlow = meanOfQuarter(slow, onS)
    const byFast = meanOfQuarter(fast, onS)
    const byApart = meanOfQuarter(apart, onS)
    run.farQuarter[n] = farSlow[n]! * bySlow + farFast[n]! * byFast
    run.nearQuarter[n] = nearSlow[n]! * bySlow + nearFast[n]! * byFast + nearApart[n]! * byApart
    for (const { rate, weight, perM3 } of along) {
      run.farAtEnd[n]! += weight * perM3[n]! * risen(rate[n]!, onS, onS)
      run.farQuarter[n]! += weight * perM3[n]! * meanOfQuarter(rate[n]!, onS)
    }
  }
  return run
}
