import { judgeExposure } from '../exposure/judge-exposure'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import type { WorkPattern } from '../exposure/long-shift'
import { judgeWearer, respiratorNeed, respiratorsFor } from '../respirator/judge-respirator'
import { toBeMeasured } from '../fume/may-hold'
import { msOf, stands } from '../time/instant'
import { shopDayOf } from '../time/shop-day'
import type { DayQuestion, Elsewhere } from './person-day'
import { NOWHERE_ELSE } from './person-day'
import { surveyPlace } from './survey-place'
import type { MeasuredAir } from './measured-air'
import { isCompliant, judgeSurveys } from './measured-air'
import type { FumeDataSheets } from '../streams/fume-sheets/fume-sheets'
import { NO_HALL } from '../streams/hall/hall'
import type { Extraction, HallState, ScreenId, ToldHeat, WallId } from '../streams/hall/hall'
import type { HouseRules } from '../streams/house-rules/house-rules'
import { workPatternOf } from '../streams/house-rules/house-rules'
import type { DayJob } from '../job/day-work'
import type { Helping } from '../job/helping'
import { helpedToday } from '../job/helping'
import type { Job } from '../job/job'
import { PROCESS_TRAITS } from '../job/process-traits'
import type { Wearer } from '../respirator/wearer'
import type { Monitor } from '../streams/monitor/monitor'
import type { Survey } from '../streams/samples/samples'
import type { Site } from '../streams/site/site'
import type { BayAir, ExtractionCheck, HoodPosition } from './bay-air'
import type { AloneAtWork, HallLength, HallPrediction, HallQuestion } from './hall-prediction'
import { predictHall } from './hall-prediction'
import type { Instant } from '../time/instant'
import type { HallAir } from '../ventilation/hall'
import { longHall, partAlong } from '../ventilation/long-hall'
import type { LaserGround } from '../laser/beam-course'
import type { Stay } from '../time/stays'

/** What of a station its hall needs to know. */
export interface StationAir {
  readonly job: Job | null
  readonly earlierJobs: readonly DayJob[]
  readonly hoodPosition: HoodPosition | null
  readonly extractionCheck: ExtractionCheck | null
  readonly personId: string | null
  readonly helpers: readonly Helping[]
}

/** Everything the air of a site is judged from, as of one moment. */
export interface AirFacts {
  readonly site: Pick<Site, 'areas' | 'bays' | 'timeZone'> & Partial<Pick<Site, 'halls'>>
  readonly rules: HouseRules
  readonly now: Instant
  readonly halls: Readonly<Record<string, HallState>>
  readonly stations: Readonly<Record<string, StationAir>>
  readonly sheets: FumeDataSheets
  readonly surveys: Readonly<Record<string, readonly Survey[]>>
  /** Instruments that stay at bays, by id: those in use. */
  readonly monitors: Readonly<Record<string, Monitor>>
  readonly wearers: Readonly<Record<string, Wearer>>
  /** Of a day that is over: when each bay stood clear, whatever its gates would say. */
  readonly stoodClear?: Readonly<Record<string, readonly Stay[]>>
}

/** Another bay, and how far away; null where nobody said where either stands. */
export interface Neighbour { readonly label: string, readonly distanceM: number | null }

/** What one bay's Air gate asks of its surroundings. */
export interface AirSurroundings {
  readonly bayId: string
  /** The shop day that stands, YYYY-MM-DD: samples grow old by it. */
  readonly shopDay: string
  /** Undefined: nobody has said what extraction the bay has. */
  readonly extraction: Extraction | null | undefined
  /** Undefined: nobody has said what is round the bay. */
  readonly walls?: WallId
  /** Undefined: nobody has said what keeps the arc out of the eyes of others. */
  readonly screen?: ScreenId
  /** How warm the hall is, as it was told; undefined: nobody ever did. */
  readonly heat?: ToldHeat
  /** The bay in use that is nearest in the hall; null where there is none. */
  readonly neighbour?: Neighbour | null
  /** Other bays of the hall with an arc today that nothing is said to keep out of the eyes of others. */
  readonly arcsBeside?: number
  /** The plan of the hall with this bay on it; null where nobody drew the one or placed the other. Asked by a laser alone. */
  readonly laserGround?: () => LaserGround | null
  /** The hall predicted with this bay as given; null while the hall is not described. */
  readonly predict: (own: BayAir) => HallPrediction | null
  readonly surveys: readonly Survey[]
  /** Instruments that stay here. */
  readonly monitors: readonly Monitor[]
  /** The other halls in which a person works today. */
  readonly elsewhere: (personId: string | null) => Elsewhere
}

