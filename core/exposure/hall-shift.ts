import type { Range } from '../range'
import { each, NOTHING, plus } from '../range'
import { isGas } from '../fume/gases'
import type { SubstanceId } from '../ids/vocabulary'
import type { Aerosol, HallAir, HallHood } from '../ventilation/hall'
import { FAR_FIELD, hallFlows, hallZones, nearFieldOf } from '../ventilation/hall'
import type { Advanced, Zones } from '../ventilation/zones'

/** One stretch of arc work at a bay, in minutes from the start of the shop day. */
export interface ArcWork {
  readonly fromMin: number
  readonly toMin: number
  /** Minutes of arc in an hour, above 0 and at most 60. */
  readonly arcMinPerH: number
  /** While the arc burns, mg/min. */
  readonly emission: Readonly<Partial<Record<SubstanceId, Range>>>
}

/** One bay of a hall with its day. */
export interface HallBay {
  readonly hood: HallHood | null
  /** Share taken at the arc. */
  readonly capture: Range
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
  /** Mean beside the arc while working. */
  readonly nearField: Range
  /** Mean in the hall while working. */
  readonly farField: Range
  /** The part of the eight-hour sum that comes from other bays. */
  readonly twaFromOthers: Range
}

export type BreathedBySubstance = Readonly<Partial<Record<SubstanceId, Breathed>>>

export interface HallShiftOptions {
  /** Length of a shift, hours: whoever works is taken to stay in the hall that long. */
  readonly shiftHours: number
  /** Count the fume that the incoming air carries; on unless turned off. */
  readonly withBackground?: boolean
  /** Further minutes of the day at which somebody may come or go. */
  readonly cutsMin?: readonly number[]
}

/** A part of the day, in minutes from the start of the shop day. */
export interface Stay { readonly fromMin: number, readonly toMin: number }

const MINUTE = 60
const REFERENCE_MIN = 480
const SHORT_TERM_MIN = 15

/** Response of one listener to a unit source, 1 mg/s where it sits. */
interface Response { readonly shiftMean: number, readonly nearMean: number, readonly farMean: number, readonly farAtEnd: number }
const NO_RESPONSE: Response = { shiftMean: 0, nearMean: 0, farMean: 0, farAtEnd: 0 }

/** How the day of one listener is cut: while working they stand in their near field, else in the hall. */
interface Listener {
  readonly spot: number
  readonly work: readonly Stay[]
  /** Only their minutes of work count here: the rest of the day is counted elsewhere. */ readonly isVisit: boolean
  readonly fromMin: number
  readonly toMin: number
  readonly workMin: number
}

function listenerAt(spot: number, work: readonly ArcWork[], shiftHours: number): Listener {
  const fromMin = Math.min(...work.map(w => w.fromMin))
  const lastMin = Math.max(...work.map(w => w.toMin))
  return { spot, work, isVisit: false, fromMin, toMin: Math.max(lastMin, fromMin + shiftHours * 60), workMin: minutesOf(work) }
}

const minutesOf = (stays: readonly Stay[]): number => stays.reduce((total, stay) => total + stay.toMin - stay.fromMin, 0)
const visitorAt = (spot: number, work: readonly Stay[]): Listener => ({
  spot,
  work,
  isVisit: true,
  fromMin: Math.min(...work.map(stay => stay.fromMin)),
  toMin: Math.max(...work.map(stay => stay.toMin)),
  workMin: minutesOf(work),
})

const isOn = (work: readonly Stay[], fromMin: number, toMin: number): boolean => work.some(w => w.fromMin <= fromMin && w.toMin >= toMin)

/** A unit source run through the whole day: every zone's mean and end in every stretch between two cuts. */
function runThroughDay(
  zones: Zones,
  zone: number,
  source: { readonly fromMin: number, readonly toMin: number },
  cuts: readonly number[],
): readonly (Advanced | null)[] {
  let state: ArrayLike<number> = new Float64Array(zones.count)
  const on = new Float64Array(zones.count)
  on[zone] = 1
  const off = new Float64Array(zones.count)
  return cuts.slice(1).map((to, i) => {
    const from = cuts[i]!
    if (to <= source.fromMin) return null
    const stretch = zones.advance(state, source.fromMin <= from && source.toMin >= to ? on : off, (to - from) * MINUTE)
    state = stretch.endMgPerM3
    return stretch
  })
}

