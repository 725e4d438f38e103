import type { BreathedBySubstance } from '../exposure/hall-shift'
import { judgeExposure } from '../exposure/judge-exposure'
import { exposureRuleSetsInForce } from '../exposure/rule-sets'
import { judgeWearer, respiratorNeed } from '../respirator/judge-respirator'
import type { FumeDataSheets } from '../fume/data-sheets'
import type { Extraction, HallState } from '../hall/hall-state'
import type { HouseRules } from '../houserules/house-rules'
import type { DayJob } from '../job/day-work'
import type { Job } from '../job/job'
import type { Wearer } from '../respirator/wearer'
import type { Survey } from '../samples/survey'
import type { Site } from '../site/site'
import type { BayAir, HoodPosition } from './bay-air'
import type { HallPrediction, HallQuestion } from './hall-prediction'
import { predictHall } from './hall-prediction'

/** What of a station its hall needs to know. */
export interface StationAir {
  readonly job: Job | null
  readonly earlierJobs: readonly DayJob[]
  readonly hoodPosition: HoodPosition | null
  readonly personId: string | null
}

/** Everything the air of a site is judged from, as of one moment. */
export interface AirFacts {
  readonly site: Pick<Site, 'areas' | 'bays'>
  readonly rules: HouseRules
  readonly now: string
  readonly halls: Readonly<Record<string, HallState>>
  readonly stations: Readonly<Record<string, StationAir>>
  readonly sheets: FumeDataSheets
  readonly surveys: Readonly<Record<string, readonly Survey[]>>
  readonly wearers: Readonly<Record<string, Wearer>>
}

/** What one bay's Air gate asks of its surroundings. */
export interface AirSurroundings {
  readonly bayId: string
  /** Undefined: nobody has said what extraction the bay has. */
  readonly extraction: Extraction | null | undefined
  /** The hall predicted with this bay as given; null while the hall is not described. */
  readonly predict: (own: BayAir) => HallPrediction | null
  readonly surveys: readonly Survey[]
  readonly wearerOf: (personId: string | null) => Wearer | null
}

/** Surroundings of which nothing is known: everything about air is still to be said. */
export const UNKNOWN_AIR: AirSurroundings = { bayId: '', extraction: undefined, predict: () => null, surveys: [], wearerOf: () => null }

const NO_STATION: StationAir = { job: null, earlierJobs: [], hoodPosition: null, personId: null }

/** The hall that a bay stands in. */
export function hallIdOf({ areas, bays }: Pick<Site, 'areas' | 'bays'>, bayId: string): string | null {
  const bay = bays.find(other => other.bayId === bayId)
  return areas.find(({ areaId }) => areaId === bay?.areaId)?.hallId ?? null
}

/** The open bays of a hall, in the order of the site. */
export const baysOfHall = (site: Pick<Site, 'areas' | 'bays'>, hallId: string): readonly string[] =>
  site.bays.filter(bay => !bay.closed && hallIdOf(site, bay.bayId) === hallId).map(({ bayId }) => bayId)

/** The question that a hall's prediction answers; null while the hall is not described. */
export function hallQuestion(facts: AirFacts, hallId: string): HallQuestion | null {
  const { site, rules, now, halls, stations, sheets, wearers } = facts
  const hall = halls[hallId]
  if (!hall?.air) return null
  const bays = baysOfHall(site, hallId).map((bayId): BayAir => {
    const { job, earlierJobs, hoodPosition } = stations[bayId] ?? NO_STATION
    return { bayId, job, earlierJobs, position: hoodPosition, extraction: hall.bays[bayId]?.extraction }
  })
  return { hall: hall.air, bays, sheets, shiftHours: rules.shiftHours, shopDayHour: rules.shopDayHour, now, mayStrike }

  /** By its own arcs alone under the action fraction, or its welder protected: only then does a bay burn. */
  function mayStrike(bayId: string, alone: BreathedBySubstance, shiftHours: number): boolean {
    const exposure = judgeExposure(alone, exposureRuleSetsInForce(rules.jurisdiction, rules.exposureBasis), rules.actionFraction, shiftHours)
    if (exposure.fraction === null || exposure.fraction <= rules.actionFraction) return true
    const personId = stations[bayId]?.personId ?? null
    return judgeWearer(respiratorNeed(exposure, rules.actionFraction, rules.jurisdiction), personId === null ? null : wearers[personId] ?? null, now).protects
  }
}

/** Surroundings of every bay of a site. A hall is predicted once for all its bays as long as none of them is changed in asking. */
export function airOf(facts: AirFacts): (bayId: string) => AirSurroundings {
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
      bayId, surveys: facts.surveys[bayId] ?? [],
      extraction: inHall?.bays[bayId]?.extraction,
      wearerOf: personId => personId === null ? null : facts.wearers[personId] ?? null,
      predict: (own) => {
        if (hallId === null) return null
        const { job, hoodPosition, earlierJobs } = facts.stations[bayId] ?? NO_STATION
        if (own.job === job && own.position === hoodPosition && own.earlierJobs === earlierJobs) return shared(hallId)
        const question = hallQuestion(facts, hallId)
        return question && predictHall({ ...question, bays: question.bays.map(bay => bay.bayId === bayId ? own : bay) })
      },
    }
  }
}
