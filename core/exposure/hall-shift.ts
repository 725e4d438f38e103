import type { DrawSet } from '../chance/draw-set'
import { ENDS } from '../chance/draw-set'
import type { Range } from '../range'
import type { SubstanceId } from '../ids/vocabulary'
import type { HallAir } from '../ventilation/hall'
import { keptWith, keyed, lazily, namesLately, textOf } from '../kept'
import type { Stay } from '../time/stays'
import type { ArcWork, DrawnHall, Floats, HallBay } from './drawn-hall'
import { drawHall, floatsAs, partOfFume } from './drawn-hall'
import type { HallDoubt, Posture } from './hall-doubt'
import { ANY_POSTURE, CERTAIN, MIXED } from './hall-doubt'
import type { LongHall } from '../ventilation/long-hall'
import type { From, Listener, Visit } from './heard'
import { hear, listenerOf, MINUTE, runOf, SHORT_TERM_MIN, visitOfAll } from './heard'

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
  /** How it is cut along its length; left out or null: it is not long. */
  readonly long?: LongHall | null
}

const REFERENCE_MIN = 480

/** What of short time a run at one's own bay adds to what the hall holds, draw by draw. */
const OF_RUNS = ['shortTerm', 'peak'] as const
type OwnRunOf = Readonly<Record<typeof OF_RUNS[number], Float64Array>>

/** Work that a listener hears as one. */
interface Voice {
  readonly stay: Stay
  readonly from: Exclude<From, 'hall'>
  /** In which part of a long hall it burns. */
  readonly part: number | undefined
  /** What of their near field they breathe beyond what the hall holds; left out, as much as it is mixed through. */
  readonly lean?: Float64Array
  /** Of each substance, draw by draw over the stretch, mg/s: what gets loose, and what hoods give back to the hall. */
  readonly strengths: Partial<Record<SubstanceId, { readonly loose: Float64Array, back: Float64Array | null }>>
}

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
  /**
   * Whose fume it is: of one substance, what each bay's arcs put into the shift's sum of whoever is at a bay, mg/m³, the mean of the draws.
   * What comes in with the air is nobody's.
   */
  fromEach(spot: number, substance: SubstanceId, isCounted?: (spot: number) => boolean, visit?: Visit): readonly number[]
  /** What it is drawn from. */
  readonly drawn: DrawnHall
}

/**
 * What was breathed lately, by all that it hangs on: how the hall's air moves, whose arcs are counted, and who breathes. Where one bay
 * changes whose arcs are not counted, the others breathe what they breathed. Some 0.2 MB each, of every judgement.
 */
const partsLately = keptWith<DrawSet, PartOfAir>(120)
const nameOf = namesLately(256)

