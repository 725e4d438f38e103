import type { Finding } from '../findings/finding'
import type { DrawnHall, HallBay } from '../exposure/drawn-hall'
import type { BreathedBySubstance, HallShift, PartOfAir } from '../exposure/hall-shift'
import { placeOf } from '../exposure/drawn-hall'
import { hallShift } from '../exposure/hall-shift'
import type { Visit } from '../exposure/heard'
import type { Stay } from '../time/stays'
import { leavesAtMin, within } from '../time/stays'
import type { DayAir } from '../exposure/day-air'
import { dayAir } from '../exposure/day-air'
import { drawnEmission } from '../fume/drawn-emission'
import type { SubstanceId } from '../ids/vocabulary'
import type { FumeDataSheets } from '../streams/fume-sheets/fume-sheets'
import { sheetFor } from '../streams/fume-sheets/fume-sheets'
import type { Emission } from '../fume/emission'
import { emissionOf, isFumeKnown, partsMade } from '../fume/emission'
import type { DayJob, JobSpan, ShopClock } from '../job/day-work'
import { dayWork, jobSpan, workOf } from '../job/day-work'
import { helpingNow, helpOf } from '../job/helping'
import type { Job } from '../job/job'
import { keptLately, lazily, textOf } from '../kept'
import type { Range } from '../range'
import { NOTHING } from '../range'
import { JUDGED } from '../chance/draw-set'
import type { DrawSet } from '../chance/draw-set'
import { postureOf, USUAL_DOUBT } from '../exposure/hall-doubt'
import { captureInDraughts } from './capture-in-draughts'
import type { CaptureWindow } from '../ventilation/capture-window'
import { captureWindow } from '../ventilation/capture-window'
import type { HallAir } from '../ventilation/hall'
import type { LongHall } from '../ventilation/long-hall'
import type { DrawnHood, HallDucts } from '../ventilation/hall-ducts'
import { drawnHoods } from '../ventilation/hall-ducts'
import type { Hood } from '../ventilation/hood'
import type { BayAir } from './bay-air'
import { hoodAtWork, isHoodRunning } from './bay-air'
import { stands } from '../time/instant'
import type { Instant } from '../time/instant'

/** What somebody breathes of the arcs of their own bay, and for how many hours they are there. */
export interface AloneAtWork { readonly air: DayAir, readonly hours: number }

/** A long hall, and in which part of it each of its bays stands, by id; one that nobody placed is not in it. */
export interface HallLength { readonly long: LongHall, readonly partOf: Readonly<Record<string, number>> }

/** Everything that the air of a hall is predicted from. */
export interface HallQuestion extends ShopClock {
  readonly hall: HallAir
  /** How it is cut along its length, and in which part each bay stands; left out: it is not long, or nobody drew it. */
  readonly length?: HallLength | undefined
  /** Left out: each hood has a fan of its own. */
  readonly ducts?: HallDucts | undefined
  readonly bays: readonly BayAir[]
  readonly sheets: FumeDataSheets
  readonly shiftHours: number
  readonly now: Instant
  /**
   * May a bay strike with what it makes by itself? One that may not burns no arc, and its fume is not counted at the others.
   * All may when left out.
   *
   * @param alone what whoever stands there breathes of its arcs in their own work: never more than the gate counts, or fume of arcs that
   * burn would not be; null where it cannot be said
   */
  readonly mayStrike?: (bayId: string, alone: () => AloneAtWork | null) => boolean
  /** Was a substance measured at a bay as it is worked in this hall? Left out: nothing was. */
  readonly isMeasured?: (bay: BayAir, hall: HallAir, substance: SubstanceId) => boolean
  /** Of a day that is over: when each bay stood clear. Work outside that burnt no arc, and a bay that is not there burnt none. */
  readonly stoodClear?: Readonly<Record<string, readonly Stay[]>>
}

/** What a hood that shares its fan draws. */
export interface DuctedFlow extends DrawnHood {
  /** Those of the open bays where there is no work: their dampers may be shut. */
  readonly idleBays: readonly string[]
}

