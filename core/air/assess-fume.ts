import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { hallShift } from '../exposure/hall-shift'
import type { BreathedBySubstance } from '../exposure/hall-shift'
import { judgeExposure } from '../exposure/judge-exposure'
import type { ExposureJudgement } from '../exposure/judge-exposure'
import { emissionOf } from '../fume/emission'
import type { Emission, FumeQuestion } from '../fume/emission'
import type { Range } from '../range'
import { exactly, NOTHING } from '../range'
import { captureEfficiency } from '../ventilation/capture'
import { SOURCES } from '../source/sources'
import { captureWindow } from '../ventilation/capture-window'
import type { Hood } from '../ventilation/hood'
import type { ExposureRuleSetId } from '../ids/vocabulary'
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
}

export interface SingleArcAnswer {
  readonly emission: Emission
  readonly breathed: BreathedBySubstance | null
  /** The near field was given, and not assumed. */
  readonly hasNearField: boolean
  readonly judgement: ExposureJudgement | null
  readonly findings: readonly Finding[]
}

/** The tightest near field and the stillest air that are usual round a welder: taken where nobody said. Source: `twoZone`, `stillAir`. */
export const STRICTEST_NEAR_FIELD = { radiusM: 0.3, airSpeedMPerS: 0.06 } as const

/**
 * What one arc in one room comes to: the same functions as a bay of a hall, with one bay. Starts clean; no other exposure.
 *
 * @returns no concentrations where something needed is missing; the findings name it
 */
export function assessSingleArc({ job, room, capture, hood, ruleSets }: SingleArcQuestion): SingleArcAnswer {
  const emission = emissionOf(job)
  const findings: Finding[] = [...emission.findings]
  if (job.arcMinPerH === undefined) findings.push(finding('hold', 'fume.input-missing', { input: 'arcTime' }))
  if (job.hours === undefined) findings.push(finding('hold', 'fume.input-missing', { input: 'hours' }))
  if (!ruleSets) findings.push(finding('note', 'exposure.strictest-assumed', {}))
  const nearField = room.nearField ?? STRICTEST_NEAR_FIELD
  if (!room.nearField)
    findings.push(finding('caution', 'exposure.near-field-assumed', STRICTEST_NEAR_FIELD, [SOURCES.twoZone, SOURCES.stillAir]))
  let taken: Range = capture ? exactly(capture.efficiency) : NOTHING
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
    taken = captureEfficiency(question) ?? NOTHING
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
    return { emission, breathed: null, hasNearField: room.nearField !== undefined, judgement: null, findings }
  }
  const hall = {
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
  const work = {
    fromMin: 0,
    toMin: job.hours * 60,
    arcMinPerH: job.arcMinPerH,
    emission: Object.fromEntries(Object.entries(emission.substances).map(([id, { parts }]) => [id, parts])),
  }
  const breathed = hallShift(
    hall,
    [{ hood: hood ? { flowM3PerS: hood.flowM3PerS, returnsAir: false, filterEfficiency: 0 } : null, capture: taken, work: [work] }],
    { shiftHours: job.hours },
  ).at(0)
  const judgement = judgeExposure(breathed, inForce, 1, job.hours)
  return {
    emission,
    breathed,
    hasNearField: room.nearField !== undefined,
    judgement,
    findings: [...findings, ...judgement.findings, finding('note', 'exposure.advises-only', {})],
  }
}