const LAST_DAY = '9999-12-31'
/** Surroundings of which nothing is known: everything about air is still to be said, and no sample is young enough to speak. */
export const UNKNOWN_AIR: AirSurroundings = {
  bayId: '',
  shopDay: LAST_DAY,
  extraction: undefined,
  predict: () => null,
  surveys: [],
  monitors: [],
  elsewhere: () => NOWHERE_ELSE,
}

const NO_STATION: StationAir = { job: null, earlierJobs: [], hoodPosition: null, extractionCheck: null, personId: null, helpers: [] }

/** The hall that a bay stands in. */
export function hallIdOf({ areas, bays }: Pick<Site, 'areas' | 'bays'>, bayId: string): string | null {
  const bay = bays.find(other => other.bayId === bayId)
  return areas.find(({ areaId }) => areaId === bay?.areaId)?.hallId ?? null
}

/** The open bays of a hall, in the order of the site. */
export const baysOfHall = (site: Pick<Site, 'areas' | 'bays'>, hallId: string): readonly string[] =>
  site.bays.filter(bay => !bay.closed && hallIdOf(site, bay.bayId) === hallId).map(({ bayId }) => bayId)

/** The nearest of the other bays of a hall; one of which nobody said where it stands may be the nearest. */
function neighbourOf({ site, halls }: Pick<AirFacts, 'site' | 'halls'>, hallId: string, bayId: string): Neighbour | null {
  const places = halls[hallId]?.bays ?? {}
  const own = places[bayId]
  return baysOfHall(site, hallId)
    .filter(id => id !== bayId)
    .map((id): Neighbour => {
      const [label, other] = [site.bays.find(one => one.bayId === id)!.label, places[id]]
      return { label, distanceM: own && other ? Math.hypot(own.xM - other.xM, own.yM - other.yM) : null }
    })
    .reduce<Neighbour | null>((nearest, one) => nearest === null || (one.distanceM ?? 0) < (nearest.distanceM ?? 0) ? one : nearest, null)
}

/**
 * How many other bays of a hall weld today in sight of others, or may: those of which nobody said that they are screened. One that was
 * closed since burned all the same.
 */
function arcsBeside({ site, halls, stations, now }: AirFacts, hallId: string, own: string): number {
  const isArc = ({ process }: Job): boolean => PROCESS_TRAITS[process].heat === 'open-arc'
  return site.bays.filter(({ bayId, areaId, closed }) => {
    if (bayId === own || site.areas.find(area => area.areaId === areaId)?.hallId !== hallId) return false
    const screen = halls[hallId]?.bays[bayId]?.screen
    const { job, earlierJobs } = stations[bayId] ?? NO_STATION
    const hasArc = (!closed && job !== null && isArc(job)) || earlierJobs.some(one => stands(one.validUntil, now) && isArc(one.job))
    return screen !== 'screened' && screen !== 'goggles' && hasArc
  }).length
}

/** A bay on the plan of its hall, and every other one that is open there. One that nobody placed is not on it. */
function laserGroundOf({ site, halls }: Pick<AirFacts, 'site' | 'halls'>, hallId: string, bayId: string): LaserGround | null {
  const { plan, bays } = halls[hallId] ?? NO_HALL
  const spot = bays[bayId]
  if (!plan || !spot) return null
  const others = baysOfHall(site, hallId)
    .filter(id => id !== bayId)
    .map(id => ({ label: site.bays.find(one => one.bayId === id)!.label, at: bays[id] }))
  return {
    plan,
    spot,
    others: others.flatMap(({ label, at }) => at ? [{ label, xM: at.xM, yM: at.yM }] : []),
    unplaced: others.flatMap(({ label, at }) => at ? [] : [label]),
  }
}

/** The shop day that stands, by the site's own clock: elsewhere on earth it is another date. */
const shopDayIn = ({ site, rules, now }: Pick<AirFacts, 'site' | 'rules' | 'now'>): string =>
  shopDayOf(msOf(now), site.timeZone, rules.shopDayHour)