/** What is predicted for one bay. */
export interface BayPrediction {
  readonly emission: Emission
  /** What its arc makes, mg/min: the 5th, 50th and 95th percentile, not every quantity at its worst at once. */
  readonly made: Readonly<Partial<Record<SubstanceId, Range>>>
  readonly hood: Hood | null
  /** Where its hood shares a fan with others. */
  readonly ducted: DuctedFlow | null
  readonly distanceM: number | null
  readonly capture: Range
  readonly window: CaptureWindow | null
  /** Null where the bay has no work whose fume can be said. */
  readonly breathed: BreathedBySubstance | null
  /** Hours from the start of the work to the end of the shift. */
  readonly shiftHours: number
}

/** A hall predicted: asked bay by bay, solved once. */
export interface HallPrediction {
  readonly hall: HallAir
  /** Bays with work today. */
  readonly welders: number
  /** Other bays on hold by their own air: they may not strike, and are not counted. */
  heldBeside(bayId: string): readonly string[]
  /** Other bays that may strike though nobody can say what they make: what they add here is not known. */
  unknownBeside(bayId: string): readonly string[]
  /** Gases that no table knows and that nobody measured at those bays: samples of dust say nothing of them. */
  unknownGasesBeside(bayId: string): readonly SubstanceId[]
  /** Every bay of the hall. */
  readonly bayIds: readonly string[]
  /** Hours that whoever works stays. */
  readonly shiftHours: number
  /** How what is not known is drawn. */
  readonly draws: DrawSet
  /**
   * When somebody works at a bay today, by what is known to be theirs.
   *
   * @returns nothing without work of theirs there, `unknown` where its times or its fume cannot be said
   */
  workOf(personId: string, bayId: string): readonly JobSpan[] | 'unknown'
  /** When whoever stands at a bay works there: with what nobody is named for; all the work of the bay where nobody stands. */
  workAt(personId: string | null, bayId: string): readonly JobSpan[] | 'unknown'
  /** When somebody helps at the arc of a bay today, or did; as `workOf`. */
  helpOf(personId: string, bayId: string): readonly JobSpan[] | 'unknown'
  /** What somebody breathes who spends a part of their day at a bay where there is work. */
  visitAt(bayId: string, visit: Visit): PartOfAir
  /** Null for a bay that is not in this hall. */
  bay(bayId: string): BayPrediction | null
  /** A bay as the hall is solved with it, and whether what it has for a hood is known; null for one that is not in this hall. */
  hallBayAt(bayId: string): HallBay & { readonly isHoodKnown: boolean } | null
  /** What the doubts of a bay belong to. */
  placeAt(bayId: string): string
  /** Bays whose arcs are counted: not those that their own air holds. */
  readonly burning: readonly string[]
  /** When arcs burn at a bay today, by what can be said. */
  burnsWhen(bayId: string): readonly Stay[]
  /**
   * Whose fume it is that somebody breathes at a bay: of one substance, what the arcs of each bay of the hall put into the eight-hour sum,
   * mg/m³, the mean of the draws, in the order of the bays.
   */
  fromEach(bayId: string, substance: SubstanceId, visit: Visit): readonly number[]
  /** How it is cut along its length; null where it is not long. */
  readonly long: LongHall | null
  /** What the hall is solved from, in the order of the bays: of each of them, whether its arcs are counted. */
  solvedFrom(): { readonly drawn: DrawnHall, readonly bays: readonly HallBay[], readonly burns: (spot: number) => boolean }
}

/** The fume of a job. A width that was stripped counts only when the job says the coating is stripped. */
export const jobEmission = (job: Job, sheets: FumeDataSheets): Emission =>
  emissionOf({ ...job, strippedWidthMm: job.coatingStripped ? job.strippedWidthMm : 0 }, sheetFor(sheets, job.process, job.consumable))

