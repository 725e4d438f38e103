import { postureOf } from '../exposure/hall-doubt'
import type { ArcWork, HallBay } from '../exposure/drawn-hall'
import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { emissionOf, isFumeKnown, partsMade } from '../fume/emission'
import type { FumeQuestion } from '../fume/emission'
import type { Job } from '../job/job'
import type { ProcessId } from '../ids/vocabulary'
import type { Range } from '../range'
import { exactly, NOTHING } from '../range'
import { captureWindow } from '../ventilation/capture-window'
import type { HallAir } from '../ventilation/hall'
import type { Hood } from '../ventilation/hood'
import { captureInDraughts } from './capture-in-draughts'

/** A room that is asked about from outside, with what draws at the arc. */
export interface AskedPlace {
  readonly room: {
    readonly volumeM3: number
    readonly supplyM3PerS: number
    readonly nearField?: { readonly radiusM: number, readonly airSpeedMPerS: number }
  }
  readonly capture?: { readonly efficiency: number }
  readonly hood?: Hood & { readonly distanceM?: number, readonly crossDraughtMPerS?: number }
}

/** The tightest near field and the stillest air that are usual round a welder: taken where nobody said. Source: `twoZone`, `stillAir`. */
export const STRICTEST_NEAR_FIELD = { radiusM: 0.3, airSpeedMPerS: 0.06 } as const

/** The room as a hall with clean air blown in, and what was taken of it because nobody said. */
export function hallOfRoom({ volumeM3, supplyM3PerS, nearField }: AskedPlace['room']): {
  readonly hall: HallAir
  readonly findings: readonly Finding[]
} {
  const { radiusM, airSpeedMPerS } = nearField ?? STRICTEST_NEAR_FIELD
  return {
    hall: {
      isOpenAir: false,
      volumeM3,
      ceilingM: 5,
      supplyM3PerS,
      outdoorShare: 1,
      filterEfficiency: 0,
      backgroundMgPerM3: 0,
      nearFieldRadiusM: radiusM,
      airSpeedMPerS,
    },
    findings: nearField
      ? []
      : [finding('caution', 'exposure.near-field-assumed', STRICTEST_NEAR_FIELD, ['twoZone', 'stillAir'])],
  }
}

/** The job of an arc that is asked about from outside. */
export type AskedJob = FumeQuestion & Pick<Job, 'head' | 'position' | 'confinement'> & { readonly arcMinPerH?: number }

/** An arc that is asked about, as a bay of its room burns it; null where its fume cannot be said. The findings say why. */
export function arcAsked(job: AskedJob, place: AskedPlace, findings: Finding[]):
  (Omit<HallBay, 'work'> & Omit<ArcWork, 'fromMin' | 'toMin'>) | null {
  const emission = emissionOf(job)
  const { hood, isUnplaced, inDraught: [captureInCalm, capture, captureInDraught], findings: ofHood } = takenAt(place, job)
  findings.push(...emission.findings, ...ofHood)
  if (job.arcMinPerH === undefined) findings.push(finding('hold', 'fume.input-missing', { input: 'arcTime' }))
  if (isUnplaced || job.arcMinPerH === undefined || !isFumeKnown(emission)) return null
  return {
    hood, capture, captureInCalm, captureInDraught, arcMinPerH: job.arcMinPerH, emission: partsMade(emission), posture: postureOf(job),
  }
}

/** What is taken at an arc in such a room, in the calmest, the told and the strongest draught. */
export function takenAt(
  { room, capture, hood }: AskedPlace,
  job: { readonly process: ProcessId, readonly currentA?: number },
): Pick<HallBay, 'hood'> & {
  /** A hood whose distance nobody said takes what nobody knows. */
  readonly isUnplaced: boolean
  readonly inDraught: readonly [Range, Range, Range]
  readonly findings: readonly Finding[]
} {
  const taken = capture ? exactly(capture.efficiency) : NOTHING
  const drawing = hood ? { flowM3PerS: hood.flowM3PerS, returnsAir: false, filterEfficiency: 0 } : null
  if (!hood) return { hood: drawing, isUnplaced: false, inDraught: [taken, taken, taken], findings: [] }
  if (hood.distanceM === undefined && hood.kind !== 'booth' && hood.kind !== 'gun') {
    const findings = [finding('hold', 'air.position-unknown', {}, ['captureVelocity', 'receiving'])]
    return { hood: drawing, isUnplaced: true, inDraught: [taken, taken, taken], findings }
  }
  const question = {
    hood,
    distanceM: hood.distanceM ?? 0,
    process: job.process,
    currentA: job.currentA,
    crossDraughtMPerS: hood.crossDraughtMPerS ?? (room.nearField ?? STRICTEST_NEAR_FIELD).airSpeedMPerS,
  }
  return { hood: drawing, isUnplaced: false, inDraught: captureInDraughts(question), findings: captureWindow(question).findings }
}
