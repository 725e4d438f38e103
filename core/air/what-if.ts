import type { Job } from '../job/job'
import type { ConsumableId, HeadId, ProcessId } from '../ids/vocabulary'
import type { BayAir, HoodPosition } from './bay-air'
import type { HallQuestion } from './hall-prediction'

/** One thing or several tried at a bay without changing it. */
export interface WhatIf {
  /** Coating taken off on each side, mm. */
  readonly strippedWidthMm?: number
  readonly process?: ProcessId
  readonly consumable?: ConsumableId
  readonly currentA?: number
  readonly arcMinPerH?: number
  readonly head?: HeadId
  readonly placement?: HoodPosition['placement']
  readonly distanceM?: number
  readonly flowM3PerS?: number
  readonly supplyM3PerS?: number
  readonly airSpeedMPerS?: number
  /** Share of the other bays' arc time that stays, 0 to 1. */
  readonly othersShare?: number
}

function tryJob(job: Job, { strippedWidthMm, process, consumable, currentA, arcMinPerH, head }: WhatIf): Job {
  const { currentRangeA, wireFeedMPerMin, transfer, waterTable, kerfWidthMm, ...rest } = job
  const isOtherArc = process !== undefined || consumable !== undefined || currentA !== undefined
  return {
    ...rest,
    // A known wire feed belongs to the process and current it was set with.
    ...wireFeedMPerMin !== undefined && process === undefined && currentA === undefined ? { wireFeedMPerMin } : {},
    ...currentRangeA && currentA === undefined ? { currentRangeA } : {},
    // How its metal crosses was seen at that current with that wire, and water and kerf are of that cut.
    ...transfer && !isOtherArc ? { transfer } : {},
    ...waterTable && process === undefined ? { waterTable } : {},
    ...kerfWidthMm !== undefined && process === undefined ? { kerfWidthMm } : {},
    ...strippedWidthMm !== undefined ? { coatingStripped: strippedWidthMm > 0, strippedWidthMm } : {},
    ...process ? { process } : {}, ...consumable ? { consumable } : {},
    ...currentA !== undefined ? { currentA } : {}, ...arcMinPerH !== undefined ? { arcMinPerH } : {},
    // What is tried counts as said.
    ...head ? { head, ...rest.assumed ? { assumed: rest.assumed.filter(field => field !== 'head') } : {} } : {},
  }
}

function tryBay(bay: BayAir, change: WhatIf): BayAir {
  const { placement, distanceM, flowM3PerS } = change
  const position = placement !== undefined || distanceM !== undefined
    ? { placement: placement ?? bay.position?.placement ?? 'beside', distanceM: distanceM ?? bay.position?.distanceM ?? 0.3 }
    : bay.position
  return {
    ...bay, position,
    job: bay.job && tryJob(bay.job, change),
    ...bay.extraction && flowM3PerS !== undefined ? { extraction: { ...bay.extraction, flowM3PerS }, isFlowTried: true } : {},
  }
}

const fewer = (bay: BayAir, share: number): BayAir =>
  bay.job?.arcMinPerH === undefined ? bay : { ...bay, job: { ...bay.job, arcMinPerH: bay.job.arcMinPerH * share } }

/** A hall with something tried at one of its bays. */
export function tryOut(question: HallQuestion, bayId: string, change: WhatIf): HallQuestion {
  const { supplyM3PerS, airSpeedMPerS, othersShare } = change
  return {
    ...question,
    hall: {
      ...question.hall,
      ...(supplyM3PerS !== undefined ? { supplyM3PerS } : {}),
      ...(airSpeedMPerS !== undefined ? { airSpeedMPerS } : {}),
    },
    bays: question.bays.map(bay =>
      bay.bayId === bayId ? tryBay(bay, change) : othersShare === undefined ? bay : fewer(bay, othersShare),
    ),
  }
}