export const KINDS = [
  'twa', 'shortTerm', 'nearField', 'farField', 'twaBesides', 'peak', 'twaFromOthers',
] as const satisfies readonly (keyof Breathed)[]

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
  { shiftHours, withBackground = true, draws = ENDS, doubt = CERTAIN, long = null }: HallShiftOptions,
): HallShift {
  const drawn = drawHall(hall, bays, draws, doubt, long)
  const { count, mixing, moving, modes, taken, returned: returnedOf, arcMinutes, madeOf, ofBay } = drawn

  const listeners = lazily((spot: number) => listenerOf(spot, visitOfAll(bays[spot]!.work, shiftHours)))
  const partOf = (spot: number): number | undefined => drawn.long ? bays[spot]!.part : undefined
  const heardOf = keyed((what: Floats, { stay, part }: Pick<Voice, 'stay' | 'part'>, from: From, listener: Listener) => ({
    key: `${what} ${stay.fromMin} ${stay.toMin} ${from} ${part} ${partOf(listener.spot)} ${listener.key}`,
    make: () => hear(modes(what), stay, from, listener, { from: part, to: partOf(listener.spot) }),
  }))
  const runs = keyed((what: Floats, spot: number, arcMinPerH: number) => ({
    key: `${what} ${spot} ${arcMinPerH}`,
    make: () => runOf(modes(what), arcMinutes(spot, arcMinPerH), partOf(spot)),
  }))

  /** Who welds stands as was seen; who helps, wherever there is room. */
  const postureAt = (spot: number, index: number, helps: boolean): Posture =>
    helps ? ANY_POSTURE : bays[spot]!.work[index]!.posture ?? MIXED

  /** Of 1 mg made in a minute of arc, over the stretch: what gets loose, and what the hood takes, mg/s. */
  const partsOf = keyed((spot: number, arcMinPerH: number) => ({
    key: `${spot} ${arcMinPerH}`,
    make: () => {
      const [minutes, share] = [arcMinutes(spot, arcMinPerH), taken(spot)]
      const [loose, taking] = [new Float64Array(count), new Float64Array(count)]
      for (let n = 0; n < count; n++) {
        const perS = minutes[n]! / 60 / MINUTE
        loose[n] = (1 - share[n]!) * perS
        taking[n] = share[n]! * perS
      }
      return { loose, taking }
    },
  }))
  /** Adds a stretch of work to a voice; of one substance alone where it is named. */
  function addWork({ strengths }: Voice, from: number, index: number, alone?: SubstanceId): void {
    const { arcMinPerH, emission } = bays[from]!.work[index]!
    const { loose, taking } = partsOf(from, arcMinPerH)
    for (const substance of Object.keys(emission) as SubstanceId[]) {
      if (alone !== undefined && substance !== alone) continue
      const mgPerMin = madeOf(from, index, substance)
      const sum = strengths[substance] ??= { loose: new Float64Array(count), back: null }
      addProduct(sum.loose, mgPerMin, loose)
      const returned = returnedOf(from, floatsAs(substance))
      if (returned > 0) addProduct(sum.back ??= new Float64Array(count), mgPerMin, taking.map(part => part * returned))
    }
  }
  /** Adds what a voice makes a listener breathe of one substance. Of short time it is what the hall holds: an own run comes on top. */
  function addHeard(sum: Drawn, voice: Voice, substance: SubstanceId, listener: Listener): void {
    const { from, lean, strengths } = voice
    const { loose, back } = strengths[substance]!
    const moves = moving(floatsAs(substance))
    const near = heardOf(moves, voice, from, listener)
    const far = back ? heardOf(moves, voice, 'hall', listener) : null
    for (let n = 0; n < count; n++) {
      const free = loose[n]!
      const returned = far ? back![n]! : 0
      const even = mixing[n]!
      const inHall = even * (free * near.workFar[n]! + (far ? returned * far.workFar[n]! : 0))
      const beyond = free * near.workNear[n]! * (lean ? lean[n]! : 1) + (far ? returned * far.workNear[n]! : 0)
      const besides = even * (free * near.besides[n]! + (far ? returned * far.besides[n]! : 0))
      sum.twa[n]! += Math.max(0, inHall + beyond + besides) / REFERENCE_MIN
      sum.twaBesides[n]! += Math.max(0, besides) / REFERENCE_MIN
      sum.nearField[n]! += Math.max(0, inHall + beyond) / listener.workMin
      sum.farField[n]! += inHall / listener.workMin
      sum.shortTerm[n]! += even * (free * near.farAtMost[n]! + (far ? returned * far.farAtMost[n]! : 0))
    }
  }
  /** What a run of their own arc adds for the short term and the peak, of 1 mg made in a minute. */
  function ownRun(what: Floats, { spot, helps }: Listener, index: number): OwnRunOf {
    const { arcMinPerH } = bays[spot]!.work[index]!
    const run = runs(moving(what), spot, arcMinPerH)
    const share = taken(spot)
    const lean = ofBay(postureAt(spot, index, helps).run, 'posture', spot)
    const of = nothingOf(OF_RUNS, count)
    for (let n = 0; n < count; n++) {
      const loose = (1 - share[n]!) / MINUTE
      of.shortTerm[n] = loose * (mixing[n]! * run.farQuarter[n]! + lean[n]! * run.nearQuarter[n]!)
      of.peak[n] = loose * (mixing[n]! * run.farAtEnd[n]! + lean[n]! * run.nearAtEnd[n]!)
    }
    return of
  }
  /** What burns at the listener's own bay, a voice for each stretch: each is leant into in its own way. */
  const ownVoice = ({ spot, helps }: Listener, index: number): Voice => {
    const lean = ofBay(postureAt(spot, index, helps).shift, 'posture', spot)
    return { stay: bays[spot]!.work[index]!, from: 'own', part: partOf(spot), lean, strengths: {} }
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
    const addVoice = (voice: Voice): void => {
      for (const substance of Object.keys(voice.strengths) as SubstanceId[])
        addHeard(breathed[substance] ??= nothingOf(KINDS, count), voice, substance, listener)
    }
    // Whoever burns in the same stretch is heard as one, in a long hall whoever does so in the same part of it.
    const others = new Map<string, Voice>()
    bays.forEach(({ work }, from) => {
      if (from === listener.spot || !isCounted(from)) return
      work.forEach((stay, index) => {
        const part = partOf(from)
        const key = `${stay.fromMin} ${stay.toMin} ${part}`
        const voice = others.get(key) ?? { stay, from: 'other', part, strengths: {} }
        others.set(key, voice)
        addWork(voice, from, index)
      })
    })
    for (const voice of others.values()) addVoice(voice)
    for (const sum of Object.values(breathed)) sum.twaFromOthers.set(sum.twa)

    // One quarter of an hour holds the runs of jobs that follow each other: those add up, and of what lies apart the worse counts.
    const together = inTurn(own.work)
    const ownRuns: Partial<Record<SubstanceId, Map<number, OwnRunOf>>> = {}
    const addOwn = (work: ArcWork, index: number): void => {
      const voice = ownVoice(listener, index)
      addWork(voice, listener.spot, index)
      addVoice(voice)
      // What burnt at their bay while they were not at work there was somebody else's run.
      if (!listener.work.some(({ fromMin, toMin }) => fromMin < work.toMin && toMin > work.fromMin)) return
      const runOfOwn = lazily((what: Floats) => ownRun(what, listener, index))
      for (const substance of Object.keys(work.emission) as SubstanceId[]) {
        const ofTurn = ownRuns[substance] ??= new Map()
        const run = ofTurn.get(together[index]!) ?? nothingOf(OF_RUNS, count)
        ofTurn.set(together[index]!, run)
        const unit = runOfOwn(floatsAs(substance))
        for (const kind of OF_RUNS) addProduct(run[kind], madeOf(listener.spot, index, substance), unit[kind])
      }
    }
    if (isCounted(listener.spot)) own.work.forEach(addOwn)
    for (const sum of Object.values(breathed)) sum.peak.set(sum.shortTerm)
    for (const [substance, ofTurn] of Object.entries(ownRuns) as [SubstanceId, Map<number, OwnRunOf>][])
      for (const kind of OF_RUNS) addWorst(breathed[substance]![kind], [...ofTurn.values()].map(run => run[kind]))
    if (withBackground) addIncoming(own, listener, breathed)
    return breathed
  }

  /** Adds what the incoming air carries, taken to be like the bay's own at its strongest. */
  function addIncoming(own: HallBay, listener: Listener, breathed: Partial<Record<SubstanceId, Drawn>>): void {
    const settled = drawn.incoming()
    if (!settled) return
    const hours = listener.stayMin / REFERENCE_MIN
    for (const [substance, sum] of Object.entries(breathed) as [SubstanceId, Drawn][]) {
      const part = partOfFume(own.work, substance)
      if (part === 0) continue
      for (const kind of KINDS) {
        const times = part * (SUMMED.has(kind) ? kind === 'twaBesides' ? hours - listener.workMin / REFERENCE_MIN : hours : 1)
        for (let n = 0; n < count; n++) sum[kind][n]! += settled[n]! * times
      }
    }
  }

  const nameOfBay = lazily((spot: number) => nameOf(textOf(bays[spot])))
  const asked = keyed((isCounted: (spot: number) => boolean, listener: Listener) => ({
    key: `${listener.spot} ${bays.map((_, from) => isCounted(from) ? 1 : 0).join('')} ${listener.key}`,
    make: (): PartOfAir => {
      const counted = bays.map((_, from) => isCounted(from) ? nameOfBay(from) : '')
      const of = [nameOf(drawn.airKey()), withBackground, listener.spot, nameOfBay(listener.spot), listener.key, ...counted].join(' ')
      return partsLately(draws, of, () => {
        const breathed = drawnOf(isCounted, listener)
        return { drawn: breathed, breathed: breathedOf(breathed, draws) }
      })
    },
  }))
  const partAt: HallShift['partAt'] = (spot, isCounted = () => true, visit = undefined) => asked(isCounted, listenerFor(spot, visit))
  const fromEach: HallShift['fromEach'] = (spot, substance, isCounted = () => true, visit = undefined) => {
    const listener = listenerFor(spot, visit)
    return bays.map(({ work }, from) => {
      const sum = nothingOf(KINDS, count)
      if (isCounted(from)) work.forEach((stay, index) => {
        if (!stay.emission[substance]) return
        const voice: Voice = from === spot ? ownVoice(listener, index) : { stay, from: 'other', part: partOf(from), strengths: {} }
        addWork(voice, from, index, substance)
        addHeard(sum, voice, substance, listener)
      })
      return sum.twa.reduce((total, value) => total + value, 0) / count
    })
  }
  return {
    drawn,
    partAt,
    fromEach,
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
