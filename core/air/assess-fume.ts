import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { drawSet } from '../chance/draw-set'
import type { DoubtId } from '../chance/draw-set'
import { driversOf } from '../chance/drivers'
import type { Driver } from '../chance/drivers'
import { postureOf, USUAL_DOUBT } from '../exposure/hall-doubt'
import { hallShift, placeOf } from '../exposure/hall-shift'
import type { BreathedBySubstance, HallBay } from '../exposure/hall-shift'
import { USUAL_WORK } from '../exposure/long-shift'
import { CONCENTRATION, judgeExposure } from '../exposure/judge-exposure'
import { drawnEmission } from '../fume/drawn-emission'
import type { HallAir } from '../ventilation/hall'
import type { ExposureJudgement } from '../exposure/judge-exposure'
import { emissionOf } from '../fume/emission'
import type { Emission, FumeQuestion } from '../fume/emission'
import type { Range } from '../range'
import { exactly, NOTHING } from '../range'
import { captureInDraughts } from './capture-in-draughts'
import { SOURCES } from '../source/sources'
import { captureWindow } from '../ventilation/capture-window'
import type { Hood } from '../ventilation/hood'
import type { ExposureRuleSetId, SubstanceId } from '../ids/vocabulary'
import { EXPOSURE_RULE_SETS } from '../ids/vocabulary'

/** One arc in one room, asked from outside. */
export interface SingleArcQuestion {
  readonly job: FumeQuestion & { readonly arcMinPerH?: number, readonly hours?: number }
  readonly room: {
    readonly volumeM3: number
    readonly supplyM3PerS: number
    readonly nearField?: { readonly radiusM: number, readonly airSpeedMPerS: number }
  }
  readonly capture?: { readonly efficiency: number }
  readonly hood?: Hood & { readonly distanceM?: number, readonly crossDraughtMPerS?: number }
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

/** The tightest near field and the stillest air that are usual round a welder: taken where nobody said. Source: `twoZone`, `stillAir`. */
export const STRICTEST_NEAR_FIELD = { radiusM: 0.3, airSpeedMPerS: 0.06 } as const

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
  const nearField = room.nearField ?? STRICTEST_NEAR_FIELD
  if (!room.nearField)
    findings.push(finding('caution', 'exposure.near-field-assumed', STRICTEST_NEAR_FIELD, [SOURCES.twoZone, SOURCES.stillAir]))
  let taken: Range = capture ? exactly(capture.efficiency) : NOTHING
  let inDraught: readonly [Range, Range, Range] = [taken, taken, taken]
  const isUnplaced = hood !== undefined && hood.distanceM === undefined && hood.kind !== 'booth' && hood.kind !== 'gun'
  if (isUnplaced) findings.push(finding('hold', 'air.position-unknown', {}, [SOURCES.captureVelocity, SOURCES.receiving]))
  else if (hood) {
    const question = {
      hood,
      distanceM: hood.distanceM ?? 0,
      process: job.process,
      currentA: job.currentA,
      crossDraughtMPerS: hood.crossDraughtMPerS ?? nearField.airSpeedMPerS,
    }
    inDraught = captureInDraughts(question)
    taken = inDraught[1]
    findings.push(...captureWindow(question).findings)
  }
  const inForce = ruleSets ?? EXPOSURE_RULE_SETS
  if (
    isUnplaced
    || !emission.substances['total-fume']
    || emission.findings.some(({ severity }) => severity === 'hold')
    || job.arcMinPerH === undefined
    || job.hours === undefined
  ) {
    return { emission, breathed: null, hasNearField: room.nearField !== undefined, judgement: null, drawn: null, findings }
  }
  const hall: HallAir = {
    isOpenAir: false,
    volumeM3: room.volumeM3,
    ceilingM: 5,
    supplyM3PerS: room.supplyM3PerS,
    outdoorShare: 1,
    filterEfficiency: 0,
    backgroundMgPerM3: 0,
    nearFieldRadiusM: nearField.radiusM,
    airSpeedMPerS: nearField.airSpeedMPerS,
  }
  const bay: HallBay = {
    hood: hood ? { flowM3PerS: hood.flowM3PerS, returnsAir: false, filterEfficiency: 0 } : null,
    capture: taken,
    work: [{
      fromMin: 0,
      toMin: job.hours * 60,
      arcMinPerH: job.arcMinPerH,
      emission: Object.fromEntries(Object.entries(emission.substances).map(([id, { parts }]) => [id, parts])),
    }],
  }
  const breathed = hallShift(hall, [bay], { shiftHours: job.hours }).at(0)
  const judgement = judgeExposure(breathed, inForce, 1, { hoursADay: job.hours, daysAWeek: USUAL_WORK.daysAWeek })
  return {
    emission,
    breathed,
    hasNearField: room.nearField !== undefined,
    judgement,
    drawn: uncertainty ? drawArc({ job, hall, bay, inDraught, hours: job.hours, judgement }, uncertainty) : null,
    findings: [...findings, ...judgement.findings, finding('note', 'exposure.advises-only', {})],
  }
}
