import type { DayAir } from '../exposure/day-air'
import { dayAir } from '../exposure/day-air'
import type { BreathedBySubstance, PartOfAir } from '../exposure/hall-shift'
import type { Visit } from '../exposure/heard'
import type { JobSpan } from '../job/day-work'
import type { Stay } from '../time/stays'
import { between, joined, leavesAtMin, without } from '../time/stays'
import type { DrawSet } from '../chance/draw-set'
import { JUDGED } from '../chance/draw-set'
import type { HallPrediction, HallQuestion } from './hall-prediction'
import { predictHall } from './hall-prediction'

/** The day of whoever works at a bay, over every place where they work today. */
export interface PersonDay {
  readonly air: DayAir
  /** Place by place, in the order of the day. */
  readonly parts: readonly PartOfDay[]
  /** From their first work to their last, or to the end of their shift. */
  readonly hours: number
  /** Other bays that count, and other bays where what they breathe cannot be said. */
  readonly bays: readonly string[]
  readonly unknown: readonly string[]
}

/** What of a day is spent at one bay, and in its hall after it. */
export interface PartOfDay {
  readonly bayId: string
  readonly visit: Visit
  /** They helped there: another struck the arc. */
  readonly helps: boolean
  readonly breathed: BreathedBySubstance
}

/** The rest of somebody's day: halls besides this one in which they work, and bays of theirs in a hall that nobody described. */
export interface Elsewhere<Hall = HallPrediction> {
  readonly halls: readonly Hall[]
  readonly unknown: readonly string[]
}
export const NOWHERE_ELSE: Elsewhere<never> = { halls: [], unknown: [] }

/** Everything that the day of whoever works at a bay is predicted from. */
export interface DayQuestion {
  readonly hall: HallQuestion
  readonly bayId: string
  /** Whose day; null for that of the bay. */
  readonly personId: string | null
  readonly elsewhere: Elsewhere<HallQuestion>
}

/** Somebody's day with the halls that it is predicted in. */
export interface PredictedDay {
  readonly hall: HallPrediction
  readonly elsewhere: readonly HallPrediction[]
  readonly day: PersonDay | null
}

/** Predicts the day of whoever works at a bay. */
export function predictDay({ hall, bayId, personId, elsewhere }: DayQuestion, draws: DrawSet = JUDGED): PredictedDay {
  const [here, ...halls] = [hall, ...elsewhere.halls].map(question => predictHall(question, draws)) as [HallPrediction, ...HallPrediction[]]
  return { hall: here, elsewhere: halls, day: personDay(personId, bayId, here, { halls, unknown: elsewhere.unknown }) }
}

interface Stretch extends Stay {
  readonly hall: HallPrediction
  readonly bayId: string
  readonly helps: boolean
}

/** Where somebody is between their stretches of work and after the last: in the hall where they worked last. */
function besidesOf(stretches: readonly Stretch[], leaves: number): ReadonlyMap<Stretch, readonly Stay[]> {
  const inHall = new Map<Stretch, Stay[]>()
  for (const gap of between(joined(stretches), leaves)) {
    const last = stretches.find(({ toMin }) => toMin === gap.fromMin)!
    inHall.set(last, [...inHall.get(last) ?? [], gap])
  }
  return inHall
}

/** Work of one's own at a bay and help there, in one stretch each. */
const stretchesAt = (hall: HallPrediction, bayId: string, work: readonly JobSpan[], helped: readonly JobSpan[]): readonly Stretch[] => [
  ...work.map(({ fromMin, toMin }) => ({ hall, bayId, helps: false, fromMin, toMin })),
  // At an arc of their own that of whoever they help is heard there.
  ...helped.flatMap(span => without(span, work)).map(({ fromMin, toMin }) => ({ hall, bayId, helps: true, fromMin, toMin })),
]

/** What somebody is known to work and to help at in some halls; bays where that cannot be said apart. */
function theirStretches(personId: string, halls: readonly HallPrediction[], leftOut?: Pick<Stretch, 'hall' | 'bayId'>) {
  const [stretches, unknown]: [Stretch[], string[]] = [[], []]
  for (const hall of halls) {
    for (const bayId of hall.bayIds) {
      if (hall === leftOut?.hall && bayId === leftOut.bayId) continue
      const [work, helped] = [hall.workOf(personId, bayId), hall.helpOf(personId, bayId)]
      if (work === 'unknown' || helped === 'unknown') unknown.push(bayId)
      else stretches.push(...stretchesAt(hall, bayId, work, helped))
    }
  }
  return { stretches, unknown }
}