/** The weak end of the plume: the harder one to receive. */
const lowestCurrent = ({ currentA, currentRangeA }: Job): number | undefined => currentRangeA ? currentRangeA[0] : currentA

/** What the hoods on the ducts of a hall draw now. A damper is seen shut when today's look at the bay says so. */
function ductedFlows(ducts: HallDucts, bays: readonly BayAir[], now: Instant): ReadonlyMap<string, DuctedFlow> {
  const isSeenShut = ({ check }: BayAir): boolean => Boolean(check) && stands(check!.validUntil, now) && !check!.damperOpen
  const known = bays.map(bay => ({
    bayId: bay.bayId,
    flowM3PerS: bay.extraction?.flowM3PerS ?? 0,
    isMakers: bay.extraction?.flowFrom === 'maker',
    isSeenShut: isSeenShut(bay),
  }))
  const isIdle = (bayId: string): boolean => !bays.some(bay => bay.bayId === bayId && bay.job !== null)
  return new Map(
    [...drawnHoods(ducts, known)].map(([bayId, drawn]) => [bayId, { ...drawn, idleBays: drawn.openBays.filter(isIdle) }]),
  )
}

/** Whoever works where nobody is named. */
const NOBODY = ''

/** Shifts that were solved lately: most of what happens in a shop changes no air. */
const lately = keptLately<HallShift>(4)

/** The shift of a hall with everything that is doubted, or the same one as before when nothing of it has changed. */
function solved(hall: HallAir, long: LongHall | null, bays: readonly HallBay[], shiftHours: number, draws: DrawSet): HallShift {
  const solve = () => hallShift(hall, bays, { shiftHours, draws, doubt: USUAL_DOUBT, long })
  if (draws !== JUDGED) return solve()
  return lately(textOf([hall, long, bays, shiftHours]), solve)
}

/**
 * Predicts the air of a hall from the day's work of all its bays. Each part is worked out when it is asked for, once.
 * Source: `core/fume`, `core/ventilation`, `core/exposure`.
 */
