import type { Finding } from '../findings/finding'
import { finding } from '../findings/finding'
import { LEL_FORBIDS_AT_PERCENT, OXYGEN_LEAST_PERCENT, SENSOR_OXYGEN_PERCENT } from './gas-bounds'
import type { SourceId } from '../source/book'
import type { ProcessId } from '../ids/vocabulary'
import type { ContentsId, DangerPlaceId, SprinklerStateId, WorkpieceId } from '../ids/hotwork-ids'

export interface HotWorkPlace {
  /** Built or approved for hot work and looked at each day. */
  readonly designated: boolean
  /** Storey: 0 is the ground. */
  readonly level?: number
  readonly confined?: boolean
  /** Something that burns, or that heat is led to, behind a wall, ceiling or roof. */
  readonly otherSide?: boolean
  /** Levels that sparks reach through openings, gratings or over edges. */
  readonly openLevels?: number
  /** Parts of the circle that one watcher neither sees nor reaches within half a minute. */
  readonly hiddenParts?: number
  /** Bales, bulk sulphur, stacks ready to burn that cannot be moved or covered. */
  readonly bulkCombustibles?: boolean
  /** The wall, panel or floor that is worked on burns inside. */
  readonly combustiblePanel?: boolean
  readonly hardFloor?: boolean
}

export interface HotWorkJob {
  readonly process: ProcessId
  readonly currentA?: number
  readonly heightM?: number
  readonly workpiece?: WorkpieceId
  readonly contents?: ContentsId
  /** Emptied, cleaned until there is no doubt, isolated and vented. */
  readonly cleaned?: boolean
  /** Burning metal (magnesium, titanium swarf) is about. */
  readonly metalFire?: boolean
}

export interface HotWorkConditions {
  readonly sprinklers?: SprinklerStateId
  /** Flammable gas, % of its lower explosive limit. */
  readonly lelPercent?: number
  readonly oxygenPercent?: number
  readonly windMPerS?: number
}

/** Limits of a reading that a site chooses within the law. */
export interface GasLimits {
  /** Highest flammable gas at which work may go on, % of the lower explosive limit. */
  readonly lelLimitPercent: number
  readonly oxygenMaxPercent: number
}

/** May the flammable reading be believed, and are both readings within limits? A missing oxygen reading leaves the other worth nothing. */
export function judgeGas(
  { lelPercent, oxygenPercent }: Pick<HotWorkConditions, 'lelPercent' | 'oxygenPercent'>,
  { lelLimitPercent, oxygenMaxPercent }: GasLimits,
): readonly Finding[] {
  const found: Finding[] = []
  if (oxygenPercent !== undefined && oxygenPercent > oxygenMaxPercent)
    found.push(forbids('oxygen-rich', oxygenMaxPercent <= 22 ? ['usShipyardOxygen'] : ['usConfined']))
  if (oxygenPercent !== undefined && oxygenPercent < OXYGEN_LEAST_PERCENT)
    found.push(
      finding('hold', 'hotwork.oxygen-low', { oxygenPercent, atLeastPercent: OXYGEN_LEAST_PERCENT }, ['usConfined']),
    )
  if (lelPercent === undefined) return found
  // A high reading warns whatever the sensor lacks; only a low one cannot be believed.
  if (lelPercent >= LEL_FORBIDS_AT_PERCENT)
    found.push(forbids('explosive-atmosphere', ['usProhibited', 'usConfined']))
  else if (lelPercent > lelLimitPercent)
    found.push(finding('hold', 'hotwork.lel-over-limit', { lelPercent, limitPercent: lelLimitPercent }, ['strictGas']))
  if (oxygenPercent === undefined) found.push(finding('hold', 'hotwork.lel-without-oxygen', { lelPercent }, ['lelSensor']))
  else if (oxygenPercent < SENSOR_OXYGEN_PERCENT.min || oxygenPercent > SENSOR_OXYGEN_PERCENT.max)
    found.push(finding('hold', 'hotwork.lel-sensor-invalid', { oxygenPercent }, ['lelSensor']))
  return found
}

const forbids = (because: DangerPlaceId, sources: readonly SourceId[]): Finding =>
  finding('stop', 'hotwork.forbidden', { because }, sources)

/** Does this job open something that held, or may have held, what burns? Not said, it may. */
export const isVessel = ({ workpiece, contents }: HotWorkJob): boolean =>
  workpiece === undefined || workpiece === 'container' || ((workpiece === 'pipe' || workpiece === 'duct') && contents !== 'never-any')

/** Everything that makes a place forbidden as it stands, and what is not known about it. */
export function forbiddenBecause(
  place: HotWorkPlace,
  job: HotWorkJob,
  conditions: HotWorkConditions,
  limits: GasLimits,
): readonly Finding[] {
  const found: Finding[] = []
  if (conditions.sprinklers === 'impaired') found.push(forbids('sprinklers-impaired', ['usProhibited']))
  // What nobody said is worked on is asked for; whether it held something is asked once that is known.
  if (job.workpiece !== undefined && isVessel(job)) {
    // Contents nobody knows count as flammable, and cleaning what is not known leaves doubt.
    if (job.contents === undefined || job.contents === 'unknown') found.push(forbids('container-unknown', ['usContainers']))
    else if (job.contents !== 'never-any' && job.cleaned !== true)
      found.push(forbids('container-not-cleaned', ['usContainers']))
  }
  if (place.bulkCombustibles) found.push(forbids('bulk-combustibles', ['usProhibited']))
  if (place.combustiblePanel) found.push(forbids('combustible-panel', ['usHotWork']))
  return [...found, ...judgeGas(conditions, limits)]
}