/** What a listener breathes of a source that was run through the day. */
function listen(day: readonly (Advanced | null)[], listener: Listener, cuts: readonly number[]): Response {
  const near = nearFieldOf(listener.spot)
  let total = 0
  let nearTotal = 0
  let farTotal = 0
  let farAtEnd = 0
  day.forEach((stretch, i) => {
    const [from, to] = [cuts[i]!, cuts[i + 1]!]
    if (!stretch || from < listener.fromMin || to > listener.toMin) return
    const minutes = to - from
    if (!isOn(listener.work, from, to)) total += listener.isVisit ? 0 : stretch.meanMgPerM3[FAR_FIELD]! * minutes
    else {
      total += stretch.meanMgPerM3[near]! * minutes
      nearTotal += stretch.meanMgPerM3[near]! * minutes
      farTotal += stretch.meanMgPerM3[FAR_FIELD]! * minutes
      farAtEnd = Math.max(farAtEnd, stretch.endMgPerM3[FAR_FIELD]!)
    }
  })
  return { shiftMean: total / REFERENCE_MIN, nearMean: nearTotal / listener.workMin, farMean: farTotal / listener.workMin, farAtEnd }
}

/** A single run of the arc at the listener's own bay, from clean air, for a unit source: its end, and its worst quarter of an hour. */
function ownRun(zones: Zones, spot: number, runMin: number): { readonly end: number, readonly quarter: number } {
  const near = nearFieldOf(spot)
  const on = new Float64Array(zones.count)
  on[near] = 1
  const clean = new Float64Array(zones.count)
  const before = zones.advance(clean, on, Math.max(0, runMin - SHORT_TERM_MIN) * MINUTE)
  const onMin = Math.min(runMin, SHORT_TERM_MIN)
  const last = zones.advance(before.endMgPerM3, on, onMin * MINUTE)
  const after = zones.advance(last.endMgPerM3, clean, (SHORT_TERM_MIN - onMin) * MINUTE)
  return {
    end: last.endMgPerM3[near]!,
    quarter: (last.meanMgPerM3[near]! * onMin + after.meanMgPerM3[near]! * (SHORT_TERM_MIN - onMin)) / SHORT_TERM_MIN,
  }
}

/** The shift of a hall, solved: what is breathed at any of its bays. */
export interface HallShift {
  /**
   * What the person at one bay breathes over the shift, from every arc in the hall: every substance that any bay emits.
   *
   * @param isCounted which bays' arcs burn; all when left out
   * @param stays only these minutes at the bay, of somebody who spends the rest of the day elsewhere; cut by `cutsMin`
   * @throws RangeError when the bay has no work to breathe at
   */
  at(spot: number, isCounted?: (spot: number) => boolean, stays?: readonly Stay[]): BreathedBySubstance
}

/**
 * Solves the shift of a hall.
 * The hall is linear: each stretch of work is run once as a unit source through the exact solution, and every substance
 * at every bay is a sum of those responses. Arc time is spread evenly over its stretch for the eight-hour sum; for the
 * short term and the peak all arc minutes of an hour are taken to come in one run, on top of the hall as it stands at the
 * end of the work. High exposure goes with high emission and low capture.
 *
 * @param bays every bay of the hall; one without work breathes nothing and is not asked
 * Source: `twoZone`, `wellMixed`; the sum derived here.
 */
