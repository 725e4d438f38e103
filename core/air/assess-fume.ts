import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { drawSet } from '../chance/draw-set'
import type { DoubtId } from '../chance/draw-set'
import { driversOf } from '../chance/drivers'
import type { Driver } from '../chance/drivers'
import { postureOf, USUAL_DOUBT } from '../exposure/hall-doubt'
import { placeOf } from '../exposure/drawn-hall'
import { hallShift } from '../exposure/hall-shift'
import type { HallBay } from '../exposure/drawn-hall'
import type { BreathedBySubstance } from '../exposure/hall-shift'
import { USUAL_WORK } from '../exposure/long-shift'
import { CONCENTRATION, judgeExposure } from '../exposure/judge-exposure'
import { drawnEmission } from '../fume/drawn-emission'
import type { HallAir } from '../ventilation/hall'
import type { ExposureJudgement } from '../exposure/judge-exposure'
import { emissionOf, isDustKnown } from '../fume/emission'
import type { Emission, FumeQuestion } from '../fume/emission'
import type { Range } from '../range'
import type { AskedPlace } from './asked-place'
import { hallOfRoom, takenAt } from './asked-place'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import { EXPOSURE_RULE_SETS } from '../ids/vocabulary'

/** One arc in one room, asked from outside. */
export interface SingleArcQuestion extends AskedPlace {
  readonly job: FumeQuestion & { readonly arcMinPerH?: number, readonly hours?: number }
  readonly ruleSets?: readonly ExposureRuleSetId[]
  /** Draw everything that is not known so many times; left out: every input at its low end, middle and high end at once. */
  readonly uncertainty?: { readonly draws: number, readonly seed: number }
}

export interface SingleArcAnswer {
  readonly emission: Emission
  readonly breathed: BreathedBySubstance | null
  /** The near field was given, and not assumed. */
  readonly hasNearField: boolean
  readonly judgement: ExposureJudgement | null
  /** Null where nobody asked for draws, or nothing can be said. */
  readonly drawn: DrawnArc | null
  readonly findings: readonly Finding[]
}

/** The same with everything that is not known drawn: percentiles, and what the doubt of the hardest limit comes from. */
export interface DrawnArc {
  readonly made: Readonly<Partial<Record<SubstanceId, Range>>>
  readonly breathed: BreathedBySubstance
  readonly drivers: readonly Driver<DoubtId>[]
}

interface ArcToDraw {
  readonly job: FumeQuestion
  readonly hall: HallAir
  readonly bay: HallBay
  readonly inDraught: readonly [Range, Range, Range]
  readonly hours: number
  readonly judgement: ExposureJudgement
}

function drawArc({ job, hall, bay, inDraught, hours, judgement }: ArcToDraw, { draws, seed }: { draws: number, seed: number }): DrawnArc {
  const set = drawSet(draws, seed)
  const posture = postureOf(job)
  const [captureInCalm, capture, captureInDraught] = inDraught
  const work = bay.work.map(stretch => ({ ...stretch, posture }))
  const drawn = { ...bay, capture, captureInCalm, captureInDraught, work }
  const shift = hallShift(hall, [drawn], { shiftHours: hours, draws: set, doubt: USUAL_DOUBT })
  const worst = judgement.worst?.limit
  const hardest = worst && shift.drawnAt(0)[worst.substance]![CONCENTRATION[worst.kind]]
  const { emission } = bay.work[0]!
  return {
    made: Object.fromEntries(
      Object.entries(emission).map(([id, parts]) => [id, set.spread(drawnEmission(parts, placeOf(0), set))]),
    ),
    breathed: shift.at(0),
    drivers: hardest ? driversOf(hardest, set.causes(), ({ doubt }) => doubt) : [],
  }
}

/**
 * What one arc in one room comes to: the same functions as a bay of a hall, with one bay. Starts clean; no other exposure.
 *
 * @returns no concentrations where something needed is missing; the findings name it
 */
export function assessSingleArc({ job, room, capture, hood, ruleSets, uncertainty }: SingleArcQuestion): SingleArcAnswer {
  const emission = emissionOf(job)
  const findings: Finding[] = [...emission.findings]
  if (job.arcMinPerH === undefined) findings.push(finding('hold', 'fume.input-missing', { input: 'arcTime' }))
  if (job.hours === undefined) findings.push(finding('hold', 'fume.input-missing', { input: 'hours' }))
  if (!ruleSets) findings.push(finding('note', 'exposure.strictest-assumed', {}))
  const { hall, findings: ofRoom } = hallOfRoom(room)
  const { hood: drawing, isUnplaced, inDraught, findings: ofHood } = takenAt({ room, capture, hood }, job)
  findings.push(...ofRoom, ...ofHood)
  const inForce = ruleSets ?? EXPOSURE_RULE_SETS
  if (
    isUnplaced
    || !isDustKnown(emission)
    || job.arcMinPerH === undefined
    || job.hours === undefined
  ) {
    return { emission, breathed: null, hasNearField: room.nearField !== undefined, judgement: null, drawn: null, findings }
  }
  const bay: HallBay = {
    hood: drawing,
    capture: inDraught[1],
    work: [{
      fromMin: 0,
      toMin: job.hours * 60,
      arcMinPerH: job.arcMinPerH,
      emission: Object.fromEntries(Object.entries(emission.substances).map(([id, { parts }]) => [id, parts])),
    }],
  }
  const breathed = hallShift(hall, [bay], { shiftHours: job.hours }).at(0)
  const judgement = judgeExposure({ breathed }, inForce, 1, { hoursADay: job.hours, daysAWeek: USUAL_WORK.daysAWeek })
  return {
    emission,
    breathed,
    hasNearField: room.nearField !== undefined,
    judgement,
    drawn: uncertainty ? drawArc({ job, hall, bay, inDraught, hours: job.hours, judgement }, uncertainty) : null,
    findings: [...findings, ...judgement.findings, finding('note', 'exposure.advises-only', {})],
  }
}
