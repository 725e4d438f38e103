import { drawSet, JUDGED } from '../chance/draw-set'
import { dayAir, leakOf } from '../exposure/day-air'
import type { DayAir, DrawnAir } from '../exposure/day-air'
import { ANY_POSTURE, USUAL_DOUBT } from '../exposure/hall-doubt'
import type { ArcWork, HallBay } from '../exposure/drawn-hall'
import type { PartOfAir } from '../exposure/hall-shift'
import { hallShift } from '../exposure/hall-shift'
import type { Stay } from '../time/stays'
import { between, joined, leavesAtMin, without } from '../time/stays'
import type { ExposureJudgement } from '../exposure/judge-exposure'
import { judgeExposure, NOTHING_MEASURED } from '../exposure/judge-exposure'
import type { WorkPattern } from '../exposure/long-shift'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import type { DeedId } from '../ids/air-ids'
import type { ExposureRuleSetId } from '../ids/vocabulary'
import { EXPOSURE_RULE_SETS } from '../ids/vocabulary'
import type { AskedJob, AskedPlace } from './asked-place'
import { arcAsked, hallOfRoom } from './asked-place'

/** One stretch of a day, at one arc. */
export interface DayWork extends Stay {
  /** One of the places of the question. */
  readonly place: string
  readonly does: DeedId
  readonly job: AskedJob
}

export interface DayAsked {
  readonly places: Readonly<Record<string, AskedPlace>>
  readonly work: readonly DayWork[]
  /** Between the stretches and to the end of so many hours they stay in the hall where they worked last. */
  readonly shiftHours: number
  readonly daysAWeek: number
  readonly mask?: { readonly apf: number, readonly isSupplied: boolean, readonly wornShare: number }
  readonly ruleSets?: readonly ExposureRuleSetId[]
  readonly actionFraction: number
  readonly uncertainty?: { readonly draws: number, readonly seed: number }
}

export interface DayAnswer {
  readonly hours: number
  /** Null where something needed is missing; the findings name it. */
  readonly air: DayAir | null
  readonly judgement: ExposureJudgement | null
  readonly inside: {
    /** How many times less is breathed at work with the mask on as long as it is. */
    readonly factor: number
    readonly air: DrawnAir
    readonly judgement: ExposureJudgement
  } | null
  readonly findings: readonly Finding[]
}

/** The arc of a stretch of work, as a bay of its room; null where its fume cannot be said. */
function bayOf({ job, does, fromMin, toMin }: DayWork, place: AskedPlace, findings: Finding[]): HallBay | null {
  const arc = arcAsked(job, place, findings)
  if (!arc) return null
  const { arcMinPerH, emission, posture, ...taking } = arc
  // Who helps looks on from wherever there is room.
  const work: ArcWork = { fromMin, toMin, arcMinPerH, emission, posture: does === 'welds' ? posture : ANY_POSTURE }
  return { ...taking, work: [work] }
}

/** An idle spot in a room: somebody near an arc, who has none. */
const NEARBY: HallBay = { hood: null, capture: { low: 0, mid: 0, high: 0 }, work: [] }

/**
 * The day of one person: what they breathe at every arc they weld at, help at or work near, wherever that is, and in the halls between.
 * Halls start clean; only the arcs that are told of burn, each through its own stretch.
 * Source: as a bay of the shop; sums over the day run draw by draw.
 */
export function assessDay({ places, work, shiftHours, daysAWeek, mask, ruleSets, actionFraction, uncertainty }: DayAsked): DayAnswer {
  const draws = uncertainty ? drawSet(uncertainty.draws, uncertainty.seed) : JUDGED
  const findings: Finding[] = []
  if (!ruleSets) findings.push(finding('note', 'exposure.strictest-assumed', {}))
  const leaves = leavesAtMin(work, shiftHours)
  const hours = (leaves - Math.min(...work.map(({ fromMin }) => fromMin))) / 60
  const gaps = between(joined(work), leaves)

  const parts: PartOfAir[] = []
  let isKnown = true
  for (const [name, place] of Object.entries(places)) {
    const here = work.filter(stretch => stretch.place === name)
    if (here.length === 0) continue
    const { hall, findings: ofRoom } = hallOfRoom(place.room)
    findings.push(...ofRoom)
    const bays = here.map(stretch => bayOf(stretch, place, findings))
    if (bays.some(bay => bay === null)) {
      isKnown = false
      continue
    }
    const shift = hallShift(hall, [...bays as HallBay[], NEARBY], { shiftHours, draws, doubt: USUAL_DOUBT })
    const atArcs = here.filter(({ does }) => does !== 'near')
    // At an arc of their own, one that burns beside it is heard there.
    const near = here.filter(({ does }) => does === 'near').flatMap(stay => without(stay, atArcs))
    const visits = [
      ...here.map((stretch, spot) => ({ spot, work: stretch.does === 'near' ? [] : [stretch] })),
      { spot: here.length, work: near },
    ].filter(visit => visit.work.length > 0)
    // Each gap is spent where the stretch before it ended, once.
    let left = gaps.filter(({ fromMin }) => here.some(({ toMin }) => toMin === fromMin) && isLastAt(work, name, fromMin))
    for (const { spot, work: stays } of visits) {
      const besides = left.filter(({ fromMin }) => stays.some(({ toMin }) => toMin === fromMin))
      left = left.filter(gap => !besides.includes(gap))
      parts.push(shift.partAt(spot, undefined, { work: stays, besides }))
    }
  }
  if (!isKnown) return { hours, air: null, judgement: null, inside: null, findings: eachOnce(findings) }

  const air = dayAir(parts, draws)
  const pattern: WorkPattern = { hoursADay: hours, daysAWeek }
  const judge = (breathed: DrawnAir): ExposureJudgement =>
    judgeExposure(breathed, ruleSets ?? EXPOSURE_RULE_SETS, actionFraction, pattern, NOTHING_MEASURED)
  const judgement = judge(air)
  const worn = mask && air.inside(mask)
  return {
    hours,
    air,
    judgement,
    inside: worn ? { factor: 1 / leakOf(mask), air: worn, judgement: judge(worn) } : null,
    findings: [...eachOnce(findings), ...judgement.findings, finding('note', 'exposure.advises-only', {})],
  }
}

/** The same work twice a day says the same twice. */
const eachOnce = (findings: readonly Finding[]): readonly Finding[] =>
  [...new Map(findings.map(said => [JSON.stringify([said.severity, said.code, said.values]), said])).values()]

/** Of several places where a stretch ends at once, the gap after it is spent in the first. */
const isLastAt = (work: readonly DayWork[], place: string, atMin: number): boolean =>
  work.find(({ toMin }) => toMin === atMin)?.place === place