/**
 * A long hall with its bays along it: as it was drawn, or else as its sides were told, which begin at the corner of the grid. Undefined
 * where it is not long, or nobody told its sides: then it counts as mixed evenly, within what is doubted of that.
 */
function lengthOf({ site, halls }: Pick<AirFacts, 'site' | 'halls'>, hallId: string): HallLength | undefined {
  const { air, plan, bays } = halls[hallId] ?? NO_HALL
  const size = site.halls?.find(one => one.hallId === hallId)?.size
  const sides = plan?.outline ?? (size && { xM: 0, yM: 0, lengthM: size.lengthM, widthM: size.widthM })
  const long = air && sides && longHall(sides, air.ceilingM)
  if (!long) return undefined
  const isAlongX = sides.lengthM >= sides.widthM
  const along = (spot: { readonly xM: number, readonly yM: number }): number =>
    isAlongX ? (spot.xM - sides.xM) / sides.lengthM : (spot.yM - sides.yM) / sides.widthM
  return { long, partOf: Object.fromEntries(Object.entries(bays).map(([bayId, spot]) => [bayId, partAlong(long, along(spot))])) }
}

/** The question that a hall's prediction answers; null while the hall is not described. */
export function hallQuestion(facts: AirFacts, hallId: string): HallQuestion | null {
  const { site, rules, now, halls, stations, sheets, surveys, wearers, stoodClear } = facts
  const hall = halls[hallId]
  if (!hall?.air) return null
  // A bay that was closed since has burnt what it burnt.
  const burnt = ({ bayId }: { readonly bayId: string }): boolean =>
    (stations[bayId]?.earlierJobs ?? []).some(({ validUntil }) => stands(validUntil, now))
  const inHall = site.bays.filter(bay => hallIdOf(site, bay.bayId) === hallId && (!bay.closed || burnt(bay)))
  const bays = inHall.map(({ bayId }): BayAir => {
    const { job, earlierJobs, hoodPosition, extractionCheck, personId, helpers } = stations[bayId] ?? NO_STATION
    const extraction = hall.bays[bayId]?.extraction
    return { bayId, job, earlierJobs, personId, helpers, position: hoodPosition, check: extractionCheck, extraction }
  })
  const inForce = exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis)
  const shopDay = shopDayIn(facts)
  return {
    hall: hall.air,
    length: lengthOf(facts, hallId),
    ducts: hall.ducts ?? undefined,
    bays,
    sheets,
    shiftHours: rules.shiftHours,
    shopDayHour: rules.shopDayHour,
    timeZone: site.timeZone,
    now,
    isMeasured: (bay, inHall, substance) => isCompliant(surveyedAt(bay, inHall), substance),
    ...stoodClear ? { stoodClear } : { mayStrike },
  }

  /** What samples say of a bay as it is worked now. */
  function surveyedAt(bay: BayAir, inHall: HallAir, work: WorkPattern = workPatternOf(rules)): MeasuredAir {
    return judgeSurveys(surveys[bay.bayId] ?? [], surveyPlace(bay, inHall), inForce, rules.surveyMonths, shopDay, work)
  }

  /**
   * May a bay burn: by its own arcs under the action fraction, by what was measured there, or its welder protected? Every
   * bay that may is counted, also one whose fume nobody can say.
   */
  function mayStrike(bayId: string, aloneAtWork: () => AloneAtWork | null): boolean {
    const alone = aloneAtWork()
    const bay = bays.find(other => other.bayId === bayId)!
    const work = workPatternOf(rules, alone?.hours)
    const measured = surveyedAt(bay, hall!.air!, work)
    const wearer = bay.personId === null ? null : wearers[bay.personId] ?? null
    if (alone === null) {
      const isCovered
        = bay.job !== null
          && toBeMeasured(bay.job.process, bay.job.consumable, bay.job.baseMetal).every(substance => isCompliant(measured, substance))
      return isCovered || judgeWearer(respiratorsFor({ neededApf: 1, isUnknown: true }, rules.jurisdiction), wearer, now).protects
    }
    const exposure = judgeExposure(alone.air, inForce, rules.actionFraction, work, measured.averages)
    if (exposure.fraction === null || exposure.fraction <= rules.actionFraction) return true
    return judgeWearer(respiratorNeed(exposure, rules.actionFraction, rules.jurisdiction), wearer, now).protects
  }
}