/** Stretches by where they are and whether they help there, with what is breathed in them and in the hall after them. */
function airOfStretches(stretches: readonly Stretch[], leaves: number) {
  const besides = besidesOf(stretches, leaves)
  const places = [...new Set(stretches.map(({ bayId }) => bayId))]
  const doings = places.flatMap(at => [false, true].map(helps =>
    ({ at, helps, work: stretches.filter(one => one.bayId === at && one.helps === helps) })))
  return doings.filter(({ work }) => work.length > 0).map(({ at, helps, work }) => {
    const visit = {
      helps,
      work: work.map(({ fromMin, toMin }) => ({ fromMin, toMin })),
      besides: work.flatMap(stretch => besides.get(stretch) ?? []),
    }
    return { bayId: at, visit, helps, air: work[0]!.hall.visitAt(at, visit) }
  })
}

/** What somebody has breathed by a minute of the day. */
export interface DayBefore {
  readonly parts: readonly PartOfAir[]
  /** When their first work began, minutes from the start of the shop day. */
  readonly fromMin: number
}

/**
 * What somebody breathes before a minute of the day, over every place where they work or help until then, and in the hall after it.
 *
 * @param untilMin minutes from the start of the shop day
 * @returns null where they neither worked nor helped, `unknown` where what they breathed cannot be said. Source: as `personDay`
 */
export function dayBefore(personId: string, untilMin: number, { halls, unknown: outside }: Elsewhere): DayBefore | 'unknown' | null {
  const { stretches, unknown } = theirStretches(personId, halls)
  if (unknown.length > 0 || outside.length > 0) return 'unknown'
  const before = stretches.filter(({ fromMin }) => fromMin < untilMin).map(one => ({ ...one, toMin: Math.min(one.toMin, untilMin) }))
  return before.length === 0
    ? null
    : { parts: airOfStretches(before, untilMin).map(({ air }) => air), fromMin: Math.min(...before.map(({ fromMin }) => fromMin)) }
}

/**
 * What whoever works at a bay breathes today, wherever they work: exposure follows people. Work that nobody is named for is taken to be
 * theirs where they stand. Where they are at two bays at once, both count whole.
 *
 * @param personId null where nobody is named: then all the work of the bay counts
 * @param stands they stand there, and work of the bay that nobody is named for is theirs; left out they do. Who only helps does not
 * @returns null where the air of this bay cannot be said
 */
export function personDay(
  personId: string | null,
  bayId: string,
  hall: HallPrediction,
  { halls, unknown: outside }: Elsewhere,
  stands = true,
): PersonDay | null {
  const own = stands || personId === null ? hall.workAt(personId, bayId) : hall.workOf(personId, bayId)
  const help = personId === null ? [] : hall.helpOf(personId, bayId)
  if (own === 'unknown' || help === 'unknown' || own.length + help.length === 0) return null
  const beside = personId === null ? null : theirStretches(personId, [hall, ...halls], { hall, bayId })
  const stretches: readonly Stretch[] = [...stretchesAt(hall, bayId, own, help), ...beside?.stretches ?? []]
  const leaves = leavesAtMin(stretches, hall.shiftHours)
  const parts = airOfStretches(stretches, leaves)
  const begins = (visit: Visit): number => Math.min(...visit.work.map(({ fromMin }) => fromMin))
  return {
    air: dayAir(parts.map(({ air }) => air), hall.draws),
    parts: parts
      .map(({ bayId: at, visit, helps, air }): PartOfDay => ({ bayId: at, visit, helps, breathed: air.breathed }))
      .sort((a, b) => begins(a.visit) - begins(b.visit)),
    hours: (leaves - Math.min(...stretches.map(({ fromMin }) => fromMin))) / 60,
    bays: [...new Set(stretches.map(stretch => stretch.bayId))].filter(at => at !== bayId),
    unknown: [...outside, ...beside?.unknown ?? []],
  }
}