export function hallShift(
  hall: HallAir,
  bays: readonly HallBay[],
  { shiftHours, withBackground = true, cutsMin = [] }: HallShiftOptions,
): HallShift {
  const listeners = bays.map((bay, spot) => (bay.work.length > 0 ? listenerAt(spot, bay.work, shiftHours) : null))
  const cuts = [
    ...new Set([
      ...cutsMin,
      ...listeners.flatMap(listener =>
        listener ? [listener.fromMin, listener.toMin, ...listener.work.flatMap(w => [w.fromMin, w.toMin])] : [],
      ),
    ]),
  ].sort((a, b) => a - b)
  const zonesOf = lazily((what: Aerosol) => hallZones(hall, bays, what))
  const dayOf = lazily((key: string) => {
    const [what, zone, fromMin, toMin] = key.split(' ') as [Aerosol, string, string, string]
    return runThroughDay(zonesOf(what), Number(zone), { fromMin: Number(fromMin), toMin: Number(toMin) }, cuts)
  })

  function at(spot: number, isCounted: (spot: number) => boolean = () => true, stays?: readonly Stay[]): BreathedBySubstance {
    const own = bays[spot]
    const listener = stays && stays.length > 0 ? visitorAt(spot, stays) : listeners[spot]
    if (!own || !listener) throw new RangeError('a bay without work has nobody to breathe')
    const heardOf = lazily((key: string) => listen(dayOf(key), listener, cuts))
    const runOf = lazily((key: string) => {
      const [what, runMin] = key.split(' ') as [Aerosol, string]
      return ownRun(zonesOf(what), spot, Number(runMin))
    })
    const breathed: Partial<Record<SubstanceId, Breathed>> = {}
    bays.forEach((bay, from) => {
      if (!isCounted(from)) return
      for (const work of bay.work) {
        const duty = work.arcMinPerH / 60
        for (const [substance, mgPerMin] of Object.entries(work.emission) as [SubstanceId, Range][]) {
          const what: Aerosol = isGas(substance) ? 'gases' : 'particles'
          const stretch = `${work.fromMin} ${work.toMin}`
          const inNear = heardOf(`${what} ${nearFieldOf(from)} ${stretch}`)
          const returned = bay.hood?.returnsAir ? 1 - (what === 'particles' ? bay.hood.filterEfficiency : 0) : 0
          const inFar = returned > 0 ? heardOf(`${what} ${FAR_FIELD} ${stretch}`) : NO_RESPONSE
          // The safe end of capture goes with the safe end of emission.
          const share = (end: keyof Range): number => bay.capture[end === 'low' ? 'high' : end === 'high' ? 'low' : 'mid']
          const heard = (pick: keyof Response): Range =>
            each(mgPerMin, (mg, end) => (mg / 60) * duty * ((1 - share(end)) * inNear[pick] + share(end) * returned * inFar[pick]))
          const run = from === spot ? runOf(`${what} ${work.arcMinPerH}`) : null
          const ownRise = (pick: 'end' | 'quarter'): Range =>
            run ? each(mgPerMin, (mg, end) => (mg / 60) * (1 - share(end)) * run[pick]) : NOTHING
          const before = breathed[substance] ?? SILENCE
          const twa = heard('shiftMean')
          breathed[substance] = {
            twa: plus(before.twa, twa),
            nearField: plus(before.nearField, heard('nearMean')),
            farField: plus(before.farField, heard('farMean')),
            twaFromOthers: from === spot ? before.twaFromOthers : plus(before.twaFromOthers, twa),
            shortTerm: plus(before.shortTerm, plus(heard('farAtEnd'), ownRise('quarter'))),
            peak: plus(before.peak, plus(heard('farAtEnd'), ownRise('end'))),
          }
        }
      }
    })
    return withBackground && hall.backgroundMgPerM3 > 0 ? withIncoming(hall, bays, own, listener, breathed) : breathed
  }
  return { at }
}

/** Works each thing out when it is first asked for, once. */
function lazily<Key, Value>(work: (key: Key) => Value): (key: Key) => Value {
  const known = new Map<Key, Value>()
  return (key) => {
    const found = known.get(key)
    if (found !== undefined) return found
    const made = work(key)
    known.set(key, made)
    return made
  }
}

const SILENCE: Breathed = { twa: NOTHING, shortTerm: NOTHING, peak: NOTHING, nearField: NOTHING, farField: NOTHING, twaFromOthers: NOTHING }

/** Adds what the incoming air carries: fume of unknown make-up, taken to be like the bay's own at its strongest. */
function withIncoming(
  hall: HallAir,
  bays: readonly HallBay[],
  own: HallBay,
  listener: Listener,
  breathed: Partial<Record<SubstanceId, Breathed>>,
): BreathedBySubstance {
  const { outdoorM3PerS, hallFilterM3PerS, hoodFilterM3PerS } = hallFlows(hall, bays, 'particles')
  const through = outdoorM3PerS + hallFilterM3PerS + hoodFilterM3PerS
  // Settled from the start: the safe end of a hall that was closed overnight.
  const settled = through > 0 ? (hall.backgroundMgPerM3 * outdoorM3PerS) / through : hall.backgroundMgPerM3
  const hours = (listener.toMin - listener.fromMin) / REFERENCE_MIN
  const fume = Math.max(...own.work.map(work => work.emission['total-fume']?.high ?? 0))
  return Object.fromEntries(
    (Object.entries(breathed) as [SubstanceId, Breathed][]).map(
      ([substance, { twa, shortTerm, peak, nearField, farField, twaFromOthers }]) => {
        if (isGas(substance)) return [substance, breathed[substance]]
        const strongest = Math.max(...own.work.map(work => work.emission[substance]?.high ?? 0))
        const part = fume > 0 ? settled * Math.min(1, strongest / fume) : 0
        const add = (range: Range, mgPerM3: number): Range => ({ low: range.low, mid: range.mid + mgPerM3, high: range.high + mgPerM3 })
        return [
          substance,
          {
            twa: add(twa, part * hours),
            shortTerm: add(shortTerm, part),
            peak: add(peak, part),
            nearField: add(nearField, part),
            farField: add(farField, part),
            twaFromOthers: add(twaFromOthers, part * hours),
          },
        ]
      },
    ),
  ) as BreathedBySubstance
}