/** The bays besides this one's hall where somebody works today, hall by hall; null for those that stand in none. */
function workElsewhere(facts: AirFacts, bayId: string, personId: string | null): ReadonlyMap<string | null, readonly string[]> {
  const hallId = hallIdOf(facts.site, bayId)
  const halls = new Map<string | null, string[]>()
  for (const [otherId, station] of Object.entries(personId === null ? {} : facts.stations)) {
    const isTheirs
      = (station.personId === personId && station.job !== null)
        || station.earlierJobs.some(one => one.personId === personId && stands(one.validUntil, facts.now))
        || helpedToday(station.helpers, personId!, facts.now)
    const otherHall = hallIdOf(facts.site, otherId)
    if (isTheirs && otherId !== bayId && (otherHall === null || otherHall !== hallId))
      halls.set(otherHall, [...halls.get(otherHall) ?? [], otherId])
  }
  return halls
}

/** The other halls in which somebody works today. One that nobody described leaves what is breathed in it unknown. */
export function elsewhereOf<Hall>(
  facts: AirFacts,
  bayId: string,
  personId: string | null,
  hallOf: (hallId: string) => Hall | null,
): Elsewhere<Hall> {
  const found = [...workElsewhere(facts, bayId, personId)]
    .map(([hallId, bays]) => ({ bays, hall: hallId === null ? null : hallOf(hallId) }))
  return {
    halls: found.flatMap(({ hall }) => hall ?? []),
    unknown: found.flatMap(({ bays, hall }) => hall ? [] : bays),
  }
}

/**
 * What the day of somebody who works at a bay is predicted from; null while its hall is not described.
 *
 * @param personId whoever stands there, when left out
 */
export function dayQuestion(
  facts: AirFacts,
  bayId: string,
  personId: string | null = facts.stations[bayId]?.personId ?? null,
): DayQuestion | null {
  const hallId = hallIdOf(facts.site, bayId)
  const hall = hallId === null ? null : hallQuestion(facts, hallId)
  return hall && { hall, bayId, personId, elsewhere: elsewhereOf(facts, bayId, personId, other => hallQuestion(facts, other)) }
}

/** Surroundings of every bay of a site. A hall is predicted once for all its bays as long as none of them is changed in asking. */
export function airOf(facts: AirFacts): (bayId: string) => AirSurroundings {
  const shopDay = shopDayIn(facts)
  const known = new Map<string, HallPrediction | null>()
  const shared = (hallId: string): HallPrediction | null => {
    const found = known.get(hallId)
    if (found !== undefined) return found
    const question = hallQuestion(facts, hallId)
    const predicted = question && predictHall(question)
    known.set(hallId, predicted)
    return predicted
  }
  return (bayId) => {
    const hallId = hallIdOf(facts.site, bayId)
    const inHall = hallId === null ? undefined : facts.halls[hallId]
    return {
      bayId, shopDay, surveys: facts.surveys[bayId] ?? [], elsewhere: personId => elsewhereOf(facts, bayId, personId, shared),
      extraction: inHall?.bays[bayId]?.extraction,
      walls: inHall?.bays[bayId]?.walls,
      screen: inHall?.bays[bayId]?.screen,
      heat: inHall?.heat,
      monitors: Object.values(facts.monitors).filter(({ bayIds, isRemoved }) => !isRemoved && bayIds.includes(bayId)),
      neighbour: hallId === null ? null : neighbourOf(facts, hallId, bayId),
      arcsBeside: hallId === null ? 0 : arcsBeside(facts, hallId, bayId),
      laserGround: () => hallId === null ? null : laserGroundOf(facts, hallId, bayId),
      predict: (own) => {
        if (hallId === null) return null
        const { job, hoodPosition, earlierJobs, extractionCheck, personId, helpers } = facts.stations[bayId] ?? NO_STATION
        if (
          own.job === job
          && own.position === hoodPosition
          && own.earlierJobs === earlierJobs
          && own.check === extractionCheck
          && own.personId === personId
          && own.helpers === helpers
        )
          return shared(hallId)
        const question = hallQuestion(facts, hallId)
        return question && predictHall({ ...question, bays: question.bays.map(bay => bay.bayId === bayId ? own : bay) })
      },
    }
  }
}