export function predictHall(
  { hall, length, ducts, bays, sheets, shiftHours, shopDayHour, timeZone, now, mayStrike, isMeasured, stoodClear }: HallQuestion,
  draws: DrawSet = JUDGED,
): HallPrediction {
  const clock = { shopDayHour, timeZone }
  const emissions = new Map<Job, Emission>()
  const emissionOfJob = (job: Job): Emission => {
    const found = emissions.get(job) ?? jobEmission(job, sheets)
    emissions.set(job, found)
    return found
  }
  /** What was measured speaks for the job that is set. */
  const canBeSaidAt = (bay: BayAir) => ({ job }: JobSpan): boolean =>
    job.arcMinPerH !== undefined
    && isFumeKnown(emissionOfJob(job), substance => job === bay.job && isMeasured?.(bay, hall, substance) === true)
  const onDucts = ducts && ductedFlows(ducts, bays, now)
  /** Of work, what could be done. */
  const struckAt = (bayId: string, spans: readonly JobSpan[]): readonly JobSpan[] =>
    stoodClear ? spans.flatMap(span => within(span, stoodClear[bayId] ?? [])) : spans
  const parts = bays.map((bay) => {
    const spans = struckAt(bay.bayId, dayWork(bay.earlierJobs, bay.job, shopDayHour, now))
    const emission = bay.job ? emissionOfJob(bay.job) : null
    const ducted = bay.extraction && !bay.isFlowTried ? onDucts?.get(bay.bayId) ?? null : null
    const at = hoodAtWork(bay.extraction, bay.position, ducted?.flowM3PerS)
    const question
      = at && bay.job ? { ...at, process: bay.job.process, currentA: lowestCurrent(bay.job), crossDraughtMPerS: hall.airSpeedMPerS } : null
    // A hood that is off, not looked at today, or of an idle bay draws nothing out of the hall.
    const draws = at !== null && bay.job !== null && isHoodRunning(bay, now)
    const isReady = bay.extraction === null || draws
    const [captureInCalm, capture, captureInDraught] = question ? captureInDraughts(question) : [NOTHING, NOTHING, NOTHING]
    const work = spans.filter(canBeSaidAt(bay)).map(({ job, fromMin, toMin }) => ({
      fromMin,
      toMin,
      arcMinPerH: job.arcMinPerH!,
      emission: partsMade(emissionOfJob(job)),
      posture: postureOf(job),
    }))
    const part = length?.partOf[bay.bayId]
    const isOwnKnown = bay.job !== null && spans.length > 0 && work.length === spans.length
    const hallBay: HallBay = {
      hood:
        draws && bay.extraction
          ? { flowM3PerS: at.hood.flowM3PerS, returnsAir: bay.extraction.returnsAir, filterEfficiency: bay.extraction.filterEfficiency }
          : null,
      capture,
      captureInCalm,
      captureInDraught,
      work,
      ...part === undefined ? {} : { part },
    }
    return { bay, spans, emission, at, ducted, question, capture, hallBay, isOwnKnown, isReady }
  })
  let shift: HallShift | undefined
  const solve = (): HallShift => shift ??= solved(hall, length?.long ?? null, parts.map(({ hallBay }) => hallBay), shiftHours, draws)
  const hoursAt = ({ hallBay: { work } }: (typeof parts)[number]): number =>
    work.length === 0
      ? shiftHours
      : Math.max(shiftHours, (Math.max(...work.map(w => w.toMin)) - Math.min(...work.map(w => w.fromMin))) / 60)
  const striking = new Map<number, boolean>()
  const burns = (spot: number): boolean => {
    const found = striking.get(spot)
    if (found !== undefined) return found
    const part = parts[spot]!
    const alone = (): AloneAtWork | null => {
      const work = part.isOwnKnown ? workAt(part.bay.personId, part.bay.bayId) : 'unknown'
      if (work === 'unknown' || work.length === 0) return null
      // Besides work nothing is counted: the gate may find them in another hall by then, and must never be the milder of the two.
      const visit: Visit = { work, besides: [] }
      return {
        air: dayAir([solve().partAt(spot, from => from === spot, visit)], draws),
        hours: (leavesAtMin(work, shiftHours) - Math.min(...work.map(({ fromMin }) => fromMin))) / 60,
      }
    }
    // A bay whose arcs are over for today has burnt them, whatever it may do next.
    const may
      = part.bay.job === null ? part.spans.length > 0 : !mayStrike || (part.isReady && mayStrike(part.bay.bayId, alone))
    striking.set(spot, may)
    return may
  }
  const workAt = (personId: string | null, bayId: string): readonly JobSpan[] | 'unknown' =>
    personId === null
      ? theirWork(NOBODY, bayId, earlier => earlier.map(one => ({ ...one, personId: NOBODY })))
      : theirWork(personId, bayId, earlier => earlier.map(one => one.personId === null ? { ...one, personId } : one))
  /** Other bays that burn, with work whose fume cannot be said. */
  const unsaidBeside = (bayId: string): typeof parts =>
    parts.filter(({ bay, spans, hallBay }, spot) => bay.bayId !== bayId && spans.length > hallBay.work.length && burns(spot))
  const known = new Map<string, BayPrediction>()
  const spotOf = (bayId: string): number => parts.findIndex(({ bay }) => bay.bayId === bayId)
  /** The work of one person at a bay; `unknown` where a part of it cannot be said. */
  const theirWork = (
    personId: string,
    bayId: string,
    named: (earlier: readonly DayJob[]) => readonly DayJob[],
  ): readonly JobSpan[] | 'unknown' => {
    const bay = parts[spotOf(bayId)]?.bay
    if (!bay || (stoodClear && !stoodClear[bayId]?.length)) return []
    const here = personId === NOBODY ? { job: bay.job, personId } : bay
    if (here.personId === personId && here.job !== null && jobSpan(here.job, shopDayHour) === null) return 'unknown'
    const spans = struckAt(bayId, workOf(personId, named(bay.earlierJobs), here, clock, now))
    return spans.every(canBeSaidAt(bay)) ? spans : 'unknown'
  }
  return {
    hall,
    welders: parts.filter(({ bay }) => bay.job !== null).length,
    heldBeside: bayId =>
      parts.filter(({ bay }, spot) => bay.bayId !== bayId && bay.job !== null && !burns(spot)).map(({ bay }) => bay.bayId),
    unknownBeside: bayId => unsaidBeside(bayId).map(({ bay }) => bay.bayId),
    unknownGasesBeside: bayId => [...new Set(unsaidBeside(bayId).flatMap(({ bay, spans }) =>
      spans.filter(span => !canBeSaidAt(bay)(span)).flatMap(({ job }) => emissionOfJob(job).unknownGases)))],
    bayIds: bays.map(({ bayId }) => bayId),
    long: length?.long ?? null,
    shiftHours,
    draws,
    workOf: (personId, bayId) => theirWork(personId, bayId, earlier => earlier),
    workAt,
    helpOf: (personId, bayId) => {
      const bay = parts[spotOf(bayId)]?.bay
      const helpers = (bay?.helpers ?? []).filter(one => one.personId === personId && stands(one.validUntil, now))
      if (!bay || helpers.length === 0 || (stoodClear && !stoodClear[bayId]?.length)) return []
      // Of a job whose times nobody said it is not known whether they help at it.
      if (bay.job !== null && jobSpan(bay.job, shopDayHour) === null && helpingNow(helpers, now).length > 0) return 'unknown'
      const work = dayWork(bay.earlierJobs, bay.job, shopDayHour, now)
      const spans = struckAt(bayId, helpOf(personId, helpers, { work, standing: bay.job }, clock, now))
      return spans.every(canBeSaidAt(bay)) ? spans : 'unknown'
    },
    visitAt: (bayId, visit) => {
      const spot = spotOf(bayId)
      return solve().partAt(spot, from => from === spot || burns(from), visit)
    },
    placeAt: bayId => placeOf(spotOf(bayId)),
    get burning() {
      return parts.filter(({ spans }, spot) => spans.length > 0 && burns(spot)).map(({ bay }) => bay.bayId)
    },
    burnsWhen: bayId => parts[spotOf(bayId)]?.hallBay.work ?? [],
    fromEach: (bayId, substance, visit) => {
      const spot = spotOf(bayId)
      return solve().fromEach(spot, substance, from => from === spot || burns(from), visit)
    },
    solvedFrom: () => ({ drawn: solve().drawn, bays: parts.map(({ hallBay }) => hallBay), burns }),
    hallBayAt: (bayId) => {
      const part = parts[spotOf(bayId)]
      return part ? { ...part.hallBay, isHoodKnown: part.bay.extraction === null || part.at !== null } : null
    },
    bay: (bayId) => {
      const found = known.get(bayId)
      if (found) return found
      const spot = spotOf(bayId)
      const part = parts[spot]
      if (!part) return null
      const { emission, at, ducted, question, capture, isOwnKnown } = part
      const said = emission ?? { substances: {}, findings: [] as readonly Finding[], unmeasured: {}, unknownGases: [] }
      const madeBy = lazily((spot: number) => Object.fromEntries(
        Object.entries(said.substances).map(([id, made]) => [id, draws.spread(drawnEmission(made.parts, placeOf(spot), draws))]),
      ))
      const prediction: BayPrediction = {
        emission: said,
        // Shown, and judged by nothing.
        get made() { return madeBy(spot) },
        hood: at?.hood ?? null,
        ducted,
        distanceM: at?.distanceM ?? null,
        capture,
        window: question ? captureWindow(question) : null,
        breathed: isOwnKnown ? solve().at(spot, from => from === spot || burns(from)) : null,
        shiftHours: hoursAt(part),
      }
      known.set(bayId, prediction)
      return prediction
    },
  }
}
